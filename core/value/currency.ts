import currencies from 'currency-codes';
import { countryCode, countryNamed } from '#core/address';
import { fault, type Fault } from '#core/fault';
import { table } from '#core/text';

/** What people write for a currency, where that is of one alone. */
const CURRENCIES = table<string>({
  '€': 'EUR',
  euro: 'EUR',
  euros: 'EUR',
  евро: 'EUR',
  ευρώ: 'EUR',
  '£': 'GBP',
  'pound sterling': 'GBP',
  sterling: 'GBP',
  zl: 'PLN',
  zł: 'PLN',
  złoty: 'PLN',
  złotych: 'PLN',
  kč: 'CZK',
  koruna: 'CZK',
  ft: 'HUF',
  forint: 'HUF',
  лв: 'BGN',
  '₩': 'KRW',
  원: 'KRW',
  won: 'KRW',
  円: 'JPY',
  yen: 'JPY',
  人民币: 'CNY',
  rmb: 'CNY',
  nt$: 'TWD',
  新台幣: 'TWD',
  hk$: 'HKD',
  s$: 'SGD',
  a$: 'AUD',
  c$: 'CAD',
  us$: 'USD',
  r$: 'BRL',
  real: 'BRL',
  reais: 'BRL',
  '₹': 'INR',
  '₺': 'TRY',
  tl: 'TRY',
  '₽': 'RUB',
  руб: 'RUB',
  '₴': 'UAH',
  грн: 'UAH',
  гривня: 'UAH',
  '₪': 'ILS',
  'ש"ח': 'ILS',
  '฿': 'THB',
  บาท: 'THB',
  baht: 'THB',
  '₫': 'VND',
  đồng: 'VND',
  '₱': 'PHP',
  '₦': 'NGN',
  rp: 'IDR',
  rupiah: 'IDR',
  rm: 'MYR',
  ringgit: 'MYR',
  rand: 'ZAR',
  fr: 'CHF',
  sfr: 'CHF',
  dhs: 'AED',
});

/** Words and signs of several currencies, and what the country's own is called then (ISO 4217, list one, "Currency"). */
const SHARED: readonly (readonly [RegExp, RegExp])[] = [
  [/^\$$/, /dollar|peso/i],
  [/^(?:dollars?|bucks)$/i, /dollar/i],
  [/^(?:pesos?)$/i, /peso/i],
  [/^(?:£|pounds?|quid)$/i, /pound/i],
  [/^(?:[¥￥])$/, /yen|yuan/i],
  [/^(?:kr\.?|kroner?|kronor|krona|krónur?)$/i, /kron[ae]/i],
  [/^(?:francs?|franken|fr\.?)$/i, /franc/i],
  [/^(?:rupees?|rs\.?|₨)$/i, /rupee/i],
  [/^(?:dirhams?|dhs?\.?)$/i, /dirham/i],
  [/^(?:dinars?)$/i, /dinar/i],
  [/^(?:rials?|riyals?)$/i, /rial/i],
  [/^(?:shillings?)$/i, /shilling/i],
];

/**
 * Countries whose names ISO 4217 writes as nobody else does, or that have a neighbour's money beside their own; Bulgaria
 * has the euro since 2026.
 */
const NAMED_OTHERWISE = table<string>({
  CD: 'CDF',
  LS: 'LSL',
  NA: 'NAD',
  BT: 'BTN',
  HT: 'HTG',
  GB: 'GBP',
  TR: 'TRY',
  TZ: 'TZS',
  CI: 'XOF',
  LA: 'LAK',
  SY: 'SYP',
  BG: 'EUR',
});
/** Units of account beside a country's money, and what was exchanged for another. */
const BESIDE = /^(?:BOV|BTN|CDF|CHE|CHW|CLF|COU|CUC|KPW|LSL|MXV|NAD|PAB|SVC|USN|UYI|UYW|VED|HTG)$/;

let known:
  | { readonly byCountry: ReadonlyMap<string, string>; readonly byName: ReadonlyMap<string, string> }
  | undefined;
function knownCurrencies(): NonNullable<typeof known> {
  if (known) return known;
  const byCountry = new Map<string, string>();
  const byName = new Map<string, string>();
  for (const { code, currency, countries } of currencies.data) {
    byName.set(currency.toLowerCase(), code);
    if (BESIDE.test(code)) continue;
    for (const name of countries) {
      const plain = name.replace(/\s*\(.*\)/, '');
      const country = countryCode(plain) || countryNamed(plain);
      if (country && !byCountry.has(country)) byCountry.set(country, code);
    }
  }
  known = { byCountry, byName };
  return known;
}

/** What is paid with in a country (alpha-2), by its code of ISO 4217; '' where that is not known. */
export const currencyOf = (country: string): string =>
  NAMED_OTHERWISE[country] ?? knownCurrencies().byCountry.get(country) ?? '';

/** "€", "US dollars", in the United States "$"; the code that is meant, '' where none or one of several is. */
function currencyMeant(text: string, country: string): string {
  const word = text.trim().toLowerCase().replace(/\.$/, '');
  const alone = CURRENCIES[word];
  if (alone !== undefined) return alone;
  if (/^[a-z]{3}$/.test(word) && currencies.code(word.toUpperCase())) return word.toUpperCase();
  const { byName } = knownCurrencies();
  const named = byName.get(word) ?? byName.get(word.replace(/s$/, ''));
  if (named !== undefined) return named;
  const own = currencyOf(country);
  const name = own ? (currencies.code(own)?.currency ?? '') : '';
  return SHARED.some(([written, called]) => written.test(word) && called.test(name)) ? own : '';
}

/** The parts of a text like "USD, CAD". */
const parts = (text: string): readonly string[] => text.split(/[,;/]+/).flatMap((part) => part.trim() || []);

/** The codes that a text means, parted by commas; '' where it is that, or means none, or one of several. `country` (alpha-2) has its own. */
export function currenciesMeant(text: string, country = ''): string {
  if (text.length > LONGEST) return '';
  const codes = parts(text).map((part) => currencyMeant(part, country));
  const meant = codes.every(Boolean) ? codes.join(', ') : '';
  return meant === text.trim() ? '' : meant;
}
const LONGEST = 200;

/** A fault for every code that ISO 4217 does not have. */
export function judgeCurrencies(text: string, country = ''): readonly Fault[] {
  return parts(text).flatMap((part) => {
    const meant = part.length > LONGEST ? '' : currencyMeant(part, country);
    // Codes with blanks between them, or a name in words.
    const codes = meant ? [part] : part.split(/\s+/);
    return codes.flatMap((code) => {
      if (/^[A-Z]{3}$/.test(code) && currencies.code(code)) return [];
      const write = currencyMeant(code, country) || 'a code like USD, GBP or EUR';
      return [fault('value/currency', `“${code}” is no currency of ISO 4217. Write ${write}.`)];
    });
  });
}
