import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readQuads, vocabularyModule } from '../../tools/vocabulary.ts';
import {
  belongsTo,
  findTypes,
  loadFindTypes,
  loadTypeOfWord,
  isSubtype,
  memberNamed,
  nearestName,
  propertyNamed,
  propertyNames,
  typeLabel,
  typeNamed,
  typeNames,
} from './index.ts';
import { questions } from './finder.questions.ts';
import { everyLanguage } from './trades/everyLanguage.ts';

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
    ['nmae', 'name'],
    ['ulr', 'url'],
    ['iamge', 'image'],
    ['telehpone', 'telephone'],
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
    ['a shop for the books', 'BookStore'],
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

  test('says of a type that is a poor choice why it is', () => {
    const cautionOf = (name: string): string | undefined =>
      findTypes(name).find((type) => type.name === name)?.caution;
    expect(cautionOf('Attorney')).toContain('LegalService says the same');
    expect(cautionOf('VeterinaryCare')).toContain('Not a LocalBusiness by itself');
    expect(cautionOf('Optician')).toBe('');
  });

  test('offers every subtype of LocalBusiness when nothing is asked, and nothing for nonsense', () => {
    const all = findTypes('');
    expect(all.length).toBeGreaterThan(100);
    expect(all.every((type) => type.localBusiness)).toBe(true);
    expect(findTypes('qqqqqqqq')).toEqual([]);
  });

  test('takes no beginning of a longer word where a whole word answers', async () => {
    const find = await loadFindTypes();
    expect(find('vet', 3).map(({ name }) => name)).not.toContain('ClothingStore');
    expect(find('vet', 1)[0]?.name).toBe('VeterinaryCare');
    // While somebody is still typing, beginnings are all there is.
    expect(find('veterin', 1)[0]?.name).toBe('VeterinaryCare');
  });

  test('answers what people ask: the right type first in 90 %, among three in 98 %', async () => {
    const find = await loadFindTypes();
    expect(questions.length).toBeGreaterThanOrEqual(400);
    const ranked = questions.map(({ question, types }) => ({
      question,
      rank: find(question, 3).findIndex(({ name }) => types.includes(name)),
    }));
    const missed = ranked.filter(({ rank }) => rank !== 0).map(({ question }) => question);
    const lost = ranked.filter(({ rank }) => rank < 0).map(({ question }) => question);
    expect({ missed, share: missed.length / questions.length <= 0.1 }).toEqual({ missed, share: true });
    expect({ lost, share: lost.length / questions.length <= 0.02 }).toEqual({ lost, share: true });
  });

  test('knows 1,500 words in English, 300 in each of four more languages and 150 in nine others', () => {
    const count = (words: Readonly<Record<string, string>>): number =>
      new Set(Object.values(words).flatMap((list) => list.split('; '))).size;
    const counts = everyLanguage.map((language) => count(language));
    expect(counts).toHaveLength(14);
    expect(counts[0]).toBeGreaterThan(1500);
    for (const other of counts.slice(1, 5)) expect(other).toBeGreaterThan(300);
    for (const other of counts.slice(5)) expect(other).toBeGreaterThan(150);
    for (const type of everyLanguage.flatMap((language) => Object.keys(language)))
      expect([type, typeNamed(type)]).not.toEqual([type, undefined]);
  });

  test.each([
    ['tandartspraktijk', 'Dentist'],
    ['padaria', 'Bakery'],
    ['kwiaciarnia', 'Florist'],
    ['djurklinik', 'VeterinaryCare'],
    ['frisør', 'HairSalon'],
    ['rørlegger', 'Plumber'],
    ['silmälasiliike', 'Optician'],
    ['pekařství', 'Bakery'],
    ['歯科医院', 'Dentist'],
    ['美容室', 'HairSalon'],
  ])('knows “%s”', async (word, type) => {
    expect((await loadFindTypes())(word)[0]?.name).toBe(type);
    expect((await loadTypeOfWord())(word)).toBe(type);
  });

  test('says which types are a poor choice', () => {
    expect(findTypes('ProfessionalService')[0]?.caution).toMatch(/discourages/);
    expect(findTypes('VeterinaryCare')[0]?.caution).toMatch(/LocalBusiness is written beside it/);
    expect(typeLabel('HVACBusiness')).toBe('HVAC business');
  });
});
