import {
  addressParts,
  countryCode,
  postalCodes,
  regionNamed,
  type Address,
  type AddressPart,
} from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { textOf, valuesOf } from '#core/item';
import { fold, jsonString } from '#core/text';
import { holdsTelephone, readTown } from './senseOfAddress.ts';
import { tell, type Spot } from './spot.ts';

/** What people call a part that stands in the town. */
const CALLED: Readonly<Partial<Record<AddressPart, string>>> = {
  postalCode: 'postal code',
  addressRegion: 'region',
  addressCountry: 'country',
};

/** A town whose text holds other parts of the address, or the telephone. */
export function judgeTown(spot: Spot): readonly Finding[] {
  const { text, item } = spot;
  const street = textOf(item, 'streetAddress').trim();
  if (holdsTelephone(text, spot.country) || (street.length > 3 && text.includes(street)))
    return [
      tell(
        spot,
        'value/town',
        `“${shortText(text)}” is more than a town. Street and telephone have properties of their own.`,
      ),
    ];
  const instead = insteadOfTown(text, spot.country);
  if (instead) return [tell(spot, 'value/town', `“${shortText(text)}” is ${instead}, and no town.`)];
  const read = readTown(item, spot.country);
  return read ? [moreThanATown(spot, read)] : [];
}

/** Countries that are a town, or have one of their name. */
const TOWN_AND_COUNTRY = new Set([
  ...[
    'SG',
    'MC',
    'VA',
    'SM',
    'LU',
    'GI',
    'HK',
    'MO',
    'DJ',
    'PA',
    'GT',
    'KW',
    'MX',
    'BZ',
    'AD',
    'SV',
    'TN',
    'DZ',
  ],
]);

/** What stands in a town's place instead of one: a postal code, the code of a region, a country; ''. */
function insteadOfTown(text: string, country: string): string {
  if (/\d/.test(text) && postalCodes[country]?.pattern.test(text)) return 'a postal code';
  const region = regionNamed(text, country);
  if (region && region.code === text && text !== 'ACT') return `the code of a region (${region.name})`;
  const isCountry = text.length > 2 && countryCode(text) === country && country !== '';
  return isCountry && !TOWN_AND_COUNTRY.has(country) ? 'the country' : '';
}

function moreThanATown(spot: Spot, read: Readonly<Partial<Address>>): Finding {
  const { text, item, value, property, country } = spot;
  const { addressLocality: town = '' } = read;
  const beside = addressParts.flatMap((part): (readonly [AddressPart, string])[] =>
    part !== 'addressLocality' && read[part] ? [[part, read[part]]] : [],
  );
  const own = (part: AddressPart): string => textOf(item, part).trim();
  const isGiven = (part: AddressPart): boolean => valuesOf(item, part).length > 0;
  const isSame = (part: AddressPart, said: string): boolean =>
    !own(part) ||
    fold(own(part)) === fold(said) ||
    part === 'addressCountry' ||
    (part === 'postalCode' && fold(own(part)).replace(/\W/g, '') === fold(said).replace(/\W/g, '')) ||
    (part === 'addressRegion' &&
      regionNamed(own(part), country) !== undefined &&
      regionNamed(own(part), country) === regionNamed(said, country));
  const others = beside.filter(([part, said]) => !isSame(part, said));
  const missing = beside.filter(([part]) => !isGiven(part));
  const held = beside
    .map(([part, said]) => `${isSame(part, said) ? 'the' : 'another'} ${CALLED[part] ?? 'street'}`)
    .join(' and ');
  const message = `“${shortText(text)}” holds ${held} as well. Write the town alone: ${town}.`;
  if (missing.length === 0) return tell(spot, 'value/town', message, town, others.length > 0);
  const more = missing.map(([part, said]) => `, ${jsonString(part)}: ${jsonString(said)}`).join('');
  const { start, end } = value.place;
  return finding('value/town', message, value.place, property.name, {
    edits: value.holder === 'json' ? [{ start, end, text: jsonString(town) + more }] : null,
    guess: others.length > 0,
  });
}
