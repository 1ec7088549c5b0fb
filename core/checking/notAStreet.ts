import { countryCode, postalCodes, regionNamed } from '#core/address';
import { shortText } from '#core/fault';
import { days, readWeek } from '#core/hours';
import { isEmail } from '#core/link';
import { readTelephone } from '#core/phone';
import { fold } from '#core/text';

/** Two numbers of a map, a grid reference of the Open Location Code, or degrees with their minutes. */
const COORDINATES =
  /^(?:[-+]?\d{1,3}\.\d{2,},?\s+[-+]?\d{1,3}\.\d{2,}|[-+]?\d{1,3}\.\d+\s*,\s*[-+]?\d{1,3}\.\d+|[23456789CFGHJMPQRVWX]{4,8}\+[23456789CFGHJMPQRVWX]{2,3}|\d{1,3}(?:\.\d+)?\s*°.*)$/i;
const WEB = /^(?:https?:\/\/|www\.)\S+$/i;
/** Where every door has a street, so that a number alone is half of an address. */
const NAMED_STREETS = new Set(['US', 'CA', 'AU', 'NZ', 'GB', 'IE', 'NL', 'BE', 'DK', 'SE', 'ZA', 'MT']);
const SPAN = /\d\s*(?:h|uhr|am|pm)?\s*(?:-|–|—|to|bis|à|al?|tot|do|till?)\s*\d/i;

/** What a text in a street's place is instead of a street, and where it belongs; undefined for what may be one. */
export function insteadOfStreet(text: string, country: string): string | undefined {
  const named = `“${shortText(text)}”`;
  if (COORDINATES.test(text))
    return `${named} is a place on a map. It belongs into geo; the street is what visitors read.`;
  if (WEB.test(text)) return `${named} is an address of the web, and no street.`;
  if (isEmail(text)) return `${named} is an email address, and no street.`;
  if (NAMED_STREETS.has(country) && /^\d{1,5}[a-z]?$/i.test(text))
    return `${named} is the number of a house without its street.`;
  return undefined;
}

/** What a street holds besides itself that belongs elsewhere, in words; undefined where it holds nothing such. */
export function besidesStreet(text: string, country: string, town: string): string | undefined {
  const named = `“${shortText(text)}”`;
  const pieces = text.split(/\s*[,;|\n]\s*/).filter(Boolean);
  const [first = ''] = pieces;
  if (pieces.length > 1 && /\p{L}/u.test(first) && pieces.every((piece) => fold(piece) === fold(first)))
    return `${named} says the same twice. Write it once: ${first}.`;
  if (/\p{L}\S*\s+\S/u.test(text) && endsWithTelephone(text, country))
    return `${named} holds a telephone number. It has a property of its own.`;
  const hours = pieces.slice(1).some((piece) => SPAN.test(piece) && isWeek(piece));
  if (hours) return `${named} holds opening hours. They have properties of their own.`;
  const last = pieces.at(-1) ?? '';
  const other = pieces.length > 1 && last.length > 3 && !regionNamed(last, country) ? countryCode(last) : '';
  if (other && other !== country)
    return `${named} names ${last}, where the address is in another country. Write the street alone.`;
  return town.length > 2 && endsWithTown(text, town)
    ? `${named} holds the town as well. It has a property of its own.`
    : undefined;
}

const isWeek = (piece: string): boolean => {
  const { hours, faults } = readWeek(piece);
  return faults.length === 0 && days.some((day) => hours[day]) && !days.every((day) => hours[day]);
};

/** "12 Pine Street 206-555-0142": a number of the country behind a word, too long for that of a house. */
function endsWithTelephone(text: string, country: string): boolean {
  const [, number = ''] = /\p{L}\.?\s+(\+?[\d(][\d\s()./-]{7,24})$/u.exec(text.slice(-80)) ?? [];
  const digits = number.replace(/\D/g, '').length;
  return (
    digits > 8 &&
    !postalCodes[country]?.pattern.test(number.trim()) &&
    readTelephone(number, country).telephone !== undefined
  );
}

/** "Hauptstr. 12 Berlin", "12 Pine Street Seattle": the town behind a number, or behind what ends a street's name. */
function endsWithTown(text: string, town: string): boolean {
  if (!text.toLowerCase().endsWith(` ${town.toLowerCase()}`)) return false;
  const street = text.slice(0, -town.length).trim();
  return (
    /\p{L}{3,}.*\s\d{1,4}\s?[a-z]?$/iu.test(street) ||
    (/^\d+\S*\s.*\p{L}{3,}/u.test(street) &&
      /\s(?:street|st|road|rd|avenue|ave|lane|ln|drive|dr|boulevard|blvd|way|court|ct|square|sq|terrace|crescent|highway|hwy|parkway|pkwy)\.?$/i.test(
        street,
      ))
  );
}
