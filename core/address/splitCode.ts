import { addressLines, emptyAddress } from './address.ts';
import { hasRegion } from './form.ts';
import { put, textAt, type Piece } from './pieces.ts';
import { postalCodes } from './postal-codes.ts';

export const CODE_FORMS: Readonly<Record<string, RegExp>> = Object.fromEntries(
  Object.entries(postalCodes).map(([country, { pattern }]) => [
    country,
    new RegExp(`(?<![\\w-]|\\d[.,/])(?:${pattern.source.replace(/^\^|\$$/g, '')})(?![\\w-])`, 'gi'),
  ]),
);

export const lastMatch = (text: string, form: RegExp | undefined): RegExpExecArray | undefined =>
  form ? [...text.matchAll(form)].at(-1) : undefined;

const codeFirst = new Map<string, boolean>();

/** Whether a country writes the postal code before the town, on its line. */
function isCodeFirst(country: string): boolean {
  const known = codeFirst.get(country);
  if (known !== undefined) return known;
  const sample = { ...emptyAddress, addressLocality: 'l', postalCode: 'p', addressCountry: country };
  const parts = addressLines(sample).map((line) => line.flatMap(({ part }) => part ?? []));
  // Hungary's form has the code by itself, and people write it before the town.
  const isFirst =
    country === 'HU' || parts.some((line) => line[0] === 'postalCode' && line.includes('addressLocality'));
  codeFirst.set(country, isFirst);
  return isFirst;
}

/** Words before a postal code that say that it is one, and the bracket that may hold it. */
const CODE_WORD =
  /(?:^|(?<=[\s,(]))(?:CEP|C\.?\s?P\.?|PLZ|ZIP(?: code)?|post ?code|postal code|PIN(?: ?code)?|[TΤ]\.?\s?[KΚ]\.?|CAP|PSČ|Eircode|индекс|індекс)\s*[:.]?\s*$/iu;

/** Cuts the postal code out of its piece; `at` is the piece of its town, -1 where there is no code. */
export function takePostalCode(pieces: Piece[], country: string): { text: string; at: number } {
  const isFirst = isCodeFirst(country);
  for (let at = pieces.length - 1; at >= 0; at -= 1) {
    const piece = textAt(pieces, at);
    const match = lastMatch(piece, CODE_FORMS[country]);
    if (!match) continue;
    const before = piece
      .slice(0, match.index)
      .replace(/[([]\s*$/, '')
      .replace(CODE_WORD, '')
      .trim();
    const after = piece
      .slice(match.index + match[0].length)
      .replace(/^\s*[)\]]/, '')
      .trim();
    const isFigure = /^\d+$/.test(match[0]);
    if (at === 0 && pieces.length > 1 && isFigure) {
      // A bare number in front of a street is the house's, and so is one behind it; but "1052 Budapest, Váci utca 12".
      const isReversed =
        (isFirst || /^\d{6} \p{Script=Cyrillic}/u.test(piece)) &&
        match[0].length > 3 &&
        pieces.slice(1).some((one) => /\d/.test(one.text));
      if (before ? !after : after !== '' && !isReversed) continue;
    }
    // "Bandung 40111 Jawa Barat": the region behind the code of its town.
    if (at > 0 && !isFirst && before && after && hasRegion(country) && !/\d/.test(after)) {
      put(pieces, at, before);
      pieces.splice(at + 1, 0, { joint: ', ', text: after });
      return { text: match[0], at };
    }
    // "Damrak 12 1012 LG Amsterdam": the street on its left, the town on its right.
    if ((isFirst || (at === 0 && /\s\S*\d\S*$/.test(before))) && before && after) {
      put(pieces, at, before);
      pieces.splice(at + 1, 0, { joint: ', ', text: after });
      return { text: match[0], at: at + 1 };
    }
    put(pieces, at, `${before} ${after}`);
    if (isFirst && after) joinDistrict(pieces, at);
    return { text: match[0], at };
  }
  return { text: '', at: -1 };
}

/** "811 06 Bratislava - Staré Mesto": what stands behind a dash at the end, without a number, is the town's. */
function joinDistrict(pieces: Piece[], at: number): void {
  const behind = pieces[at + 1];
  if (at + 2 !== pieces.length || !behind || behind.joint === ', ' || /\d|^[A-Z]{2}$/.test(behind.text))
    return;
  put(pieces, at, textAt(pieces, at) + behind.joint + behind.text);
  pieces.pop();
}
