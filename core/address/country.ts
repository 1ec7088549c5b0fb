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

/** Languages in which addresses name their country. */
const LANGUAGES = [
  'de',
  'fr',
  'es',
  'it',
  'nl',
  'pt',
  'pl',
  'sv',
  'da',
  'nb',
  'fi',
  'cs',
  'el',
  'ja',
] as const;
let byOwnName: ReadonlyMap<string, string> | undefined;

/** The alpha-2 code for a country's name in English or in the languages of Europe and Japan; '' for anything else. */
export function countryNamed(text: string): string {
  const known = countryCode(text);
  if (known) return known;
  byOwnName ??= new Map(
    LANGUAGES.flatMap((language) => {
      const names = new Intl.DisplayNames([language], { type: 'region' });
      return codes.map((code): [string, string] => [(names.of(code) ?? code).toLowerCase(), code]);
    }),
  );
  return byOwnName.get(text.trim().toLowerCase()) ?? '';
}
