import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { difference } from './index.ts';
import { gradeAddressPart, gradePin, gradeTelephone, gradeText, gradeUrl } from '#core/value';

describe('a listing compared with the record', () => {
  test.each([
    ['Larkspur & Vane', 'Larkspur & Vane', 'exact'],
    ['Larkspur & Vane', 'Larkspur and Vane', 'written-differently'],
    ['Larkspur & Vane', 'LarkSpur &Vane', 'written-differently'],
    ['R. J. Vane', 'R.J. Vane', 'written-differently'],
    ['Larkspur & Vane Veterinary Care', 'Larkspur & Vane', 'partly'],
    ['Larkspur & Vane', 'Tinderbox', 'different'],
    ['Larkspur & Vane', ' ', 'missing'],
  ])('name %s as %s is %s', (reference, other, grade) => expect(gradeText(reference, other)).toBe(grade));

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

/** A difference as people mark it: what is only in the reference in brackets, only in the other in braces. */
const marked = (reference: string, other: string): string =>
  difference(reference, other)
    .map(({ side, text }) => (side === 'both' ? text : side === 'reference' ? `[${text}]` : `{${text}}`))
    .join('');

describe('a difference is marked as a person would', () => {
  test.each([
    ['Quay Street', 'Quay St.', 'Quay St[reet]{.}'],
    ['93 Hollins Row', '93 Market Place', '93 [Hollins Row]{Market Place}'],
    ['Larkspur & Vane', 'Larkspur &Vane', 'Larkspur &[ ]Vane'],
    ['R. J. Vane', 'R.J. Vane', 'R.[ ]J. Vane'],
    ['(360) 555-0142', '360-555-0142', '[(]360[) ]{-}555-0142'],
    ['(360) 555-0142', '(360) 555-0199', '(360) 555-01[42]{99}'],
    ['214 Quay Street', '241 Quay Street', '[214]{241} Quay Street'],
    ['Larkspur & Vane Veterinary Care', 'Larkspur & Vane', 'Larkspur & Vane[ Veterinary Care]'],
    ['Tinderbox Kiln Works', 'Tinderbox Kilnworks', 'Tinderbox Kiln[ W]{w}orks'],
    ['Saltby Opticians', 'Saltby Optitians', 'Saltby Opti[c]{t}ians'],
    ['Café Röder', 'Cafe Roder', 'Caf[é]{e} R[ö]{o}der'],
    ['Mo–Fr 9–18 Uhr', 'Mo–Fr 9–17 Uhr', 'Mo–Fr 9–1[8]{7} Uhr'],
    ['same', 'same', 'same'],
    ['', 'new', '{new}'],
    ['gone', '', '[gone]'],
  ])('%s / %s', (reference, other, marks) => expect(marked(reference, other)).toBe(marks));

  test('both texts can be read from it, whatever they are', () => {
    const word = fc.constantFrom(
      'Quay',
      'quay',
      'Street',
      'St.',
      '214',
      '(360)',
      '555-0142',
      ' ',
      '  ',
      '\n',
      '😀',
      'é',
    );
    const text = fc.array(word, { maxLength: 12 }).map((words) => words.join(''));
    fc.assert(
      fc.property(text, text, (reference, other) => {
        const parts = difference(reference, other);
        const without = (side: string): string =>
          parts.flatMap((part) => (part.side === side ? [] : [part.text])).join('');
        expect(without('other')).toBe(reference);
        expect(without('reference')).toBe(other);
      }),
    );
  });
});
