import { schemaName, type ReadItem } from '#core/item';

/** What is said, each as subject, property and value; a node without an address goes by what it says. */
export type Said = readonly string[];

/** What items say, in the order of the alphabet; what nothing is said of is left out. */
export function saidOf(items: readonly ReadItem[]): Said {
  const lines = new Set<string>();
  const subject = (item: ReadItem, depth = 0): string => {
    const id = item.id === null ? '_:' : schemaName(item.id);
    if (item.properties.length === 0 && item.id !== null && item.types.length === 0) return id;
    const own = [
      ...item.types.map((type) => `type ${type}`),
      ...item.properties.map(({ name, value }) =>
        value.kind === 'item'
          ? `${name} ${depth > 6 ? '' : held(value.item, depth + 1)}`
          : `${name} ${value.refers ?? (typeof value.json === 'number' ? String(value.json) : value.text)}`,
      ),
    ];
    if (id.startsWith('_:')) return `[${[...new Set(own)].sort().join('; ')}]`;
    for (const line of own) lines.add(`${id} ${line}`);
    return id;
  };
  const inner = new Set<number>();
  const held = (item: ReadItem, depth: number): string => {
    inner.add(item.place.start);
    return subject(item, depth);
  };
  const named = items.map((item) => [item, subject(item)] as const);
  for (const [{ id, place }, name] of named)
    if ((id === null || id.startsWith('_:')) && !inner.has(place.start)) lines.add(name);
  return [...lines].filter((line) => line !== '[]').sort();
}
