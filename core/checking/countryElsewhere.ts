import { countryName, postalCodes } from '#core/address';
import { finding, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { countriesAt, isInCountry } from '#core/outline';
import { readTelephone } from '#core/phone';
import { readPin } from '#core/pin';
import { instead } from './spot.ts';
import { countryOfItem } from './values.ts';

/**
 * Family `value`: an address whose country is contradicted by what stands beside it. Where two of number, pin and
 * postal code speak of one other country and none of the address's own, it is the country that is wrong.
 */
export const judgeCountryElsewhere = (items: readonly ReadItem[]): readonly Finding[] =>
  eachItem(items).flatMap(({ item }) => {
    const country = countryOfItem(item);
    const [address] = itemsOf(item, 'address');
    const [written] = address ? valuesOf(address, 'addressCountry') : [];
    if (!country || !address || written?.kind !== 'text') return [];
    const said = [
      ofNumber(textOf(item, 'telephone'), country),
      ofPin(itemsOf(item, 'geo')[0], country),
      ofCode(textOf(address, 'postalCode'), country),
    ];
    const clues = said.flatMap((clue) => (clue && clue !== 'own' ? [clue] : []));
    if (said.slice(0, 2).includes('own') || clues.length < 2) return [];
    const meant = clues[0]?.countries.find((one) => clues.every((clue) => clue.is(one)));
    if (!meant) return [];
    const what = clues.map(({ what }) => what).join(' and ');
    const message = `The address is said to be in ${countryName(country)}, but its ${what} are of ${countryName(meant)}. Write ${meant}.`;
    const edits = instead(written, meant);
    return [
      finding('value/country-elsewhere', message, written.place, 'addressCountry', { edits, guess: true }),
    ];
  });

/** What one value says of another country than the address's. */
interface Clue {
  readonly what: string;
  /** The countries that it speaks of by itself. */
  readonly countries: readonly string[];
  readonly is: (country: string) => boolean;
}

function ofNumber(text: string, country: string): Clue | 'own' | undefined {
  const { telephone } = readTelephone(text);
  const other = telephone && !telephone.assumedCountry ? telephone.country : '';
  if (!other) return undefined;
  return other === country
    ? 'own'
    : { what: 'telephone number', countries: [other], is: (one) => one === other };
}

function ofPin(geo: ReadItem | undefined, country: string): Clue | 'own' | undefined {
  const { point } = geo
    ? readPin({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') })
    : {};
  const isOwn = point && isInCountry(country, point);
  if (!point || isOwn === undefined) return undefined;
  const countries = countriesAt(point);
  // By a border, where outlines are coarse, a pin speaks for neither.
  if (isOwn) return countries.some((one) => one !== country) ? undefined : 'own';
  return { what: 'coordinates', countries, is: (one) => countries.includes(one) };
}

/** A code speaks of no country by itself: its form is shared by many. */
function ofCode(text: string, country: string): Clue | undefined {
  const code = text.trim();
  const rule = postalCodes[country];
  if (!code || !rule || rule.pattern.test(code)) return undefined;
  return { what: 'postal code', countries: [], is: (one) => postalCodes[one]?.pattern.test(code) ?? false };
}
