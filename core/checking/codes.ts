/** Codes that others give out: numbers of the trade with their check digit, and units of measure. */
import type { Finding } from '#core/fault';
import { table } from '#core/text';
import { isPropertyOf } from '#core/vocabulary';
import { tellBeside } from './beside.ts';
import type { Spot } from './spot.ts';

/**
 * How many digits a number of the trade has (GS1 General Specifications, 3 and 4; ISO 2108; of a company and of its trade:
 * schema.org/duns, schema.org/naics).
 */
const DIGITS = table<readonly number[]>({
  gtin: [8, 12, 13, 14],
  gtin8: [8],
  gtin12: [12],
  gtin13: [13],
  gtin14: [14],
  globalLocationNumber: [13],
  isbn: [10, 13],
  duns: [9],
  naics: [2, 3, 4, 5, 6],
});
/** Those whose last digit says nothing of the others. */
const UNCHECKED = new Set(['duns', 'naics']);

/** A number of goods, books or places: its digits are so many, and the last is made of the others. */
export function judgeTradeNumber(spot: Spot): readonly Finding[] {
  const { name } = spot.property;
  const lengths = DIGITS[name] ?? [];
  // What does not belong to the item is told as that.
  if (!isPropertyOf(name, spot.item.types)) return [];
  // A GTIN may be an address that holds it (GS1 Digital Link).
  if (/^https?:/i.test(spot.text)) return [];
  const plain = spot.text.replace(/[\s-]/g, '');
  const say = (what: string): readonly Finding[] => [
    tellBeside(spot, 'value/check-digit', `“${spot.text}” is no ${name}: ${what}`),
  ];
  if (!/^\d+$/.test(plain) && !(name === 'isbn' && /^\d{9}X$/i.test(plain)))
    return say('it has digits alone.');
  if (!lengths.includes(plain.length))
    return say(`it has ${String(plain.length)} digits, and not ${lengths.join(' or ')}.`);
  if (UNCHECKED.has(name)) return [];
  const last = plain.length === 10 ? lastOfIsbn(plain) : lastOfGs1(plain);
  return last === plain.slice(-1).toUpperCase()
    ? []
    : say(`its last digit is made of the others and would be ${last}. One of them is mistyped.`);
}

/** A legal entity identifier: eighteen letters and digits, and two digits that check them (ISO 17442, ISO 7064 MOD 97-10). */
export function judgeLei(spot: Spot): readonly Finding[] {
  const plain = spot.text.replace(/[\s-]/g, '').toUpperCase();
  const digits = Array.from(plain, (sign) => parseInt(sign, 36));
  const isRight =
    /^[A-Z\d]{18}\d\d$/.test(plain) &&
    digits.reduce((rest, digit) => (rest * (digit > 9 ? 100 : 10) + digit) % 97, 0) === 1;
  if (isRight || !isPropertyOf('leiCode', spot.item.types)) return [];
  const message = `“${spot.text}” is no leiCode: it has eighteen letters and digits, and two digits that check them. One of them is mistyped.`;
  return [tellBeside(spot, 'value/check-digit', message)];
}

/** GS1 General Specifications, 7.9: the digits before it weigh three and one in turn, from the right. */
function lastOfGs1(digits: string): string {
  const sum = Array.from(digits.slice(0, -1))
    .reverse()
    .reduce((all, digit, at) => all + Number(digit) * (at % 2 === 0 ? 3 : 1), 0);
  return String((10 - (sum % 10)) % 10);
}

/** ISO 2108 as it was until 2007: weights from ten down, modulo eleven. */
function lastOfIsbn(digits: string): string {
  const sum = Array.from(digits.slice(0, 9)).reduce((all, digit, at) => all + Number(digit) * (10 - at), 0);
  const last = (11 - (sum % 11)) % 11;
  return last === 10 ? 'X' : String(last);
}

/** Units as people write them, by their codes (UN/CEFACT Recommendation 20). */
const UNITS = table<string>({
  m: 'MTR',
  metre: 'MTR',
  meter: 'MTR',
  cm: 'CMT',
  mm: 'MMT',
  km: 'KMT',
  mi: 'SMI',
  mile: 'SMI',
  miles: 'SMI',
  ft: 'FOT',
  feet: 'FOT',
  in: 'INH',
  inch: 'INH',
  m2: 'MTK',
  'm²': 'MTK',
  qm: 'MTK',
  sqm: 'MTK',
  ft2: 'FTK',
  'ft²': 'FTK',
  sqft: 'FTK',
  kg: 'KGM',
  g: 'GRM',
  lb: 'LBR',
  l: 'LTR',
  ml: 'MLT',
  h: 'HUR',
  hour: 'HUR',
  day: 'DAY',
  days: 'DAY',
  min: 'MIN',
  month: 'MON',
  year: 'ANN',
  pcs: 'C62',
  piece: 'C62',
  '%': 'P1',
});

/** A code of a unit: two or three capitals and digits, or an address (schema.org/unitCode). */
export function judgeUnit(spot: Spot): readonly Finding[] {
  const { text } = spot;
  const named = UNITS[text.toLowerCase().replace(/[\s.]/g, '')] ?? '';
  const code = named || (/^[a-z][a-z\d]{2}$/.test(text) ? text.toUpperCase() : '');
  if (text === named || (!named && /^[A-Z\d]{2,3}$/.test(text)) || /:/.test(text)) return [];
  const message = `“${text}” is no code of a unit (UN/CEFACT).${code ? ` Write ${code}.` : ' Write one such as MTK for square metres, or the unit’s name as unitText.'}`;
  return [tellBeside(spot, 'value/unit', message, code)];
}
