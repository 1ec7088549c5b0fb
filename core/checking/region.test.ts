import { describe, expect, test } from '@jest/globals';
import { check } from './index.ts';

/** What is told of a region, and what is to be written: `sure` behind a mend that is certain. */
function told(country: string, code: string, region: string, town = 'Town'): string[] {
  const address = { addressRegion: region, postalCode: code, addressCountry: country, addressLocality: town };
  const json = {
    '@context': 'https://schema.org',
    '@type': 'Store',
    name: 'A',
    address: { '@type': 'PostalAddress', streetAddress: '1 Road', ...address },
  };
  return check(JSON.stringify(json)).findings.flatMap(({ code: found, mend }) =>
    found === 'value/region' ? [`${mend?.edits[0]?.text ?? 'none'}${mend?.certain ? ' sure' : ''}`] : [],
  );
}

describe('a region', () => {
  test.each([
    ['AU', '3220', 'Victoria, Australia', '"Victoria" sure'],
    ['BR', '80060-000', 'Paraná - PR', '"PR" sure'],
    ['BR', '80060-000', 'PR (Paraná)', '"PR" sure'],
    ['US', '59840', 'Montana, USA', '"Montana" sure'],
    ['US', '59840', 'Town, MT', '"MT" sure'],
    ['ES', '41010', 'ES', 'none'],
    ['JP', '060-0005', '札幌市', 'none'],
    ['JP', '100-0001', '千代田区', 'none'],
  ])('that holds more than itself, or less, is told: %s %s %s', (country, code, region, expected) => {
    expect(told(country, code, region)).toEqual([expected]);
  });

  test.each([
    ['IT', '39100', 'Trentino-Alto Adige/Südtirol'],
    ['DE', '79102', 'Baden-Württemberg'],
    ['CA', 'C1A 1A1', 'PE'],
    ['US', '19901', 'DE'],
    ['MX', '50000', 'MEX'],
    ['FR', '75001', 'Île-de-France'],
    ['JP', '600-8001', '京都府'],
    ['JP', '100-0001', '東京都'],
    ['JP', '060-0005', '北海道'],
    ['BR', '80060-000', 'Paraná'],
    ['IE', 'H91 X2Y3', 'Co. Galway'],
  ])('that is one is not: %s %s %s', (country, code, region) => {
    expect(told(country, code, region)).toEqual([]);
  });
});

test.each([
  ['BR', '', 'SP'],
  ['BR', '123', 'SP'],
  ['IT', '', 'MI'],
  ['IT', '2012', 'MI'],
  ['KR', '121-840', '서울특별시'],
  ['DE', '', 'Bayern'],
  ['DE', '7910', 'Baden-Württemberg'],
])('of %s beside the code “%s” is held against none: %s', (country, code, region) =>
  expect(told(country, code, region)).toEqual([]),
);

describe('the codes of further countries', () => {
  test.each([
    ['HR', '21000', 'Splitsko-dalmatinska županija', 'Grad Zagreb'],
    ['HR', '10000', 'Zagreb', 'Istra'],
    ['CZ', '602 00', 'Jihomoravský kraj', 'Hlavní město Praha'],
    ['SK', '040 01', 'Košický', 'Žilinský kraj'],
    ['HU', '4025', 'Hajdú-Bihar megye', 'Pest'],
    ['PT', '4000-123', 'Porto', 'Lisboa'],
    ['PT', '8000-138', 'Algarve', 'Porto'],
    ['BG', '4000', 'област Пловдив', 'Бургас'],
    ['GR', '546 24', 'Central Macedonia', 'Αττική'],
    ['RU', '620014', 'Свердловская обл.', 'Московская область'],
    ['NL', '1016 GV', 'NH', 'Limburg'],
    ['EG', '21500', 'الإسكندرية', 'القاهرة'],
    ['EC', '090313', 'Guayas', 'Pichincha'],
    ['PH', '1100', 'Metro Manila', 'Cebu'],
  ])('%s %s: of %s, and not of %s', (country, code, own, other) => {
    expect(told(country, code, own)).toEqual([]);
    expect(told(country, code, other)).toHaveLength(1);
  });

  test.each([
    ['PT', '4000-123', 'Norte'],
    ['CZ', '110 00', 'Praha 1'],
    ['NL', '1016 GV', 'Amsterdam'],
    ['GR', '546 24', 'Μακεδονία'],
    ['SK', '040 01', 'Východné Slovensko'],
  ])('say nothing against what is no region of theirs: %s %s %s', (country, code, region) =>
    expect(told(country, code, region)).toEqual([]),
  );

  test('name each region once, in the letters of the one that is told', () => {
    const address = { '@type': 'PostalAddress', streetAddress: 'A 1', addressLocality: 'B' };
    const said = (addressRegion: string, postalCode: string, addressCountry: string) =>
      check(
        JSON.stringify({
          '@context': 'https://schema.org',
          '@type': 'Store',
          name: 'A',
          address: { ...address, addressRegion, postalCode, addressCountry },
        }),
      ).findings.find(({ code }) => code === 'value/region')?.message;
    expect(said('Limburg', '9711 AB', 'NL')).toContain('is of Drenthe or Groningen or Friesland,');
    expect(said('Burgas', '4000', 'BG')).toContain('is of Plovdiv,');
    expect(said('Бургас', '4000', 'BG')).toContain('is of Пловдив,');
  });
});

describe('a town that is called as a region of the country', () => {
  const codes = (addressLocality: string, postalCode: string, addressCountry: string, addressRegion = '') =>
    check(
      JSON.stringify({
        '@context': 'https://schema.org',
        '@type': 'Store',
        name: 'A',
        address: {
          '@type': 'PostalAddress',
          streetAddress: 'A 1',
          ...{ addressLocality, postalCode, addressCountry },
          ...(addressRegion && { addressRegion }),
        },
      }),
    ).findings.flatMap(({ code }) => (code === 'value/postal-code-elsewhere' ? [code] : []));

  test('is held against the postal code', () => {
    expect(codes('Zagreb', '21000', 'HR')).toEqual(['value/postal-code-elsewhere']);
    expect(codes('Praha', '602 00', 'CZ')).toEqual(['value/postal-code-elsewhere']);
    expect(codes('Zagreb', '10000', 'HR')).toEqual([]);
  });

  test.each([
    ['Caldas', '055440', 'CO', 'Antioquia'],
    ['Washington', '20001', 'US', ''],
    ['Sesvete', '21000', 'HR', ''],
    ['Zagreb', '2100', 'HR', ''],
  ])('but not where a region is said, nor another town: %s %s %s %s', (town, code, country, region) =>
    expect(codes(town, code, country, region)).toEqual([]),
  );
});
