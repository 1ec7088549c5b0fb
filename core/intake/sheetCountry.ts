import { postalCodes, regionNamed, splitAddress } from '#core/address';
import { readTelephone } from '#core/phone';
import { guessColumns } from './columns.ts';
import { countriesOwning, countryOfHeadings, languageOfHeadings } from './headings.ts';

/** The countries (alpha-2) that a sheet in a language of several may be of; '' is English. */
const COUNTRIES: Readonly<Record<string, readonly string[]>> = {
  de: ['DE', 'AT', 'CH'],
  fr: ['FR', 'BE', 'CH', 'LU', 'CA'],
  nl: ['NL', 'BE'],
  pt: ['BR', 'PT'],
  es: ['ES', 'MX', 'AR', 'CL', 'CO', 'UY', 'EC', 'CR', 'GT', 'DO'],
  ru: ['RU'],
  zh: ['CN'],
  '': ['US', 'GB', 'CA', 'AU', 'NZ', 'IE', 'IN', 'ZA', 'SG'],
};
/** Countries whose codes are those of many others: their regions must be theirs as well. */
const BY_REGION: ReadonlySet<string> = new Set(['US', 'AU']);

/** Whether a number as people write it is one of a country's numbering plan. */
const isNumberOf = (text: string, country: string): boolean => {
  const { telephone, faults } = readTelephone(text, country);
  return telephone?.country === country && faults.length === 0;
};

/** So many rows say what the others say. */
const MOST_ROWS = 200;
/** So many whole addresses are taken apart for each country. */
const MOST_WHOLE = 20;

/** A postal code before a town, or behind it. */
const CODE = /(?:^|(?<=[\s-]))(?:\d{4} ?[A-Z]{2}|\d{5}-\d{3,4}|\d{4}-\d{3}|\d{4,6})(?=\s|$)/;

/**
 * The country (alpha-2) that a sheet's addresses are of: by the language of its headings, by what only one country
 * has, or by its postal codes and numbers among the countries of that language; '' where none says.
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
  // “Weg 1, 4600 Olten” has its code where its country has it.
  const whole = cellsOf('wholeAddress').slice(0, MOST_WHOLE);
  const codeIn = (address: string, country: string): string => splitAddress(address, country).postalCode;
  const fits = (country: string): boolean =>
    (codes.length > 0
      ? codes.every((code) => postalCodes[country]?.pattern.test(code))
      : whole.every((address) => postalCodes[country]?.pattern.test(codeIn(address, country)))) &&
    (!BY_REGION.has(country) ||
      (regions.length > 0 && regions.every((region) => regionNamed(region, country) !== undefined)));
  const [owning, ...others] = countriesOwning(headings).filter(fits);
  if (owning && others.length === 0) return owning;
  const fitting =
    codes.length + whole.length > 0 ? (COUNTRIES[languageOfHeadings(headings)] ?? []).filter(fits) : [];
  const byRegion = fitting.filter((country) => BY_REGION.has(country));
  const likely = byRegion.length > 0 ? byRegion : fitting;
  const numbers = cellsOf('telephone');
  const byNumber = likely.filter((country) => numbers.every((number) => isNumberOf(number, country)));
  const [only, ...more] = likely.length > 1 ? byNumber : likely;
  return more.length === 0 ? (only ?? '') : '';
}
