import { jsonFault, shorten, type JsonFault } from './jsonFault.ts';

/** A number, a word or a bare text as it was meant, where it ends, and what is wrong with how it is written. */
export interface JsonScalarReading {
  readonly value: string | number | boolean | null;
  /** A number as it is written. */
  readonly literal?: string;
  readonly end: number;
  readonly fault?: JsonFault;
}

/** The bare words of JSON (RFC 8259, 3). */
const LITERALS = new Map<string, boolean | null>([
  ['true', true],
  ['false', false],
  ['null', null],
]);

/** What programs in other languages write for them. */
const MEANT_LITERALS = new Map<string, boolean | null>([
  ['True', true],
  ['TRUE', true],
  ['False', false],
  ['FALSE', false],
  ['None', null],
  ['Null', null],
  ['NULL', null],
  ['nil', null],
  ['undefined', null],
]);

const NUMBER = /^-?(0|[1-9]\d*)(\.\d+)?([eE][-+]?\d+)?$/;
/** A number behind a dash or a mathematician's minus, as editors for text write it. */
const DASHED_NUMBER = /^([\u2010-\u2015\u2212]|&(?:ndash|minus|#8211|#8722);)((?:0|[1-9]\d*)(?:\.\d+)?)$/;

/** What begins like a number at `start`; undefined for a text that only begins like one, such as 2nd. */
export function readJsonNumber(
  source: string,
  start: number,
  end: number,
  isMember: boolean,
): JsonScalarReading | undefined {
  const ahead = source.slice(start, Math.min(start + 400, end));
  const decimal = isMember ? /^-?\d{1,3},\d+(?=\s*(?:[,}]|$))/.exec(ahead)?.[0] : undefined;
  if (decimal) return readDecimalComma(decimal, start);
  // A time, a date or a telephone number without quotes goes on behind what a number may have.
  const goesOn = isMember ? /^[-+.\d][-+.\d:() ]*(?=\s*(?:[,}\]\r\n]|$))/ : /^\d\d?:[\d:]+/;
  const written = goesOn.exec(ahead)?.[0].trimEnd() ?? /^[-+.\w]*/.exec(ahead)?.[0] ?? '';
  const behind = start + Math.max(1, written.length);
  if (NUMBER.test(written)) return { value: Number(written), literal: written, end: behind };
  if (/^\.{2,}$/.test(written)) {
    const message = `“${written}” is a gap that was left to be filled. A machine reads no JSON here until a value stands in its place.`;
    return {
      value: null,
      end: behind,
      fault: jsonFault('syntax/template-tag', message, start, behind, null),
    };
  }
  // Such as 2nd or 24hours.example/a.
  if (behind < end && /[^\s,}\]"/]/.test(source[behind] ?? '')) return undefined;
  const message = `“${shorten(written)}” is no number as JSON writes them. In quotes it is a text, which is right for codes, times and telephone numbers.`;
  const edits = [{ start, end: behind, text: `"${written}"` }];
  return {
    value: written,
    end: behind,
    fault: jsonFault('syntax/bad-number', message, start, behind, edits),
  };
}

function readDecimalComma(written: string, start: number): JsonScalarReading {
  const [end, comma] = [start + written.length, start + written.indexOf(',')];
  const literal = written.replace(',', '.');
  const message = `“${written}” has a decimal comma; JSON writes a point.`;
  const edits = [{ start: comma, end: comma + 1, text: '.' }];
  return {
    value: Number(literal),
    literal,
    end,
    fault: jsonFault('syntax/bad-number', message, start, end, edits),
  };
}

/** The bare word at `start`: one of JSON's, or another language's for it; undefined for a text without quotes. */
export function readJsonWord(source: string, start: number, end: number): JsonScalarReading | undefined {
  const word = /^[A-Za-z]+/.exec(source.slice(start, Math.min(start + 50, end)))?.[0] ?? '';
  const behind = start + word.length;
  const literal = LITERALS.get(word);
  const next = source.slice(behind, Math.min(behind + 100, end));
  // The comma before the next name may be lost: true"name": …
  if (literal !== undefined && (!/^[\w"]/.test(next) || /^"@?[A-Za-z][\w:-]*"\s*:/.test(next)))
    return { value: literal, end: behind };
  const value = MEANT_LITERALS.get(word);
  if (value === undefined || !/^\s*(?:[,}\]]|$)/.test(source.slice(behind, Math.min(behind + 50, end))))
    return undefined;
  const written = String(value);
  const message = `“${word}” is no word of JSON, which knows true, false and null in small letters. Write ${written}.`;
  const edits = [{ start, end: behind, text: written }];
  return { value, end: behind, fault: jsonFault('syntax/bad-word', message, start, behind, edits) };
}

/** A text without quotes: up to the quote, comma or bracket that ends it, or the end of its line. */
export function readBareText(source: string, start: number, lineEnd: number): JsonScalarReading {
  const line = source.slice(start, lineEnd);
  const length = Math.max(1, /^[^",{}[\]]*/.exec(line)?.[0].trimEnd().length ?? 1);
  const text = line.slice(0, length);
  const closed = line[length] === '"';
  const end = start + length + (closed ? 1 : 0);
  const [, dash = '', digits] = DASHED_NUMBER.exec(text) ?? [];
  if (digits !== undefined && !closed) {
    const literal = `-${digits}`;
    const message = `“${text}” begins with a dash; the sign of a negative number is “-”.`;
    const edits = [{ start, end: start + dash.length, text: '-' }];
    return {
      value: Number(literal),
      literal,
      end,
      fault: jsonFault('syntax/bad-number', message, start, end, edits),
    };
  }
  const message = `“${shorten(text)}” is a text and needs double quotes on both sides.`;
  const edits = [{ start, end, text: JSON.stringify(text) }];
  return { value: text, end, fault: jsonFault('syntax/missing-quote', message, start, end, edits, true) };
}
