import { expect, test } from '@jest/globals';
import { check } from './index.ts';

const told = (item: object): readonly (string | undefined)[] => {
  const source = JSON.stringify({ '@context': 'https://schema.org', ...item });
  return check(source, { today: '' })
    .findings.filter(({ code }) => code === 'value/check-digit' || code === 'value/unit')
    .map(({ message, mend }) => `${message}${mend?.edits.map(({ text }) => ` → ${text}`).join('') ?? ''}`);
};

test.each([
  ['gtin13', '9781234567897', ''],
  ['gtin13', '978-1-234-56789-7', ''],
  ['gtin13', '9781234567890', 'would be 7'],
  ['gtin13', '978123456789', 'has 12 digits, and not 13'],
  ['gtin8', '96385074', ''],
  ['gtin12', '036000291452', ''],
  ['gtin12', '036000291453', 'would be 2'],
  ['gtin14', '10012345678902', ''],
  ['gtin', '036000291452', ''],
  ['gtin', 'https://id.example/01/09781234567897', ''],
  ['gtin', 'does not apply', 'digits alone'],
])('%s %s', (name, text, fault) => {
  const found = told({ '@type': 'Product', name: 'A', [name]: text });
  if (fault === '') expect(found).toEqual([]);
  else expect(found).toEqual([expect.stringContaining(fault)]);
});

test.each([
  ['duns', '12-345-6789', ''],
  ['duns', '12', 'has 2 digits, and not 9'],
  ['naics', '621210', ''],
  ['naics', 'dentist', 'digits alone'],
  ['leiCode', '529900ZINCPOSTDEMO77', ''],
  ['leiCode', '529900ZINCPOSTDEMO78', 'mistyped'],
  ['leiCode', '529900', 'mistyped'],
])('a business’s %s %s', (name, text, fault) => {
  const found = told({ '@type': 'Dentist', name: 'A', [name]: text });
  if (fault === '') expect(found).toEqual([]);
  else expect(found).toEqual([expect.stringContaining(fault)]);
});

test('numbers of books have an X, and what is no book has none', () => {
  expect(told({ '@type': 'Book', name: 'A', isbn: '0-8044-2957-X' })).toEqual([]);
  expect(told({ '@type': 'Book', name: 'A', isbn: '0-306-40615-2' })).toEqual([]);
  expect(told({ '@type': 'Book', name: 'A', isbn: '0-306-40615-3' })[0]).toContain('would be 2');
  expect(told({ '@type': 'Store', name: 'A', isbn: '1' })).toEqual([]);
});

test.each([
  ['MTK', ''],
  ['C62', ''],
  ['https://units.example/m2', ''],
  ['MIN', ''],
  ['m²', 'MTK'],
  ['sq ft', 'FTK'],
  ['kg', 'KGM'],
  ['mtk', 'MTK'],
])('a unit %s', (unit, meant) => {
  const found = told({
    '@type': 'HotelRoom',
    name: 'A',
    floorSize: { '@type': 'QuantitativeValue', value: 20, unitCode: unit },
  });
  if (meant === '') expect(found).toEqual([]);
  else expect(found).toEqual([expect.stringContaining(`→ "${meant}"`)]);
});

test('a unit that nobody knows has no mend', () => {
  const size = { '@type': 'QuantitativeValue', value: 20, unitCode: 'tatami mats' };
  const [found, ...others] = told({ '@type': 'HotelRoom', name: 'A', floorSize: size });
  expect([found, others]).toEqual([expect.not.stringContaining('→'), []]);
});
