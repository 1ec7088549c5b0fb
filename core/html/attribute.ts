import type { HtmlElement } from './document.ts';

/** Where an attribute is written: the offsets of its value, without quotes, and the quote itself ('' for none). */
export interface AttributeSpan {
  readonly start: number;
  readonly end: number;
  readonly quote: '"' | "'" | '';
}

const ATTRIBUTE =
  /[\t\n\f\r /]*([^\t\n\f\r />][^\t\n\f\r />=]*)(?:[\t\n\f\r ]*=[\t\n\f\r ]*(?:"([^"]*)"|'([^']*)'|([^\t\n\f\r >]*)))?/y;

/** The offset behind the name in a start tag as it is written, where a first attribute goes. */
export const behindTagName = (
  source: string,
  { start, contentStart }: Pick<HtmlElement, 'start' | 'contentStart'>,
): number => {
  TAG_NAME.lastIndex = start;
  return contentStart > start && TAG_NAME.test(source) ? TAG_NAME.lastIndex : start;
};
const TAG_NAME = /<[^\t\n\f\r />]*/y;

/**
 * Where the value of an attribute stands in the source; for one without a value the offset behind its name.
 * Undefined where the start tag has no such attribute, or the element has no start tag.
 */
export function attributeSpan(
  source: string,
  { start, contentStart }: HtmlElement,
  name: string,
): AttributeSpan | undefined {
  ATTRIBUTE.lastIndex = behindTagName(source, { start, contentStart });
  while (ATTRIBUTE.lastIndex < contentStart - 1) {
    const match = ATTRIBUTE.exec(source);
    if (!match) return undefined;
    const [written, found = '', double, single, bare] = match;
    if (found.toLowerCase().replaceAll('\0', '\uFFFD') !== name) continue;
    const behind = match.index + written.length;
    const quote = double !== undefined ? '"' : single !== undefined ? "'" : '';
    const length = (double ?? single ?? bare ?? '').length;
    const end = behind - quote.length;
    return { start: end - length, end, quote };
  }
  return undefined;
}

/** Where the names of an element's attributes are written, each name once; none for an element without a start tag. */
export function attributeNames(
  source: string,
  { start, contentStart }: HtmlElement,
): readonly { readonly name: string; readonly start: number }[] {
  const found = new Map<string, { readonly name: string; readonly start: number }>();
  ATTRIBUTE.lastIndex = behindTagName(source, { start, contentStart });
  while (ATTRIBUTE.lastIndex < contentStart - 1) {
    const match = ATTRIBUTE.exec(source);
    if (!match) break;
    const [written, spelt = ''] = match;
    const name = spelt.toLowerCase();
    if (!found.has(name)) found.set(name, { name, start: match.index + written.indexOf(spelt) });
  }
  return [...found.values()];
}

/** The tokens of an attribute, parted by white space (HTML Living Standard, 2.3.7 "Space-separated tokens"). */
export const tokensOf = (value: string): string[] => value.split(/[ \t\r\n\f]+/).filter(Boolean);
