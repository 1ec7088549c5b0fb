import { expect, test } from '@jest/globals';
import { check } from './index.ts';

const shop = (address: string, country = '<meta itemprop="addressCountry" content="DE">'): string =>
  `<div itemscope itemtype="https://schema.org/Store"><b itemprop="name">Linde</b> <p ${address}><span itemprop="streetAddress">Am Bach 3</span>, <span itemprop="postalCode">51105</span> <span itemprop="addressLocality">Köln</span>${country}</p><span itemprop="telephone">0221 555 01 42</span></div>`;
const ADDRESS = 'itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"';
const wrong = (source: string) =>
  check(source).findings.filter(({ code, grade }) => grade !== 'note' && code !== 'guideline/recommended');

test.each([
  ['passed over', shop(ADDRESS, '<meta itemprop="addressCountry" value="DE">'), 'structure/content-ignored'],
  ['not given', shop(ADDRESS, ''), 'value/address-part'],
  ['without an item', shop('itemprop="address"'), 'structure/no-itemscope'],
  ['loose', shop('itemscope itemtype="https://schema.org/PostalAddress"'), 'structure/loose'],
])('an address that is %s is one finding, and none of the number beside it', (_, source, code) => {
  expect(wrong(source).map((one) => one.code)).toEqual([code]);
});

test('a country by its name tells that of a number all the same', () => {
  const found = wrong(shop(ADDRESS, '<meta itemprop="addressCountry" content="Deutschland">'));
  expect(found.map(({ code }) => code)).toEqual(['value/country', 'value/telephone-country']);
  expect(found[1]?.message).toContain('Write +49 221 5550142');
});

test('an address under location is told there, and mended by its name', () => {
  const source = shop(ADDRESS.replace('"address"', '"location"'));
  const [found, ...others] = wrong(source);
  expect([found?.code, others]).toEqual(['guideline/required', []]);
  const [edit] = found?.mend?.edits ?? [];
  expect(edit && source.slice(edit.start, edit.end)).toBe('location');
  expect(edit?.text).toBe('address');
});

test('what other types call a name is told with the name', () => {
  const title = (more: object) =>
    check(
      JSON.stringify({ '@context': 'https://schema.org', '@type': 'Store', title: 'Linde', ...more }),
    ).findings.find(({ code }) => code === 'vocabulary/not-of-type');
  expect(title({})?.mend).toMatchObject({ certain: false, edits: [{ text: '"name"' }] });
  expect(title({ name: 'Linde' })?.mend).toBeNull();
});

test('itemprop within RDFa is told with its mend, and no second time', () => {
  const source =
    '<div vocab="https://schema.org/" typeof="Store"><b itemprop="name">Linde</b><i property="telephone">+49 221 5550142</i></div>';
  const found = wrong(source).filter(({ code }) => code.startsWith('structure/'));
  expect(found).toMatchObject([
    { code: 'structure/misspelt', property: 'name', mend: { certain: true, edits: [{ text: 'property' }] } },
  ]);
  // Without schema.org's vocabulary around it is a property of no item, as before.
  expect(wrong(source.replace('schema.org', 'other.example')).map(({ code }) => code)).toContain(
    'structure/itemprop-outside',
  );
});

test('the end of a scale is a number', () => {
  const rating = { '@type': 'AggregateRating', ratingValue: 4.6, reviewCount: 87, bestRating: 'fünf' };
  const source = JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Store',
    aggregateRating: rating,
  });
  const found = wrong(source).filter(({ property }) => /Rating$|^ratingValue$/.test(property ?? ''));
  expect(found).toMatchObject([{ code: 'value/number', property: 'bestRating' }]);
});
