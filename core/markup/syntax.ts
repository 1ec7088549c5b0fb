import { isLink } from '#core/link';
import { escapeHtml } from '#core/text';

/** How a syntax writes items and properties into HTML attributes. */
export interface HtmlSyntax {
  /** Attributes of an element that is an item; `property` where it is the value of one. */
  readonly item: (types: readonly string[], id: string, property?: string) => string;
  /** Attributes of an element whose text, or address, is the value of a property. */
  readonly property: (name: string) => string;
  /** An element that says one text and shows HTML. A link stands inside: outside it would change RDFa’s subject. */
  readonly said: (name: string, value: string, html: string) => string;
  /** A time or date: what machines read, and how it is shown. */
  readonly time: (name: string, datetime: string, shown: string) => string;
  /** An element for machines only; '' where the syntax has no machines. */
  readonly meta: (name: string, value: string, language?: string) => string;
  /** An address for machines only; one that may not become a link is a text. */
  readonly link: (name: string, href: string) => string;
}

const SCHEMA = 'https://schema.org/';
const quoted = (name: string, value: string): string => ` ${name}="${escapeHtml(value)}"`;

/** The address of a type: schema.org's, unless it is written out. */
const typeAddress = (type: string): string => (type.includes(':') ? type : SCHEMA + type);

/** Microdata (HTML Living Standard, 5). */
export const microdata: HtmlSyntax = {
  item: (types, id, property) =>
    `${property ? quoted('itemprop', property) : ''} itemscope${types.length > 0 ? quoted('itemtype', types.map(typeAddress).join(' ')) : ''}${id ? quoted('itemid', id) : ''}`,
  property: (name) => quoted('itemprop', name),
  said: (name, value, html) => `<data${quoted('itemprop', name)}${quoted('value', value)}>${html}</data>`,
  time: (name, datetime, shown) =>
    `<time${quoted('itemprop', name)}${quoted('datetime', datetime)}>${escapeHtml(shown)}</time>`,
  meta: (name, value, language) =>
    `<meta${quoted('itemprop', name)}${quoted('content', value)}${language ? quoted('lang', language) : ''}>`,
  link: (name, href) =>
    isLink(href)
      ? `<link${quoted('itemprop', name)}${quoted('href', href)}>`
      : `<meta${quoted('itemprop', name)}${quoted('content', href)}>`,
};

/** RDFa Lite 1.1. */
export const rdfa: HtmlSyntax = {
  item: (types, id, property) =>
    `${property ? quoted('property', property) : quoted('vocab', SCHEMA)}${id ? quoted('resource', id) : ''}${quoted('typeof', types.join(' '))}`,
  property: (name) => quoted('property', name),
  said: (name, value, html) => `<span${quoted('property', name)}${quoted('content', value)}>${html}</span>`,
  // Readers of RDFa Core know only content; those of HTML+RDFa read datetime too.
  time: (name, datetime, shown) =>
    `<time${quoted('property', name)}${quoted('datetime', datetime)}${quoted('content', datetime)}>${escapeHtml(shown)}</time>`,
  meta: (name, value, language) =>
    `<meta${quoted('property', name)}${quoted('content', value)}${language ? quoted('lang', language) : ''}>`,
  link: (name, href) =>
    isLink(href)
      ? `<link${quoted('property', name)}${quoted('href', href)}>`
      : `<meta${quoted('property', name)}${quoted('content', href)}>`,
};

/** Plain HTML for visitors, without anything for machines. */
export const plainHtml: HtmlSyntax = {
  item: () => '',
  property: () => '',
  said: (_, __, html) => html,
  time: (_, datetime, shown) => `<time${quoted('datetime', datetime)}>${escapeHtml(shown)}</time>`,
  meta: () => '',
  link: () => '',
};

/** A text that visitors read as a property; the bare text where the syntax has no properties. */
export function spanOf(syntax: HtmlSyntax, name: string, text: string): string {
  const attribute = syntax.property(name);
  return attribute ? `<span${attribute}>${escapeHtml(text)}</span>` : escapeHtml(text);
}

/** The address of a day as schema.org names it. */
export const dayAddress = (day: string): string => SCHEMA + day;
