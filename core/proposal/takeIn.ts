import { eachItem, JsonOfSource, jsonValues, type JsonItem, type JsonValue, type ReadItem } from '#core/item';
import { businessItem, keptOfItem, writeMarkup } from '#core/markup';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { BESIDES, keptText, withinBounds, type Kept } from '#core/value';

/** A record taken in from markup, and what of the markup it cannot carry. */
export interface TakenIn {
  readonly record: BusinessRecord;
  /** Names of properties that are beyond the bounds of a record. */
  readonly beyond: readonly string[];
}

/**
 * The record of an item with all that the item says: what the facts would say otherwise, or not at all, is kept as it
 * came. The other items of its source that stand at the top are kept beside it, where `items` names them.
 */
export function takeIn(item: ReadItem, items: readonly ReadItem[] = []): TakenIn {
  const source = new JsonOfSource();
  const came = source.item(item);
  const others = items.filter((one) => one !== item && one.place.start !== item.place.start);
  const besides = others.map((one) => source.item(one));
  const record = recordFromItem(item);
  const kept: readonly Kept[] = [
    ...keptOfItem(
      came,
      businessItem(record),
      item.syntax === 'jsonld' ? undefined : readAgain(record, item.syntax),
    ),
    ...besides.map((node) => ({ property: BESIDES, value: keptText(BESIDES, node), was: '' })),
  ];
  const { kept: within, beyond } = withinBounds(kept);
  return { record: { ...record, kept: within }, beyond };
}

/** A business taken in, and what stands beside it in its source and is its own. */
export interface TakenBusiness extends TakenIn {
  readonly business: ReadItem;
  readonly besides: readonly ReadItem[];
}

/**
 * The records of all businesses of one source. The only one has all that stands beside it. Of several each has what it
 * refers to and what refers to it, but for what leads to another of them as well (an organisation that lists its
 * branches): that is nobody's alone.
 */
export function takeInEach(
  businesses: readonly ReadItem[],
  items: readonly ReadItem[],
): readonly TakenBusiness[] {
  if (businesses.length === 1)
    return businesses.map((business) => {
      const besides = items.filter((item) => startOf(item) !== startOf(business));
      return { ...takeIn(business, besides), business, besides };
    });
  // What stands elsewhere is read anew wherever it is referred to: where it stands tells which it is.
  const ends = new Set(businesses.map(startOf));
  const tops = new Map(items.filter((item) => !ends.has(startOf(item))).map((item) => [startOf(item), item]));
  const endsOf = new Map([...tops].map(([start, item]) => [start, endsReached(item, ends)]));
  const leadingTo = new Map<number, ReadItem[]>();
  for (const [start, [end, another]] of endsOf) {
    const item = tops.get(start);
    if (item && end !== undefined && another === undefined)
      leadingTo.set(end, [...(leadingTo.get(end) ?? []), item]);
  }
  return businesses.map((business) => {
    const isOwn = (start: number): boolean =>
      (endsOf.get(start) ?? []).every((end) => end === startOf(business));
    const own = new Set<number>();
    for (const from of [business, ...(leadingTo.get(startOf(business)) ?? [])])
      walk(from, (start) => {
        if (ends.has(start) || !isOwn(start)) return start === startOf(business) && from === business;
        own.add(start);
        return true;
      });
    const besides = [...own].sort((one, other) => one - other).flatMap((start) => tops.get(start) ?? []);
    return { ...takeIn(business, besides), business, besides };
  });
}

const startOf = ({ place }: ReadItem): number => place.start;

/** The first two of `ends` that an item leads to: more than one is all that matters. */
function endsReached(item: ReadItem, ends: ReadonlySet<number>): readonly number[] {
  const found = new Set<number>();
  walk(item, (start) => {
    if (ends.has(start)) found.add(start);
    return found.size < 2 && !ends.has(start);
  });
  return [...found];
}

/** Goes from an item to all that it leads to, each once, and on from where `visit` says so. */
function walk(item: ReadItem, visit: (start: number) => boolean): void {
  const seen = new Set([startOf(item)]);
  const open = visit(startOf(item)) ? [item] : [];
  for (let one = open.pop(); one; one = open.pop())
    for (const { value } of one.properties) {
      if (value.kind !== 'item' || seen.has(startOf(value.item))) continue;
      seen.add(startOf(value.item));
      if (visit(startOf(value.item))) open.push(value.item);
    }
}

/** What is read of a record's own markup in elements. */
function readAgain(record: BusinessRecord, form: 'microdata' | 'rdfa'): JsonItem | undefined {
  const [business] = businessesIn(readSource(writeMarkup(record, form).text).items);
  return business && new JsonOfSource().item(business);
}

/**
 * Names of the properties of an item, and of what stands beside it, that markup made of its record does not say, or
 * says otherwise: microdata has no languages, and a form can leave facts out. Texts are compared, since HTML has
 * nothing else.
 */
export function lostIn(item: ReadItem, items: readonly ReadItem[], markup: string): readonly string[] {
  const out = readSource(markup).items;
  const [business] = businessesIn(out);
  // RDFa says languages too, which our reader leaves aside: most pages give one to all of their texts.
  const hasLanguages = business?.syntax !== 'rdfa';
  const said = (one: ReadItem | undefined): ReadonlyMap<string, string> =>
    one ? saidBy(one, hasLanguages) : new Map();
  const [came, went] = [said(item), said(business)];
  const lost = [...came].filter(([name, text]) => went.get(name) !== text).map(([name]) => name);
  const whole = (one: ReadItem): string => [...said(one)].join('\n');
  const besides = new Set(eachItem(out).map(({ item: one }) => whole(one)));
  const nodes = items
    .filter((one) => one !== item && one.place.start !== item.place.start)
    .filter((one) => !besides.has(whole(one)));
  return [...lost, ...nodes.map(({ id, types }) => id ?? types.join(' '))];
}

/** What is said under each name, in a text that does not depend on order. */
function saidBy(item: ReadItem, hasLanguages: boolean): ReadonlyMap<string, string> {
  const json = new JsonOfSource().item(item);
  return new Map(
    Object.keys(json)
      .sort()
      .map((name) => [name, textOf(json[name], hasLanguages)]),
  );
}

function textOf(values: JsonItem[string] | undefined, hasLanguages: boolean): string {
  const text = (value: JsonValue): string => {
    if (typeof value !== 'object') return JSON.stringify(String(value));
    const names = Object.keys(value).sort();
    // A reference is its address, which is all that elements can say of it.
    if (names.join() === '@id') return textOf(value['@id'], hasLanguages);
    if (!hasLanguages && '@language' in value) return textOf(value['@value'], hasLanguages);
    return `{${names.map((name) => `${name}:${textOf(value[name], hasLanguages)}`).join()}}`;
  };
  return jsonValues(values).map(text).sort().join();
}
