import { isWritten, type HtmlDocument, type HtmlElement } from './document.ts';

/** Where something can be put in: at an end of head or body, or at an element. */
export type Spot =
  | { readonly at: 'head' | 'body-begin' | 'body-end' }
  | { readonly at: 'before' | 'after' | 'inside'; readonly element: HtmlElement };

/**
 * The offset where something is put in: at the beginning of a line where that holds nothing else before it, or right
 * there where the line holds more. At the end of a body it stands before whatever was never closed and would
 * swallow it: a table, a link, a list, a drawing, a comment.
 */
export function insertionPoint(document: HtmlDocument, spot: Spot): number {
  const { source } = document;
  switch (spot.at) {
    case 'head':
      return atLineStart(source, headEnd(document));
    case 'body-end':
      return atLineStart(source, beforeUnclosed(document, bodyEnd(document)));
    case 'body-begin':
      return behindLineEnd(source, bodyBegin(document));
    case 'before':
      return atLineStart(source, spot.element.start);
    case 'inside':
      return atLineStart(source, spot.element.contentEnd);
    case 'after':
      return behindLineEnd(source, spot.element.end);
  }
}

function atLineStart(source: string, exact: number): number {
  const lineStart = Math.max(source.lastIndexOf('\n', exact - 1) + 1, 0);
  return /^[ \t]*$/.test(source.slice(lineStart, exact)) ? lineStart : exact;
}

const behindLineEnd = (source: string, exact: number): number =>
  exact + (/^[ \t]*\r?\n/.exec(source.slice(exact, exact + 200))?.[0].length ?? 0);

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

/** Behind the body's start tag, or before its first child where a browser makes it up. */
function bodyBegin(document: HtmlDocument): number {
  const body = document.elements.find(({ name }) => name === 'body');
  if (body && isWritten(body)) return body.contentStart;
  return body?.children[0]?.start ?? headEnd(document);
}

/** Where the body ends: before its end tag, or that of the page, or else where the page ends. */
function bodyEnd({ elements, source }: HtmlDocument): number {
  const ends = elements.filter(
    ({ name, contentEnd, end }) => (name === 'body' || name === 'html') && end > contentEnd,
  );
  return Math.min(source.length, ...ends.map(({ contentEnd }) => contentEnd));
}

/** What may go on to the end of a page without swallowing, moving or linking what is put in there. */
const OPEN_ENDED = new Set(
  'html head body div section article main header footer aside nav p center form blockquote figure address fieldset details dialog hgroup search span b i u s em strong small big font tt code'.split(
    ' ',
  ),
);

/** The offset, or before the outermost element or comment that is still open there and would not keep what is put in. */
function beforeUnclosed({ elements, comments, source }: HtmlDocument, offset: number): number {
  let moved = offset;
  for (const { name, start, contentEnd } of elements)
    if (start < moved && contentEnd >= offset && !OPEN_ENDED.has(name) && contentEnd > start)
      moved = Math.min(moved, start);
  for (const { start, end } of comments)
    if (start < moved && end >= offset && !source.slice(start, end).endsWith('>')) moved = start;
  return moved;
}
