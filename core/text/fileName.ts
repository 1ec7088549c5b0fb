import { withPlainLetters } from './fold.ts';

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
 * The letters of Greek and Cyrillic by their sound, as passports have them (ICAO Doc 9303, part 3, section 6; ELOT 743),
 * those of Georgian and Armenian (BGN/PCGN 2009 and 1981), and Korean's letter by letter, at the beginning and at the end
 * of a syllable (Revised Romanization, 2000). A package for all scripts takes longer to start than everything else that reads a page.
 */
const LATIN: ReadonlyMap<string, string> = new Map(
  (
    'αa βv γg δd εe ζz ηi θth ιi κk λl μm νn ξx οo πp ρr σs ςs τt υy φf χch ψps ωo ' +
    'аa бb вv гg ґg дd ђdj еe ёe єie жzh зz иi іi їi йi јj кk лl љlj мm нn њnj оo пp рr сs тt ћc уu ўu ' +
    'фf хkh цts чch џdz шsh щshch ъ ыy ь эe юiu яia ѓgj ќkj ѕdz ' +
    'აa ბb გg დd ეe ვv ზz თt იi კk ლl მm ნn ოo პp ჟzh რr სs ტt უu ფp ქk ღgh ყq შsh ჩch ცts ძdz წts ჭch ხkh ჯj ჰh ' +
    'աa բb գg դd եe զz էe ըy թt ժzh իi լl խkh ծts կk հh ձdz ղgh ճch մm յy նn շsh ոo չch պp ջj ռr սs վv տt րr ցts ւv փp քk օo ֆf ' +
    'ᄀg ᄁkk ᄂn ᄃd ᄄtt ᄅr ᄆm ᄇb ᄈpp ᄉs ᄊss ᄋ ᄌj ᄍjj ᄎch ᄏk ᄐt ᄑp ᄒh ' +
    'ᅡa ᅢae ᅣya ᅤyae ᅥeo ᅦe ᅧyeo ᅨye ᅩo ᅪwa ᅫwae ᅬoe ᅭyo ᅮu ᅯwo ᅰwe ᅱwi ᅲyu ᅳeu ᅴui ᅵi ' +
    'ᆨk ᆩk ᆪk ᆫn ᆬn ᆭn ᆮt ᆯl ᆰk ᆱm ᆲl ᆳl ᆴl ᆵp ᆶl ᆷm ᆸp ᆹp ᆺt ᆻt ᆼng ᆽt ᆾt ᆿk ᇀt ᇁp ᇂt'
  )
    .split(' ')
    .map((pair) => [pair.slice(0, 1), pair.slice(1)] as const),
);
const OTHER_LETTER = new RegExp(`[${[...LATIN.keys()].join('')}]`, 'g');

/**
 * A text as a file name: lower case, ASCII, words joined by hyphens, at most so many characters. Letters that the
 * country writes as two are two, those of Greek, Cyrillic, Georgian, Armenian and Korean become Latin ones.
 */
export function fileName(text: string, country = '', most = 60): string {
  const letters = AS_TWO.get(country) ?? {};
  const small = text
    .normalize('NFC')
    .toLowerCase()
    .replace(/[äöüøå]/g, (letter) => letters[letter] ?? letter)
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/ου|ու/g, (pair) => (pair === 'ου' ? 'ou' : 'u'))
    .replace(OTHER_LETTER, (letter) => LATIN.get(letter) ?? letter);
  return (
    withPlainLetters(small)
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, most)
      .replace(/-$/, '') || 'unnamed'
  );
}
