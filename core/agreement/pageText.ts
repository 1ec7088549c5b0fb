/** What is worked out of all that a page shows. */
import { foldAddress } from '#core/address';
import { languageOfDocument, type HtmlDocument } from '#core/html';
import { weeksIn, type WeeksInText } from '#core/hours';
import { rememberLast } from '#core/text';
import { cutWords, lettersOf, ofPage, type Words } from './letters.ts';
import { numbersIn } from './telephones.ts';

export interface Span {
  readonly start: number;
  readonly end: number;
}

export const lettersOfPage = ofPage(lettersOf);

export const numbersOfPage = ofPage(numbersIn);

/** The words of a page, and where each of them stands among them. */
export interface PageWords extends Words {
  /** The numbers of a word, in their order. */
  readonly placesOf: (folded: string) => readonly number[];
  /** Whether a word stands there, folded. */
  readonly has: (folded: string) => boolean;
}

export const wordsOfPage = ofPage((text: string): PageWords => {
  const words = cutWords(text);
  const { folded } = words;
  // The last place of each word, and for each place the one before it of the same word.
  const last = new Map<string, number>();
  const before: number[] = [];
  for (let at = 0; at < folded.length; at += 1) {
    const word = folded[at] ?? '';
    before.push(last.get(word) ?? -1);
    last.set(word, at);
  }
  const placesOf = (word: string): readonly number[] => {
    const places: number[] = [];
    for (let at = last.get(word) ?? -1; at >= 0; at = before[at] ?? -1) places.push(at);
    return places.reverse();
  };
  return { ...words, placesOf, has: (word) => last.has(word) };
});

/** The numbers and the letters that stand together in a page's words with digits: "12" and "b" of "12b". */
export const partsInWords = ofPage((text: string): ReadonlySet<string> => {
  const parts = new Set<string>();
  for (const word of cutWords(text).folded)
    if (HAS_DIGIT.test(word)) for (const part of word.match(/\d+|\D+/g) ?? []) parts.add(part);
  return parts;
});
const HAS_DIGIT = /\d/;

/** What is written as initials: "C.H.S.". */
export const INITIALS = /(?<!\p{L})(?:\p{L}\.){2,6}/gu;

/** The words of a text that a stop says are cut short, and those that are written as initials, folded. */
export const shortWords = ofPage((text: string): readonly string[] => {
  const { folded, ends } = cutWords(text);
  const initials = [...text.matchAll(INITIALS)].map(([found]) => foldAddress(found.replaceAll('.', '')));
  return [...new Set([...folded.filter((_, at) => text[ends[at] ?? 0] === '.'), ...initials])];
});

/** What a line says by itself is a heading or a name, and not longer. */
const LONGEST_LINE = 200;

/** The last line of a text that says just these words, folded. */
export function lineSaying(
  text: string,
  { folded, starts, ends, placesOf }: PageWords,
  wanted: readonly string[],
): Span | undefined {
  const [first = ''] = wanted;
  for (const at of placesOf(first).toReversed()) {
    if (!wanted.every((word, step) => folded[at + step] === word)) continue;
    const start = text.lastIndexOf('\n', starts[at]) + 1;
    const next = text.indexOf('\n', ends[at + wanted.length - 1]);
    const end = next < 0 ? text.length : next;
    const isWhole = (ends[at - 1] ?? 0) <= start && (starts[at + wanted.length] ?? end) >= end;
    // What was taken already is no word of a line.
    if (isWhole && end - start <= LONGEST_LINE && !text.slice(start, end).includes('\uFFFC'))
      return { start, end };
  }
  return undefined;
}

/** One or two words with a digit in them, as postal codes are written; scripts without capitals may write on at once. */
const MAYBE_CODE =
  /(?<=(?<![\p{Lu}\p{Ll}\p{Lm}\d.+-])(?:[A-Z]{1,3}-)?)(?![A-Z]{1,3}-\d)(?=[A-Za-z-]{0,9}\d)[\dA-Za-z-]{2,10}(?: (?:(?=[A-Za-z]*\d)[\dA-Za-z]{2,4}|[A-Z]{2}))?(?![\p{Lu}\p{Ll}\p{Lm}\d])/gu;

export const maybeCodesOfPage = ofPage((text) => [...text.matchAll(MAYBE_CODE)]);

/** Its hours, read in the language that it says it is written in. */
export const weeksOfPage = (text: string, document: HtmlDocument | undefined): WeeksInText =>
  weeksInLanguage(document ? languageOfDocument(document) : '')(text);
const weeksInLanguage = rememberLast((language) => ofPage((text) => weeksIn(text, language)));
