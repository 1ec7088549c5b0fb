import { Parser } from 'htmlparser2';

/** An element of a page with its places in the source (UTF-16 offsets, end exclusive). */
export interface HtmlElement {
  readonly kind: 'element';
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly parent: HtmlElement | null;
  readonly children: HtmlNode[];
  /** From `<` of the start tag. */
  readonly start: number;
  /** Behind `>` of the start tag. */
  readonly contentStart: number;
  /** Before `<` of the end tag, or where the element ends without one. */
  contentEnd: number;
  end: number;
}

export interface HtmlText {
  readonly kind: 'text';
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

export type HtmlNode = HtmlElement | HtmlText;

/** A page as a tree below a nameless root element. */
export interface HtmlDocument {
  readonly root: HtmlElement;
  readonly source: string;
  readonly comments: readonly HtmlText[];
}

/** Deeper nesting than this is flattened, so that no page can exhaust a reader. Browsers stop at 512. */
const MAX_DEPTH = 512;

/** Reads HTML of any quality into a tree. Character references are decoded. Never fails. */
export function readDocument(source: string): HtmlDocument {
  const root = element('', {}, null, 0, 0);
  root.contentEnd = source.length;
  root.end = source.length;
  const comments: HtmlText[] = [];
  const stack: HtmlElement[] = [root];
  let skipped = 0;
  let top = root;
  const parser = new Parser({
    onopentag(name, attributes, implied) {
      if (stack.length > MAX_DEPTH) {
        skipped += 1;
        return;
      }
      const start = parser.startIndex;
      const opened = element(name, attributes, top, start, implied ? start : parser.endIndex + 1);
      top.children.push(opened);
      stack.push(opened);
      top = opened;
    },
    onclosetag(_, implied) {
      if (skipped > 0) {
        skipped -= 1;
        return;
      }
      const closed = stack.pop();
      if (!closed) return;
      // Implied ends carry the position of what ended them; void elements end with their start tag.
      const at = implied ? Math.max(closed.contentStart, Math.min(parser.startIndex, source.length)) : parser.startIndex;
      closed.contentEnd = Math.max(closed.contentStart, at);
      closed.end = implied ? closed.contentEnd : Math.max(closed.contentStart, parser.endIndex + 1);
      top = stack.at(-1) ?? root;
    },
    ontext(text) {
      const last = top.children.at(-1);
      const start = parser.startIndex;
      const end = parser.endIndex + 1;
      if (last?.kind === 'text' && last.end === start) {
        top.children[top.children.length - 1] = { kind: 'text', text: last.text + text, start: last.start, end };
      } else {
        top.children.push({ kind: 'text', text, start, end });
      }
    },
    oncomment(text) {
      comments.push({ kind: 'text', text, start: parser.startIndex, end: parser.endIndex + 1 });
    },
  });
  parser.end(source);
  return { root, source, comments };
}

function element(
  name: string,
  attributes: Readonly<Record<string, string>>,
  parent: HtmlElement | null,
  start: number,
  contentStart: number,
): HtmlElement {
  return { kind: 'element', name, attributes, parent, children: [], start, contentStart, contentEnd: contentStart, end: contentStart };
}

/** Every element below one, in the order of the source; `skip` keeps it out of an element's inside. */
export function* elementsBelow(above: HtmlElement, skip?: (inside: HtmlElement) => boolean): Generator<HtmlElement> {
  for (const child of above.children) {
    if (child.kind !== 'element') continue;
    yield child;
    if (!skip?.(child)) yield* elementsBelow(child, skip);
  }
}

/** The text inside an element, scripts and templates included, as DOM textContent has it. */
export function textContent(node: HtmlElement): string {
  let text = '';
  for (const child of node.children) text += child.kind === 'text' ? child.text : textContent(child);
  return text;
}

/** Whether machines treat the inside of this element as if it were not on the page. */
export const isInert = (node: HtmlElement): boolean => node.name === 'template';
