import Holidays from 'date-holidays';
import type { Holiday } from '#contract';
import { fold } from '#core/text';

/**
 * The public holidays of a country (ISO 3166-1 alpha-2), and of a region of it by its code or name, in a year, by their
 * names there. Empty for unknown countries.
 */
export function holidaysOf(country: string, region: string, year: number): readonly Holiday[] {
  const known = new Holidays();
  const countries = known.getCountries();
  if (!Object.hasOwn(countries, country)) return [];
  const states = known.getStates(country) as Readonly<Record<string, string>> | undefined;
  const [state] =
    Object.entries(states ?? {}).find(([code, name]) =>
      [code, name].some((one) => fold(one) === fold(region)),
    ) ?? [];
  const found = state ? new Holidays(country, state) : new Holidays(country);
  return found
    .getHolidays(year)
    .filter(({ type }) => type === 'public' || type === 'bank')
    .map(({ name, date }) => ({ name, date: date.slice(0, 10) }));
}
