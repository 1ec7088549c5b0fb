import { remembered } from '#core/text';
import type { ReadItem, ReadProperty } from './read.ts';

/**
 * Properties whose values are parts of what has them, wherever they stand: what publishes pages writes an address or a pin
 * as a node by itself, and names it by its `@id`.
 */
const OF_PARTS = new Set([
  'address',
  'aggregateRating',
  'amenityFeature',
  'contactPoint',
  'geo',
  'openingHoursSpecification',
  'priceSpecification',
  'reviewRating',
  'specialOpeningHoursSpecification',
]);

/** Where the items stand that are parts of others, by their starts. */
const partsAmong = remembered((items: readonly ReadItem[]): ReadonlySet<number> => {
  const tops = new Set(items.map(({ place }) => place.start));
  const [parts, seen] = [new Set<number>(), new Set<ReadItem>()];
  const open = [...items];
  for (let item = open.pop(); item; item = open.pop()) {
    if (seen.has(item)) continue;
    seen.add(item);
    for (const { name, value } of item.properties) {
      if (value.kind !== 'item') continue;
      const { start } = value.item.place;
      if (OF_PARTS.has(name) && tops.has(start) && start !== item.place.start) parts.add(start);
      open.push(value.item);
    }
  }
  return parts;
});

/**
 * Which items of a source were visited. One that stands at the top is visited there, with all that belongs to it, and
 * not where another refers to it, unless it is a part of that; any other once, wherever it is met first.
 */
export class Visited {
  /** Where to begin: at the top, with what is a part of another last, where nothing leads to it but itself. */
  readonly tops: readonly ReadItem[];
  readonly #own: ReadonlyMap<number, ReadItem>;
  readonly #seen = new Set<number>();

  constructor(items: readonly ReadItem[]) {
    const parts = partsAmong(items);
    const isPart = ({ place }: ReadItem): boolean => parts.has(place.start);
    const own = items.filter((item) => !isPart(item));
    this.tops = parts.size === 0 ? items : [...own, ...items.filter(isPart)];
    this.#own = new Map(own.map((item) => [item.place.start, item]));
  }

  /** Whether this is the visit of an item. */
  enters(item: ReadItem): boolean {
    const { start } = item.place;
    const top = this.#own.get(start);
    if ((top !== undefined && top !== item) || this.#seen.has(start)) return false;
    this.#seen.add(start);
    return true;
  }
}

/** An item, and the property whose value it is; undefined for one at the top. */
export interface Met {
  readonly item: ReadItem;
  readonly within: ReadProperty | undefined;
  /** The item that has the property. */
  readonly owner: ReadItem | undefined;
}

/** Every item of a source once, each before those inside it. */
export function eachItem(items: readonly ReadItem[]): readonly Met[] {
  const visited = new Visited(items);
  const met: Met[] = [];
  const visit = (item: ReadItem, within?: ReadProperty, owner?: ReadItem): void => {
    if (!visited.enters(item)) return;
    met.push({ item, within, owner });
    for (const property of item.properties)
      if (property.value.kind === 'item') visit(property.value.item, property, item);
  };
  for (const item of visited.tops) visit(item);
  return met;
}
