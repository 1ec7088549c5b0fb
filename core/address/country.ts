import countries from 'i18n-iso-countries/index.js';
import { namedLanguages } from '#core/text';
import { countryNames } from './countryNames.ts';

const names = new Map(countryNames.split(';').map((row) => [row.slice(0, 2), row.slice(3)]));
const codes: readonly string[] = [...names.keys()];
const english = (code: string): string => names.get(code) ?? code;

/** Codes by names in lower case, made when the first is looked up: most addresses say the code. */
let named: ReadonlyMap<string, string> | undefined;
const byName = (): ReadonlyMap<string, string> =>
  (named ??= new Map([
    ...codes.map((code): [string, string] => [english(code).toLowerCase(), code]),
    ...OTHERS,
  ]));
const OTHERS: readonly (readonly [string, string])[] = [
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
  ['great britain and northern ireland', 'GB'],
  ['großbritannien', 'GB'],
  ['grande-bretagne', 'GB'],
  ['gran bretaña', 'GB'],
  ['gran bretagna', 'GB'],
  ['republic of ireland', 'IE'],
  ['éire', 'IE'],
  ['holland', 'NL'],
  ['the netherlands', 'NL'],
  ['czech republic', 'CZ'],
  ['česká republika', 'CZ'],
  ['czech rep.', 'CZ'],
  ['turkey', 'TR'],
  ['uae', 'AE'],
  ['الإمارات', 'AE'],
  ['ksa', 'SA'],
  ['السعودية', 'SA'],
  ['рф', 'RU'],
  ['한국', 'KR'],
  ['belgië/belgique', 'BE'],
  ['belgique/belgië', 'BE'],
  ['suisse/schweiz', 'CH'],
  ['schweiz/suisse', 'CH'],
  ['hong kong', 'HK'],
  ['hongkong', 'HK'],
  ['香港', 'HK'],
  ['macau', 'MO'],
  ['macao', 'MO'],
  ['south korea', 'KR'],
  ['korea', 'KR'],
  ['republic of korea', 'KR'],
  ['viet nam', 'VN'],
  ['russian federation', 'RU'],
  ['ísland', 'IS'],
  ['palestine', 'PS'],
  ['p.r. china', 'CN'],
  ['pr china', 'CN'],
  ['trinidad and tobago', 'TT'],
  ['bosnia and herzegovina', 'BA'],
  ['antigua and barbuda', 'AG'],
  ['ivory coast', 'CI'],
  ['swaziland', 'SZ'],
  ['macedonia', 'MK'],
  ['burma', 'MM'],
  ['cape verde', 'CV'],
];

/** All countries as ISO 3166-1 alpha-2 code and English name, by name. */
export const allCountries = (): readonly { readonly code: string; readonly name: string }[] =>
  (sorted ??= codes
    .map((code) => ({ code, name: english(code) }))
    .sort((a, b) => (a.name < b.name ? -1 : 1)));
let sorted: readonly { readonly code: string; readonly name: string }[] | undefined;

/** The alpha-2 code for an alpha-2 or alpha-3 code or an English country name; '' for anything else. */
export function countryCode(text: string): string {
  const written = text.trim();
  const upper = written.toUpperCase();
  if (upper.length === 2 && countries.isValid(upper)) return upper;
  if (upper.length === 3 && byName().get(written.toLowerCase()) === undefined)
    return countries.alpha3ToAlpha2(upper) ?? '';
  return byName().get(written.toLowerCase()) ?? '';
}

/** The English name of a country; the text itself where it is no alpha-2 code. */
export function countryName(code: string): string {
  return countries.isValid(code) ? english(code.toUpperCase()) : code;
}

let byOwnName: ReadonlyMap<string, string> | undefined;

/** The alpha-2 code for a country's name in any of `namedLanguages`; '' for anything else. */
export function countryNamed(text: string): string {
  const known = countryCode(text);
  if (known) return known;
  // What names two countries means that of the first language: it is written last.
  byOwnName ??= new Map(
    namedLanguages.toReversed().flatMap((language) => {
      const own = new Intl.DisplayNames([language], { type: 'region' });
      return codes.map((code): [string, string] => [(own.of(code) ?? code).toLowerCase(), code]);
    }),
  );
  return byOwnName.get(text.trim().toLowerCase()) ?? '';
}

/** What most people of a country (ISO 3166-1 alpha-2) write, as CLDR has it (BCP 47): language, script and country. */
export const localeOfCountry = (code: string): Intl.Locale =>
  new Intl.Locale('und', code ? { region: code } : {}).maximize();

/** Its language alone. */
export const languageOfCountry = (code: string): string => localeOfCountry(code).language;

/** A country (alpha-2) as its own people call it; '' for no country. */
export const countryInOwnWords = (code: string): string =>
  code ? (new Intl.DisplayNames([languageOfCountry(code)], { type: 'region' }).of(code) ?? '') : '';

/** The alpha-3 code of an alpha-2 code (ISO 3166-1); '' for anything else. */
export const threeLetterCode = (alpha2: string): string => countries.alpha2ToAlpha3(alpha2) ?? '';
