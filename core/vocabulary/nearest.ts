/**
 * The name that was most likely meant: the same letters in other capitals, or the fewest edits away
 * (Levenshtein distance), at most a third of the length. Undefined where nothing is near.
 */
export function nearestName(written: string, names: readonly string[]): string | undefined {
  if (written.length > 80) return undefined;
  const lower = written.toLowerCase();
  const letters = lettersOf(lower);
  let best: string | undefined;
  let fewest = Math.floor(Math.min(written.length, 40) / 3) + 1;
  for (const candidate of candidatesOf(names)) {
    if (abs(candidate.lower.length - lower.length) >= fewest) continue;
    if (candidate.lower === lower) return candidate.name;
    // Each letter that only one of them has costs an edit.
    if (bits(letters & ~candidate.letters) >= fewest || bits(candidate.letters & ~letters) >= fewest)
      continue;
    const distance = editDistance(lower, candidate.lower, fewest);
    if (distance < fewest) {
      fewest = distance;
      best = candidate.name;
    }
  }
  return best;
}

interface Candidate {
  readonly name: string;
  readonly lower: string;
  readonly letters: number;
}

const candidates = new WeakMap<readonly string[], readonly Candidate[]>();

/** A list of names made ready for comparing, once: many unknown terms of a page are looked for in the same list. */
function candidatesOf(names: readonly string[]): readonly Candidate[] {
  let ready = candidates.get(names);
  if (!ready) {
    ready = names.map((name) => {
      const lower = name.toLowerCase();
      return { name, lower, letters: lettersOf(lower) };
    });
    candidates.set(names, ready);
  }
  return ready;
}

/** The letters a to z that a lower-case text has, a bit each. */
function lettersOf(lower: string): number {
  let letters = 0;
  for (let at = 0; at < lower.length; at += 1) {
    const letter = lower.charCodeAt(at) - 97;
    if (letter >= 0 && letter < 26) letters |= 1 << letter;
  }
  return letters;
}

function bits(letters: number): number {
  let count = 0;
  for (let rest = letters; rest !== 0; rest &= rest - 1) count += 1;
  return count;
}

const { abs, min } = Math;

/** Levenshtein distance of two texts in UTF-16 code units; `limit` or more is answered with `limit`. */
export function editDistance(a: string, b: string, limit: number): number {
  if (abs(a.length - b.length) >= limit) return limit;
  let previous = Array.from({ length: b.length + 1 }, (_, column) => column);
  for (let row = 1; row <= a.length; row += 1) {
    const current = [row];
    let smallest = row;
    for (let column = 1; column <= b.length; column += 1) {
      const cost = min(
        (previous[column] ?? 0) + 1,
        (current[column - 1] ?? 0) + 1,
        (previous[column - 1] ?? 0) + (a[row - 1] === b[column - 1] ? 0 : 1),
      );
      current.push(cost);
      smallest = min(smallest, cost);
    }
    if (smallest >= limit) return limit;
    previous = current;
  }
  return previous[b.length] ?? limit;
}
