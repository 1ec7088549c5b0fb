import { foldAddress } from '#core/address';
import { rememberLast } from '#core/text';

/** Shorter texts are parts of a page, and are searched beside it. */
const SHORTEST = 500;

/** The last page's is kept: it is searched before and after something is placed on it, and shows the same. */
export function ofPage<T>(ask: (text: string) => T): (text: string) => T {
  const ofLast = rememberLast(ask);
  return (text) => (text.length < SHORTEST ? ask(text) : ofLast(text));
}

/** The letters and digits of a text. */
export interface Letters {
  readonly text: string;
  /** For each character its offset in the text it came from. */
  readonly at: readonly number[];
}

/** Letters beyond ASCII, folded once each. */
const foldedLetters = new Map<string, string>();

/**
 * A text's letters and digits alone, folded, each with its offset. A page is long, and most of it is words in ASCII,
 * which are taken as a whole.
 */
export function lettersOf(text: string): Letters {
  const lower = text.toLowerCase();
  // Where lower case has another length ("İ"), offsets are those of the text as it stands.
  const written = lower.length === text.length ? lower : text;
  const at: number[] = [];
  let letters = '';
  for (let index = 0; index < written.length;) {
    const from = index;
    while (isPlainLetter(written.charCodeAt(index))) {
      at.push(index);
      index += 1;
    }
    if (index > from) letters += lowerAscii(written.slice(from, index));
    if (index === written.length) break;
    if (written.charCodeAt(index) >= 128) {
      const folded = foldedLetter(written[index] ?? '');
      letters += folded;
      for (let unit = 0; unit < folded.length; unit += 1) at.push(index);
    }
    index += 1;
  }
  return { text: letters, at };
}

const isPlainLetter = (code: number): boolean =>
  (code > 96 && code < 123) || (code > 47 && code < 58) || (code > 64 && code < 91);

const lowerAscii = (word: string): string => (/[A-Z]/.test(word) ? word.toLowerCase() : word);

function foldedLetter(one: string): string {
  let folded = foldedLetters.get(one);
  if (folded === undefined)
    foldedLetters.set(
      one,
      (folded = one
        .normalize('NFKD')
        .replace(/[^\p{L}\p{N}]/gu, '')
        .toLowerCase()),
    );
  return folded;
}

/** Whether two characters side by side belong to one word: scripts without blanks between words have no such. */
export const isOneWord = (one: string | undefined, other: string | undefined): boolean =>
  one !== undefined &&
  other !== undefined &&
  /[\p{L}\p{N}]/u.test(one) &&
  /[\p{L}\p{N}]/u.test(other) &&
  !UNSPACED.test(one) &&
  !UNSPACED.test(other);
const UNSPACED = /[\u3040-\u30ff\u3400-\u9fff]/;

/** A word of a visible text. */
export interface Word {
  readonly folded: string;
  /** In lower case, as it stands. */
  readonly written: string;
  readonly start: number;
  readonly end: number;
}

/** The words of a text, in their order; of a page's text that is asked for its words and for its streets, once. */
export const cutWords = ofPage((text: string): readonly Word[] => {
  const known = new Map<string, { readonly folded: readonly string[]; readonly written: string }>();
  const words: Word[] = [];
  const find = /[\p{L}\p{N}\p{M}'’]+|&/gu;
  for (let found = find.exec(text); found; found = find.exec(text)) {
    const [word] = found;
    let one = known.get(word);
    if (!one) known.set(word, (one = { folded: foldAddress(word).split(' '), written: word.toLowerCase() }));
    const [start, end] = [found.index, find.lastIndex];
    for (const folded of one.folded) words.push({ folded, written: one.written, start, end });
  }
  return words;
});
