import { fault, type Fault } from '#core/fault';
import type { Edit } from '#core/text';

/** A JSON value with its place. Offsets are UTF-16 code units, end exclusive. */
export type JsonNode =
  | {
      readonly kind: 'object';
      readonly members: readonly JsonMember[];
      readonly start: number;
      readonly end: number;
    }
  | {
      readonly kind: 'array';
      readonly elements: readonly JsonNode[];
      readonly start: number;
      readonly end: number;
    }
  | {
      readonly kind: 'scalar';
      readonly value: string | number | boolean | null;
      /** A number as written, with all its digits. */ readonly literal?: string;
      readonly start: number;
      readonly end: number;
    };

export interface JsonMember {
  readonly name: string;
  readonly nameStart: number;
  readonly nameEnd: number;
  readonly value: JsonNode;
}

/** A fault of syntax with its place, and the edits that mend it where one mend is certain. */
export interface JsonFault extends Fault {
  readonly start: number;
  readonly end: number;
  readonly edits: readonly Edit[] | null;
}

export interface JsonReading {
  readonly values: readonly JsonNode[];
  readonly faults: readonly JsonFault[];
}

/** Deeper nesting than this is not followed; no markup of a business needs a tenth of it. */
const MAX_DEPTH = 200;
const MAX_FAULTS = 100;

/**
 * Reads JSON (RFC 8259) between two offsets of a source. After a fault it goes on, so that several are
 * found at once and the rest stays readable. Text that is valid JSON never has a fault other than a
 * duplicate name or too deep nesting; text that is not valid always has one.
 */
export function readJson(source: string, start = 0, end = source.length): JsonReading {
  return new JsonReader(source, start, end).read();
}

/** Thrown inside the reader only, to leave it at a depth or a number of faults where going on is no use. */
class GiveUp extends Error {}

const OPEN_QUOTES = '"\'“”„‟‘’‚‛«»';
const closerOf = (quote: string): string => (quote === '"' ? '"' : quote === "'" ? "'" : '“”„‟‘’‚‛«»');

class JsonReader {
  readonly #source: string;
  readonly #end: number;
  readonly #faults: JsonFault[] = [];
  #at: number;
  #depth = 0;

  constructor(source: string, start: number, end: number) {
    this.#source = source;
    this.#at = start;
    this.#end = end;
  }

  read(): JsonReading {
    const values: JsonNode[] = [];
    try {
      this.#readAll(values);
    } catch (error) {
      if (!(error instanceof GiveUp)) throw error;
    }
    return { values, faults: this.#faults };
  }

  #readAll(values: JsonNode[]): void {
    const start = this.#at;
    this.#skipSpace();
    this.#skipHtmlComment('<!--');
    if (this.#at >= this.#end) {
      this.#tell('syntax/empty', 'There is nothing here for a machine to read.', start, this.#end, null);
      return;
    }
    values.push(this.#readValue());
    for (;;) {
      this.#skipSpace();
      this.#skipHtmlComment('-->');
      if (this.#at >= this.#end) return;
      const next = this.#source[this.#at] ?? '';
      if (next === '{' || (next === ',' && /^,\s*\{/.test(this.#source.slice(this.#at, this.#at + 200)))) {
        const at = this.#at;
        if (next === ',') this.#at += 1;
        this.#skipSpace();
        this.#tell(
          'syntax/unexpected-text',
          'A second object begins where the JSON should end. Put both into one array: [ {…}, {…} ].',
          at,
          this.#at + 1,
          null,
        );
        values.push(this.#readValue());
      } else {
        const from = this.#at;
        this.#at = this.#end;
        const rest = this.#source.slice(from, this.#end).trimEnd();
        const mend = /^[;}\],\s]+$/.test(rest) ? [{ start: from, end: from + rest.length, text: '' }] : null;
        this.#tell(
          'syntax/unexpected-text',
          `“${shorten(rest)}” stands behind the end of the JSON.`,
          from,
          from + rest.length,
          mend,
        );
      }
    }
  }

  #tell(
    code: Fault['code'],
    message: string,
    start: number,
    end: number,
    edits: readonly Edit[] | null,
  ): void {
    this.#faults.push({
      ...fault(code, message),
      start,
      end: Math.min(Math.max(end, start), this.#end),
      edits,
    });
    if (this.#faults.length >= MAX_FAULTS) throw new GiveUp();
  }

  /** White space as JSON has it, and what people put between values though JSON has none of it. */
  #skipSpace(): void {
    for (;;) {
      const code = this.#code();
      if (code === 32 || code === 10 || code === 13 || code === 9) this.#at += 1;
      else if (code === 47 && this.#at < this.#end) this.#skipComment();
      else if (code === 0xa0 || code === 0xfeff || code === 0x2028 || code === 0x2029 || code === 0x200b) {
        this.#tell(
          'syntax/unexpected-text',
          'An invisible character stands here that JSON does not allow between values.',
          this.#at,
          this.#at + 1,
          [{ start: this.#at, end: this.#at + 1, text: ' ' }],
        );
        this.#at += 1;
      } else return;
    }
  }

  /** The code unit here; NaN at the end, which equals nothing. */
  #code(): number {
    return this.#at < this.#end ? this.#source.charCodeAt(this.#at) : NaN;
  }

  #skipComment(): void {
    const start = this.#at;
    const next = this.#source[start + 1];
    let until: number;
    if (next === '/') until = this.#lineEnd(start);
    else if (next === '*') {
      const close = this.#source.indexOf('*/', start + 2);
      until = close < 0 || close >= this.#end ? this.#end : close + 2;
    } else {
      this.#tell(
        'syntax/unexpected-text',
        'A slash stands here, which means nothing in JSON.',
        start,
        start + 1,
        [{ start, end: start + 1, text: '' }],
      );
      this.#at += 1;
      return;
    }
    this.#at = until;
    this.#tell(
      'syntax/comment',
      `JSON has no comments; a machine stops at “${shorten(this.#source.slice(start, until))}”.`,
      start,
      until,
      [{ start, end: until, text: '' }],
    );
  }

  #skipHtmlComment(mark: '<!--' | '-->'): void {
    if (!this.#source.startsWith(mark, this.#at)) return;
    const start = this.#at;
    this.#at += mark.length;
    this.#tell(
      'syntax/html-comment',
      `The script holds “${mark}”. Many machines stop there; it has been needless for twenty years.`,
      start,
      this.#at,
      [{ start, end: this.#at, text: '' }],
    );
    this.#skipSpace();
  }

  #lineEnd(from: number): number {
    let at = from;
    while (at < this.#end && this.#source[at] !== '\n' && this.#source[at] !== '\r') at += 1;
    return at;
  }

  #readValue(): JsonNode {
    this.#skipSpace();
    const start = this.#at;
    const character = start < this.#end ? (this.#source[start] ?? '') : '';
    if (character === '{') return this.#nested(() => this.#readObject());
    if (character === '[') return this.#nested(() => this.#readArray());
    if (character === '"') return this.#readString();
    if (character && OPEN_QUOTES.includes(character)) return this.#readString();
    if (/[-+.\d]/.test(character)) return this.#readNumber();
    if (character === '' || ',}]:'.includes(character)) {
      this.#tell(
        'syntax/missing-value',
        'A value is expected here and nothing stands.',
        start,
        start + 1,
        null,
      );
      return { kind: 'scalar', value: null, start, end: start };
    }
    return this.#readWord();
  }

  #nested(read: () => JsonNode): JsonNode {
    this.#depth += 1;
    if (this.#depth > MAX_DEPTH) {
      this.#tell(
        'syntax/too-deep',
        `Values are nested more than ${String(MAX_DEPTH)} deep here; no reader follows that far.`,
        this.#at,
        this.#at + 1,
        null,
      );
      throw new GiveUp();
    }
    const node = read();
    this.#depth -= 1;
    return node;
  }

  #readObject(): JsonNode {
    const start = this.#at;
    const members: JsonMember[] = [];
    const names = new Map<string, number>();
    this.#at += 1;
    for (;;) {
      this.#skipSpace();
      const character = this.#at < this.#end ? (this.#source[this.#at] ?? '') : '';
      if (character === '}') break;
      if (character === '' || character === ']') {
        this.#unclosed('}', start);
        return { kind: 'object', members, start, end: this.#at };
      }
      if (character === ',') {
        this.#strayComma(members.length > 0);
        continue;
      }
      const member = this.#readMember();
      if (!member) continue;
      if (names.has(member.name))
        this.#tell(
          'syntax/duplicate-name',
          `“${shorten(member.name)}” stands twice in this object; a machine keeps only the last. Put both values into an array.`,
          member.nameStart,
          member.nameEnd,
          null,
        );
      names.set(member.name, members.length);
      members.push(member);
      this.#separator('}', 'property');
    }
    this.#at += 1;
    return { kind: 'object', members, start, end: this.#at };
  }

  #readArray(): JsonNode {
    const start = this.#at;
    const elements: JsonNode[] = [];
    this.#at += 1;
    for (;;) {
      this.#skipSpace();
      const character = this.#at < this.#end ? (this.#source[this.#at] ?? '') : '';
      if (character === ']') break;
      if (character === '' || character === '}') {
        this.#unclosed(']', start);
        return { kind: 'array', elements, start, end: this.#at };
      }
      if (character === ',') {
        this.#strayComma(elements.length > 0);
        continue;
      }
      const before = this.#at;
      elements.push(this.#readValue());
      if (this.#at === before) this.#at += 1; // a colon, which was told as a missing value
      this.#separator(']', 'value');
    }
    this.#at += 1;
    return { kind: 'array', elements, start, end: this.#at };
  }

  #strayComma(afterValue: boolean): void {
    this.#tell(
      'syntax/missing-value',
      afterValue ? 'Two commas follow each other.' : 'A comma stands before the first value.',
      this.#at,
      this.#at + 1,
      [{ start: this.#at, end: this.#at + 1, text: '' }],
    );
    this.#at += 1;
  }

  #unclosed(bracket: '}' | ']', opened: number): void {
    const at = this.#lastSolid(this.#at);
    const what = bracket === '}' ? 'object' : 'array';
    this.#tell(
      'syntax/missing-bracket',
      `The ${what} that begins with “${shorten(this.#source.slice(opened, opened + 30))}” is not closed: “${bracket}” is missing here.`,
      at,
      at,
      [{ start: at, end: at, text: bracket }],
    );
  }

  /** The offset behind the last character before `from` that is no white space. */
  #lastSolid(from: number): number {
    let at = from;
    while (at > 0 && /\s/.test(this.#source[at - 1] ?? '')) at -= 1;
    return at;
  }

  /** What stands between two members or elements. Leaves the reader before the next one or the bracket. */
  #separator(bracket: '}' | ']', what: string): void {
    const valueEnd = this.#at;
    this.#skipSpace();
    const character = this.#at < this.#end ? (this.#source[this.#at] ?? '') : '';
    if (character === bracket || character === '' || character === '}' || character === ']') return;
    if (character === ',') {
      const comma = this.#at;
      this.#at += 1;
      this.#skipSpace();
      const next = this.#at < this.#end ? (this.#source[this.#at] ?? '') : '';
      if (next === bracket)
        this.#tell(
          'syntax/trailing-comma',
          `The comma before “${next}” promises another ${what}, and none comes. Many machines drop the whole block.`,
          comma,
          comma + 1,
          [{ start: comma, end: comma + 1, text: '' }],
        );
      return;
    }
    if (character === ';') {
      this.#tell(
        'syntax/unexpected-text',
        `A semicolon stands where a comma belongs.`,
        this.#at,
        this.#at + 1,
        [{ start: this.#at, end: this.#at + 1, text: ',' }],
      );
      this.#at += 1;
      return;
    }
    this.#tell(
      'syntax/missing-comma',
      `A comma is missing after this ${what}; “${shorten(this.#source.slice(this.#at, this.#lineEnd(this.#at)))}” follows at once.`,
      valueEnd,
      valueEnd,
      [{ start: valueEnd, end: valueEnd, text: ',' }],
    );
  }

  #readMember(): JsonMember | undefined {
    const nameStart = this.#at;
    const name = this.#readName();
    if (name === undefined) return undefined;
    const nameEnd = this.#at;
    this.#skipSpace();
    const character = this.#at < this.#end ? (this.#source[this.#at] ?? '') : '';
    if (character === ':') this.#at += 1;
    else if (character === '=') {
      this.#tell(
        'syntax/missing-colon',
        `An equals sign stands between “${shorten(name)}” and its value; JSON wants a colon.`,
        this.#at,
        this.#at + 1,
        [{ start: this.#at, end: this.#at + 1, text: ':' }],
      );
      this.#at += 1;
    } else {
      const mend =
        character && !',}]'.includes(character) ? [{ start: nameEnd, end: nameEnd, text: ':' }] : null;
      this.#tell(
        'syntax/missing-colon',
        `A colon is missing between “${shorten(name)}” and its value.`,
        nameEnd,
        nameEnd,
        mend,
      );
      if (!mend)
        return {
          name,
          nameStart,
          nameEnd,
          value: { kind: 'scalar', value: null, start: nameEnd, end: nameEnd },
        };
    }
    const before = this.#at;
    const value = this.#readValue();
    if (this.#at === before && this.#source[this.#at] === ':') this.#at += 1;
    return { name, nameStart, nameEnd, value };
  }

  #readName(): string | undefined {
    const start = this.#at;
    const character = this.#source[start] ?? '';
    if (OPEN_QUOTES.includes(character)) {
      const node = this.#readString(true);
      return node.kind === 'scalar' ? String(node.value) : '';
    }
    const word = /^[\p{L}\p{N}_$@][\p{L}\p{N}_$@.-]*/u.exec(
      this.#source.slice(start, Math.min(start + 200, this.#end)),
    )?.[0];
    if (word) {
      this.#at += word.length;
      const quoted = this.#source[this.#at] === '"';
      if (quoted) this.#at += 1;
      this.#tell(
        'syntax/unquoted-name',
        `The name “${word}” needs double quotes${quoted ? ' on both sides' : ''}.`,
        start,
        this.#at,
        [{ start, end: this.#at, text: `"${word}"` }],
      );
      return word;
    }
    this.#at = this.#skipJunk();
    this.#tell(
      'syntax/unexpected-text',
      `“${shorten(this.#source.slice(start, this.#at))}” stands where a property name is expected.`,
      start,
      this.#at,
      null,
    );
    return undefined;
  }

  /** The offset behind characters no value can begin with; at least one further. */
  #skipJunk(): number {
    let at = this.#at + 1;
    while (at < this.#end && !/[\s",{}[\]:'“”]/.test(this.#source[at] ?? '')) at += 1;
    return at;
  }

  #readNumber(): JsonNode {
    const start = this.#at;
    const written = /^[-+.\w]*/.exec(this.#source.slice(start, Math.min(start + 400, this.#end)))?.[0] ?? '';
    this.#at += Math.max(1, written.length);
    if (/^-?(0|[1-9]\d*)(\.\d+)?([eE][-+]?\d+)?$/.test(written))
      return { kind: 'scalar', value: Number(written), literal: written, start, end: this.#at };
    this.#tell(
      'syntax/bad-number',
      `“${shorten(written)}” is no number as JSON writes them. In quotes it is a text, which is right for codes, times and telephone numbers.`,
      start,
      this.#at,
      [{ start, end: this.#at, text: `"${written}"` }],
    );
    return { kind: 'scalar', value: written, start, end: this.#at };
  }

  /** A value that begins with a letter or a stray sign: true, false, null, or a text without quotes. */
  #readWord(): JsonNode {
    const start = this.#at;
    const word = /^[A-Za-z]+/.exec(this.#source.slice(start, Math.min(start + 50, this.#end)))?.[0] ?? '';
    const literal = { true: true, false: false, null: null }[word];
    const after = this.#source[start + word.length] ?? '';
    if (literal !== undefined && !/[\w"]/.test(start + word.length < this.#end ? after : '')) {
      this.#at += word.length;
      return { kind: 'scalar', value: literal, start, end: this.#at };
    }
    const lineEnd = this.#lineEnd(start);
    const line = this.#source.slice(start, lineEnd);
    const length = Math.max(1, /^[^",{}[\]]*/.exec(line)?.[0].trimEnd().length ?? 1);
    const text = line.slice(0, length);
    const closed = line[length] === '"';
    this.#at = start + length + (closed ? 1 : 0);
    this.#tell(
      'syntax/missing-quote',
      `“${shorten(text)}” is a text and needs double quotes on both sides.`,
      start,
      this.#at,
      [{ start, end: this.#at, text: JSON.stringify(text) }],
    );
    return { kind: 'scalar', value: text, start, end: this.#at };
  }

  #readString(isName = false): JsonNode {
    const start = this.#at;
    const quote = this.#source[start] ?? '"';
    const plain = quote === '"' ? this.#readPlainString() : undefined;
    return plain ?? this.#readFaultyString(quote, isName);
  }

  /** The quick way for a string without anything wrong in it; undefined sends it the careful way. */
  #readPlainString(): JsonNode | undefined {
    const start = this.#at;
    let escaped = false;
    let at = start + 1;
    for (; at < this.#end; at += 1) {
      const code = this.#source.charCodeAt(at);
      if (code === 34) break;
      if (code < 32) return undefined;
      if (code === 92) {
        escaped = true;
        at += 1;
      }
    }
    if (at >= this.#end || !this.#closesHere(at)) return undefined;
    const raw = this.#source.slice(start, at + 1);
    let value = raw.slice(1, -1);
    if (escaped) {
      if (!/^(?:[^\\]|\\(?:["\\/bfnrt]|u[\dA-Fa-f]{4}))*$/.test(value)) return undefined;
      value = unescapeJson(value);
    }
    this.#at = at + 1;
    return { kind: 'scalar', value, start, end: this.#at };
  }

  /** Whether a double quote here ends a string, judged by what follows on its line. */
  #closesHere(at: number): boolean {
    let next = at + 1;
    while (next < this.#end && (this.#source[next] === ' ' || this.#source[next] === '\t')) next += 1;
    if (next >= this.#end) return true;
    return (
      !/[\p{L}\p{N}.!?%$€£(&]/u.test(this.#source[next] ?? '') ||
      !/^[^"\r\n{}[\]:]*"\s*(?:[,}\]]|$)|^[^"\r\n:]*"[^"\r\n:]*"\s*(?:[,}\]\r\n]|$)/.test(
        this.#source.slice(next, Math.min(this.#end, this.#lineEnd(next), next + 500)),
      )
    );
  }

  #readFaultyString(quote: string, isName: boolean): JsonNode {
    const start = this.#at;
    const closers = closerOf(quote);
    const edits: Edit[] = [];
    const found: [Fault['code'], string, number, number, readonly Edit[] | null][] = [];
    let text = '';
    let at = start + 1;
    let closed = false;
    while (at < this.#end) {
      const character = this.#source[at] ?? '';
      if (closers.includes(character) || (quote !== '"' && quote !== "'" && character === '"')) {
        if (quote === '"' && !this.#closesHere(at)) {
          found.push([
            'syntax/unexpected-text',
            'A double quote inside a text ends it for a machine. Write \\" there.',
            at,
            at + 1,
            [{ start: at, end: at + 1, text: '\\"' }],
          ]);
        } else if (
          quote === "'" &&
          /\p{L}/u.test(this.#source[at + 1] ?? '') &&
          /\p{L}/u.test(this.#source[at - 1] ?? '')
        ) {
          text += character; // the apostrophe of "Ellery's"
          at += 1;
          continue;
        } else {
          closed = true;
          break;
        }
        text += '"';
      } else if (character === '\n' || character === '\r') {
        if (isName || this.#lineStartsAnew(at)) break;
        const length = character === '\r' && this.#source[at + 1] === '\n' ? 2 : 1;
        found.push([
          'syntax/raw-line-break',
          'A line break stands inside a text. Write \\n or a blank instead.',
          at,
          at + length,
          [{ start: at, end: at + length, text: '\\n' }],
        ]);
        text += '\n';
        at += length;
        continue;
      } else if (character < ' ') {
        const written = JSON.stringify(character).slice(1, -1);
        found.push([
          'syntax/raw-line-break',
          `A control character stands inside a text. Write ${written} instead.`,
          at,
          at + 1,
          [{ start: at, end: at + 1, text: written }],
        ]);
        text += character;
      } else if (character === '\\') {
        const escape = /^\\(?:["\\/bfnrt]|u[\dA-Fa-f]{4})/.exec(
          this.#source.slice(at, Math.min(at + 6, this.#end)),
        )?.[0];
        if (escape) {
          text += unescapeJson(escape);
          at += escape.length;
          continue;
        }
        const next = this.#source[at + 1] ?? '';
        if (next === "'" && at + 1 < this.#end) {
          found.push([
            'syntax/bad-escape',
            `JSON does not know \\'. An apostrophe needs no backslash.`,
            at,
            at + 2,
            [{ start: at, end: at + 1, text: '' }],
          ]);
          text += next;
          at += 2;
          continue;
        } else {
          found.push([
            'syntax/bad-escape',
            `JSON does not know “\\${shorten(next)}”. A backslash that is meant is written twice.`,
            at,
            Math.min(at + 2, this.#end),
            [{ start: at, end: at + 1, text: '\\\\' }],
          ]);
          text += '\\';
        }
      } else {
        if (character === '"') edits.push({ start: at, end: at + 1, text: '\\"' });
        text += character;
      }
      at += 1;
    }
    if (closed && quote !== '"') {
      const all = [{ start, end: start + 1, text: '"' }, ...edits, { start: at, end: at + 1, text: '"' }];
      const [code, kind] =
        quote === "'"
          ? (['syntax/single-quotes', 'single'] as const)
          : (['syntax/curly-quotes', 'typographic'] as const);
      this.#tell(
        code,
        `“${shorten(text)}” stands in ${kind} quotes; JSON knows only the straight double quote.`,
        start,
        at + 1,
        all,
      );
    }
    this.#at = closed ? at + 1 : this.#unclosedString(start, quote, at);
    if (!closed) text = text.slice(0, Math.max(0, this.#at - start - 1));
    for (const [code, message, from, until, mend] of found)
      if (from < this.#at) this.#tell(code, message, from, until, mend);
    return { kind: 'scalar', value: text, start, end: this.#at };
  }

  /** Whether the line behind this line break looks like JSON again rather than like more text. */
  #lineStartsAnew(at: number): boolean {
    return /^\s*(?:["'“][^"'”\r\n]*["'”]\s*[:,\]}\r\n]|[}\]]|$)/.test(
      this.#source.slice(at, Math.min(at + 400, this.#end)),
    );
  }

  /** Tells that a string is not closed on its line; the offset where it ends. */
  #unclosedString(start: number, quote: string, lineEnd: number): number {
    let at = this.#lastSolid(lineEnd);
    const mended = quote === '"' ? '' : '"';
    while (at > start + 1 && /[,}\]]/.test(this.#source[at - 1] ?? '')) at = this.#lastSolid(at - 1);
    at = Math.max(at, start + 1);
    const edits = [
      ...(mended ? [{ start, end: start + 1, text: mended }] : []),
      { start: at, end: at, text: '"' },
    ];
    this.#tell(
      'syntax/missing-quote',
      `The text “${shorten(this.#source.slice(start + 1, at))}” is not closed: a double quote is missing at its end.`,
      at,
      at,
      edits,
    );
    return at;
  }
}

const ESCAPES: Readonly<Record<string, string>> = { b: '\b', f: '\f', n: '\n', r: '\r', t: '\t' };

/** A run of valid JSON escapes and plain characters as text. */
function unescapeJson(raw: string): string {
  return raw.replace(/\\(?:u([\dA-Fa-f]{4})|(.))/g, (_, hex: string | undefined, single: string) =>
    hex ? String.fromCharCode(parseInt(hex, 16)) : (ESCAPES[single] ?? single),
  );
}

function shorten(text: string): string {
  const line = text.replace(/\s+/g, ' ').trim();
  return line.length > 40 ? `${line.slice(0, 39)}…` : line;
}
