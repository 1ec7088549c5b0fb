import {
  jsonOfMarkup,
  jsonValues,
  markupItemOfJson,
  type JsonItem,
  type JsonValue,
  type MarkupItem,
  type MarkupProperty,
} from '#core/item';
import { knownFacts, type BusinessRecord } from '#core/record';
import { remembered } from '#core/text';
import { BESIDES, keptJson, keptText, wasJson, type Kept } from '#core/value';

/** A property as it came, and what the record said of it then. */
interface KeptProperty {
  readonly came: Values;
  readonly was: Values;
  /** What it is written as while the record says nothing of it. */
  readonly asItCame: readonly MarkupProperty[];
}

/** What a record keeps as it came: properties of its business by name, and nodes beside it. */
interface KeptItem {
  readonly properties: ReadonlyMap<string, KeptProperty>;
  readonly besides: readonly JsonItem[];
}

const isItem = (value: JsonValue | undefined): value is JsonItem => typeof value === 'object';

/** A record's list does not change with the record's other facts, so it is read once. */
const keptOf = remembered((kept: readonly Kept[]): KeptItem => {
  const properties = new Map<string, Pick<KeptProperty, 'came' | 'was'>>();
  const besides: JsonItem[] = [];
  for (const one of kept) {
    const [name, value] = [one.property.trim(), keptJson(one)];
    if (name === BESIDES) {
      if (isItem(value)) besides.push(value);
    } else if (name) {
      const { came, was } = properties.get(name) ?? { came: [], was: [] };
      properties.set(name, { came: value === '' ? came : [...came, value], was: [...was, ...wasJson(one)] });
    }
  }
  return {
    properties: new Map(
      [...properties].map(([name, one]) => [
        name,
        { ...one, asItCame: name.startsWith('@') ? [] : asItCame(name, one.came, ['kept']) },
      ]),
    ),
    besides,
  };
});

/** Values as they came, as properties of an item. */
function asItCame(name: string, values: Values, facts: readonly string[]): readonly MarkupProperty[] {
  return markupItemOfJson({ [name]: values }).properties.map((one) => ({ ...one, facts, asItCame: true }));
}

/** The nodes that a record keeps beside its business. */
export const besidesOf = ({ kept }: BusinessRecord): readonly MarkupItem[] =>
  keptOf(kept).besides.map(markupItemOfJson);

/** The same by their `@id`, for what refers to them. */
export const keptNodes = ({ kept }: BusinessRecord): ReadonlyMap<string, JsonItem> =>
  new Map(
    keptOf(kept).besides.flatMap((node) => {
      const [id] = jsonValues(node['@id']);
      return typeof id === 'string' ? [[id, node] as const] : [];
    }),
  );

/** The names of the properties that a record keeps as they came. */
export const keptNames = ({ kept }: BusinessRecord): ReadonlySet<string> =>
  new Set(keptOf(kept).properties.keys());

const key = (value: JsonValue): string => (isItem(value) ? keyOfItem(value) : JSON.stringify(value));

/** What an item says, whatever the order in which it says it. */
function keyOfItem(item: JsonItem): string {
  return Object.keys(item)
    .sort()
    .map((name) => {
      const keys = jsonValues(item[name]).map(key);
      return `${JSON.stringify(name)}:[${(name === '@list' ? keys : keys.sort()).join()}]`;
    })
    .join();
}

type Values = readonly JsonValue[];

const same = (one: Values, other: Values): boolean =>
  one.length === other.length &&
  one
    .map(key)
    .sort()
    .every((text, at) => text === other.map(key).sort()[at]);

/**
 * What a property says once the record was changed: `base` is what the record said of the values when they came,
 * `ours` what it says now, `came` the values themselves. What the record did not change stays as it came.
 */
function mergedValues(base: Values, ours: Values, came: Values): Values {
  if (same(base, ours)) return came;
  if (same(base, came)) return ours;
  if (base.length === came.length) {
    const unchanged = new Map(base.map((value, at) => [key(value), came[at]]));
    return ours.map((value, at) => {
      const kept = unchanged.get(key(value));
      if (kept !== undefined) return kept;
      const [before, then] = [base[at], came[at]];
      return isItem(value) && isItem(before) && isItem(then) ? mergedItem(before, value, then) : value;
    });
  }
  // A fact with one value is the first of several; what followed it goes on following it.
  if (base.length === 1 && came.length > 1 && !came.some(isItem)) return [...ours, ...came.slice(1)];
  const told = new Set(base.map(key));
  const more = came.filter((value) => !told.has(key(value)));
  return more.length === came.length - base.length ? [...ours, ...more] : ours;
}

function mergedItem(base: JsonItem, ours: JsonItem, came: JsonItem): JsonItem {
  const names = new Set([...Object.keys(came), ...Object.keys(ours)]);
  return Object.fromEntries(
    [...names].flatMap((name): [string, JsonValue | Values][] => {
      const [b, o, c] = [base, ours, came].map((item) => jsonValues(item[name]));
      const [only, ...others] = mergedValues(b ?? [], o ?? [], c ?? []);
      return only === undefined ? [] : [[name, others.length === 0 ? only : [only, ...others]]];
    }),
  );
}

type ByName = ReadonlyMap<string, readonly MarkupProperty[]>;

const byName = (
  properties: readonly MarkupProperty[],
  isWanted: (name: string) => boolean = () => true,
): ByName => {
  const found = new Map<string, MarkupProperty[]>();
  for (const one of properties) {
    if (!isWanted(one.name)) continue;
    const same = found.get(one.name);
    if (same) same.push(one);
    else found.set(one.name, [one]);
  }
  return found;
};

/** An item's property as values of JSON. */
const valuesOf = (
  { types, id }: Pick<MarkupItem, 'types' | 'id'>,
  properties: ByName,
  name: string,
): Values =>
  name === '@type'
    ? types
    : name === '@id'
      ? [id].filter(Boolean)
      : (properties.get(name) ?? []).flatMap(({ values }) => values.map((value) => jsonOfMarkup(value)));

/** The property that a record writes, for those that say the same under another name. */
const spokenFor: ReadonlyMap<string, string> = new Map(
  knownFacts.flatMap(({ property, alsoRead = [] }) => alsoRead.map((name) => [name, property] as const)),
);

const speaking: ReadonlySet<string> = new Set(spokenFor.values());

/**
 * The item with what its record keeps as it came: properties that the record has no fact for, and those it would say
 * otherwise, as long as it still would say the same. What was changed since is written as the record says it.
 */
export function withKept(item: MarkupItem, { kept }: BusinessRecord): MarkupItem {
  if (kept.length === 0) return item;
  const { properties: came } = keptOf(kept);
  const properties = byName(item.properties, (name) => came.has(name) || speaking.has(name));
  const own = (name: string): Values => valuesOf(item, properties, name);
  const isUnchanged = (name: string): boolean => {
    const known = came.get(name);
    return known === undefined || same(known.was, own(name));
  };
  let { types, id } = item;
  const written = new Map<string, readonly MarkupProperty[]>();
  for (const [name, one] of came) {
    const before = properties.get(name);
    const spoken = spokenFor.get(name);
    if (!before && spoken === undefined && one.was.length === 0 && !name.startsWith('@')) {
      written.set(name, one.asItCame);
      continue;
    }
    const values =
      spoken !== undefined && !isUnchanged(spoken) ? own(name) : mergedValues(one.was, own(name), one.came);
    if (name === '@type') types = values.filter((value) => typeof value === 'string');
    else if (name === '@id') id = values.filter((value) => typeof value === 'string')[0] ?? '';
    if (name.startsWith('@')) continue;
    const facts = new Set((before ?? []).flatMap((each) => each.facts));
    written.set(name, asItCame(name, values, [...facts, 'kept']));
  }
  // In its own place where the record says it too, else behind.
  const said: MarkupProperty[] = [];
  for (const each of item.properties) {
    const instead = written.get(each.name);
    if (!instead) said.push(each);
    else if (properties.get(each.name)?.[0] === each) said.push(...instead);
  }
  for (const [name, instead] of written) if (!properties.has(name)) said.push(...instead);
  return { types, id, properties: said };
}

/**
 * What of an item its record would say otherwise, or not at all. `said` is what the record says of itself, and `read`
 * what is read of that in the item's own syntax, where that is another (elements have texts only).
 */
export function keptOfItem(came: JsonItem, said: MarkupItem, read?: JsonItem): readonly Kept[] {
  const names = new Set([...Object.keys(came), '@type', '@id', ...said.properties.map(({ name }) => name)]);
  const properties = byName(said.properties);
  const differing = [...names].filter(
    (name) => !same(read ? jsonValues(read[name]) : valuesOf(said, properties, name), jsonValues(came[name])),
  );
  // What is said under another name stays only with what the record says under its own.
  const spoken = differing.flatMap((name) => spokenFor.get(name) ?? []);
  return [...new Set([...differing, ...spoken])].flatMap((name) => {
    const own = valuesOf(said, properties, name);
    const was = own.length > 0 ? JSON.stringify(own) : '';
    const values = jsonValues(came[name]);
    if (values.length === 0) return own.length > 0 ? [{ property: name, value: '', was }] : [];
    return values.map((value, at) => ({
      property: name,
      value: keptText(name, value),
      was: at === 0 ? was : '',
    }));
  });
}
