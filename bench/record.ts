import { Gazetteer } from '#standins/addressSearch/gazetteer.ts';
import { jsonLd } from '#core/markup';
import type { BusinessRecord } from '#core/record';
import { worldPlaces } from '#standins/addressSearch/world.ts';
import type { Figure } from './ratio.ts';

/** A branch of its own: no two share a telephone number, an address or a pin. */
const branch = (record: BusinessRecord, at: number): BusinessRecord => {
  const number = String(1000 + (at % 9000));
  return {
    ...record,
    telephone: `(360) 555-${number}`,
    mobile: `(360) 556-${number}`,
    messaging: `(360) 557-${number}`,
    faxNumber: `(360) 558-${number}`,
    address: { ...record.address, streetAddress: `${String(at)} Quay Street` },
    pin: { ...record.pin, latitude: `48.${String(50_000 + at)}` },
  };
};

/** JSON-LD of 10,000 branches with every fact set, on one core. */
export function benchBranches(record: BusinessRecord): readonly Figure[] {
  const BRANCHES = 10_000;
  const rounds = [0, 1, 2].map(() => {
    const begun = performance.now();
    for (let at = 0; at < BRANCHES; at += 1) jsonLd(branch(record, at));
    return performance.now() - begun;
  });
  return [
    {
      what: 'JSON-LD of 10,000 branches with every fact set',
      value: rounds.sort((a, b) => a - b)[1] ?? 0,
      unit: 'ms',
      target: 3000,
    },
  ];
}

const QUESTIONS = [
  's',
  'a',
  'st',
  'san',
  'portl',
  'new y',
  'paris, fr',
  '98',
  'springfield il',
  'zzz',
  'ber',
  'lon',
  'x',
  'mün',
  'V5K 0A1',
];

/** The slowest twentieth of questions to the whole gazetteer. */
export function benchSearch(): readonly Figure[] {
  const gazetteer = new Gazetteer(worldPlaces());
  const taken: number[] = [];
  for (let round = 0; round < 100; round += 1)
    for (const question of QUESTIONS) {
      const begun = performance.now();
      gazetteer.search(question, 10);
      taken.push(performance.now() - begun);
    }
  taken.sort((a, b) => a - b);
  return [
    {
      what: 'address search over the whole gazetteer, p95',
      value: taken[Math.floor(taken.length * 0.95)] ?? 0,
      unit: 'ms',
      target: 30,
    },
  ];
}
