import type { ReadItem, ReadProperty, ReadValue } from '#core/item';

/** More parts of one node than this are left apart: nobody spreads a node so far, and each is held against all. */
const MOST_PARTS = 50;

/**
 * The items with every node in one piece (JSON-LD 1.1 API, 7.2 Node Map Generation): objects of one `@id`, at the
 * top or inside others, are one node, and what is nothing but a reference becomes the node that is described
 * elsewhere on the page. Objects that contradict each other stay apart, so that the contradiction can be told.
 */
export function joinNodes(items: readonly ReadItem[]): readonly ReadItem[] {
  const wholes = wholesOf(items);
  if (wholes.size === 0) return items;
  const described = new Map<string, ReadItem>();
  for (const whole of wholes.values())
    if (whole.id !== null && !described.has(whole.id)) described.set(whole.id, whole);
  const follow = (item: ReadItem, depth: number, lead: (whole: ReadItem) => ReadItem): ReadItem => ({
    ...item,
    properties: item.properties.map((property) => {
      const value = followed(property.value, depth, lead);
      return value === property.value ? property : { ...property, value };
    }),
  });
  const followed = (value: ReadValue, depth: number, lead: (whole: ReadItem) => ReadItem): ReadValue => {
    if (value.kind === 'text') {
      const referred = value.refers === undefined ? undefined : described.get(value.refers);
      return referred ? { kind: 'item', item: lead(referred) } : value;
    }
    const { item } = value;
    const isReference = item.id !== null && item.properties.length === 0;
    const whole = isReference ? described.get(item.id) : wholes.get(item);
    if (whole && whole !== item) return { kind: 'item', item: lead(whole) };
    return isReference || depth > MOST_DEEP ? value : { kind: 'item', item: follow(item, depth + 1, lead) };
  };
  // A reference leads to a node with the nodes that it refers to itself, and no further, so that nodes may refer to
  // each other: the publisher of a site has its address, and is one object wherever it is referred to.
  const referred = new Map<ReadItem, ReadItem>();
  const led = (whole: ReadItem): ReadItem => {
    const known = referred.get(whole) ?? follow(whole, 0, (inner) => inner);
    referred.set(whole, known);
    return known;
  };
  const told = new Set<ReadItem>();
  return items.flatMap((item) => {
    const whole = wholes.get(item) ?? item;
    if (told.has(whole)) return [];
    told.add(whole);
    return [follow(whole, 0, led)];
  });
}

const MOST_DEEP = 50;

/** For each object with an `@id` and something to say the node that it is a part of. */
function wholesOf(items: readonly ReadItem[]): ReadonlyMap<ReadItem, ReadItem> {
  const parts = new Map<string, ReadItem[]>();
  const seen = new Set<ReadItem>();
  const collect = (item: ReadItem): void => {
    if (seen.has(item)) return;
    seen.add(item);
    if (item.id !== null && item.properties.length > 0) {
      const known = parts.get(item.id);
      if (known) known.push(item);
      else parts.set(item.id, [item]);
    }
    for (const { value } of item.properties) if (value.kind === 'item') collect(value.item);
  };
  for (const item of items) collect(item);
  const wholes = new Map<ReadItem, ReadItem>();
  for (const all of parts.values()) {
    const [first, ...others] = all;
    if (!first) continue;
    let whole = first;
    const joined = [first];
    for (const other of others.slice(0, MOST_PARTS)) {
      if (first.syntax !== 'jsonld' || other.syntax !== 'jsonld' || contradicts(whole, other)) continue;
      whole = join(whole, other);
      joined.push(other);
    }
    for (const part of joined) wholes.set(part, whole);
  }
  return wholes;
}

function join(first: ReadItem, other: ReadItem): ReadItem {
  const known = new Set(first.properties.map(said));
  const properties = [...first.properties, ...other.properties.filter((one) => !known.has(said(one)))];
  const unsaid = [...(first.unsaid ?? []), ...(other.unsaid ?? [])];
  const types = [...new Set([...first.types, ...other.types])];
  return { ...first, types, properties, ...(unsaid.length > 0 ? { unsaid } : {}) };
}

/** A property with its value, as far as two can be told to be the same. */
const said = ({ name, value }: ReadProperty): string =>
  value.kind === 'text' ? `${name} ${value.text}` : `${name} ${saidOfItem(value.item)}`;

const saidOfItem = ({ id, types, properties }: ReadItem, depth = 0): string =>
  id ??
  `${types.join()}{${depth > 3 ? '' : properties.map((one) => `${one.name} ${one.value.kind === 'text' ? one.value.text : saidOfItem(one.value.item, depth + 1)}`).join()}}`;

/** Whether two objects give one property different values: both together would say something neither says. */
const contradicts = (one: ReadItem, other: ReadItem): boolean =>
  other.properties.some(
    (property) =>
      one.properties.some(({ name }) => name === property.name) &&
      !one.properties.some((known) => said(known) === said(property)),
  );
