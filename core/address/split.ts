import { emptyAddress, type Address, type AddressPart } from './address.ts';
import { hasCounties, isCounty } from './counties.ts';
import { readEastern } from './eastern.ts';
import { addressForm } from './form.ts';
import { cut, UNIT } from './pieces.ts';
import { takePostalCode } from './splitCode.ts';
import { countryAhead, guessCountry, takeCodeMark, takeCountry, townOfCountry } from './splitCountry.ts';
import { takeRegion } from './splitRegion.ts';
import { takeTown } from './splitTown.ts';

/** A part of a split that people should look at, and why. */
interface AddressDoubt {
  readonly part: AddressPart;
  readonly reason: string;
}

export interface AddressSplit {
  readonly address: Address;
  readonly doubts: readonly AddressDoubt[];
}

/** The parts of a whole address, without what is doubtful about them: see `readAddress`. */
export const splitAddress = (text: string, home = ''): Address => readAddress(text, home).address;

/**
 * Splits a whole address pasted as text into its parts, for people to correct: the country by its name at the
 * end, the postal code by its form, the region by the lists or its word, the town beside them, the rest is the street.
 * `home` (alpha-2, '' for unknown) is the country where the text names none. Nothing of the text is dropped but
 * the marks of a postal code (D-, 〒, CEP) and of a town (г.). What another reading would be as good for is told as a doubt.
 */
export function readAddress(text: string, home = ''): AddressSplit {
  const ahead = countryAhead(text.slice(0, 1000));
  if (ahead.code) return readFromHome(ahead.rest, ahead.code);
  return readFromHome(text, home);
}

function readFromHome(text: string, home: string): AddressSplit {
  const eastern = readEastern(text, home);
  if (eastern) return withDoubts(eastern, eastern.addressCountry, false);
  const pieces = cut(text.slice(0, 1000));
  const named = takeCountry(pieces, home);
  const marked = takeCodeMark(pieces, named.code || home);
  const country = named.code || marked || guessCountry(pieces, home);
  const code = takePostalCode(pieces, country);
  const region = takeRegion(pieces, country, code.at);
  const town = takeTown(pieces, country, region.wasBefore ? code.at - 1 : code.at);
  const address = {
    ...emptyAddress,
    streetAddress: pieces
      .filter(({ text: one }) => one)
      .map(({ joint, text: one }, at) => (at > 0 ? joint : '') + one)
      .join(''),
    // Where the country is a town, it may be named once for both.
    addressLocality: town.text || townOfCountry(named),
    addressRegion: region.text,
    postalCode: code.text,
    addressCountry: country,
  };
  // A town that shares its piece with the postal code or stands before its region is certain; another is the last of
  // those left.
  return withDoubts(address, country, town.isByPlace && !(region.isKnown && town.text !== ''));
}

function withDoubts(address: Address, country: string, isTownByPlace: boolean): AddressSplit {
  const doubts: AddressDoubt[] = [];
  const doubt = (part: AddressPart, reason: string): void => void doubts.push({ part, reason });
  if (Object.values(address).every((text) => !text)) return { address, doubts };
  const [, ...rest] = address.streetAddress.split(', ');
  const odd = rest.find((piece) => !UNIT.test(piece) && !/\d/.test(piece));
  if (!address.addressLocality) doubt('addressLocality', 'No piece of the text is certainly the town.');
  else if (odd && isTownByPlace)
    doubt(
      'addressLocality',
      `Is it ${address.addressLocality}, or “${odd}”, which now stands in the street?`,
    );
  else if (isTownByPlace && hasCounties(country) && rest.length > 0 && !/\d/.test(rest.at(-1) ?? ''))
    doubt('addressLocality', 'It is the last piece that is left; it may be a county or a district.');
  if (
    (country === 'GB' || country === 'IE') &&
    address.addressRegion &&
    !isCounty(address.addressRegion, country)
  )
    doubt('addressRegion', 'It is no county that is known here; it may be the town.');
  if (!country) doubt('addressCountry', 'No country is named, and the text fits several.');
  for (const { part, required } of addressForm(country))
    if (required && !address[part] && part !== 'addressLocality' && part !== 'addressCountry')
      doubt(part, part === 'streetAddress' ? 'No street is left.' : 'Nothing of this form was found.');
  return { address, doubts };
}
