import type { Place } from '#core/text';

/** An item as a machine reads it, in whichever syntax it stands. */
export interface ReadItem {
  readonly syntax: 'jsonld' | 'microdata';
  /** Bare names for types of schema.org, whole addresses for others. */
  readonly types: readonly string[];
  readonly id: string | null;
  readonly properties: readonly ReadProperty[];
  readonly place: Place;
  /** Where the types are written; the item's beginning where it has none. */
  readonly typePlace: Place;
}

export interface ReadProperty {
  /** The bare name for properties of schema.org. */
  readonly name: string;
  readonly value: ReadValue;
  /** Where the name is written: the quoted name in JSON, the start tag in HTML. */
  readonly namePlace: Place;
  /** The property with its value in the source. */
  readonly place: Place;
}

export type ReadValue =
  | {
      readonly kind: 'text';
      readonly text: string;
      /** How JSON wrote it; microdata has texts only. */
      readonly json: string | number | boolean | null;
      /** The value alone in the source. */
      readonly place: Place;
      /** Where an attribute holds the value: the text shown to visitors instead, undefined where none is. */
      readonly shown?: string;
    }
  | { readonly kind: 'item'; readonly item: ReadItem };

/** The values of a property, in the order of the source. */
export function valuesOf(item: ReadItem, name: string): readonly ReadValue[] {
  return item.properties.flatMap((property) => (property.name === name ? [property.value] : []));
}

/** The first text of a property; '' where there is none. */
export function textOf(item: ReadItem, name: string): string {
  for (const value of valuesOf(item, name)) if (value.kind === 'text') return value.text;
  return '';
}

/** The items that are values of a property. */
export function itemsOf(item: ReadItem, name: string): readonly ReadItem[] {
  return valuesOf(item, name).flatMap((value) => (value.kind === 'item' ? [value.item] : []));
}

/** The bare name of a schema.org term, whatever scheme, `www.` or `schema:` prefix it was written with. */
export function schemaName(term: string): string {
  return term.trim().replace(/^(?:https?:\/\/(?:www\.)?schema\.org\/|schema:)/, '');
}

/** An item and everything inside it as plain JSON: properties as arrays of texts and items. */
export interface PlainItem {
  readonly syntax: 'jsonld' | 'microdata';
  readonly types: readonly string[];
  readonly id: string | null;
  readonly properties: Readonly<Record<string, readonly (string | number | boolean | null | PlainItem)[]>>;
  readonly place: Place;
}

export function plainItem(item: ReadItem): PlainItem {
  const properties = new Map<string, (string | number | boolean | null | PlainItem)[]>();
  for (const { name, value } of item.properties) {
    const list = properties.get(name) ?? [];
    list.push(value.kind === 'item' ? plainItem(value.item) : value.json);
    properties.set(name, list);
  }
  return {
    syntax: item.syntax,
    types: item.types,
    id: item.id,
    properties: Object.fromEntries(properties),
    place: item.place,
  };
}
