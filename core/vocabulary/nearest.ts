/**
 * The name that was most likely meant: the same letters in other capitals, or the fewest edits away
 * (Levenshtein distance), at most a third of the length. Undefined where nothing is near.
 */
export function nearestName(written: string, names: readonly string[]): string | undefined {
  const lower = written.toLowerCase();
  let best: string | undefined;
  let fewest = Math.floor(Math.min(written.length, 40) / 3) + 1;
  if (written.length > 80) return undefined;
  for (const name of names) {
    if (Math.abs(name.length - written.length) >= fewest) continue;
    const candidate = name.toLowerCase();
    if (candidate === lower) return name;
    const distance = editDistance(lower, candidate, fewest);
    if (distance < fewest) {
      fewest = distance;
      best = name;
    }
  }
  return best;
}

/** Levenshtein distance of two texts in UTF-16 code units; `limit` or more is answered with `limit`. */
function editDistance(a: string, b: string, limit: number): number {
  let previous = Array.from({ length: b.length + 1 }, (_, column) => column);
  for (let row = 1; row <= a.length; row += 1) {
    const current = [row];
    let smallest = row;
    for (let column = 1; column <= b.length; column += 1) {
      const cost = Math.min(
        (previous[column] ?? 0) + 1,
        (current[column - 1] ?? 0) + 1,
        (previous[column - 1] ?? 0) + (a[row - 1] === b[column - 1] ? 0 : 1),
      );
      current.push(cost);
      smallest = Math.min(smallest, cost);
    }
    if (smallest >= limit) return limit;
    previous = current;
  }
  return previous[b.length] ?? limit;
}
