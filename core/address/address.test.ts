import { describe, expect, test } from '@jest/globals';
import {
  asCountryWrites,
  asPostPrints,
  addressLines,
  addressText,
  countryCode,
  countryName,
  emptyAddress,
  foldAddress,
  judgeAddress,
  regionNamed,
} from './index.ts';

const quay = {
  streetAddress: '214 Quay Street',
  addressLocality: 'Port Ellery',
  addressRegion: 'WA',
  postalCode: '98299',
  addressCountry: 'US',
};
const row = {
  streetAddress: '9 Hollins Row',
  addressLocality: 'Saltby',
  addressRegion: 'Devon',
  postalCode: 'TQ1 2AB',
  addressCountry: 'GB',
};

describe('an address', () => {
  test('is written in the order of its country, with every part it has', () => {
    expect(addressText(quay)).toBe('214 Quay Street, Port Ellery, WA 98299');
    expect(addressText({ ...row, addressCountry: 'DE', postalCode: '10115', addressRegion: '' })).toBe(
      '9 Hollins Row, 10115 Saltby',
    );
    for (const part of ['9 Hollins Row', 'Saltby', 'Devon', 'TQ1 2AB'])
      expect(addressText(row)).toContain(part);
    // Where a custom has no region, one stands under its town.
    const lake = { ...row, addressCountry: 'DE', postalCode: '78464', addressRegion: 'Baden' };
    expect(addressText(lake)).toBe('9 Hollins Row, 78464 Saltby, Baden');
    expect(addressText(row)).toBe('9 Hollins Row, Saltby, Devon, TQ1 2AB');
    expect(addressText(emptyAddress)).toBe('');
  });

  test('keeps each part apart, so that it can be marked up', () => {
    const parts = addressLines(quay, true)
      .flat()
      .flatMap(({ part }) => part ?? []);
    expect(parts).toEqual([
      'streetAddress',
      'addressLocality',
      'addressRegion',
      'postalCode',
      'addressCountry',
    ]);
  });

  test('that is right has no fault', () => {
    expect(judgeAddress(quay)).toEqual([]);
    expect(judgeAddress(row)).toEqual([]);
    expect(judgeAddress(emptyAddress)).toEqual([]);
  });

  test('is told what is wrong with each part', () => {
    const faults = judgeAddress({
      ...quay,
      postalCode: '9829',
      addressCountry: 'USA',
      streetAddress: '',
      addressRegion: '',
    });
    expect(faults.map(({ part, code }) => [part, code])).toEqual([
      ['addressCountry', 'value/country'],
      ['postalCode', 'value/postal-code'],
      ['streetAddress', 'value/address-part'],
      ['addressRegion', 'value/address-part'],
    ]);
    expect(judgeAddress({ ...quay, addressCountry: '' })).toMatchObject([
      { part: 'addressCountry', code: 'value/address-part' },
    ]);
  });

  test('folds to the same for every usual spelling', () => {
    expect(foldAddress('12 N. Quay St., Ste 4')).toBe(foldAddress('12 North Quay Street Suite 4'));
    expect(foldAddress('12 Quay Street')).not.toBe(foldAddress('21 Quay Street'));
  });

  test.each([
    ['TP. Hồ Chí Minh', 'Thành phố Hồ Chí Minh'],
    ['Невский пр., 88', 'Невский проспект, 88'],
    ['ul. Długa 3', 'Ulica Długa 3'],
    ['Jl. Sudirman 12', 'Jalan Sudirman 12'],
    ['Bağdat Cad. 5', 'Bağdat Caddesi 5'],
    ['Cra. 13 # 54-21', 'Carrera 13 #54-21'],
    ['Λεωφ. Μακαρίου 58', 'Λεωφόρος Μακαρίου 58'],
    ['3 ch. des Lilas', '3 chemin des Lilas'],
    ['ul. Św. Marcin 24', 'ul. Święty Marcin 24'],
    ['Av. Gral. Paz 120', 'Av. General Paz 120'],
    ['Αγ. Ανδρέα 5', 'Αγίου Ανδρέα 5'],
  ])('knows the short words of its country: %s', (short, long) => {
    expect(foldAddress(short)).toBe(foldAddress(long));
  });
});

test.each([
  ['us', 'US'],
  ['USA', 'US'],
  ['DEU', 'DE'],
  ['United Kingdom', 'GB'],
  ['England', 'GB'],
  ['Narnia', ''],
  ['', ''],
])('the country %s is %s', (text, code) => expect(countryCode(text)).toBe(code));

test('a code has a name', () => expect(countryName('GB')).toBe('United Kingdom'));

test.each([
  ['CL', '', []],
  ['CZ', '', ['postalCode']],
  ['CL', '12', ['postalCode']],
  ['CZ', '602 00', []],
  ['LU', 'L-1661', []],
])('in %s the postal code “%s” lacks %j', (addressCountry, postalCode, parts) => {
  const address = {
    ...emptyAddress,
    streetAddress: 'Hlavní 1',
    addressLocality: 'X',
    postalCode,
    addressCountry,
  };
  expect(judgeAddress(address).map(({ part }) => part)).toEqual(parts);
});

test.each(['Deutschland', 'Allemagne', 'Germania', 'Germany'])(
  '%s is a country that wants its code',
  (name) => {
    const [fault, ...others] = judgeAddress({ ...row, postalCode: '10115', addressCountry: name });
    expect(others).toEqual([]);
    expect(fault?.message).toContain('Write DE.');
  },
);

test.each([
  ['N.C.', 'US', 'NC'],
  ['Québec', 'CA', 'QC'],
  ['Nouvelle-Écosse', 'CA', 'NS'],
  ['new south wales', 'AU', 'NSW'],
  ['Mont', 'US', undefined],
])('the region %s of %s is %s', (text, country, code) => expect(regionNamed(text, country)?.code).toBe(code));

test.each([
  ['US', '627011234', '62701-1234'],
  ['CA', 'H3A-1H6', 'H3A 1H6'],
  ['PL', '00238', '00-238'],
  ['PT', '1000 001', '1000-001'],
  ['FR', '75 005', '75005'],
  ['NO', '0150.', '0150'],
  ['GB', 'SW1A.1AA', 'SW1A1AA'],
  ['FR', '75005', ''],
  ['FR', '7500', ''],
  ['XX', '1', ''],
])('a code of %s, %s, is written %s there', (country, typed, written) => {
  expect(asCountryWrites(typed, country)).toBe(written);
});

test.each([
  ['GB', 'e16ea', 'E1 6EA'],
  ['GB', 'SW1A1AA', 'SW1A 1AA'],
  ['GB', 'E1 6EA', ''],
  ['GB', 'E1 6E', ''],
  ['CA', 'g9a1v1', 'G9A 1V1'],
  ['NL', '1012wx', '1012 WX'],
  ['SE', '11455', '114 55'],
  ['JP', '1000001', '100-0001'],
  ['IE', 'd02af30', 'D02 AF30'],
  ['IN', '560038', ''],
  ['FR', '75005', ''],
  ['XX', '1', ''],
])('the post of %s prints %s as “%s”', (country, code, printed) => {
  expect(asPostPrints(code, country)).toBe(printed);
});
