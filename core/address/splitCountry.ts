import { countryNamed } from './country.ts';
import { isCounty } from './counties.ts';
import { put, take, textAt, type Piece } from './pieces.ts';
import { regionNamed } from './regions.ts';
import { CODE_FORMS, lastMatch } from './splitCode.ts';

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
  H: 'HU',
  HU: 'HU',
  HR: 'HR',
  RO: 'RO',
  BG: 'BG',
  GR: 'GR',
  EL: 'GR',
  SK: 'SK',
  SI: 'SI',
  SLO: 'SI',
  EST: 'EE',
  EE: 'EE',
  IS: 'IS',
  RS: 'RS',
  SRB: 'RS',
  UA: 'UA',
  TR: 'TR',
  CY: 'CY',
  FL: 'LI',
  LI: 'LI',
  MC: 'MC',
  LT: 'LT',
  LV: 'LV',
};
/** Countries whose sign is part of the code, as their posts write it (Universal Postal Union). */
const KEPT_MARKS: ReadonlySet<string> = new Set(['LT', 'LV']);

/**
 * Takes the sign of a country off a postal code, "D-80331 München"; the country, '' where none stands there. A letter
 * behind a house number is the house's where the address is of another country: "Storgata 3 B 9008 Tromsø".
 */
export function takeCodeMark(pieces: Piece[], known: string): string {
  for (let at = pieces.length - 1; at >= 0; at -= 1) {
    const text = textAt(pieces, at);
    const match = /(?<![\p{L}\d])([A-Z]{1,3})[-‐– ](?=(\d{4,6}|\d{3} \d{2})(?: |$))/u.exec(text);
    const country = CODE_MARKS[match?.[1] ?? ''];
    if (!match || !country) continue;
    const isHouse = /\d $/.test(text.slice(0, match.index)) && match[0].endsWith(' ');
    if (isHouse && known && known !== country) continue;
    if (KEPT_MARKS.has(country)) return country;
    put(pieces, at, text.slice(0, match.index) + text.slice(match.index + match[0].length));
    return country;
  }
  return '';
}

/** Countries that are a town, or whose name is their town's. */
export const CITY_STATES = new Set(['SG', 'HK', 'MO', 'MC', 'GI', 'VA', 'LU', 'KW', 'DJ']);

/** Countries whose name is a town's too, where nothing else is one. */
const NAMED_AS_TOWN = /^(?:guatemala|panam[aá]|m[eé]xico|san marino)$/i;

/** The town that a country's name may stand for where no other is named; '' for none. */
export const townOfCountry = ({ code, text }: { readonly code: string; readonly text: string }): string =>
  CITY_STATES.has(code) || NAMED_AS_TOWN.test(text) ? text.replace(/\s+SAR\b.*$/i, '') : '';

/** What may name a country at the end of an address. "WA" and "CA" are regions first; "UAE" and "UK" are not, Tunis is a town. */
const countryAt = (text: string): string =>
  /^tunis$/i.test(text)
    ? ''
    : text.length > 3 || /^(usa|uk|gb|us|uae)$/i.test(text) || !/^[\x00-\x7f]*$/.test(text)
      ? countryNamed(text) || countryNamed(text.replace(/\.$/, ''))
      : '';

/** "1060 Wien Austria", "Jal. Mexico": the country in the last words of an address that holds a postal code of it. */
function countryBehindTown(pieces: readonly Piece[], at: number): readonly [name: string, rest: string] {
  const words = textAt(pieces, at).split(' ');
  const before = pieces.slice(0, at).map(({ text }) => text);
  for (let take = Math.min(4, words.length - 1); take > 0; take -= 1) {
    const [rest, name] = [words.slice(0, -take).join(' '), words.slice(-take).join(' ')];
    // "06000 Ciudad de México" is a town.
    if (/\b(?:de|del|da|do|di|of)$/i.test(rest)) continue;
    if (lastMatch([...before, rest].join(', '), CODE_FORMS[countryAt(name)])) return [name, rest];
  }
  return ['', ''];
}

/** "Russia, 191186": whether the country stands before a postal code of it that is the last piece. */
const isBeforeCode = (pieces: readonly Piece[], at: number): boolean =>
  at > 1 &&
  lastMatch(textAt(pieces, at), CODE_FORMS[countryAt(textAt(pieces, at - 1))])?.[0] === textAt(pieces, at);

/**
 * The country where it is named first, before an address from the large to the small that holds a postal code of it:
 * "Belarus, 220030 Минск, …", "South Korea 서울 …"; the code, '' for none, and what stands behind.
 */
export function countryAhead(text: string): { readonly code: string; readonly rest: string } {
  const match =
    /^\s*(\p{Lu}[\p{L} .'’&-]{3,40}?)(?:\s*[\n,，、]\s*|\s+(?=\d|[\p{Script=Han}\p{Script=Hangul}]))/u.exec(
      text,
    );
  const [code, rest] = [countryAt(match?.[1] ?? ''), text.slice(match?.[0].length)];
  return code && lastMatch(rest, CODE_FORMS[code]) ? { code, rest } : { code: '', rest: text };
}

/** "10 Anson Road Singapore 079903": a country that is a town, with its code, is a piece of its own. */
function partCityState(pieces: Piece[]): void {
  const at = pieces.length - 1;
  const [, before = '', town = ''] = CITY_STATE.exec(textAt(pieces, at)) ?? [];
  if (!before) return;
  put(pieces, at, before);
  pieces.push({ joint: ', ', text: town });
}
const CITY_STATE =
  /^(.*\d.*\S)\s+((?:Singapore|Monaco|Macau|Gibraltar)(?:\s+(?:[A-Z]{2}\d{2} )?\d[\dA-Z]*)?)$/iu;

/** Takes the country's name off the end: a piece of its own, or before or behind a postal code. */
export function takeCountry(pieces: Piece[], home: string): { code: string; text: string } {
  const none = { code: '', text: '' };
  partCityState(pieces);
  const end = pieces.length - 1;
  const at = isBeforeCode(pieces, end) ? end - 1 : end;
  const last = textAt(pieces, at);
  if (at < 1 && !/\d/.test(last)) return none;
  const behind = /^(.*\d[\p{L}\d]*)\s+(\p{L}[\p{L} .'’-]+)$/u.exec(last);
  const before = /^(\p{L}[\p{L} .'’-]*?)\s+(?=(?:[A-Z]{1,3}-?)?\d[\dA-Z -]*$|[A-Z]\d[A-Z] ?\d[A-Z]\d$)/u.exec(
    last,
  );
  for (const [text, rest] of [
    [last, ''],
    [behind?.[2] ?? '', behind?.[1] ?? ''],
    [before?.[1] ?? '', last.slice(before?.[0].length ?? 0)],
    countryBehindTown(pieces, at),
  ] as const) {
    const code = countryAt(text);
    // Georgia is a state where the address is one of the United States.
    const isState = regionNamed(text, 'US') !== undefined && (home === 'US' || !home);
    if (!code || (isState && code !== 'US') || (at < 1 && !rest)) continue;
    if (!rest) take(pieces, at);
    // "Singapore 238841": the town of its code as well.
    else if (!townOfCountry({ code, text }) || /\p{L}{2}/u.test(rest)) put(pieces, at, rest);
    return { code, text };
  }
  return none;
}

/** Letters that hardly more than one country writes its addresses in. */
const SCRIPTS: readonly (readonly [RegExp, string])[] = [
  [/\p{Script=Greek}{3}/u, 'GR'],
  [/\p{Script=Thai}/u, 'TH'],
  [/\p{Script=Hebrew}/u, 'IL'],
  [/\p{Script=Georgian}/u, 'GE'],
  [/\p{Script=Armenian}/u, 'AM'],
  [/[ığ]/u, 'TR'],
  [/(?:^|[ ,])(?:вул|просп|бульв)\.|[іїє]/u, 'UA'],
];

/** Postal codes of a form that no other country here has tell the country; else regions, or the letters. */
export function guessCountry(pieces: readonly Piece[], home: string): string {
  const text = pieces.map((piece) => piece.text).join(', ');
  if (home && lastMatch(text, CODE_FORMS[home])) return home;
  for (const country of ['GB', 'IE', 'CA', 'US', 'NL', 'PT', 'PL']) {
    const form = CODE_FORMS[country];
    if (!lastMatch(text, form)) continue;
    if (country !== 'US') return country;
    if (pieces.some((piece) => regionIn(piece.text, 'US'))) return 'US';
  }
  if (/(?<![\d-])\d{5}-\d{3}(?![\d-])/.test(text)) return 'BR';
  if (home) return home;
  if (/\b(?:NSW|VIC|Vic|QLD|Qld|ACT|TAS|Tas|SA|WA|NT),? \d{4}$/.test(text)) return 'AU';
  if (
    lastMatch(text, CODE_FORMS['IN']) &&
    pieces.some((piece) => isCounty(piece.text.replace(/\s*[\d ]+$/, ''), 'IN'))
  )
    return 'IN';
  const script = SCRIPTS.find(([letters]) => letters.test(text));
  if (script) return script[1];
  return pieces.length > 2 && regionIn(pieces.at(-1)?.text ?? '', 'US') ? 'US' : '';
}

/** Whether a piece names a region: by its code in capitals, or by its name before a postal code. */
const regionIn = (piece: string, country: string): boolean =>
  regionNamed(piece.replace(/\s+[\d-]+$/, ''), country) !== undefined ||
  piece.split(' ').some((word) => /^[A-Z]{2}$/.test(word) && regionNamed(word, country));
