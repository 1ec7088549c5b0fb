import { describe, expect, test } from '@jest/globals';
import { check } from './check.ts';

/** The messages about streets and towns of an address. */
const told = (address: Readonly<Record<string, string>>): readonly string[] =>
  check(
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Bakery',
      name: 'Pine Bakery',
      address: { '@type': 'PostalAddress', ...address },
    }),
    { today: '2026-12-01' },
  ).findings.flatMap(({ code, message }) =>
    code === 'value/street' || code === 'value/town' ? [message] : [],
  );

const seattle = {
  streetAddress: '12 Pine Street',
  addressLocality: 'Seattle',
  addressRegion: 'WA',
  postalCode: '98101',
  addressCountry: 'US',
};
const berlin = {
  streetAddress: 'Fichtenstr. 12',
  addressLocality: 'Berlin',
  postalCode: '10115',
  addressCountry: 'DE',
};

describe('what stands in a street besides or instead', () => {
  test.each([
    ['12 Pine Street 206-555-0142', 'holds a telephone number'],
    ['12 Pine Street (206) 555-0142', 'holds a telephone number'],
    ['47.6, -122.3', 'is a place on a map'],
    ['47.6097° N, 122.3331° W', 'is a place on a map'],
    ['84VVJM3C+8Q', 'is a place on a map'],
    ['https://maps.example/x', 'is an address of the web'],
    ['www.maps.example', 'is an address of the web'],
    ['desk@pine.example', 'is an email address'],
    ['12', 'is the number of a house without its street'],
    ['12 Pine Street, Germany', 'names Germany, where the address is in another country'],
    ['12 Pine Street, Mon-Fri 9-5', 'holds opening hours'],
    ['12 Pine Street, 12 Pine Street', 'says the same twice. Write it once: 12 Pine Street.'],
    ['12 Pine Street Seattle', 'holds the town as well'],
  ])('%s', (streetAddress, words) => {
    const [first = '', ...others] = told({ ...seattle, streetAddress });
    expect(first).toContain(words);
    expect(others).toEqual([]);
  });

  test('behind the number of other countries’ houses', () => {
    expect(told({ ...berlin, streetAddress: 'Fichtenstr. 12 Berlin' })).toEqual([
      expect.stringContaining('holds the town as well'),
    ]);
    expect(told({ ...berlin, streetAddress: 'Fichtenstr. 12 030 901820' })).toEqual([
      expect.stringContaining('holds a telephone number'),
    ]);
  });

  test.each([
    [{ ...seattle, streetAddress: '1200 Highway 101 North' }],
    [{ ...seattle, streetAddress: '12 Pine Street, Suite 200-210' }],
    [{ ...seattle, streetAddress: '700 Seattle Street' }],
    [{ ...seattle, streetAddress: '5 Old Court, Georgia Building' }],
    [{ ...berlin, streetAddress: 'Straße des 17. Juni 12-14' }],
    [{ ...berlin, streetAddress: '12' }],
    [{ addressCountry: 'FR', addressLocality: 'Lyon', postalCode: '69001', streetAddress: '12 rue de Lyon' }],
    [
      {
        addressCountry: 'AT',
        addressLocality: 'Am See',
        postalCode: '5360',
        streetAddress: 'Am See 12',
      },
    ],
    [{ addressCountry: 'JP', addressLocality: '港区', postalCode: '105-0001', streetAddress: '虎ノ門1-2-3' }],
  ])('nothing of %j', (address) => {
    expect(told(address)).toEqual([]);
  });
});

describe('what stands in a town’s place', () => {
  test.each([
    ['98101', '“98101” is a postal code, and no town.'],
    ['WA', '“WA” is the code of a region (Washington), and no town.'],
    ['USA', '“USA” is the country, and no town.'],
    ['United States', '“United States” is the country, and no town.'],
  ])('%s', (addressLocality, message) => {
    expect(told({ ...seattle, addressLocality })).toEqual([message]);
  });

  test.each([
    [{ addressCountry: 'SG', addressLocality: 'Singapore', postalCode: '018956', streetAddress: '10 Bay' }],
    [
      {
        addressCountry: 'LU',
        addressLocality: 'Luxembourg',
        postalCode: '1111',
        streetAddress: '1, rue du Parc',
      },
    ],
    [{ ...seattle, addressLocality: 'Washington', addressRegion: 'DC', postalCode: '20001' }],
    [{ ...seattle, addressLocality: 'New York', addressRegion: 'NY', postalCode: '10001' }],
  ])('nothing of %j', (address) => {
    expect(told(address)).toEqual([]);
  });
});
