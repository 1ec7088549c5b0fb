import type { ReadItem } from './read.ts';

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
