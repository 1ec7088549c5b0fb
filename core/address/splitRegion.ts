import { hasRegion } from './form.ts';
import { hasCounties, isCounty } from './counties.ts';
import { mayBeTown, put, STREET, take, textAt, type Piece } from './pieces.ts';
import { regionNamed, regionsOf } from './regions.ts';

interface RegionTaken {
  readonly text: string;
  /** Whether it is one of a list, or says that it is a region. */
  readonly isKnown: boolean;
  /** Whether it was a piece before that of the postal code, whose place so moves down. */
  readonly wasBefore: boolean;
}

export function takeRegion(pieces: Piece[], country: string, codeAt: number): RegionTaken {
  const before = pieces.length;
  const taken = (text: string, at: number): RegionTaken => ({
    text,
    isKnown: true,
    wasBefore: pieces.length < before && codeAt > at,
  });
  const hasList = regionsOf(country).length > 0;
  const isRegion = (text: string): boolean =>
    regionNamed(text, country) !== undefined ||
    (!hasList && isCounty(text, country)) ||
    isProvince(text, country);
  const from = hasList ? Math.max(0, codeAt - 1) : 0;
  for (let at = pieces.length - 1; at >= from; at -= 1) {
    const piece = textAt(pieces, at);
    // Of two that could be the town one must be left.
    const isTown = hasList && at === 1 && codeAt === 1 && CALLED_LIKE_REGIONS.test(piece);
    if (
      isRegion(piece) &&
      !isTown &&
      (hasList ? at > 0 : hasOtherTown(pieces, at) || (at > 0 && isProvince(piece, country)))
    )
      return taken(take(pieces, at), at);
    const [town, region] = at > 0 || codeAt === 0 || hasList ? townAndRegion(piece, country, isRegion) : [];
    if (!town || !region) continue;
    put(pieces, at, town);
    return taken(region, at);
  }
  const behind = codeAt > 0 && pieces.length === codeAt + 2 ? textAt(pieces, codeAt + 1) : '';
  if (behind && isBehindTown(behind, textAt(pieces, codeAt), country))
    return taken(take(pieces, codeAt + 1), codeAt + 1);
  const last = pieces.findLastIndex(({ text }) => text);
  // What stands by itself between the post town and a postcode that does so too is a county, or taken for one.
  const isAlone = codeAt >= 3 && !textAt(pieces, codeAt) && !/^\d/.test(textAt(pieces, codeAt - 2) || '1');
  if (
    !hasCounties(country) ||
    country === 'JP' ||
    !isAlone ||
    last !== codeAt - 1 ||
    isDistrictOfDublin(textAt(pieces, last))
  )
    return { text: '', isKnown: false, wasBefore: false };
  return { text: take(pieces, codeAt - 1), isKnown: false, wasBefore: true };
}

/** "Lagos 101001, Lagos", "Bandung 40111, Jawa Barat": what stands behind a code and its town, where addresses have a region. */
const isBehindTown = (text: string, town: string, country: string): boolean =>
  /^\p{L}/u.test(town) && mayBeTown(text) && !/\d/.test(text) && hasRegion(country);

/** Towns of the countries with lists that are called like a region of them. */
const CALLED_LIKE_REGIONS = /^(?:new york|qu[ée]bec)$/i;

const isDistrictOfDublin = (text: string): boolean => /^(?:dublin|baile átha cliath) \d/i.test(text);

/** Two capitals: a province of Italy, a state of Brazil, a canton. */
const isProvince = (text: string, country: string): boolean =>
  (country === 'IT' || country === 'BR' || (country === 'CH' && isCounty(text, country))) &&
  /^[A-Z]{2}$/.test(text);

/** How streets without a number end: "Dublin Road, Galway" names no town before Galway. */
const ENDS_AS_STREET = /\s(?:road|rd|street|lane|avenue|ave|drive|square|terrace|quay|crescent|parade)\.?$/i;

/** Whether another piece than the one at a place, behind the first and without a number, may be the town. */
const hasOtherTown = (pieces: readonly Piece[], place: number): boolean =>
  pieces.some(
    ({ text }, at) =>
      at !== place &&
      mayBeTown(text) &&
      (at > 0 || place === 1 || /\d/.test(textAt(pieces, place + 1))) &&
      !STREET.test(text) &&
      !ENDS_AS_STREET.test(text),
  );

/** "Milano (MI)", "Milano MI", "Beyoğlu/İstanbul", "Melbourne VIC", "Montréal Québec": the town and the region behind it. */
function townAndRegion(
  piece: string,
  country: string,
  isRegion: (text: string) => boolean,
): readonly [town?: string, region?: string] {
  const [, town = '', mark = '', region = ''] =
    /^(\p{L}.*?)\s*([(/])\s*([^()/\d]+?)\s*\)?$/u.exec(piece) ?? [];
  if (town && (isRegion(region) || (mark === '/' && country === 'TR' && !/\d/.test(town))))
    return [town, region];
  const code = /^(.*\p{L}.*?)\s+([A-Z]{2,3})$/u.exec(piece);
  if (code?.[1] && code[2] && (regionNamed(code[2], country) ?? isProvince(code[2], country)))
    return [code[1], code[2]];
  if (country !== 'CA' && country !== 'AU') return [];
  const words = piece.split(' ');
  for (let take = Math.min(4, words.length - 1); take > 0; take -= 1) {
    const [first, last] = [words.slice(0, -take).join(' '), words.slice(-take).join(' ')];
    if (regionNamed(last, country) && !/(?: |^)(?:de|du|of|the)$/i.test(first) && !/^\d/.test(first))
      return [first, last];
  }
  return [];
}
