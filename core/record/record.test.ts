import { describe, expect, test } from '@jest/globals';
import {
  completeness,
  effectiveRecord,
  emptyRecord,
  factLabel,
  factRows,
  factText,
  judgeRecord,
  originOf,
  readEntries,
  recordSchema,
  setOwn,
  withFact,
  withoutOwn,
  writeEntries,
  type BusinessRecord,
} from './index.ts';
import fc from 'fast-check';
import { larkspur } from '#sample';

const codesOf = (record: BusinessRecord): string[] =>
  judgeRecord(record).flatMap(({ fact, code, grade }) => (grade === 'note' ? [] : [`${fact} ${code}`]));

describe('a record', () => {
  test('that is right has no fault, and an empty one is told what it needs', () => {
    expect(codesOf(larkspur)).toEqual([]);
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
      pin: { ...larkspur.pin, latitude: '47.6' },
      hours: { ...larkspur.hours, Monday: '9-5' },
      image: [{ url: '/front.jpg', caption: '', width: 'wide', height: '' }],
      timeZone: 'Pacific',
      email: 'desk at larkspur',
      currenciesAccepted: 'dollars',
      specialHours: [{ name: 'Easter', from: '2027-02-30', through: '', hours: 'perhaps' }],
      sameAs: ['https://social.example/'],
      aggregateRating: { ratingValue: '6', reviewCount: '', bestRating: '' },
      priceRange: '$'.repeat(100),
    };
    expect(codesOf(bad)).toEqual([
      'name value/placeholder',
      'url value/url-relative',
      'pin.latitude value/coordinates-coarse',
      'hours.Monday value/hours',
      'specialHours value/date',
      'specialHours value/hours',
      'timeZone value/time-zone',
      'telephone value/telephone',
      'email value/email',
      'priceRange value/price-range',
      'currenciesAccepted value/currency',
      'aggregateRating.ratingValue value/rating',
      'sameAs value/profile',
      'image value/url-relative',
      'image value/size',
    ]);
    expect(codesOf({ ...larkspur, sameAs: ['https://larkspurvane.example/about'] })).toEqual([
      'sameAs value/profile',
    ]);
    expect(judgeRecord(bad).find(({ fact }) => fact === 'pin.latitude')?.grade).toBe('should');
  });

  test('is told what the guidelines recommend and it lacks', () => {
    expect(completeness(larkspur)).toEqual({ percent: 100, lacking: [] });
    const { percent, lacking } = completeness({
      ...larkspur,
      name: '',
      hours: emptyRecord.hours,
      pin: emptyRecord.pin,
    });
    expect(lacking.map(({ label }) => label)).toEqual(['Name', 'Coordinates', 'Hours']);
    expect(percent).toBeLessThan(80);
    expect(completeness(emptyRecord).percent).toBe(0);
    const lacks = (record: BusinessRecord): readonly string[] =>
      completeness(record).lacking.map(({ label }) => label);
    const hotel = { ...larkspur, types: ['Hotel'], hours: emptyRecord.hours };
    expect(lacks({ ...hotel, checkinTime: '14:00' })).toEqual([]);
    expect(lacks({ ...hotel, checkinTime: '' })).toEqual(['Hours']);
    const caller = { ...larkspur, pin: emptyRecord.pin };
    expect(lacks({ ...caller, address: { ...larkspur.address, streetAddress: '' } })).toEqual([]);
    expect(lacks(caller)).toEqual(['Coordinates']);
    const cafe = { ...larkspur, types: ['CafeOrCoffeeShop'] };
    expect(lacks(cafe)).toEqual(['Cuisine', 'Menu']);
    expect(lacks({ ...cafe, types: ['Restaurant'] })).toEqual(['Cuisine', 'Menu', 'Reservations']);
    expect(lacks({ ...cafe, types: ['Bakery'] })).toEqual([]);
    expect(lacks({ ...cafe, types: ['Bakery', 'CafeOrCoffeeShop'] })).toEqual(['Cuisine', 'Menu']);
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

describe('entries', () => {
  test('go through their text, whatever stands in their fields', () => {
    const cell = fc
      .string({ unit: fc.constantFrom('a', ' ', '|', '\\', '\n', 'é') })
      .map((text) => `x${text}x`);
    fc.assert(
      fc.property(fc.array(fc.record({ name: cell, url: cell, description: cell, price: cell })), (entries) =>
        expect(readEntries('makesOffer', writeEntries('makesOffer', entries))).toEqual(entries),
      ),
    );
  });

  test('are read as people type them', () => {
    expect(readEntries('founder', 'Iris|https://a.example\n\n Wren \n | ')).toEqual([
      { name: 'Iris', url: 'https://a.example' },
      { name: ' Wren ', url: '' },
    ]);
    expect(readEntries('founder', 'a | b | c')).toEqual([{ name: 'a', url: 'b | c' }]);
    expect(recordSchema.parse({ image: ['https://a.example/a.jpg'] }).image).toEqual([
      { url: 'https://a.example/a.jpg', caption: '', width: '', height: '' },
    ]);
  });
});

describe('a client’s defaults', () => {
  const own = withFact(withFact(emptyRecord, 'name', 'Own'), 'hours.Monday', '9:00-12:00');
  const defaults = { ...larkspur, name: 'Theirs' };

  test('stand where the branch says nothing, hours and pin as a whole', () => {
    const record = effectiveRecord(own, defaults);
    expect(record).toMatchObject({
      name: 'Own',
      telephone: larkspur.telephone,
      sameAs: larkspur.sameAs,
      pin: larkspur.pin,
    });
    expect(record.hours).toEqual({ ...emptyRecord.hours, Monday: '9:00-12:00' });
    expect(record.address).toEqual(larkspur.address);
    expect(
      ['name', 'telephone', 'hours.Tuesday', 'faxNumber', 'servesCuisine'].map((fact) =>
        originOf(own, defaults, fact as 'name'),
      ),
    ).toEqual(['own', 'client', 'own', 'client', 'none']);
  });

  test('are left where something is typed over them, and a pin that is typed forgets where it came from', () => {
    const typed = setOwn(own, defaults, 'pin.latitude', '48.6');
    expect(typed.pin).toEqual({ ...larkspur.pin, latitude: '48.6', origin: 'typed', exactness: '' });
    const erased = setOwn(setOwn(typed, defaults, 'pin.latitude', ''), defaults, 'pin.longitude', '');
    expect(erased.pin).toEqual(emptyRecord.pin);
    expect(erased.withheld).toEqual(['pin']);
    expect(setOwn(own, defaults, 'hours.Sunday', 'closed').hours).toEqual({ ...own.hours, Sunday: 'closed' });
    expect(setOwn(emptyRecord, defaults, 'hours.Sunday', '10-12').hours.Monday).toBe(larkspur.hours.Monday);
    expect(setOwn(erased, defaults, 'pin.latitude', '1').withheld).toEqual([]);
  });

  test('can be taken again, or withheld', () => {
    const used = withoutOwn(own, emptyRecord, 'name', 'use');
    expect(effectiveRecord(used, defaults).name).toBe('Theirs');
    const withheld = withoutOwn(own, emptyRecord, 'telephone', 'withhold');
    expect(effectiveRecord(withheld, defaults).telephone).toBe('');
    expect(originOf(withheld, defaults, 'telephone')).toBe('withheld');
    expect(effectiveRecord(withoutOwn(withheld, emptyRecord, 'telephone', 'use'), defaults).telephone).toBe(
      larkspur.telephone,
    );
    const region = withoutOwn(
      { ...own, address: { ...larkspur.address, addressRegion: 'OR' } },
      emptyRecord,
      'address.addressRegion',
      'use',
    );
    expect(effectiveRecord(region, defaults).address.addressRegion).toBe('WA');
  });
});
