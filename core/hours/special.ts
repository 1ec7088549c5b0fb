import { fault, type Fault } from '#core/fault';
import { days, readDay, type Day, type Hours, type Span } from './hours.ts';
import { readWeek } from './week.ts';

/** Hours that hold from one date through another (ISO 8601, both included) instead of the weekly ones. */
export interface SpecialHours {
  readonly name: string;
  readonly from: string;
  /** '' for the one day. */
  readonly through: string;
  /** "closed", "10:00-14:00", or a whole week. */
  readonly hours: string;
}

/** Whether a text is a date of the calendar as ISO 8601 writes it: "2026-12-25". */
export function isDate(text: string): boolean {
  const [, year = '', month = '', day = ''] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text) ?? [];
  if (!year) return false;
  const date = new Date(Date.UTC(Number(year), Number(month) - 1, Number(day)));
  return date.getUTCMonth() === Number(month) - 1 && date.getUTCDate() === Number(day);
}

/** Whether a text is a date, or a year or month (ISO 8601, reduced precision): "1987", "1987-04". */
export const isDateOrYear = (text: string): boolean =>
  isDate(text) || /^\d{4}$/.test(text) || isDate(`${text}-01`);

/** The first and last date of an exception, undefined where it has none. */
export function datesOf({ from, through }: SpecialHours): { from: string; through: string } | undefined {
  const [first, last] = [from.trim(), through.trim() || from.trim()];
  return isDate(first) && isDate(last) && first <= last ? { from: first, through: last } : undefined;
}

/** The spans of each day that an exception speaks of. */
export function specialDays(special: SpecialHours): ReadonlyMap<Day, readonly Span[]> {
  const { hours } = readWeek(special.hours);
  return new Map(
    days.flatMap((day) => {
      const { spans } = readDay(hours[day]);
      return spans ? [[day, spans] as const] : [];
    }),
  );
}

/** Faults of an exception, each with what to write. */
export function judgeSpecial(special: SpecialHours): readonly Fault[] {
  const name = special.name.trim() || 'An exception';
  const found: Fault[] = [];
  for (const date of [special.from, special.through])
    if (date.trim() && !isDate(date.trim()))
      found.push(
        fault('value/date', `${name}: “${date}” is no date. Write year, month and day: 2026-12-25.`),
      );
  if (!special.from.trim())
    found.push(fault('value/date', `${name} needs the date it begins on, like 2026-12-25.`));
  else if (found.length === 0 && !datesOf(special))
    found.push(fault('value/date', `${name} ends on ${special.through}, before it begins.`));
  const read = readWeek(special.hours);
  if (!special.hours.trim())
    found.push(fault('value/hours', `${name}: write “closed” or the hours of these days.`));
  for (const { message } of read.faults) found.push(fault('value/hours', `${name}: ${message}`));
  return found;
}

/** The exception that holds on a date: of several the one for the fewest days, then the later one. */
export function specialOn(specials: readonly SpecialHours[], date: string): SpecialHours | undefined {
  let best: { special: SpecialHours; length: number } | undefined;
  for (const special of specials) {
    const dates = datesOf(special);
    if (!dates || date < dates.from || date > dates.through) continue;
    const length = Date.parse(dates.through) - Date.parse(dates.from);
    if (!best || length <= best.length) best = { special, length };
  }
  return best?.special;
}

/** When a place is open: its week, dated exceptions, and the hours of public holidays. */
export interface Schedule {
  readonly hours: Hours;
  readonly specials?: readonly SpecialHours[];
  /** The hours of each, as a day's text, and the dates (ISO 8601) that they fall on. */
  readonly publicHolidays?: { readonly hours: string; readonly dates: ReadonlySet<string> };
}

/**
 * The spans of one date: those of an exception where one holds, on a public holiday those of public holidays, else of
 * the week; undefined where nothing is said.
 */
export function spansOn(
  { hours, specials = [], publicHolidays }: Schedule,
  date: string,
): readonly Span[] | undefined {
  const weekday = days[(new Date(`${date}T00:00:00Z`).getUTCDay() + 6) % 7] ?? 'Monday';
  const special = specialOn(specials, date);
  const holiday = publicHolidays?.dates.has(date) ? readDay(publicHolidays.hours).spans : undefined;
  return (special && specialDays(special).get(weekday)) ?? holiday ?? readDay(hours[weekday]).spans;
}
