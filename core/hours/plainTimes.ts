import { days, type Day } from './hours.ts';

const LETTERS: Readonly<Record<string, Day>> = {
  m: 'Monday',
  t: 'Tuesday',
  tu: 'Tuesday',
  w: 'Wednesday',
  th: 'Thursday',
  f: 'Friday',
  s: 'Saturday',
  sa: 'Saturday',
  su: 'Sunday',
};

const TIME = String.raw`\d{1,2}(?:[:.]\d\d)?(?:\s?[ap]\.?m\.?)?|noon|midnight`;
/** "between 9am and 5pm" */
const BETWEEN = new RegExp(String.raw`\bbetween (?:the hours of )?(${TIME}) (?:and|&) (${TIME})`, 'gi');
/** "opens at 9am and closes at 5pm" */
const OPENS_CLOSES = new RegExp(
  String.raw`(?:\bopen(?:s|ing|ed)? )?(?:\b(?:at|from) )?(${TIME}),? (?:and )?(?:we )?clos(?:es?|ing)(?: at)? (${TIME})`,
  'gi',
);

const HALF_IN_WORDS =
  /(?<![\d:.])(?:(\d{1,2}(?:[:.]\d\d)?)\s?(?:-|–|—|to|until|till)\s?)?(\d{1,2}(?:[:.]\d\d)?) (in the (?:morning|afternoon|evening)|at night)\b/gi;
/** "6:30 to 8:30 in the evening": the half of the day is that of both times, unless the first is the later. */
function withHalf(_: string, from: string | undefined, until: string, said: string): string {
  const half = /morning/i.test(said) ? 'am' : 'pm';
  if (!from) return `${until}${half}`;
  if (parseInt(from, 10) < parseInt(until, 10)) return `${from}${half}-${until}${half}`;
  return /night/i.test(said) ? `${from}pm-${until}am` : `${from}-${until}${half}`;
}

/** "11a-9p" with whole halves, "0900 hrs" without its unit, and a comma between two spans that stand side by side. */
export const withPlainTimes = (text: string): string =>
  text
    // "9 : 00", "9: 00"
    .replace(/(?<![\d:.])(\d{1,2})(?: : ?|: )(?=[0-5]\d(?![\d:.]))/g, '$1:')
    // "9:00 am. to 1:00 pm."
    .replace(/(\d\s?[ap]m)\.(?=\s*(?:[-–—]|\b(?:to|until|till)\b))/gi, '$1')
    .replace(/(?<!\d)12 ?noon\b/gi, 'noon')
    .replace(/(?<!\d)12 ?midnight\b/gi, 'midnight')
    .replace(HALF_IN_WORDS, withHalf)
    .replace(BETWEEN, '$1-$2')
    .replace(OPENS_CLOSES, '$1-$2')
    .replace(/(\d)\s?([ap])(?![\p{L}\d.])/giu, '$1$2m')
    .replace(/(\d)\s?hrs?\b\.?/gi, '$1')
    // "noon to 5" ends in the afternoon.
    .replace(
      /\bnoon(\s*(?:-|–|—|to|until|till)\s*)(\d{1,2}(?:[:.]\d{2})?)(?!\s*[ap]\.?m|[\d:.])/gi,
      '12pm$1$2pm',
    )
    .replace(
      /(\d\s?(?:[ap]\.?m\.?)?\s*[-–—]\s*\d{1,2}(?:[:.]\d\d)?(?:\s?[ap]\.?m\.?)?)\s+(?=\d{1,2}(?:[:.]\d\d)?(?:\s?[ap]\.?m\.?)?\s*[-–—]\s*\d)/gi,
      '$1, ',
    );

/** "M/W/F 9-5, T/Th 10-7": letters in a list before a time. */
const LETTER_LIST =
  /(?<![\p{L}\d.])(?:th|su|sa|tu|[mtwf])(?:\s?[/,&]\s?(?:th|su|sa|tu|[mtwf]))+(?=\s*:?\s*\d)(?![\p{L}.])/giu;

/** "MWF 9-5, TTh 10-7": the same without anything between them. */
const JOINED = /\b(?:M|Tu?|W|Th)(?:Tu?|W|Th|F|Sa|Su){1,6}\b(?=\s*:?\s*\d)/g;

/** "F&S 11-10", "S/S 10-4": the end of a week. */
const END_OF_WEEK = /(?<![\p{L}\d.])([FS])\s?[/&]\s?S(?=\s*:?\s*(?:\d|closed))/giu;

/** "F-Sat", "Sun-Th": a letter and a name. */
const MIXED_RANGE =
  /(?<![\p{L}\d.])(?:(th|[mtwf])\s?[-–—]\s?(?=(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\b)|(?<=\b(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s?[-–—]\s?)(th|[mtwf])(?=\s*:?\s*\d))/giu;

/** A letter or two for a day, with its hours behind it. */
const LETTER_WITH_HOURS = /(?<![\p{L}\d.])(Th|Tu|Sa|Su|[MTWFS])(?=:?\s*(?:\d|closed))/giu;

/** "M 9-5, T 9-5, W 9-5, Th 9-8, F 9-5, S 10-2, S closed": a whole week in letters, which its order tells apart. */
function wholeWeekOfLetters(text: string): string {
  const letters = [...text.matchAll(LETTER_WITH_HOURS)].map(([one]) => one.toLowerCase());
  const order = letters.map(([first]) => first).join('');
  const week =
    order === 'mtwtfss' ? days : order === 'smtwtfs' ? [...days.slice(-1), ...days.slice(0, -1)] : [];
  let at = 0;
  return week.length === 0 ? text : text.replace(LETTER_WITH_HOURS, () => week[at++] ?? '');
}

/** "M-F" in whole names: single letters name days as the ends of a range, or beside one: "M-Th 7-7, F 7-3". */
export function letterRanges(given: string): string {
  const listed = wholeWeekOfLetters(given)
    .replace(END_OF_WEEK, (_, first: string) => (/f/i.test(first) ? 'Friday, Saturday' : 'Saturday, Sunday'))
    .replace(MIXED_RANGE, (range: string, from?: string, until?: string) =>
      range.replace(from ?? until ?? '', (one) => LETTERS[one.toLowerCase()] ?? one),
    );
  const apart = listed.replace(JOINED, (list) =>
    list.replace(/Tu|Th|Sa|Su|[A-Z]/g, '$&/').replace(/\/$/, ''),
  );
  const text = apart.replace(LETTER_LIST, (list) =>
    list.replace(/[a-z]+/gi, (one) => LETTERS[one.toLowerCase()] ?? one).replace(/\s?[/&]\s?/g, ', '),
  );
  const whole = text.replace(
    /(?<![\p{L}\d.])(th|su|sa|[mtwfs])\s?[-–—]\s?(th|su|sa|[mtwfs])(?![\p{L}.])/giu,
    (_, from: string, until: string) =>
      `${LETTERS[from.toLowerCase()] ?? ''}-${LETTERS[until.toLowerCase()] ?? ''}`,
  );
  return whole === text
    ? text
    : whole.replace(
        /(?<=[,;|/(]\s*)(th|su|sa|[mtwfs])(?=\s*:?\s*(?:\d|closed))/giu,
        (_, one: string) => LETTERS[one.toLowerCase()] ?? '',
      );
}
