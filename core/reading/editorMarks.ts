import type { Edit } from '#core/text';
import { repaired, shorten, type Repaired } from './jsonFault.ts';

/** Elements that editors for text put round what is pasted into them, with references to blanks. */
const OF_EDITORS =
  /<\/?(?:a|b|br|code|div|em|font|i|nobr|p|pre|section|small|span|strong|u|wbr)\b(?:[^<>"]|"[^"<>]*")*>|&(?:nbsp|ensp|emsp|thinsp|zwnj|zwj|#0*(?:160|820[1-4])|#x0*(?:a0|200[9a-d]));/gi;

/**
 * Tags and references of HTML between the values of JSON, and links that a text was made into, quotes and all: what an
 * editor for text makes of code. They are blank in the text, every other character stays at its offset; undefined where
 * there are none. Tags before the JSON belong to what else stands there, if anything does.
 */
export function withoutTags(source: string, start: number, end: number): Repaired | undefined {
  const given = source.slice(start, end);
  if (!/[<&]/.test(given)) return undefined;
  const edits: Edit[] = [];
  const read: string[] = [];
  let [at, links, isInText] = [0, 0, false];
  for (const { 0: tag, index } of given.matchAll(OF_EDITORS)) {
    const before = given.slice(at, index);
    if (before) read.push(before);
    isInText = isInTextBehind(before, isInText);
    at = index + tag.length;
    const isClosing = tag.startsWith('</');
    const hasQuotes = /(?<!\\)"/.test(tag);
    if (isInText && !hasQuotes && !(isClosing && links > 0)) {
      read.push(tag);
      continue;
    }
    if (isInText) links += isClosing ? -1 : 1;
    edits.push({ start: start + index, end: start + at, text: '' });
    const blank = ' '.repeat(tag.length);
    // The quote of the text moves beside what is left of it.
    const last = read.at(-1) ?? '';
    if (isInText && !isClosing && last.endsWith('"')) {
      read[read.length - 1] = last.slice(0, -1);
      read.push(blank, '"');
    } else if (isInText && isClosing && given[at] === '"') {
      read.push('"', blank);
      at += 1;
      isInText = false;
    } else read.push(blank);
  }
  const whole = read.join('') + given.slice(at);
  const [first] = edits;
  if (!first || !/^\s*[[{]/.test(whole)) return undefined;
  const message = `“${shorten(source.slice(first.start, first.end))}” stands in the JSON, as an editor for text puts it into code. A machine stops there and reads nothing. Paste the code into a field for code.`;
  return repaired(source, { start, end }, whole, 'syntax/editor-marks', message, edits);
}

/** A text that is a link as people write it in plain text: in brackets with its address behind, or in angles. */
const LINK_MARKS =
  /"(?:\[([^[\]()"\n]{0,300})\]\(((?:https?:|mailto:|tel:)[^()"\s]{0,300})\)|<((?:https?:|mailto:)[^<>"\s]{1,300})>)"/gi;

/**
 * JSON whose texts have the marks of a link: with the address of the web that each leads to, or its words, at their
 * offsets; undefined where none have.
 */
export function withoutLinkMarks(source: string, start: number, end: number): Repaired | undefined {
  const edits: Edit[] = [];
  let [read, at] = ['', start];
  const links = source.slice(start, end).matchAll(LINK_MARKS);
  for (const { 0: written, 1: words = '', 2: address = '', 3: angled, index } of links) {
    const leads = /^http/i.test(address) && !/^(?:https?:|www\.)/i.test(words);
    const meant = angled ?? (leads ? address : words);
    const opens = start + index + 1;
    const from = opens + written.indexOf(meant, 2) - 1;
    const closes = start + index + written.length - 1;
    edits.push({ start: opens, end: from, text: '' }, { start: from + meant.length, end: closes, text: '' });
    read += source.slice(at, opens - 1) + `${'"'.padStart(from - opens + 1)}${meant}"`.padEnd(written.length);
    at = closes + 1;
  }
  read += source.slice(at, end);
  const [first, last] = edits;
  if (!first || !last || !/^\s*[[{]/.test(read)) return undefined;
  const said = shorten(source.slice(first.start - 1, last.end + 1));
  const message = `${said} is a link as people write it in plain text: to a machine its marks are part of the value. Write the address or the words alone.`;
  return repaired(source, { start, end }, read, 'syntax/editor-marks', message, edits);
}

/** Whether what follows a stretch lies inside a text of JSON: an odd number of quotes stands before it on its line. */
export function isInTextBehind(stretch: string, wasInText: boolean): boolean {
  const begins = stretch.lastIndexOf('\n') + 1;
  const quotes = stretch.slice(begins).replace(/\\./g, '').match(/"/g)?.length ?? 0;
  return (quotes % 2 === 1) !== (begins === 0 && wasInText);
}
