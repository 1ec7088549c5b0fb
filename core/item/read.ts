import type { Place } from '#core/text';

export const syntaxes = ['jsonld', 'microdata', 'rdfa'] as const;
export type Syntax = (typeof syntaxes)[number];

/** What people call a syntax. */
export const syntaxName: Readonly<Record<Syntax, string>> = {
  jsonld: 'JSON-LD',
  microdata: 'microdata',
  rdfa: 'RDFa',
};

/** An item as a machine reads it, in whichever syntax it stands. */
export interface ReadItem {
  readonly syntax: Syntax;
  /** Bare names for types of schema.org, whole addresses for others. */
  readonly types: readonly string[];
  readonly id: string | null;
  readonly properties: readonly ReadProperty[];
  /** What stands there with nothing behind it that can be read: null, an empty list, or what is broken. */
  readonly unsaid?: readonly Unsaid[];
  readonly place: Place;
  /** Where the types are written; the item's beginning where it has none. */
  readonly typePlace: Place;
}

/** A name that says nothing. */
export type Unsaid = Pick<ReadProperty, 'name' | 'place'>;

export interface ReadProperty {
  /** The bare name for properties of schema.org. */
  readonly name: string;
  readonly value: ReadValue;
  /** Where the name is written: the quoted name in JSON, the start tag in HTML. */
  readonly namePlace: Place;
  /** The property with its value in the source. */
  readonly place: Place;
}

/** A JSON value, the value of an attribute in these quotes ('' for none), or the text of an element. */
export type Holder = 'json' | 'attribute"' | "attribute'" | 'attribute' | 'text';

export type ReadValue =
  | {
      readonly kind: 'text';
      readonly text: string;
      /** How JSON wrote it; microdata has texts only. */
      readonly json: string | number | boolean | null;
      /** The value alone in the source: the JSON value, the value of the attribute, or what stands in the element. */
      readonly place: Place;
      /** What the value is written in, which says how another is written in its place. */
      readonly holder: Holder;
      /** Where an attribute holds the value: the text shown to visitors instead, undefined where none is. */
      readonly shown?: string;
      /** The node it names, where the context says that it names one. */
      readonly refers?: string;
      /** The language it is in (BCP 47), where the markup says so. */
      readonly language?: string;
      /** What it is a value of, where the markup says more than JSON does: a bare name for types of schema.org. */
      readonly datatype?: string;
      /** It stands in a list whose order means something (JSON-LD 1.1, 4.3.1). */
      readonly inList?: true;
    }
  | { readonly kind: 'item'; readonly item: ReadItem; readonly inList?: true };

/** The values of a property, in the order of the source. */
export function valuesOf(item: ReadItem, name: string): readonly ReadValue[] {
  const values: ReadValue[] = [];
  for (const property of item.properties) if (property.name === name) values.push(property.value);
  return values;
}

/** The first text of a property; '' where there is none. */
export function textOf(item: ReadItem, name: string): string {
  for (const property of item.properties)
    if (property.name === name && property.value.kind === 'text') return property.value.text;
  return '';
}

/** Where the first text of a property stands; where its name says nothing, or else the item, where there is none. */
export function placeOfText(item: ReadItem, name: string): Place {
  const [value] = valuesOf(item, name);
  if (value?.kind === 'text') return value.place;
  return item.unsaid?.find((one) => one.name === name)?.place ?? item.place;
}

/** The items that are values of a property. */
export function itemsOf(item: ReadItem, name: string): readonly ReadItem[] {
  const items: ReadItem[] = [];
  for (const property of item.properties)
    if (property.name === name && property.value.kind === 'item') items.push(property.value.item);
  return items;
}

/** The bare name of a schema.org term, whatever scheme, `www.` or `schema:` prefix it was written with. */
export const schemaName = (term: string): string => bareName(term.trim());

/** The same with the blanks round it, which are part of a name in JSON. */
export const bareName = (term: string): string =>
  term.replace(/^(?:https?:\/\/(?:www\.)?schema\.org\/|schema:)/, '');

/** An item and everything inside it as plain JSON: properties as arrays of texts and items. */
export interface PlainItem {
  readonly syntax: Syntax;
  readonly types: readonly string[];
  readonly id: string | null;
  readonly properties: Readonly<Record<string, readonly (string | number | boolean | null | PlainItem)[]>>;
  readonly place: Place;
}

export const plainItem = (item: ReadItem): PlainItem => plainItems([item])[0] ?? named(item);

/** More often than this an item that others refer to is not written out again, but named. */
const MOST_TIMES = 50;

/** The same of several, in which an item that many refer to is one object. */
export function plainItems(items: readonly ReadItem[]): readonly PlainItem[] {
  const known = new Map<ReadItem, { readonly plain: PlainItem; times: number }>();
  const write = (item: ReadItem): PlainItem => {
    const before = known.get(item);
    if (before) {
      before.times += 1;
      return before.times > MOST_TIMES ? named(item) : before.plain;
    }
    const properties = new Map<string, (string | number | boolean | null | PlainItem)[]>();
    for (const { name, value } of item.properties) {
      const list = properties.get(name) ?? [];
      list.push(value.kind === 'item' ? write(value.item) : value.json);
      properties.set(name, list);
    }
    const plain = { ...named(item), properties: Object.fromEntries(properties) };
    known.set(item, { plain, times: 1 });
    return plain;
  };
  return items.map(write);
}

/** An item by its name alone. */
const named = ({ syntax, types, id, place }: ReadItem): PlainItem => ({
  syntax,
  types,
  id,
  properties: {},
  place,
});

/** The texts of a property; of items their address, name or `@id`. */
export function textsOf(item: ReadItem, name: string): string[] {
  return valuesOf(item, name).flatMap((value) => {
    const text =
      value.kind === 'text'
        ? value.text.trim()
        : textOf(value.item, 'url') ||
          textOf(value.item, 'contentUrl') ||
          textOf(value.item, 'name') ||
          (value.item.id ?? '');
    return text ? [text] : [];
  });
}
