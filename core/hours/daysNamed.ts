import { days, type Day } from './hours.ts';
import { dayWords } from './languages.ts';
import { plainLetters } from './translate.ts';

const english = days.map((day) => {
  const name = day.toLowerCase();
  return `${name}s?|${[5, 4, 3, 2].map((length) => name.slice(0, length)).join('|')}`;
});

const named = (words: readonly string[], patterns: readonly string[]): readonly (Day | undefined)[] => {
  const names = patterns.map((pattern) => new RegExp(String.raw`^(?:${pattern})\.?$`, 'u'));
  return words.map((word) => days.find((_, at) => names[at]?.test(word)));
};

/** Whether a word is long enough to be no other: two signs of a script without letters, four letters of another. */
const isLong = (word: string): boolean => /[\u3040-\u30ff\u3400-\u9fff\uac00-\ud7af]{2}|\p{L}{4}/u.test(word);

/**
 * The day that each of some words names, as the headings of a table do: all read in the one language that names most of
 * them, since "ma" is Monday to some and Tuesday to others. A short word names a day only beside two others that do.
 */
export function daysNamed(words: readonly string[]): readonly (Day | undefined)[] {
  const plain = words.map((word) => plainLetters(word).trim());
  const readings = [english, ...dayWords.map((language) => language.days)].map((patterns) => {
    const found = named(plain, patterns);
    return { found, count: new Set(found.filter(Boolean)).size };
  });
  const { found, count } = readings.reduce((best, one) => (one.count > best.count ? one : best));
  return found.map((day, at) => (count > 2 || isLong(plain[at] ?? '') ? day : undefined));
}
