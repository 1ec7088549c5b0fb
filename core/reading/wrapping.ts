import { codePointName, isUnseen, type Edit } from '#core/text';
import { isInTextBehind, withoutLinkMarks, withoutTags } from './editorMarks.ts';
import { breaksOfEscapes, quotesOfEscapes, quotesOfReferences } from './escapedQuotes.ts';
import { jsonFault, repaired, shorten, type JsonFault, type Repaired } from './jsonFault.ts';
import { withoutLineMarks } from './lineMarks.ts';
import { QUOTE_REFERENCE } from './quotes.ts';
import { withoutWideSigns } from './wideSigns.ts';

/** JSON that was pasted with something round it or in place of its quotes: what of it can be read all the same. */
export interface Unwrapped {
  /** The source, every character at its offset; what is no JSON is blank in it. */
  readonly text: string;
  readonly start: number;
  readonly end: number;
  readonly faults: readonly JsonFault[];
}

/** What a template engine would have filled in. */
const TAG =
  /\{\{[^{}]{0,200}\}\}|\{%[^%]{0,200}%\}|<\?(?:php|=)[^?]{0,400}\?>|<%[^%]{0,200}%>|\$\{[^{}]{0,200}\}/gi;

/**
 * Takes JSON out of what was pasted with it: marks before its lines, quotes that are references or behind backslashes,
 * tags and links of an editor, words before and behind (fences of code, a sentence, an assignment, a server's message),
 * and tags of a template. Each is one fault with its mend.
 */
export function unwrap(source: string, start: number, end: number): Unwrapped {
  const faults: JsonFault[] = [];
  let text = source;
  const take = (read: Repaired | undefined): void => {
    text = read?.text ?? text;
    if (read) faults.push(read.fault);
  };
  take(withoutLineMarks(text, start, end));
  take(withoutHtmlComment(text, start, end));
  take(
    quotesOfReferences(text, start, end) ??
      quotesOfEscapes(text, start, end) ??
      breaksOfEscapes(text, start, end),
  );
  take(withoutLinkMarks(text, start, end));
  take(withoutTags(text, start, end));
  take(singleBraces(text, start, end));
  take(withoutWideSigns(text, start, end));
  const inside = insideOf(text, start, end);
  if (inside) faults.push(wordsAround(text, start, end, inside));
  const [from, until] = inside ?? [start, end];
  take(templateTags(text, from, until));
  return { text, start: from, end: until, faults };
}

/** The whole of a script in a comment of HTML, as pages hid it from browsers that knew no scripts. */
function withoutHtmlComment(text: string, start: number, end: number): Repaired | undefined {
  const given = text.slice(start, end);
  const [opens = ''] = /^\s*<!--/.exec(given) ?? [];
  const closes = opens ? /(?:\/\/[ \t]*)?-->\s*$/.exec(given) : null;
  if (!closes || closes.index < opens.length) return undefined;
  const inner = given.slice(opens.length, closes.index);
  const meant = ' '.repeat(opens.length) + inner + ' '.repeat(given.length - closes.index);
  const edits = [
    { start: start + opens.length - '<!--'.length, end: start + opens.length, text: '' },
    { start: start + closes.index, end: start + closes.index + closes[0].trimEnd().length, text: '' },
  ];
  const message =
    'The script stands between “<!--” and “-->”. Many machines stop there; it has been needless for twenty years.';
  return repaired(text, { start, end }, meant, 'syntax/html-comment', message, edits);
}

/** The beginning and the end of a CDATA section, which HTML has not in scripts, with the comment that hides it there. */
const CDATA = /^(?:\/\/|\/\*)?[ \t]{0,50}<!\[CDATA\[(?:[ \t]{0,50}\*\/)?/;
const SECTION_END = /(?:\/\/|\/\*)?[ \t]{0,50}\]\]>[ \t]{0,50}(?:\*\/)?$/;

/** From where to where JSON stands, where something else stands before or behind it; undefined where nothing does. */
function insideOf(text: string, start: number, end: number): readonly [number, number] | undefined {
  const given = text.slice(start, end);
  const blank = given.length - given.trimStart().length;
  const section = CDATA.exec(given.slice(blank));
  if (section) {
    const closes = SECTION_END.exec(given.trimEnd());
    return [start + blank + section[0].length, closes ? start + closes.index : end];
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

/** Words as a message shows them; characters that nobody sees by their code points. */
const shownWords = (words: string): string =>
  isUnseen(words) ? codePointName(words.trim().charCodeAt(0)) : shorten(words);

function wordsAround(
  text: string,
  start: number,
  end: number,
  [from, until]: readonly [number, number],
): JsonFault {
  const before = text.slice(start, from);
  const behind = text.slice(until, end);
  const said = shownWords(before.trim() ? before : behind);
  const edits: Edit[] = [];
  if (before.trim()) edits.push({ start, end: from, text: /^\s*\n/.test(before) ? '\n' : '' });
  if (behind.trim())
    edits.push({ start: until, end, text: behind.slice(behind.trimEnd().length).includes('\n') ? '\n' : '' });
  const message = `“${said}” stands ${before.trim() ? 'before' : 'behind'} the JSON and is none. A machine stops there and reads nothing.`;
  const at = before.trim() ? start + before.length - before.trimStart().length : until;
  return jsonFault('syntax/words-around', message, at, before.trim() ? from : end, edits);
}

/** Braces that all stand twice, as a template escapes them, as single ones; undefined where one stands alone. */
function singleBraces(source: string, start: number, end: number): Repaired | undefined {
  const given = source.slice(start, end);
  if (!/^\s*\{\{\s*"[^"\n]*"\s*:/.test(given)) return undefined;
  const edits: Edit[] = [];
  const read = given.replace(/\{\{|\}\}/g, (braces, at: number) => {
    edits.push({ start: start + at, end: start + at + 2, text: braces.charAt(0) });
    return `${braces.charAt(0)} `;
  });
  if (/[{}]/.test(given.replace(/\{\{|\}\}|"(?:[^"\\]|\\.)*"/g, ''))) return undefined;
  const message =
    'Every brace stands twice, as a template escapes them. A machine reads no JSON. Write each once.';
  return repaired(source, { start, end }, read, 'syntax/unexpected-text', message, edits);
}

/** Tags outside texts become null, or blank where no value stands; undefined where there are none. */
function templateTags(text: string, start: number, end: number): Repaired | undefined {
  const given = text.slice(start, end);
  const first = given.search(TAG);
  if (first < 0) return undefined;
  let read = '';
  let [at, seen, isInText] = [0, 0, false];
  let place: readonly [number, number] | undefined;
  for (const { 0: tag, index } of given.matchAll(TAG)) {
    isInText = isInTextBehind(given.slice(seen, index), isInText);
    seen = index;
    if (isInText) continue;
    place ??= [start + index, start + index + tag.length];
    const isValue =
      ':[,'.includes(given.slice(0, index).trimEnd().at(-1) ?? ' ') &&
      /^\s*[,}\]\n]/.test(given.slice(index + tag.length));
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

const QUOTED_KEYWORD = new RegExp(
  `(?:"|${QUOTE_REFERENCE.source})@(?:context|type|graph|id)(?:"|\\\\"|${QUOTE_REFERENCE.source})`,
  'i',
);

/** Whether a source without any tag is JSON with something round it. */
export const isWrappedJson = (source: string): boolean =>
  !/<[a-z!?/]/i.test(source) && QUOTED_KEYWORD.test(source.slice(0, 20_000));

/** Fences and sentences round HTML that was pasted: the edits that take them away, with their place. */
export function fencesAround(source: string): JsonFault | undefined {
  const opening = /^[^<]*?```[\w-]*[ \t]*\r?\n/.exec(source);
  if (!opening) return undefined;
  const closing = source.lastIndexOf('\n```');
  const edits: Edit[] = [{ start: 0, end: opening[0].length, text: '' }];
  if (closing >= opening[0].length && !source.includes('<', closing))
    edits.push({ start: closing + 1, end: source.length, text: '' });
  const message = `“${shorten(opening[0])}” was pasted with the code. Visitors would read it, and it says nothing to machines.`;
  return jsonFault('syntax/words-around', message, 0, opening[0].trimEnd().length, edits);
}
