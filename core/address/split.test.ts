import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { addressForm, addressParts, regionNamed, splitAddress } from './index.ts';

describe('a pasted address', () => {
  test.each([
    ['214 Quay Street, Port Ellery, WA 98299', '', ['214 Quay Street', 'Port Ellery', 'WA', '98299', 'US']],
    [
      '214 Quay Street\nPort Ellery, WA 98299\nUSA',
      '',
      ['214 Quay Street', 'Port Ellery', 'WA', '98299', 'US'],
    ],
    [
      '9 Gull Lane, Suite 2, Port Ellery WA 98299-1234',
      '',
      ['9 Gull Lane, Suite 2', 'Port Ellery', 'WA', '98299-1234', 'US'],
    ],
    [
      '10250 Ropewalk Alley, Port Ellery, Washington 98299',
      '',
      ['10250 Ropewalk Alley', 'Port Ellery', 'Washington', '98299', 'US'],
    ],
    ['9 Hollins Row, Saltby TQ1 2AB', '', ['9 Hollins Row', 'Saltby', '', 'TQ1 2AB', 'GB']],
    [
      '9 Hollins Row, Saltby, Devon, TQ1 2AB, United Kingdom',
      '',
      ['9 Hollins Row', 'Saltby', 'Devon', 'TQ1 2AB', 'GB'],
    ],
    [
      '1200 Marine Dr, Vancouver, BC V5K 0A1, Canada',
      '',
      ['1200 Marine Dr', 'Vancouver', 'BC', 'V5K 0A1', 'CA'],
    ],
    ['Hauptstraße 5, 10115 Berlin, Germany', '', ['Hauptstraße 5', 'Berlin', '', '10115', 'DE']],
    ['Hauptstraße 5\n10115 Berlin', 'DE', ['Hauptstraße 5', 'Berlin', '', '10115', 'DE']],
    ['PO Box 12, Port Ellery, WA', '', ['PO Box 12', 'Port Ellery', 'WA', '', 'US']],
    ['Harbour steps', '', ['Harbour steps', '', '', '', '']],
    ['', '', ['', '', '', '', '']],
  ])('%s', (text, home, parts) => {
    const split = splitAddress(text, home);
    expect(addressParts.map((part) => split[part])).toEqual(parts);
  });

  test('loses no word of it', () => {
    const piece = fc.constantFrom(
      '214 Quay Street',
      'Port Ellery',
      'WA 98299',
      'TQ1 2AB',
      'Saltby',
      'Unit 4',
      'Devon',
      '10115 Berlin',
      'X',
    );
    fc.assert(
      fc.property(
        fc.array(piece, { maxLength: 6 }),
        fc.constantFrom('', 'US', 'GB', 'DE'),
        (pieces, home) => {
          const split = Object.values(splitAddress(pieces.join(', '), home)).join(' ');
          for (const word of pieces.join(' ').split(' ').filter(Boolean)) expect(split).toContain(word);
        },
      ),
    );
  });
});

test('a form has the parts, names, order and needs of its country', () => {
  const form = (country: string): string =>
    addressForm(country)
      .map(({ label, required }) => label + (required ? '*' : ''))
      .join(', ');
  expect(form('US')).toBe('Street*, City*, State*, ZIP code*, Country*');
  expect(form('GB')).toBe('Street*, Post town*, County, Postcode*, Country*');
  expect(form('DE')).toBe('Street*, Postal code*, Town*, Region, Country*');
  expect(form('JP').startsWith('Postal code*, Prefecture*')).toBe(true);
  expect(regionNamed('washington', 'US')?.code).toBe('WA');
  expect(regionNamed('WA', 'AU')?.name).toBe('Western Australia');
  expect(regionNamed('Devon', 'GB')).toBeUndefined();
});
