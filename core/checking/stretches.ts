import type { ReadItem } from '#core/item';
import type { Place } from '#core/text';

/** Offsets in a source, end exclusive. A page may have a finding and an item at every word, so all are looked up. */
export type Stretch = Pick<Place, 'start' | 'end'>;

export const holds = (outer: Stretch, { start, end }: Stretch): boolean =>
  outer.start <= start && end <= outer.end;

/** Tells whether a place stands where one of these begins. */
export function beginsAt(places: readonly Place[]): (place: Pick<Place, 'start'>) => boolean {
  const starts = new Set(places.map(({ start }) => start));
  return ({ start }) => starts.has(start);
}

/** How many of some ordered offsets are not behind an offset. */
function countUntil(offset: number, count: number, startOf: (at: number) => number): number {
  let [low, high] = [0, count];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (startOf(middle) <= offset) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Tells whether a place stands in one of these, which lie in each other or apart. */
export function standsIn(stretches: readonly Stretch[]): (place: Stretch) => boolean {
  const outermost: Stretch[] = [];
  for (const one of stretches.toSorted((a, b) => a.start - b.start || b.end - a.end)) {
    const last = outermost.at(-1);
    if (!last || !holds(last, one)) outermost.push(one);
  }
  return (place) => {
    const until = countUntil(place.start, outermost.length, (at) => outermost[at]?.start ?? Infinity);
    const nearest = outermost[until - 1];
    return nearest !== undefined && holds(nearest, place);
  };
}

/** Tells whether one of these, each no longer than a tag, begins in a stretch. */
export function holdsOne(places: readonly Place[]): (outer: Stretch) => boolean {
  const starts = places.map(({ start }) => start).sort((a, b) => a - b);
  return ({ start, end }) => {
    const until = countUntil(end, starts.length, (at) => starts[at] ?? Infinity);
    return (starts[until - 1] ?? -1) >= start;
  };
}

/** Tells the items that a place stands in, the smallest first; none in the further parts of a node that is spread. */
export function itemsAround(items: readonly ReadItem[]): (place: Stretch) => Generator<ReadItem> {
  const ordered = items.toSorted(({ place: a }, { place: b }) => a.start - b.start || b.end - a.end);
  const parents: number[] = [];
  const open: number[] = [];
  for (const [at, item] of ordered.entries()) {
    while (open.length > 0 && (ordered[open.at(-1) ?? 0]?.place.end ?? 0) < item.place.end) open.pop();
    parents.push(open.at(-1) ?? -1);
    open.push(at);
  }
  return function* around(place) {
    let at = countUntil(place.start, ordered.length, (one) => ordered[one]?.place.start ?? Infinity) - 1;
    for (let item = ordered[at]; item; item = ordered[at]) {
      if (holds(item.place, place)) yield item;
      at = parents[at] ?? -1;
    }
  };
}
