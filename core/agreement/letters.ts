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

/** The words of a text in their order: their folded forms, and the offsets of what each was folded from. */
export interface Words {
  readonly folded: readonly string[];
  readonly starts: readonly number[];
  readonly ends: readonly number[];
}

/** The words of a text; of a page's text that is asked for its words and for its streets, once. */
export const cutWords = ofPage((text: string): Words => {
  const known = new Map<string, readonly string[]>();
  const [all, starts, ends]: [string[], number[], number[]] = [[], [], []];
  for (let at = 0; at < text.length;) {
    const start = at;
    for (let width = widthInWord(text, at); width > 0; width = widthInWord(text, at)) at += width;
    if (at === start) {
      at += 1;
      if (text.charCodeAt(start) !== AMPERSAND) continue;
    }
    const word = text.slice(start, at);
    let folded = known.get(word);
    if (!folded) known.set(word, (folded = foldAddress(word).split(' ')));
    for (const one of folded) {
      all.push(one);
      starts.push(start);
      ends.push(at);
    }
  }
  return { folded: all, starts, ends };
});

const AMPERSAND = 0x26;
const IN_WORD = /[\p{L}\p{N}\p{M}'’]/u;
/** For each code unit that was met 1 where it is of a word, 2 where not. */
const unitsKnown = new Uint8Array(0x1_0000);

/** How many code units the character has that stands at an offset and is of a word; 0 where it is of none. */
function widthInWord(text: string, at: number): number {
  const unit = text.charCodeAt(at);
  // Past the end, where it is NaN, too.
  if (!(unit >= 0)) return 0;
  if (unit >= 0xd800 && unit < 0xdc00 && at + 1 < text.length)
    return IN_WORD.test(text.slice(at, at + 2)) && text.codePointAt(at) !== unit ? 2 : 0;
  if (unitsKnown[unit] === 0) unitsKnown[unit] = IN_WORD.test(String.fromCharCode(unit)) ? 1 : 2;
  return unitsKnown[unit] === 1 ? 1 : 0;
}

/** Whether a text may hold these letters, folded, in a row: quicker than to fold each with its offset. */
export const mayHold = (text: string, letters: string): boolean => roughLetters(text).includes(letters);

/** Nothing that `lettersOf` leaves out stands among them. */
const roughLetters = ofPage((text) => {
  const lower = text.toLowerCase();
  const written = lower.length === text.length ? lower : text;
  return NOT_ASCII.test(written)
    ? written
        .normalize('NFKD')
        .replace(/[^\p{L}\p{N}]|[\u{10000}-\u{10FFFF}]/gu, '')
        .toLowerCase()
    : written.toLowerCase().replace(/[^a-z0-9]+/g, '');
});
const NOT_ASCII = /[^\0-\x7f]/;
