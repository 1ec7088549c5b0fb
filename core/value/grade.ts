import { foldAddress, foldStreet, regionNamed, type AddressPart } from '#core/address';
import { foldUrl, normaliseProfile, parseUrl } from '#core/link';
import { days, readDay, stretchOf, type Day, type Hours, type Stretch } from '#core/hours';
import { digitsOfLetters, readTelephone } from '#core/phone';
import { distance, readPin, type Coordinates } from '#core/pin';
import { collapse, fold } from '#core/text';
import { isSpeltAlike, withoutBlanks } from './alike.ts';

/**
 * How a fact stands elsewhere. **exact**: every character. **written-differently**: equal once case, spacing,
 * punctuation, brackets and abbreviations are put aside. **partly**: something missing or added.
 */
export type Agreement = 'exact' | 'written-differently' | 'partly' | 'different' | 'missing';

/**
 * Compares a text with the reference, each word folded. White space around it does not count, inside it does. What people
 * spell in two ways (`isSpeltAlike`) is written differently.
 */
export function gradeText(
  reference: string,
  other: string,
  folded: (text: string) => string = fold,
): Agreement {
  const graded = gradeFolded(reference, other, folded);
  if (graded !== 'partly' && graded !== 'different') return graded;
  return isSpeltAlike(reference.trim(), other.trim(), folded) ? 'written-differently' : graded;
}

/** Compares two texts, as a whole and word by word, by nothing but what `folded` leaves of them. */
export function gradeFolded(reference: string, other: string, folded: (text: string) => string): Agreement {
  const [a, b] = [reference.trim(), other.trim()];
  if (a === b) return 'exact';
  if (!b) return 'missing';
  if (collapse(a) === collapse(b) || folded(a) === folded(b)) return 'written-differently';
  const [all, some] = [words(folded(a)), words(folded(b))];
  if (all.length === 0 || some.length === 0) return 'different';
  if (withoutBlanks(folded(a)) === withoutBlanks(folded(b))) return 'written-differently';
  const within = (inner: readonly string[], outer: readonly string[]): boolean =>
    inner.every((word) => outer.includes(word));
  return within(all, some) || within(some, all) || isPartOf(a, b) ? 'partly' : 'different';
}

/** Whether one holds the other, where names are written without blanks. */
const isPartOf = (a: string, b: string): boolean =>
  [a, b].every((one) => /^[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}ー\s]{2,}$/u.test(one)) &&
  (a.includes(b) || b.includes(a));

const words = (text: string): string[] => text.split(' ').filter(Boolean);

/**
 * Compares a part of an address: abbreviations such as St for Street count as written differently, and so do a region by
 * its code and a postal code with its country or without blanks. `country` is its alpha-2 code, '' for unknown.
 */
export function gradeAddressPart(
  reference: string,
  other: string,
  part: AddressPart = 'streetAddress',
  country = '',
): Agreement {
  const folded = part === 'streetAddress' ? foldStreet : foldAddress;
  const graded = gradeText(reference, other, folded);
  if (graded !== 'different' && graded !== 'partly') return graded;
  const region = part === 'addressRegion' ? regionNamed(reference, country) : undefined;
  if (region && region.code === regionNamed(other, country)?.code) return 'written-differently';
  const isCode = part === 'postalCode' && codeAlone(reference) === codeAlone(other);
  return isCode ? 'written-differently' : graded;
}

/** A postal code without blanks and without the sign of a country before it. */
const codeAlone = (code: string): string =>
  code
    .replace(/[\s-]/g, '')
    .replace(/^\p{Lu}{1,3}(?=\d{4,}$)/u, '')
    .toLowerCase();

/** Compares telephone numbers by what they dial; `forms` are the spellings that count as exact. */
export function gradeTelephone(
  reference: string,
  other: string,
  country: string,
  forms: readonly string[],
): Agreement {
  const written = other.trim();
  if (!written) return reference.trim() ? 'missing' : 'exact';
  if ([reference, ...forms].some((form) => form.trim() === written)) return 'exact';
  const [a, b] = [reference, other].map(
    (text) => readTelephone(digitsOfLetters(text) || text, country).telephone,
  );
  if (a && b && a.e164 === b.e164) return a.extension === b.extension ? 'written-differently' : 'partly';
  if (a && b) return 'different';
  return gradeText(reference, other);
}

/** Compares web addresses; scheme, `www.`, a last slash and what counts visitors count as written differently. */
export function gradeUrl(reference: string, other: string): Agreement {
  if (isSameUrl(reference, other)) return 'exact';
  const [a, b] = [normaliseProfile(reference), normaliseProfile(other)];
  return foldUrl(a) === foldUrl(b) ? 'written-differently' : gradeFolded(reference, other, foldUrl);
}

/** Whether a browser asks for the same: the root has its slash whether it is written or not (URL Standard, 4.5). */
const isSameUrl = (one: string, other: string): boolean => {
  const href = parseUrl(one.trim())?.href;
  return href !== undefined && href === parseUrl(other.trim())?.href;
};

const SAME_PLACE_METRES = 15;

/** Compares pins by distance: up to 15 m apart is the same place written differently. */
export function gradePin(reference: Coordinates, other: Coordinates): Agreement {
  if (!other.latitude.trim() && !other.longitude.trim()) return 'missing';
  const [a, b] = [readPin(reference).point, readPin(other).point];
  if (!a || !b)
    return reference.latitude === other.latitude && reference.longitude === other.longitude
      ? 'exact'
      : 'different';
  if (a.latitude === b.latitude && a.longitude === b.longitude) return 'exact';
  return distance(a, b) <= SAME_PLACE_METRES ? 'written-differently' : 'different';
}

/** The minutes of a day that are open, what touches as one; as it stands where it cannot be read. */
function openOn(hours: string): string {
  // Spans that lie over one another are no hours of a day, but say when it is open.
  const spans = hours.split(', ').flatMap((span) => readDay(span).spans ?? []);
  if (spans.length === 0) return hours;
  const joined: Stretch[] = [];
  for (const { from, until } of spans.map(stretchOf).sort((a, b) => a.from - b.from)) {
    const last = joined.at(-1);
    if (last && from <= last.until)
      joined[joined.length - 1] = { ...last, until: Math.max(last.until, until) };
    else joined.push({ from, until });
  }
  return joined.map(({ from, until }) => `${String(from)}-${String(until)}`).join(' ');
}

/**
 * Compares the hours of a week day by day: closed and not said are alike. **written differently**: open at the same
 * minutes, "12:00-24:00" and "12:00-00:00". **partly**: some days are not said.
 */
export function gradeHours(reference: Hours, other: Hours): Agreement {
  const said = (hours: Hours, day: Day): string =>
    /^(closed|by appointment)$/i.test(hours[day].trim()) ? '' : hours[day].trim();
  const unlike = days.filter((day) => said(reference, day) !== said(other, day));
  if (unlike.length === 0) return 'exact';
  const differing = unlike.filter((day) => openOn(said(reference, day)) !== openOn(said(other, day)));
  if (differing.length === 0) return 'written-differently';
  // Who says that it is closed says something else than that it is open.
  const isSilent = (day: Day): boolean => said(other, day) === '' && !/^closed$/i.test(other[day].trim());
  return differing.every(isSilent) ? 'partly' : 'different';
}

/**
 * Compares what is shown of two values that are no more than texts: lists as sets (in another order they say the
 * same), addresses without what two spellings of them differ in.
 */
export function gradeShown(
  reference: string,
  other: string,
  { isList = false, isAddress = false }: { readonly isList?: boolean; readonly isAddress?: boolean } = {},
): Agreement {
  if (!isList && !reference.includes('\n') && !other.includes('\n'))
    return isAddress ? gradeUrl(reference, other) : gradeText(reference, other);
  if (reference === other) return 'exact';
  const lines = (list: string): string[] =>
    list
      .split('\n')
      .map((line) => (isAddress ? line.trim().replace(/\/$/, '') : line.trim()))
      .filter(Boolean);
  const [all, some] = [lines(reference), lines(other)];
  if (some.length === 0) return 'missing';
  const within = (inner: readonly string[], outer: readonly string[]): boolean =>
    inner.every((line) => outer.includes(line));
  if (within(all, some) && within(some, all)) return 'exact';
  return all.length > 0 && (within(all, some) || within(some, all)) ? 'partly' : 'different';
}
