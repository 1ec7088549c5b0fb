import currencies from 'currency-codes';
import { fault, type Fault } from '#core/fault';
import { priceScales, type PriceScale } from './scales.ts';

/** What people write for a currency besides its sign and its code. */
const CURRENCY_WORDS =
  /^(kr|rp|rs|lei|kč|kc|ft|zł|zl|лв|руб|дин|din|dhs?|tl|rm|r|sr|qr|ksh|円|元|원|đ|vnđ|грн|тг|ден|сум|ман|bs|gs|جم|دإ|رس|رق|رع|دك|دب|دج|دت|دم|لل|ريال|درهم|جنيه|دينار)\1{0,3}$/i;
const isCurrency = (word: string): boolean =>
  CURRENCY_WORDS.test(word) || (/^[A-Z]{3}$/.test(word) && currencies.code(word) !== undefined);

/** The guideline profile asks for fewer than 100 characters. `country` (alpha-2) has the sign to write. */
export function judgePriceRange(text: string, country = ''): readonly Fault[] {
  const [signs = '$$', amounts = '$20–80'] =
    priceRangesFor(USUAL_SALE * (UNITS[currencySign(country)] ?? 1), country) ?? [];
  const write = `Write ${signs} or ${amounts}.`;
  if (/^([$£€¥₹])\1{4,}$/.test(text.trim()))
    return [
      fault(
        'value/price-range',
        `“${text.trim()}” has more than four signs. By convention one to four of them go from cheap to high end.`,
      ),
    ];
  if (
    !/\d|\p{Sc}/u.test(text) &&
    (text.replace(/(?<=\p{L})\.(?=\p{L})|\bS\/\.?/gu, '').match(/\p{L}+/gu) ?? []).some(
      (word) => !isCurrency(word),
    )
  )
    return [
      fault(
        'value/price-range',
        `“${text.trim().slice(0, 60)}” is neither one to four currency signs nor a range of amounts. ${write}`,
      ),
    ];
  if (/^\d+(?:[.,]\d+)?$/.test(text.trim()))
    return [
      fault(
        'value/price-range',
        `“${text.trim()}” says neither a currency nor from where to where. ${write}`,
      ),
    ];
  const [, first = '', from = '', other = '', until = ''] = RANGE.exec(text.trim()) ?? [];
  if (first && other && first !== other)
    return [fault('value/price-range', `“${text.trim()}” is in two currencies. ${write}`)];
  if (until && amountOf(from) > amountOf(until))
    return [
      fault('value/price-range', `“${text.trim()}” goes from more to less. Write the smaller amount first.`),
    ];
  if (text.trim().length < 100) return [];
  return [
    fault(
      'value/price-range',
      `The price range has ${String(text.trim().length)} characters; from 100 on it is not shown. ${write}`,
    ),
  ];
}

/** "$10-$40": an amount, and another. */
const RANGE = /^(\p{Sc}?)\s?(\d[\d.,]{0,9})\s?(?:-|–|—|to)\s?(\p{Sc}?)\s?(\d[\d.,]{0,9})$/u;
/** Whole units: what stands behind a point or comma with two digits are parts of one. */
const amountOf = (written: string): number =>
  Number(written.replace(/[.,]\d{1,2}$/, '').replace(/[.,]/g, ''));

/** The average sale of the example that a message gives, in dollars. */
const USUAL_SALE = 40;

/** What a dollar is in round units of a currency, so that one scale serves all. */
const UNITS: Readonly<Record<string, number>> = { '¥': 150, '₹': 80 };

const SIGNS: Readonly<Record<string, string>> = {
  GB: '£',
  US: '$',
  CA: '$',
  AU: '$',
  NZ: '$',
  JP: '¥',
  IN: '₹',
};
const EURO = new Set(
  'AD AT BE BG CY DE EE ES FI FR GR HR IE IT LT LU LV MC ME MT NL PT SI SK SM VA XK'.split(' '),
);

/** The currency sign of a country (alpha-2); "$" where it is not known. */
const currencySign = (country: string): string => SIGNS[country] ?? (EURO.has(country) ? '€' : '$');

/** A price range derived from the average sale: as signs, and as a range of amounts round it; undefined for no amount. */
export function priceRangesFor(
  averageSale: number,
  country: string,
  scale: PriceScale = 'general',
): readonly [string, string] | undefined {
  if (!(averageSale > 0) || averageSale > 1e9) return undefined;
  const sign = currencySign(country);
  const unit = UNITS[sign] ?? 1;
  const level = 1 + priceScales[scale].steps.filter((step) => averageSale >= step * unit).length;
  const round = (amount: number): number => {
    const step = 10 ** Math.max(0, Math.floor(Math.log10(amount)) - 1) * (amount >= 10 ? 5 : 1);
    return Math.max(1, Math.round(amount / step) * step);
  };
  return [sign.repeat(level), `${sign}${String(round(averageSale * 0.5))}–${String(round(averageSale * 2))}`];
}
