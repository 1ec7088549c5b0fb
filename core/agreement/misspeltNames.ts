import { editDistance } from '#core/vocabulary';
import type { PageWords, Span } from './pageText.ts';

/** Shorter words are others a letter apart. */
const SHORTEST_WORD = 5;
/** The words beside it have so many letters together. */
const FEWEST_BESIDE = 4;
/** A word that ends otherwise is another form of it: a case, a plural. */
const SAME_END = 2;
/** In longer words two letters may be wrong. */
const LONG_WORD = 8;
/** A word that a page has everywhere is looked at so often. */
const MOST_PLACES = 50;

/**
 * Where a page shows the words of a name with one of them misspelt: "Bellrokc Dental" for "Bellrock Dental". `wanted` are
 * folded, as the page's are.
 */
export function findMisspelt(page: PageWords, wanted: readonly string[]): Span | undefined {
  for (const [nth, word] of wanted.entries()) {
    const beside = wanted.filter((_, at) => at !== nth);
    if (word.length < SHORTEST_WORD || beside.join('').length < FEWEST_BESIDE || !beside.every(page.has))
      continue;
    const anchor = wanted.findIndex((_, at) => at !== nth);
    for (const place of page.placesOf(wanted[anchor] ?? '').slice(0, MOST_PLACES)) {
      const start = place - anchor;
      const isThere = wanted.every((one, at) => at === nth || page.folded[start + at] === one);
      if (isThere && isSlipOf(page.folded[start + nth] ?? '', word))
        return { start: page.starts[start] ?? 0, end: page.ends[start + wanted.length - 1] ?? 0 };
    }
  }
  return undefined;
}

/** Whether a word is another with a letter wrong, too many, left out or exchanged with the next, but not at its end. */
function isSlipOf(shown: string, word: string): boolean {
  const most = word.length < LONG_WORD ? 1 : 2;
  if (shown === word || !shown.endsWith(word.slice(-SAME_END)) || /\d/.test(shown)) return false;
  return editDistance(shown, word, most + 1) <= most;
}
