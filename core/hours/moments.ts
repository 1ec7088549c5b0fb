import { fold, namedLanguages } from '#core/text';
import { readDay } from './hours.ts';
import { isDate, isDateOrYear } from './special.ts';
import { isMachineTime } from './time.ts';

/** Nobody writes a date or a time at greater length. */
const LONGEST_MOMENT = 200;

/** The year first, in whatever way: with dashes of typography, strokes, stops, or the signs of Chinese and Korean. */
const YEAR_FIRST =
  /^(\d{4}) ?[-./\u2010-\u2015\u2212年년] ?(\d{1,2}) ?[-./\u2010-\u2015\u2212月월] ?(\d{1,2}) ?[.日일]?$/;

/** The years before the first of an era, as the calendars of Japan, Taiwan and Thailand count theirs. */
const ERAS: Readonly<Record<string, number>> = {
  明治: 1867,
  大正: 1911,
  昭和: 1925,
  平成: 1988,
  令和: 2018,
  民國: 1911,
  民国: 1911,
};
const ERA_YEAR = new RegExp(`^(${Object.keys(ERAS).join('|')}) ?(\\d{1,3}|元)(?= ?年)`);
/** Of the Buddhist calendar, where it says so or is written in Thai. */
const THAI_YEAR = /(?<!\d)(?:(?<=\p{sc=Thai}.{0,12})|พ\.ศ\. ?)(2[45]\d\d)(?!\d)/u;
const BUDDHIST = 543;

/** A date whose year is counted by an era, with that of the common one: "昭和52年4月", "พ.ศ. 2541". */
const inCommonEra = (text: string): string =>
  text
    .replace(ERA_YEAR, (_, era: string, year: string) =>
      String((ERAS[era] ?? 0) + (year === '元' ? 1 : Number(year))),
    )
    .replace(THAI_YEAR, (_, year: string) => String(Number(year) - BUDDHIST));

/**
 * A date whose order nobody can mistake, as ISO 8601: the year first, the month in words, days with a stop behind
 * them, or one past the twelfth; else ''. `country` (alpha-2) says which of two small numbers is the day.
 */
export function machineDate(written: string, country = ''): string {
  if (written.length > LONGEST_MOMENT) return '';
  const text = inCommonEra(written);
  const two = (number: string | number): string => String(number).padStart(2, '0');
  const fromYear = YEAR_FIRST.exec(text);
  if (fromYear) {
    const [, year = '', month = '', day = ''] = fromYear;
    const date = `${year}-${two(month)}-${two(day)}`;
    return isDate(date) ? date : '';
  }
  const [, first = '', mark = '', second = '', year = ''] =
    /^(\d{1,2})([./-]) ?(\d{1,2})\2 ?(\d{4})$/.exec(text) ?? [];
  const [one, other] = [Number(first), Number(second)];
  const inOrder = MONTH_FIRST.has(country)
    ? [other, one]
    : country && !EITHER.has(country)
      ? [one, other]
      : [0, 0];
  const [day = 0, month = 0] = mark === '.' || one > 12 ? [one, other] : other > 12 ? [other, one] : inOrder;
  const date = `${year}-${two(month)}-${two(day)}`;
  if (day > 0) return isDate(date) ? date : '';
  const said = dateInWords(text);
  return said.length === 10 ? said : '';
}

/** Where date, time and zone are parted otherwise than ISO 8601 does, or the zone is written twice. */
const MOMENT =
  /^(\d{4}-\d{2}-\d{2})(?:T| {1,3})(\d{2}:\d{2}(?::\d{2})?)(\.\d{1,9})? ?(?:([+-]\d{2}):?(\d{2})|(Z{1,3}|UTC|GMT))?$/i;

/** The machine's form of a date with its time (ISO 8601): "2026-12-25 09:30:00 +0100"; '' for anything else. */
export function machineMoment(text: string): string {
  if (text.length > LONGEST_MOMENT) return '';
  const [, date = '', time = '', part = '', hours = '', minutes = '', zone] = MOMENT.exec(text.trim()) ?? [];
  if (!isDate(date) || !isMachineTime(time)) return '';
  return `${date}T${time}${/[1-9]/.test(part) ? part : ''}${hours ? `${hours}:${minutes}` : zone ? 'Z' : ''}`;
}

/** The same of which perhaps only the year or the month is said: "3/1998", "mars 1998", "since 1998". */
export function machineDateOrYear(text: string, country = ''): string {
  if (text.length > LONGEST_MOMENT) return '';
  const written = inCommonEra(text.trim());
  if (written !== text.trim() && isDateOrYear(written)) return written;
  const [, month = '', year = ''] = /^(\d{1,2}) ?[./-] ?(\d{4})$/.exec(written) ?? [];
  const [, first = '', second = ''] = /^(\d{4}) ?[年년] ?(?:(\d{1,2}) ?[月월])?$/.exec(written) ?? [];
  const part = month
    ? `${year}-${month.padStart(2, '0')}`
    : second
      ? `${first}-${second.padStart(2, '0')}`
      : first;
  if (part) return isDateOrYear(part) ? part : '';
  return machineDate(written, country) || dateInWords(written) || yearAmongWords(written);
}

/** "since 1974", "gegründet 1974": the only number, of a year, among a few words that are no month. */
function yearAmongWords(text: string): string {
  const [, year = ''] = /^(?:\p{L}[\p{L}.’' ]{1,30})\s(1[0-9]{3}|20[0-9]{2})\.?$/u.exec(text) ?? [];
  const isMonth = fold(text)
    .split(' ')
    .some((word) => monthNamed(word) > 0);
  return isMonth ? '' : year;
}

/** Where the month stands before the day in figures, and where people write both orders (Unicode CLDR). */
const MONTH_FIRST: ReadonlySet<string> = new Set(['US', 'FM', 'MH', 'PW']);
const EITHER: ReadonlySet<string> = new Set(['CA', 'PH', 'PR', 'GU', 'KE', 'ZA', 'HK', 'MY', 'SG']);

/** What stands between the parts of a date in words, folded. */
const BETWEEN = new Set('de del di of the le am den d el la'.split(' '));

/** "12. März 1998", "March 12, 1998", "mars 1998" as ISO 8601; '' where the words are no date. */
function dateInWords(text: string): string {
  if (text.length > 60) return '';
  const words = text
    .split(/[^\p{L}\p{M}\d]+/u)
    .map(wordOfDate)
    .filter((word) => word && !BETWEEN.has(word));
  const named = words.filter((word) => !/^\d/.test(word)).map(monthNamed);
  const years = words.filter((word) => /^[12]\d{3}$/.test(word));
  const dayWords = words.filter((word) => /^\d{1,2}(?:st|nd|rd|th|er|o|a)?$/.test(word));
  if (named.length !== 1 || years.length !== 1 || dayWords.length > 1) return '';
  const [[month = 0], [year = ''], [day = '']] = [named, years, dayWords];
  if (!month || words.length !== 2 + dayWords.length) return '';
  const two = (number: number): string => String(number).padStart(2, '0');
  const date = `${year}-${two(month)}${day ? `-${two(Number.parseInt(day, 10))}` : ''}`;
  return isDateOrYear(date) ? date : '';
}

/** A word folded, as one: the vowel signs of Thai are no letters, and part none. */
const wordOfDate = (word: string): string => fold(word).replaceAll(' ', '');

let months: ReadonlyMap<string, number> | undefined;

/** The number of a month by its name, long or short, in any of `namedLanguages`; 0 for what names none, or two. */
export function monthNamed(word: string): number {
  months ??= monthNames();
  return months.get(word) ?? 0;
}

function monthNames(): ReadonlyMap<string, number> {
  const found = new Map<string, number>();
  for (const language of namedLanguages)
    for (const month of ['long', 'short'] as const)
      for (const day of [undefined, 'numeric'] as const) {
        const format = new Intl.DateTimeFormat(language, {
          month,
          day,
          calendar: 'gregory',
          timeZone: 'UTC',
        });
        for (let at = 0; at < 12; at += 1) {
          const part = format.formatToParts(Date.UTC(2026, at, 15)).find(({ type }) => type === 'month');
          const name = wordOfDate(part?.value ?? '');
          if (!/\p{L}/u.test(name) || /[^\p{L}\p{M}\d.]/u.test(part?.value ?? '')) continue;
          found.set(name, (found.get(name) ?? at + 1) === at + 1 ? at + 1 : 0);
        }
      }
  return found;
}

/** The time that was certainly meant, as "HH:MM"; '' where it is not certain. */
export function machineTime(text: string): string {
  if (text.length > LONGEST_MOMENT) return '';
  const written = text.trim().replace(/^T(?=\d{2}:)/, '');
  if (isMachineTime(written)) return written;
  const { spans } = readDay(`${written} - 23:58`);
  return spans?.[0]?.opens ?? '';
}
