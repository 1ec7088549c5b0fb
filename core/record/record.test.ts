import { describe, expect, test } from '@jest/globals';
import { factLabel, factRows, factText, judgeRecord, lackingFacts, recordSchema, withFact } from './index.ts';
import { emptyRecord } from './record.ts';
import { larkspur } from '#sample';

const codesOf = (record: typeof larkspur): string[] =>
  judgeRecord(record).map(({ fact, code }) => `${fact} ${code}`);

describe('a record', () => {
  test('that is right has no fault, and an empty one is told what it needs', () => {
    expect(judgeRecord(larkspur)).toEqual([]);
    expect(codesOf(emptyRecord)).toEqual([
      'name guideline/required',
      'types guideline/required',
      'address.streetAddress guideline/required',
    ]);
  });

  test('is told each fault at its fact, with its grade', () => {
    const bad = {
      ...larkspur,
      name: 'Your Business Name',
      url: 'larkspurvane.example',
      telephone: '12',
      pin: { latitude: '47.6', longitude: '-122.33207' },
      hours: { ...larkspur.hours, Monday: '9-5' },
      image: ['/front.jpg'],
      priceRange: '$'.repeat(100),
    };
    expect(codesOf(bad)).toEqual([
      'name value/placeholder',
      'url value/url-relative',
      'telephone value/telephone',
      'pin.latitude value/coordinates-coarse',
      'hours.Monday value/hours',
      'image value/url-relative',
      'priceRange value/price-range',
    ]);
    expect(judgeRecord(bad).find(({ fact }) => fact === 'pin.latitude')?.grade).toBe('should');
  });

  test('is told what the guidelines recommend and it lacks', () => {
    expect(lackingFacts(larkspur)).toEqual([]);
    expect(lackingFacts({ ...larkspur, hours: emptyRecord.hours, pin: emptyRecord.pin })).toEqual([
      'Coordinates',
      'Hours',
    ]);
    expect(lackingFacts(emptyRecord)).toHaveLength(6);
  });

  test('gives and takes every fact as text', () => {
    for (const { fact } of factRows) {
      const text = factText(larkspur, fact);
      expect(recordSchema.parse(withFact(emptyRecord, fact, text))).toBeDefined();
      expect(factText(withFact(emptyRecord, fact, text), fact)).toBe(text);
    }
    expect(withFact(emptyRecord, 'sameAs', 'a\n\n b \n').sameAs).toEqual(['a', 'b']);
    expect(factLabel('address.addressLocality')).toBe('Town');
  });
});
