/** House numbers beside the names of their streets, as most of the world writes them. */

const NUMBER_BEFORE = /(?:(?:(?<!\d)\d{1,4}(?:-\d+)?\p{L}?|\d[\w-]*\s(?:bis|ter)),\s?|\d[\w-]*\s+)$/u;
const STREET_AND_NUMBER = /^(\D{4,}?)[\s,]+(?:n[ro]?[.º°]+\s?)?(\d+(?:\s?\/?\p{L}(?!\p{L}))?)\s*$/u;
const NUMBER_BEHIND = /^[\s,]*(?:n[ro]?[.º°]+\s?)?(\d+(?:\s?\/?\p{L}(?![\p{L}\d]))?)(?![\d/-])/u;
const LONGEST = 16;

/** How many characters before a street its number begins: "19, rue …", "8 bis, rue …"; 0 where none stands there. */
export const numberBefore = (text: string, street: number): number =>
  NUMBER_BEFORE.exec(text.slice(Math.max(0, street - LONGEST), street))?.[0].length ?? 0;

/** The name of a street and the number behind it: "Via Roma n. 10/A"; empty where it has none. */
export function nameAndNumber(street: string): readonly [name: string, number: string] {
  const [, name = '', number = ''] = STREET_AND_NUMBER.exec(street.trim()) ?? [];
  return [name, number];
}

/** The number behind the end of a street's name, and how many characters it takes with what stands before it. */
export function numberBehind(
  text: string,
  end: number,
): { readonly number: string; readonly length: number } | undefined {
  const found = NUMBER_BEHIND.exec(text.slice(end, end + LONGEST));
  return found ? { number: found[1] ?? '', length: found[0].length } : undefined;
}

/** "5 a" is "5a", "10 / A" is "10/A". */
export const isSameNumber = (one: string, other: string): boolean => plain(one) === plain(other);
const plain = (number: string): string => number.replace(/[\s/]/g, '').toLowerCase();
