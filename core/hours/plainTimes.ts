import type { Day } from './hours.ts';

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

/** "11a-9p" with whole halves, "0900 hrs" without its unit, and a comma between two spans that stand side by side. */
export const withPlainTimes = (text: string): string =>
  text
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

/** "M-F" in whole names: single letters name days as the ends of a range, or beside one: "M-Th 7-7, F 7-3". */
export function letterRanges(given: string): string {
  const apart = given.replace(JOINED, (list) => list.replace(/Tu|Th|Sa|Su|[A-Z]/g, '$&/').replace(/\/$/, ''));
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
