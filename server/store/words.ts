/** Characters of a word that are looked at, and words of a branch. */
const LONGEST = 60;
const MOST_WORDS = 80;
/** A number is also found by its end, down to this many digits: nobody types a country code to find a branch. */
const SHORTEST_END = 4;
/** Scripts that are written without blanks between words. */
const UNSPACED =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}]/u;

/**
 * The words of a folded text, as a branch is found by them from their beginning on: each once. Numbers are also
 * found by their ends, and texts in scripts without blanks from every character on.
 */
export function wordsOf(folded: string): readonly string[] {
  const words = new Set<string>();
  for (const token of folded.split(' ').filter(Boolean)) {
    words.add(cut(token));
    if (/^\d{7,15}$/.test(token))
      for (let from = 1; from <= token.length - SHORTEST_END; from += 1) words.add(token.slice(from));
    else if (UNSPACED.test(token)) {
      const characters = Array.from(token).slice(0, LONGEST);
      for (let from = 1; from < characters.length; from += 1) words.add(cut(characters.slice(from).join('')));
    }
  }
  return [...words].slice(0, MOST_WORDS);
}

/** As much of a word as is kept, without half a character at its end. */
export const cut = (word: string): string => word.slice(0, LONGEST).replace(/[\uD800-\uDBFF]$/, '');
