import { untilEarlier, type Segment } from './until.ts';
import { fault, type Fault } from '#core/fault';
import { remember } from '#core/text';
import { gridAt } from './grid.ts';
import { days, emptyHours, readDay, readEnglishDay, writeDay, type Day, type Hours } from './hours.ts';
import { ASIDE, withBreak, withoutLunch, withoutRemarks } from './remarks.ts';
import { letterRanges, withPlainTimes } from './plainTimes.ts';
import {
  daysNamedIn,
  languageOf,
  languagesFor,
  plainLetters,
  toEnglish,
  timesInEnglish,
} from './translate.ts';
import { withoutServices } from './services.ts';

export interface WeekReading {
  /** Each day as the record writes it; '' for days that nothing is said of. */
  readonly hours: Hours;
  /** Where half of the day was not written and daytime was taken. */
  readonly assumed: boolean;
  readonly faults: readonly Fault[];
}

const DAY = String.raw`(?:mon(?:day)?s?|tue(?:s|sday)?s?|wed(?:nesday|s)?s?|thu(?:rs|r|rsday)?s?|fri(?:day)?s?|sat(?:urday)?s?|sun(?:day)?s?|mo|tu|we|th|fr|sa|su|daily|every ?day|weekdays?|weekends?|all week|ph)`;
const DAYS = new RegExp(
  String.raw`(?<![\p{L}\d])${DAY}\b\.?(?:\s*(?:-|–|—|to|thru|through|until|,|&|\/|\+|and|,?\s*\(?except(?: on)?)\s*${DAY}\b\.?)*`,
  'giu',
);

/** "Open all days", "7 days a week". */
const EVERY_DAY = /(?<!\d)\b(?:(?:all|7|seven) days(?: (?:a|per|of the) week)?|every ?day of the week)\b/gi;

/**
 * Reads a week as people write it on a door: "Mon–Thu 9-5.30, Sat 10 to noon, closed Sundays". Hours without
 * a day are those of every day. Where the half of the day is not written ("9-5"), daytime is taken and
 * `assumed` says so: show it before you take it. What cannot be read is a fault and leaves the rest as read.
 * Other languages are read as well; `language` (BCP 47) names the one to try first.
 */
export const readWeek = (text: string, language = ''): WeekReading => once(`${language}\n${text}`);

const once = remember((key) => {
  const end = key.indexOf('\n');
  return readWeekAnew(key.slice(end + 1), key.slice(0, end));
});

/** Blanks in a row as one, or as the breaks of a line and of a paragraph: in thousands of them words are looked for at length. */
const withFewBlanks = (text: string): string =>
  text.replace(/\s{2,}/g, (blanks) => {
    const [first, second] = blanks.match(/\n/g) ?? [];
    return second ? '\n\n' : first ? '\n' : ' ';
  });

/** With the names of services (lunch, dinner) and, where that leaves something unread, without them. */
function readWeekAnew(whole: string, code: string): WeekReading {
  const text = withoutRemarks(withFewBlanks(whole.slice(0, LONGEST)));
  const read = readInWords(text, code);
  if (read.faults.length === 0) return read;
  const unnamed = withoutServices(text);
  const served = unnamed === text ? read : readInWords(unnamed, code);
  return served.faults.length === 0 ? served : read;
}
/** No hours are longer; what is pasted besides is not looked at. */
const LONGEST = 10_000;

/** English first, unless another language is named; another where English leaves something unread. */
function readInWords(text: string, code: string): WeekReading {
  const plain = plainLetters(text.slice(0, 1000));
  const native = languageOf(code, plain);
  const inNative =
    native && daysNamedIn(plain, native) > 0 ? readEnglish(toEnglish(plain, native)) : undefined;
  if (inNative?.faults.length === 0) return inNative;
  const english = readEnglish(text);
  if (english.faults.length === 0) return english;
  const others = languagesFor(code).flatMap((language) => {
    const named = daysNamedIn(plain, language);
    const read = named > 0 ? readEnglish(toEnglish(plain, language)) : undefined;
    return read?.faults.length === 0 ? [{ named, read }] : [];
  });
  const [best] = others.sort((a, b) => b.named - a.named);
  // Only a text without any day can be times alone.
  if (!best) return (text.search(DAYS) < 0 ? readTimesAlone(plain) : undefined) ?? english;
  // Where two languages would read it otherwise, the nearer one is taken and said to be assumed.
  const sure = others.every(({ read }) => days.every((day) => read.hours[day] === best.read.hours[day]));
  return { ...best.read, assumed: best.read.assumed || !sure };
}

/** Whether a text says closed and nothing else, in any language that hours are read in. */
export function saysClosed(text: string): boolean {
  if (!/\p{L}/u.test(text)) return false;
  const plain = plainLetters(text.trim().slice(0, 100));
  if (!timesInEnglish(plain).includes('closed')) return false;
  const isClosed = (english: string): boolean => english.trim().toLowerCase() === 'closed';
  return isClosed(plain) || languagesFor('').some((language) => isClosed(toEnglish(plain, language)));
}

/** Hours of every day in the words of any language: "9h-18h", "von 9 bis 18 Uhr". */
function readTimesAlone(plain: string): WeekReading | undefined {
  if (!/\d|closed|noon|midnight/.test(timesInEnglish(plain))) return undefined;
  for (const language of languagesFor('')) {
    const read = readEnglish(toEnglish(plain, language));
    if (read.faults.length === 0 && days.every((day) => read.hours[day])) return read;
  }
  return undefined;
}

/** Each way of saying every day, every weekday and all day as one. */
const withPlainDays = (text: string): string =>
  text
    .replace(EVERY_DAY, 'daily')
    .replace(/\bevery weekday\b/gi, 'weekdays')
    .replace(/\b(weekends?|(?:satur|sun)days?) (?=ph\b)/gi, '$1, ')
    .replace(/\b24 ?h(?:ou)?rs? (?:a|per) day\b/gi, '24 hours');

/** A text of one line with "PH" for public holidays. */
const plainEnglish = (text: string): string =>
  text
    .trim()
    .slice(0, 1000)
    .replace(/\s+/g, ' ')
    .replace(/\b(?:(?:public|bank|national|federal|statutory) )?holidays?\b/gi, 'ph')
    // "We" is Wednesday.
    .replace(/\bwe(?:['’]| a)re\b/gi, '');

function readEnglish(text: string): WeekReading {
  const { text: said, lunch } = withoutLunch(withPlainDays(plainEnglish(text)));
  const grid = gridAt(said, Math.max(0, said.search(DAYS)));
  if (grid?.hours) return { hours: grid.hours, assumed: false, faults: [] };
  const written = withPlainTimes(letterRanges(said));
  if (!written) return { hours: emptyHours, assumed: false, faults: [] };
  const segments = untilEarlier(cut(written));
  const hours: Record<Day, string> = { ...emptyHours };
  const faults: Fault[] = [];
  let assumed = segments.some(({ isFromBefore }) => isFromBefore);
  const tell = (what: string): void => {
    faults.push(
      fault(
        'value/hours',
        `“${what}” cannot be read with certainty. Write it like Mon–Fri 9:00-17:00, Sat closed.`,
      ),
    );
  };
  const set = (named: readonly Day[], times: string): void => {
    const read = readTimes(times);
    if (!read) {
      tell(times);
      return;
    }
    assumed ||= read.assumed;
    const text = laterThan(named, hours, read.text);
    for (const day of named) hours[day] = withMore(hours[day], text);
  };
  let pendingDays: readonly Day[] | undefined;
  let pendingHours: string | undefined;
  let everyDay: string | undefined;
  for (const [at, segment] of segments.entries()) {
    if (segment.days) {
      if (pendingHours !== undefined && everyDay === undefined && areClosedDays(segments.slice(at))) {
        everyDay = pendingHours;
        pendingHours = undefined;
        pendingDays = segment.days;
      } else if (pendingHours !== undefined) {
        set(segment.days, pendingHours);
        pendingHours = undefined;
      } else {
        const [listed, named] = [pendingDays ?? [], segment.days];
        // "星期一至五 Mon–Fri": the same days in two languages. "lun. mar. gio.": a list without its commas.
        const isList = named.length === 1 && !named.some((day) => listed.includes(day));
        assumed ||= listed.length > 0 && isList;
        if (listed.length > 0 && listed.join() !== named.join() && !isList) tell(listed.join(', '));
        pendingDays = isList ? [...listed, ...named] : named;
      }
    } else if (pendingDays) {
      set(pendingDays, segment.text);
      pendingDays = undefined;
    } else {
      if (pendingHours !== undefined && everyDay === undefined && isClosed(segment)) everyDay = pendingHours;
      else if (pendingHours !== undefined) tell(pendingHours);
      pendingHours = segment.text;
    }
  }
  if (pendingDays?.some((day) => hours[day] !== 'closed')) tell(pendingDays.join(', '));
  const isAllClosed = days.every((day) => !/\d/.test(hours[day]));
  if (pendingHours !== undefined && isAllClosed && days.some((day) => hours[day])) {
    everyDay ??= pendingHours;
    pendingHours = undefined;
  }
  // "10–19, closed Wednesday": the hours are those of the other days.
  if (everyDay !== undefined && isAllClosed)
    set(
      days.filter((day) => !hours[day]),
      everyDay,
    );
  if (pendingHours !== undefined) {
    if (segments.length === 1) set(days, pendingHours);
    else tell(pendingHours);
  }
  const pause = lunch ? readTimes(lunch) : undefined;
  if (lunch && !pause) tell(lunch);
  if (pause) for (const day of days) hours[day] = withBreak(hours[day], pause.text);
  return { hours, assumed, faults };
}

const isClosed = ({ text }: Segment): boolean => /^(?:closed|shut)$/i.test(text);

/** "Wed closed, Sun closed" and nothing else: what stood before are the hours of the other days. */
const areClosedDays = (segments: readonly Segment[]): boolean =>
  segments.length % 2 === 0 &&
  segments.every((one, at) => (at % 2 === 0 ? one.days : !one.days && isClosed(one)));

/** A day of which more is said: the further hours beside the first, or instead of them where they overlap. */
function withMore(said: string, more: string): string {
  const both = said && /\d/.test(said) && /\d/.test(more) ? readEnglishDay(`${said}, ${more}`) : undefined;
  return both?.spans ? writeDay(both.spans) : more;
}

/**
 * More hours of days of which some are said: "6–10pm" behind the hours of noon is of the evening, on every day it is of.
 * A span that opens in the morning and overlaps what is said opens twelve hours later, where it then does not.
 */
function laterThan(named: readonly Day[], said: Hours, more: string): string {
  const overlaps = (text: string): boolean =>
    named.some((day) => said[day] !== '' && withMore(said[day], text) === text);
  const [, hour = '', rest = '', closes = ''] = /^(0\d|1[01])(:\d\d)-(\d\d):\d\d$/.exec(more) ?? [];
  const opens = Number(hour) + 12;
  if (!hour || opens >= Number(closes) || !overlaps(more)) return more;
  const evening = `${String(opens)}${rest}${more.slice(5)}`;
  return overlaps(evening) ? more : evening;
}

/** Groups of days and what stands between them; "closed" stands apart from the times before it. */
function cut(text: string): readonly Segment[] {
  const segments: Segment[] = [];
  const between = (from: number, until: number): void => {
    const trimmed = text
      .slice(from, until)
      .trim()
      .replace(/^[-–—]\s*(?=\d{1,2}(?:[:.]\d{2})?[\s,;.|]*$)/, 'until ')
      .replace(ASIDE, '')
      // "10am–5pm, late night Thursday until 8pm"
      .replace(/[\s,;(]*\b(?:open )?late(?:[- ]night)?(?: opening)?(?: on)?$/i, '')
      .replace(/\s*\bon$|\band$/i, '')
      .replace(/^[\s,;:.()|•·●–—-]+|[\s,;:()./|•·●–—-]+$/g, '')
      .replace(
        /^(?:(?:are|is|from|and|open|(?:(?:opening|business|office|store|shop) )?hours(?: of operation)?:?)(?:\s+|$))+/i,
        '',
      )
      .trim()
      // What a sentence more says without a time: "9-5. Evenings by arrangement."
      .replace(/(?<=\d|[ap]m|noon|midnight|closed)[.!]\s+(?!(?:closed|shut)$)\p{L}[^\d]*$/iu, '')
      .replace(/^(?:weekly )?off$|^closed[\s.,]+closed$/i, 'closed');
    if (
      !trimmed ||
      /^((?:our |the )?(?:office|shop|store|showroom|surgery|studio|clinic|practice|salon|restaurant|workshop|garage)s?(?: is| are)? open|and|on|open|from|hours|(?:opening|business|office|trading|store|shop|clinic|salon|working|reception|opd|surgery|practice|studio) (?:hours|times?|timings?)|timings?|hours of operation|:)$/i.test(
        trimmed,
      )
    )
      return;
    // Looked for from the ends alone: a page may hold thousands of lines that speak of hours.
    const closed = /(?<![\s,;(])[\s,;(]+(?:and )?(closed|shut):?$/i.exec(trimmed);
    const leading = /^(closed|shut)[\s,;]+/i.exec(trimmed);
    const before = closed ? trimmed.slice(0, closed.index) : '';
    const behind = leading ? trimmed.slice(leading[0].length) : '';
    const parts = /\d|noon/i.test(before)
      ? [before, closed?.[1]]
      : /\d/.test(behind)
        ? [leading?.[1], behind]
        : [trimmed];
    for (const part of parts)
      segments.push({ text: (part ?? '').replace(/(?<![\s,;/|.•·●&])[\s,;/|.•·●&]+$/, '') });
  };
  let end = 0;
  for (const match of text.matchAll(DAYS)) {
    between(end, match.index);
    segments.push({ days: daysOf(match[0]), text: match[0] });
    end = match.index + match[0].length;
  }
  between(end, text.length);
  return segments;
}

function daysOf(text: string): readonly Day[] {
  const found = new Set<Day>();
  // "Mon-Wed-Fri" are three days.
  const isList = /^\p{L}+\.?(?:\s?-\s?\p{L}+\.?){2,}$/u.test(text);
  const tokens =
    (isList ? text.replaceAll('-', ',') : text).toLowerCase().match(/[a-z]+(?: (?:day|week))?|[-–—]/g) ?? [];
  let last: Day | undefined;
  let [range, isExcept] = [false, false];
  for (const token of tokens) {
    if (/^(-|–|—|to|thru|through|until)$/.test(token)) range = true;
    else if (token === 'and') range = false;
    else if (token === 'except') isExcept = true;
    else if (isExcept) for (const day of daysNamed(token)) found.delete(day);
    else {
      const named = daysNamed(token);
      const [first] = named;
      if (range && last && first)
        for (let at = days.indexOf(last); ; at = (at + 1) % 7) {
          found.add(days[at] ?? first);
          if (days[at] === first) break;
        }
      for (const day of named) found.add(day);
      last = named.at(-1);
      range = false;
    }
  }
  return days.filter((day) => found.has(day));
}

function daysNamed(token: string): readonly Day[] {
  if (/^(daily|every ?day|all week)$/.test(token)) return days;
  // Public holidays are no days of the week.
  if (token === 'ph') return [];
  if (token.startsWith('weekd')) return days.slice(0, 5);
  if (token.startsWith('weeke')) return days.slice(5);
  return days.filter((day) => day.toLowerCase().startsWith(token.slice(0, Math.min(3, token.length))));
}

/** One day's hours, daytime taken where a half of the day is not written. */
function readTimes(written: string): { text: string; assumed: boolean } | undefined {
  const text = written
    // Who comes at another time makes an appointment.
    .replace(/(?<=\d\D{0,12})[\s,;]*\b(?:and |or )?(?:also )?by app(?:ointmen)?ts?\.?(?: only)?\.?$/i, '')
    .replace(/\b12\s+(noon|midnight)\b/gi, '$1')
    .replace(/\b12(?::00)?\s*([mn])n\b/gi, (_, half: string) => (/m/i.test(half) ? 'midnight' : 'noon'));
  const sure = readEnglishDay(text);
  if (sure.appointment) return { text: 'by appointment', assumed: false };
  if (sure.spans) return { text: writeDay(sure.spans), assumed: false };
  const guess = readEnglishDay(daytime(text));
  return guess.spans ? { text: writeDay(guess.spans), assumed: true } : undefined;
}

/** "9-5.30" → "9:00am-5:30pm": a place opens from six in the morning on, and closes after it opened. */
function daytime(text: string): string {
  // The second hours of a day come behind its first.
  let closedAt = 0;
  const time = String.raw`(\d{1,2})(?:[:.h](\d{2}))?\s*([ap]\.?m\.?)?`;
  return text.replace(
    new RegExp(
      String.raw`${time}\s*(?:-|–|—|\bto\b|\buntil\b|\btill?\b)\s*(?:${time}|(noon|midday|midnight))`,
      'gi',
    ),
    (
      whole,
      fromHour: string,
      fromMinute?: string,
      fromHalf?: string,
      untilHour?: string,
      untilMinute?: string,
      untilHalf?: string,
      word?: string,
    ) => {
      const opens = Number(fromHour);
      const closes = word ? (/midnight/i.test(word) ? 24 : 12) : Number(untilHour);
      if (opens > 12 || opens < 1 || (closes > 12 && !word)) return whole;
      // "11-02" is of twenty-four hours.
      if (/^0/.test(untilHour ?? '') && !fromHalf && !untilHalf && closes < opens)
        return `${fromHour}:${fromMinute ?? '00'}-${untilHour ?? ''}:${untilMinute ?? '00'}`;
      // "6-2am" opens in the evening.
      const isNight = /a/i.test(untilHalf ?? '') && closes < 6 && opens < 10;
      const isMorning = opens >= 6 && opens < 12 && !isNight && !(opens < closedAt);
      const opensHalf = fromHalf ?? (isMorning ? 'am' : 'pm');
      // "3pm-6:30" closes in the evening, "6pm-2" in the night.
      const isEvening = /p/i.test(opensHalf)
        ? closes === 12 || !fromHalf || closes > opens % 12
        : closes === 12 || closes <= opens;
      const closing =
        word ?? `${untilHour ?? ''}:${untilMinute ?? '00'}${untilHalf ?? (isEvening ? 'pm' : 'am')}`;
      closedAt = /p|noon|midday/i.test(closing) ? (closes % 12) + 12 : closes;
      return `${fromHour}:${fromMinute ?? '00'}${opensHalf}-${closing}`;
    },
  );
}

/** A week in a few words for people and spreadsheets: "Mon–Fri 09:00-17:00, Sat closed". '' where nothing is set. */
export function writeWeek(hours: Hours): string {
  const groups: { first: Day; last: Day; text: string }[] = [];
  for (const day of days) {
    const { spans } = readDay(hours[day]);
    const text = spans ? writeDay(spans) : hours[day].trim();
    const last = groups.at(-1);
    if (!text) continue;
    if (last && last.text === text && days.indexOf(last.last) === days.indexOf(day) - 1) last.last = day;
    else groups.push({ first: day, last: day, text });
  }
  return groups
    .map(
      ({ first, last, text }) =>
        `${first.slice(0, 3)}${first === last ? '' : `–${last.slice(0, 3)}`} ${text}`,
    )
    .join('; ');
}

/** One text for all days where they are alike. */
export function writeSpecialWeek(hours: Hours): string {
  const texts = new Set(days.map((day) => hours[day]));
  return texts.size === 1 ? hours.Monday : writeWeek(hours);
}

const ANY_SPAN = '09:00-17:00';

/** The days that a text names, in any language that hours are read in, `language` (BCP 47) first; none where it says more than days. */
export function daysSaid(
  text: string,
  language = '',
): { readonly days: readonly Day[]; readonly assumed: boolean } {
  const { hours, faults, assumed } = readWeek(`${text} ${ANY_SPAN}`, language);
  return { days: faults.length > 0 ? [] : days.filter((day) => hours[day] === ANY_SPAN), assumed };
}

/** What a day has that is not open, besides the words for it. */
const NOT_OPEN = /^(?:[-–—/x×✗✕]|n\.?\s?\/?\s?a\.?|nil|none|day off|closed all day|zu|dicht)$/i;

/** A day from midnight to midnight, as programs write one that does not close. */
const AROUND_THE_CLOCK =
  /^(?:0?0[:.]00(?:[:.]00)?|12(?:[:.]00)?\s?am)\s*[-–—]\s*(?:0?0[:.]00(?:[:.]00)?|12(?:[:.]00)?\s?am)$/i;

/** What people certainly or by daytime meant by a day's text that is not read as it stands: "9-5.30"; '' for nothing else. */
export function dayMeant(day: Day, text: string): string {
  if (readDay(text).faults.length === 0) return '';
  const said = text.trim();
  if (NOT_OPEN.test(said)) return 'closed';
  if (AROUND_THE_CLOCK.test(said)) return '24 hours';
  const spans = said.replace(/\s*\|\s*/g, ', ');
  // In the words of another language than the day's: “9 Uhr bis 12 Uhr und 14 bis 18 Uhr”.
  const alone = readWeek(spans);
  if (alone.faults.length === 0 && days.every((one) => alone.hours[one] === alone.hours[day]))
    return alone.hours[day];
  const { hours, faults } = readWeek(`${day} ${spans}`);
  const isOther = days.some((one) => one !== day && hours[one]);
  return faults.length > 0 || isOther ? '' : hours[day];
}
