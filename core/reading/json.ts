import { shorten } from './jsonFault.ts';
import type { JsonMember, JsonNode, JsonReading } from './jsonNode.ts';
import { objectsInRow, type Second } from './jsonRow.ts';
import { readBareText, readJsonNumber, readJsonWord, type JsonScalarReading } from './jsonScalar.ts';
import { listWithoutBracket, readOpenName, readOpenText } from './jsonQuotes.ts';
import { GiveUp, JsonScanner } from './jsonScanner.ts';
import { opensString, readJsonString, type JsonStringReading } from './jsonString.ts';

/** What people write for a comma. */
const INSTEAD_OF_COMMA = new Map([
  [';', 'A semicolon'],
  [':', 'A colon'],
  ['，', 'A comma of full width'],
  ['、', 'An enumeration comma'],
  ['；', 'A semicolon of full width'],
]);

/** Deeper nesting than this is not followed; no markup of a business needs a tenth of it. */
const MAX_DEPTH = 200;

/**
 * Reads JSON (RFC 8259) between two offsets of a source. After a fault it goes on, so that several are
 * found at once and the rest stays readable. Text that is valid JSON never has a fault other than a
 * duplicate name or too deep nesting; text that is not valid always has one.
 */
export function readJson(source: string, start = 0, end = source.length): JsonReading {
  const reading = new JsonReader(source, start, end).read();
  if (reading.faults.length === 0) return reading;
  // Where something is not closed, lines that are indented tell what.
  const indented = new JsonReader(source, start, end, true).read();
  const isUnclosed = reading.faults.some(({ code }) => code === 'syntax/missing-bracket');
  return indented.faults.length < reading.faults.length + (isUnclosed ? 1 : 0) ? indented : reading;
}

class JsonReader extends JsonScanner {
  #depth = 0;
  /** The property whose value is read. */
  #property = '';
  /** The list whose elements come next, and the one that the object is an element of, by their properties; '' for none. */
  #list = '';
  #elementOf = '';

  read(): JsonReading {
    const values: JsonNode[] = [];
    try {
      this.#readAll(values);
    } catch (error) {
      if (!(error instanceof GiveUp)) throw error;
    }
    return { values, faults: this.faults };
  }

  #readAll(values: JsonNode[]): void {
    const start = this.at;
    this.skipSpace();
    this.skipHtmlComment('<!--');
    if (this.at >= this.end) {
      this.tell('syntax/empty', 'There is nothing here for a machine to read.', start, this.end, null);
      return;
    }
    values.push(this.#readValue());
    const seconds: Second[] = [];
    for (;;) {
      this.skipSpace();
      this.skipHtmlComment('-->');
      if (this.at >= this.end) break;
      const from = this.at;
      const next = this.source[this.at] ?? '';
      const isList = next === ',' && /^,\s*\{/.test(this.source.slice(this.at, this.at + 200));
      if (next === '{' || isList) {
        if (isList) this.at += 1;
        this.skipSpace();
        seconds.push({ from, start: this.at, isList });
        values.push(this.#readValue());
      } else this.#tellRest(from);
    }
    const inRow = objectsInRow(values, seconds, this.faults.length === 0);
    if (inRow) this.faults.push(inRow);
  }

  /** What stands behind the end, and is no second object. */
  #tellRest(from: number): void {
    this.at = this.end;
    const rest = this.source.slice(from, this.end).trimEnd();
    const mend = /^[;}\],\s]+$/.test(rest) ? [{ start: from, end: from + rest.length, text: '' }] : null;
    const message = `“${shorten(rest)}” stands behind the end of the JSON.`;
    this.tell('syntax/unexpected-text', message, from, from + rest.length, mend, true);
  }

  /** `isMember`: the value of a property, which ends where the next property or the object's end begins. */
  #readValue(isMember = false): JsonNode {
    this.skipSpace();
    const start = this.at;
    const character = start < this.end ? (this.source[start] ?? '') : '';
    if (character === '{') {
      this.at += 1;
      return this.#nested(() => this.#readMembers(start));
    }
    if (character === '[') return this.#nested(() => this.#readArray(isMember));
    // In an object of a list the bracket behind one text ends that list, and the object lacks its brace.
    const isOneEnough = !this.#elementOf || this.#elementOf === '@graph';
    if (isMember && listWithoutBracket(this.source, start, this.end, isOneEnough))
      return this.#readOpenList();
    if (opensString(character)) return this.#readText();
    const open = readOpenText(this.source, start, this.end, isMember);
    if (open) return this.#readScalar(open);
    if (/[-+.\d]/.test(character)) return this.#readNumber(isMember);
    if (character === '' || ',}]:'.includes(character)) {
      this.tell(
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

  /** A text where a value is expected. With a colon behind it, it is the first name of an object without its brace. */
  #readText(): JsonNode {
    const start = this.at;
    const told = this.faults.length;
    const text = this.#readString();
    if (!this.isBeforeColon()) return text;
    this.at = start;
    this.faults.length = told; // they are told again with the name
    this.tell(
      'syntax/missing-bracket',
      'An object begins here without its “{”.',
      start,
      start,
      [{ start, end: start, text: '{' }],
      true,
    );
    return this.#nested(() => this.#readMembers(start));
  }

  #nested(read: () => JsonNode): JsonNode {
    this.#depth += 1;
    if (this.#depth > MAX_DEPTH) {
      this.tell(
        'syntax/too-deep',
        `Values are nested more than ${String(MAX_DEPTH)} deep here; no reader follows that far.`,
        this.at,
        this.at + 1,
        null,
      );
      throw new GiveUp();
    }
    const outer = this.#elementOf;
    this.#elementOf = this.#list;
    this.#list = '';
    const node = read();
    this.#elementOf = outer;
    this.#depth -= 1;
    return node;
  }

  /** The members of the object that begins at `start`, from behind its brace to the other one. */
  #readMembers(start: number): JsonNode {
    const members: JsonMember[] = [];
    const names = new Map<string, number>();
    for (;;) {
      this.skipSpace();
      const character = this.at < this.end ? (this.source[this.at] ?? '') : '';
      if (character === '}') break;
      const last = members[0] && this.isOutdented(members[0].nameStart) ? members.at(-1) : undefined;
      if (last || character === '' || character === ']') {
        this.at = last?.value.end ?? this.at;
        this.takeBack('syntax/missing-comma', this.at); // told again outside
        this.unclosed('}', start, last ? true : undefined);
        return { kind: 'object', members, start, end: this.at };
      }
      if (character === ',') {
        this.strayComma(members.length > 0);
        continue;
      }
      const member = this.#readMember();
      if (!member) continue;
      if (names.has(member.name))
        this.tell(
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
    this.at += 1;
    return { kind: 'object', members, start, end: this.at };
  }

  /** A list of texts without its bracket: `"dayOfWeek": "Monday", "Tuesday"],`. */
  #readOpenList(): JsonNode {
    const edits = [{ start: this.at, end: this.at, text: '[' }];
    this.tell('syntax/missing-bracket', 'A list begins here without its “[”.', this.at, this.at, edits);
    return this.#nested(() => this.#readArray(true, false));
  }

  #readArray(isMember: boolean, isOpened = true): JsonNode {
    const start = this.at;
    let valuesEnd = start;
    const elements: JsonNode[] = [];
    const list = this.#property;
    if (isOpened) this.at += 1;
    for (;;) {
      this.skipSpace();
      const character = this.at < this.end ? (this.source[this.at] ?? '') : '';
      if (character === ']') break;
      if (character === '' || character === '}') {
        this.unclosed(']', start);
        return { kind: 'array', elements, start, end: this.at };
      }
      if (character === ',') {
        this.strayComma(elements.length > 0);
        continue;
      }
      const before = this.at;
      if (isMember && elements.length > 0 && opensString(character) && this.isName()) {
        // The next property of the object around it: the array should have ended before.
        this.at = valuesEnd;
        this.takeBack('syntax/missing-comma', valuesEnd); // told again outside
        this.unclosed(']', start, true);
        return { kind: 'array', elements, start, end: this.at };
      }
      this.#list = list;
      elements.push(this.#readValue());
      this.#list = '';
      if (this.at === before) this.at += 1; // a colon, which was told as a missing value
      valuesEnd = this.at;
      this.#separator(']', 'value');
    }
    this.at += 1;
    return { kind: 'array', elements, start, end: this.at };
  }

  /** What stands between two members or elements. Leaves the reader before the next one or the bracket. */
  #separator(bracket: '}' | ']', what: string): void {
    const valueEnd = this.at;
    this.skipSpace();
    const character = this.at < this.end ? (this.source[this.at] ?? '') : '';
    if (character === bracket || character === '' || character === '}' || character === ']') return;
    if (character === ',') {
      const comma = this.at;
      this.at += 1;
      this.skipSpace();
      const next = this.at < this.end ? (this.source[this.at] ?? '') : '';
      if (next === bracket)
        this.tell(
          'syntax/trailing-comma',
          `The comma before “${next}” promises another ${what}, and none comes. Many machines drop the whole block.`,
          comma,
          comma + 1,
          [{ start: comma, end: comma + 1, text: '' }],
        );
      return;
    }
    const instead = INSTEAD_OF_COMMA.get(character);
    if (instead) {
      this.tell(
        'syntax/unexpected-text',
        `${instead} stands where a comma belongs.`,
        this.at,
        this.at + 1,
        [{ start: this.at, end: this.at + 1, text: ',' }],
        character === ':',
      );
      this.at += 1;
      return;
    }
    this.tell(
      'syntax/missing-comma',
      `A comma is missing after this ${what}; “${shorten(this.source.slice(this.at, this.lineEnd(this.at)))}” follows at once.`,
      valueEnd,
      valueEnd,
      [{ start: valueEnd, end: valueEnd, text: ',' }],
    );
  }

  #readMember(): JsonMember | undefined {
    const nameStart = this.at;
    const faults = this.faults.length;
    const name = this.#readName();
    // Where the name itself is broken, it is not certain that it ends here.
    const broken = this.faults.slice(faults).some(({ code }) => code === 'syntax/missing-quote');
    if (name === undefined) return undefined;
    const nameEnd = this.at;
    this.skipSpace();
    const character = this.at < this.end ? (this.source[this.at] ?? '') : '';
    if (character === ':') {
      this.at += 1;
      this.#skipFurtherColons();
    } else if (character === '=' || character === '：') {
      const sign = this.source.startsWith('=>', this.at) ? '=>' : character;
      const what = sign === '：' ? 'A colon of full width' : sign === '=' ? 'An equals sign' : 'An arrow';
      this.tell(
        'syntax/missing-colon',
        `${what} stands between “${shorten(name)}” and its value; JSON wants a colon.`,
        this.at,
        this.at + sign.length,
        [{ start: this.at, end: this.at + sign.length, text: ':' }],
      );
      this.at += sign.length;
    } else {
      const mend =
        character && !',}]'.includes(character) ? [{ start: nameEnd, end: nameEnd, text: ':' }] : null;
      this.tell(
        'syntax/missing-colon',
        `A colon is missing between “${shorten(name)}” and its value.`,
        nameEnd,
        nameEnd,
        mend,
        broken || name.trim() === '' || /["':{}[\],]/.test(name),
      );
      if (!mend)
        return {
          name,
          nameStart,
          nameEnd,
          value: { kind: 'scalar', value: null, start: nameEnd, end: nameEnd },
        };
    }
    const before = this.at;
    this.#property = name;
    const value = this.#readValue(true);
    if (this.at === before && this.source[this.at] === ':') this.at += 1;
    return { name, nameStart, nameEnd, value };
  }

  /** A colon that was typed twice. */
  #skipFurtherColons(): void {
    this.skipSpace();
    while (this.at < this.end && this.source[this.at] === ':') {
      const edits = [{ start: this.at, end: this.at + 1, text: '' }];
      this.tell('syntax/unexpected-text', 'The colon stands twice.', this.at, this.at + 1, edits);
      this.at += 1;
      this.skipSpace();
    }
  }

  #readName(): string | undefined {
    const start = this.at;
    const character = this.source[start] ?? '';
    const open = readOpenName(this.source, start, this.end);
    if (open) {
      const node = this.#readScalar(open);
      return node.kind === 'scalar' ? String(node.value) : '';
    }
    if (opensString(character)) {
      const node = this.#readString(true);
      return node.kind === 'scalar' ? String(node.value) : '';
    }
    const word = /^[\p{L}\p{N}_$@][\p{L}\p{N}_$@.-]*/u.exec(
      this.source.slice(start, Math.min(start + 200, this.end)),
    )?.[0];
    if (word) {
      this.at += word.length;
      const quoted = this.source[this.at] === '"';
      if (quoted) this.at += 1;
      this.tell(
        'syntax/unquoted-name',
        `The name “${word}” needs double quotes${quoted ? ' on both sides' : ''}.`,
        start,
        this.at,
        [{ start, end: this.at, text: `"${word}"` }],
      );
      return word;
    }
    this.at = this.skipJunk();
    this.tell(
      'syntax/unexpected-text',
      `“${shorten(this.source.slice(start, this.at))}” stands where a property name is expected.`,
      start,
      this.at,
      null,
    );
    return undefined;
  }

  /** A number, or what is told as one, and a text that only begins like one. */
  #readNumber(isMember: boolean): JsonNode {
    return this.#readScalar(readJsonNumber(this.source, this.at, this.end, isMember));
  }

  /** A value that begins with a letter or a stray sign: true, false, null, or a text without quotes. */
  #readWord(): JsonNode {
    return this.#readScalar(readJsonWord(this.source, this.at, this.end));
  }

  #readScalar(read: JsonScalarReading | undefined): JsonNode {
    const start = this.at;
    const { value, literal, end, fault } = read ?? readBareText(this.source, start, this.lineEnd(start));
    this.at = end;
    if (fault)
      this.tell(fault.code, fault.message, fault.start, fault.end, fault.edits, fault.guess === true);
    return { kind: 'scalar', value, ...(literal === undefined ? {} : { literal }), start, end };
  }

  #readString(isName = false): JsonNode {
    const start = this.at;
    const { value, end, faults } = this.#doubledQuote(start, isName) ?? this.#stringAt(start, isName);
    this.at = end;
    for (const one of faults)
      this.tell(one.code, one.message, one.start, one.end, one.edits, one.guess === true);
    // The quote that ends it stands twice, and what may follow a text follows then.
    if (
      faults.length === 0 &&
      /^"\s*(?:[,}\]:\r\n]|$)/.test(this.source.slice(end, Math.min(end + 50, this.end)))
    )
      this.#tellDoubled(end, 'ends');
    return { kind: 'scalar', value, start, end: this.at };
  }

  #stringAt(start: number, isName: boolean): JsonStringReading {
    return readJsonString(this.source, start, this.end, isName);
  }

  /** A text whose first quote stands twice, as in what comes out of a spreadsheet; undefined for any other. */
  #doubledQuote(start: number, isName: boolean): JsonStringReading | undefined {
    if (!this.source.startsWith('""', start)) return undefined;
    if (!/^[\p{L}\p{N}+#/(&@$\\-]/u.test(this.source.slice(start + 2, Math.min(start + 4, this.end))))
      return undefined;
    const read = this.#stringAt(start + 1, isName);
    if (read.faults.length > 0) return undefined;
    this.at = start;
    this.#tellDoubled(start, 'begins');
    return read;
  }

  #tellDoubled(at: number, does: 'begins' | 'ends'): void {
    this.tell('syntax/unexpected-text', `The quote that ${does} the text stands twice.`, at, at + 1, [
      { start: at, end: at + 1, text: '' },
    ]);
    this.at = at + 1;
  }
}
