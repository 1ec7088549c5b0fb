import { expect, test } from '@jest/globals';
import { judgePriceRange, judgeRating, priceRangesFor } from './index.ts';

test('a price range follows from the average sale, in the sign of the country', () => {
  expect(priceRangesFor(35, 'US')).toEqual(['$$', '$20–70']);
  expect(priceRangesFor(250, 'GB')).toEqual(['££££', '£150–500']);
  expect(priceRangesFor(4, 'DE')).toEqual(['€', '€2–8']);
  expect(priceRangesFor(35, 'US', 'rooms')?.[0]).toBe('$');
  expect(priceRangesFor(70, 'US', 'meals')?.[0]).toBe('$$$$');
  expect(priceRangesFor(4000, 'JP')?.[0]).toBe('¥¥');
  for (const nothing of [0, -1, NaN, Infinity]) expect(priceRangesFor(nothing, 'US')).toBeUndefined();
});

test('a rating lies on its scale and has a count', () => {
  const codes = (ratingValue: string, count: string, bestRating = '', worstRating = ''): number =>
    judgeRating({ ratingValue, count, bestRating, worstRating }, true).length;
  expect([codes('4.7', '31'), codes('4,7', '31'), codes('', ''), codes('9', '3', '10')]).toEqual([
    0, 0, 0, 0,
  ]);
  expect([codes('6', '3'), codes('4', ''), codes('4', '0'), codes('good', '3'), codes('0', '3')]).toEqual([
    1, 1, 1, 1, 1,
  ]);
});

test('three capitals are a currency only where ISO 4217 has them', () => {
  for (const right of ['CHF', 'kr', 'kr kr', 'chf 10–20']) expect(judgePriceRange(right)).toEqual([]);
  expect(judgePriceRange('chf').map(({ code }) => code)).toEqual(['value/price-range']);
  expect(judgePriceRange('ABC').map(({ code }) => code)).toEqual(['value/price-range']);
});

test('what to write is in the money of the country', () => {
  const write = (country: string): string => judgePriceRange('cheap', country)[0]?.message ?? '';
  expect(write('')).toMatch(/Write \$\$ or \$20–80\.$/);
  expect(write('SK')).toMatch(/Write €€ or €20–80\.$/);
  expect(write('GB')).toMatch(/Write ££ or £20–80\.$/);
  expect(write('JP')).toMatch(/Write ¥¥ or ¥3000–10000\.$/);
});

test('a range goes from less to more, in one currency', () => {
  for (const right of ['$10-$40', '10–40 €', '€8-€1,200', '$9.50-$10', '£5 to £20', '$10-40'])
    expect([right, judgePriceRange(right)]).toEqual([right, []]);
  const said = (text: string): string => judgePriceRange(text)[0]?.message ?? '';
  expect(said('$50-$10')).toMatch(/goes from more to less/);
  expect(said('1.200 – 80')).toMatch(/goes from more to less/);
  expect(said('$10-€20')).toMatch(/is in two currencies/);
});
