/** Things by what they have in common, each group in the order of the things. */
export function groupedBy<T, K>(things: Iterable<T>, keyOf: (thing: T) => K): ReadonlyMap<K, readonly T[]> {
  const groups = new Map<K, T[]>();
  for (const thing of things) {
    const group = groups.get(keyOf(thing));
    if (group) group.push(thing);
    else groups.set(keyOf(thing), [thing]);
  }
  return groups;
}
