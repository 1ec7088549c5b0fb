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
    return spaced ? seenAt(spaced, 'written-differently') : otherAmounts(text, priceRange);
  }
  // "1,10 €" is a price, and no range of them.
  const shown = [...text.matchAll(/\p{Sc}+/gu)].filter(
    ({ 0: signs, index }) =>
      signs.length <= 4 &&
      !/(?:\S|\d\s)$/.test(text.slice(Math.max(0, index - 2), index)) &&
      !/^(?:\S|\s\d)/.test(text.slice(index + signs.length, index + signs.length + 2)),
  );
  const found = shown.find(([signs]) => signs === priceRange);
  if (found) return seenAt(found, 'exact');
  // A sign alone is any currency's: of a shop, a game, a price in several pieces. Others are a range where they are like it.
  const ranges = shown.filter(
    ({ 0: signs, index }) =>
      (signs.length > 1 && signs[0] === priceRange[0]) ||
      PRICES.test(text.slice(Math.max(0, index - CALLED_WITHIN), index)) ||
      isBetweenStrokes(text, index, signs),
  );
  const [other] = ranges;
  return other && ranges.every(([signs]) => signs === other[0]) ? seenAt(other, 'different') : undefined;
}

/** "Italian · $ · Soho": one of several things that are told of a place beside one another. */
const isBetweenStrokes = (text: string, at: number, signs: string): boolean =>
  /[·•|][^\S\n]*$/u.test(text.slice(Math.max(0, at - 4), at)) &&
  /^[^\S\n]*(?:[·•|]|\n|$)/u.test(text.slice(at + signs.length, at + signs.length + 4));

/**
 * Another range in the same currency: the only one of the page, which has one end in common with the told one or is
 * called the prices. Others may be of one thing that is sold.
 */
function otherAmounts(text: string, priceRange: string): Seen | undefined {
  const like = amountsIn(priceRange, true);
  if (!like) return undefined;
  const ranges = [...text.matchAll(new RegExp(like, 'giu'))].slice(0, MOST_RANGES);
  const [first] = ranges;
  if (!first || ranges.some(([other]) => endsOf(other).join() !== endsOf(first[0]).join())) return undefined;
  const [low, high] = endsOf(priceRange);
  const [otherLow, otherHigh] = endsOf(first[0]);
  const isCalled = PRICES.test(text.slice(Math.max(0, first.index - CALLED_WITHIN), first.index));
  return low === otherLow || high === otherHigh || isCalled ? seenAt(first, 'different') : undefined;
}

const endsOf = (range: string): readonly string[] =>
  [...range.matchAll(/\d[\d.,]*\d|\d/g)].map(([amount]) => amount.replace(/\D/g, ''));

/** What the prices of a place are called, right before them. */
const PRICES =
  /(?<![\p{L}\p{M}])(?:price range|prices?|pricing|preis\p{L}*|prix|precios?|prezz[io]|preços?|prijs\p{L}*|pris(?:er)?|cen[ay]|cijen[ae]|цен[аиы]|ціни|τιμ\p{L}*|fiyat\p{L}*|harga|giá|preț\p{L}*|árak|hinnat|hinna\p{L}*|価格帯?|料金|予算|价格|人均|가격대?|ราคา|ال?أ?سعار|מחיר\p{L}*)(?![\p{L}\p{M}])[^\p{L}\d]{0,6}(?:\p{L}{1,4}[\s:：]{1,3})?$/iu;
const CALLED_WITHIN = 40;
const MOST_RANGES = 50;

/**
 * A range of amounts with any stroke and any blanks in it, "R950–R1800" for "R950 - R1800", with any amounts where
 * `anyAmounts`; undefined for other texts.
 */
function amountsIn(priceRange: string, anyAmounts = false): RegExp | undefined {
  const tokens = priceRange.match(/\d[\d.,]*\d|\d|\p{Pd}|[~〜]|[^\s\d\p{Pd}~〜]+/gu) ?? [];
  if (priceRange.length > LONGEST_RANGE || tokens.filter((token) => /\d/.test(token)).length < 2)
    return undefined;
  const pattern = tokens.map((token) =>
    /^[\p{Pd}~〜]$/u.test(token)
      ? String.raw`[\p{Pd}~〜]`
      : anyAmounts && /\d/.test(token)
        ? String.raw`\d(?:[\d.,]{0,12}\d)?`
        : escapePattern(token),
  );
  return new RegExp(String.raw`(?<![\d.,])${pattern.join(String.raw`\s?`)}(?!\d|[.,]\d)`, 'iu');
}

/** Characters of a price range; a longer text is none. */
const LONGEST_RANGE = 100;
