import { withLettersAsTwo, withPlainLetters } from '#core/text';

const WORD = /[\p{L}\p{M}]+/gu;
/** Scripts in which a letter without its mark is another letter; Cyrillic ё and the points of Hebrew may be left out. */
const MARKED_SCRIPT = /^[\p{Script=Latin}\p{Script=Greek}\p{M}]+$/u;
/** Capitals lose their marks in several languages. */
const ALL_CAPITALS = /^[\p{Lu}\p{M}]{2,}$/u;

/**
 * A text with the letters that people read where it has them without their marks: "Kwiaciarnia Roza", where the page
 * shows "Kwiaciarnia Róża". Undefined where it lacks none.
 */
export function withAccentsOf(told: string, seen: string): string | undefined {
  const shown = new Map<string, string>();
  for (const [word] of seen.matchAll(WORD)) {
    const lower = word.normalize('NFC').toLowerCase();
    if (marksOf(lower) === 0 || !MARKED_SCRIPT.test(word)) continue;
    for (const plain of [plainOf(lower), plainOf(withLettersAsTwo(lower))]) shown.set(plain, word);
  }
  if (shown.size === 0) return undefined;
  const whole = told.replace(WORD, (word) => {
    const lower = word.normalize('NFC').toLowerCase();
    const other = ALL_CAPITALS.test(word) ? undefined : shown.get(plainOf(lower));
    if (other === undefined || marksOf(lower) >= marksOf(other.normalize('NFC').toLowerCase())) return word;
    return ALL_CAPITALS.test(other) ? `${other.slice(0, 1)}${other.slice(1).toLowerCase()}` : other;
  });
  return whole === told ? undefined : whole;
}

const plainOf = (lower: string): string =>
  withPlainLetters(lower.normalize('NFKD').replace(/[\u0300-\u036f]/g, ''));

/** How many letters of a word have marks, or are of some languages only. */
const marksOf = (lower: string): number =>
  (lower.match(/./gsu) ?? []).filter((letter) => plainOf(letter) !== letter).length;
