/**
 * Whether a UTF-16 code unit is a blank or a mark that takes no room, other than the white space of ASCII: the no-break
 * space, those of typographers and of East Asia, the byte order mark, joiners and soft hyphens (Unicode, White_Space and
 * Default_Ignorable_Code_Point).
 */
export const isInvisible = (code: number): boolean =>
  code > 0x7f &&
  /[\s\u0085\u00ad\u061c\u180e\u200b-\u200f\u202a-\u202e\u2060-\u2064\ufeff]/.test(String.fromCharCode(code));

/** Whether a text has such characters, and nothing else but white space. */
export const isUnseen = (text: string): boolean =>
  Array.from(text).some((one) => isInvisible(one.charCodeAt(0))) &&
  Array.from(text).every((one) => /\s/.test(one) || isInvisible(one.charCodeAt(0)));

/** A code point as the Unicode Standard names it: "U+200B". */
export const codePointName = (code: number): string =>
  `U+${code.toString(16).toUpperCase().padStart(4, '0')}`;
