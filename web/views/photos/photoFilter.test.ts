import { describe, expect, test } from '@jest/globals';
import { carriedSchema, type Photo } from '#contract';
import { firstStamp, stampSchema } from '#core/photo';
import { larkspur } from '#sample';
import { FILTERS, shownPhotos, SORTS, type Filter, type Sort } from './photoFilter.ts';
import { plannedIn } from './planned.ts';
import { photo } from './samplePhoto.ts';
import { spread, subjectsOf } from './SubjectBar.tsx';

const texts = { title: '', caption: '', keywords: [], town: '', comment: '' };
const carried = (latitude: number | null, taken = ''): Photo['carried'] =>
  carriedSchema.parse({
    latitude,
    longitude: latitude === null ? null : -122.6,
    exif: texts,
    iptc: texts,
    xmp: { ...texts, alt: '' },
    camera: '',
    taken,
    width: 1,
    height: 1,
  });
const pin = { latitude: 48.5, longitude: -122.6 };
const use = {
  id: 1,
  kind: 'page',
  address: 'https://a.example/',
  date: '2026-01-01',
  fetched: null,
} as const;
const photos = [
  photo(1, { name: 'b10.jpg', carried: carried(48.5), state: 'stamped', uses: [use] }),
  photo(2, { name: 'a.jpg', carried: carried(null, '2026:05:02 10:00:00'), own: { subject: 'Ward' } }),
  photo(3, { name: 'b9.jpg', carried: carried(48.6, '2026:05:01 10:00:00'), state: 'out-of-date' }),
  photo(4, { state: 'failed', twin: 'a.jpg', own: { subject: 'Door' } }),
];
const ids = (filter: Filter, sort: Sort = 'added'): readonly number[] =>
  shownPhotos(photos, filter, sort, pin).map(({ id }) => id);

describe('photos', () => {
  test('are filtered by how far they came, by their words and by where they were taken', () => {
    const shown: Readonly<Record<Filter, readonly number[]>> = {
      all: [1, 2, 3, 4],
      bare: [2],
      stamped: [1],
      stale: [3],
      failed: [4],
      wordless: [1, 3],
      placeless: [2, 4],
      far: [3],
      twins: [4],
      unused: [2, 3, 4],
    };
    for (const filter of Object.keys(FILTERS) as Filter[])
      expect([filter, ids(filter)]).toEqual([filter, shown[filter]]);
  });

  test('are sorted, and what says nothing stands last', () => {
    const sorted: Readonly<Record<Sort, readonly number[]>> = {
      added: [1, 2, 3, 4],
      name: [4, 2, 3, 1],
      taken: [3, 2, 1, 4],
      subject: [4, 2, 1, 3],
      state: [4, 3, 2, 1],
      away: [3, 1, 2, 4],
    };
    for (const sort of Object.keys(SORTS) as Sort[])
      expect([sort, ids('all', sort)]).toEqual([sort, sorted[sort]]);
  });

  test('far from nowhere is none of them', () => {
    expect(shownPhotos(photos, 'far', 'away', undefined)).toEqual([]);
  });
});

describe('what is planned', () => {
  test('differs from what photos that are not meant were given already', () => {
    const stamped = {
      name: 'port-ellery.jpg',
      title: 'Port Ellery',
      caption: '',
      keywords: [],
      alt: '',
      remarks: [],
      sidecar: false,
    };
    const two = [photo(1, { stamped }), photo(2)];
    const stamp = stampSchema.parse({ wordings: { title: '{town}', fileName: '{town}' } });
    const planned = plannedIn(two, (id) => id === 2, larkspur, stamp);
    expect([...planned.keys()]).toEqual([2]);
    expect(planned.get(2)).toMatchObject({
      name: 'port-ellery-2.jpg',
      number: 2,
      fields: { title: 'Port Ellery 2' },
    });
  });
});

describe('subjects', () => {
  test('are spread in even stretches', () => {
    const five = [1, 2, 3, 4, 5].map((id) => photo(id));
    expect(spread(['a', 'b'], five).map(({ own }) => own.subject)).toEqual(['a', 'a', 'a', 'b', 'b']);
    expect(spread(['a', 'b', 'c'], five.slice(0, 2)).map(({ own }) => own.subject)).toEqual(['a', 'b']);
    expect(spread([], five)).toEqual([]);
  });

  test('are offered once each: those in use, then what the record says', () => {
    const said = subjectsOf(
      photos,
      { ...larkspur, makesOffer: [] },
      { ...firstStamp, lists: { service: ['Ward', 'X-ray'] } },
    );
    expect(said.slice(0, 3)).toEqual(['Ward', 'Door', 'X-ray']);
  });
});
