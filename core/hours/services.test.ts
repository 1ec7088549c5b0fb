import { describe, expect, test } from '@jest/globals';
import { readWeek, weeksIn, writeWeek } from './index.ts';

const told = (text: string, language: string): readonly string[] =>
  weeksIn(text, language).weeks.map(({ hours }) => writeWeek(hours));

describe('services of a day', () => {
  const both = 'Tue–Fri 12:00-14:30, 18:00-22:00; Sat 18:00-22:00';
  test.each([
    ['en', 'Lunch: Tue–Fri 12–2.30pm; Dinner: Tue–Sat 6–10pm', both],
    ['en', 'Lunch Tue–Fri 12–2.30pm, Dinner Tue–Sat 6–10pm', both],
    ['en', 'Lunch\nTue–Fri 12–2.30pm\nDinner\nTue–Sat 6–10pm', both],
    ['en', 'Tue–Sat: Lunch 12–2.30pm, Dinner 6–10pm', 'Tue–Sat 12:00-14:30, 18:00-22:00'],
    ['fr', 'Déjeuner : mar-ven 12h-14h30 ; dîner : mar-sam 18h-22h', both],
    ['fr', 'Midi : mardi au vendredi 12h-14h30. Soir : mardi au samedi 18h-22h', both],
    ['de', 'Di–Fr mittags 12–14.30 Uhr, Di–Sa abends 18–22 Uhr', both],
    ['es', 'Comidas: martes a viernes 12:00-14:30. Cenas: martes a sábado 18:00-22:00', both],
    ['it', 'Pranzo: mar-ven 12-14.30; Cena: mar-sab 18-22', both],
    ['nl', 'Lunch: di-vr 12-14.30u, Diner: di-za 18-22u', both],
    ['pt', 'Almoço: ter-sex 12h-14h30; Jantar: ter-sáb 18h-22h', both],
    ['ja', 'ランチ 火〜金 12:00〜14:30 ディナー 火〜土 18:00〜22:00', both],
    ['ko', '화-일 점심 11:30-14:30, 저녁 17:30-22:00', 'Tue–Sun 11:30-14:30, 17:30-22:00'],
    ['zh', '周二至周日 午市 11:30-14:00 晚市 17:30-22:00', 'Tue–Sun 11:30-14:00, 17:30-22:00'],
  ])('are the hours of one door, %s: %s', (language, text, week) => {
    expect(told(`The Quay\n${text}\nTables`, language)[0]).toBe(week);
    const { hours, faults } = readWeek(text, language);
    expect([writeWeek(hours), faults]).toEqual([week, []]);
  });

  test('stay named where there is one alone, and where other hours stand by them', () => {
    expect(told('Mon–Sun 11:00–23:00\nLunch buffet Mon–Fri 11:30–14:00', 'en')[0]).toBe(
      'Mon–Sun 11:00-23:00',
    );
    expect(told('Mon–Sun 11:00–23:00. Lunch 11:30–14:00, dinner 18:00–22:00', 'en')).not.toContain(
      'Mon–Sun 11:30-14:00, 18:00-22:00',
    );
  });

  test('are not two where one has the name of another in its own', () => {
    expect(weeksIn('Petit déjeuner : lun-ven 7h-10h', 'fr').weeks).toMatchObject([{ isAmongOthers: true }]);
    expect(told('Petit déjeuner : lun-ven 7h-10h ; dîner : lun-ven 19h-22h', 'fr')).toEqual([
      'Mon–Fri 07:00-10:00, 19:00-22:00',
    ]);
  });

  test('leave each character where it stood', () => {
    const text = 'Quay\nLunch: Tue–Fri 12–2.30pm; Dinner: Tue–Sat 6–10pm\nTables';
    const [week] = weeksIn(text, 'en').weeks;
    expect(text.slice(week?.start, week?.end)).toContain('Tue–Fri 12–2.30pm; Dinner: Tue–Sat 6–10pm');
  });
});

test.each([
  [
    'MWF 9-5, TTh 10-6',
    'Mon 09:00-17:00; Tue 10:00-18:00; Wed 09:00-17:00; Thu 10:00-18:00; Fri 09:00-17:00',
  ],
  ['M/W/F 9am-5pm', 'Mon 09:00-17:00; Wed 09:00-17:00; Fri 09:00-17:00'],
  ['8am-5pm M-F', 'Mon–Fri 08:00-17:00'],
  ['M–Th: 11am-9pm; F&S: 11am-11pm', 'Mon–Thu 11:00-21:00; Fri–Sat 11:00-23:00'],
  ['M-F 9am-5pm, S/S 10am-4pm', 'Mon–Fri 09:00-17:00; Sat–Sun 10:00-16:00'],
  ['Sun-Th 11am-9pm, F-Sat 11am-11pm', 'Mon–Thu 11:00-21:00; Fri–Sat 11:00-23:00; Sun 11:00-21:00'],
  ['Mon-Fri 9am-9pm & Sat 10am-6pm', 'Mon–Fri 09:00-21:00; Sat 10:00-18:00'],
])('days in letters, before and behind their hours: %s', (text, week) => {
  expect(told(text, 'en')).toEqual([week]);
});

test.each([
  ['We are open Monday to Friday between 9am and 5pm', 'Mon–Fri 09:00-17:00'],
  ['Open daily at 7am, close at 10pm', 'Mon–Sun 07:00-22:00'],
  ['Opens 9am, closes 5pm Monday–Friday', 'Mon–Fri 09:00-17:00'],
  ['Monday: 9:00–17:00 (Lunch 12:00–13:00)', 'Mon 09:00-12:00, 13:00-17:00'],
])('hours in a sentence: %s', (text, week) => {
  expect(told(text, 'en')).toEqual([week]);
});

test('hours and minutes by their characters, simplified as well', () => {
  expect(told('星期一至五 上午9时至下午6时30分', 'zh')).toEqual(['Mon–Fri 09:00-18:30']);
});

test.each([
  ['M: 9-5\nT: 9-5\nW: 9-5\nT: 9-8\nF: 9-5\nS: 10-2\nS: closed', 'Thursday', '09:00-20:00'],
  ['S closed, M 9-5, T 9-5, W 9-5, T 9-5, F 9-5, S 10-2', 'Sunday', 'closed'],
] as const)('a whole week in letters goes by their order: %s', (text, day, said) => {
  const { hours, faults } = readWeek(text);
  expect(faults).toEqual([]);
  expect(hours[day]).toBe(said);
});

test('letters out of order are no week', () => {
  expect(readWeek('M 9-5, S 9-5, T 9-5, T 9-5, F 9-5, S 10-2, S closed').faults).not.toEqual([]);
});

test.each([
  'Our S/S 26 collection',
  'Size S/S 10',
  'Size M, L 40-42',
  'TTF 200',
  'Flat F 12',
  'We sell M/F connectors 9-12 mm',
])('letters that are no days: %s', (text) => {
  expect(told(text, 'en')).toEqual([]);
});
