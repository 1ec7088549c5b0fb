import { editDistance } from '#core/vocabulary';
import type { PageWords, Span } from './pageText.ts';

/** Shorter words are others a letter apart. */
const SHORTEST_WORD = 5;
/** The words beside it have so many letters together, or a number is among them. */
const FEWEST_BESIDE = 4;
/** A word that ends otherwise is another form of it: a case, a plural. */
const SAME_END = 2;
/** In longer words two letters may be wrong. */
const LONG_WORD = 8;
/** A word that a page has everywhere is looked at so often. */
const MOST_PLACES = 50;

/** Words that stand side by side, folded as a page's are. */
export interface Misspelt {
  readonly before?: readonly string[];
  /** Of these one may be misspelt. */
  readonly wanted: readonly string[];
  readonly behind?: readonly string[];
  /** The last letters of the misspelt word that are right. */
  readonly sameEnd?: number;
}

/**
 * Where a page shows the words of a name, a street or a town with one of them misspelt: "Bellorck Dental" for "Bellrock
 * Dental", "10115 Belrin" for "Berlin" behind its code.
 */
export function findMisspelt(
  page: PageWords,
  { before = [], wanted, behind = [], sameEnd = SAME_END }: Misspelt,
): Span | undefined {
  const all = [...before, ...wanted, ...behind];
  for (let nth = before.length; nth < before.length + wanted.length; nth += 1) {
    const word = all[nth] ?? '';
    const beside = all.filter((_, at) => at !== nth);
    const isTold = beside.join('').length >= FEWEST_BESIDE || beside.some((one) => /\d/.test(one));
    if (word.length < SHORTEST_WORD || !isTold || !beside.every(page.has)) continue;
    const anchor = all.findIndex((_, at) => at !== nth);
    for (const place of page.placesOf(all[anchor] ?? '').slice(0, MOST_PLACES)) {
      const start = place - anchor;
      const isThere = all.every((one, at) => at === nth || page.folded[start + at] === one);
      if (!isThere || !isSlipOf(page.folded[start + nth] ?? '', word, sameEnd)) continue;
      const first = start + before.length;
      return { start: page.starts[first] ?? 0, end: page.ends[first + wanted.length - 1] ?? 0 };
    }
  }
  return undefined;
}

/** Whether a word is another with a letter wrong, too many, left out or exchanged with the next, but not in its last ones. */
function isSlipOf(shown: string, word: string, sameEnd: number): boolean {
  const most = word.length < LONG_WORD ? 1 : 2;
  if (shown === word || !shown.endsWith(word.slice(word.length - sameEnd)) || /\d/.test(shown)) return false;
  return editDistance(shown, word, most + 1) <= most;
}
