import { escapePattern } from '#core/text';
import type { Address } from './address.ts';
import { countryInOwnWords, countryName, countryNamed } from './country.ts';
import { cut } from './pieces.ts';
import { regionNamed } from './regions.ts';
import { readAddress } from './split.ts';
import { takeCountry } from './splitCountry.ts';

/** A street for a line that has none, so that what is read besides is its town's. */
const STREET = 'Street 1';
/** No line of a town is so long; a longer one is not taken apart. */
const LONGEST_LINE = 120;

/**
 * The parts of an address in the line of its town: "101 Reykjavík", "Rīga, LV-1050", "Tallinn (Eesti)". The country is
 * among them only where the line names it. undefined where the line is the town alone, or cannot be read with certainty.
 * Without a country (alpha-2) a number of four to six digits before the town is its postal code. `own` are the parts
 * that the address has by themselves: its code and its region are known wherever they stand in the line.
 */
export function readTownLine(
  line: string,
  country: string,
  own: Partial<Address> = {},
): Partial<Address> | undefined {
  const text = line.trim();
  // What stands beside a town is a number, or parted from it; the names of countries take a while to open.
  if (text.length > LONGEST_LINE || !/\d|[,;،、(]|\s[-–—]\s/.test(text)) return undefined;
  const { rest, held } = withoutOwn(text, own);
  const read = readRest(rest, country);
  return read || rest !== text ? { addressLocality: rest, ...read, ...held } : undefined;
}

/** A line without the code and the region of its own address. */
function withoutOwn(text: string, { postalCode = '', addressRegion = '' }: Partial<Address>) {
  const held: Partial<Record<'postalCode' | 'addressRegion', string>> = {};
  let rest = text;
  const take = (part: keyof typeof held, said: string, pattern: string): void => {
    const left = said.trim() && rest.replace(new RegExp(pattern, 'iu'), ' ').replace(/\(\s*\)/, ' ');
    const town = left && left.replace(/\s+/g, ' ').replace(/^[\s,;–—-]+|[\s,;–—-]+$/g, '');
    if (!town || left === rest || !/\p{L}/u.test(town)) return;
    held[part] = said.trim();
    rest = town;
  };
  const code = postalCode.trim();
  if (code.length > 3)
    take('postalCode', code, `(?<![\\p{L}\\d])(?:[A-Z]{1,3}-)?${escapePattern(code)}(?![\\p{L}\\d])`);
  take('addressRegion', addressRegion, `,\\s*${escapePattern(addressRegion.trim())}$`);
  return { rest, held };
}

function readRest(text: string, country: string): Partial<Address> | undefined {
  const [, code = '', behind = ''] = (!country && /^(\d{4,6})\s+(\p{L}.*)$/u.exec(text)) || [];
  if (code) return { postalCode: code, addressLocality: behind };
  const parted = withCommas(text, country);
  const { address } = readAddress(`${STREET}\n${parted}`, country);
  const { addressLocality: town, addressRegion: region } = address;
  const isReversed = region !== '' && text.indexOf(region) < text.indexOf(town);
  if (address.streetAddress !== STREET || !/\p{L}/u.test(town) || town === text || isReversed)
    return undefined;
  const named = takeCountry(cut(`${STREET}\n${parted}`), country).code;
  // A place in a town may be called like a region; a code is none, and neither is what stands in a list.
  const isCertain =
    address.postalCode !== '' ||
    (named !== '' && (!country || named === country)) ||
    regionNamed(region, country) !== undefined ||
    /^\p{Lu}{2,3}$/u.test(region);
  return isCertain ? { ...address, streetAddress: '', addressCountry: named } : undefined;
}

/** Brackets round a country or a code, and a hyphen before a code, as commas; a country in its own words, or by its code, by its name. */
function withCommas(text: string, country: string): string {
  const commas = text
    .replace(/\s*\(([^()]{2,60})\)$/, (whole, held: string) =>
      countryNamed(held) || held === countryInOwnWords(country) || /^[\d -]+$/.test(held)
        ? `, ${held}`
        : whole,
    )
    .replace(/(?<=[,،、]\s*)[A-Z]{2}$/, (code) => (code === country ? countryName(country) : code))
    .replace(/(\p{L}{3})-(\d{4,6})$/u, '$1 $2');
  const own = countryInOwnWords(country);
  const before = own && commas.endsWith(own) ? commas.slice(0, -own.length) : '';
  return /[,;،、]\s*$|\s[-–—]\s+$/.test(before) ? before + countryName(country) : commas;
}
