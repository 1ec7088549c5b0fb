import { describe, expect, test } from '@jest/globals';
import { difference, gradeAddressPart, gradePin, gradeTelephone, gradeText, gradeUrl } from './index.ts';

describe('a listing compared with the record', () => {
  test.each([
    ['Larkspur & Vane', 'Larkspur & Vane', 'exact'],
    ['Larkspur & Vane', 'Larkspur and Vane', 'written-differently'],
    ['Larkspur & Vane', 'LarkSpur &Vane', 'written-differently'],
    ['R. J. Vane', 'R.J. Vane', 'written-differently'],
    ['Larkspur & Vane Veterinary Care', 'Larkspur & Vane', 'partly'],
    ['Larkspur & Vane', 'Tinderbox', 'different'],
    ['Larkspur & Vane', ' ', 'missing'],
  ])('name %s as %s is %s', (reference, other, grade) => {
    expect(gradeText(reference, other)).toBe(grade);
  });

  test('knows abbreviations of addresses, forms of numbers and spellings of web addresses', () => {
    expect(gradeAddressPart('214 Quay Street', '214 Quay St.')).toBe('written-differently');
    expect(gradeAddressPart('214 Quay Street', '241 Quay Street')).toBe('different');
    expect(gradeTelephone('(360) 555-0142', '360-555-0142', 'US', [])).toBe('written-differently');
    expect(gradeTelephone('(360) 555-0142', '+1 360 555 0142', 'US', ['+1 360 555 0142'])).toBe('exact');
    expect(gradeTelephone('(360) 555-0142', '(360) 555-0199', 'US', [])).toBe('different');
    expect(gradeTelephone('', '', 'US', [])).toBe('exact');
    expect(gradeUrl('https://a.example/', 'http://www.a.example')).toBe('written-differently');
  });

  test('measures pins', () => {
    const pin = { latitude: '48.51234', longitude: '-122.61230' };
    expect(gradePin(pin, { latitude: '48.51234', longitude: '-122.6123' })).toBe('exact');
    expect(gradePin(pin, { latitude: '48.51240', longitude: '-122.61235' })).toBe('written-differently');
    expect(gradePin(pin, { latitude: '48.52', longitude: '-122.61' })).toBe('different');
    expect(gradePin(pin, { latitude: '', longitude: '' })).toBe('missing');
  });
});

test('the very characters that differ are told', () => {
  expect(difference('Quay Street', 'Quay St.')).toEqual([
    { side: 'both', text: 'Quay St' },
    { side: 'reference', text: 'reet' },
    { side: 'other', text: '.' },
  ]);
});
