import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { JsonValue } from '#core/item';
import { propertyNames } from '#core/vocabulary';
import { keptJson, keptText, keptValues, withinBounds } from './index.ts';

const around = { country: 'DE', text: () => '' };
const judge = (property: string, value: string): readonly string[] =>
  keptValues.judge([{ property, value, was: '' }], around).map(({ code }) => code);

describe('a value of any property', () => {
  test.each([
    ['petsAllowed', 'true', true],
    ['petsAllowed', '"true"', 'true'],
    ['numberOfRooms', '12', 12],
    ['numberOfRooms', '012', '012'],
    ['postalCode', '12345', '12345'],
    ['medicalSpecialty', 'Pediatric', 'https://schema.org/Pediatric'],
    ['name', 'Pediatric', 'Pediatric'],
    ['starRating', '{"@type":"Rating","ratingValue":4}', { '@type': 'Rating', ratingValue: 4 }],
    ['starRating', '{"@type":"Rating"', '{"@type":"Rating"'],
    ['starRating', '{"a":null,"b":[1,null]}', { b: [1] }],
  ])('%s: %s', (property, value, json) => {
    expect(keptJson({ property, value })).toEqual(json);
  });

  test('is the same again as the text it is kept as', () => {
    const json: fc.Arbitrary<JsonValue> = fc.oneof(
      fc.string(),
      fc.constantFrom('true', '12', '-0.5', '{"a":1}', '"', 'Monday', 'https://schema.org/Monday', ' x\n'),
      fc.integer(),
      fc.boolean(),
      fc.dictionary(fc.constantFrom('@type', '@id', 'name', '__proto__', 'constructor'), fc.string()),
    );
    fc.assert(
      fc.property(fc.constantFrom(...propertyNames), json, (property, value) => {
        expect(keptJson({ property, value: keptText(property, value) })).toEqual(value);
      }),
      { numRuns: 2000 },
    );
  });

  test('is judged: names that schema.org does not have, items that cannot be read', () => {
    expect(judge('petAllowed', 'true')).toEqual(['vocabulary/unknown-property']);
    const message = (property: string): string | undefined =>
      keptValues.judge([{ property, value: 'x', was: '' }], around)[0]?.message;
    expect(message('petAllowed')).toContain('Did you mean petsAllowed?');
    expect(message('zzzzzzzz')).not.toContain('Did you mean');
    expect(judge('petsAllowed', 'true')).toEqual([]);
    expect(judge('https://other.example/kind', 'x')).toEqual([]);
    expect(judge('menu', 'x')).toEqual(['vocabulary/superseded']);
    expect(judge('', 'x')).toEqual(['value/empty']);
    expect(judge('starRating', '{"@type":')).toEqual(['vocabulary/value-kind']);
    expect(judge('starRating', '{"a":'.repeat(40) + '1' + '}'.repeat(40))).toEqual(['vocabulary/value-kind']);
  });

  test('beyond the bounds of a record is left behind, and named', () => {
    const one = { property: 'name', value: 'x', was: '' };
    expect(withinBounds(Array.from({ length: 600 }, () => one))).toMatchObject({
      kept: { length: 500 },
      beyond: ['name'],
    });
    expect(withinBounds([one, { ...one, property: 'review', value: 'x'.repeat(20_001) }])).toEqual({
      kept: [one],
      beyond: ['review'],
    });
  });
});
