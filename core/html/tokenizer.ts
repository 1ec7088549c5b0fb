import { decodeHTML, decodeHTMLAttribute } from 'entities';

export const TokenKind = { text: 0, startTag: 1, endTag: 2, comment: 3, doctype: 4, end: 5 } as const;
export type TokenKind = (typeof TokenKind)[keyof typeof TokenKind];

/** How the content of an element is read (HTML Living Standard, 13.2.5). */
export type ContentModel = 'data' | 'rcdata' | 'rawtext' | 'script' | 'plaintext';

export type Attributes = Readonly<Record<string, string>>;

/** Attributes by their names, which may be any: there is no prototype that could answer for one. */
class AttributeMap {
  [name: string]: string;
}
Object.setPrototypeOf(AttributeMap.prototype, null);
Reflect.deleteProperty(AttributeMap.prototype, 'constructor');

/** All attributes of several start tags, the first of each name. */
export const joinedAttributes = (first: Attributes, more: Attributes): Attributes =>
  Object.assign(new AttributeMap(), more, first);

/** What elements without attributes share. */
export const NO_ATTRIBUTES: Attributes = Object.freeze(new AttributeMap());

/** Attributes of microdata and RDFa Lite; few elements of a page have one. */
const MARKUP_ATTRIBUTES = new Set([
  'itemscope',
  'itemtype',
  'itemprop',
  'itemid',
  'itemref',
  'vocab',
  'typeof',
  'property',
  'resource',
  'prefix',
  'content',
]);

const TAB = 9;
const LF = 10;
const FF = 12;
const CR = 13;
const SPACE = 32;
const EXCLAMATION = 33;
const QUOTE = 34;
const APOSTROPHE = 39;
const SLASH = 47;
const EQUALS = 61;
const GREATER = 62;
const QUESTION = 63;

const isSpace = (code: number): boolean =>
  code === SPACE || code === LF || code === TAB || code === CR || code === FF;
const isLetter = (code: number): boolean => (code >= 97 && code <= 122) || (code >= 65 && code <= 90);

/** Names of tags and attributes in lower case, each only once, so that comparing them is quick. */
const known = new Map<string, string>();
const MOST_NAMES = 5000;

function lowerName(written: string): string {
  const found = known.get(written);
  if (found !== undefined) return found;
  // ASCII letters only: the Kelvin sign is no k.
  const name = written.replace(/[A-Z]+/g, (letters) => letters.toLowerCase()).replaceAll('\0', '\uFFFD');
  if (known.size < MOST_NAMES && written.length < 40) known.set(written, name);
  return name;
}

/**
 * Cuts HTML into tokens as the HTML Living Standard, 13.2.5 has it. The fields hold the token last read; they
 * are overwritten by the next one. Offsets are UTF-16 code units, end exclusive. Never fails.
 */
export class Tokenizer {
  kind: TokenKind = TokenKind.end;
  /** Of a tag, in lower case. */
  name = '';
  attributes: Attributes = NO_ATTRIBUTES;
  selfClosing = false;
  /** Whether one of the attributes is of microdata or RDFa. */
  marked = false;
  /** Of text and comments, with character references decoded; of a document type what stands in it. */
  text = '';
  start = 0;
  end = 0;
  readonly source: string;
  #at = 0;
  #model: ContentModel = 'data';
  #modelName = '';
  readonly #hasReturns: boolean;
  /** Whether the source holds U+0000, which most content may not. */
  readonly hasNulls: boolean;

  constructor(source: string) {
    this.source = source;
    this.#hasReturns = source.includes('\r');
    this.hasNulls = source.includes('\0');
    if (source.charCodeAt(0) === 0xfeff) this.#at = 1;
  }

  /** Says how what follows is to be read, until the end tag of this name. */
  readContentAs(model: ContentModel, name: string): void {
    this.#model = model;
    this.#modelName = name;
  }

  /** Passes over the line break that may begin a `pre` or a `textarea`, whether written or referred to. */
  skipLineBreak(): void {
    const [reference = ''] =
      /^&(?:#0*10(?!\d);?|#[xX]0*[aA](?![\da-fA-F]);?|NewLine;)/.exec(
        this.source.slice(this.#at, this.#at + 40),
      ) ?? [];
    if (reference) this.#at += reference.length;
    else if (this.source.charCodeAt(this.#at) === CR && this.source.charCodeAt(this.#at + 1) === LF)
      this.#at += 2;
    else if (this.source.charCodeAt(this.#at) === LF || this.source.charCodeAt(this.#at) === CR)
      this.#at += 1;
  }

  /** Reads the next token. `inForeign`: the current element is SVG or MathML, where CDATA sections are known. */
  next(inForeign: boolean): TokenKind {
    if (this.#model !== 'data') {
      const end = this.#contentEnd();
      const model = this.#model;
      if (model !== 'plaintext') this.#model = 'data';
      if (end > this.#at) {
        this.#textUntil(end, model === 'rcdata');
        // Here U+0000 is told (13.2.5.5); elsewhere the rules of the tree drop it.
        if (model === 'plaintext' && this.hasNulls) this.text = this.text.replaceAll('\0', '\uFFFD');
        return this.kind;
      }
    }
    const { source } = this;
    const end = this.#textEnd(this.#at);
    if (end > this.#at) {
      this.#textUntil(end, true);
      // "</>" is nothing at all, so that the text goes on behind it.
      while (source.startsWith('</>', this.#at)) this.#textGoesOn();
      return this.kind;
    }
    if (end >= source.length) return this.#ended();
    if (!source.startsWith('</>', end)) return this.#markup(end, inForeign);
    this.#textUntil(end, false);
    while (source.startsWith('</>', this.#at)) this.#textGoesOn();
    return this.kind;
  }

  /** Where text ends: before the next markup. */
  #textEnd(from: number): number {
    const { source } = this;
    let less = source.indexOf('<', from);
    while (less >= 0 && !this.#beginsMarkup(less)) less = source.indexOf('<', less + 1);
    return less < 0 ? source.length : less;
  }

  #textGoesOn(): void {
    const { start, text } = this;
    this.#at += 3;
    this.#textUntil(this.#textEnd(this.#at), true);
    this.start = start;
    this.text = text + this.text;
  }

  #beginsMarkup(less: number): boolean {
    const code = this.source.charCodeAt(less + 1);
    if (isLetter(code) || code === EXCLAMATION || code === QUESTION) return true;
    return code === SLASH && less + 2 < this.source.length;
  }

  #markup(less: number, inForeign: boolean): TokenKind {
    const { source } = this;
    const code = source.charCodeAt(less + 1);
    if (isLetter(code)) return this.#tag(less, less + 1, TokenKind.startTag);
    if (code === SLASH) {
      const next = source.charCodeAt(less + 2);
      if (isLetter(next)) return this.#tag(less, less + 2, TokenKind.endTag);
      return this.#bogusComment(less, less + 2);
    }
    if (code === QUESTION) return this.#bogusComment(less, less + 1);
    if (source.startsWith('--', less + 2)) return this.#comment(less);
    if (/^doctype$/i.test(source.slice(less + 2, less + 9))) {
      this.#bogusComment(less, less + 9);
      return (this.kind = TokenKind.doctype);
    }
    if (inForeign && source.startsWith('[CDATA[', less + 2)) return this.#cdata(less);
    return this.#bogusComment(less, less + 2);
  }

  #ended(): TokenKind {
    this.start = this.source.length;
    this.end = this.source.length;
    this.#at = this.source.length;
    return (this.kind = TokenKind.end);
  }

  #textUntil(end: number, decodes: boolean): TokenKind {
    this.start = this.#at;
    this.end = end;
    const raw = this.#clean(this.source.slice(this.#at, end));
    this.text = decodes && raw.includes('&') ? decodeHTML(raw) : raw;
    this.#at = end;
    return (this.kind = TokenKind.text);
  }

  /** Line breaks as the standard's input stream has them. */
  #clean(text: string): string {
    return this.#hasReturns && text.includes('\r') ? text.replace(/\r\n?/g, '\n') : text;
  }

  #comment(less: number): TokenKind {
    const { source } = this;
    this.start = less;
    const abrupt = /^-?>/.exec(source.slice(less + 4, less + 6))?.[0];
    if (abrupt !== undefined) return this.#commented('', less + 4 + abrupt.length);
    let close = less + 4;
    for (;;) {
      close = source.indexOf('--', close);
      // Dashes at the end of the source may have been the beginning of its end (13.2.5.50 to .52).
      if (close < 0) return this.#commented(source.slice(less + 4).replace(/-$/, ''), source.length);
      if (/^--!?$/.test(source.slice(close, close + 4)))
        return this.#commented(source.slice(less + 4, close), source.length);
      const code = source.charCodeAt(close + 2);
      if (code === GREATER) return this.#commented(source.slice(less + 4, close), close + 3);
      if (code === EXCLAMATION && source.charCodeAt(close + 3) === GREATER)
        return this.#commented(source.slice(less + 4, close), close + 4);
      close += 1;
    }
  }

  #bogusComment(less: number, from: number): TokenKind {
    this.start = less;
    const close = this.source.indexOf('>', from);
    return close < 0
      ? this.#commented(this.source.slice(from), this.source.length)
      : this.#commented(this.source.slice(from, close), close + 1);
  }

  #commented(text: string, end: number): TokenKind {
    this.text = this.#clean(text);
    this.end = end;
    this.#at = end;
    return (this.kind = TokenKind.comment);
  }

  #cdata(less: number): TokenKind {
    const close = this.source.indexOf(']]>', less + 9);
    const end = close < 0 ? this.source.length : close;
    this.start = less;
    this.text = this.#clean(this.source.slice(less + 9, end));
    this.end = close < 0 ? end : close + 3;
    this.#at = this.end;
    return (this.kind = TokenKind.text);
  }

  /** A tag that the source ends in is none (13.2.5, "EOF in tag"). */
  #tag(less: number, nameStart: number, kind: TokenKind): TokenKind {
    const { source } = this;
    const { length } = source;
    let at = nameStart + 1;
    let code = source.charCodeAt(at);
    while (at < length && code !== GREATER && code !== SLASH && !isSpace(code))
      code = source.charCodeAt((at += 1));
    this.name = lowerName(source.slice(nameStart, at));
    this.selfClosing = false;
    this.marked = false;
    this.attributes = NO_ATTRIBUTES;
    this.start = less;
    if (code !== GREATER) at = this.#readAttributes(at);
    if (at >= length) return this.#ended();
    this.#at = at + 1;
    this.end = at + 1;
    return (this.kind = kind);
  }

  /** Reads attributes from behind the name of a tag; the offset of its `>`, or the end of the source. */
  #readAttributes(from: number): number {
    const { source } = this;
    const { length } = source;
    let at = from;
    let attributes: AttributeMap | undefined;
    for (;;) {
      let code = source.charCodeAt(at);
      while (code === SLASH || isSpace(code)) {
        if (code === SLASH && source.charCodeAt(at + 1) === GREATER) this.selfClosing = true;
        code = source.charCodeAt((at += 1));
      }
      if (at >= length || code === GREATER) {
        if (attributes) this.attributes = attributes;
        return at;
      }
      const nameStart = at;
      code = source.charCodeAt((at += 1));
      while (at < length && code !== EQUALS && code !== GREATER && code !== SLASH && !isSpace(code))
        code = source.charCodeAt((at += 1));
      const name = lowerName(source.slice(nameStart, at));
      if (MARKUP_ATTRIBUTES.has(name)) this.marked = true;
      while (isSpace(code)) code = source.charCodeAt((at += 1));
      let value = '';
      if (code === EQUALS) {
        code = source.charCodeAt((at += 1));
        while (isSpace(code)) code = source.charCodeAt((at += 1));
        const valueStart = code === QUOTE || code === APOSTROPHE ? at + 1 : at;
        const end = this.#valueEnd(valueStart, code);
        value = this.#value(source.slice(valueStart, end));
        at = valueStart > at ? end + 1 : end;
      }
      attributes ??= new AttributeMap();
      // The first attribute of a name counts.
      if (attributes[name] === undefined) attributes[name] = value;
    }
  }

  #valueEnd(from: number, opening: number): number {
    const { source } = this;
    if (opening === QUOTE || opening === APOSTROPHE) {
      const close = source.indexOf(opening === QUOTE ? '"' : "'", from);
      return close < 0 ? source.length : close;
    }
    let at = from;
    let code = source.charCodeAt(at);
    while (at < source.length && code !== GREATER && !isSpace(code)) code = source.charCodeAt((at += 1));
    return at;
  }

  #value(raw: string): string {
    const clean = this.#clean(raw);
    const value = clean.includes('&') ? decodeHTMLAttribute(clean) : clean;
    return this.hasNulls ? value.replaceAll('\0', '\uFFFD') : value;
  }

  /** Where the content of an element that holds only text ends: before its end tag. */
  #contentEnd(): number {
    const { source } = this;
    if (this.#model === 'plaintext') return source.length;
    if (this.#model === 'script') return this.#scriptEnd();
    const length = this.#modelName.length;
    let at = source.indexOf('</', this.#at);
    while (at >= 0) {
      if (
        source.slice(at + 2, at + 2 + length).toLowerCase() === this.#modelName &&
        endsName(source, at + 2 + length)
      )
        return at;
      at = source.indexOf('</', at + 2);
    }
    return source.length;
  }

  /** 13.2.5.15 to 13.2.5.31: inside `<!--`, a script within the script hides its end tag. */
  #scriptEnd(): number {
    const { source } = this;
    const marks = /<!--|-->|<\/?script(?=[\t\n\f\r />])/gi;
    marks.lastIndex = this.#at;
    let state: 'plain' | 'escaped' | 'double' = 'plain';
    for (let mark = marks.exec(source); mark; mark = marks.exec(source)) {
      const [written] = mark;
      if (written === '<!--') {
        if (state === 'plain') state = 'escaped';
        marks.lastIndex = mark.index + 2; // "<!-->" opens and closes at once
      } else if (written === '-->') state = 'plain';
      else if (written.charCodeAt(1) === SLASH) {
        if (state !== 'double') return mark.index;
        state = 'escaped';
      } else if (state === 'escaped') state = 'double';
    }
    return source.length;
  }
}

function endsName(source: string, at: number): boolean {
  const code = source.charCodeAt(at);
  return code === GREATER || code === SLASH || isSpace(code);
}
