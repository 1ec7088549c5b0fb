/** Codes that others give out: numbers of the trade with their check digit, and units of measure. */
import type { Finding } from '#core/fault';
import { table } from '#core/text';
import { isPropertyOf } from '#core/vocabulary';
import { tellBeside } from './beside.ts';
import type { Spot } from './spot.ts';

/** How many digits a number of the trade has (GS1 General Specifications, 3 and 4; ISO 2108). */
const DIGITS = table<readonly number[]>({
  gtin: [8, 12, 13, 14],
  gtin8: [8],
  gtin12: [12],
  gtin13: [13],
  gtin14: [14],
  globalLocationNumber: [13],
  isbn: [10, 13],
});

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
  const last = plain.length === 10 ? lastOfIsbn(plain) : lastOfGs1(plain);
  return last === plain.slice(-1).toUpperCase()
    ? []
    : say(`its last digit is made of the others and would be ${last}. One of them is mistyped.`);
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
