/**
 * The one place where text is made safe for where it lands. Nothing else in the project escapes by hand.
 */

const HTML: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Text for HTML or XML element content or a quoted attribute value (HTML Living Standard, 13.3). */
export function escapeHtml(text: string): string {
  return text.replace(/[&<>"']/g, (character) => HTML[character] ?? character);
}

/**
 * A JSON string literal that is safe inside a script element: no `<` that could close the script or open
 * a comment, no U+2028/2029 (HTML Living Standard, 4.12.1.3 "Restrictions for contents of script elements").
 */
export function jsonString(text: string): string {
  // Most texts need no escape at all.
  if (/^[\u0020!#-;=-[\]-\u007E\u00A0-\u2027]*$/.test(text)) return `"${text}"`;
  return JSON.stringify(text).replace(/[<\u2028\u2029]/g, (character) => unicodeEscape(character));
}

/** Text for XML 1.0: as HTML, and characters that XML cannot carry (2.2 "Char") are left out. */
export function escapeXml(text: string): string {
  return escapeHtml(text.replace(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu, ''));
}

/** JSON text in ASCII only, for a page whose encoding cannot carry every character. */
export function asciiJson(json: string): string {
  return json.replace(/[^\u0000-\u007F]/g, unicodeEscape);
}

/** HTML in ASCII only: every other character as a numeric character reference. */
export function asciiHtml(html: string): string {
  return html.replace(/[^\u0000-\u007F]/gu, (character) => `&#${String(character.codePointAt(0))};`);
}

const unicodeEscape = (character: string): string =>
  `\\u${character.charCodeAt(0).toString(16).padStart(4, '0')}`;

/** Text of an address without its percent-encoding (RFC 3986, 2.1); as it stands where that is broken. */
export function percentDecoded(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}

/** A text for a regular expression that is to find it to the letter (ECMA-262, 22.2.1 "SyntaxCharacter"). */
export const escapePattern = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
