import { expect, test } from '@jest/globals';
import { weeksIn, writeWeek } from './index.ts';

const told = (text: string, language: string): readonly string[] =>
  weeksIn(text, language).weeks.map(({ hours }) => writeWeek(hours));

test.each([
  ['de', 'Mo–So 0–24 Uhr'],
  ['de', 'täglich 00:00–24:00 Uhr'],
  ['en', 'Mon–Sun 12am–12am'],
  ['en', 'Monday to Sunday midnight to midnight'],
  ['fr', 'Tous les jours de 0h à 24h'],
  ['fr', 'Tous les jours 24h/24'],
  ['es', 'todos los días 0:00 - 24:00'],
  ['hr', 'pon-ned 00-24'],
  ['ru', 'Пн-Вс 00:00-24:00'],
  ['ja', '毎日 0:00〜24:00'],
  ['ko', '매일 00:00-24:00'],
])('days that go from midnight to midnight, %s: %s', (language, text) => {
  expect(told(text, language)).toEqual(['Mon–Sun 24 hours']);
});

test.each([
  ['de', 'Rund um die Uhr geöffnet!'],
  ['de', 'Öffnungszeiten: rund um die Uhr'],
  ['en', 'Open 24 hours'],
  ['en', 'Opening hours: open 24 hours a day.'],
  ['en', 'We’re open 24/7, 365 days a year.'],
  ['en', 'Call us. Our doors are open 24/7! Ask for Jo.'],
  ['de', 'Wir haben 24/7 geöffnet.'],
  ['fr', 'Ouvert jour et nuit'],
  ['fr', 'Ouvert 7j/7 24h/24'],
  ['es', 'Abierto 24/7'],
  ['es', 'Abierto las 24 horas'],
  ['pt', 'Aberto 24h'],
  ['it', 'Aperto 24 ore su 24'],
  ['nl', '24 uur per dag geopend'],
  ['pl', 'Całodobowo'],
  ['sv', 'Dygnet runt'],
  ['cs', 'Nonstop'],
  ['hu', 'Éjjel-nappal nyitva'],
  ['tr', '7/24 açık'],
  ['el', 'Όλο το 24ωρο'],
  ['ru', 'Круглосуточно'],
  ['ja', '24時間営業'],
  ['zh', '全天24小时'],
  ['ko', '24시간 영업'],
  ['th', 'เปิด 24 ชั่วโมง'],
  ['ar', 'على مدار الساعة'],
])('a line that says so without a day, %s: %s', (language, text) => {
  expect(told(`Front Street 4\n${text}\nCome in`, language)).toEqual(['Mon–Sun 24 hours']);
});

test.each([
  'Emergency line: 24 hours',
  'Roadside help. Our line is open 24/7.',
  'Delivery: open 24 hours',
  'Delivery within 24 hours',
  'Lieferung: rund um die Uhr',
  'We answer 24 hours a day and open at nine',
  'Mon–Fri 00:00–00:00',
])('what is of something else, or may be closed, is no week: %s', (text) => {
  expect(told(text, 'en')).toEqual([]);
});

test('hours with days beside it are the hours', () => {
  expect(told('Mon–Fri 9:00–17:00\nHotline open 24 hours\nOpen 24 hours', 'en')[0]).toBe(
    'Mon–Fri 09:00-17:00',
  );
  expect(told('Mo–Fr 0–24 Uhr, Sa 8–20 Uhr', 'de')).toEqual(['Mon–Fri 24 hours; Sat 08:00-20:00']);
});
