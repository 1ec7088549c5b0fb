import type { HtmlDocument, HtmlElement } from './document.ts';

/** What a visitor can read on a page. */
export interface VisibleText {
  /** White space collapsed as browsers do; blocks on lines of their own. */
  readonly text: string;
  /** For each piece of `text`: its offset there and in the source, in rising order. */
  readonly pieces: readonly { readonly at: number; readonly start: number; readonly end: number }[];
}

const UNSEEN = new Set(['head', 'script', 'style', 'template', 'noscript', 'iframe', 'object', 'svg', 'math', 'select', 'datalist', 'audio', 'video', 'canvas']);
const INLINE = new Set(['a', 'abbr', 'b', 'bdi', 'bdo', 'cite', 'code', 'data', 'del', 'dfn', 'em', 'font', 'i', 'img', 'ins', 'kbd', 'label', 'link', 'mark', 'meta', 'q', 's', 'samp', 'small', 'span', 'strong', 'sub', 'sup', 'time', 'u', 'var', 'wbr', 'input']);

const isUnseen = ({ name, attributes }: HtmlElement): boolean =>
  UNSEEN.has(name) || 'hidden' in attributes || /display\s*:\s*none|visibility\s*:\s*hidden/i.test(attributes['style'] ?? '');

/** The text a visitor sees, as far as the HTML alone tells: style sheets are not read. */
export function visibleText({ root }: HtmlDocument): VisibleText {
  const parts: string[] = [];
  const pieces: { at: number; start: number; end: number }[] = [];
  let length = 0;
  let gap = '';
  const walk = (node: HtmlElement): void => {
    for (const child of node.children) {
      if (child.kind === 'text') {
        const collapsed = child.text.replace(/[ \t\r\n\f]+/g, ' ');
        if (collapsed.startsWith(' ')) gap ||= ' ';
        const text = collapsed.trim();
        if (!text) continue;
        if (length > 0) {
          parts.push(gap);
          length += gap.length;
        }
        pieces.push({ at: length, start: child.start, end: child.end });
        parts.push(text);
        length += text.length;
        gap = collapsed.endsWith(' ') ? ' ' : '';
      } else if (!isUnseen(child)) {
        if (child.name === 'br' || !INLINE.has(child.name)) gap = '\n';
        walk(child);
        if (!INLINE.has(child.name)) gap = '\n';
      }
    }
  };
  walk(root);
  return { text: parts.join(''), pieces };
}

/** The stretch of the source (UTF-16 offsets) that holds a stretch of the visible text. */
export function sourceOf({ pieces }: VisibleText, start: number, end: number): { start: number; end: number } {
  const holds = (offset: number): number => {
    let found = 0;
    for (const [at, piece] of pieces.entries()) if (piece.at <= offset) found = at;
    return found;
  };
  const first = pieces[holds(start)];
  const last = pieces[holds(Math.max(start, end - 1))];
  return { start: first?.start ?? 0, end: last?.end ?? 0 };
}
