import { addressForm } from './form.ts';
import { emptyAddress, type Address, type AddressPart } from './address.ts';
import { countryNamed } from './country.ts';
import { hasCounties, isCounty } from './counties.ts';
import { postalCodes } from './postal-codes.ts';
import { regionNamed, regionsOf } from './regions.ts';

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
 * end, the postal code by its form, the region by the lists, the town beside them, the rest is the street.
 * `home` (alpha-2, '' for unknown) is the country where the text names none. Nothing of the text is dropped but
 * the marks of a postal code (D-, 〒). What another reading would be as good for is told as a doubt.
 */
export function readAddress(text: string, home = ''): AddressSplit {
  const japanese = readJapanese(text);
  if (japanese) return withDoubts(japanese, 'JP', false);
  const pieces = text
    .slice(0, 1000)
    .split(/[\n,;•·|、，]+/)
    .map((piece) => piece.replace(/\s+/g, ' ').trim().replace(/\.$/, ''))
    .filter(Boolean);
  const named = takeCountry(pieces, home);
  const marked = takeCodeMark(pieces);
  const country = named || marked || guessCountry(pieces, home);
  const postalCode = takePostalCode(pieces, country);
  const isAlone = postalCode.at >= 0 && !pieces[postalCode.at];
  const addressRegion = takeRegion(pieces, country, postalCode.at);
  const addressLocality = takeTown(pieces, postalCode.at);
  const address = {
    ...emptyAddress,
    streetAddress: pieces.join(', '),
    addressLocality,
    addressRegion,
    postalCode: postalCode.text,
    addressCountry: country,
  };
  // A town that shares its piece with the postal code is certain; one that stands by itself is the last of those left.
  return withDoubts(address, country, postalCode.at < 0 || isAlone);
}

/** Beginnings of pieces that belong to a street: a unit, a floor, a building, or anything with a number first. */
const UNIT =
  /^(?:suite|ste|unit|apt|apartment|flat|floor|level|building|bldg|block|room|rm|shop|store|office|stall|lot|#|no\b|c\/o|p\.?\s?o\.?\s?box|\d)|\b(?:floor|building|house|centre|center|mall|park|estate)$/i;

function withDoubts(address: Address, country: string, isTownByPlace: boolean): AddressSplit {
  const doubts: AddressDoubt[] = [];
  const doubt = (part: AddressPart, reason: string): void => void doubts.push({ part, reason });
  if (Object.values(address).every((text) => !text)) return { address, doubts };
  const [, ...rest] = address.streetAddress.split(', ');
  const odd = rest.find((piece) => !UNIT.test(piece) && !/\d/.test(piece));
  if (!address.addressLocality) doubt('addressLocality', 'No piece of the text is certainly the town.');
  else if (odd)
    doubt(
      'addressLocality',
      `Is it ${address.addressLocality}, or “${odd}”, which now stands in the street?`,
    );
  else if (isTownByPlace && hasCounties(country) && rest.length > 0)
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

/** Prefecture, town and the rest of a Japanese address, which is written from the large to the small without blanks. */
const JAPANESE =
  /^\s*(?:〒?\s*(\d{3}[-‐–−－]?\d{4}))?\s*(?:日本国?\s*)?(東京都|北海道|(?:京都|大阪)府|\p{Script=Han}{2,3}県)\s*((?:\p{Script=Han}|\p{Script=Hiragana}|\p{Script=Katakana}){1,10}?[市区町村]|(?:\p{Script=Han}|\p{Script=Hiragana}|\p{Script=Katakana}){1,6}?郡(?:\p{Script=Han}|\p{Script=Hiragana}|\p{Script=Katakana}){1,6}?[町村])\s*(.*)$/su;

function readJapanese(text: string): Address | undefined {
  const flat = text.slice(0, 1000).normalize('NFKC').replace(/\s+/g, ' ').trim();
  const [, code = '', region, first = '', rest = ''] = JAPANESE.exec(flat) ?? [];
  if (!region) return undefined;
  // A ward of a large city belongs to its town: 大阪市北区.
  const ward = first.endsWith('市') ? (/^\p{Script=Han}{1,4}区/u.exec(rest)?.[0] ?? '') : '';
  return {
    ...emptyAddress,
    streetAddress: rest
      .slice(ward.length)
      .trim()
      .replace(/,?\s*(?:日本|Japan)$/i, ''),
    addressLocality: first + ward,
    addressRegion: region,
    postalCode: code.replace(/^(\d{3})\D?(\d{4})$/, '$1-$2'),
    addressCountry: 'JP',
  };
}

/** Signs of countries before a postal code (their distinguishing signs in traffic, or their own codes). */
const CODE_MARKS: Readonly<Record<string, string>> = {
  D: 'DE',
  A: 'AT',
  CH: 'CH',
  F: 'FR',
  I: 'IT',
  B: 'BE',
  NL: 'NL',
  DK: 'DK',
  S: 'SE',
  N: 'NO',
  FI: 'FI',
  FIN: 'FI',
  E: 'ES',
  P: 'PT',
  PL: 'PL',
  L: 'LU',
  CZ: 'CZ',
  DE: 'DE',
  AT: 'AT',
  FR: 'FR',
  IT: 'IT',
  BE: 'BE',
  SE: 'SE',
  NO: 'NO',
  ES: 'ES',
  PT: 'PT',
  LU: 'LU',
};

/** Takes the sign of a country off a postal code, "D-80331 München"; the country, '' where none stands there. */
function takeCodeMark(pieces: string[]): string {
  for (let at = pieces.length - 1; at >= 0; at -= 1) {
    const piece = pieces[at] ?? '';
    const match = /^([A-Z]{1,3})[-‐– ](?=(\d{4,5}|\d{3} \d{2})(?: |$))/.exec(piece);
    const country = CODE_MARKS[match?.[1] ?? ''];
    if (!match || !country) continue;
    pieces[at] = piece.slice(match[0].length);
    return country;
  }
  return '';
}

function takeCountry(pieces: string[], home: string): string {
  const last = pieces.at(-1) ?? '';
  if (pieces.length < 2) return '';
  // "WA" and "CA" are regions first; a code of two letters is a country only behind others.
  const code =
    last.length > 3 || /^(usa|uk|gb|us)$/i.test(last) || !/^[\x00-\x7f]*$/.test(last)
      ? countryNamed(last)
      : '';
  // Georgia is a state where the address is one of the United States.
  const isState = regionNamed(last, 'US') !== undefined && (home === 'US' || !home);
  if (!code || (isState && code !== 'US')) return '';
  pieces.pop();
  return code;
}

const CODE_FORMS: Readonly<Record<string, RegExp>> = Object.fromEntries(
  Object.entries(postalCodes).map(([country, { pattern }]) => [
    country,
    new RegExp(`(?<![\\w-])(?:${pattern.source.replace(/^\^|\$$/g, '')})(?![\\w-])`, 'gi'),
  ]),
);

/** Postal codes of a form that no other country here has tell the country. */
function guessCountry(pieces: readonly string[], home: string): string {
  const text = pieces.join(', ');
  if (home && lastMatch(text, CODE_FORMS[home])) return home;
  for (const country of ['GB', 'IE', 'CA', 'US', 'NL', 'PT', 'PL']) {
    const form = CODE_FORMS[country];
    if (!lastMatch(text, form)) continue;
    if (country !== 'US') return country;
    if (pieces.some((piece) => regionIn(piece, 'US'))) return 'US';
  }
  if (home) return home;
  return pieces.length > 2 && regionIn(pieces.at(-1) ?? '', 'US') ? 'US' : '';
}

/** Whether a piece names a region: by its code in capitals, or by its name before a postal code. */
const regionIn = (piece: string, country: string): boolean =>
  regionNamed(piece.replace(/\s+[\d-]+$/, ''), country) !== undefined ||
  piece.split(' ').some((word) => /^[A-Z]{2}$/.test(word) && regionNamed(word, country));

const lastMatch = (text: string, form: RegExp | undefined): RegExpExecArray | undefined =>
  form ? [...text.matchAll(form)].at(-1) : undefined;

/** Cuts the postal code out of its piece; `at` is the piece it stood in, -1 where there is none. */
function takePostalCode(pieces: string[], country: string): { text: string; at: number } {
  for (let at = pieces.length - 1; at >= 0; at -= 1) {
    const piece = pieces[at] ?? '';
    const match = lastMatch(piece, CODE_FORMS[country]);
    // A bare number in front of a street is the house's.
    if (!match || (at === 0 && match.index === 0 && /^\d+ \D/.test(piece) && pieces.length > 1)) continue;
    const rest = `${piece.slice(0, match.index)} ${piece.slice(match.index + match[0].length)}`
      .replace(/\s+/g, ' ')
      .trim();
    pieces[at] = rest;
    return { text: match[0], at };
  }
  return { text: '', at: -1 };
}

function takeRegion(pieces: string[], country: string, codeAt: number): string {
  if (country === 'IT' || country === 'BR') return takeProvince(pieces);
  if (regionsOf(country).length === 0) return takeCounty(pieces, country, codeAt);
  for (let at = pieces.length - 1; at >= Math.max(0, codeAt - 1); at -= 1) {
    const piece = pieces[at] ?? '';
    if (at > 0 && regionNamed(piece, country)) {
      pieces.splice(at, 1);
      return piece;
    }
    const match = /^(.*\S)\s+([A-Z]{2,3})$/.exec(piece);
    if (match?.[1] && match[2] && regionNamed(match[2], country)) {
      pieces[at] = match[1];
      return match[2];
    }
  }
  return '';
}

/** A county that is known as one; or what stands by itself between the post town and a postcode that does so too. */
function takeCounty(pieces: string[], country: string, codeAt: number): string {
  if (!hasCounties(country)) return '';
  const last = pieces.findLastIndex(Boolean);
  // A town of the same name is the town: "Cork, T12 X70A".
  if (last >= 2 && isCounty(pieces[last] ?? '', country)) return pieces.splice(last, 1)[0] ?? '';
  if (country === 'JP' || codeAt < 3 || pieces[codeAt] || /^\d/.test(pieces[codeAt - 2] ?? '1')) return '';
  return pieces.splice(codeAt - 1, 1)[0] ?? '';
}

/** "Milano (MI)", "Milano MI", "São Paulo - SP": the province behind the town. */
function takeProvince(pieces: string[]): string {
  for (let at = pieces.length - 1; at > 0; at -= 1) {
    const [, town, province] =
      /^(\p{L}.*?)\s+(?:-\s*|\u2013\s*|\()?([A-Z]{2})\)?$/u.exec(pieces[at] ?? '') ?? [];
    if (!town || !province) continue;
    pieces[at] = town;
    return province;
  }
  return '';
}

function takeTown(pieces: string[], codeAt: number): string {
  const at = codeAt >= 0 && codeAt < pieces.length && pieces[codeAt] ? codeAt : pieces.findLastIndex(Boolean);
  const town = pieces[at] ?? '';
  if (at <= 0 || /^\d/.test(town)) {
    clean(pieces);
    return '';
  }
  pieces.splice(at, 1);
  clean(pieces);
  return town;
}

function clean(pieces: string[]): void {
  for (let at = pieces.length - 1; at >= 0; at -= 1) if (!pieces[at]) pieces.splice(at, 1);
}
