import { NO_ATTRIBUTES, type Attributes } from './tokenizer.ts';

/** An element of a page with its places in the source (UTF-16 offsets, end exclusive). */
export interface HtmlElement {
  readonly kind: 'element';
  /** In lower case. Inside SVG and MathML it begins with `svg:` or `math:`. */
  readonly name: string;
  readonly attributes: Attributes;
  readonly parent: HtmlElement | null;
  readonly children: readonly HtmlNode[];
  /** Whether it stands inside a template, which machines treat as if it were not on the page. */
  readonly inert: boolean;
  /** From `<` of the start tag. */
  readonly start: number;
  /** Behind `>` of the start tag; equal to `start` where a browser made the element up. */
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
  /** Those of them with an attribute of microdata or RDFa. */
  readonly marked: readonly HtmlElement[];
  readonly source: string;
  readonly comments: readonly HtmlText[];
}

/** Whether the source has the start tag of an element; otherwise a browser made it up. */
export const isWritten = ({ start, contentStart }: HtmlElement): boolean => contentStart > start;

/** The text inside an element, scripts and templates included, as DOM textContent has it. */
export function textContent(node: HtmlElement): string {
  const [only] = node.children;
  if (node.children.length === 1 && only?.kind === 'text') return only.text;
  let text = '';
  for (const child of node.children) text += child.kind === 'text' ? child.text : textContent(child);
  return text;
}

/** The same with a blank where a line is broken, as people read it. */
export function brokenText(node: HtmlElement): string {
  let text = '';
  for (const child of node.children)
    text += child.kind === 'text' ? child.text : child.name === 'br' ? ' ' : brokenText(child);
  return text;
}

/** The language that a page says it is written in (BCP 47); '' where it does not (HTML Standard, 3.2.6.2). */
export const languageOfDocument = ({ elements }: Pick<HtmlDocument, 'elements'>): string =>
  elements.find(({ name }) => name === 'html')?.attributes['lang']?.trim() ?? '';

/** What elements without children share, so that most elements need no array of their own. */
const NONE: GrowingNode[] = [];

export type GrowingNode = GrowingElement | HtmlText;

/** An element while its tree grows. */
export class GrowingElement implements HtmlElement {
  readonly kind = 'element';
  readonly name: string;
  attributes: Attributes;
  parent: GrowingElement | null = null;
  children: GrowingNode[] = NONE;
  inert = false;
  /** Whether it is on the stack of open elements. */
  isOpen = false;
  readonly start: number;
  readonly contentStart: number;
  contentEnd: number;
  end: number;
  /** What the rules of the parser ask of its name, see `tags.ts`. */
  readonly flags: number;

  /** Whether it has an attribute of microdata or RDFa. */
  readonly isMarked: boolean;

  constructor(
    name: string,
    flags: number,
    attributes: Attributes,
    start: number,
    contentStart: number,
    isMarked = false,
  ) {
    this.isMarked = isMarked;
    this.name = name;
    this.flags = flags;
    this.attributes = attributes;
    this.start = start;
    this.contentStart = contentStart;
    this.contentEnd = contentStart;
    this.end = contentStart;
  }

  append(node: GrowingNode): void {
    if (this.children === NONE) this.children = [node];
    else this.children.push(node);
  }

  insertBefore(node: GrowingNode, sibling: GrowingNode): void {
    const at = this.children.lastIndexOf(sibling);
    if (at < 0) this.append(node);
    else this.children.splice(at, 0, node);
  }

  remove(node: GrowingNode): void {
    const at = this.children.lastIndexOf(node);
    if (at >= 0) this.children.splice(at, 1);
  }
}

/** A second element of the same start tag, as misnested formatting needs it. */
export const cloneOf = ({
  name,
  flags,
  attributes,
  start,
  contentStart,
  isMarked,
}: GrowingElement): GrowingElement =>
  new GrowingElement(name, flags, attributes, start, contentStart, isMarked);

export const rootElement = (): GrowingElement => new GrowingElement('', 0, NO_ATTRIBUTES, 0, 0);
