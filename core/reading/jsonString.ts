import type { Edit } from '#core/text';
import { jsonFault, shorten, type JsonFault } from './jsonFault.ts';
import { TYPOGRAPHIC } from './quotes.ts';

/** A string as it was meant, where it ends, and what is wrong with how it is written. */
export interface JsonStringReading {
  readonly value: string;
  /** Offset behind the string. */
  readonly end: number;
  readonly faults: readonly JsonFault[];
}

/** Whether a string may begin with this character: with the right quote or one that people take for it. */
export const opensString = (character: string): boolean =>
  character !== '' && `"'${TYPOGRAPHIC}`.includes(character);

/**
 * Reads the JSON string (RFC 8259 §7) that begins with the quote at `start`, not beyond `end`. Quotes of the
 * wrong kind, quotes inside the text, line breaks and missing ends are read as they were meant, and told. A
 * property name (`isName`) never runs over a line break.
 */
export function readJsonString(
  source: string,
  start: number,
  end: number,
  isName: boolean,
): JsonStringReading {
  const plain = source[start] === '"' ? readPlainString(source, start, end) : undefined;
  return plain ?? new FaultyString(source, start, end, isName).read();
}

/** The quick way for a string without anything wrong in it; undefined sends it the careful way. */
function readPlainString(source: string, start: number, end: number): JsonStringReading | undefined {
  let escaped = false;
  let at = start + 1;
  for (; at < end; at += 1) {
    const code = source.charCodeAt(at);
    if (code === 34) break;
    if (code < 32) return undefined;
    if (code === 92) {
      escaped = true;
      at += 1;
    }
  }
  if (at >= end || !closesHere(source, at, end) || endBeforeName(source, start, at, end) >= 0)
    return undefined;
  const value = source.slice(start + 1, at);
  if (!escaped) return { value, end: at + 1, faults: [] };
  if (!/^(?:[^\\]|\\(?:["\\/bfnrt]|u[\dA-Fa-f]{4}))*$/.test(value)) return undefined;
  return { value: unescapeJson(value), end: at + 1, faults: [] };
}

/** How much of a line is looked at to judge what a quote means. */
const LOOK_AHEAD = 500;

/** Whether a double quote here ends a string, judged by what follows on its line. */
function closesHere(source: string, at: number, end: number): boolean {
  let next = at + 1;
  while (next < end && (source[next] === ' ' || source[next] === '\t')) next += 1;
  if (next >= end || !/[\p{L}\p{N}.!?%$€£(&]/u.test(source[next] ?? '')) return true;
  const line = /^[^\r\n]*/.exec(source.slice(next, Math.min(end, next + LOOK_AHEAD)))?.[0] ?? '';
  // A word follows. The text goes on when a later quote on the line looks more like its end.
  return !/^[^"{}[\]:]*"\s*(?:[,}\]]|$)|^[^":]*"[^":]*"\s*(?:[,}\]]|$)/.test(line);
}

/** What stands behind a text that ends an object or a list, and the comma before the next name. */
const BEHIND_TEXT = /[}\]\s]*,[\s{[]*$/;
const NAME_AND_COLON = /^@?[A-Za-z][\w:-]*"\s*:/;

/**
 * Where a text ends that lost its last quote and runs on to the one of the next name: `"Home,"url":`; -1 for any other.
 * Behind the quote of a text no name stands.
 */
function endBeforeName(source: string, start: number, at: number, end: number): number {
  const next = source.charCodeAt(at + 1);
  const isLetter = next === 64 || (next > 64 && next < 91) || (next > 96 && next < 123);
  if (!isLetter || !NAME_AND_COLON.test(source.slice(at + 1, Math.min(at + 100, end)))) return -1;
  const { index = -1 } = BEHIND_TEXT.exec(source.slice(start + 1, at)) ?? {};
  return index < 0 ? -1 : start + 1 + index;
}

/** Whether the line behind this line break looks like JSON again rather than like more text. */
const lineStartsAnew = (source: string, at: number, end: number): boolean =>
  /^\s*(?:["'“][^"'”\r\n]*["'”]\s*[:,\]}\r\n]|[{[]\s*["{[]|[}\]]|$)/.test(
    source.slice(at, Math.min(at + LOOK_AHEAD, end)),
  );

/** The careful way: character by character, telling everything that is not as JSON has it. */
class FaultyString {
  readonly #source: string;
  readonly #start: number;
  readonly #end: number;
  readonly #isName: boolean;
  readonly #quote: string;
  readonly #faults: JsonFault[] = [];
  /** Double quotes inside a text in other quotes, which need a backslash once its own quotes are mended. */
  readonly #innerQuotes: Edit[] = [];
  #at: number;
  #text = '';

  constructor(source: string, start: number, end: number, isName: boolean) {
    this.#source = source;
    this.#start = start;
    this.#end = end;
    this.#isName = isName;
    this.#quote = source[start] ?? '"';
    this.#at = start + 1;
  }

  read(): JsonStringReading {
    let closed = false;
    while (this.#at < this.#end && !closed) {
      const character = this.#source[this.#at] ?? '';
      const cut =
        character === '"' && !this.#isName
          ? endBeforeName(this.#source, this.#start, this.#at, this.#end)
          : -1;
      if (cut >= 0) {
        this.#at = cut;
        break;
      }
      if (this.#mayClose(character)) closed = this.#takeQuote(character);
      else if (character === '\n' || character === '\r') {
        if (this.#isName || lineStartsAnew(this.#source, this.#at, this.#end)) break;
        this.#takeLineBreak(character);
      } else if (character === '\\') this.#takeBackslash();
      else if (character < ' ') this.#takeControl(character);
      else this.#take(character);
    }
    return closed ? this.#closed() : this.#unclosed();
  }

  #take(character: string): void {
    if (character === '"') this.#innerQuotes.push({ start: this.#at, end: this.#at + 1, text: '\\"' });
    this.#text += character;
    this.#at += 1;
  }

  /** Tells of a stretch that JSON writes otherwise, and takes it as the text it was meant to be. */
  #tell(
    code: JsonFault['code'],
    message: string,
    length: number,
    written: string,
    meant: string,
    guess = false,
  ): void {
    const end = Math.min(this.#at + length, this.#end);
    const edits = [{ start: this.#at, end, text: written }];
    this.#faults.push(jsonFault(code, message, this.#at, end, edits, guess));
    this.#text += meant;
    this.#at = end;
  }

  #mayClose(character: string): boolean {
    if (this.#quote === '"' || this.#quote === "'") return character === this.#quote;
    return character === '"' || TYPOGRAPHIC.includes(character);
  }

  /** Whether this quote ends the string; one that stands inside the text is taken. */
  #takeQuote(character: string): boolean {
    if (this.#quote === '"' && !closesHere(this.#source, this.#at, this.#end)) {
      this.#tell(
        'syntax/unexpected-text',
        'A double quote inside a text ends it for a machine. Write \\" there.',
        1,
        '\\"',
        '"',
        true,
      );
      return false;
    }
    const isLetter = (at: number): boolean => /\p{L}/u.test(this.#source[at] ?? '');
    if (this.#quote === "'" && isLetter(this.#at - 1) && isLetter(this.#at + 1)) {
      this.#take(character); // the apostrophe of "Ellery's"
      return false;
    }
    return true;
  }

  #takeLineBreak(character: string): void {
    const length = character === '\r' && this.#source[this.#at + 1] === '\n' ? 2 : 1;
    this.#tell(
      'syntax/raw-line-break',
      'A line break stands inside a text. Write \\n or a blank instead.',
      length,
      '\\n',
      '\n',
    );
  }

  #takeControl(character: string): void {
    const written = JSON.stringify(character).slice(1, -1);
    this.#tell(
      'syntax/raw-line-break',
      `A control character stands inside a text. Write ${written} instead.`,
      1,
      written,
      character,
    );
  }

  #takeBackslash(): void {
    const ahead = this.#source.slice(this.#at, Math.min(this.#at + 6, this.#end));
    const escape = /^\\(?:["\\/bfnrt]|u[\dA-Fa-f]{4})/.exec(ahead)?.[0];
    if (escape) {
      this.#text += unescapeJson(escape);
      this.#at += escape.length;
    } else if (ahead[1] === "'") {
      this.#tell(
        'syntax/bad-escape',
        "JSON does not know \\'. An apostrophe needs no backslash.",
        2,
        "'",
        "'",
      );
    } else {
      this.#tell(
        'syntax/bad-escape',
        `JSON does not know “\\${shorten(ahead[1] ?? '')}”. A backslash that is meant is written twice.`,
        1,
        '\\\\',
        '\\',
      );
    }
  }

  #closed(): JsonStringReading {
    const [start, end] = [this.#start, this.#at + 1];
    if (this.#quote === '"') return { value: this.#text, end, faults: this.#faults };
    const [code, kind] =
      this.#quote === "'"
        ? (['syntax/single-quotes', 'single'] as const)
        : (['syntax/curly-quotes', 'typographic'] as const);
    const edits = [
      { start, end: start + 1, text: '"' },
      ...this.#innerQuotes,
      { start: this.#at, end, text: '"' },
    ];
    const message = `“${shorten(this.#text)}” stands in ${kind} quotes; JSON knows only the straight double quote.`;
    return { value: this.#text, end, faults: [jsonFault(code, message, start, end, edits), ...this.#faults] };
  }

  /** A string without an end on its line ends before the commas and brackets that close the line. */
  #unclosed(): JsonStringReading {
    const start = this.#start;
    const line = this.#source.slice(start + 1, this.#at);
    const end = start + 1 + line.replace(/[\s,}\]]+$/, '').length;
    const text = this.#source.slice(start + 1, end);
    const opening = this.#quote === '"' ? [] : [{ start, end: start + 1, text: '"' }];
    const message = `The text “${shorten(text)}” is not closed: a double quote is missing at its end.`;
    const edits = [...opening, { start: end, end, text: '"' }];
    // Where only a comma or a bracket stands behind it, the end is certain; a quote alone, or one before a colon, may as
    // well be one too many.
    const plain = this.#quote === '"' && text !== '' && !/["'“”„\\\r\n\f{}]|^\s*:/.test(text);
    const guess = !plain || !/^[\s,}\]]*$/.test(this.#source.slice(end, this.#at));
    const missing = jsonFault('syntax/missing-quote', message, end, end, edits, guess);
    return {
      value: this.#text.slice(0, end - start - 1),
      end,
      faults: [missing, ...this.#faults.filter((one) => one.start < end)],
    };
  }
}

const ESCAPES: Readonly<Record<string, string>> = { b: '\b', f: '\f', n: '\n', r: '\r', t: '\t' };

/** A run of valid JSON escapes and plain characters as text. */
function unescapeJson(raw: string): string {
  return raw.replace(/\\(?:u([\dA-Fa-f]{4})|(.))/g, (_, hex: string | undefined, single: string) =>
    hex ? String.fromCharCode(parseInt(hex, 16)) : (ESCAPES[single] ?? single),
  );
}
