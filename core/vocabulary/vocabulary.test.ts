import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readQuads, vocabularyModule } from '../../tools/vocabulary.ts';
import {
  belongsTo,
  findTypes,
  isSubtype,
  memberNamed,
  nearestName,
  propertyNamed,
  propertyNames,
  typeLabel,
  typeNames,
} from './index.ts';

describe('the vocabulary', () => {
  test('is what the script makes of the installed package', () => {
    const committed = readFileSync(new URL('./terms.ts', import.meta.url), 'utf8');
    expect(vocabularyModule(readQuads())).toBe(committed);
  });

  test('knows types, what stands above them, properties and members', () => {
    expect(isSubtype('Optician', 'LocalBusiness')).toBe(true);
    expect(isSubtype('VeterinaryCare', 'LocalBusiness')).toBe(false);
    expect(isSubtype('VeterinaryCare', 'Organization')).toBe(true);
    expect(propertyNamed('telephone')?.domains).toContain('Organization');
    expect(memberNamed('Monday')?.enumerations).toEqual(['DayOfWeek']);
    expect(typeNames.length).toBeGreaterThan(800);
    expect(propertyNames.length).toBeGreaterThan(1400);
  });

  test('tells whether a property belongs to a type', () => {
    const priceRange = propertyNamed('priceRange');
    expect(priceRange && belongsTo(priceRange, ['Optician'])).toBe(true);
    expect(priceRange && belongsTo(priceRange, ['PostalAddress'])).toBe(false);
  });
});

describe('the nearest name', () => {
  test.each([
    ['Telephone', 'telephone'],
    ['adress', 'address'],
    ['openingHourSpecification', 'openingHoursSpecification'],
  ])('of %s is %s', (written, meant) => expect(nearestName(written, propertyNames)).toBe(meant));

  test('is nothing where nothing is near', () => {
    expect(nearestName('zzzzqqqqxxxx', propertyNames)).toBeUndefined();
    expect(nearestName('x'.repeat(10_000), propertyNames)).toBeUndefined();
  });
});

describe('the type finder', () => {
  test.each([
    ['vet', 'VeterinaryCare'],
    ['optician', 'Optician'],
    ['solicitor', 'LegalService'],
    ['Hair', 'HairSalon'],
    ['pottery', 'LocalBusiness'],
  ])('answers %s with %s', (question, name) => {
    expect(
      findTypes(question)
        .slice(0, 3)
        .map((type) => type.name),
    ).toContain(name);
  });

  test('offers every subtype of LocalBusiness when nothing is asked, and nothing for nonsense', () => {
    const all = findTypes('');
    expect(all.length).toBeGreaterThan(100);
    expect(all.every((type) => type.localBusiness)).toBe(true);
    expect(findTypes('qqqqqqqq')).toEqual([]);
  });

  test('says which types are a poor choice', () => {
    expect(findTypes('ProfessionalService')[0]?.caution).toMatch(/discourages/);
    expect(findTypes('VeterinaryCare')[0]?.caution).toMatch(/LocalBusiness is written beside it/);
    expect(typeLabel('HVACBusiness')).toBe('HVAC business');
  });
});
