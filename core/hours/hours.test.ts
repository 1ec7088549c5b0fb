import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  clockOf,
  dayNamed,
  emptyHours,
  groupDays,
  hoursLines,
  isMachineTime,
  readDay,
  readOpeningHoursText,
  writeDay,
  stretchOf,
  weeksIn,
} from './index.ts';

describe('the hours of a day, as typed', () => {
  test.each([
    ['09:00-17:00', '09:00-17:00'],
    ['9am - 5:30pm', '09:00-17:30'],
    ['9am–5.30pm', '09:00-17:30'],
    ['9-5pm', '09:00-17:00'],
    ['12-5pm', '12:00-17:00'],
    ['1-5 p.m.', '13:00-17:00'],
    ['8-11am', '08:00-11:00'],
    ['9-17', '09:00-17:00'],
    ['10 am to noon', '10:00-12:00'],
    ['0900-1730', '09:00-17:30'],
    ['09:00-12:00, 13:30-18:00', '09:00-12:00, 13:30-18:00'],
    ['1pm-5pm and 9am-11am', '09:00-11:00, 13:00-17:00'],
    ['18:00-02:00', '18:00-02:00'],
    ['8pm to midnight', '20:00-00:00'],
    ['closed', 'closed'],
    ['24 hours', '24 hours'],
  ])('%s is read as %s', (typed, written) => {
    const { spans, faults } = readDay(typed);
    expect(faults).toEqual([]);
    expect(spans && writeDay(spans)).toBe(written);
  });

  test.each([
    '9-5',
    '9:30-5:30',
    '10-11pm',
    '9-12pm',
    '12-12am',
    'mornings',
    '25:00-26:00',
    '09:00-12:00, 11:00-13:00',
    '9am',
    '09:00-09:00',
    '13am-2pm',
  ])('%s is not guessed at', (typed) =>
    expect(readDay(typed)).toMatchObject({ spans: undefined, faults: [{ code: 'value/hours' }] }),
  );

  test('read back the same after writing', () => {
    const time = fc
      .tuple(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }))
      .map((parts) => parts.map((part) => String(part).padStart(2, '0')).join(':'));
    fc.assert(
      fc.property(time, time, (opens, closes) => {
        fc.pre(opens !== closes);
        expect(readDay(writeDay([{ opens, closes }])).spans).toEqual([{ opens, closes }]);
      }),
    );
  });

  test('of any text are read without failing', () =>
    fc.assert(fc.property(fc.string(), (text) => Array.isArray(readDay(text).faults))));
});

const week = {
  ...emptyHours,
  Monday: '09:00-17:00',
  Tuesday: '9am-5pm',
  Thursday: '09:00-17:00',
  Saturday: 'closed',
  Sunday: 'closed',
};

test('equal days are grouped for machines and joined for visitors', () => {
  expect(groupDays(week)).toEqual([
    { days: ['Monday', 'Tuesday', 'Thursday'], spans: [{ opens: '09:00', closes: '17:00' }] },
    { days: ['Saturday', 'Sunday'], spans: [] },
  ]);
  expect(hoursLines(week, clockOf('US')).map(({ label, text }) => `${label} ${text}`)).toEqual([
    'Mon–Tue 9:00 AM – 5:00 PM',
    'Thu 9:00 AM – 5:00 PM',
    'Sat–Sun closed',
  ]);
  expect(hoursLines(week, clockOf('GB'))[0]?.text).toBe('09:00 – 17:00');
});

test.each([
  ['Mo-Fr 09:00-17:00', ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'], 1],
  ['Sa,Su 10:00-12:00,13:00-15:00', ['Saturday', 'Sunday'], 2],
  ['Sa-Mo 10:00-12:00', ['Saturday', 'Sunday', 'Monday'], 1],
  ['Mo', ['Monday'], 1],
])('the short form %s is read', (text, named, spans) => {
  const reading = readOpeningHoursText(text);
  expect(reading?.days).toEqual(named);
  expect(reading?.spans).toHaveLength(spans);
});

test.each(['Mon-Fri 9am-5pm', 'Mo-Fr 9:00-17:00', 'Xx 09:00-10:00', ''])(
  'the short form %s is no such thing',
  (text) => expect(readOpeningHoursText(text)).toBeUndefined(),
);

test('days and times are recognised as machines write them', () => {
  expect([
    dayNamed('https://schema.org/Monday'),
    dayNamed('schema:Monday'),
    dayNamed('Tu'),
    dayNamed('Montag'),
  ]).toEqual(['Monday', 'Monday', 'Tuesday', undefined]);
  expect(['09:00', '09:00:00', '23:59:59+01:00', '9:00', '24:00', '09:00 AM'].map(isMachineTime)).toEqual([
    true,
    true,
    true,
    false,
    false,
    false,
  ]);
});

test.each([
  ['09:00', '18:00', 540, 1080],
  ['00:00', '23:59', 0, 1440],
  ['18:00', '02:00', 1080, 1560],
  ['00:00', '23:58', 0, 1438],
])('%s to %s is drawn from %d to %d', (opens, closes, from, until) => {
  expect(stretchOf({ opens, closes })).toEqual({ from, until });
});

test.each([
  ['M-F 8:00-5:30, Sa 9-12', '08:00-17:30'],
  ['Open\nMo–Fr 9–18 Uhr\nCall us', '09:00-18:00'],
  ['Tu-Sa 11-7', ''],
])('short days in “%s” are found where a time stands behind a range of them', (text, monday) => {
  expect(weeksIn(text).weeks[0]?.hours.Monday ?? '').toBe(monday);
});

test('words that only look like short days are none', () => {
  expect(weeksIn('we 10-12 people, so 5-6 of us, M-12 and F-16').weeks).toEqual([]);
  expect(weeksIn('size M-F 8').weeks).toEqual([]);
});
