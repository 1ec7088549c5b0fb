import { factPart, knownFacts, type BusinessRecord } from '#core/record';
import { escapeHtml, remembered } from '#core/text';
import type { MarkupItem, MarkupProperty, MarkupValue } from '#core/item';
import { businessItem } from './item.ts';
import { jsonLdProperty } from './jsonld.ts';
import { microdata, rdfa, type HtmlSyntax } from './syntax.ts';

/** What visitors should see is written for them; the rest stands for machines only. */
const shown: ReadonlySet<string> = new Set(
  knownFacts.flatMap(({ property, rows }) =>
    rows.flatMap(({ fact, visible }) => (visible ? [factPart(fact) || property] : [])),
  ),
);

/**
 * One property of a record (or of its address) as it is put into an item that someone else wrote: the members of
 * JSON-LD with `indent` before their lines, or elements of microdata or RDFa that may stand in any text. Hours
 * are in the short form in HTML. '' for what the record does not say.
 */
export function propertyMarkup(
  record: BusinessRecord,
  name: string,
  syntax: 'jsonld' | 'microdata' | 'rdfa',
  indent = '',
): string {
  const isJson = syntax === 'jsonld';
  const item = items[isJson ? 'long' : 'short'](record);
  const called = !isJson && name === 'openingHoursSpecification' ? 'openingHours' : name;
  const same = named(item, called);
  if (same.length === 0) return '';
  if (isJson) return jsonLdProperty(same, indent);
  const html = syntax === 'microdata' ? microdata : rdfa;
  return same.flatMap(({ values }) => values.map((value) => element(html, called, value))).join('');
}

/** One record is asked for many of its properties. */
const items = {
  long: remembered((record: BusinessRecord) => businessItem(record, { hoursForm: 'long' })),
  short: remembered((record: BusinessRecord) => businessItem(record, { hoursForm: 'short' })),
};

/** The properties of a name: the item's own, or else those of its address. */
function named({ properties }: MarkupItem, name: string): readonly MarkupProperty[] {
  const own = properties.filter((property) => property.name === name);
  if (own.length > 0) return own;
  const [address] = properties.find((property) => property.name === 'address')?.values ?? [];
  return address?.kind === 'item' ? address.item.properties.filter((property) => property.name === name) : [];
}

/** A property as `propertyMarkup` has it in HTML, but without a word that visitors could read. */
export const silentMarkup = (record: BusinessRecord, name: string, syntax: 'microdata' | 'rdfa'): string =>
  named(items.short(record), name)
    .flatMap(({ values }) =>
      values.map((value) => element(syntax === 'microdata' ? microdata : rdfa, name, value, true)),
    )
    .join('');

function element(html: HtmlSyntax, name: string, value: MarkupValue, isSilent = false): string {
  if (value.kind === 'link') return html.link(name, value.text);
  if (value.kind !== 'item')
    return shown.has(name) && !isSilent
      ? `<span${html.property(name)}>${escapeHtml(value.text)}</span>`
      : html.meta(name, value.text);
  const { types, id, properties } = value.item;
  const inside = properties.flatMap((one) =>
    one.values.map((inner) => element(html, one.name, inner, isSilent)),
  );
  return `<span${html.item(types, id, name)}>${inside.join('')}</span>`;
}

/** A text property of which machines read `value`, and visitors see `html`. */
export const saidMarkup = (syntax: 'microdata' | 'rdfa', name: string, value: string, html: string): string =>
  (syntax === 'microdata' ? microdata : rdfa).said(name, value, html);
