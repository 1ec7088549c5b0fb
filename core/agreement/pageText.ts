/** What is worked out of all that a page shows. */
import { foldAddress } from '#core/address';
import type { HtmlDocument } from '#core/html';
import { weeksIn, type WeeksInText } from '#core/hours';
import { rememberLast } from '#core/text';
import { cutWords, lettersOf, type Word } from './letters.ts';
import { numbersIn } from './telephones.ts';

export interface Span {
  readonly start: number;
  readonly end: number;
}

/** Shorter texts are parts of a page, and are searched beside it. */
const SHORTEST = 500;

/** The last page's is kept: it is searched before and after something is placed on it, and shows the same. */
function ofPage<T>(ask: (text: string) => T): (text: string) => T {
  const ofLast = rememberLast(ask);
  return (text) => (text.length < SHORTEST ? ask(text) : ofLast(text));
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

/** Its lines as they are compared, each with its place. */
export const linesOfPage = ofPage((text): ReadonlyMap<string, Span> => {
  const lines = new Map<string, Span>();
  for (const { 0: line, index } of text.matchAll(/[^\n]{1,200}/g))
    // What was taken already is no word of a line.
    if (!line.includes('\uFFFC')) lines.set(foldAddress(line), { start: index, end: index + line.length });
  return lines;
});

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
