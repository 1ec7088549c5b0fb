import type { Place } from '#core/text';
import type { ReadItem, ReadProperty, ReadValue, Syntax } from './read.ts';
import type { MarkupItem, MarkupProperty, MarkupValue } from './written.ts';

/** A value of a property in the JSON that JSON-LD writes it as, under schema.org's own context. */
export type JsonValue = string | number | boolean | JsonItem;

/** An item so: `@type`, `@id`, and each property with its one value or a list of them; `@value` for a literal. */
export interface JsonItem {
  readonly [name: string]: JsonValue | readonly JsonValue[];
}

const isItem = (value: JsonValue): value is JsonItem => typeof value === 'object';

/** The values that stand under a name: one, several or none. */
export const jsonValues = (value: JsonValue | readonly JsonValue[] | undefined): readonly JsonValue[] =>
  value === undefined ? [] : isList(value) ? value : [value];

const isList = (value: JsonValue | readonly JsonValue[]): value is readonly JsonValue[] =>
  Array.isArray(value);

/** One value stands alone, several in a list. */
const together = (values: readonly JsonValue[]): JsonValue | readonly JsonValue[] =>
  values.length === 1 && values[0] !== undefined ? values[0] : values;

function jsonItem(
  types: readonly string[],
  id: string,
  properties: readonly (readonly [name: string, value: JsonValue])[],
): JsonItem {
  const found = new Map<string, JsonValue[]>();
  for (const [name, value] of properties) {
    const same = found.get(name);
    if (same) same.push(value);
    else found.set(name, [value]);
  }
  const item: Record<string, JsonValue | readonly JsonValue[]> = Object.create(null) as Record<string, never>;
  if (types.length > 0) item['@type'] = together(types);
  if (id) item['@id'] = id;
  for (const [name, values] of found) item[name] = together(values);
  return item;
}

/** A value of an item that is to be written. */
export function jsonOfMarkup(value: MarkupValue): JsonValue {
  if (value.kind === 'item') {
    const { types, id, properties } = value.item;
    return jsonItem(
      types,
      id,
      properties.flatMap(({ name, values }) => values.map((one) => [name, jsonOfMarkup(one)] as const)),
    );
  }
  if (value.kind === 'number') return Number(value.text);
  if (value.kind === 'boolean') return value.text === 'true';
  const { language, datatype } = value.kind === 'text' ? value : {};
  return literal(value.text, language, datatype);
}

function literal(value: string | number | boolean, language?: string, datatype?: string): JsonValue {
  if (datatype) return { '@type': datatype, '@value': value };
  return language ? { '@language': language, '@value': value } : value;
}

/** What items of a source say, as JSON: whatever stands elsewhere in the source by an `@id` is referred to. */
export class JsonOfSource {
  /** Items that have no `@id` but are led back to, which need one. */
  readonly #names = new Map<number, string>();
  readonly #open = new Set<number>();

  item({ types, id, properties, place }: ReadItem): JsonItem {
    this.#open.add(place.start);
    const said = properties
      .filter(({ value }) => !value.inList)
      .map((one) => [one.name, this.#value(one)] as const);
    const lists = new Map<string, JsonValue[]>();
    for (const one of properties)
      if (one.value.inList) lists.set(one.name, [...(lists.get(one.name) ?? []), this.#value(one)]);
    this.#open.delete(place.start);
    const name = id ?? this.#names.get(place.start) ?? '';
    return jsonItem(types, name, [
      ...said,
      ...[...lists].map(([list, values]) => [list, { '@list': values }] as const),
    ]);
  }

  #value({ value, place }: ReadProperty): JsonValue {
    if (value.kind === 'text') {
      if (value.refers !== undefined) return { '@id': value.refers };
      return literal(value.json ?? value.text, value.language, value.datatype);
    }
    const { item } = value;
    const isHere = item.place.start >= place.start && item.place.end <= place.end;
    if (isHere || !(item.id !== null || this.#open.has(item.place.start))) return this.item(item);
    return { '@id': item.id ?? this.#nameOf(item) };
  }

  #nameOf({ place }: ReadItem): string {
    const name = this.#names.get(place.start) ?? `_:item${String(this.#names.size + 1)}`;
    this.#names.set(place.start, name);
    return name;
  }
}

/** The value that JSON says, to be written again. */
function markupOfJson(value: JsonValue): MarkupValue {
  if (typeof value === 'number') return { kind: 'number', text: JSON.stringify(value) };
  if (typeof value === 'boolean') return { kind: 'boolean', text: String(value) };
  if (typeof value === 'string')
    return /^https?:\/\/\S+$/.test(value) ? { kind: 'link', text: value } : { kind: 'text', text: value };
  const [literalValue] = jsonValues(value['@value']);
  if (literalValue !== undefined && typeof literalValue !== 'object') {
    const [language, datatype] = ['@language', '@type'].map((name) => jsonValues(value[name])[0]);
    return {
      kind: 'text',
      text: String(literalValue),
      ...(typeof language === 'string' ? { language } : {}),
      ...(typeof datatype === 'string' ? { datatype } : {}),
    };
  }
  return { kind: 'item', item: markupItemOfJson(value) };
}

export function markupItemOfJson(item: JsonItem): MarkupItem {
  const properties = Object.entries(item)
    .filter(([name]) => name !== '@type' && name !== '@id')
    .flatMap(([name, json]): readonly MarkupProperty[] => {
      const values = jsonValues(json).filter((one) => !isListOf(one));
      const lists = jsonValues(json).filter(isListOf);
      const one = { name, facts: [], values: values.map(markupOfJson) };
      return [
        ...(values.length > 0 ? [one] : []),
        ...lists.map((list) => ({
          name,
          facts: [],
          values: jsonValues(list['@list']).map(markupOfJson),
          isList: true as const,
        })),
      ];
    });
  return { types: textsOfJson(item['@type']), id: textsOfJson(item['@id'])[0] ?? '', properties };
}

const isListOf = (value: JsonValue): value is JsonItem => isItem(value) && '@list' in value;

const textsOfJson = (value: JsonValue | readonly JsonValue[] | undefined): readonly string[] =>
  jsonValues(value).filter((one) => typeof one === 'string');

const NOWHERE: Place = { start: 0, end: 0, line: 1, column: 1 };

/** The nodes inside one that are named by an `@id` and say more than that. */
function nodesInside(node: JsonItem, depth = 0): readonly (readonly [id: string, node: JsonItem])[] {
  return Object.values(node).flatMap((values) =>
    jsonValues(values).flatMap((one) => {
      if (!isItem(one) || depth > DEEPEST) return [];
      const [id] = textsOfJson(one['@id']);
      const own = id !== undefined && Object.keys(one).length > 1 ? [[id, one] as const] : [];
      return [...own, ...nodesInside(one, depth + 1)];
    }),
  );
}
const DEEPEST = 8;

/**
 * The item that JSON says, as it would be read; what it refers to by `@id` is looked up in itself and among `others`.
 */
export function readOfJson(item: JsonItem, others: ReadonlyMap<string, JsonItem> = new Map()): ReadItem {
  const syntax: Syntax = 'jsonld';
  const known = new Map([...nodesInside(item), ...others]);
  const read = (node: JsonItem, depth: number): ReadItem => ({
    syntax,
    types: textsOfJson(node['@type']),
    id: textsOfJson(node['@id'])[0] ?? null,
    properties: Object.entries(node)
      .filter(([name]) => !name.startsWith('@'))
      .flatMap(([name, values]) =>
        jsonValues(values)
          .flatMap((one) => (isListOf(one) ? jsonValues(one['@list']) : [one]))
          .map((one): ReadProperty => ({
            name,
            value: valueOf(one, depth),
            namePlace: NOWHERE,
            place: NOWHERE,
          })),
      ),
    place: NOWHERE,
    typePlace: NOWHERE,
  });
  const valueOf = (value: JsonValue, depth: number): ReadValue => {
    if (isItem(value) && !('@value' in value)) {
      const id = textsOfJson(value['@id'])[0];
      const whole = id !== undefined && Object.keys(value).length === 1 ? known.get(id) : undefined;
      return { kind: 'item', item: read(depth < DEEPEST ? (whole ?? value) : value, depth + 1) };
    }
    const [literalValue] = isItem(value) ? jsonValues(value['@value']) : [value];
    const json = typeof literalValue === 'object' ? '' : (literalValue ?? '');
    return { kind: 'text', text: String(json), json, place: NOWHERE, holder: 'json' };
  };
  return read(item, 0);
}
