import { expect, test } from '@jest/globals';
import { weeksIn, writeWeek } from './index.ts';

test.each([
  ['fr', 'Fermé du 1er au 15 août. Ouverture exceptionnelle le dimanche 20 décembre de 14h à 18h.'],
  ['nl', 'Gesloten op 25 en 26 december; 31 december 7.00–15.00'],
  ['de', 'Sonntag, 20. Dezember verkaufsoffen 13–18 Uhr'],
  ['de', 'Am Sonntag, den 20. Dezember haben wir von 13–18 Uhr geöffnet.'],
  ['en', 'Open Sunday 20 December 1–5pm'],
  ['en', 'Open Sunday, December 20, 1–5pm'],
  ['es', 'Domingo 20 de diciembre de 11 a 14'],
  ['it', 'Domenica 20 dicembre 10–13'],
  ['pl', 'Niedziela handlowa 20 grudnia 10–16'],
  ['sv', 'Söndag 20 december 11–15'],
  ['da', 'Søndag d. 20. december 10–14'],
  ['cs', 'Neděle 20. prosince 10–14'],
  ['pt', 'Domingo, 20 de dezembro: 10h–14h'],
  ['ru', 'Воскресенье 20 декабря 10:00–15:00'],
])('hours of a date stand beside those of the week: %s, %s', (language, dated) => {
  const week = { en: 'Mon–Fri 9am–5pm', ru: 'Пн–Пт 9:00–17:00' }[language] ?? '';
  const [monday, friday] = ['2024-01-01', '2024-01-05'].map((day) =>
    new Intl.DateTimeFormat(language, { weekday: 'long', timeZone: 'UTC' }).format(new Date(day)),
  );
  const text = `${week || `${monday ?? ''} – ${friday ?? ''} 9:00–17:00`}\n${dated}`;
  const [found] = weeksIn(text, language).weeks;
  expect(found && [writeWeek(found.hours), found.whole]).toEqual(['Mon–Fri 09:00-17:00', true]);
  expect(text.slice(found?.start, found?.end)).not.toContain(dated);
});

test('hours of a day until a date are hours of the week that are not understood', () => {
  const { weeks } = weeksIn('Mon–Fri 9–5\nSaturday (until 31 October) 9–1', 'en');
  expect(weeks.map(({ whole }) => whole)).toEqual([false]);
});
