import { parseUrl } from '#core/link';
import { Lines, type Edit, type Place } from '#core/text';
import type { Fault } from '#core/fault';
import { readDocument, type HtmlDocument, type HtmlElement } from '#core/html';
import type { ReadItem } from '#core/item';
import { canonicalOf } from './links.ts';
import { readJson } from './json.ts';
import { withClosedQuotes, withPlainBlanks, withStraightAttributes } from './brokenAttributes.ts';
import type { JsonFault } from './jsonFault.ts';
import { readJsonLd } from './jsonld.ts';
import { readMicrodata } from './microdata.ts';
import { isJsonLd, lostScripts } from './lostScripts.ts';
import { joinNodes } from './nodes.ts';
import { readRdfa, type Astray } from './rdfa.ts';
import { nearlySchemaOrg } from './vocabularyAddress.ts';
import { visibleText, type VisibleText } from './visible.ts';
import { fencesAround, isWrappedJson, unwrap } from './wrapping.ts';

/** A fault of the source itself, found while reading it. */
interface ReadingFault extends Fault {
  readonly place: Place;
  readonly edits: readonly Edit[] | null;
  /** Whether the edits are only what was probably meant. */
  readonly guess?: boolean;
}

/** Everything a machine, and a visitor, reads out of a source. */
export interface Reading {
  readonly source: string;
  readonly kind: 'html' | 'json';
  /** The address the source came from; '' where none was given. */
  readonly address: string;
  /** What relative addresses are read against: `<base href>`, the address, the canonical link, or ''. */
  readonly base: string;
  readonly items: readonly ReadItem[];
  readonly faults: readonly ReadingFault[];
  /** Places of elements whose `itemprop` belongs to no item, with the names they carry. */
  readonly strays: readonly { readonly name: string; readonly place: Place }[];
  /** Properties of RDFa that are told of an address instead of the item they stand in. */
  readonly astray: readonly Astray[];
  /** What a visitor sees; undefined for bare JSON, which nobody sees. */
  readonly visible: VisibleText | undefined;
  /** The page as a tree; undefined for bare JSON. */
  readonly document: HtmlDocument | undefined;
  readonly lines: Lines;
}

/**
 * Reads HTML (a page, a fragment, a script element) or bare JSON-LD. Which of the two it is shows in its
 * first character. `url` is the address the source came from; `parsed` is its document, where somebody has parsed it as
 * a page. Never fails.
 */
export function readSource(source: string, url = '', parsed?: HtmlDocument): Reading {
  const lines = new Lines(source);
  const kind = /^\s*[[{]/.test(source) || isWrappedJson(source) ? 'json' : 'html';
  if (kind === 'json') {
    const { items, faults } = readScript(source, 0, source.length, lines, url);
    return {
      source,
      kind,
      address: url,
      base: url,
      items: joinNodes(items),
      faults,
      strays: [],
      astray: [],
      visible: undefined,
      document: undefined,
      lines,
    };
  }
  const document = isTablePart(source) ? readDocument(source, 'table') : (parsed ?? readDocument(source));
  const scripts = document.elements.filter(({ name, inert }) => name === 'script' && !inert);
  const straight =
    withPlainBlanks(source) ??
    withStraightAttributes(source, document, scripts) ??
    withClosedQuotes(source, document);
  if (straight) {
    const read = readSource(straight.text, url);
    return { ...read, source, faults: [faultAt(straight.fault, lines), ...read.faults] };
  }
  // A page whose address nobody gives stands where it says itself that it does.
  const base = baseOf(document, url || canonicalOf(document, ''));
  const items: ReadItem[] = [];
  const faults: ReadingFault[] = [];
  for (const script of scripts.filter(isJsonLd)) {
    const read = readScript(source, script.contentStart, script.contentEnd, lines, base);
    items.push(...read.items);
    faults.push(...read.faults.map((one) => ofSource(one, script, lines)));
  }
  const fences = fencesAround(source);
  if (fences) faults.push(faultAt(fences, lines));
  faults.push(...lostScripts(document, source).map((one) => faultAt(one, lines)));
  faults.push(...nearlySchemaOrg(document).map((one) => faultAt(one, lines)));
  const microdata = readMicrodata(document, lines, base);
  const rdfa = readRdfa(document, lines, base);
  items.push(...microdata.items, ...rdfa.items);
  items.sort((a, b) => a.place.start - b.place.start);
  const strays = microdata.strays.map(({ attributes, start, contentStart }) => ({
    name: attributes['itemprop'] ?? '',
    place: lines.place(start, contentStart),
  }));
  return {
    source,
    kind,
    address: url,
    base,
    items: joinNodes(items),
    faults,
    strays,
    astray: rdfa.astray,
    visible: visibleText(document),
    document,
    lines,
  };
}

/** No page begins with a part of a table: it was copied out of one, and would lose its cells when read as a page. */
const TABLE_PART = /\s*<(?:tr|td|th|tbody|thead|tfoot|caption|colgroup)[\s>]/iy;

/** Whether a source begins so, comments before it put aside: one after the other, as many as they are. */
export function isTablePart(source: string): boolean {
  let at = 0;
  for (;;) {
    const comment = /\s*<!--/y;
    comment.lastIndex = at;
    const end = comment.test(source) ? source.indexOf('-->', comment.lastIndex) : -1;
    if (end < 0) break;
    at = end + 3;
  }
  TABLE_PART.lastIndex = at;
  return TABLE_PART.test(source);
}

function readScript(
  source: string,
  start: number,
  end: number,
  lines: Lines,
  base: string,
): { items: readonly ReadItem[]; faults: readonly ReadingFault[] } {
  const given = unwrap(source, start, end);
  const json = readJson(given.text, given.start, given.end);
  const jsonLd = readJsonLd(json.values, lines, base);
  const faults = [...given.faults, ...json.faults, ...jsonLd.faults].map((one) => faultAt(one, lines));
  return { items: jsonLd.items, faults };
}

/** What an empty script names by `src` is nothing: of data no more is read than what stands there (HTML, 4.12.1). */
function ofSource(
  one: ReadingFault,
  { attributes, start, contentStart }: HtmlElement,
  lines: Lines,
): ReadingFault {
  if (one.code !== 'syntax/empty' || attributes['src'] === undefined) return one;
  const message =
    'The script is empty, and machines do not fetch what src names: JSON-LD has to stand in the page itself.';
  return { ...one, message, place: lines.place(start, contentStart) };
}

const faultAt = ({ start, end, ...fault }: JsonFault, lines: Lines): ReadingFault => ({
  ...fault,
  place: lines.place(start, end),
});

/** The first `base` with an `href`, wherever it stands (HTML Living Standard, 2.4.3 "document base URL"). */
function baseOf({ elements }: HtmlDocument, url: string): string {
  for (const { name, inert, attributes } of elements) {
    const href = name === 'base' && !inert ? attributes['href'] : undefined;
    if (href !== undefined) return parseUrl(href.trim(), url || undefined)?.href ?? url;
  }
  return url;
}
