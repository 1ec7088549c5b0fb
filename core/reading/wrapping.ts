import type { Edit } from '#core/text';
import { jsonFault, shorten, type JsonFault } from './jsonFault.ts';

/** JSON that was pasted with something round it or in place of its quotes: what of it can be read all the same. */
export interface Unwrapped {
  /** The source, every character at its offset; what is no JSON is blank in it. */
  readonly text: string;
  readonly start: number;
  readonly end: number;
  readonly faults: readonly JsonFault[];
}

const QUOTE = /&(?:quot|#0*34|#x0*22);/gi;
/** What a template engine would have filled in. */
const TAG =
  /\{\{[^{}]{0,200}\}\}|\{%[^%]{0,200}%\}|<\?(?:php|=)[^?]{0,400}\?>|<%[^%]{0,200}%>|\$\{[^{}]{0,200}\}/gi;

/**
 * Takes JSON out of what was pasted with it: words before and behind (fences of code, a sentence, an assignment, a
 * server's message), quotes that are character references, and tags of a template. Each is one fault with its mend.
 */
export function unwrap(source: string, start: number, end: number): Unwrapped {
  const faults: JsonFault[] = [];
  const given = source.slice(start, end);
  let text = source;
  if (!given.includes('"')) {
    const read = withQuotes(source, start, end);
    if (read) {
      text = read.text;
      faults.push(read.fault);
    }
  }
  const inside = insideOf(text, start, end);
  if (inside) faults.push(wordsAround(text, start, end, inside));
  const [from, until] = inside ?? [start, end];
  const tags = templateTags(text, from, until);
  if (tags) {
    text = tags.text;
    faults.push(tags.fault);
  }
  return { text, start: from, end: until, faults };
}

/** The source with quotes for references to quotes, each as long as the reference; undefined where there are none. */
function withQuotes(
  source: string,
  start: number,
  end: number,
): { text: string; fault: JsonFault } | undefined {
  const edits: Edit[] = [];
  let opens = true;
  const read = source.slice(start, end).replace(QUOTE, (reference, at: number, whole: string) => {
    const isEscaped = whole[at - 1] === '\\';
    edits.push({ start: start + at, end: start + at + reference.length, text: '"' });
    const blank = ' '.repeat(reference.length - 1);
    if (isEscaped) return `"${blank}`;
    opens = !opens;
    return opens ? `"${blank}` : `${blank}"`;
  });
  const [first] = edits;
  if (!first || !/^\s*[[{]/.test(read)) return undefined;
  for (const { 0: reference, index } of source.slice(start, end).matchAll(/&(?:amp|lt|gt|apos|#0*39);/gi))
    edits.push({
      start: start + index,
      end: start + index + reference.length,
      text: { '&amp;': '&', '&lt;': '<', '&gt;': '>' }[reference.toLowerCase()] ?? '’',
    });
  const message =
    'Every quote is written as “&quot;”. A script is no HTML text: a machine reads the letters as they stand, and no JSON. Write double quotes.';
  return {
    text: source.slice(0, start) + read + source.slice(end),
    fault: jsonFault(
      'syntax/escaped-quotes',
      message,
      first.start,
      first.end,
      edits.sort((a, b) => a.start - b.start),
    ),
  };
}

/** The beginning and the end of a CDATA section, which HTML has not in scripts, with the comment that hides it there. */
const CDATA = /^\s*(?:\/\/|\/\*)?\s*<!\[CDATA\[(?:\s*\*\/)?/;
const SECTION_END = /(?:\/\/|\/\*)?\s*\]\]>\s*(?:\*\/)?\s*$/;

/** From where to where JSON stands, where something else stands before or behind it; undefined where nothing does. */
function insideOf(text: string, start: number, end: number): readonly [number, number] | undefined {
  const given = text.slice(start, end);
  const section = CDATA.exec(given);
  if (section) {
    const closes = SECTION_END.exec(given);
    return [start + section[0].length, closes ? start + closes.index : end];
  }
  // Comments and marks of HTML are told by the reader itself.
  const lead = /^(?:\s|\uFEFF|<!--|-->|\/\/[^\n]*|\/\*[\s\S]*?\*\/)*/.exec(given)?.[0].length ?? 0;
  const rest = given.slice(lead);
  let from = lead;
  if (!/^[[{]/.test(rest)) {
    const opening = /\{\s*(?="|\}|“|')|\[\s*(?=\{)/.exec(rest);
    if (!opening || /^["“]/.test(rest)) return undefined;
    // A list or a text that lost its beginning has no words before it.
    if (/^\s*"/.test(rest.slice(0, opening.index).trimStart()) || /^[\w-]+"?\s*:\s*["{[\d]/.test(rest))
      return undefined;
    from = lead + opening.index;
  }
  const closing = given[from] === '[' ? ']' : '}';
  const last = given.lastIndexOf(closing);
  const behind = last < from ? '' : given.slice(last + 1);
  const isWords =
    /[\p{L}`]/u.test(behind.replace(/<!--|-->|\/\/[^\n]*|\/\*[\s\S]*?\*\//g, '')) && !/["{[]/.test(behind);
  if (from === lead && !isWords) return undefined;
  const isCut = isWords || (from > lead && /^[\s;)'`]*$/.test(behind));
  return [start + from, isCut ? start + last + 1 : end];
}

function wordsAround(
  text: string,
  start: number,
  end: number,
  [from, until]: readonly [number, number],
): JsonFault {
  const before = text.slice(start, from);
  const behind = text.slice(until, end);
  const said = shorten(before.trim() || behind.trim());
  const edits: Edit[] = [];
  if (before.trim()) edits.push({ start, end: from, text: /^\s*\n/.test(before) ? '\n' : '' });
  if (behind.trim()) edits.push({ start: until, end, text: /\n\s*$/.test(behind) ? '\n' : '' });
  const message = `“${said}” stands ${before.trim() ? 'before' : 'behind'} the JSON and is none. A machine stops there and reads nothing.`;
  const at = before.trim() ? start + before.length - before.trimStart().length : until;
  return jsonFault('syntax/words-around', message, at, before.trim() ? from : end, edits);
}

/** Tags outside texts become null, or blank where no value stands; undefined where there are none. */
function templateTags(
  text: string,
  start: number,
  end: number,
): { text: string; fault: JsonFault } | undefined {
  const given = text.slice(start, end);
  const first = given.search(TAG);
  if (first < 0) return undefined;
  let read = '';
  let at = 0;
  let place: readonly [number, number] | undefined;
  for (const { 0: tag, index } of given.matchAll(TAG)) {
    if (isInText(given, index)) continue;
    place ??= [start + index, start + index + tag.length];
    const isValue =
      /[:[,]\s*$/.test(given.slice(0, index)) && /^\s*[,}\]\n]/.test(given.slice(index + tag.length));
    read += given.slice(at, index) + (isValue ? 'null' : '').padEnd(tag.length);
    at = index + tag.length;
  }
  if (!place) return undefined;
  const message = `“${shorten(text.slice(...place))}” is a template’s tag that was never filled in. A machine reads no JSON here until a value stands in its place.`;
  return {
    text: text.slice(0, start) + read + given.slice(at) + text.slice(end),
    fault: jsonFault('syntax/template-tag', message, place[0], place[1], null),
  };
}

/** Whether an offset lies inside a text of JSON: an odd number of quotes stands before it on its line. */
function isInText(given: string, offset: number): boolean {
  const line = given.slice(given.lastIndexOf('\n', offset - 1) + 1, offset);
  return (line.replace(/\\./g, '').match(/"/g)?.length ?? 0) % 2 === 1;
}

/** Whether a source without any tag is JSON with something round it. */
export const isWrappedJson = (source: string): boolean =>
  !/<[a-z!?/]/i.test(source) &&
  /(?:"|&quot;)@(?:context|type|graph|id)(?:"|&quot;)/.test(source.slice(0, 20_000));

/** Fences and sentences round HTML that was pasted: the edits that take them away, with their place. */
export function fencesAround(source: string): JsonFault | undefined {
  const opening = /^[^<]*?```[\w-]*[ \t]*\r?\n/.exec(source);
  if (!opening) return undefined;
  const closing = /\n```[^<]*$/.exec(source);
  const edits: Edit[] = [{ start: 0, end: opening[0].length, text: '' }];
  if (closing) edits.push({ start: closing.index + 1, end: source.length, text: '' });
  const message = `“${shorten(opening[0])}” was pasted with the code. Visitors would read it, and it says nothing to machines.`;
  return jsonFault('syntax/words-around', message, 0, opening[0].trimEnd().length, edits);
}
