import { fold } from '#core/text';
import { editDistance } from '#core/vocabulary';
import type { PageWords, Span } from './pageText.ts';

/** In shorter words only two letters that have changed places are a slip. */
const SHORTEST_WORD = 5;
/** And in such, where a number and a longer word stand beside them. */
const SHORTEST_EXCHANGED = 4;
const SHORTEST_BESIDE_OTHERS = 3;
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
  /** The same as they are spelt, where folding makes other words of them: "avenida" is "avenue". */
  readonly spelt?: readonly string[];
  readonly behind?: readonly string[];
  /** The last letters of the misspelt word that are right. */
  readonly sameEnd?: number;
}

/**
 * Where a page shows the words of a name, a street or a town with one of them misspelt: "Bellorck Dental" for "Bellrock
 * Dental", "10115 Belrin" for "Berlin" behind its code.
 */
export function findMisspelt(
  text: string,
  page: PageWords,
  { before = [], wanted, spelt = wanted, behind = [], sameEnd = SAME_END }: Misspelt,
): Span | undefined {
  const all = [...before, ...wanted, ...behind];
  for (let nth = before.length; nth < before.length + wanted.length; nth += 1) {
    const word = spelt[nth - before.length] ?? '';
    const beside = all.filter((_, at) => at !== nth);
    const isTold = beside.join('').length >= FEWEST_BESIDE || beside.some((one) => /\d/.test(one));
    const isSure =
      beside.some((one) => /\d/.test(one)) && beside.some(({ length }) => length >= SHORTEST_WORD);
    const shortest = isSure ? SHORTEST_BESIDE_OTHERS : SHORTEST_EXCHANGED;
    if (word.length < shortest || !isTold || !beside.every(page.has)) continue;
    const anchor = all.findIndex((_, at) => at !== nth);
    for (const place of page.placesOf(all[anchor] ?? '').slice(0, MOST_PLACES)) {
      const start = place - anchor;
      const isThere = all.every((one, at) => at === nth || page.folded[start + at] === one);
      const shown = page.folded[start + nth] ?? '';
      if (!isThere || shown === all[nth]) continue;
      const inFull = fold(text.slice(page.starts[start + nth], page.ends[start + nth]));
      const isSlip = (one: string): boolean =>
        one !== '' && [shown, inFull].some((by) => isSlipOf(by, one, sameEnd));
      if (!isSlip(all[nth] ?? '') && !isSlip(word)) continue;
      const first = start + before.length;
      return { start: page.starts[first] ?? 0, end: page.ends[first + wanted.length - 1] ?? 0 };
    }
  }
  return undefined;
}

/** Whether a word is another with a letter wrong, too many, left out or exchanged with the next. */
function isSlipOf(shown: string, word: string, sameEnd: number): boolean {
  if (shown === word || /\d/.test(shown)) return false;
  if (isExchanged(shown, word)) return !ANOTHER_SPELLING.test(`${shown} ${word}`);
  const most = word.length < LONG_WORD ? 1 : 2;
  const isLong = word.length >= SHORTEST_WORD && shown.endsWith(word.slice(word.length - sameEnd));
  return isLong && editDistance(shown, word, most + 1) <= most;
}

/** "Centre" and "Center", "Theatre" and "Theater". */
const ANOTHER_SPELLING = /(?:er \S*re|re \S*er)$/;

/** Whether two words are the same but for two neighbours that have changed places: "Raod". */
function isExchanged(one: string, other: string): boolean {
  let at = 0;
  while (at < one.length && one[at] === other[at]) at += 1;
  const [first = '', second = ''] = [one[at], one[at + 1]];
  return at < one.length && `${one.slice(0, at)}${second}${first}${one.slice(at + 2)}` === other;
}
