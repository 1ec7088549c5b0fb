import { table } from '#core/text';
import { GrowingElement, cloneOf, rootElement, type HtmlText } from './document.ts';
import { OpenElements } from './openElements.ts';
import { fillSelectedContent } from './selectedContent.ts';
import { Flag, flagsOf } from './tags.ts';
import { NO_ATTRIBUTES, TokenKind, Tokenizer, type Attributes, type ContentModel } from './tokenizer.ts';

/**
 * Deeper nesting than this is flattened, so that no page can exhaust a reader; browsers do the same at this
 * depth. Formatting elements that wait to be opened again are bounded, and so is how often that is done.
 */
const MAX_DEPTH = 512;
const MAX_FORMATTING = 100;
const MAX_REOPENED = 20_000;

/** The insertion modes (13.2.4.1). The modes for text are none here: such elements are read in one go. */
export type Mode =
  | 'initial'
  | 'beforeHtml'
  | 'beforeHead'
  | 'inHead'
  | 'afterHead'
  | 'inBody'
  | 'inTable'
  | 'inCaption'
  | 'inColumnGroup'
  | 'inTableBody'
  | 'inRow'
  | 'inCell'
  | 'inTemplate'
  | 'afterBody'
  | 'inFrameset'
  | 'afterFrameset'
  | 'afterAfterBody';

/** A rule of an insertion mode for the token at hand. */
export type Rule = (builder: TreeBuilder, token: Tokenizer) => void;

const modeInside = table<Mode>({
  td: 'inCell',
  th: 'inCell',
  tr: 'inRow',
  tbody: 'inTableBody',
  thead: 'inTableBody',
  tfoot: 'inTableBody',
  caption: 'inCaption',
  colgroup: 'inColumnGroup',
  table: 'inTable',
  head: 'inHead',
  body: 'inBody',
  frameset: 'inFrameset',
});

type Mutable<T> = { -readonly [K in keyof T]: T[K] };

/** What the tree construction stage keeps and does (HTML Living Standard, 13.2.4 and 13.2.6.1). */
export class TreeBuilder {
  readonly token: Tokenizer;
  readonly root = rootElement();
  readonly open = new OpenElements(this.root);
  readonly elements: GrowingElement[] = [];
  readonly marked: GrowingElement[] = [];
  readonly comments: HtmlText[] = [];
  /** The list of active formatting elements; null is a marker. */
  readonly formatting: (GrowingElement | null)[] = [];
  readonly templateModes: Mode[] = [];
  readonly #rules: Readonly<Record<Mode | 'foreign', Rule>>;
  #rule: Rule;
  head: GrowingElement | undefined;
  form: GrowingElement | undefined;
  framesetOk = true;
  quirks = false;
  fosterParenting = false;
  ended = false;
  #reopened = 0;
  /** End tags to pass over, of elements that were nested too deep to be opened. */
  readonly #flattened = new Map<string, number>();
  #lastText: Mutable<HtmlText> | undefined;

  constructor(source: string, rules: Readonly<Record<Mode | 'foreign', Rule>>) {
    this.token = new Tokenizer(source);
    this.#rules = rules;
    this.#rule = rules.initial;
  }

  /** Makes up what stands round the parts of a table. */
  beginInTable(): void {
    this.imply('html');
    this.head = this.imply('head');
    this.open.pop(0);
    for (const name of ['body', 'table']) this.imply(name);
    this.setMode('inTable');
  }

  run(): void {
    const { token, open } = this;
    while (!this.ended) {
      const kind = token.next((open.top.flags & Flag.foreign) !== 0);
      if (kind === TokenKind.endTag && this.#isFlattened(token.name)) continue;
      this.process();
    }
    const { length } = token.source;
    while (open.items.length > 1) open.pop(length);
    for (const element of this.elements) if (element.name === 'selectedcontent') fillSelectedContent(element);
    this.root.contentEnd = length;
    this.root.end = length;
  }

  /** The tree construction dispatcher (13.2.6). Called again, it is "reprocess the token". */
  process(): void {
    if (this.open.top.flags & Flag.foreign && this.#isForeign()) this.#rules.foreign(this, this.token);
    else this.processInMode();
  }

  /** By the rules of the insertion mode, whatever the current node is. */
  processInMode(): void {
    this.#rule(this, this.token);
  }

  #isForeign(): boolean {
    const { top } = this.open;
    const { kind, name } = this.token;
    if (kind === TokenKind.end) return false;
    const isTag = kind === TokenKind.startTag;
    if (top.flags & Flag.mathTextPoint) {
      if (kind === TokenKind.text || (isTag && name !== 'mglyph' && name !== 'malignmark')) return false;
    }
    if (top.name === 'math:annotation-xml' && isTag && name === 'svg') return false;
    if (top.flags & Flag.htmlPoint) return !(isTag || kind === TokenKind.text);
    return true;
  }

  /** Processes the token by the rules of another mode and then goes on in the one at hand. */
  using(mode: Mode): void {
    this.#rules[mode](this, this.token);
  }

  setMode(mode: Mode): void {
    this.#rule = this.#rules[mode];
  }

  reprocessIn(mode: Mode): void {
    this.setMode(mode);
    this.process();
  }

  /** "Reset the insertion mode appropriately" (13.2.4.1). */
  resetMode(): void {
    const { items } = this.open;
    for (let at = items.length - 1; at > 0; at -= 1) {
      const name = items[at]?.name ?? '';
      const mode =
        name === 'template'
          ? this.templateModes.at(-1)
          : name === 'html'
            ? this.head
              ? 'afterHead'
              : 'beforeHead'
            : modeInside[name];
      if (mode) {
        this.setMode(mode);
        return;
      }
    }
    this.setMode('inBody');
  }

  /** Body and html stay open behind their end tags; where those stand is kept. */
  markEnd(name: 'html' | 'body'): void {
    const element = this.open.find(name);
    if (!element || element.end > element.contentStart) return;
    element.contentEnd = Math.max(this.token.start, element.contentStart);
    element.end = Math.max(this.token.end, element.contentStart);
  }

  /** Appends an element and opens it. */
  insert(name = this.token.name, attributes: Attributes = this.token.attributes): GrowingElement {
    return this.#open(
      new GrowingElement(
        name,
        flagsOf(name),
        attributes,
        this.token.start,
        this.token.end,
        this.token.marked,
      ),
      true,
    );
  }

  insertForeign(space: 'svg' | 'math'): void {
    const { name, attributes, start, end, selfClosing, marked } = this.token;
    const full = name === space ? name : `${space}:${name}`;
    // HTML may stand in it where its encoding says so (13.2.6.6, "HTML integration point").
    const isHtmlPoint =
      full === 'math:annotation-xml' &&
      /^(?:text\/html|application\/xhtml\+xml)$/i.test(attributes['encoding'] ?? '');
    const flags = flagsOf(full) | Flag.foreign | (isHtmlPoint ? Flag.htmlPoint : 0);
    const element = new GrowingElement(full, flags, attributes, start, end, marked);
    this.#open(element, !selfClosing);
  }

  /** An element that the source does not have, but a browser makes up. */
  imply(name: string): GrowingElement {
    const { start } = this.token;
    return this.#open(new GrowingElement(name, flagsOf(name), NO_ATTRIBUTES, start, start), true);
  }

  /** Appends an element that has no content. */
  insertVoid(): void {
    const { name, attributes, start, end, marked } = this.token;
    this.#open(new GrowingElement(name, flagsOf(name), attributes, start, end, marked), false);
  }

  #open(element: GrowingElement, opens: boolean): GrowingElement {
    const { open } = this;
    this.#lastText = undefined;
    this.place(element, open.top);
    this.list(element);
    if (opens) {
      if (open.items.length <= MAX_DEPTH) open.push(element);
      else this.#flattened.set(element.name, (this.#flattened.get(element.name) ?? 0) + 1);
    }
    return element;
  }

  /** Takes an element into the lists of the page. */
  list(element: GrowingElement): void {
    this.elements.push(element);
    if (element.isMarked) this.marked.push(element);
  }

  /** Takes an element that was thrown out, and all inside it, off the lists of the page. */
  unlist(element: GrowingElement): void {
    const isInside = (one: GrowingElement): boolean => {
      for (let above: GrowingElement | null = one; above; above = above.parent)
        if (above === element) return true;
      return false;
    };
    for (const list of [this.elements, this.marked])
      list.splice(0, list.length, ...list.filter((one) => !isInside(one)));
  }

  /** Appends to a parent, or in front of the table where that is in force ("the appropriate place"). */
  place(element: GrowingElement, parent: GrowingElement): void {
    if (this.fosterParenting && parent.flags & Flag.fosters) this.#foster(element);
    else this.adopt(parent, element);
  }

  #isFlattened(name: string): boolean {
    const waiting = this.#flattened.get(name) ?? 0;
    if (waiting > 0) this.#flattened.set(name, waiting - 1);
    return waiting > 0;
  }

  adopt(parent: GrowingElement, element: GrowingElement): void {
    element.parent = parent;
    element.inert = parent.inert || parent.name === 'template';
    parent.append(element);
  }

  /** Where content goes that may not stand in a table: in front of it (13.2.6.1). */
  #foster(node: GrowingElement | Mutable<HtmlText>): void {
    const { items } = this.open;
    let at = items.length - 1;
    while (at > 0 && items[at]?.name !== 'table' && items[at]?.name !== 'template') at -= 1;
    const last = items[at];
    const table = last?.name === 'table' ? last : undefined;
    const parent = table?.parent ?? (last?.name === 'template' ? last : (items[1] ?? this.root));
    if (node.kind === 'element') {
      node.parent = parent;
      node.inert = parent.inert || parent.name === 'template';
    }
    if (table?.parent) parent.insertBefore(node, table);
    else parent.append(node);
  }

  /** The text token, or a part of it. */
  insertText(text = this.token.text, start = this.token.start): void {
    const { open, token } = this;
    const { flags } = open.top;
    const keepsNulls = flags & Flag.foreign && !(flags & (Flag.htmlPoint | Flag.mathTextPoint));
    const clean = token.hasNulls ? text.replaceAll('\0', keepsNulls ? '\uFFFD' : '') : text;
    if (clean === '') return;
    // Text that only a stray tag or a reference cut apart is one.
    if (this.#lastText?.end === start && open.top.children.at(-1) === this.#lastText) {
      this.#lastText.text += clean;
      this.#lastText.end = token.end;
      return;
    }
    const node: Mutable<HtmlText> = { kind: 'text', text: clean, start, end: token.end };
    this.#lastText = node;
    if (this.fosterParenting && open.top.flags & Flag.fosters) this.#foster(node);
    else open.top.append(node);
  }

  insertComment(): void {
    const { text, start, end } = this.token;
    this.comments.push({ kind: 'text', text, start, end });
  }

  /** White space at the beginning of a text token is inserted; whether more stands behind it. */
  takeLeadingSpace(inserts: boolean): boolean {
    const { token } = this;
    const space = /^[\t\n\f\r ]*/.exec(token.text)?.[0] ?? '';
    if (space && inserts) this.insertText(space);
    if (space.length === token.text.length) return false;
    token.text = token.text.slice(space.length);
    token.start += space.length;
    return true;
  }

  /** An element that holds only text, read to its end tag (13.2.6.2 and the "text" insertion mode). */
  insertTextElement(model: ContentModel): void {
    const { token, open } = this;
    const element = this.insert();
    token.readContentAs(model, token.name);
    if (token.name === 'textarea') token.skipLineBreak();
    token.next(false);
    if (token.kind === TokenKind.text) {
      element.append({
        kind: 'text',
        text: token.text.replaceAll('\0', '\uFFFD'),
        start: token.start,
        end: token.end,
      });
      token.next(false);
    }
    // Nested too deep, it was not opened.
    if (open.top === element) open.pop(token.start, token.end);
    else this.#isFlattened(element.name);
    // The end of the source is read again.
  }

  pushFormatting(element: GrowingElement): void {
    // "Noah's Ark": at most three that are alike.
    let alike = 0;
    for (let at = this.formatting.length - 1; at >= 0; at -= 1) {
      const other = this.formatting[at];
      if (!other) break;
      if (other.name !== element.name || !sameAttributes(other.attributes, element.attributes)) continue;
      alike += 1;
      if (alike === 3) {
        this.formatting.splice(at, 1);
        break;
      }
    }
    if (this.formatting.length >= MAX_FORMATTING) this.formatting.shift();
    this.formatting.push(element);
  }

  clearFormatting(): void {
    while (this.formatting.length > 0) if (this.formatting.pop() === null) return;
  }

  /** "Reconstruct the active formatting elements" (13.2.4.3). */
  reopenFormatting(): void {
    const { formatting } = this;
    let at = formatting.length;
    while (at > 0 && formatting[at - 1]?.isOpen === false) at -= 1;
    for (; at < formatting.length && this.#reopened < MAX_REOPENED; at += 1) {
      const entry = formatting[at];
      if (!entry) continue;
      this.#reopened += 1;
      formatting[at] = this.#open(cloneOf(entry), true);
    }
  }

  closeParagraph(): void {
    const { token, open } = this;
    open.popImplied(token.start, 'p');
    open.popUntil('p', token.start, token.start);
  }

  closeOpenParagraph(): void {
    if (this.open.inButtonScope('p')) this.closeParagraph();
  }

  /** The end tag at hand, whose element is in scope: ends it and everything inside it. */
  closeWithEndTag(): void {
    const { name, start, end } = this.token;
    this.open.popUntil(name, start, end);
  }
}

function sameAttributes(one: Attributes, other: Attributes): boolean {
  if (one === other) return true;
  const names = Object.keys(one);
  return names.length === Object.keys(other).length && names.every((name) => one[name] === other[name]);
}
