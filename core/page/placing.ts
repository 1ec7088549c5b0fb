import type { MarkupForm } from '#core/markup';
import { readDocument, type HtmlDocument, type HtmlElement } from '#core/reading';
import { usualPlacement, type Placement } from './placements.ts';
import { applyEdits, asciiHtml, asciiJson, type Edit } from '#core/text';

/** Markup of ours on a page, with its marks, as offsets of the source. */
export interface Placed {
  readonly form: MarkupForm;
  readonly start: number;
  readonly end: number;
  /** The markup between the marks. */
  readonly text: string;
}

export type PlacingResult =
  | { readonly ok: true; readonly source: string; readonly edits: readonly Edit[] }
  | { readonly ok: false; readonly message: string };

const mark = (form: MarkupForm, end: 'begin' | 'end'): string => `<!-- zinc-post ${form} ${end} -->`;
const MARK = /^ zinc-post (jsonld|microdata) (begin|end) $/;

/** The markup that was placed on a page, in the order of the source. Marks without a partner are passed over. */
export function placedOn(source: string, document: HtmlDocument = readDocument(source)): readonly Placed[] {
  const found: Placed[] = [];
  const open = new Map<string, { start: number; end: number }>();
  for (const { text, start, end } of document.comments) {
    const [, form, which] = MARK.exec(text) ?? [];
    if (form !== 'jsonld' && form !== 'microdata') continue;
    const begun = open.get(form);
    if (which === 'begin') open.set(form, { start, end });
    else if (begun) {
      open.delete(form);
      const newline = /^\r?\n/.exec(source.slice(end, end + 2))?.[0].length ?? 0;
      found.push({
        form,
        start: begun.start,
        end: end + newline,
        text: source.slice(begun.end, start).trim(),
      });
    }
  }
  return found;
}

/**
 * The source with markup between marks of ours: in the head, or at the end of the body. Markup of the same
 * form that was placed before is replaced. Every other character stays as it is. `carries` says what the
 * page's encoding can hold: `ascii` writes everything else as escapes.
 */
export function place(
  source: string,
  form: MarkupForm,
  markup: string,
  at: Placement = usualPlacement[form],
  carries: 'unicode' | 'ascii' = 'unicode',
): PlacingResult {
  if (form === 'microdata' && at === 'head') {
    return {
      ok: false,
      message:
        'The visible block is for visitors and cannot stand in the head. Place it at the end of the body.',
    };
  }
  const document = readDocument(source);
  if (document.elements.length === 0) {
    return { ok: false, message: 'This is no HTML page: it has not one element. Nothing was changed.' };
  }
  const newline = source.includes('\r\n') ? '\r\n' : '\n';
  const safe = carries === 'unicode' ? markup : asciiMarkup(markup, form);
  const region = [mark(form, 'begin'), ...safe.split('\n'), mark(form, 'end'), ''].join(newline);
  const offset = insertionPoint(document, at);
  const edits = [...removals(source, document, form), { start: offset, end: offset, text: region }];
  const inside = edits.find(({ start, end }) => start < offset && offset < end);
  if (inside)
    return {
      ok: false,
      message:
        'The marks of an earlier placement enclose the end of the head or body. Remove that placement first.',
    };
  return { ok: true, source: applyEdits(source, edits), edits };
}

/** Markup in ASCII only, for a page whose encoding cannot carry every character. */
export const asciiMarkup = (markup: string, form: MarkupForm): string =>
  form === 'jsonld' ? asciiJson(markup) : asciiHtml(markup);

/** The source without the markup that was placed: of one form, or of all. */
export function remove(source: string, form?: MarkupForm): string {
  return applyEdits(source, removals(source, readDocument(source), form));
}

function removals(source: string, document: HtmlDocument, form: MarkupForm | undefined): Edit[] {
  return placedOn(source, document)
    .filter((placed) => !form || placed.form === form)
    .map(({ start, end }) => ({ start, end, text: '' }));
}

/** At the beginning of the line where the head or body ends, or right there where the line holds more. */
function insertionPoint({ root, elements, source }: HtmlDocument, at: Placement): number {
  const named = new Map<string, HtmlElement>();
  for (const element of elements)
    if (!element.inert && !named.has(element.name)) named.set(element.name, element);
  const [html, head, body] = [named.get('html'), named.get('head'), named.get('body')];
  const exact =
    at === 'head'
      ? (head?.contentEnd ?? impliedHeadEnd(html ?? root, source))
      : (body?.contentEnd ?? html?.contentEnd ?? source.length);
  const lineStart = Math.max(source.lastIndexOf('\n', exact - 1) + 1, 0);
  return /^[ \t]*$/.test(source.slice(lineStart, exact)) ? lineStart : exact;
}

const HEAD_ELEMENTS = new Set(['base', 'link', 'meta', 'noscript', 'script', 'style', 'template', 'title']);

/** Where the head ends that a browser makes up: behind the elements at the beginning that belong into one. */
function impliedHeadEnd(above: HtmlElement, source: string): number {
  let end =
    above.contentStart ||
    (/^(?:\uFEFF|\u00EF\u00BB\u00BF)?\s*(?:<!--[\s\S]*?-->\s*)*(?:<!doctype[^>]*>)?/i.exec(source)?.[0]
      .length ??
      0);
  for (const child of above.children) {
    if (child.kind === 'text' && /^[\s\uFEFF\u00EF\u00BB\u00BF]*$/.test(child.text)) continue;
    if (child.kind === 'text' || !HEAD_ELEMENTS.has(child.name)) break;
    end = Math.max(end, child.end);
  }
  return end;
}
