import * as z from 'zod';
import { fault, type Fault } from '#core/fault';
import { remember } from '#core/text';
import { dayWords } from './languages.ts';
import { earlyHour, readTime, showTime, type Halves } from './time.ts';
import { plainLetters, toEnglish } from './translate.ts';

/** The days as schema.org/DayOfWeek names them, in the order of ISO 8601. */
export const days = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
export type Day = (typeof days)[number];

/** Opening hours as typed, one text a day: "09:00-12:00, 13:30-17:00", "closed", "24 hours", '' for not said. */
export const hoursSchema = z.object({
  Monday: z.string().max(200),
  Tuesday: z.string().max(200),
  Wednesday: z.string().max(200),
  Thursday: z.string().max(200),
  Friday: z.string().max(200),
  Saturday: z.string().max(200),
  Sunday: z.string().max(200),
});
export type Hours = Readonly<z.infer<typeof hoursSchema>>;

export const emptyHours: Hours = {
  Monday: '',
  Tuesday: '',
  Wednesday: '',
  Thursday: '',
  Friday: '',
  Saturday: '',
  Sunday: '',
};

/** From `opens` to `closes`, both "HH:MM". Closing earlier than opening means on the next day. */
export interface Span {
  readonly opens: string;
  readonly closes: string;
}

export interface DayReading {
  /** undefined: nothing said or not readable; []: closed. */
  readonly spans: readonly Span[] | undefined;
  readonly faults: readonly Fault[];
  /** Only by appointment: said to visitors, markup has no way to say it. */
  readonly appointment?: boolean;
}

const ALL_DAY: Span = { opens: '00:00', closes: '23:59' };

/** Reads the hours of one day as people type them. What is not certain is a fault, never a guess. */
export const readDay = remember(readDayAnew);

/** What is longer is no hours of a day in any language, UTF-16 code units. */
const LONGEST_DAY = 1000;

function readDayAnew(text: string): DayReading {
  const english = readEnglishDay(text);
  if (english.faults.length === 0 || text.length > LONGEST_DAY) return english;
  const plain = plainLetters(text);
  for (const language of dayWords) {
    const read = readEnglishDay(toEnglish(plain, language));
    if (read.faults.length === 0 && (read.spans || read.appointment)) return read;
  }
  return english;
}

/** The same in English alone. */
export const readEnglishDay = remember(readEnglishDayAnew);

function readEnglishDayAnew(text: string): DayReading {
  const written = text.trim().toLowerCase();
  if (!written) return { spans: undefined, faults: [] };
  if (/^(closed|shut|–|-)$/.test(written)) return { spans: [], faults: [] };
  if (/^(?:only )?(?:by )?(?:appointment|appts?\.?)(?: only)?$/.test(written))
    return { spans: undefined, faults: [], appointment: true };
  if (/^(24 ?hours?|24h|open 24 hours|all day|around the clock|24\/7)$/.test(written))
    return { spans: [ALL_DAY], faults: [] };
  const spans: Span[] = [];
  for (const part of written.split(/\s*(?:,|;|&|\band\b|\/)\s*/)) {
    const span = readSpan(part);
    if (!span)
      return unreadable(
        `“${part.trim() || text}” cannot be read with certainty. Write 09:00-17:00 or 9am-5pm, with a comma between two spans.`,
      );
    spans.push(span);
  }
  spans.sort((a, b) => (a.opens < b.opens ? -1 : 1));
  for (const [at, span] of spans.entries()) {
    const next = spans[at + 1];
    if (next && (span.closes > next.opens || span.closes < span.opens))
      return unreadable(`${span.opens}–${span.closes} and ${next.opens}–${next.closes} overlap.`);
  }
  return { spans, faults: [] };
}

const unreadable = (message: string): DayReading => ({
  spans: undefined,
  faults: [fault('value/hours', message)],
});

/**
 * On which half of the day a bare hour lies, by the end of its span: "9-5pm" and "8-11am" can only begin in the morning,
 * "12-5pm" at noon, "1-5pm" after it; "9-17" can only be a 24-hour clock; "9-5" could be either.
 */
function halfOf(from: number, until: number, end: string): 'am' | 'pm' | '24' | undefined {
  if (until > 12) return '24';
  if (/a\.?m/.test(end)) return from < until && until < 12 ? 'am' : undefined;
  if (!/p\.?m/.test(end)) return undefined;
  if (from === 12 || (from < 6 && from < until)) return 'pm';
  return from > until ? 'am' : undefined;
}

/** The ends of a day from midnight to midnight; from 00:00 to 00:00 is how a closed day is told to machines. */
const BEGINS_DAY = /^\s*(?:0?0(?:[:.]?00)?(?: ?h)?|12(?::00)? ?a\.?m\.?|midnight)\s*$/;
const ENDS_DAY = /^\s*(?:24(?:[:.]?00)?(?: ?h)?|12(?::00)? ?a\.?m\.?|midnight)\s*$/;

function readSpan(text: string): Span | undefined {
  const ends = text.split(/\s*(?:-|–|—|\bto\b|\buntil\b|\btill?\b)\s*/);
  if (ends.length !== 2) return undefined;
  const [from = '', said = ''] = ends;
  const until = earlyHour(from, said);
  if (BEGINS_DAY.test(from) && ENDS_DAY.test(until)) return ALL_DAY;
  const hour = (end: string): number => parseInt(end, 10);
  const bareFrom = /^\d{1,2}$/.test(from.trim());
  // "22-4" can only be a 24-hour clock.
  if (bareFrom && hour(from) > 12 && hour(from) < 24 && /^\d{1,2}$/.test(until.trim()) && hour(until) <= 24)
    return { opens: readTime(from, '24'), closes: readTime(until, '24') };
  const half = bareFrom ? halfOf(hour(from), hour(until), until) : undefined;
  const opens = readTime(from, half);
  const closes = readTime(until, half === '24' || /\d[:.]?\d\d$/.test(from.trim()) ? '24' : undefined);
  // "9:30-5:30" and "3pm-6:30" would mean through the night; whoever means that writes 05:30.
  if (closes < opens && hour(from) <= 12 && /^[1-9](\D|$)/.test(until.trim()) && !/m/.test(until))
    return undefined;
  return opens && closes && opens !== closes ? { opens, closes } : undefined;
}

/** Days that share the same spans. Closed days share the empty list. */
export interface DayGroup {
  readonly days: readonly Day[];
  readonly spans: readonly Span[];
}

/** The days that are set and readable, those with equal spans together, in the order of the week. */
export function groupDays(hours: Hours): readonly DayGroup[] {
  const groups = new Map<string, { days: Day[]; spans: readonly Span[] }>();
  for (const day of days) {
    const { spans } = readDay(hours[day]);
    if (!spans) continue;
    const key = spansText(spans);
    const group = groups.get(key) ?? { days: [], spans };
    group.days.push(day);
    groups.set(key, group);
  }
  return [...groups.values()];
}

const spansText = (spans: readonly Span[]): string =>
  spans.map(({ opens, closes }) => `${opens}-${closes}`).join(', ');

/** One day's spans as the record writes them, so that `readDay` gives the same spans again. */
export function writeDay(spans: readonly Span[]): string {
  if (spans.length === 0) return 'closed';
  return spansText(spans) === spansText([ALL_DAY]) ? '24 hours' : spansText(spans);
}

export const closedSpan: Span = { opens: '00:00', closes: '00:00' };

const CLOCK_12 = new Set(['US', 'CA', 'AU', 'NZ', 'IN', 'PH', 'EG', 'SA', 'PK', 'BD', 'MY', 'CO', 'MX']);

/** The clock that visitors of a country (ISO 3166-1 alpha-2) read: 12 or 24 hours. */
export const clockOf = (country: string): 12 | 24 => (CLOCK_12.has(country) ? 12 : 24);

/** One row of an hours table for visitors: "Mon–Fri" and "9:00 AM – 5:00 PM". */
export interface HoursLine {
  readonly days: readonly Day[];
  readonly label: string;
  readonly text: string;
  /** undefined where only an appointment can be had. */
  readonly spans: readonly Span[] | undefined;
}

/** The words of a language for hours. */
export interface HoursWords {
  readonly days: Readonly<Record<Day, string>>;
  readonly closed: string;
  readonly allDay: string;
  readonly appointment: string;
  /** AM and PM where nothing is said. */
  readonly halves?: Halves | undefined;
}

const englishHours: HoursWords = {
  days: Object.fromEntries(days.map((day) => [day, day.slice(0, 3)])) as Record<Day, string>,
  closed: 'closed',
  allDay: 'open 24 hours',
  appointment: 'by appointment',
};

/** How hours are shown. */
export interface HoursStyle {
  readonly words?: HoursWords;
  readonly joinDays?: boolean;
  readonly closedDays?: boolean;
}

/** The hours for visitors; neighbouring days with equal hours are joined and closed days shown unless told not to. */
export function hoursLines(hours: Hours, clock: 12 | 24, style: HoursStyle = {}): readonly HoursLine[] {
  const { words = englishHours } = style;
  const lines: { days: Day[]; label: string; text: string; spans: readonly Span[] | undefined }[] = [];
  let previous = '';
  for (const day of days) {
    const { spans, appointment } = readDay(hours[day]);
    const hidden = spans?.length === 0 && style.closedDays === false;
    const text = hidden ? '' : spans ? showSpans(spans, clock, words) : appointment ? words.appointment : '';
    const last = lines.at(-1);
    if (text && last && text === previous && style.joinDays !== false) {
      last.days.push(day);
      last.label = `${words.days[last.days[0] ?? day]}–${words.days[day]}`;
    } else if (text) {
      lines.push({ days: [day], label: words.days[day], text, spans: appointment ? undefined : spans });
    }
    previous = text;
  }
  return lines;
}

/** One span for visitors: both its ends, or `alone` the words that stand for it: "closed", "open 24 hours". */
export function showTimes(
  { opens, closes }: Span,
  clock: 12 | 24,
  { closed, allDay, halves }: Pick<HoursWords, 'closed' | 'allDay' | 'halves'> = englishHours,
): { readonly from: string; readonly until: string; readonly alone: string } {
  const isAllDay = opens === ALL_DAY.opens && closes === ALL_DAY.closes;
  const alone = opens === closes ? closed : isAllDay ? allDay : '';
  return { from: showTime(opens, clock, halves), until: showTime(closes, clock, halves), alone };
}

/** Spans for visitors: "9:00 AM – 5:00 PM", "closed", "open 24 hours". */
export const showSpans = (spans: readonly Span[], clock: 12 | 24, words: HoursWords = englishHours): string =>
  (spans.length > 0 ? spans : [closedSpan])
    .map((span) => {
      const { from, until, alone } = showTimes(span, clock, words);
      return alone || `${from} – ${until}`;
    })
    .join(', ');

const FULL: readonly string[] = days;

/** The day a text names: "Monday", "Mo", "https://schema.org/Monday". undefined for anything else. */
export function dayNamed(text: string): Day | undefined {
  const name = text.trim().replace(/^(?:https?:\/\/(?:www\.)?schema\.org\/|schema:)/, '');
  return (
    days.find((day) => day === name) ??
    days.find((day) => name.length === 2 && day.startsWith(name) && FULL.includes(day))
  );
}

/** The days a text of schema.org/openingHours begins with: "Mo-Fr", "Mo,We,Fr"; undefined where it is none. */
function readDays(text: string): readonly Day[] | undefined {
  const found: Day[] = [];
  for (const part of text.split(',')) {
    const [from, until] = part.split('-').map(dayNamed);
    if (!from || (part.includes('-') && !until)) return undefined;
    const first = days.indexOf(from);
    const last = until ? days.indexOf(until) : first;
    for (let at = first; at !== (last + 1) % 7 || found.length === 0; at = (at + 1) % 7)
      found.push(days[at] ?? from);
  }
  return found;
}

/** "Mo-We,Fr" for days in the order of the week. */
export function shortDays(grouped: readonly Day[]): string {
  const runs: Day[][] = [];
  for (const day of grouped) {
    const run = runs.at(-1);
    const last = run?.at(-1);
    if (run && last && days.indexOf(last) === days.indexOf(day) - 1) run.push(day);
    else runs.push([day]);
  }
  const short = (day: Day | undefined): string => (day ?? '').slice(0, 2);
  return runs
    .map((run) => (run.length > 1 ? `${short(run[0])}-${short(run.at(-1))}` : short(run[0])))
    .join(',');
}

/** Reads one text of schema.org/openingHours, such as "Mo-Fr 09:00-17:00" or "Sa 10:00-12:00". */
export function readOpeningHoursText(
  text: string,
): { readonly days: readonly Day[]; readonly spans: readonly Span[] } | undefined {
  const match = /^\s*([A-Z][a-z](?:[-,][A-Z][a-z])*)(?:\s+(.*?))?\s*$/.exec(text);
  const named = match ? readDays(match[1] ?? '') : undefined;
  if (!match || !named) return undefined;
  if (!match[2]) return { days: named, spans: [ALL_DAY] };
  const spans: Span[] = [];
  for (const part of match[2].split(',')) {
    const [, opens = '', closes = ''] =
      /^((?:[01]\d|2[0-3]):[0-5]\d)-((?:[01]\d|2[0-3]):[0-5]\d|24:00)$/.exec(part.trim()) ?? [];
    if (!opens) return undefined;
    spans.push({ opens, closes });
  }
  return { days: named, spans };
}
