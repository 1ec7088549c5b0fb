import { withPlainLetters } from './fold.ts';
import { inLatin } from './latin.ts';

/**
 * A file's name as systems compare it: capitals do not tell names apart, nor does how accents are stored (macOS takes
 * them off their letters).
 */
export const foldFileName = (name: string): string => name.normalize('NFC').toLowerCase();

/** A file name that is not taken yet (by names folded): a second `front.jpg` becomes `front-2.jpg`. */
export function freeName(name: string, taken: Set<string>): string {
  let free = name;
  for (let count = 2; taken.has(foldFileName(free)); count += 1)
    free = name.replace(/(\.[^.]*)?$/, `-${String(count)}$1`);
  taken.add(foldFileName(free));
  return free;
}

const UMLAUTS = { ä: 'ae', ö: 'oe', ü: 'ue' };
const NORDIC = { ø: 'oe', å: 'aa' };

/** Letters that a country (ISO 3166-1 alpha-2) writes as two where it has to do without them; elsewhere the mark goes. */
const AS_TWO: ReadonlyMap<string, Readonly<Record<string, string>>> = new Map(
  [UMLAUTS, NORDIC].flatMap((letters) =>
    (letters === UMLAUTS ? ['DE', 'AT', 'CH', 'LI', 'LU'] : ['DK', 'NO', 'FO', 'GL']).map(
      (country) => [country, letters] as const,
    ),
  ),
);

/**
 * A text as a file name: lower case, ASCII, words joined by hyphens, at most so many characters. Letters that the
 * country writes as two are two, those of other scripts become Latin ones by their sound (`inLatin`).
 */
export function fileName(text: string, country = '', most = 60): string {
  const letters = AS_TWO.get(country) ?? {};
  const small = text
    .normalize('NFC')
    .toLowerCase()
    .replace(/[äöüøå]/g, (letter) => letters[letter] ?? letter);
  return (
    withPlainLetters(inLatin(small))
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, most)
      .replace(/-$/, '') || 'unnamed'
  );
}
