import { emptyAddress, type Address } from './address.ts';
import { countryCode } from './country.ts';
import { postalCodes } from './postal-codes.ts';
import { regionNamed, regionsOf } from './regions.ts';

/**
 * Splits a whole address pasted as text into its parts, for people to correct: the country by its name at the
 * end, the postal code by its form, the region by the lists, the town beside them, the rest is the street.
 * `home` (alpha-2, '' for unknown) is the country where the text names none. Nothing of the text is dropped.
 */
export function splitAddress(text: string, home = ''): Address {
  const pieces = text
    .slice(0, 1000)
    .split(/[\n,;•·|]+/)
    .map((piece) => piece.replace(/\s+/g, ' ').trim().replace(/\.$/, ''))
    .filter(Boolean);
  const named = takeCountry(pieces);
  const country = named || guessCountry(pieces, home);
  const postalCode = takePostalCode(pieces, country);
  const addressRegion = takeRegion(pieces, country, postalCode.at);
  const addressLocality = takeTown(pieces, postalCode.at);
  return {
    ...emptyAddress,
    streetAddress: pieces.join(', '),
    addressLocality,
    addressRegion,
    postalCode: postalCode.text,
    addressCountry: country,
  };
}

function takeCountry(pieces: string[]): string {
  const last = pieces.at(-1) ?? '';
  // "WA" and "CA" are regions first; a code of two letters is a country only behind others.
  const code = last.length > 3 || /^(usa|uk|gb|us)$/i.test(last) ? countryCode(last) : '';
  if (code && pieces.length > 1) {
    pieces.pop();
    return code;
  }
  return '';
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
  for (const country of ['GB', 'CA', 'US', 'NL', 'PT', 'PL']) {
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
  if (regionsOf(country).length === 0) {
    // A county stands by itself between the post town and a postcode that also stands by itself.
    if (
      !['GB', 'IE'].includes(country) ||
      codeAt < 3 ||
      pieces[codeAt] ||
      /^\d/.test(pieces[codeAt - 2] ?? '1')
    )
      return '';
    return pieces.splice(codeAt - 1, 1)[0] ?? '';
  }
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
