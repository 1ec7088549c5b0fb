import { describe, expect, test } from '@jest/globals';
import { recordFromItem, readSource, businessesIn } from '#core/reading';
import { emptyRecord, judgeRecord, recordSchema, withFact, type BusinessRecord } from '#core/record';
import { writeMarkup } from './index.ts';

const bakery: BusinessRecord = {
  ...emptyRecord,
  name: 'Bäckerei Korn',
  types: ['Bakery'],
  address: { ...emptyRecord.address, addressCountry: 'DE', addressLocality: 'Ulm' },
};
const jsonLdOf = (record: BusinessRecord): unknown =>
  JSON.parse(writeMarkup(record, 'jsonld').text.replace(/<\/?script[^>]*>/g, ''));
const readBack = (
  record: BusinessRecord,
  form: 'jsonld' | 'microdata' | 'rdfa',
): BusinessRecord | undefined => {
  const [business] = businessesIn(readSource(writeMarkup(record, form).text).items);
  return business && recordFromItem(business);
};
const seen = (record: BusinessRecord, form: 'block' | 'hours' = 'block'): string =>
  writeMarkup(record, form)
    .text.replace(/<[^>]*>/g, ' ')
    .replace(/\s+/g, ' ');

describe('a menu', () => {
  const dishes = 'Brot\nWarm:\nRührei – mit Brot, 7,50 €\n  Suppe, 5 EUR  \n\nKalt :\nMüsli, 12 Sorten';
  const menu = { url: 'https://korn.example/karte', name: 'Frühstück', dishes };
  const record = { ...bakery, hasMenu: [menu] };

  test('is its sections and dishes with their prices', () => {
    expect(jsonLdOf(record)).toMatchObject({
      hasMenu: {
        '@type': 'Menu',
        name: 'Frühstück',
        url: 'https://korn.example/karte',
        hasMenuItem: { '@type': 'MenuItem', name: 'Brot' },
        hasMenuSection: [
          {
            '@type': 'MenuSection',
            name: 'Warm',
            hasMenuItem: [
              {
                name: 'Rührei',
                description: 'mit Brot',
                offers: { '@type': 'Offer', price: '7.50', priceCurrency: 'EUR' },
              },
              { name: 'Suppe', offers: { price: '5', priceCurrency: 'EUR' } },
            ],
          },
          { name: 'Kalt', hasMenuItem: { name: 'Müsli, 12 Sorten' } },
        ],
      },
    });
  });

  test.each(['jsonld', 'microdata', 'rdfa'] as const)('comes back from %s as it was listed', (form) => {
    const listed = 'Brot\nWarm:\nRührei – mit Brot, 7.50 EUR\nSuppe, 5 EUR\nKalt:\nMüsli, 12 Sorten';
    expect(readBack(record, form)?.hasMenu).toEqual([{ ...menu, dishes: listed }]);
  });

  test('is a bare address where nothing else is known of it; several are several', () => {
    const addresses = withFact(bakery, 'hasMenu', 'https://korn.example/a\nhttps://korn.example/b');
    expect(jsonLdOf(addresses)).toMatchObject({
      hasMenu: ['https://korn.example/a', 'https://korn.example/b'],
    });
  });

  test('shows visitors its name alone, and leads nowhere without an address', () => {
    const unlinked = { ...bakery, hasMenu: [{ ...menu, url: '' }] };
    expect(seen(unlinked)).toContain('Speisekarte: Frühstück');
    expect(seen(unlinked)).not.toContain('Suppe');
    expect(writeMarkup(unlinked, 'block').text).not.toContain('href');
  });

  test('that a record holds as one address is read as one', () => {
    expect(recordSchema.parse({ hasMenu: 'https://korn.example/karte', logo: '' })).toMatchObject({
      hasMenu: [{ url: 'https://korn.example/karte', name: '', dishes: '' }],
      logo: [],
    });
  });
});

describe('public holidays', () => {
  const open = { ...bakery, publicHolidays: '8-11am, 2pm-4pm' };

  test('have hours of their own, and no day of the week', () => {
    expect(jsonLdOf(open)).toMatchObject({
      openingHoursSpecification: [
        { dayOfWeek: 'PublicHolidays', opens: '08:00', closes: '11:00' },
        { dayOfWeek: 'PublicHolidays', opens: '14:00', closes: '16:00' },
      ],
    });
    expect(seen(open)).toContain('Feiertage: 08:00 – 11:00 , 14:00 – 16:00'.replace(' ,', ','));
    expect(seen(open, 'hours')).toContain('Feiertage 08:00 – 11:00, 14:00 – 16:00');
  });

  test.each(['jsonld', 'microdata', 'rdfa'] as const)('come back from %s, closed ones too', (form) => {
    expect(readBack(open, form)?.publicHolidays).toBe('08:00-11:00, 14:00-16:00');
    expect(readBack({ ...bakery, publicHolidays: 'closed' }, form)?.publicHolidays).toBe('closed');
  });

  test('are read beside days, and left alone where they have dates', () => {
    const [business] = businessesIn(
      readSource(
        `{"@context":"https://schema.org","@type":"Bakery","name":"Korn","openingHoursSpecification":[
          {"@type":"OpeningHoursSpecification","dayOfWeek":["Sunday","https://schema.org/PublicHolidays"],"opens":"09:00","closes":"12:00"},
          {"@type":"OpeningHoursSpecification","dayOfWeek":"PublicHolidays","opens":"10:00","closes":"11:00","validFrom":"2026-12-01","validThrough":"2026-12-31"}]}`,
      ).items,
    );
    const read = business && recordFromItem(business);
    expect([read?.publicHolidays, read?.hours.Sunday]).toEqual(['09:00-12:00', '09:00-12:00']);
  });

  test('that cannot be read are told, and no machine is', () => {
    const odd = { ...bakery, publicHolidays: 'perhaps' };
    expect(judgeRecord(odd).filter(({ fact }) => fact === 'publicHolidays')).toHaveLength(1);
    expect(jsonLdOf(odd)).not.toHaveProperty('openingHoursSpecification');
  });
});

describe('what else is a thing of its own', () => {
  test('a founder has several profiles, in their order', () => {
    const founder = [{ name: 'Max Korn', url: 'https://a.example/max  https://b.example/max' }];
    const record = { ...bakery, founder };
    expect(jsonLdOf(record)).toMatchObject({
      founder: { sameAs: ['https://a.example/max', 'https://b.example/max'] },
    });
    const told = [{ name: 'Max Korn', url: 'https://a.example/max https://b.example/max' }];
    for (const form of ['jsonld', 'microdata', 'rdfa'] as const)
      expect(readBack(record, form)?.founder).toEqual(told);
    const bad = judgeRecord({ ...bakery, founder: [{ name: 'Max', url: 'https://a.example/ nowhere' }] });
    expect(bad.filter(({ fact }) => fact === 'founder')).toHaveLength(1);
  });

  test('contact page and about page are nodes of the graph', () => {
    const pages = {
      ...bakery,
      url: 'https://korn.example/',
      contactPage: 'https://korn.example/kontakt',
      aboutPage: 'https://korn.example/wir',
    };
    const text = writeMarkup(pages, 'graph').text.replace(/<\/?script[^>]*>/g, '');
    const nodes = (JSON.parse(text) as { '@graph': readonly Readonly<Record<string, unknown>>[] })['@graph'];
    expect(nodes).toContainEqual({
      '@type': 'ContactPage',
      '@id': 'https://korn.example/kontakt',
      url: 'https://korn.example/kontakt',
      about: { '@id': 'https://korn.example/#branch' },
    });
    expect(nodes.find((node) => node['@type'] === 'Bakery')).toMatchObject({
      subjectOf: { '@type': 'AboutPage', url: 'https://korn.example/wir' },
    });
    expect(readBack(pages, 'rdfa')?.aboutPage).toBe('https://korn.example/wir');
  });

  test('a logo has its size and words', () => {
    const logo = [
      { url: 'https://korn.example/logo.png', caption: 'Eine Ähre', width: '400', height: '400' },
    ];
    expect(jsonLdOf({ ...bakery, logo })).toMatchObject({
      logo: {
        '@type': 'ImageObject',
        url: 'https://korn.example/logo.png',
        width: 400,
        caption: 'Eine Ähre',
      },
    });
    for (const form of ['jsonld', 'microdata', 'rdfa'] as const)
      expect(readBack({ ...bakery, logo }, form)?.logo).toEqual(logo);
  });

  test('a department’s hours are in the words of the country', () => {
    const department = [{ name: 'Café', type: '', telephone: '', url: '', hours: 'Fri 8pm-2am' }];
    expect(seen({ ...bakery, department })).toContain('(Fr 20:00 – 02:00)');
  });
});
