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
const OPEN_TEXT = /^([^"\\{}[\]:,\s](?:[^"\\{}[\]\r\n]|\{\w{1,40}\})*)"[ \t]*(?=[,}\]\r\n]|$)/;

/**
 * A value that lost its first quote: `+44 1326 496000",`; undefined for any other. In a list a comma ends the value
 * before.
 */
export function readOpenText(
  source: string,
  start: number,
  end: number,
  isMember: boolean,
): JsonScalarReading | undefined {
  const [, value = ''] = OPEN_TEXT.exec(source.slice(start, Math.min(start + LOOK_AHEAD, end))) ?? [];
  // Of a value before a comma or a colon the quote may be another's.
  if (!value || /[,:][ \t]*$/.test(value) || (!isMember && value.includes(','))) return undefined;
  const message = `The text “${shorten(value)}” has no double quote at its beginning.`;
  const edits = [{ start, end: start, text: '"' }];
  const at = start + value.length + 1;
  return {
    value: value.trimEnd(),
    end: at,
    fault: jsonFault('syntax/missing-quote', message, start, at, edits),
  };
}

const TEXT = String.raw`"(?:[^"\\\r\n]|\\.)*"`;
/** Several texts up to the bracket that ends a list, and behind it the next name or the object's end. */
const TEXTS_OF_LIST = new RegExp(String.raw`^${TEXT}(?:\s*,\s*${TEXT}){1,30}\s*\]\s*(?:,\s*${TEXT}\s*:|\})`);
const ONE_OF_LIST = new RegExp(String.raw`^${TEXT}\s*\]\s*,\s*${TEXT}\s*:`);

/** Whether the value of a property is a list of texts that lost its first bracket; `isOneEnough`: or of one text. */
export function listWithoutBracket(
  source: string,
  start: number,
  end: number,
  isOneEnough: boolean,
): boolean {
  if (source[start] !== '"') return false;
  // Nearly every text has a name with its colon behind its comma, or the end of its object.
  const behind = skipBlanks(source, source.indexOf('"', start + 1) + 1);
  if (source[behind] === ',') {
    const name = skipBlanks(source, behind + 1);
    if (source[name] !== '"') return false;
    if (source[skipBlanks(source, source.indexOf('"', name + 1) + 1)] === ':') return false;
  } else if (source[behind] !== ']') return false;
  const ahead = source.slice(start, Math.min(start + 1000, end));
  return TEXTS_OF_LIST.test(ahead) || (isOneEnough && ONE_OF_LIST.test(ahead));
}

function skipBlanks(source: string, from: number): number {
  let at = from;
  while (source[at] === ' ' || source[at] === '\n' || source[at] === '\r' || source[at] === '\t') at += 1;
  return at;
}
