import { Parser } from 'htmlparser2';

/** An element of a page with its places in the source (UTF-16 offsets, end exclusive). */
export interface HtmlElement {
  readonly kind: 'element';
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly parent: HtmlElement | null;
  readonly children: readonly HtmlNode[];
  /** Whether it stands inside a template, which machines treat as if it were not on the page. */
  readonly inert: boolean;
  /** From `<` of the start tag. */
  readonly start: number;
  /** Behind `>` of the start tag. */
  readonly contentStart: number;
  /** Before `<` of the end tag, or where the element ends without one. */
  readonly contentEnd: number;
  readonly end: number;
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
  /** Every element, in the order of the source. */
  readonly elements: readonly HtmlElement[];
  readonly source: string;
  readonly comments: readonly HtmlText[];
}

/** Deeper nesting than this is flattened, so that no page can exhaust a reader. Browsers stop at 512. */
const MAX_DEPTH = 512;

type Mutable<T> = { -readonly [K in keyof T]: T[K] };
type Growing = Omit<Mutable<HtmlElement>, 'children'> & { children: HtmlNode[] };

/** What elements without children share, so that most elements need no array of their own. */
const NONE: HtmlNode[] = [];

/** Reads HTML of any quality into a tree. Character references are decoded. Never fails. */
export function readDocument(source: string): HtmlDocument {
  const root = element('', {}, null, 0, 0);
  root.contentEnd = source.length;
  root.end = source.length;
  const comments: HtmlText[] = [];
  const elements: HtmlElement[] = [];
  const stack: Growing[] = [root];
  let skipped = 0;
  let top = root;
  let lastText: Mutable<HtmlText> | undefined;
  const append = (node: HtmlNode): void => {
    if (top.children === NONE) top.children = [node];
    else top.children.push(node);
  };
  const parser = new Parser({
    onopentag(name, attributes, implied) {
      if (stack.length > MAX_DEPTH) {
        skipped += 1;
        return;
      }
      const start = parser.startIndex;
      const opened = element(name, attributes, top, start, implied ? start : parser.endIndex + 1);
      append(opened);
      elements.push(opened);
      stack.push(opened);
      top = opened;
      lastText = undefined;
    },
    onclosetag(_, implied) {
      if (skipped > 0) {
        skipped -= 1;
        return;
      }
      const closed = stack.pop();
      if (!closed) return;
      // Implied ends carry the position of what ended them; void elements end with their start tag.
      const at = implied ? Math.min(parser.startIndex, source.length) : parser.startIndex;
      closed.contentEnd = Math.max(closed.contentStart, at);
      closed.end = implied ? closed.contentEnd : Math.max(closed.contentStart, parser.endIndex + 1);
      top = stack[stack.length - 1] ?? root;
      lastText = undefined;
    },
    ontext(text) {
      const start = parser.startIndex;
      // A text with character references comes in several pieces.
      if (lastText?.end === start) {
        lastText.text += text;
        lastText.end = parser.endIndex + 1;
      } else {
        lastText = { kind: 'text', text, start, end: parser.endIndex + 1 };
        append(lastText);
      }
    },
    oncomment(text) {
      comments.push({ kind: 'text', text, start: parser.startIndex, end: parser.endIndex + 1 });
    },
  });
  parser.end(source);
  return { root, elements, source, comments };
}

function element(
  name: string,
  attributes: Readonly<Record<string, string>>,
  parent: HtmlElement | null,
  start: number,
  contentStart: number,
): Growing {
  const inert = parent !== null && (parent.inert || parent.name === 'template');
  return {
    kind: 'element',
    name,
    attributes,
    parent,
    children: NONE,
    inert,
    start,
    contentStart,
    contentEnd: contentStart,
    end: contentStart,
  };
}

/** The text inside an element, scripts and templates included, as DOM textContent has it. */
export function textContent(node: HtmlElement): string {
  let text = '';
  for (const child of node.children) text += child.kind === 'text' ? child.text : textContent(child);
  return text;
}
