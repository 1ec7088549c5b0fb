import { isOutdented } from './indentation.ts';
import type { Fault } from '#core/fault';
import { codePointName, isInvisible, type Edit } from '#core/text';
import { jsonFault, shorten, type JsonFault } from './jsonFault.ts';
import { readJsonString } from './jsonString.ts';

const MAX_FAULTS = 100;

/** Thrown inside the reader only, to leave it at a depth or a number of faults where going on is no use. */
export class GiveUp extends Error {}

/** Where the reader stands in its source, what it passes over there, and the faults it has told. */
export class JsonScanner {
  protected readonly source: string;
  protected readonly end: number;
  protected readonly faults: JsonFault[] = [];
  protected at: number;

  constructor(
    source: string,
    start: number,
    end: number,
    /** Whether what stands less far from the margin than an object's first property is no part of it. */
    private readonly trustsIndentation = false,
  ) {
    this.source = source;
    this.at = start;
    this.end = end;
  }

  /** Whether what follows stands on a line of its own, as what stands at an offset does, and less far from the margin. */
  protected isOutdented(from: number): boolean {
    return this.trustsIndentation && isOutdented(this.source, this.at, from);
  }

  /** Something that began at `opened` and has no bracket at its end. */
  protected unclosed(bracket: '}' | ']', opened: number, guess = this.at < this.end): void {
    const at = this.lastSolid(this.at);
    const what = bracket === '}' ? 'object' : 'array';
    // Where what stands before is itself only guessed at, where a bracket before is, or a comment goes on to the end
    // and may hold the bracket, nobody knows what it would close.
    const isDoubtful = this.faults.some(
      (one) =>
        (one.end === at && (one.guess === true || one.edits === null)) ||
        (one.code === 'syntax/missing-bracket' && one.guess === true) ||
        (one.code === 'syntax/comment' && one.end >= at),
    );
    const isGuess = guess || isDoubtful;
    // What it holds may be missing its own bracket at the same place: one cause, with one mend.
    const last = this.faults.at(-1);
    const isHeld =
      last?.code === 'syntax/missing-bracket' &&
      last.start === at &&
      last.end === at &&
      (last.guess ?? false) === isGuess;
    const held = isHeld ? (last.edits?.[0]?.text ?? '') : '';
    if (held) this.faults.pop();
    const begin = shorten(this.source.slice(opened, opened + 30));
    this.tell(
      'syntax/missing-bracket',
      `The ${what} that begins with “${begin}” is not closed${held ? ', nor is what it ends with' : ''}: “${held}${bracket}” is missing here.`,
      at,
      at,
      [{ start: at, end: at, text: `${held}${bracket}` }],
      isGuess,
    );
  }

  /** Takes the last fault back, where it is of a kind and begins at an offset. */
  protected takeBack(code: Fault['code'], start: number): void {
    const last = this.faults.at(-1);
    if (last?.code === code && last.start === start) this.faults.pop();
  }

  protected tell(
    code: Fault['code'],
    message: string,
    start: number,
    end: number,
    edits: readonly Edit[] | null,
    guess = false,
  ): void {
    const until = Math.min(Math.max(end, start), this.end);
    this.faults.push(jsonFault(code, message, start, until, edits, guess));
    if (this.faults.length >= MAX_FAULTS) throw new GiveUp();
  }

  /** White space as JSON has it, and what people put between values though JSON has none of it. */
  protected skipSpace(): void {
    for (;;) {
      const code = this.code();
      if (code === 32 || code === 10 || code === 13 || code === 9) this.at += 1;
      else if (code === 47 || code === 35) this.skipComment();
      else if (isInvisible(code)) {
        this.tell(
          'syntax/unexpected-text',
          `An invisible character (${codePointName(code)}) stands here that JSON does not allow between values.`,
          this.at,
          this.at + 1,
          [{ start: this.at, end: this.at + 1, text: ' ' }],
        );
        this.at += 1;
      } else return;
    }
  }

  /** The code unit here; NaN at the end, which equals nothing. */
  private code(): number {
    return this.at < this.end ? this.source.charCodeAt(this.at) : NaN;
  }

  private skipComment(): void {
    const start = this.at;
    const next = this.source[start + 1];
    let until: number;
    if (next === '/' || this.source[start] === '#') until = this.lineEnd(start);
    else if (next === '*') {
      const close = this.source.indexOf('*/', start + 2);
      until = close < 0 || close >= this.end ? this.end : close + 2;
    } else {
      this.tell(
        'syntax/unexpected-text',
        'A slash stands here, which means nothing in JSON.',
        start,
        start + 1,
        [{ start, end: start + 1, text: '' }],
        true,
      );
      this.at += 1;
      return;
    }
    this.at = until;
    this.tell(
      'syntax/comment',
      `JSON has no comments; a machine stops at “${shorten(this.source.slice(start, until))}”.`,
      start,
      until,
      [{ start, end: until, text: '' }],
    );
  }

  protected skipHtmlComment(mark: '<!--' | '-->'): void {
    if (!this.source.startsWith(mark, this.at)) return;
    const start = this.at;
    this.at += mark.length;
    this.tell(
      'syntax/html-comment',
      `The script holds “${mark}”. Many machines stop there; it has been needless for twenty years.`,
      start,
      this.at,
      [{ start, end: this.at, text: '' }],
    );
    this.skipSpace();
  }

  protected lineEnd(from: number): number {
    let at = from;
    while (at < this.end && this.source[at] !== '\n' && this.source[at] !== '\r') at += 1;
    return at;
  }

  protected isBeforeColon(): boolean {
    let at = this.at;
    while (at < this.end && /\s/.test(this.source[at] ?? '')) at += 1;
    return at < this.end && this.source[at] === ':';
  }

  /** The offset behind the last character before `from` that is no white space. */
  protected lastSolid(from: number): number {
    let at = from;
    while (at > 0 && /\s/.test(this.source[at - 1] ?? '')) at -= 1;
    return at;
  }

  /** The offset behind characters no value can begin with; at least one further. */
  protected skipJunk(): number {
    let at = this.at + 1;
    while (at < this.end && !/[\s",{}[\]:'“”]/.test(this.source[at] ?? '')) at += 1;
    return at;
  }

  /** Whether the text that begins here has a colon behind it. */
  protected isName(): boolean {
    const start = this.at;
    this.at = readJsonString(this.source, start, this.end, true).end;
    const found = this.isBeforeColon();
    this.at = start;
    return found;
  }

  protected strayComma(afterValue: boolean): void {
    this.tell(
      'syntax/missing-value',
      afterValue ? 'Two commas follow each other.' : 'A comma stands before the first value.',
      this.at,
      this.at + 1,
      [{ start: this.at, end: this.at + 1, text: '' }],
      // More of them: what stood between may have been lost.
      this.source[this.at + 1] === ',',
    );
    this.at += 1;
  }
}
