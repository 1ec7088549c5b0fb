import { postalCodes, regionNamed } from '#core/address';
import { guessColumns } from './columns.ts';
import { countryOfHeadings, languageOfHeadings } from './headings.ts';

/** The countries (alpha-2) that a sheet in a language of several may be of; '' is English. */
const COUNTRIES: Readonly<Record<string, readonly string[]>> = {
  de: ['DE', 'AT', 'CH'],
  fr: ['FR', 'BE', 'CH', 'LU', 'CA'],
  nl: ['NL', 'BE'],
  pt: ['BR', 'PT'],
  ru: ['RU'],
  zh: ['CN'],
  '': ['US', 'GB', 'CA', 'AU', 'NZ', 'IE'],
};
/** Countries whose codes are those of many others: their regions must be theirs as well. */
const BY_REGION: ReadonlySet<string> = new Set(['US', 'AU']);

/** So many rows say what the others say. */
const MOST_ROWS = 200;

/** A postal code before a town, or behind it. */
const CODE = /(?:^|(?<=[\s-]))(?:\d{4} ?[A-Z]{2}|\d{5}-\d{3,4}|\d{4}-\d{3}|\d{4,6})(?=\s|$)/;

/**
 * The country (alpha-2) that a sheet's addresses are of: by the language of its headings, or by its postal codes among
 * the countries of that language; '' where neither says.
 */
export function countryOfSheet(headings: readonly string[], rows: readonly (readonly string[])[]): string {
  const own = countryOfHeadings(headings);
  if (own) return own;
  const columns = guessColumns(headings);
  const cellsOf = (column: (typeof columns)[number]): readonly string[] => {
    const at = columns.indexOf(column);
    return at < 0 ? [] : rows.slice(0, MOST_ROWS).flatMap((row) => row[at]?.trim() || []);
  };
  const codes = [
    ...cellsOf('address.postalCode'),
    ...cellsOf('townLine').map((line) => CODE.exec(line)?.[0] ?? line),
  ];
  const regions = cellsOf('address.addressRegion');
  const fits = (country: string): boolean =>
    codes.every((code) => postalCodes[country]?.pattern.test(code)) &&
    (!BY_REGION.has(country) ||
      (regions.length > 0 && regions.every((region) => regionNamed(region, country) !== undefined)));
  const fitting = codes.length > 0 ? (COUNTRIES[languageOfHeadings(headings)] ?? []).filter(fits) : [];
  const byRegion = fitting.filter((country) => BY_REGION.has(country));
  const [only, ...more] = byRegion.length > 0 ? byRegion : fitting;
  return more.length === 0 ? (only ?? '') : '';
}
