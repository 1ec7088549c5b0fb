/** What stands in a part of an address besides: in the town, in the street, and pins that lie elsewhere in the country. */
import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '#core/text';
import { townsFor } from '#core/towns';
import { check } from './index.ts';

const shop = (address: object, more: object = {}): string =>
  JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Store',
    name: 'Larch Café',
    address: { '@type': 'PostalAddress', streetAddress: '12 Row', ...address },
    ...more,
  });
const towns = await townsFor('latitude');
const found = (source: string, code: RegExp) =>
  check(source, towns ? { towns } : {}).findings.filter((one) => code.test(one.code));
/** The address once the mend is done; undefined where there is none. */
const mended = (source: string, code: RegExp): Readonly<Record<string, string>> | undefined => {
  const [first] = found(source, code);
  if (!first?.mend) return undefined;
  const { address } = JSON.parse(applyEdits(source, [...first.mend.edits])) as {
    address: Record<string, string>;
  };
  return address;
};

describe('a town with more in its text', () => {
  test.each([
    ['IS', '101 Reykjavík', 'Reykjavík', '101'],
    ['LV', 'LV-1050 Rīga', 'Rīga', 'LV-1050'],
    ['LV', 'Rīga, LV-1050', 'Rīga', 'LV-1050'],
    ['LU', 'L-1661 Luxembourg', 'Luxembourg', '1661'],
    ['DE', 'D-01069 Dresden', 'Dresden', '01069'],
    ['CH', 'CH-8001 Zürich', 'Zürich', '8001'],
    ['PL', '00-373 Warszawa', 'Warszawa', '00-373'],
    ['GB', 'Truro TR1 2QQ', 'Truro', 'TR1 2QQ'],
    ['IE', 'Dublin 2 D02 X289', 'Dublin 2', 'D02 X289'],
    ['CL', '8330000 Santiago', 'Santiago', '8330000'],
    ['MX', '06000 Ciudad de México', 'Ciudad de México', '06000'],
    ['TW', '100 中正區', '中正區', '100'],
    ['IN', 'Mumbai - 400020', 'Mumbai', '400020'],
    ['IN', 'Pune-411001', 'Pune', '411001'],
    ['FR', 'Paris (75001)', 'Paris', '75001'],
  ])('%s: %s', (addressCountry, addressLocality, town, postalCode) => {
    const alone = shop({ addressLocality, addressCountry });
    expect(mended(alone, /^value\/town$/)).toMatchObject({ addressLocality: town, postalCode });
    const missed = found(alone, /^value\/address-part$/).filter(({ property }) => property === 'postalCode');
    expect(missed).toEqual([]);
    // The same code by itself beside it goes from the town alone.
    const twice = shop({ addressLocality, addressCountry, postalCode });
    expect(mended(twice, /^value\/town$/)).toMatchObject({ addressLocality: town, postalCode });
    expect(found(twice, /^value\/town$/)[0]?.mend?.certain).toBe(true);
  });

  test.each([
    ['EE', 'Tallinn, Eesti', 'Tallinn'],
    ['EE', 'Tallinn (Eesti)', 'Tallinn'],
    ['GE', 'თბილისი, საქართველო', 'თბილისი'],
    ['GB', 'London, England', 'London'],
    ['FR', 'Paris, FR', 'Paris'],
    ['CA', 'Toronto (CA)', 'Toronto'],
    ['AE', 'Dubai - United Arab Emirates', 'Dubai'],
  ])('%s: the country in %s', (addressCountry, addressLocality, town) => {
    const [first] = found(shop({ addressLocality, addressCountry }), /^value\/town$/);
    expect(first?.message).toContain(`holds the country as well. Write the town alone: ${town}.`);
  });

  test('its own code and region are known wherever they stand, and without a country', () => {
    const own = (addressLocality: string, more: object = {}): unknown =>
      mended(shop({ addressLocality, postalCode: '12043', ...more }), /^value\/town$/);
    expect(own('Berlin 12043')).toMatchObject({ addressLocality: 'Berlin', postalCode: '12043' });
    expect(own('Neukölln (12043), Berlin', { addressRegion: 'Berlin', addressCountry: 'DE' })).toMatchObject({
      addressLocality: 'Neukölln',
    });
    expect(own('Potsdam, Babelsberg')).toBeUndefined();
  });

  test('what is not told as standing there is told as missing', () => {
    const india = shop({
      addressLocality: 'Bengaluru, Karnataka',
      postalCode: '560038',
      addressCountry: 'IN',
    });
    const told = found(india, /^value\/(?:town|address-part)$/).map(({ code, property }) => [code, property]);
    expect(told).toEqual([['value/address-part', 'addressRegion']]);
  });

  test('a country that the address does not give is kept', () =>
    expect(mended(shop({ addressLocality: 'Cairo, Egypt' }), /^value\/town$/)).toMatchObject({
      addressLocality: 'Cairo',
      addressCountry: 'EG',
    }));

  test('a region of the country, and another code than its own', () => {
    const us = shop({ addressLocality: 'Springfield IL 62701', addressCountry: 'US' });
    expect(mended(us, /^value\/town$/)).toMatchObject({
      addressLocality: 'Springfield',
      addressRegion: 'IL',
      postalCode: '62701',
    });
    const [other] = found(
      shop({ addressLocality: 'Truro TR1 2QQ', postalCode: 'TR1 2AB', addressCountry: 'GB' }),
      /^value\/town$/,
    );
    expect(other?.message).toContain('holds another postal code');
    expect(other?.mend?.certain).toBe(false);
  });

  test.each([
    ['IE', 'Dublin 2'],
    ['CZ', 'Praha 5 - Smíchov'],
    ['FR', 'Paris 8e'],
    ['DE', 'Halle (Saale)'],
    ['AT', 'Wien, Innere Stadt'],
    ['SE', 'Gamla stan, Stockholm'],
    ['GB', 'Stratford-upon-Avon'],
    ['MX', 'Ciudad de México'],
    ['LU', 'Luxembourg'],
    ['SG', 'Singapore'],
    ['FR', 'Paris, SE'],
    ['AE', 'Dubai Marina, Dubai'],
  ])('%s: nothing more stands in %s', (addressCountry, addressLocality) =>
    expect(found(shop({ addressLocality, addressCountry }), /^value\/town$/)).toEqual([]),
  );
});

describe('a street with more in its text', () => {
  test.each([
    ['GB', '12 Boscawen Street, 01872 271234'],
    ['TW', '忠孝西路一段12號, (02) 2311-1234'],
    ['AR', 'Av. Corrientes 1200 | 011 4322-1234'],
  ])('%s: the telephone in %s', (addressCountry, streetAddress) =>
    expect(found(shop({ streetAddress, addressCountry }), /^value\/street$/)[0]?.message).toContain(
      'holds a telephone number',
    ),
  );
  test.each([
    ['BR', 'Av. Paulista, 1200'],
    ['CO', 'Carrera 7 # 24-12, 601'],
    ['IN', 'Plot 12, 1-2-3'],
  ])('%s: no number is dialled in %s', (addressCountry, streetAddress) =>
    expect(found(shop({ streetAddress, addressCountry }), /^value\/street$/)).toEqual([]),
  );

  test('the name of the business before a street goes, and that of its house alone stays', () => {
    const at = (streetAddress: string): string => shop({ streetAddress, addressCountry: 'GB' });
    expect(mended(at('Larch Café, 12 Row'), /^value\/street$/)?.['streetAddress']).toBe('12 Row');
    expect(found(at('Larch Café, Mill Lane'), /^value\/street$/)).toEqual([]);
    expect(found(at('Elm House, 12 Row'), /^value\/street$/)).toEqual([]);
  });
});

describe('a pin elsewhere in its country', () => {
  const pin = (addressLocality: string, addressCountry: string, latitude: number, longitude: number) =>
    found(
      shop({ addressLocality, addressCountry }, { geo: { '@type': 'GeoCoordinates', latitude, longitude } }),
      /^value\/coordinate/,
    ).map(({ code, mend }) => [code, ...(mend?.edits ?? []).map(({ text }) => text)]);

  test.each([
    ['Nairobi', 'KE', 1.28412, 36.82212, 'value/coordinates-sign', ['-1.28412']],
    ['Bordeaux', 'FR', 44.83781, 0.57921, 'value/coordinates-sign', ['-0.57921']],
    ['Cairo', 'EG', 31.23571, 30.04442, 'value/coordinates-swapped', ['30.04442', '31.23571']],
    ['Nantes', 'FR', 44.83781, 4.57921, 'value/coordinates-far', []],
  ])('%s (%s) at %d, %d', (town, country, latitude, longitude, code, edits) => {
    expect(pin(town, country, latitude, longitude)).toEqual([[code, ...edits]]);
  });

  test('all the decimals that programs write are read', () =>
    expect(pin('Lagos', 'NG', 6.4521230000000003, 3.3942170000000003)).toEqual([]));
});

test.each([
  ['the business itself', { author: { '@type': 'Person', name: 'Larch café' } }, 'guideline/review-author'],
  ['nobody', {}, 'guideline/review-author'],
  ['somebody', { author: { '@type': 'Person', name: 'Ann Lee' } }, undefined],
])('a review by %s', (_, by, code) => {
  const rated = { reviewRating: { '@type': 'Rating', ratingValue: '5' } };
  const review = (more: object): string =>
    shop(
      { addressLocality: 'Truro', addressCountry: 'GB' },
      { review: { '@type': 'Review', reviewBody: 'Kind.', ...by, ...more } },
    );
  expect(found(review(rated), /review/)[0]?.code).toBe(code);
  const isMissed = (source: string): boolean =>
    found(source, /worth-having/).some(({ property }) => property === 'reviewRating');
  expect([isMissed(review(rated)), isMissed(review({}))]).toEqual([false, true]);
});
