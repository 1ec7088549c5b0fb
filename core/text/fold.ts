/** White space collapsed to single blanks and trimmed, no-break and other Unicode spaces included. */
export function collapse(text: string): string {
  return text.replace(/[\s\u00A0\u200B]+/g, ' ').trim();
}

/**
 * A text without what two spellings of the same thing may differ in: case, diacritics, punctuation and
 * white space (Unicode NFKD, marks left out). "Café  O’Brien" and "cafe obrien" fold to the same.
 */
export function fold(text: string): string {
  return collapse(
    text
      .normalize('NFKD')
      .replace(/[\u0300-\u036F]/g, '')
      .toLowerCase()
      .replace(/&/g, ' and ')
      .replace(/['’‘`]/g, '')
      .replace(/[^\p{L}\p{N}]+/gu, ' '),
  );
}
