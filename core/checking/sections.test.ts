/** Several businesses on one page, each held against its own part of it, and one business that is several. */
import { describe, expect, test } from '@jest/globals';
import { check } from './index.ts';

interface Branch {
  readonly name: string;
  readonly street: string;
  readonly telephone: string;
  readonly closes: string;
}
const TOWNS = ['Truro', 'Falmouth', 'Redruth'];
const BRANCHES: readonly Branch[] = TOWNS.map((town, at) => ({
  name: `Larch ${town}`,
  street: `${String(12 + at * 7)} Row of ${town}`,
  telephone: `+44 1632 96012${String(at)}`,
  closes: ['17:00', '18:00', '19:00'][at] ?? '',
}));
const item = ({ name, street, telephone, closes }: Branch, at: number): object => ({
  '@type': 'Store',
  '@id': `https://larch.example/${String(at)}#shop`,
  name,
  telephone,
  address: {
    '@type': 'PostalAddress',
    streetAddress: street,
    addressLocality: TOWNS[at],
    addressCountry: 'GB',
  },
  openingHoursSpecification: {
    '@type': 'OpeningHoursSpecification',
    dayOfWeek: ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'],
    opens: '09:00',
    closes,
  },
});
type Line = (branch: Branch) => string;
const below: Line = ({ name, street, telephone, closes }) =>
  `<h2>${name}</h2><p>${street}</p><p>${telephone.replace('+44 1632 ', '01632 ')}</p><p>Mon–Fri 09:00–${closes}</p>`;
const above: Line = ({ name, street, telephone, closes }) =>
  `<h2>${name}</h2><p>${telephone.replace('+44 1632 ', '01632 ')}</p><p>Mon–Fri 09:00–${closes}</p><p>${street}</p>`;
/** The properties that the branches' own parts of the page contradict, with the lines of what visitors see. */
const told = (said: readonly Branch[], line: Line): readonly string[] => {
  const markup = JSON.stringify({ '@context': 'https://schema.org', '@graph': said.map(item) });
  const page = `<script type="application/ld+json">${markup}</script>\n${BRANCHES.map(line).join('\n')}`;
  return check(`<!doctype html><html lang="en"><body>${page}</body></html>`).findings.flatMap(
    ({ code, property, related }) =>
      code === 'agreement/visitor' ? [`${property ?? ''} ${String(related[0]?.place.line)}`] : [],
  );
};
const changed = (changes: Readonly<Record<number, Partial<Branch>>>): readonly Branch[] =>
  BRANCHES.map((branch, at) => ({ ...branch, ...changes[at] }));
const numberOf = (at: number): string => BRANCHES[at]?.telephone ?? '';

describe('branches one below the other', () => {
  test('as they are told contradict nothing', () =>
    expect([told(BRANCHES, below), told(BRANCHES, above)]).toEqual([[], []]));

  test('with numbers exchanged are told, each where its own number stands', () =>
    expect(told(changed({ 0: { telephone: numberOf(1) }, 1: { telephone: numberOf(0) } }), below)).toEqual([
      'telephone 2',
      'telephone 3',
    ]));

  test('with the hours of another are told', () =>
    expect(told(changed({ 2: { closes: '17:00' } }), below)).toEqual(['openingHoursSpecification 4']));

  test('with numbers above the streets leave open which is whose', () =>
    expect(told(changed({ 0: { telephone: numberOf(1) }, 1: { telephone: numberOf(0) } }), above)).toEqual(
      [],
    ));

  test('with hours above the streets and the office’s below contradict nothing', () => {
    const last: Line = (branch) =>
      above(branch) + (branch === BRANCHES[2] ? '<p>Office: Mon–Fri 09:00–17:00</p>' : '');
    expect(told(BRANCHES, last)).toEqual([]);
  });

  test('whose numbers stand together are no sections', () => {
    const list = BRANCHES.map(({ name, street }) => `<h2>${name}</h2><p>${street}</p>`).join('');
    const numbers: Line = ({ telephone }) => `<p>${telephone}</p>`;
    const page: Line = (branch) => (branch === BRANCHES[0] ? list : '') + numbers(branch);
    expect(told(BRANCHES.toReversed(), page)).not.toContain('telephone 2');
  });
});

describe('one business', () => {
  const several = (more: object): readonly (string | null)[] =>
    check(
      JSON.stringify({ '@context': 'https://schema.org', '@type': 'Store', name: 'Larch', ...more }),
    ).findings.flatMap(({ code, property }) => (code === 'value/address-several' ? [property] : []));
  const address = (streetAddress: string, postalCode: string): object => ({
    '@type': 'PostalAddress',
    streetAddress,
    postalCode,
    addressCountry: 'JP',
  });
  const pin = (latitude: number, longitude: number): object => ({
    '@type': 'GeoCoordinates',
    latitude,
    longitude,
  });

  test.each([
    [
      'two addresses',
      { address: [address('1-2-3 Marunouchi', '100-0005'), address('4-5 Ginza', '104-0061')] },
      ['address'],
    ],
    [
      'one in two languages',
      { address: [address('1-2-3 Marunouchi', '100-0005'), address('丸の内１-2-3', '100-0005')] },
      [],
    ],
    ['pins far apart', { geo: [pin(35.68123, 139.76712), pin(34.70248, 135.49595)] }, ['geo']],
    ['pins of one door', { geo: [pin(35.68123, 139.76712), pin(35.68125, 139.7672)] }, []],
  ])('with %s', (_, more, properties) => expect(several(more)).toEqual(properties));

  test('that has branches may have several', () =>
    expect(
      check(
        JSON.stringify({
          '@context': 'https://schema.org',
          '@type': 'Organization',
          name: 'Larch',
          address: [address('1-2-3 Marunouchi', '100-0005'), address('4-5 Ginza', '104-0061')],
        }),
      ).findings.map(({ code }) => code),
    ).not.toContain('value/address-several'));
});

test.each([
  [['Ginepro', 'Bar Mela'], ['name']],
  [['Ginepro', 'ginepro'], []],
  [['Ginepro'], []],
  [['麺処 三条', 'Menya Sanjo'], []],
  [
    [
      { '@language': 'it', '@value': 'Bottega' },
      { '@language': 'de', '@value': 'Laden' },
    ],
    [],
  ],
  [
    [
      { '@language': 'it', '@value': 'Bottega' },
      { '@language': 'it', '@value': 'Negozio' },
    ],
    ['name'],
  ],
])('a business called %j has several names: %j', (name, told) => {
  const item = { '@context': 'https://schema.org', '@type': 'Store', name };
  const { findings } = check(`<script type="application/ld+json">${JSON.stringify(item)}</script>`);
  expect(
    findings.flatMap(({ code, property }) => (code === 'value/names-several' ? [property] : [])),
  ).toEqual(told);
});
