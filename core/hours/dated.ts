import { fold } from '#core/text';
import { monthNamed } from './moments.ts';

/** The word before a date, which may be the day of the week, and what stands between: "Sonntag, den". */
const BEFORE = String.raw`(?:\p{L}+\.?,? {1,2})?(?:(?:den|d\.|dne|the|dia|handlow\p{L}+) )?`;

/** A day of a month in words: "dimanche 20 décembre", "Sunday, December 20". */
const DATES = [
  new RegExp(
    String.raw`${BEFORE}\d{1,2}(?:\.|st|nd|rd|th|er|º|ª)? {0,2}(?:de |d[’'] ?|of )?(\p{L}{3,12})`,
    'gu',
  ),
  new RegExp(String.raw`${BEFORE}(\p{L}{3,12})\.? \d{1,2}(?:st|nd|rd|th)?(?![\d:.h])`, 'gu'),
];

/** Where a sentence ends: the stop behind the number of a day ends none. */
const ENDS = /(?<=\p{L}{3}[.;!?。]|[^\p{L}\d\s][.;!?。]|\d[;!?。]) /u;

/**
 * A text with sentences blanked, each character where it stood, that tell of dates and of no week: "Closed 25 and
 * 26 December", "Sunday 20 December 1–5pm". `namesDay` says whether a text names a day of the week.
 */
export const withoutDated = (text: string, namesDay: (text: string) => boolean): string =>
  text.replace(/[^\n]*\d[^\n]*/g, (line) =>
    line
      .split(ENDS)
      .map((sentence) => {
        const rest = DATES.reduce(
          (said, date) =>
            said.replace(date, (whole, word: string) => (monthNamed(fold(word)) > 0 ? ' ' : whole)),
          sentence,
        );
        return rest !== sentence && !namesDay(rest) ? ' '.repeat(sentence.length) : sentence;
      })
      .join(' '),
  );
