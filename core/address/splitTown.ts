import { mayBeTown, put, SLAVIC_STREET, STREET, take, textAt, type Piece } from './pieces.ts';
import { CITY_STATES } from './splitCountry.ts';

/** A town that says so: "г. Москва", "м. Київ", "гр. София". */
const TOWN_MARK = /^(?:г\.|гор\.|город |м\.|місто |гр\.|град )\s*(?=\p{Lu})/u;

/** Takes the town; `codeAt` is the piece that the postal code was cut out of, -1 where there is none. */
export function takeTown(
  pieces: Piece[],
  country: string,
  codeAt: number,
): { readonly text: string; readonly isByPlace: boolean } {
  const marked = pieces.findIndex(({ text }) => TOWN_MARK.test(text));
  if (marked >= 0) return { text: take(pieces, marked).replace(TOWN_MARK, ''), isByPlace: false };
  const beside = textAt(pieces, codeAt);
  if (codeAt > 0 && beside && !/^\d/.test(beside)) return { text: take(pieces, codeAt), isByPlace: false };
  // From the large to the small: the code first and by itself, or with its town; or a street's word behind the town.
  const first = pieces.findIndex(({ text }) => text);
  const isReversed =
    codeAt === 0 ||
    (pieces.length > 1 &&
      !STREET.test(textAt(pieces, first)) &&
      SLAVIC_STREET.test(textAt(pieces, first + 1)));
  if (isReversed && pieces.length > 1 && mayBeTown(textAt(pieces, first)))
    return { text: take(pieces, first), isByPlace: codeAt !== 0 || first !== 0 };
  if (SELF_TOWN.has(country)) return { text: '', isByPlace: false };
  const last = pieces.findLastIndex(({ text }, at) => at > 0 && mayBeTown(text));
  if (last > 0) return { text: take(pieces, last), isByPlace: true };
  const at = pieces.findLastIndex(({ text }) => text);
  const piece = textAt(pieces, at);
  const [, street = '', town = ''] =
    BEHIND_UNIT.exec(piece) ??
    (CITY_STATES.has(country) ? undefined : behindKind(piece)) ??
    (at === codeAt ? BEHIND_NUMBER.exec(piece) : undefined) ??
    [];
  if (!street) return { text: '', isByPlace: true };
  put(pieces, at, street);
  return { text: town, isByPlace: false };
}

/** Of the city states those whose addresses name no other town. */
const SELF_TOWN = new Set(['SG', 'MC', 'GI', 'MO', 'VA']);
/** "100 Main Street Suite 200 Springfield": the town behind the number of a unit. */
const BEHIND_UNIT =
  /^(.*\d.*\b(?:suite|ste|unit|apt|floor|#)\.? ?#?(?:\d[\w-]*|[A-Z]))\s+(\p{Lu}[\p{L} .'’-]+)$/iu;
/** "Avenida Larco 345 Lima": the town behind the number of the house, which the street's name stands before. */
const BEHIND_NUMBER = /^(\p{L}.*\s\d+[\p{L}]?)\s+(\p{Lu}[\p{L}.'’-]+(?:\s\p{Lu}[\p{L}.'’-]+){0,3})$/u;

/** How streets of English end; "St Albans" does not. */
const KIND =
  /(?<=\d\S*(?:\s\S+){1,5}\s)(?:street|st|road|rd|avenue|ave|drive|dr|lane|ln|boulevard|blvd|way|court|ct|place|terrace|crescent|square|highway|hwy|parade|quay|parkway|pkwy|circle|grove)\.?(?=\s)/iu;
/** What may go on with a street: where it lies on it, or what stands in it. */
const GOES_ON =
  /^(?:north|south|east|west|central|[nsew]{1,2}|upper|lower|old)\b|\b(?:estate|centre|center|park|mall|building|house|floor|plaza|industrial|business|retail|tower|market|district|village|street|road|avenue|lane|drive)\b/i;
/** "120 Main Street Sequim": the town behind the kind of the street, as a line without commas has it. */
function behindKind(piece: string): readonly string[] | undefined {
  const kind = KIND.exec(piece);
  if (!kind) return undefined;
  const end = kind.index + kind[0].length;
  const town = piece.slice(end).trim();
  return /^\p{Lu}[\p{L}.'’-]+(?:\s\p{Lu}[\p{L}.'’-]*){0,2}$/u.test(town) && !GOES_ON.test(town)
    ? [piece, piece.slice(0, end), town]
    : undefined;
}
