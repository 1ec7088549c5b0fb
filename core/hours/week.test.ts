import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  dayMeant,
  days,
  isDate,
  judgeSpecial,
  openAt,
  openText,
  readDay,
  readWeek,
  specialOn,
  writeWeek,
  type SpecialHours,
} from './index.ts';

describe('a week in words', () => {
  test.each([
    [
      'Mon–Thu 9-5.30, Sat 10 to noon, closed Sundays',
      'Mon–Thu 09:00-17:30; Sat 10:00-12:00; Sun closed',
      true,
    ],
    ['9-5', 'Mon–Sun 09:00-17:00', true],
    ['Mon 3pm-6:30, Fri 6pm-2, Sat 12pm-5', 'Mon 15:00-18:30; Fri 18:00-02:00; Sat 12:00-17:00', true],
    ['Mon 9:30am-1:00', 'Mon 09:30-13:00', true],
    ['Thu 9am-8pm (late night), Fri 9am-5pm', 'Thu 09:00-20:00; Fri 09:00-17:00', false],
    ['Mon-Fri 9am-5pm Sat 10-2 Sun closed', 'Mon–Fri 09:00-17:00; Sat 10:00-14:00; Sun closed', true],
    [
      'Monday to Friday: 9:00 - 17:30; Saturday and Sunday closed',
      'Mon–Fri 09:00-17:30; Sat–Sun closed',
      false,
    ],
    [
      'Tue-Sat 10am-5:30pm (late night Thursday until 8pm)',
      'Tue–Wed 10:00-17:30; Thu 10:00-20:00; Fri–Sat 10:00-17:30',
      true,
    ],
    ['Mon-Thu 9-6, Fri until 5', 'Mon–Thu 09:00-18:00; Fri 09:00-17:00', true],
    ['Mon–Fri 9am–5pm, Fri until 4', 'Mon–Thu 09:00-17:00; Fri 09:00-16:00', true],
    ['Mon-Fri 9-5 (Wed until 7)', 'Mon–Tue 09:00-17:00; Wed 09:00-19:00; Thu–Fri 09:00-17:00', true],
    ['Sunday noon to 5', 'Sun 12:00-17:00', false],
    [
      'M/W/F 9-5, T/Th 10-7',
      'Mon 09:00-17:00; Tue 10:00-19:00; Wed 09:00-17:00; Thu 10:00-19:00; Fri 09:00-17:00',
      true,
    ],
    ['weekdays 8-6, weekends 10-4', 'Mon–Fri 08:00-18:00; Sat–Sun 10:00-16:00', true],
    ['Mon. Tue. Thu. 9am-1pm', 'Mon–Tue 09:00-13:00; Thu 09:00-13:00', true],
    ['Mon-Fri 9-13 15-19', 'Mon–Fri 09:00-13:00, 15:00-19:00', false],
    ['Sat 9am-12pm 1pm-3pm', 'Sat 09:00-12:00, 13:00-15:00', false],
    [
      'Mon, Wed & Fri 9-12, 1-5',
      'Mon 09:00-12:00, 13:00-17:00; Wed 09:00-12:00, 13:00-17:00; Fri 09:00-12:00, 13:00-17:00',
      true,
    ],
    ['9-5 Mon-Fri, 10-2 Sat', 'Mon–Fri 09:00-17:00; Sat 10:00-14:00', true],
    ['Mo-Fr 09:00-17:00', 'Mon–Fri 09:00-17:00', false],
    ['Tue-Sun 6pm-2am', 'Tue–Sun 18:00-02:00', false],
    ['Mon–Fri 9am–12pm, Mon–Fri 2pm–6pm', 'Mon–Fri 09:00-12:00, 14:00-18:00', false],
    ['Daily 9am-5pm, Sun 10am-4pm', 'Mon–Sat 09:00-17:00; Sun 10:00-16:00', false],
    ['Mon-Fri 9am-5pm, closed for lunch 12-1', 'Mon–Fri 09:00-12:00, 13:00-17:00', false],
    ['Mon-Fri 9-5 (closed 1-2 for lunch)', 'Mon–Fri 09:00-13:00, 14:00-17:00', true],
    ['Mon-Sun: 11am-9pm (last appointment 8pm)', 'Mon–Sun 11:00-21:00', false],
    ['Mon-Sat 12pm-10pm, last orders 9.30pm', 'Mon–Sat 12:00-22:00', false],
    ['Tue-Sun lunch 12-2:30pm, dinner 6-10pm', 'Tue–Sun 12:00-14:30, 18:00-22:00', true],
    ['Tue-Sun 6-2am', 'Tue–Sun 18:00-02:00', true],
    ['Fri-Mon 10-4', 'Mon 10:00-16:00; Fri–Sun 10:00-16:00', true],
    ['Open daily 10am – 6 p.m.', 'Mon–Sun 10:00-18:00', false],
    ['24/7', 'Mon–Sun 24 hours', false],
    ['closed', 'Mon–Sun closed', false],
    ['Mon by appointment', 'Mon by appointment', false],
    ['Sat by appt.', 'Sat by appointment', false],
  ])('%s', (text, written, assumed) => {
    const read = readWeek(text);
    expect([writeWeek(read.hours), read.assumed, read.faults]).toEqual([written, assumed, []]);
  });

  test.each(['Mon whenever', 'from time to time', 'Mon 9-5 Tue', 'Mon 25:00-26:00'])(
    '%s is asked about',
    (text) => expect(readWeek(text).faults).toMatchObject([{ code: 'value/hours' }]),
  );

  test('is read back as it was written', () => {
    const day = fc.constantFrom(
      '',
      'closed',
      '24 hours',
      '09:00-17:00',
      '08:00-12:00, 13:30-18:00',
      '18:00-02:00',
      'by appointment',
    );
    const week = fc.record(
      Object.fromEntries(days.map((one) => [one, day])) as Record<(typeof days)[number], typeof day>,
    );
    fc.assert(
      fc.property(week, (hours) => {
        const { hours: read, faults } = readWeek(writeWeek(hours));
        expect(faults).toEqual([]);
        expect(read).toEqual(Object.fromEntries(days.map((one) => [one, hours[one]])));
      }),
    );
  });

  test('never fails on any text', () => {
    fc.assert(
      fc.property(
        fc.string({
          unit: fc.constantFrom(
            'Mon',
            'Sun',
            ' ',
            '-',
            ',',
            '9',
            '17:00',
            'closed',
            'noon',
            'pm',
            'x',
            '–',
            '.',
          ),
          maxLength: 30,
        }),
        (text) => {
          for (const one of days) expect(readDay(readWeek(text).hours[one]).faults).toEqual([]);
        },
      ),
    );
  });
});

describe('an exception', () => {
  const special = (more: object) => ({
    name: 'Refit',
    from: '2027-01-11',
    through: '',
    hours: 'closed',
    ...more,
  });

  test('is told what is wrong with it', () => {
    const codes = (more: object): string[] => judgeSpecial(special(more)).map(({ code }) => code);
    expect(codes({})).toEqual([]);
    expect(codes({ from: '' })).toEqual(['value/date']);
    expect(codes({ from: '2027-02-30' })).toEqual(['value/date']);
    expect(codes({ through: '2026-01-01' })).toEqual(['value/date']);
    expect(codes({ hours: 'sometimes' })).toEqual(['value/hours']);
    expect(codes({ hours: '' })).toEqual(['value/hours']);
    expect([isDate('2028-02-29'), isDate('2027-02-29'), isDate('27-2-1')]).toEqual([true, false, false]);
  });

  test('of several holds the one for the fewest days', () => {
    const season = special({ name: 'Summer', from: '2027-06-01', through: '2027-08-31', hours: '10-4' });
    const day = special({ name: 'Fair', from: '2027-07-10' });
    expect(specialOn([day, season], '2027-07-10')?.name).toBe('Fair');
    expect(specialOn([season, day], '2027-07-11')?.name).toBe('Summer');
    expect(specialOn([season, day], '2027-09-01')).toBeUndefined();
  });
});

describe('open now', () => {
  const hours = readWeek('Mon–Thu 9:00-17:00; Fri 18:00-02:00; Sat 24 hours; Sun closed').hours;
  const zone = 'America/Los_Angeles';
  const at = (time: string, specials: readonly SpecialHours[] = []): string => {
    const instant = Date.parse(time);
    const state = openAt({ hours, specials }, zone, instant);
    return state ? openText(state, instant) : 'unknown';
  };

  test.each([
    ['2026-11-25T12:00:00-08:00', 'Open, closes in 5 h'],
    ['2026-11-25T16:59:00-08:00', 'Open, closes in 1 min'],
    ['2026-11-25T17:00:00-08:00', 'Closed, opens in 16 h'],
    // Friday's span runs into Saturday, which is open all day.
    ['2026-11-27T23:00:00-08:00', 'Open, closes in 1 d 1 h'],
    ['2026-11-29T12:00:00-08:00', 'Closed, opens in 21 h'],
  ])('%s: %s', (time, words) => expect(at(time)).toBe(words));

  test('knows exceptions', () => {
    const closed = [{ name: 'Thanksgiving', from: '2026-11-26', through: '', hours: 'closed' }];
    expect(at('2026-11-26T12:00:00-08:00', closed)).toBe('Closed, opens in 1 d 6 h');
    const longer = [{ name: 'Fair', from: '2026-11-25', through: '', hours: '9:00-21:00' }];
    expect(at('2026-11-25T18:00:00-08:00', longer)).toBe('Open, closes in 3 h');
  });

  test('knows public holidays, behind exceptions', () => {
    const instant = Date.parse('2026-12-23T12:00:00-08:00');
    const said = (holidays: string, specials: readonly SpecialHours[] = []): string => {
      const publicHolidays = { hours: holidays, dates: new Set(['2026-12-23', '2026-12-24']) };
      const state = openAt({ hours, specials, publicHolidays }, zone, instant);
      return state ? openText(state, instant) : 'unknown';
    };
    expect(said('closed')).toBe('Closed, opens in 2 d 6 h');
    expect(said('10:00-14:00')).toBe('Open, closes in 2 h');
    expect(said('')).toBe('Open, closes in 5 h');
    expect(said('perhaps')).toBe('Open, closes in 5 h');
    const fair = { name: 'Fair', from: '2026-12-23', through: '', hours: '9:00-13:00' };
    expect(said('closed', [fair])).toBe('Open, closes in 1 h');
  });

  test('knows the changes of the clocks', () => {
    // In spring 02:00 to 03:00 does not exist: the night is an hour shorter.
    const night = readWeek('Sat 18:00-04:00').hours;
    const instant = Date.parse('2027-03-13T20:00:00-08:00');
    const state = openAt({ hours: night }, zone, instant);
    expect(state && openText(state, instant)).toBe('Open, closes in 7 h');
    const autumn = Date.parse('2026-10-31T20:00:00-07:00');
    const later = openAt({ hours: night }, zone, autumn);
    expect(later && openText(later, autumn)).toBe('Open, closes in 9 h');
  });

  test('around the clock never closes, and without hours or zone nothing is said', () => {
    const instant = Date.parse('2026-11-25T12:00:00Z');
    const always = openAt({ hours: readWeek('24/7').hours }, 'Europe/London', instant);
    expect(always && openText(always, instant)).toBe('Open, around the clock');
    const never = openAt({ hours: readWeek('closed').hours }, 'Europe/London', instant);
    expect(never && openText(never, instant)).toBe('Closed, and no opening within two weeks');
    expect(openAt({ hours }, 'Mars/Base', instant)).toBeUndefined();
    expect(openAt({ hours: readWeek('').hours }, zone, instant)).toBeUndefined();
  });
});

test.each([
  ['9-5.30', '09:00-17:30'],
  ['9 Uhr bis 12 Uhr und 14 bis 18 Uhr', '09:00-12:00, 14:00-18:00'],
  ['9:00-12:00 | 14:00-18:00', '09:00-12:00, 14:00-18:00'],
  ['9:00～17:30（最終受付17:00）', '09:00-17:30'],
  ['9:00-18:00, перерыв 13:00-14:00', '09:00-13:00, 14:00-18:00'],
  ['00:00-00:00', '24 hours'],
  ['n/a', 'closed'],
  ['8am–late', ''],
  ['Mon-Fri 9-5', ''],
  ['08:30-17:30 (Thu until 19:00)', ''],
])('what a cell of a day means: %s', (text, meant) => {
  expect(dayMeant('Saturday', text)).toBe(meant);
});
