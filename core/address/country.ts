import countries from 'i18n-iso-countries/index.js';

const codes: readonly string[] = Object.keys(countries.getAlpha2Codes());
const display = new Intl.DisplayNames(['en'], { type: 'region' });

const byName = new Map<string, string>([
  ...codes.map((code): [string, string] => [(display.of(code) ?? code).toLowerCase(), code]),
  ['usa', 'US'],
  ['u.s.a.', 'US'],
  ['u.s.', 'US'],
  ['united states of america', 'US'],
  ['uk', 'GB'],
  ['u.k.', 'GB'],
  ['great britain', 'GB'],
  ['england', 'GB'],
  ['scotland', 'GB'],
  ['wales', 'GB'],
  ['northern ireland', 'GB'],
]);

/** All countries as ISO 3166-1 alpha-2 code and English name, by name. */
export const allCountries: readonly { readonly code: string; readonly name: string }[] = codes
  .map((code) => ({ code, name: display.of(code) ?? code }))
  .sort((a, b) => (a.name < b.name ? -1 : 1));

/** The alpha-2 code for an alpha-2 or alpha-3 code or an English country name; '' for anything else. */
export function countryCode(text: string): string {
  const written = text.trim();
  const upper = written.toUpperCase();
  if (upper.length === 2 && countries.isValid(upper)) return upper;
  if (upper.length === 3 && byName.get(written.toLowerCase()) === undefined)
    return countries.alpha3ToAlpha2(upper) ?? '';
  return byName.get(written.toLowerCase()) ?? '';
}

/** The English name of a country; the text itself where it is no alpha-2 code. */
export function countryName(code: string): string {
  return countries.isValid(code) ? (display.of(code.toUpperCase()) ?? code) : code;
}
