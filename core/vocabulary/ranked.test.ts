import { describe, expect, test } from '@jest/globals';
import { expectedOf, propertiesOf } from './index.ts';

describe('the properties of a type', () => {
  test('begin with those most particular to it', () => {
    const ofHotel = propertiesOf(['Hotel']);
    const at = (name: string): number => ofHotel.indexOf(name);
    expect(at('checkinTime')).toBeGreaterThanOrEqual(0);
    expect(at('checkinTime')).toBeLessThan(at('openingHours'));
    expect(at('openingHours')).toBeLessThan(at('name'));
  });

  test('hold each once, none that another type has, none that is superseded', () => {
    const ofBakery = propertiesOf(['Bakery', 'LocalBusiness']);
    expect(new Set(ofBakery).size).toBe(ofBakery.length);
    expect(ofBakery).toContain('servesCuisine');
    expect(ofBakery).not.toContain('checkinTime');
    expect(ofBakery).not.toContain('menu');
  });
});

describe('what is expected of a property', () => {
  test.each([
    ['petsAllowed', 'text'],
    ['isAccessibleForFree', 'yesNo'],
    ['ratingCount', 'number'],
    ['foundingDate', 'date'],
    ['sameAs', 'url'],
    ['dayOfWeek', 'member'],
    ['address', 'text'],
    ['geo', 'item'],
    ['neverHeardOf', 'text'],
  ] as const)('%s: %s', (property, field) => expect(expectedOf(property).field).toBe(field));

  test('names members and types', () => {
    expect(expectedOf('dayOfWeek').members).toContain('PublicHolidays');
    expect(expectedOf('geo').types).toEqual(expect.arrayContaining(['GeoCoordinates', 'GeoShape']));
    expect(expectedOf('neverHeardOf')).toEqual({ field: 'text', members: [], types: [] });
  });
});
