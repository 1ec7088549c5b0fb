import {
  encodingsOfLanguage,
  guessedEncodings,
  hasSignInWord,
  isValidIn,
  latinEncodings,
  likelyEncodings,
  type GuessedEncoding,
  type Likely,
} from '#core/encoding';
import { decodeBytes } from '#core/text';

/** The encodings spreadsheets write, for people to choose from where the guess is wrong. */
export const csvEncodings = guessedEncodings;
export type CsvEncoding = GuessedEncoding;

/** By how much of a hundred another Latin encoding must be the likelier one. */
const CLEARLY = 10;
const LOOKED_AT = 200_000;

/** How workbooks of spreadsheet programs begin, packed (ZIP) or in the older compound form, and PDF. */
export const WORKBOOK = /^(?:PK\x03\x04|\u00d0\u00cf\x11\u00e0|%PDF-)/;

/** What is known beforehand of a sheet whose encoding is guessed. */
interface Beforehand {
  /** How many of the first line's headings are known. */
  readonly known?: (firstLine: string) => number;
  /** What is written where the sheet comes from, BCP 47: "pl", "zh-Hant-TW". */
  readonly language?: string;
}

/**
 * The encoding of a spreadsheet's file: byte order mark, else UTF-16 where every other byte is zero, else UTF-8 where
 * the bytes are valid, else that of a country: the one in which most of the first line is known, where that is asked,
 * else one of the language, or the likeliest by the letters.
 */
export function guessCsvEncoding(
  bytes: Uint8Array,
  { known = () => 0, language = '' }: Beforehand = {},
): CsvEncoding {
  // A workbook is no text; whoever reads it as one says so.
  if (WORKBOOK.test(String.fromCharCode(...bytes.subarray(0, 8)))) return 'windows-1252';
  const unicode = unicodeOf(bytes);
  if (unicode) return unicode;
  const head = wholeLines(bytes);
  const likely = likelyEncodings(head);
  const western = sense(head, 'macintosh') > sense(head, 'windows-1252') ? 'macintosh' : 'windows-1252';
  const knows = ({ encoding }: Likely): number =>
    known(/^[^\r\n]*/.exec(decodeBytes(head, encoding).trimStart())?.[0] ?? '');
  const usual = { encoding: western, confidence: confidenceOf(likely, 'windows-1252') } as const;
  const best = likely
    .map((one) => ({ ...one, count: knows(one) }))
    .reduce((most, one) => (one.count > most.count ? one : most), { ...usual, count: knows(usual) });
  if (best.encoding !== western) return best.encoding;
  const own = encodingsOfLanguage(language);
  const ofLanguage = [...likely.map(({ encoding }) => encoding).filter((one) => own.includes(one)), ...own];
  const sensible = ofLanguage.find((encoding) => isWrittenIn(head, encoding));
  if (sensible) return sensible;
  const [first = usual] = likely;
  const isClear =
    // On a short sheet, whichever Latin one is the most frequent is the best guess.
    !latinEncodings.has(first.encoding) ||
    first.confidence >= usual.confidence + CLEARLY ||
    (hasSignInWord(head, western) && !hasSignInWord(head, first.encoding));
  return isClear && first.encoding !== 'windows-1252' ? first.encoding : western;
}

/** Whether bytes make words in an encoding of a language: no letters of two scripts side by side, no sign among them. */
function isWrittenIn(bytes: Uint8Array, encoding: CsvEncoding): boolean {
  if (!isValidIn(bytes, encoding)) return false;
  if (latinEncodings.has(encoding)) return !hasSignInWord(bytes, encoding);
  const text = decodeBytes(bytes, encoding);
  return !/\p{Script=Latin}(?!\p{Script=Latin}|\p{M})\p{L}|(?!\p{Script=Latin})\p{L}\p{Script=Latin}/u.test(
    text,
  );
}

/** The first lines of a file, none of them cut: half of a double byte would speak against every encoding that has them. */
function wholeLines(bytes: Uint8Array): Uint8Array {
  if (bytes.length <= LOOKED_AT) return bytes;
  const end = bytes.lastIndexOf(0x0a, LOOKED_AT) + 1 || bytes.lastIndexOf(0x0d, LOOKED_AT) + 1;
  return bytes.subarray(0, end || LOOKED_AT);
}

function unicodeOf(bytes: Uint8Array): CsvEncoding | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  const head = bytes.subarray(0, 4000);
  let [even, odd] = [0, 0];
  for (let at = 0; at < head.length; at += 1) {
    if (head[at] !== 0) continue;
    if (at % 2 === 0) even += 1;
    else odd += 1;
  }
  if (odd > head.length / 5) return 'utf-16le';
  if (even > head.length / 5) return 'utf-16be';
  return isValidIn(bytes, 'utf-8') ? 'utf-8' : undefined;
}

const confidenceOf = (likely: readonly Likely[], encoding: CsvEncoding): number =>
  likely.find((one) => one.encoding === encoding)?.confidence ?? 0;

/**
 * How much like words a text reads: they go on in small letters; a capital or a sign behind one, and a letter beside a
 * digit, are a wrong reading ("CafŽ", "MoñFr", "10Ä").
 */
function sense(bytes: Uint8Array, encoding: CsvEncoding): number {
  const text = decodeBytes(bytes, encoding);
  const count = (pattern: RegExp): number => text.match(pattern)?.length ?? 0;
  return count(/\p{L}[ß-ÿ’]/gu) - count(/\p{Ll}(?:[À-ÞŠŒŽŸ]|[‡†‰¶§])|[ß-ÿ]\p{Lu}|\d ?[À-ÖØ-ÿ]|[À-ÖØ-ÿ]\d/gu);
}
