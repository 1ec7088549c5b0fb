import { describe, expect, test } from '@jest/globals';
import { gradeAddressPart, gradeTelephone, gradeText, gradeUrl } from './index.ts';

describe('a name elsewhere', () => {
  test.each([
    ['Krume & Söhne', 'Krume und Söhne'],
    ['Panadería Sol y Luna', 'Panadería Sol & Luna'],
    ['Bäckerei Krüger', 'Baeckerei Krueger'],
    ['Hollins Row Opticians Ltd', 'Hollins Row Opticians Limited'],
    ['No. 1 Nails', 'Number 1 Nails'],
    ['Dr. J. R. Vane', 'Dr. John R. Vane'],
    ['Quay + Sons', 'Quay and Sons'],
  ])('%s is written differently as %s', (one, other) => {
    expect(gradeText(one, other)).toBe('written-differently');
    expect(gradeText(other, one)).toBe('written-differently');
  });

  test.each([
    ['Krume', 'Krone', 'different'],
    ['Dr. J. Vane', 'Dr. Karl Vane', 'different'],
    ['Studio 5/7', 'Studio 57', 'different'],
    ['No. 1 Nails', 'No. 2 Nails', 'different'],
    ['田中歯科医院', '田中歯科', 'partly'],
    ['田中歯科医院', '中田歯科', 'different'],
  ])('%s is not as %s', (one, other, grade) => expect(gradeText(one, other)).toBe(grade));
});

describe('a part of an address elsewhere', () => {
  test.each([
    ['Calle Mayor, 3', 'Calle Mayor nº 3'],
    ['Via Giuseppe Garibaldi 12', 'Via G. Garibaldi 12'],
    ['Kungsgatan 5', 'Kungsg. 5'],
    ['梅田三丁目1番1号', '梅田3-1-1'],
    ['梅田二十一丁目1', '梅田21-1'],
    ['One Market Plaza', '1 Market Plaza'],
    ['Unit 4, 12 Mill Lane', '12 Mill Lane, Unit 4'],
    ['PO Box 12', 'P.O. Box 12'],
    ['ул. Тверская, д. 12', 'ул.Тверская,12'],
    ['Frankfurt am Main', 'Frankfurt a.M.'],
    ['Washington, D.C.', 'Washington DC'],
  ])('%s is written differently as %s', (one, other) => {
    expect(gradeAddressPart(one, other)).toBe('written-differently');
    expect(gradeAddressPart(other, one)).toBe('written-differently');
  });

  test.each([
    ['Hauptstraße 5', 'Hauptstraße 5a'],
    ['Długa 5/7', 'Długa 57'],
    ['12 3rd Street', '123 rd Street'],
    ['Unit 4, 12 Mill Lane', 'Unit 12, 4 Mill Lane'],
    ['梅田3-1-1', '梅田3-1-2'],
    ['梅田十一丁目', '梅田十二丁目'],
  ])('%s is not %s', (one, other) => expect(['different', 'partly']).toContain(gradeAddressPart(one, other)));

  test('a region by its code, a code with its country', () => {
    expect(gradeAddressPart('WA', 'Washington', 'addressRegion', 'US')).toBe('written-differently');
    expect(gradeAddressPart('WA', 'Oregon', 'addressRegion', 'US')).toBe('different');
    expect(gradeAddressPart('10115', 'D-10115', 'postalCode', 'DE')).toBe('written-differently');
    expect(gradeAddressPart('110 00', '11000', 'postalCode', 'CZ')).toBe('written-differently');
    expect(gradeAddressPart('110 00', '11001', 'postalCode', 'CZ')).toBe('different');
  });
});

test('a number with another extension is another part of the same', () => {
  const grade = (one: string, other: string): string => gradeTelephone(one, other, 'US', []);
  expect(grade('(360) 555-0100 ext. 5', '(360) 555-0100')).toBe('partly');
  expect(grade('(360) 555-0100 ext. 5', '360-555-0100 x5')).toBe('written-differently');
  expect(grade('1-800-FLOWERS', '1-800-356-9377')).toBe('written-differently');
  expect(grade('1-800-FLOWERS', '1-800-356-9378')).toBe('different');
});

test('an address that counts its visitors is the same, one of another page is not', () => {
  expect(gradeUrl('https://krume.example/', 'https://krume.example/?utm_source=x')).toBe(
    'written-differently',
  );
  expect(gradeUrl('https://krume.example/', 'https://krume.example/?page=2')).toBe('different');
  expect(gradeUrl('https://krume.example/a', 'https://krume.example/A')).toBe('different');
});
