/** What is worked out of all that a page shows. */
import type { HtmlDocument } from '#core/html';
import { weeksIn, type WeeksInText } from '#core/hours';
import { rememberLast } from '#core/text';
import { cutWords, lettersOf, ofPage, type Word } from './letters.ts';
import { numbersIn } from './telephones.ts';

export interface Span {
  readonly start: number;
  readonly end: number;
}

export const lettersOfPage = ofPage(lettersOf);

export const numbersOfPage = ofPage(numbersIn);

/** The words of a page, and where each of them stands among them. */
interface PageWords {
  readonly words: readonly Word[];
  readonly places: ReadonlyMap<string, readonly number[]>;
}

export const wordsOfPage = ofPage((text: string): PageWords => {
  const words = cutWords(text);
  const places = new Map<string, number[]>();
  for (const [at, { folded }] of words.entries()) {
    const same = places.get(folded);
    if (same) same.push(at);
    else places.set(folded, [at]);
  }
  return { words, places };
});

/** What a line says by itself is a heading or a name, and not longer. */
const LONGEST_LINE = 200;

/** The last line of a text that says just these words, folded. */
export function lineSaying(
  text: string,
  { words, places }: PageWords,
  wanted: readonly string[],
): Span | undefined {
  const [first = ''] = wanted;
  for (const at of (places.get(first) ?? []).toReversed()) {
    const [opens, closes] = [words[at], words[at + wanted.length - 1]];
    if (!opens || !closes || !wanted.every((word, step) => words[at + step]?.folded === word)) continue;
    const start = text.lastIndexOf('\n', opens.start) + 1;
    const next = text.indexOf('\n', closes.end);
    const end = next < 0 ? text.length : next;
    const isWhole = (words[at - 1]?.end ?? 0) <= start && (words[at + wanted.length]?.start ?? end) >= end;
    // What was taken already is no word of a line.
    if (isWhole && end - start <= LONGEST_LINE && !text.slice(start, end).includes('\uFFFC'))
      return { start, end };
  }
  return undefined;
}

/** One or two words with a digit in them, as postal codes are written. */
const MAYBE_CODE =
  /(?<=(?<![\p{L}\d.+-])(?:[A-Z]{1,3}-)?)(?![A-Z]{1,3}-\d)(?=[\p{L}-]*\d)[\dA-Za-z-]{2,10}(?: (?:(?=[A-Za-z]*\d)[\dA-Za-z]{2,4}|[A-Z]{2}))?(?![\p{L}\d])/gu;

export const maybeCodesOfPage = ofPage((text) => [...text.matchAll(MAYBE_CODE)]);

/** Its hours, read in the language that it says it is written in. */
export const weeksOfPage = (text: string, document: HtmlDocument | undefined): WeeksInText =>
  weeksInLanguage(document ? languageOfPage(document) : '')(text);
const weeksInLanguage = rememberLast((language) => ofPage((text) => weeksIn(text, language)));

/** The language that a page says it is written in (BCP 47); '' where it does not. */
const languageOfPage = ({ elements }: HtmlDocument): string =>
  elements.find(({ name }) => name === 'html')?.attributes['lang'] ?? '';
