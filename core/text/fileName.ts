import { withPlainLetters } from './fold.ts';

/** A file name that is not taken yet: a second `front.jpg` becomes `front-2.jpg`. Capitals do not tell names apart. */
export function freeName(name: string, taken: Set<string>): string {
  let free = name;
  for (let count = 2; taken.has(free.toLowerCase()); count += 1)
    free = name.replace(/(\.[^.]*)?$/, `-${String(count)}$1`);
  taken.add(free.toLowerCase());
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
 * The letters of Greek and Cyrillic by their sound, as passports have them (ICAO Doc 9303, part 3, section 6; ELOT 743).
 * A package for all scripts takes longer to start than everything else that reads a page.
 */
const LATIN: ReadonlyMap<string, string> = new Map(
  (
    'αa βv γg δd εe ζz ηi θth ιi κk λl μm νn ξx οo πp ρr σs ςs τt υy φf χch ψps ωo ' +
    'аa бb вv гg ґg дd ђdj еe ёe єie жzh зz иi іi їi йi јj кk лl љlj мm нn њnj оo пp рr сs тt ћc уu ўu ' +
    'фf хkh цts чch џdz шsh щshch ъ ыy ь эe юiu яia ѓgj ќkj ѕdz'
  )
    .split(' ')
    .map((pair) => [pair.slice(0, 1), pair.slice(1)] as const),
);
const OTHER_LETTER = new RegExp(`[${[...LATIN.keys()].join('')}]`, 'g');

/**
 * A text as a file name: lower case, ASCII, words joined by hyphens, at most so many characters. Letters that the
 * country writes as two are two, those of Greek and Cyrillic become Latin ones.
 */
export function fileName(text: string, country = '', most = 60): string {
  const letters = AS_TWO.get(country) ?? {};
  const small = text
    .normalize('NFC')
    .toLowerCase()
    .replace(/[äöüøå]/g, (letter) => letters[letter] ?? letter)
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/ου/g, 'ou')
    .replace(OTHER_LETTER, (letter) => LATIN.get(letter) ?? letter);
  return (
    withPlainLetters(small)
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, most)
      .replace(/-$/, '') || 'unnamed'
  );
}
