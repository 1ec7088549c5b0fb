import { jsonFault, shorten } from './jsonFault.ts';
import type { JsonScalarReading } from './jsonScalar.ts';

/** How far a text without one of its quotes is looked at. */
const LOOK_AHEAD = 400;

/** A name of markup with its colon before the quote that should end it, and a value behind. */
const OPEN_NAME = /^"(@?[A-Za-z][\w-]{0,80})(?=[ \t]*:[ \t]*(?:["{[\d-]|true\b|false\b|null\b))/;

/**
 * A property name that lost its second quote: `"postalCode: "TR11 3HH"`; undefined for any other. One that holds a colon
 * has its quote, and a colon behind it.
 */
export function readOpenName(source: string, start: number, end: number): JsonScalarReading | undefined {
  // Nearly every name has its quote and its colon right behind.
  if (source[source.indexOf('"', start + 1) + 1] === ':') return undefined;
  const ahead = source.slice(start, Math.min(start + LOOK_AHEAD, end));
  const [whole = '', value = ''] = OPEN_NAME.exec(ahead) ?? [];
  if (!value || /^"(?:[^"\\\r\n]|\\.)*"\s*:/.test(ahead)) return undefined;
  const at = start + whole.length;
  const message = `The name “${value}” is not closed: a double quote is missing at its end.`;
  const edits = [{ start: at, end: at, text: '"' }];
  return { value, end: at, fault: jsonFault('syntax/missing-quote', message, at, at, edits) };
}

/** A text up to the quote that ends it, with what may follow a value of a property behind. */
const OPEN_TEXT = /^([^"\\{}[\]:,\s][^"\\{}[\]\r\n]*)"[ \t]*(?=[,}\r\n]|$)/;

/** The value of a property that lost its first quote: `+44 1326 496000",`; undefined for any other. */
export function readOpenText(source: string, start: number, end: number): JsonScalarReading | undefined {
  const [, value = ''] = OPEN_TEXT.exec(source.slice(start, Math.min(start + LOOK_AHEAD, end))) ?? [];
  // Of a value before a comma or a colon the quote may be another's.
  if (!value || /[,:][ \t]*$/.test(value)) return undefined;
  const message = `The text “${shorten(value)}” has no double quote at its beginning.`;
  const edits = [{ start, end: start, text: '"' }];
  const at = start + value.length + 1;
  return {
    value: value.trimEnd(),
    end: at,
    fault: jsonFault('syntax/missing-quote', message, start, at, edits),
  };
}
