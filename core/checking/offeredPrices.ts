import type { VisitorSearch } from '#core/agreement';
import type { Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { placeShown, type Reading } from '#core/reading';
import { numberIn } from './dataTypes.ts';
import { seenOtherwise } from './disagreement.ts';

/** More offers of one page are not held against what it shows. */
const MOST = 50;

/** Digits as amounts are written. Looked for first: few characters of a page are any. */
const FIGURES = /(?<![\d.,])(?:\d[\d.,' ]{0,11}\d|\d)(?![\d.,]\d)/g;
/** What a currency is written as before an amount or behind: "£28", "25,00 €", "NT$ 350", "250 kr". */
const BEFORE = /(?<![\d.,])(?:\p{L}{0,3}\p{Sc}|(?<!\p{L})(?:[A-Z]{3}|kr\.?|Rs\.?|Rp|RM|R))\s?$/u;
const BEHIND = /^\s?(?:\p{Sc}|(?:kr|zł|Kč|Ft|lei|лв|грн|руб|[A-Z]{3})(?!\p{L}))/u;
const [LONGEST_BEFORE, LONGEST_BEHIND] = [8, 6];

/** Words that say that it may cost more, or less. */
const AT_LEAST =
  /(?<!\p{L})(?:from|up to|ab|bis|dès|à partir|jusqu|desde|hasta|a partir|da|vanaf|od|från|fra|alkaen|от|від|από)(?!\p{L})[^\d\n]{0,12}$|から\s*$/iu;

interface Offered {
  readonly name: string;
  readonly offer: ReadItem;
}

const offeredBy = (item: ReadItem): readonly Offered[] => [
  ...itemsOf(item, 'offers').map((offer) => ({ name: textOf(item, 'name').trim(), offer })),
  ...itemsOf(item, 'itemOffered').map((of) => ({ name: textOf(of, 'name').trim(), offer: item })),
];

/**
 * Prices of offers, each held against the one amount that stands behind the offer's name, or alone below it. Where the
 * page shows a price anywhere it contradicts nothing: there may be several.
 */
export function judgeOfferedPrices(reading: Reading, search: VisitorSearch): readonly Finding[] {
  const { items, visible } = reading;
  const offers = eachItem(items).flatMap(({ item }) => offeredBy(item));
  if (!visible || offers.length === 0) return [];
  const { text } = visible;
  let found: readonly Amount[] | undefined;
  const amounts = (): readonly Amount[] => (found ??= amountsIn(text));
  return offers.slice(0, MOST).flatMap(({ name, offer }) => {
    const [value] = valuesOf(offer, 'price');
    const price = value?.kind === 'text' ? Number(value.text) : NaN;
    if (value?.kind !== 'text' || !(price > 0) || name.length < 3) return [];
    // Amounts are looked for where the name is shown: few pages show any.
    const { at } = search.find(name);
    if (!at || amounts().some(({ number }) => number === price)) return [];
    const [from, until] = besideName(text, at.end);
    const [shown, ...others] = amounts().filter(({ start, end }) => start >= from && end <= until);
    if (!shown || Number.isNaN(shown.number) || others.length > 0) return [];
    if (AT_LEAST.test(text.slice(from, shown.start))) return [];
    const told = { text: value.text, place: value.place, property: 'price' };
    const seen = { text: text.slice(shown.start, shown.end), place: placeShown(visible, reading, shown) };
    return [seenOtherwise(told, seen, name)];
  });
}

interface Amount {
  readonly number: number;
  readonly start: number;
  readonly end: number;
}

/** The amounts of a text; what its marks leave open is one too, and equal to none. */
function amountsIn(text: string): readonly Amount[] {
  const found: Amount[] = [];
  for (const { 0: figures, index } of text.matchAll(FIGURES)) {
    const end = index + figures.length;
    const before = BEFORE.exec(text.slice(Math.max(0, index - LONGEST_BEFORE), index));
    const behind = before ? undefined : BEHIND.exec(text.slice(end, end + LONGEST_BEHIND));
    if (before ?? behind)
      found.push({
        number: Number(numberIn(figures) || NaN),
        start: index - (before?.[0].length ?? 0),
        end: end + (behind?.[0].length ?? 0),
      });
  }
  return found;
}

/** The rest of the line behind a name, or the line below where the name ends its own. */
function besideName(text: string, end: number): readonly [from: number, until: number] {
  const endOf = (from: number): number => {
    const found = text.indexOf('\n', from);
    return found < 0 ? text.length : found;
  };
  const until = endOf(end);
  return /[\p{L}\d]/u.test(text.slice(end, until)) ? [end, until] : [end, endOf(until + 1)];
}
