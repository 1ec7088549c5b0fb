import { describe, expect, test } from '@jest/globals';
import { check } from './check.ts';

const told = (item: Readonly<Record<string, unknown>>, today = '2026-11-26'): readonly string[] =>
  check(JSON.stringify({ '@context': 'https://schema.org', ...item }), { today }).findings.flatMap(
    ({ code, property }) =>
      /^value\/(?:date-order|date-modified|position|number|coordinates-shared)$/.test(code)
        ? [`${code} ${property ?? ''}`]
        : [],
  );
const list = (...positions: readonly unknown[]) => ({
  '@type': 'BreadcrumbList',
  itemListElement: positions.map((position) => ({
    '@type': 'ListItem',
    position,
    name: `Page ${String(position)}`,
  })),
});

describe('the positions of a list', () => {
  test.each([[[1]], [[1, 2, 3]], [['1', '2']], [[2, 1]]])('%j count its parts', (positions) =>
    expect(told(list(...positions))).toEqual([]),
  );
  test.each([[[0]], [[1, 1]], [['first']], [[-1]], [[1.5]]])('%j do not', (positions) =>
    expect(told(list(...positions))).toEqual(['value/position position']),
  );
});

describe('dates', () => {
  test.each([
    [
      { '@type': 'WebPage', datePublished: '2021-03-04T16:20:11+00:00', dateModified: '2019-08-14' },
      'dateModified',
    ],
    [{ '@type': 'Event', name: 'A', startDate: '2027-03-02', endDate: '2027-03-01' }, 'endDate'],
    [{ '@type': 'Review', datePublished: '2036-05-03' }, 'datePublished'],
    [{ '@type': 'Store', name: 'A', foundingDate: '2062-01-01' }, 'foundingDate'],
  ])('of %j are out of order', (item, property) =>
    expect(told(item)).toEqual([`value/date-order ${property}`]),
  );
  test('of what was written ahead are a note', () => {
    const post = { '@type': 'BlogPosting', datePublished: '2021-03-04', dateModified: '2021-02-27' };
    expect(told(post)).toEqual(['value/date-modified dateModified']);
  });
  test.each([
    [{ '@type': 'WebPage', datePublished: '2021-03-04', dateModified: '2021-03-04' }],
    // Somewhere it is tomorrow.
    [{ '@type': 'Review', datePublished: '2026-11-27' }],
    [{ '@type': 'Event', name: 'A', startDate: '2027-03-01T20:00', endDate: '2027-03-02T01:00' }],
    [{ '@type': 'Store', name: 'A', foundingDate: '1987' }],
  ])('of %j are in order', (item) => expect(told(item)).toEqual([]));
  test('are not told to be to come where nobody says what day it is', () =>
    expect(told({ '@type': 'Review', datePublished: '2036-05-03' }, '')).toEqual([]));
});

test.each([
  ['numberOfRooms', -12, 1],
  ['numberOfRooms', 12, 0],
  ['maximumAttendeeCapacity', '-1', 1],
])('%s of %s is counted', (property, value, faults) =>
  expect(told({ '@type': 'Hotel', name: 'A', [property]: value })).toHaveLength(faults),
);

describe('coordinates of several places', () => {
  const place = (postalCode: string, latitude: number) => ({
    '@type': 'BikeStore',
    name: `Bikes ${postalCode}`,
    address: { '@type': 'PostalAddress', streetAddress: '1 Row', postalCode, addressCountry: 'BE' },
    geo: { '@type': 'GeoCoordinates', latitude, longitude: 3.75612 },
  });
  const both = (...places: readonly object[]) => told({ '@graph': places });
  test('are the same only by a copy', () => {
    expect(both(place('9050', 51.03161), place('9300', 51.03161))).toEqual([
      'value/coordinates-shared latitude',
    ]);
    expect(both(place('9050', 51.03161), place('9300', 50.93912))).toEqual([]);
    // A place without an address may be the house of the other.
    const unaddressed = { ...place('9300', 51.03161), address: undefined };
    expect(both(place('9050', 51.03161), unaddressed)).toEqual([]);
    expect(both(unaddressed, place('9050', 51.03161))).toEqual([]);
  });
  test('are told by what the places are called, and without a name too', () => {
    const message = (...places: readonly object[]) =>
      check(JSON.stringify({ '@context': 'https://schema.org', '@graph': places })).findings.find(
        ({ code }) => code === 'value/coordinates-shared',
      )?.message;
    const [one, other] = [place('9050', 51.03161), place('9300', 51.03161)];
    expect(message(one, other)).toContain('Bikes 9300 has the coordinates of Bikes 9050');
    expect(message({ ...one, name: undefined }, { ...other, name: undefined })).toContain(
      'This place has the coordinates of another place',
    );
  });
  test('may be the same in one house', () => {
    expect(both(place('9050', 51.03161), place('9050', 51.03161))).toEqual([]);
  });
});

test('what is written wrong is not told to be unseen as well', () => {
  const source = `<title>A</title><script type="application/ld+json">${JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Store',
    name: 'Larch',
    address: { '@type': 'PostalAddress', streetAddress: '1 Row', postalCode: '7866O', addressCountry: 'US' },
  })}</script><h1>Larch</h1><p>1 Row, TX 78660</p>`;
  const codes = check(source).findings.flatMap(({ code, property }) =>
    property === 'postalCode' ? [code] : [],
  );
  expect(codes).toEqual(['value/postal-code']);
});

test('what another object of one @id says is not missing', () => {
  const address = {
    '@type': 'PostalAddress',
    streetAddress: '1 Row',
    addressLocality: 'Town',
    addressCountry: 'AU',
  };
  const node = { '@type': 'Store', '@id': 'https://larch.example/#shop' };
  const source = JSON.stringify({
    '@context': 'https://schema.org',
    '@graph': [
      { ...node, name: 'Larch', telephone: '+61 3 5550 0123', url: 'https://larch.example/' },
      { ...node, name: 'Larch & Sons', address },
    ],
  });
  const missing = check(source).findings.flatMap(({ code, property }) =>
    code.startsWith('guideline/re') && property ? [property] : [],
  );
  for (const property of ['address', 'telephone', 'url']) expect(missing).not.toContain(property);
  expect(missing).toContain('image');
});

describe('the page that a business names beside the canonical link', () => {
  const named = (url: string, canonical: string, more: readonly object[] = []): boolean => {
    const address = {
      '@type': 'PostalAddress',
      streetAddress: '1 Row',
      addressLocality: 'Boise',
      addressCountry: 'US',
    };
    const store = { '@type': 'Store', name: 'Larch', url, address };
    const source = `<title>x</title><link rel="canonical" href="${canonical}"><script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@graph': [store, ...more] })}</script><h1>Larch</h1><p>1 Row, Boise</p>`;
    return check(source).findings.some(({ code }) => code === 'agreement/canonical');
  };
  const site = 'https://larch.example';
  test.each([
    [`${site}/shops/bend/`, `${site}/shops/boise/`],
    [`${site}/shops/boise/`, `${site}/shops/bend`],
    [`${site}/kontakt`, `${site}/impressum`],
    // The site's home under its other name.
    ['https://www.larch.example/', `${site}/shops/boise/`],
    ['http://larch.example/', `${site}/shops/boise/`],
  ])('is not %s on %s', (url, canonical) => expect(named(url, canonical)).toBe(true));
  test.each([
    // The site's home, a page above or below it, the same in another language or with a query.
    [`${site}/`, `${site}/shops/boise/`],
    [`${site}/shops/`, `${site}/shops/boise/`],
    [`${site}/shops/boise/`, `${site}/shops/`],
    [`${site}/de/kontakt/`, `${site}/en/contact/`],
    [`${site}/shops/boise?from=map`, `${site}/shops/boise`],
    [`${site}/shops/boise/`, 'https://elsewhere.example/larch/'],
    ['https://larch.example/', 'https://shops.larch.example/boise/'],
  ])('may be %s on %s', (url, canonical) => expect(named(url, canonical)).toBe(false));
  test('is its own where the page shows several', () => {
    const other = { '@type': 'Store', name: 'Larch Nampa', url: `${site}/shops/nampa/` };
    expect(named(`${site}/shops/boise/`, `${site}/find/`, [other])).toBe(false);
  });
});
