/**
 * The name that was most likely meant: the same letters in other capitals, or the fewest edits away
 * (Levenshtein distance), at most a third of the length. Undefined where nothing is near.
 */
export function nearestName(written: string, names: readonly string[]): string | undefined {
  if (written.length > 80) return undefined;
  const { candidates, answers } = listed(names);
  const known = answers.get(written);
  if (known) return known.name;
  const name = nearestOf(written, candidates);
  if (answers.size >= MOST_ANSWERS) answers.clear();
  answers.set(written, { name });
  return name;
}

function nearestOf(written: string, candidates: readonly Candidate[]): string | undefined {
  const lower = written.toLowerCase();
  const letters = lettersOf(lower);
  let best: string | undefined;
  let fewest = Math.floor(Math.min(written.length, 40) / 3) + 1;
  for (const candidate of candidates) {
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

/** Names to look among, and what was found for texts before: an unknown term stands on a page many times. */
interface Listed {
  readonly candidates: readonly Candidate[];
  readonly answers: Map<string, { readonly name: string | undefined }>;
}
const MOST_ANSWERS = 1000;

const lists = new WeakMap<readonly string[], Listed>();

/** A list of names made ready for comparing, once. */
function listed(names: readonly string[]): Listed {
  let ready = lists.get(names);
  if (!ready) {
    const candidates = names.map((name) => {
      const lower = name.toLowerCase();
      return { name, lower, letters: lettersOf(lower) };
    });
    lists.set(names, (ready = { candidates, answers: new Map() }));
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

/** Three rows of distances, used again for each pair of texts. */
let [before, above, here] = [new Uint32Array(128), new Uint32Array(128), new Uint32Array(128)];

/**
 * How many letters of a text are changed, added, left out or exchanged with their neighbour in the other (optimal string
 * alignment), in UTF-16 code units; `limit` or more is answered with `limit`.
 */
export function editDistance(a: string, b: string, limit: number): number {
  if (abs(a.length - b.length) >= limit) return limit;
  if (b.length >= above.length) {
    before = new Uint32Array(b.length * 2);
    above = new Uint32Array(b.length * 2);
    here = new Uint32Array(b.length * 2);
  }
  for (let column = 0; column <= b.length; column += 1) above[column] = column;
  for (let row = 1; row <= a.length; row += 1) {
    const [unit, last] = [a.charCodeAt(row - 1), row > 1 ? a.charCodeAt(row - 2) : -1];
    let [left, smallest, across] = [row, row, row - 1];
    here[0] = row;
    for (let column = 1; column <= b.length; column += 1) {
      const up = above[column] ?? 0;
      const changed = across + (unit === b.charCodeAt(column - 1) ? 0 : 1);
      left = min(up + 1, left + 1, changed);
      if (column > 1 && last === b.charCodeAt(column - 1) && unit === b.charCodeAt(column - 2))
        left = min(left, (before[column - 2] ?? 0) + 1);
      here[column] = left;
      if (left < smallest) smallest = left;
      across = up;
    }
    if (smallest >= limit) return limit;
    [before, above, here] = [above, here, before];
  }
  return above[b.length] ?? limit;
}
