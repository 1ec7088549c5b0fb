import { describe, expect, test } from '@jest/globals';
import { days, readWeek, type Hours } from '#core/hours';
import {
  blockLanguages,
  emptyRecord,
  isFact,
  usualOutput,
  withFact,
  type BusinessRecord,
  type Output,
} from '#core/record';
import { spokenIn } from './language.ts';
import { saidFurther } from './furtherWords.ts';
import { visibleTelephone, writeMarkup } from './index.ts';
import { wordIn } from './visitorWords.ts';

const week: Hours = {
  Monday: '08:00-18:00',
  Tuesday: '08:00-18:00',
  Wednesday: '08:00-12:00, 14:00-18:00',
  Thursday: '24 hours',
  Friday: '18:00-02:00',
  Saturday: '09:00-12:00',
  Sunday: 'closed',
};

const record = (
  facts: Readonly<Record<string, string>>,
  block: Partial<Output['block']> = {},
): BusinessRecord =>
  Object.entries(facts).reduce<BusinessRecord>(
    (made, [fact, text]) => (isFact(fact) ? withFact(made, fact, text) : made),
    {
      ...emptyRecord,
      hours: week,
      output: { ...usualOutput, block: { ...usualOutput.block, ...block } },
    },
  );

const linesOf = (one: BusinessRecord, form: 'block' | 'hours' = 'block'): readonly string[] =>
  writeMarkup(one, form)
    .text.replace(/<\/t[hd]>/g, ' ')
    .replace(/<[^>]*>/g, '')
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

describe.each(blockLanguages)('a block in %s', (language) => {
  const spoken = spokenIn(language, '');

  test('calls months as Unicode does, and days so that they are the same ones', () => {
    for (let month = 1; month <= 12; month += 1) {
      const date = new Date(Date.UTC(2026, month - 1, 2));
      const usual = new Intl.DateTimeFormat(language, { dateStyle: 'long', timeZone: 'UTC' }).format(date);
      const ours = spoken.date(`2026-${String(month).padStart(2, '0')}-02`);
      // English figures follow its own order of day and month.
      if (language === 'en') expect(usual.split(/\W+/).sort()).toEqual(ours.split(' ').sort());
      else expect(ours).toBe(usual);
    }
    for (const [at, day] of days.entries()) {
      const date = new Date(Date.UTC(2026, 10, 2 + at));
      const usual = new Intl.DateTimeFormat(language, { weekday: 'short', timeZone: 'UTC' }).format(date);
      expect(usual.replace('.', '')).toBe(spoken.hours.days[day].replace('.', ''));
    }
  });

  test('has every word of a block', () => {
    const missing = Object.keys(saidFurther).filter((english) => wordIn(language, english) === undefined);
    expect(missing).toEqual(language === 'en' ? Object.keys(saidFurther) : []);
  });

  test('shows hours that are read again as the same week', () => {
    const shown = linesOf(record({ name: 'A' }, { language }), 'hours').slice(1);
    expect(shown.length).toBeGreaterThan(4);
    const { hours, faults } = readWeek(shown.join('; '));
    expect(faults).toEqual([]);
    expect(hours).toEqual(week);
  });
});

const munich = {
  name: 'Bäckerei Föhre',
  'address.streetAddress': 'Am Tor 1',
  'address.addressLocality': 'München',
  'address.postalCode': '80331',
  'address.addressCountry': 'DE',
  telephone: '089 550123',
  email: 'hallo@foehre.example',
  foundingDate: '1987-04-30',
};

describe('what visitors read', () => {
  test.each([
    ['PL', 'Telefon: 89 550 12 3', 'Rok założenia: kwiecień 1987', 'Polska'],
    ['BR', 'Telefone: ', 'Fundado em: abril de 1987', 'Brasil'],
    ['FI', 'Puhelin: ', 'Perustettu: huhtikuu 1987', 'Suomi'],
    ['CZ', 'Telefon: ', 'Založeno: duben 1987', 'Česko'],
    ['KR', '전화: ', '설립: 1987년 4월', '대한민국'],
    ['IL', 'טלפון: ', 'נוסד: אפריל 1987', 'ישראל'],
    ['VN', 'Điện thoại: ', 'Thành lập: tháng 4 năm 1987', 'Việt Nam'],
    ['SK', 'Telefón: ', 'Založené: apríl 1987', 'Slovensko'],
    ['HR', 'Telefon: ', 'Osnovano: travanj 1987.', 'Hrvatska'],
    ['BG', 'Телефон: ', 'Основано: април 1987 г.', 'България'],
    ['ID', 'Telepon: ', 'Didirikan: April 1987', 'Indonesia'],
  ])('in %s has its words', (country, label, founded, named) => {
    const lines = linesOf(
      record({ ...munich, 'address.addressCountry': country, foundingDate: '1987-04', telephone: '112233' }),
    );
    expect(lines.some((line) => line.startsWith(label.slice(0, 4)))).toBe(true);
    expect(lines).toEqual(expect.arrayContaining([founded, named]));
  });

  test('is in the language of the country', () => {
    expect(linesOf(record(munich))).toEqual([
      'Bäckerei Föhre',
      'Am Tor 1',
      '80331 München',
      'Deutschland',
      'Telefon: 089 550123',
      'E-Mail: hallo@foehre.example',
      'Mo–Di: 08:00 – 18:00',
      'Mi: 08:00 – 12:00, 14:00 – 18:00',
      'Do: rund um die Uhr geöffnet',
      'Fr: 18:00 – 02:00',
      'Sa: 09:00 – 12:00',
      'So: geschlossen',
      'Gegründet: 30. April 1987',
    ]);
  });

  test('from the right says so, and keeps the digits of a number in their order', () => {
    const cairo = record({
      ...{ name: 'مطعم النيل', telephone: '02 27351234', foundingDate: '1987-04' },
      ...{ 'address.addressLocality': 'القاهرة', 'address.addressCountry': 'EG' },
    });
    const { text } = writeMarkup(cairo, 'microdata');
    expect(text).toMatch(/^<div[^>]* dir="rtl">/);
    expect(text).toMatch(/هاتف: .*<a href="tel:\+20227351234"><bdi dir="ltr">02 27351234<\/bdi><\/a>/);
    expect(text).toContain('1987');
    expect(writeMarkup(cairo, 'hours').text).toMatch(/^<table dir="rtl">/);
    expect(linesOf(cairo)).toContain('الاثنين–الثلاثاء: 8:00 ص – 6:00 م');
    expect(writeMarkup(record(munich), 'microdata').text).not.toMatch(/dir=|<bdi/);
  });

  test('has the halves of the day as the language writes them', () => {
    const bogota = record({ name: 'Óptica', 'address.addressCountry': 'CO' });
    expect(linesOf(bogota)).toContain('lun–mar: 8:00 a.\u00a0m. – 6:00 p.\u00a0m.');
  });

  test('in Thailand counts the years of its era', () => {
    const lines = linesOf(record({ ...munich, 'address.addressCountry': 'TH', foundingDate: '1987-04-30' }));
    expect(lines).toContain('ก่อตั้งเมื่อ: 30 เมษายน 2530');
  });

  test('in Japan begins with the postal code and goes from the region down to the street', () => {
    const lines = linesOf(
      record({
        name: '青空クリニック',
        'address.streetAddress': '銀座1-2-3',
        'address.addressLocality': '中央区',
        'address.addressRegion': '東京都',
        'address.postalCode': '104-0061',
        'address.addressCountry': 'JP',
        telephone: '03-1234-5678',
      }),
    );
    expect(lines.slice(0, 8)).toEqual([
      '青空クリニック',
      '〒104-0061',
      '東京都中央区',
      '銀座1-2-3',
      '日本',
      '電話：03-1234-5678',
      '月–火：08:00 – 18:00',
      '水：08:00 – 12:00, 14:00 – 18:00',
    ]);
  });

  test('is in own words, without some parts, in another order, with dates in figures, where that is chosen', () => {
    const chosen = record(munich, {
      words: { closed: 'Ruhetag', Telephone: 'Ruf' },
      withoutParts: ['addressCountry', 'postalCode'],
      addressOrder: 'country-first',
      dates: 'figures',
    });
    const lines = linesOf(chosen);
    expect(lines.slice(1, 4)).toEqual(['München', 'Am Tor 1', 'Ruf: 089 550123']);
    expect(lines).toContain('So: Ruhetag');
    expect(lines.at(-1)).toBe('Gegründet: 30.04.1987');
    // Machines are told all of it all the same.
    expect(writeMarkup(chosen, 'microdata').text).toContain('<meta itemprop="postalCode" content="80331">');
    expect(writeMarkup(chosen, 'rdfa').text).toContain('<meta property="addressCountry" content="DE">');
  });

  test('has the second line and the box under the street, wherever that stands', () => {
    const more = { ...munich, extendedAddress: 'Hinterhaus', postOfficeBoxNumber: '12' };
    const lines = (addressOrder: 'country' | 'country-first'): string =>
      linesOf(record(more, { addressOrder })).slice(1, 6).join(' / ');
    expect(lines('country')).toBe('Am Tor 1 / Hinterhaus / Postfach 12 / 80331 München / Deutschland');
    expect(lines('country-first')).toBe('Deutschland / 80331 München / Am Tor 1 / Hinterhaus / Postfach 12');
    const { text } = writeMarkup(record(more, { addressOrder: 'country-first' }), 'block');
    expect(text).not.toMatch(/<br>\s*<\/address>/);
    const boxed = { ...more, 'address.streetAddress': '' };
    expect(linesOf(record(boxed)).slice(1, 4)).toEqual(['Hinterhaus', 'Postfach 12', '80331 München']);
  });

  test.each([
    ['national', '089 550123', '(360) 555-0142'],
    ['international', '+49 89 550123', '+1 360 555 0142'],
    ['typed', '089/55 01-23', '360.555.0142'],
    ['brackets', '(089) 550123', '(360) 555-0142'],
    ['dots', '089.550123', '360.555.0142'],
    ['hyphens', '089-550123', '360-555-0142'],
  ] as const)('has numbers %s', (telephone, german, american) => {
    const shown = (country: string, typed: string): string =>
      visibleTelephone(record({ telephone: typed, 'address.addressCountry': country }, { telephone }));
    expect(shown('DE', '089/55 01-23')).toBe(german);
    expect(shown('US', '360.555.0142')).toBe(american);
  });

  test('hides an email from simple harvesters, not from browsers', () => {
    for (const form of ['microdata', 'rdfa', 'block'] as const) {
      const { text } = writeMarkup(record(munich, { guardEmail: true }), form);
      expect(text).not.toContain('foehre.example');
      expect(text).not.toContain('hallo@');
      expect(text.replace(/&#(\d+);/g, (_, code: string) => String.fromCodePoint(Number(code)))).toContain(
        'href="mailto:hallo@foehre.example"',
      );
    }
  });
});
