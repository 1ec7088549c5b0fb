import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { addressForm, addressParts, readAddress, regionNamed, splitAddress } from './index.ts';

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

  test.each([
    // Counties are counties, whether the postcode stands behind them or by itself.
    ['Pilies g. 12, LT-01123 Vilnius', '', ['Pilies g. 12', 'Vilnius', '', 'LT-01123', 'LT']],
    ['Brīvības iela 12, Rīga, LV-1010', '', ['Brīvības iela 12', 'Rīga', '', 'LV-1010', 'LV']],
    ['Dublin Road, Galway, H91 E9C2', 'IE', ['Dublin Road', 'Galway', '', 'H91 E9C2', 'IE']],
    ['Main Street, Oranmore, Galway H91 X2Y3', 'IE', ['Main Street', 'Oranmore', 'Galway', 'H91 X2Y3', 'IE']],
    ['1 River Street, Truro, Cornwall TR1 2AB', '', ['1 River Street', 'Truro', 'Cornwall', 'TR1 2AB', 'GB']],
    [
      '1 River Street, Truro, Cornwall, TR1 2AB',
      '',
      ['1 River Street', 'Truro', 'Cornwall', 'TR1 2AB', 'GB'],
    ],
    [
      '1 River Street\nTruro\nCornwall\nTR1 2AB\nUK',
      '',
      ['1 River Street', 'Truro', 'Cornwall', 'TR1 2AB', 'GB'],
    ],
    [
      '4 High Row, Durham, County Durham DH1 3AB',
      '',
      ['4 High Row', 'Durham', 'County Durham', 'DH1 3AB', 'GB'],
    ],
    ['12 Main Street, Cork, T12 X70A', '', ['12 Main Street', 'Cork', '', 'T12 X70A', 'IE']],
    [
      '5 Quay Lane, Kinsale, Co. Cork, P17 AK12, Ireland',
      '',
      ['5 Quay Lane', 'Kinsale', 'Co. Cork', 'P17 AK12', 'IE'],
    ],
    ['8 Dame Court, Dublin 2, D02 X285', '', ['8 Dame Court', 'Dublin 2', '', 'D02 X285', 'IE']],
    ['Marienplatz 1, D-80331 München', '', ['Marienplatz 1', 'München', '', '80331', 'DE']],
    ['Marienplatz 1, 80331 München, Deutschland', '', ['Marienplatz 1', 'München', '', '80331', 'DE']],
    ['Stephansplatz 1, A-1010 Wien', '', ['Stephansplatz 1', 'Wien', '', '1010', 'AT']],
    ['Bahnhofstrasse 1, CH-8001 Zürich', '', ['Bahnhofstrasse 1', 'Zürich', '', '8001', 'CH']],
    ['Storgatan 1, S-111 22 Stockholm', '', ['Storgatan 1', 'Stockholm', '', '111 22', 'SE']],
    ['12 rue de la Paix, 75002 Paris, France', '', ['12 rue de la Paix', 'Paris', '', '75002', 'FR']],
    ['Calle Mayor 1, 28013 Madrid, España', '', ['Calle Mayor 1', 'Madrid', '', '28013', 'ES']],
    ['Via Roma 1, 20121 Milano (MI), Italia', '', ['Via Roma 1', 'Milano', 'MI', '20121', 'IT']],
    [
      'Av. Paulista 1000, São Paulo - SP, 01310-100, Brasil',
      '',
      ['Av. Paulista 1000', 'São Paulo', 'SP', '01310-100', 'BR'],
    ],
    ['1 George Street, Sydney NSW 2000, Australia', '', ['1 George Street', 'Sydney', 'NSW', '2000', 'AU']],
    ['〒100-0001 東京都千代田区千代田1-1', '', ['千代田1-1', '千代田区', '東京都', '100-0001', 'JP']],
    [
      '〒530-0001　大阪府大阪市北区梅田３丁目１−１',
      '',
      ['梅田3丁目1−1', '大阪市北区', '大阪府', '530-0001', 'JP'],
    ],
    [
      '1-1 Chiyoda, Chiyoda-ku, Tokyo 100-0001, Japan',
      '',
      ['1-1 Chiyoda', 'Chiyoda-ku', 'Tokyo', '100-0001', 'JP'],
    ],
    ['1 Peach Street, Atlanta, Georgia 30301', 'US', ['1 Peach Street', 'Atlanta', 'Georgia', '30301', 'US']],
  ])('of elsewhere: %s', (text, home, parts) => {
    const { address, doubts } = readAddress(text, home);
    expect(addressParts.map((part) => address[part])).toEqual(parts);
    expect(doubts).toEqual([]);
  });

  test.each([
    ['3 Mill Lane, Upper Marl, Marl Cross, TQ1 2AB', ['addressRegion']],
    ['Rose Cottage, The Green, Saltby', ['addressLocality', 'addressCountry']],
    ['12 Awolowo Road, Ikoyi, Lagos, Nigeria', ['addressLocality']],
    ['214 Quay Street, Port Ellery', ['addressCountry']],
    ['214 Quay Street, Port Ellery, USA', ['addressRegion', 'postalCode']],
    ['Harbour steps', ['addressLocality', 'addressCountry']],
  ])('that can be read otherwise is asked about: %s', (text, parts) =>
    expect(readAddress(text).doubts.map(({ part }) => part)).toEqual(parts),
  );

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
