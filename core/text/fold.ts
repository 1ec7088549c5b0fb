import { remember } from './remember.ts';

/** White space collapsed to single blanks and trimmed, no-break and other Unicode spaces included. */
export function collapse(text: string): string {
  return text.replace(/[\s\u00A0\u200B]+/g, ' ').trim();
}

/** Letters of Latin script that Unicode does not decompose, as those write them who do not have them. */
const PLAIN_LETTERS: Readonly<Record<string, string>> = {
  ß: 'ss',
  ø: 'o',
  ł: 'l',
  đ: 'd',
  æ: 'ae',
  œ: 'oe',
  ı: 'i',
  ð: 'd',
  þ: 'th',
  ħ: 'h',
  ŧ: 't',
};

/** A text in small letters without the letters of Latin script that only some languages have: "łódź" with its accents. */
export const withPlainLetters = (lower: string): string =>
  lower.replace(/[ßøłđæœıðþħŧ]/g, (letter) => PLAIN_LETTERS[letter] ?? letter);

const AS_TWO: Readonly<Record<string, string>> = { ä: 'ae', ö: 'oe', ü: 'ue', å: 'aa', ø: 'oe', æ: 'ae' };

/** A text in small letters with those as two that some write so: "köln" and "koeln", "århus" and "aarhus". */
export const withLettersAsTwo = (lower: string): string =>
  lower.replace(/[äöüåøæ]/g, (letter) => AS_TWO[letter] ?? letter);

/**
 * A text without what two spellings of the same thing may differ in: case, diacritics, punctuation and
 * white space (Unicode NFKD, marks left out). "Café  O’Brien" and "cafe obrien" fold to the same.
 */
export const fold = remember((text) => {
  const plain = NOT_ASCII.test(text) ? withoutMarks(text) : text.toLowerCase();
  return collapse(
    plain
      .replace(/&/g, ' and ')
      .replace(/['’‘`]/g, '')
      .replace(NOT_ASCII.test(plain) ? /[^\p{L}\p{N}]+/gu : /[^a-z0-9]+/g, ' '),
  );
});

/** Most texts are ASCII, of which Unicode's ways are a waste. */
const NOT_ASCII = /[^\0-\x7f]/;

const withoutMarks = (text: string): string =>
  withPlainLetters(
    text
      // An ordinal is one word with its stop and without: "3.º".
      .replace(/(\d)\.(?=[ºª°])/g, '$1')
      .normalize('NFKD')
      .replace(/[\u0300-\u036F]/g, '')
      .toLowerCase(),
  );

/** A text as any markup can carry it: trimmed, line breaks as U+000A, without other control characters. */
export function plainText(text: string): string {
  if (text === '' || !/[\u0000-\u001F\u007F]/.test(text)) return text.trim();
  return text
    .replace(/\r\n?/g, '\n')
    .replace(/[\u0000-\u0009\u000B-\u001F\u007F]/g, (character) => (character === '\t' ? ' ' : ''))
    .trim();
}

const westernDigitsKnown = new Map<string, string>();

/** A decimal digit of any script as 0 to 9 (Unicode general category Nd: each script's ten stand in a row). */
function westernDigit(digit: string): string {
  let known = westernDigitsKnown.get(digit);
  if (known === undefined) {
    const code = digit.codePointAt(0) ?? 0;
    const zero = Array.from({ length: 10 }, (_, back) => code - back).find(
      (at) => !/\p{Nd}/u.test(String.fromCodePoint(at - 1)),
    );
    westernDigitsKnown.set(digit, (known = zero === undefined ? digit : String(code - zero)));
  }
  return known;
}

/** A text with the digits of every script as 0 to 9, of the same length in UTF-16 code units. */
export const westernDigits = (text: string): string =>
  OTHER_SCRIPTS.test(text)
    ? text.replace(/[^\P{Nd}\d]/gu, (digit) => (digit.length > 1 ? digit : westernDigit(digit)))
    : text;
/** Where the digits of other scripts stand in the Basic Multilingual Plane. */
const OTHER_SCRIPTS = /[\u0660-\u1C59\uA620-\uABF9\uFF10-\uFF19]/;
