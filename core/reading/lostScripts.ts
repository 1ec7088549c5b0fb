import { attributeSpan, textContent, type HtmlDocument, type HtmlElement } from '#core/html';
import { meansSchemaOrg } from './contextFaults.ts';
import { jsonFault, type JsonFault } from './jsonFault.ts';

const JSON_LD = 'application/ld+json';

/** Whether a script's type says JSON-LD (RFC 6838: case and parameters put aside). */
export const isJsonLd = ({ attributes }: HtmlElement): boolean =>
  /^\s*application\/ld\+json\s*(;|$)/i.test(attributes['type'] ?? '');

const BEGINS_JSON_LD = /^\s*[[{]\s*(?:\{\s*)?"@(?:context|type|graph|id)"/;

/** JSON-LD that no machine takes for it: in a script of another type, inside another script, or in what is no script. */
export function lostScripts({ elements }: HtmlDocument, source: string): readonly JsonFault[] {
  const typed = elements.filter(
    ({ name, inert, attributes }) =>
      (name === 'script' || attributes['type'] !== undefined) && !inert && attributes['src'] === undefined,
  );
  return typed.flatMap((element) => {
    if (element.name === 'script')
      return isJsonLd(element) ? [] : (mistyped(source, element) ?? nested(source, element) ?? []);
    return isJsonLd(element) ? (misnamed(source, element) ?? []) : [];
  });
}

/** Whether data has a context of its own, in a script that browsers keep for a program of the page. */
function isOfOthers(text: string): boolean {
  const [, context] = /"@context"\s*:\s*"([^"]*)"/.exec(text) ?? [];
  return context !== undefined && !meansSchemaOrg(context);
}

/** A script that begins as JSON-LD does, under another type. */
function mistyped(source: string, element: HtmlElement): JsonFault | undefined {
  const text = textContent(element);
  if (!BEGINS_JSON_LD.test(text) || isOfOthers(text)) return undefined;
  const { attributes, start, contentStart } = element;
  const type = attributes['type'];
  const span = attributeSpan(source, element, 'type');
  const edit = span
    ? { start: span.start, end: span.end, text: span.quote ? JSON_LD : `"${JSON_LD}"` }
    : { start: start + 7, end: start + 7, text: ` type="${JSON_LD}"` };
  const written = type === undefined ? 'has no type' : `has the type “${type}”`;
  return jsonFault(
    'syntax/script-type',
    `This script holds JSON-LD, but ${written}, so that machines take it for something else. Write type="${JSON_LD}".`,
    start,
    contentStart,
    [edit],
  );
}

/** A whole script that was pasted into a script: to a machine its tag is a text of the outer one. */
function nested(source: string, element: HtmlElement): JsonFault | undefined {
  const inner = /^\s*<script\b[^<>]*\bld\+json\b[^<>]*>/i.exec(textContent(element));
  if (!inner) return undefined;
  const { start, contentStart, end } = element;
  const stray = /^\s*<\/script\s*>/i.exec(source.slice(end, end + 200));
  return jsonFault(
    'syntax/script-type',
    'This script holds another one, with its tag: to a machine the tag is text, and the JSON-LD is none. Take the outer script away.',
    start,
    contentStart,
    [
      { start, end: contentStart, text: '' },
      ...(stray ? [{ start: end, end: end + stray[0].length, text: '' }] : []),
    ],
  );
}

/** An element with the type of JSON-LD that is no script. */
function misnamed(source: string, element: HtmlElement): JsonFault | undefined {
  if (!BEGINS_JSON_LD.test(textContent(element))) return undefined;
  const { name, start, contentStart, contentEnd, end } = element;
  const isClosed = source.slice(contentEnd, contentEnd + name.length + 2).toLowerCase() === `</${name}`;
  const from = start + 1;
  return jsonFault(
    'syntax/script-type',
    `JSON-LD stands in an element “${name}”, where no machine looks for it. Write “script”.`,
    start,
    contentStart,
    [
      { start: from, end: from + name.length, text: 'script' },
      ...(isClosed && end > contentEnd
        ? [{ start: contentEnd + 2, end: contentEnd + 2 + name.length, text: 'script' }]
        : []),
    ],
  );
}
