import type { ReadItem, ReadProperty } from './read.ts';

/**
 * Which items of a source were visited. One that stands at the top is visited there, with all that belongs to it, and
 * not where another refers to it; any other once, wherever it is met first.
 */
export class Visited {
  readonly #tops: ReadonlyMap<number, ReadItem>;
  readonly #seen = new Set<number>();

  constructor(items: readonly ReadItem[]) {
    this.#tops = new Map(items.map((item) => [item.place.start, item]));
  }

  /** Whether this is the visit of an item. */
  enters(item: ReadItem): boolean {
    const { start } = item.place;
    const top = this.#tops.get(start);
    if ((top !== undefined && top !== item) || this.#seen.has(start)) return false;
    this.#seen.add(start);
    return true;
  }
}

/** An item, and the property whose value it is; undefined for one at the top. */
interface Met {
  readonly item: ReadItem;
  readonly within: ReadProperty | undefined;
}

/** Every item of a source once, each before those inside it. */
export function eachItem(items: readonly ReadItem[]): readonly Met[] {
  const visited = new Visited(items);
  const met: Met[] = [];
  const visit = (item: ReadItem, within: ReadProperty | undefined): void => {
    if (!visited.enters(item)) return;
    met.push({ item, within });
    for (const property of item.properties)
      if (property.value.kind === 'item') visit(property.value.item, property);
  };
  for (const item of items) visit(item, undefined);
  return met;
}
