import { escapePattern } from '#core/text';
import { seenAt, type Seen } from './seen.ts';

/** A price range in a text: signs that stand by themselves, others of them too; amounts with any stroke between them. */
export function findPriceRangeIn(
  text: string,
  priceRange: string,
  findExactly: (text: string) => Seen,
): Seen | undefined {
  if (!/^\p{Sc}{1,4}$/u.test(priceRange)) {
    const seen = findExactly(priceRange);
    if (seen.agreement === 'exact') return seen;
    const spaced = amountsIn(priceRange)?.exec(text);
    return spaced ? seenAt(spaced, 'written-differently') : undefined;
  }
  // "1,10 €" is a price, and no range of them.
  const shown = [...text.matchAll(/(?<!\S|\d\s)\p{Sc}{1,4}(?!\S|\s\d)/gu)];
  const found = shown.find(([signs]) => signs === priceRange);
  if (found) return seenAt(found, 'exact');
  const [other] = shown;
  return other && seenAt(other, 'different');
}

/** A range of amounts with any stroke and any blanks in it, "R950–R1800" for "R950 - R1800"; undefined for other texts. */
function amountsIn(priceRange: string): RegExp | undefined {
  const tokens = priceRange.match(/\d[\d.,]*\d|\d|\p{Pd}|[~〜]|[^\s\d\p{Pd}~〜]+/gu) ?? [];
  if (priceRange.length > LONGEST_RANGE || tokens.filter((token) => /\d/.test(token)).length < 2)
    return undefined;
  const pattern = tokens.map((token) =>
    /^[\p{Pd}~〜]$/u.test(token) ? String.raw`[\p{Pd}~〜]` : escapePattern(token),
  );
  return new RegExp(String.raw`(?<![\d.,])${pattern.join(String.raw`\s?`)}(?!\d|[.,]\d)`, 'iu');
}

/** Characters of a price range; a longer text is none. */
const LONGEST_RANGE = 100;
