import { rememberLast } from '#core/text';
import { withoutDated } from './dated.ts';
import { gridAt } from './grid.ts';
import { days, emptyHours, type Hours } from './hours.ts';
import { neverClosedIn } from './aroundClock.ts';
import { isHoursLabel } from './labels.ts';
import type { DayWords } from './dayWords.ts';
import { dayWords } from './languages.ts';
import {
  daysNamedAt,
  daysNamedIn,
  languageOf,
  languagesIn,
  distinctDaysNamedIn,
  plainLetters,
  toEnglish,
} from './translate.ts';
import { withoutRemarks } from './remarks.ts';
import { withoutServices } from './services.ts';
import { readWeek } from './week.ts';

/** A day of the week, or a word for several, as people write it; "every day" only beside times. */
const DAY_WORD =
  /\b(?:mon|tues?|wed|thu(?:rs?)?|fri|sat|sun)(?:[a-z]*day)?s?\b|\b(?:daily|weekdays?|weekends|(?:all|7|seven) days|every ?day(?=[^\n]{0,30}\d)|every ?day(?<=\d[^\n]{0,30}\severy ?day))\b|24(?<=(?:^|\n)\s*(?:(?:hours|open|always open)\s*:?\s*)?24)\s?\/\s?7(?=\s*(?:\n|$))/i;

const SHORT_RANGE = String.raw`(?:M|Tu?|W|Th|F|Mo|We|Fr|Sa|Su)\s?(?:-|–|—|to|thru)\s?(?:W|Th|F|S|Sa|Su|Tu|We|Fr)`;
const SHORT_LIST = String.raw`(?:M|Tu?|W|Th)(?:\s?[/,&]?\s?(?:Tu?|W|Th|F|Sa|Su)){1,6}|[FS]\s?[/&]\s?S`;
/**
 * Days in one or two letters with a time behind them, a range with one before it as well: "M-F 8:00", "8am-5pm M-F",
 * "M/W/F 9-5". Their capitals tell them from other words.
 */
const SHORT_DAYS = new RegExp(
  String.raw`\b(?:${SHORT_RANGE}|${SHORT_LIST})\b(?=[:.,]?\s*\d)|(?<=\d(?:\s?[ap]\.?m\.?)?,?\s)${SHORT_RANGE}(?=\s*(?:$|[\n,;.]))`,
);

const namesDay = (text: string): boolean => DAY_WORD.test(text) || SHORT_DAYS.test(text);

/** Tells where the next day is named from an offset on; -1 for nowhere. Offsets are asked for in rising order. */
function daysIn(text: string): (from: number) => number {
  const known = [DAY_WORD, SHORT_DAYS].map((pattern) => ({
    days: new RegExp(pattern, `${pattern.flags}g`),
    at: -1,
  }));
  return (from) => {
    for (const one of known) {
      if (one.at >= from) continue;
      one.days.lastIndex = from;
      one.at = one.days.exec(text)?.index ?? Infinity;
    }
    const first = Math.min(...known.map(({ at }) => at));
    return Number.isFinite(first) ? first : -1;
  };
}

/** Opening hours in a text, with the offsets they stand at (end exclusive). */
interface FoundWeek {
  readonly hours: Hours;
  readonly start: number;
  readonly end: number;
  /** Whether it is all that stands there of days, or only the first line of it. */
  readonly whole: boolean;
  /** Whether it stands behind a label or among sentences that were not understood: "Workshop: Mon–Fri 9–5". */
  readonly isAmongOthers?: boolean;
}

const MOST_LINES = 16;
const LONGEST_LINE = 300;
/** What is longer, and holds neither a day nor a figure, is a sentence of something else. */
const LONGEST_WORDS = 60;
/** Lines of hours are short: what is longer together is a text about days. */
const LONGEST_RUN = 900;

/** What a text says of opening hours. */
export interface WeeksInText {
  /** Runs of lines that speak of days and times and can be read as a week with certainty, in the order of the text. */
  readonly weeks: readonly FoundWeek[];
  /** Whether any day is named, in a language that is known. */
  readonly namesDays: boolean;
}

/**
 * Opening hours in a text for people. `language` (BCP 47, '' for unknown) is what the page says it is written in;
 * where nothing is found in it or in English, the languages whose days stand in the text are tried.
 */
export function weeksIn(shown: string, language = ''): WeeksInText {
  const text = shown
    // A bar, a point, a stroke or a bullet between blanks parts an address from hours as a line does.
    .replace(/ [|·•] | \/ (?!\d)/g, ' \n ')
    // In scripts without capitals a bracket behind the hours tells the closed day: "10:00～21:00（火曜定休）".
    .replace(/[(（](?<=\d\s?[(（])([\p{Lo}、・, ]{2,20})[)）]/gu, '\n$1 ')
    // What follows hours as a sentence without a number is no more of them: "… 8–14 Uhr. Termine gern telefonisch."
    .replace(/ (?<=[\p{L}\d)]\. )(?=\p{Lu}[^\d\n]{0,200}(?:\n|$))/gu, '\n');
  const inKnownNames = servedIn(text, language) ?? weeksInLines(text, language);
  const read = withUnknownNames(text, inKnownNames);
  const always = read.weeks.length > 0 ? undefined : neverClosedIn(text);
  if (always) return { weeks: [always], namesDays: true };
  if (!read.namesDays || read.weeks.some((week) => week.whole)) return read;
  const labelled = behindLabels(text);
  const own = labelled === text ? read : weeksInLines(labelled, language);
  if (own.weeks.some((week) => week.whole)) return own;
  const [first] = read.weeks;
  if (first) {
    const near = text.slice(first.start, first.start + NEAR_WEEK);
    const undated = withoutDated(near, (one) => namesAnyDay(one, language, text));
    const usual = weeksInLines(
      text.slice(0, first.start) + undated + text.slice(first.start + NEAR_WEEK),
      language,
    );
    if (undated !== near && usual.weeks.some((week) => week.whole)) return usual;
  }
  const among = weeksInLines(inClauses(text.slice(0, SEARCHED)), language).weeks.filter(({ whole }) => whole);
  return {
    weeks: [...read.weeks, ...among.map((week) => ({ ...week, isAmongOthers: true }))],
    namesDays: true,
  };
}

/** The week of a place whose services stand each with their hours, where it is read as one only without their names. */
function servedIn(text: string, language: string): WeeksInText | undefined {
  const unnamed = withoutServices(text.slice(0, SEARCHED));
  if (unnamed === text.slice(0, SEARCHED)) return undefined;
  const [named, served] = [weeksInLines(text, language), weeksInLines(unnamed, language)];
  const isOne = served.weeks.some(({ whole }) => whole) && served.weeks.length <= named.weeks.length;
  return isOne || named.weeks.length === 0 ? served : named;
}

/** A text in which what stands behind a label of opening hours is a line of its own, each character where it stood. */
const behindLabels = (text: string): string =>
  text.replace(/^([^:：\n]{2,60}[:：]) (?=[^\n]*\d)/gmu, (whole, label: string) =>
    isHoursLabel(label) ? `${label}\n` : whole,
  );

/** Whether a stretch of a text names a day of the week, in the text's language or another whose days stand there. */
function namesAnyDay(stretch: string, language: string, text: string): boolean {
  const plain = plainLetters(stretch);
  const around = text.slice(0, SEARCHED);
  const named = languageOf(language, around);
  return (
    namesDay(stretch) ||
    [...(named ? [named] : []), ...languagesIn(around)].some((one) => daysNamedIn(plain, one) > 0)
  );
}

/** Sentences, labels and brackets as lines of their own, each character where it stood. */
const inClauses = (text: string): string =>
  text
    .replace(/(?<=[\p{L}\d)][.;]) (?=[\p{Lu}\p{Lo}])|(?<=\S;) | (?=\([^()\n]*\d)/gu, '\n')
    .replace(/(?<=^(?:[^\d:\n]{2,40}|[^:\n]{2,80}(?=: \p{L})):) (?=[^\n]*\d)/gmu, '\n');

function weeksInLines(text: string, language: string): WeeksInText {
  const named = languageOf(language, text.slice(0, SEARCHED));
  const first = named ? weeksInWords(text, named) : [];
  const isEnglish = first.length === 0 && namesDay(text);
  const weeks = isEnglish ? findWeeks(text) : first;
  if (weeks.length > 0) return { weeks, namesDays: true };
  for (const other of languagesIn(text.slice(0, SEARCHED))) {
    const found = other === named ? [] : weeksInWords(text, other);
    if (found.length > 0) return { weeks: found, namesDays: true };
  }
  const inNamed = named !== undefined && daysNamedIn(plainLetters(text.slice(0, SEARCHED)), named) > 0;
  return {
    weeks,
    namesDays: isEnglish || inNamed || languagesIn(text.slice(0, SEARCHED)).length > 0,
  };
}

/** A span of times as "9.00 bis 18.00", "9h-18h" and "9–18" are, no date, no price and no number. */
const SPAN_OF_TIMES =
  /(?<![\d.,:/–-])(?:[01]?\d|2[0-4])(?:(?:\s?[:.h]\s?[0-5]\d|\s?h)[^\d\n]{1,12}|\s?[-–—]\s?)(?:[01]?\d|2[0-4])(?:\s?[:.h]\s?[0-5]\d)?(?!\d|[/%€$£]|[.,:-]\d)/u;
/** So many languages that know short names are read in. */
const MOST_LANGUAGES = 3;

/**
 * A text that names its days in short alone, in a language that nobody says: "Mo bis Fr 9.00 bis 18.00", "lun-ven".
 * It is that which knows most of the names; where two know as many of them, both must read the same.
 */
function inShortNames(text: string): WeeksInText | undefined {
  const { near, whereInText } = nearTimes(text);
  if (near === '') return undefined;
  const plain = plainLetters(near);
  const read = dayWords
    .map((language) => ({ language, count: distinctDaysNamedIn(plain, language) }))
    .filter(({ count }) => count > 1)
    .toSorted((one, other) => other.count - one.count)
    .slice(0, MOST_LANGUAGES)
    .map(({ language, count }) => ({ count, weeks: weeksInWords(near, language) }))
    .filter(({ weeks }) => weeks.some(({ whole }) => whole));
  const [first] = read;
  const hours = (weeks: readonly FoundWeek[]): string => JSON.stringify(weeks.map((week) => week.hours));
  const isSure = read.every(
    ({ count, weeks }) => count < (first?.count ?? 0) || hours(weeks) === hours(first?.weeks ?? []),
  );
  if (!first || !isSure) return undefined;
  const weeks = first.weeks.map((week) => ({
    ...week,
    start: whereInText(week.start),
    end: whereInText(week.end),
  }));
  return { weeks, namesDays: true };
}

/**
 * With what short names of a language that nobody says add: all of it, or the days that the first week leaves out, as
 * "Mo - Fr" is English, too, and "So: geschlossen" in the line below is not.
 */
function withUnknownNames(text: string, known: WeeksInText): WeeksInText {
  const [first] = known.weeks;
  // What a grid does not say with certainty is not guessed elsewhere.
  if (first && (!first.whole || days.every((day) => first.hours[day]))) return known;
  const unknown = inShortNames(text);
  const [more] = unknown?.weeks ?? [];
  if (!unknown || !first || !more) return unknown ?? known;
  const named = days.filter((day) => first.hours[day]);
  const goesOn =
    days.filter((day) => more.hours[day]).length > named.length &&
    named.every((day) => more.hours[day] === first.hours[day]);
  return goesOn ? unknown : known;
}

/** The lines of a text with spans of times and two on each side of them, and where in the text an offset of them is. */
function nearTimes(text: string): { near: string; whereInText: (offset: number) => number } {
  const lines = text.slice(0, SEARCHED).split('\n');
  const timed = new Set(
    lines.flatMap((line, at) => (line.length <= LONGEST_LINE && SPAN_OF_TIMES.test(line) ? [at] : [])),
  );
  const moved: { readonly near: number; readonly text: number }[] = [];
  let near = '';
  let [start, taken] = [0, 0];
  for (const [at, line] of lines.entries()) {
    const isBeside = [0, -1, 1, -2, 2].some((step) => timed.has(at + step));
    if (isBeside && line.length <= LONGEST_LINE && taken < 4 * MOST_LINES) {
      moved.push({ near: near.length, text: start });
      near += `${line}\n`;
      taken += 1;
    } else if (near !== '' && !near.endsWith('\n\n')) near += '\n';
    start += line.length + 1;
  }
  const whereInText = (offset: number): number => {
    const line = moved.findLast((one) => one.near <= offset);
    return line ? line.text + offset - line.near : offset;
  };
  return { near: near.trimEnd(), whereInText };
}

/** So many characters from a week on its exceptions stand. */
const NEAR_WEEK = 2000;

/** Characters that are searched for the days of unknown languages, and a second time for hours among others. */
const SEARCHED = 100_000;

/** Weeks in the words of a language: its lines are turned into English, and what is found there leads back. */
function weeksInWords(text: string, language: DayWords): readonly FoundWeek[] {
  const naming = linesNaming(text, language);
  if (naming.size === 0) return [];
  const starts: number[] = [];
  const english: string[] = [];
  let at = 0;
  let near = 0;
  let any = false;
  const lines = text.split('\n');
  const plainOf = (line = ''): string =>
    line.length <= LONGEST_LINE ? plainLetters(withoutRemarks(line)) : '';
  for (const [nth, line] of lines.entries()) {
    starts.push(at);
    at += line.length + 1;
    // Far from any day a line is not looked at.
    const plain = any || naming.has(nth) ? plainOf(line) : '';
    if (plain && naming.has(nth) && daysNamedIn(plain, language) > 0) {
      near = MOST_LINES;
      any = true;
      // What stands before the first day may be the hours of them all.
      const before = english.at(-1) === '' ? plainOf(lines[nth - 1]) : '';
      if (/\d/.test(before)) english.splice(-1, 1, toEnglish(before, language));
    } else if (/\p{L}{2}/u.test(plain)) near -= 1;
    // Marks and numbers are the same in every language.
    const isMarks = any && !/\p{L}/u.test(plain);
    const mayGoOn = near > 0 && (plain.length <= LONGEST_WORDS || /\d/.test(plain) || naming.has(nth));
    english.push(isMarks ? plain : plain && mayGoOn ? toEnglish(plain, language) : '');
  }
  if (!any) return [];
  const joined = english.join('\n');
  const lineOf = linesBefore(joined);
  return findWeeks(joined).map(({ hours, start, end, whole }) => {
    const [first, last] = [lineOf(start), lineOf(end)];
    const from = starts[first] ?? 0;
    return { hours, start: from, end: (starts[last + 1] ?? text.length + 1) - 1, whole };
  });
}

/** The lines of a text that name days in a language, by their numbers. */
function linesNaming(text: string, language: DayWords): ReadonlySet<number> {
  const plain = plainText(text);
  const lineOf = linesBefore(plain);
  return new Set(daysNamedAt(plain, language).map(lineOf));
}

/** A text is looked through for several languages. */
const plainText = rememberLast(plainLetters);

/** How many line breaks stand before an offset. Offsets are asked for in rising order. */
function linesBefore(text: string): (offset: number) => number {
  let [at, lines] = [0, 0];
  return (offset) => {
    for (; at < offset; at += 1) if (text[at] === '\n') lines += 1;
    return lines;
  };
}

/** The same in English. */
function findWeeks(text: string): readonly FoundWeek[] {
  const found: FoundWeek[] = [];
  const nextDay = daysIn(text);
  let next = 0;
  for (let day = nextDay(next); day >= 0; day = nextDay(next)) {
    const first = lineAt(text, day);
    next = first.end;
    if (first.text.length > LONGEST_LINE) continue;
    const grid = gridAt(text, day);
    if (grid) {
      next = grid.end;
      found.push({
        hours: grid.hours ?? emptyHours,
        start: day,
        end: grid.end,
        whole: grid.hours !== undefined,
      });
      continue;
    }
    const lines = [first];
    // In a table the day and its hours may stand on lines of their own.
    let length = first.text.length;
    for (let last = first; lines.length < MOST_LINES && last.end < text.length;) {
      last = lineAt(text, last.end + 1);
      length += last.text.length;
      if (!goesOn(last.text) || length > LONGEST_RUN) break;
      lines.push(last);
    }
    let run = readRun(lines);
    // A line that begins with other words speaks of something else: "Food served Mon–Sat 12–2.30".
    const other = run ? -1 : lines.findIndex(({ text: line }, at) => at > 0 && !isOfHours(line));
    const own = other > 0 ? readRun(lines.slice(0, other)) : undefined;
    if (own) {
      run = own;
      lines.length = other;
    }
    const end = lines.at(-1)?.end ?? first.end;
    if (run) {
      found.push(withHoursBefore(text, { hours: run, start: first.start, end, whole: true }));
      next = end;
    } else {
      const alone = readRun([first]);
      if (alone) found.push({ hours: alone, start: first.start, end: first.end, whole: lines.length === 1 });
    }
  }
  return found;
}

/** Days that are closed, with the hours of all others in the line before: "10:00-19:00 / closed Wednesday". */
function withHoursBefore(text: string, week: FoundWeek): FoundWeek {
  if (week.start === 0 || days.some((day) => /\d/.test(week.hours[day]))) return week;
  const before = lineAt(text, week.start - 1);
  if (namesDay(before.text) || !HOURS_FIRST.test(before.text.replace(HOURS_WORD, ''))) return week;
  const every = readRun([{ ...before, text: `daily ${before.text.replace(HOURS_WORD, '')}` }]);
  if (!every) return week;
  const hours = Object.fromEntries(days.map((day) => [day, week.hours[day] || every[day]])) as Hours;
  return { ...week, hours, start: before.start };
}

const HOURS_WORD = /^(?:(?:opening|business|office|store|shop) )?(?:hours|times|open)\s*:?\s*/i;

interface Line {
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

/** The line round an offset, without its break. */
function lineAt(text: string, offset: number): Line {
  const start = text.lastIndexOf('\n', offset - 1) + 1;
  const next = text.indexOf('\n', offset);
  const end = next < 0 ? text.length : next;
  return { text: text.slice(start, end).trim(), start, end };
}

/** What leads from one line of hours to the next: "9 to 12 / and 2 to 6". */
const LEADS_ON = /^(?:(?:and|from|then|also)\b\s*|[&+,]\s*)+(?=\d)/i;

/** A line that begins with a time or a word of hours: a price, a number or a street is none. */
const HOURS_FIRST =
  /^(?:(?:closed|noon|midnight|open|24\s?h)|\d{1,2}(?:\s?[:.h]\s?\d{2})?\s*(?:[ap]\.?m\b\.?|h\b|noon\b|midnight\b)?\s*(?:$|[-\u2010-\u2015]\s*(?!\d{3})|[/|]|to\b|until\b|till?\b|and\b))/i;

/** A line that begins with a day, a time or a word of hours. */
const isOfHours = (line: string): boolean =>
  HOURS_FIRST.test(line) || DAY_FIRST.test(line) || HOURS_WORD.test(line);
const DAY_FIRST = new RegExp(String.raw`^(?:(?:on|and|from)\s+)?(?:${DAY_WORD.source}|[MTWFS]\w?\b)`, 'i');

const goesOn = (line: string): boolean =>
  line.length <= LONGEST_LINE && (namesDay(line) || HOURS_FIRST.test(line.replace(LEADS_ON, '')));

/** Without one of these a line says nothing of hours, whatever days it names. */
const SAYS_WHEN = /\d|clos|open|noon|midnight|all day|appoint/i;

function readRun(lines: readonly Line[]): Hours | undefined {
  if (!lines.some((line) => SAYS_WHEN.test(line.text))) return undefined;
  const text = lines.map((line, at) => (at > 0 ? line.text.replace(LEADS_ON, '') : line.text)).join(', ');
  const { hours, faults } = readWeek(text);
  return faults.length === 0 && days.some((day) => hours[day]) ? hours : undefined;
}
