import { decodeHTMLStrict } from 'entities';
import type { Edit } from '#core/text';
import { repaired, type Repaired } from './jsonFault.ts';
import { QUOTE_REFERENCE } from './quotes.ts';

const OTHER_REFERENCE = /&(?:#\d{1,6}|#x[\da-f]{1,6}|[a-z]{2,8}\d?);/gi;

/**
 * JSON whose every quote is a character reference, as editors for text write it; undefined where a quote stands, or
 * none is meant. A reference in a text of its own says what it stands for, which the mend writes.
 */
export function quotesOfReferences(source: string, start: number, end: number): Repaired | undefined {
  const given = source.slice(start, end);
  if (given.includes('"')) return undefined;
  const edits: Edit[] = [];
  let opens = true;
  let written = '';
  const read = given.replace(QUOTE_REFERENCE, (reference, at: number) => {
    written ||= reference;
    edits.push({ start: start + at, end: start + at + reference.length, text: '"' });
    const blank = ' '.repeat(reference.length - 1);
    if (given[at - 1] === '\\') return `"${blank}`;
    opens = !opens;
    return opens ? `"${blank}` : `${blank}"`;
  });
  if (!/^\s*[[{]/.test(read)) return undefined;
  for (const { 0: reference, index } of read.matchAll(OTHER_REFERENCE)) {
    const meant = decodeHTMLStrict(reference);
    if (meant === reference) continue;
    const text = meant === '"' ? '\\"' : meant === "'" ? '’' : meant;
    edits.push({ start: start + index, end: start + index + reference.length, text });
  }
  const message = `Every quote is written as “${written}”. A script is no HTML text: a machine reads the letters as they stand, and no JSON. Write double quotes.`;
  return repaired(source, { start, end }, read, 'syntax/escaped-quotes', message, edits);
}

/**
 * JSON that was written as a text of a program: every quote behind a backslash, perhaps the whole in quotes; undefined
 * where one stands without.
 */
export function quotesOfEscapes(source: string, start: number, end: number): Repaired | undefined {
  const given = source.slice(start, end);
  const [inner, open, close] = withoutQuotesRound(given);
  if (!/^(?:\\[nrt]|\s)*[[{](?:\\[nrt]|[\s[{])*\\"/.test(inner) || /(?<!\\)"/.test(inner)) return undefined;
  const edits: Edit[] = [];
  const at = start + open.length;
  if (open.trim()) edits.push({ start: at - 1, end: at, text: '' });
  let isInText = false;
  const read = inner.replace(/\\\\\\"|\\["nrt]/g, (escape, index: number) => {
    const change = (text: string): void =>
      void edits.push({ start: at + index, end: at + index + escape.length, text });
    if (escape === '\\\\\\"') {
      change('\\"');
      return '\\"  ';
    }
    if (escape === '\\"') {
      change('"');
      isInText = !isInText;
      return isInText ? ' "' : '" ';
    }
    if (isInText) return escape;
    change({ '\\n': '\n', '\\r': '', '\\t': '\t' }[escape] ?? '');
    return '  ';
  });
  if (close.trim()) edits.push({ start: end - close.length, end, text: '' });
  const blanked = ' '.repeat(open.length) + read + ' '.repeat(close.length);
  const message =
    'A backslash stands before every quote, as in a text of a program. A machine reads no JSON. Write the quotes alone.';
  return repaired(source, { start, end }, blanked, 'syntax/escaped-quotes', message, edits);
}

/** The breaks of a program's text between values, where the quotes are those of JSON; undefined where there are none. */
export function breaksOfEscapes(source: string, start: number, end: number): Repaired | undefined {
  const given = source.slice(start, end);
  if (!/^(?:\\[nrt]|\s)*[[{]/.test(given) || !/[{}[\],:"](?:\s|\\[nrt])*\\[nrt]/.test(given))
    return undefined;
  const edits: Edit[] = [];
  // Texts are passed over whole, with what is escaped in them.
  const read = given.replace(/"(?:[^"\\\n]|\\.)*"|\\[nrt]/g, (found, index: number) => {
    if (found.startsWith('"')) return found;
    const text = { '\\n': '\n', '\\t': '\t' }[found] ?? '';
    edits.push({ start: start + index, end: start + index + found.length, text });
    return '  ';
  });
  const message =
    'A backslash with a letter stands between the values, as in a text of a program. A machine reads no JSON. Break the lines there.';
  return repaired(source, { start, end }, read, 'syntax/escaped-quotes', message, edits);
}

/** A text without the quotes and semicolons round it, what stood before it and behind. */
function withoutQuotesRound(given: string): readonly [inner: string, open: string, close: string] {
  let [from, until] = [given.length - given.trimStart().length, given.trimEnd().length];
  if (/["']/.test(given[from] ?? '')) from += 1;
  while (until > from && /[\s;]/.test(given[until - 1] ?? '')) until -= 1;
  if (/["']/.test(given[until - 1] ?? '') && given[until - 2] !== '\\') until -= 1;
  return [given.slice(from, until), given.slice(0, from), given.slice(until)];
}
