import { isWritten, type HtmlDocument } from './document.ts';

/**
 * Where something is put in at the end of the head or body: at the beginning of the line where that ends, or
 * right there where the line holds more.
 */
export function insertionPoint(document: HtmlDocument, at: 'head' | 'body-end'): number {
  const { source } = document;
  const exact = at === 'head' ? headEnd(document) : bodyEnd(document);
  const lineStart = Math.max(source.lastIndexOf('\n', exact - 1) + 1, 0);
  return /^[ \t]*$/.test(source.slice(lineStart, exact)) ? lineStart : exact;
}

/** Where the head ends; one that a browser makes up ends behind its last element. */
function headEnd({ elements, source }: HtmlDocument): number {
  const [html, head] = elements;
  if (!head || isWritten(head)) return head?.contentEnd ?? source.length;
  const last = head.children.at(-1);
  if (last) return last.end;
  return html && isWritten(html) ? html.contentStart : (PROLOGUE.exec(source)?.[0].length ?? 0);
}

/** What stands before the first element: white space, comments and the document type. */
const PROLOGUE = /^(?:\uFEFF|\u00EF\u00BB\u00BF)?\s*(?:<!--[\s\S]*?-->\s*)*(?:<!doctype[^>]*>)?/i;

/** Where the body ends: before its end tag, or that of the page, whether it was written or made up. */
function bodyEnd({ elements, source }: HtmlDocument): number {
  const ends = elements.filter(({ name }) => name === 'body' || name === 'html');
  return Math.min(source.length, ...ends.map(({ contentEnd }) => contentEnd));
}
