import { parseUrl } from '#core/link';
import { Lines, type Edit, type Place } from '#core/text';
import type { Fault } from '#core/fault';
import { readDocument, type HtmlDocument, type HtmlElement } from './document.ts';
import type { ReadItem } from './item.ts';
import { readJson } from './json.ts';
import { followReferences, readJsonLd } from './jsonld.ts';
import { readMicrodata } from './microdata.ts';
import { visibleText, type VisibleText } from './visible.ts';

/** A fault of the source itself, found while reading it. */
export interface ReadingFault extends Fault {
  readonly place: Place;
  readonly edits: readonly Edit[] | null;
}

/** Everything a machine, and a visitor, reads out of a source. */
export interface Reading {
  readonly source: string;
  readonly kind: 'html' | 'json';
  /** The page's own address: `<base href>`, `url` as given, or ''. */
  readonly base: string;
  readonly items: readonly ReadItem[];
  readonly faults: readonly ReadingFault[];
  /** Places of elements whose `itemprop` belongs to no item, with the names they carry. */
  readonly strays: readonly { readonly name: string; readonly place: Place }[];
  /** What a visitor sees; undefined for bare JSON, which nobody sees. */
  readonly visible: VisibleText | undefined;
  readonly lines: Lines;
}

/**
 * Reads HTML (a page, a fragment, a script element) or bare JSON-LD. Which of the two it is shows in its
 * first character. `url` is the address the source came from. Never fails.
 */
export function readSource(source: string, url = ''): Reading {
  const lines = new Lines(source);
  const kind = /^\s*[[{]/.test(source) ? 'json' : 'html';
  if (kind === 'json') {
    const { items, faults } = readScript(source, 0, source.length, lines);
    return {
      source,
      kind,
      base: url,
      items: followReferences(items),
      faults,
      strays: [],
      visible: undefined,
      lines,
    };
  }
  const document = readDocument(source);
  const base = baseOf(document, url);
  const items: ReadItem[] = [];
  const faults: ReadingFault[] = [];
  for (const script of jsonLdScripts(document)) {
    const read = readScript(source, script.contentStart, script.contentEnd, lines);
    items.push(...read.items);
    faults.push(...read.faults);
  }
  const microdata = readMicrodata(document, lines, base);
  items.push(...microdata.items);
  items.sort((a, b) => a.place.start - b.place.start);
  const strays = microdata.strays.map(({ attributes, start, contentStart }) => ({
    name: attributes['itemprop'] ?? '',
    place: lines.place(start, contentStart),
  }));
  return {
    source,
    kind,
    base,
    items: followReferences(items),
    faults,
    strays,
    visible: visibleText(document),
    lines,
  };
}

/** The script elements whose type is JSON-LD (RFC 6838 types: case and parameters put aside). */
export function jsonLdScripts({ elements }: HtmlDocument): readonly HtmlElement[] {
  return elements.filter(
    ({ name, inert, attributes }) =>
      name === 'script' && !inert && /^\s*application\/ld\+json\s*(;|$)/i.test(attributes['type'] ?? ''),
  );
}

function readScript(
  source: string,
  start: number,
  end: number,
  lines: Lines,
): { items: readonly ReadItem[]; faults: readonly ReadingFault[] } {
  const json = readJson(source, start, end);
  const jsonLd = readJsonLd(json.values, lines);
  const faults = [...json.faults, ...jsonLd.faults].map(
    ({ code, message, start: from, end: until, edits }) => ({
      code,
      message,
      place: lines.place(from, until),
      edits,
    }),
  );
  return { items: jsonLd.items, faults };
}

function baseOf({ elements }: HtmlDocument, url: string): string {
  for (const { name, inert, attributes } of elements) {
    if (name === 'base' && !inert && attributes['href'])
      return parseUrl(attributes['href'], url || undefined)?.href ?? url;
    if (name === 'body') break;
  }
  return url;
}
