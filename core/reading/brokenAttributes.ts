import type { HtmlDocument, HtmlElement } from '#core/html';
import { applyEdits, type Edit } from '#core/text';
import { jsonFault, shorten, type Repaired } from './jsonFault.ts';
import { QUOTE_REFERENCE, TYPOGRAPHIC } from './quotes.ts';

const MARK = `[${TYPOGRAPHIC}]|\\\\["']|${QUOTE_REFERENCE.source}`;
const VALUE = new RegExp(`(=\\s*)(${MARK}|""(?=[^\\s"<>]+""))([^"<>]{0,500}?)(${MARK}|"")(?=[\\s/>])`, 'gi');
/** How a value begins whose quotes are part of it. */
const BEGINS_QUOTED = new RegExp(`^(?:[${TYPOGRAPHIC}"]|\\\\["'])`);
/** A longer start tag was written by nobody who had its quotes changed. */
const LONGEST_TAG = 20_000;
const OF_MARKUP = ['itemprop', 'itemtype', 'property', 'typeof', 'vocab'] as const;

/**
 * A page whose markup has its attributes in quotes that are none to a browser, typographic ones, references, or behind
 * backslashes, as editors for text and programs make them: with straight quotes, every other character at its offset;
 * undefined where none are.
 */
export function withStraightAttributes(
  source: string,
  { marked }: HtmlDocument,
  scripts: readonly HtmlElement[],
): Repaired | undefined {
  const quoted = [...marked, ...scripts].filter(
    ({ name, attributes }) =>
      OF_MARKUP.some((name) => attributes[name] === '') ||
      // Broken quotes of other attributes, of a meta element for a search engine most often, are no fault of markup.
      (name === 'script' ? ['type'] : OF_MARKUP).some((one) => BEGINS_QUOTED.test(attributes[one] ?? '')),
  );
  const edits: Edit[] = [];
  let [text, at] = ['', 0];
  for (const { start, contentStart } of quoted.sort((a, b) => a.start - b.start)) {
    if (start < at || contentStart - start > LONGEST_TAG) continue;
    let [tag, seen] = ['', start];
    const written = source.slice(start, contentStart);
    for (const { 1: equals = '', 2: open = '', 3: value = '', 4: close = '', index } of written.matchAll(
      VALUE,
    )) {
      const opens = start + index + equals.length;
      const closes = opens + open.length + value.length;
      edits.push({ start: opens, end: opens + open.length, text: '"' });
      edits.push({ start: closes, end: closes + close.length, text: '"' });
      tag += `${source.slice(seen, opens)}${'"'.padStart(open.length)}${value}${'"'.padEnd(close.length)}`;
      seen = closes + close.length;
    }
    text += source.slice(at, start) + tag + source.slice(seen, contentStart);
    at = contentStart;
  }
  const [first, last] = edits;
  if (!first || !last) return undefined;
  const written = shorten(source.slice(first.start, edits[1]?.end ?? last.end));
  const message = `The quotes of ${written} are none to a machine but part of the value, so that it knows none of these names. Write straight quotes.`;
  return {
    text: text + source.slice(at),
    fault: jsonFault('structure/curly-quotes', message, first.start, edits[1]?.end ?? last.end, edits),
  };
}

/** A name that lost its quote runs on to the next attribute: `itemprop="latitude content="50.1"`. */
const LOST_QUOTE =
  /(\s(?:itemprop|itemtype|property|typeof|vocab)\s*=\s*")([^\s"<>=]+)\s(?=(?:[a-z][a-z-]*\s+){0,2}[a-z][a-z-]*\s*=\s*"[^"<>]*")/gi;

/** A page whose markup has a name without its second quote: with it in the blank's place, every character at its offset. */
export function withClosedQuotes(source: string, { marked }: HtmlDocument): Repaired | undefined {
  const edits: Edit[] = [];
  let [text, at] = ['', 0];
  const open = marked.filter(({ attributes }) =>
    OF_MARKUP.some((name) => /\s[a-z-]+\s*=$/i.test(attributes[name] ?? '')),
  );
  for (const { start, contentStart } of open.sort((a, b) => a.start - b.start)) {
    if (start < at || contentStart - start > LONGEST_TAG) continue;
    const tag = source
      .slice(start, contentStart)
      .replace(LOST_QUOTE, (_, before: string, name: string, index: number) => {
        const end = start + index + before.length + name.length;
        edits.push({ start: end, end, text: '"' });
        return `${before}${name}"`;
      });
    text += source.slice(at, start) + tag;
    at = contentStart;
  }
  const [first] = edits;
  if (!first) return undefined;
  const from = source.lastIndexOf('"', first.start) + 1;
  const message = `The value “${shorten(source.slice(from, first.start))}” is not closed: the next attribute is part of it. Write " behind it.`;
  return {
    text: text + source.slice(at),
    fault: jsonFault('structure/open-quote', message, from, first.start, edits),
  };
}

const BLANK_BEFORE =
  /[\u00A0\u2000-\u200B\u202F\u3000\uFEFF]{1,8}(?=(?:item(?:prop|scope|type|id|ref)|property|typeof|vocab)[\s=>])/gi;
/** A tag is not looked for further back than this. */
const FARTHEST = 500;

/** A page with blanks that are none to a browser before attributes of markup: with plain ones; undefined where none are. */
export function withPlainBlanks(source: string): Repaired | undefined {
  const edits: Edit[] = [];
  for (const { 0: blank, index } of source.matchAll(BLANK_BEFORE)) {
    const before = source.slice(Math.max(0, index - FARTHEST), index);
    if (before.lastIndexOf('<') > before.lastIndexOf('>'))
      edits.push({ start: index, end: index + blank.length, text: ' '.repeat(blank.length) });
  }
  const [first] = edits;
  if (!first) return undefined;
  const name = /^[a-z]+/i.exec(source.slice(first.end, first.end + 20))?.[0] ?? '';
  const message = `A no-break blank stands before ${name}: to a machine it is part of a name, not a gap. Write a plain blank.`;
  return {
    text: applyEdits(source, edits),
    fault: jsonFault('structure/misspelt', message, first.start, first.end + name.length, edits),
  };
}
