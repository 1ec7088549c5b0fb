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
