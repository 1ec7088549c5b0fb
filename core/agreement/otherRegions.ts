import {
  calledFirst,
  hasCounties,
  isCounty,
  regionNamed,
  regionsOf,
  regionsOfPostalCode,
  regionsOfPostalCodes,
} from '#core/address';
import { escapePattern, fold } from '#core/text';
import type { Span } from './pageText.ts';

/** What is told of a place, beside its region. */
export interface ToldPlace {
  readonly region: string;
  readonly town: string;
  readonly code: string;
  readonly country: string;
}

/** So far behind a town its region and its postal code stand. */
const FARTHEST = 80;
const CODE_WITHIN = 60;
/** A page that lists branches names a town no more often. */
const MOST = 20;

/**
 * Another region of the country than the one that is told, where the page writes one behind the town: behind the first
 * that it names (`first`), or behind one with the told postal code beside it. Undefined where the told one stands there,
 * or none.
 */
export function findOtherRegionIn(text: string, first: Span, told: ToldPlace): Span | undefined {
  const own = keyOf(told.region, told.country);
  if (!own) return undefined;
  // "Sevilla, Andalucía": what the told postal code is of as well, where a place has a region within another.
  const isOfOne = regionsOf(told.country).length > 0;
  const ofCode = isOfOne ? [] : regionsOfPostalCode(told.code, told.country);
  const compatible = new Set(ofCode.flatMap((one) => [fold(one), keyOf(one, told.country)]));
  const isOwn = (key: string): boolean => key === own || compatible.has(key);
  let other: Span | undefined;
  for (const town of [first, ...besideCode(text, told)]) {
    const found = regionBehind(text, town.end, told.country);
    if (!found) continue;
    if (isOwn(found.key)) return undefined;
    other ??= { start: found.start, end: found.end };
  }
  return other;
}

/** Where the town stands with its postal code beside it. */
function besideCode(text: string, { town, code }: ToldPlace): readonly Span[] {
  if (!town.trim() || !code.trim()) return [];
  const name = new RegExp(String.raw`(?<!\p{L})${escapePattern(town.trim())}(?!\p{L})`, 'gu');
  return [...text.matchAll(name)].slice(0, MOST).flatMap(({ 0: { length }, index }) => {
    const around = text.slice(Math.max(0, index - CODE_WITHIN), index + length + CODE_WITHIN);
    return around.includes(code.trim()) ? [{ start: index, end: index + length }] : [];
  });
}

/** What an address has behind a town: parts without figures, and a postal code between them. */
const PARTS_BEHIND =
  /^[ \t]*(?:[,，(–-][ \t]*)?(?:\d{3,6}(?: \d{2,3})?[ \t]*[,–-]?[ \t]*)?(?:[\p{L}\p{M}.’'-]+[ \t]?){1,5}(?:,[ \t]*(?:[\p{L}\p{M}.’'-]+[ \t]?){1,5})?/u;

/** The region that stands behind a town, its postal code or the larger town that it belongs to. */
function regionBehind(
  text: string,
  from: number,
  country: string,
): (Span & { readonly key: string }) | undefined {
  const [behind = ''] = PARTS_BEHIND.exec(text.slice(from, from + FARTHEST)) ?? [];
  for (const part of behind.matchAll(/[\p{L}\p{M}.’'-]+(?:[ \t][\p{L}\p{M}.’'-]+)*/gu)) {
    const words = part[0].split(/[ \t]/);
    for (let count = words.length; count > 0; count -= 1) {
      const name = words.slice(0, count).join(' ');
      const key = keyOf(name, country);
      const start = from + part.index;
      if (key) return { start, end: start + name.length, key };
    }
  }
  return undefined;
}

/** A short name may be a code that another table has. */
const SHORTEST = 4;

/** What a region is known by, where the country has one of that name; '' else. */
function keyOf(name: string, country: string): string {
  const known = regionNamed(name, country);
  if (known) return fold(known.code);
  // A county of Britain is not written by everybody, nor the same way.
  if (hasCounties(country) || name.length < SHORTEST) return '';
  const folded = fold(calledFirst(name, country) || name);
  const isKnown =
    isCounty(name, country) || regionsOfPostalCodes(country).some((one) => fold(one) === folded);
  return isKnown ? folded : '';
}
