import { days, readDay, writeWeek, type Day, type Hours } from '#core/hours';
import { exceptions, hours as week, publicHolidays, shortHours, timeZone } from '#core/value';
import { fact, isAmong, partedFact, type RowSpec } from '../descriptor.ts';

const dayRow = (day: Day): RowSpec => ({
  label: day,
  about: `Opening hours of ${day}`,
  wanted: 'recommended',
  headings: `${day};${day.slice(0, 3)};${day} hours`.toLowerCase(),
});

const dayRows = Object.fromEntries(days.map((day) => [day, dayRow(day)])) as Record<Day, RowSpec>;

/** When it is open. */
export const hours = {
  hours: partedFact<Hours>('hours', week, dayRows, {
    whole: 'Hours',
    ask: { at: 8, question: 'When are you open?', how: 'Mon–Fri 9:00-17:30; Sat 10:00-12:00; Sun closed' },
    property: 'openingHoursSpecification',
    alsoRead: ['openingHours', 'specialOpeningHoursSpecification'],
    facts: ['hours.Monday'],
    short: (value) => shortHours(value, 'hours'),
    changedByPart: true,
    guideline: {
      why: 'Visitors ask first whether it is open.',
      also: ['openingHours'],
    },
    // A hotel is open day and night; it says when guests may come.
    spared: (around) => around.text('checkinTime').trim() !== '' && isAmong(around, 'LodgingBusiness'),
    compared: { core: true, first: 5, as: 'whole', look: 'hours' },
    block: { at: 9 },
    understood: {
      '': (value) => {
        const open = days.filter(
          (day) => (readDay(value[day]).spans ?? []).length > 0 && !/^closed$/i.test(value[day]),
        );
        return open.length === 0 ? 'never open' : `open ${writeWeek(value).replace(/; [^;]*? closed/g, '')}`;
      },
    },
  }),
  publicHolidays: fact(
    'hours',
    publicHolidays,
    {
      label: 'Public holidays',
      about: 'Opening hours of every public holiday, or closed',
      hint: 'closed',
      headings:
        'public holidays;bank holidays;public holiday hours;bank holiday hours;ph;an feiertagen;jours feries;festivos;giorni festivi;feestdagen',
      property: 'openingHoursSpecification',
      block: { label: 'Public holidays', at: 9 },
    },
    { short: () => [] },
  ),
  specialHours: fact(
    'hours',
    exceptions,
    {
      label: 'Exceptions',
      about: 'Holidays, closures and seasons with their dates',
      headings:
        'holidays;special hours;holiday hours;exceptional hours;closures;sonderoffnungszeiten;feiertage;horaires exceptionnels',
      usual: true,
      ask: {
        at: 9,
        question: 'Which holidays or other days differ?',
        how: 'One a line: Christmas Day | 2026-12-25 | 2026-12-25 | closed',
      },
      property: 'openingHoursSpecification',
      block: { at: 9 },
    },
    { short: () => [] },
  ),
  timeZone: fact('hours', timeZone, {
    label: 'Time zone',
    about: 'Tells whether it is open now',
    headings: 'timezone;time zone;tz;iana time zone;zeitzone',
    property: '',
  }),
};
