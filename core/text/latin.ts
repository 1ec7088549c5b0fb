/**
 * The letters of Greek and Cyrillic by their sound, as passports have them (ICAO Doc 9303, part 3, section 6; ELOT 743),
 * those of Georgian and Armenian (BGN/PCGN 2009 and 1981), Arabic and Persian without their short vowels (ICAO, as above)
 * and Hebrew (Academy of the Hebrew Language, 2006, its plain form), and Korean's letter by letter, at the beginning and at
 * the end of a syllable (Revised Romanization, 2000). A package for all scripts takes longer to start than everything else
 * that reads a page.
 */
const LATIN: ReadonlyMap<string, string> = new Map(
  (
    'αa βv γg δd εe ζz ηi θth ιi κk λl μm νn ξx οo πp ρr σs ςs τt υy φf χch ψps ωo ' +
    'аa бb вv гg ґg дd ђdj еe ёe єie жzh зz иi іi їi йi јj кk лl љlj мm нn њnj оo пp рr сs тt ћc уu ўu ' +
    'фf хkh цts чch џdz шsh щshch ъ ыy ь эe юiu яia ѓgj ќkj ѕdz ' +
    'აa ბb გg დd ეe ვv ზz თt იi კk ლl მm ნn ოo პp ჟzh რr სs ტt უu ფp ქk ღgh ყq შsh ჩch ცts ძdz წts ჭch ხkh ჯj ჰh ' +
    'աa բb գg դd եe զz էe ըy թt ժzh իi լl խkh ծts կk հh ձdz ղgh ճch մm յy նn շsh ոo չch պp ջj ռr սs վv տt րr ցts ւv փp քk օo ֆf ' +
    'اa أa إi آa ٱa بb تt ثth جj حh خkh دd ذdh رr زz سs شsh صs ضd طt ظz عa غgh فf قq كk لl مm نn هh ةa وw يy ىa ئi ؤu ءe ' +
    'پp چch ژzh گg کk یy ھh ٹt ڈd ڑr ےe ' +
    'אa בb גg דd הh וv זz חh טt יy כkh ךkh לl מm םm נn ןn סs עa פf ףf צts ץts קk רr שsh תt ' +
    'ᄀg ᄁkk ᄂn ᄃd ᄄtt ᄅr ᄆm ᄇb ᄈpp ᄉs ᄊss ᄋ ᄌj ᄍjj ᄎch ᄏk ᄐt ᄑp ᄒh ' +
    'ᅡa ᅢae ᅣya ᅤyae ᅥeo ᅦe ᅧyeo ᅨye ᅩo ᅪwa ᅫwae ᅬoe ᅭyo ᅮu ᅯwo ᅰwe ᅱwi ᅲyu ᅳeu ᅴui ᅵi ' +
    'ᆨk ᆩk ᆪk ᆫn ᆬn ᆭn ᆮt ᆯl ᆰk ᆱm ᆲl ᆳl ᆴl ᆵp ᆶl ᆷm ᆸp ᆹp ᆺt ᆻt ᆼng ᆽt ᆾt ᆿk ᇀt ᇁp ᇂt'
  )
    .split(' ')
    .map((pair) => [pair.slice(0, 1), pair.slice(1)] as const),
);
const OTHER_LETTER = new RegExp(`[${[...LATIN.keys()].join('')}]`, 'g');

/** Kana by their sound, row by row (Hepburn); the small ones behind. */
const KANA: ReadonlyMap<string, string> = new Map(
  (
    'あa いi うu えe おo かka きki くku けke こko がga ぎgi ぐgu げge ごgo さsa しshi すsu せse そso ざza じji ずzu ぜze ぞzo ' +
    'たta ちchi つtsu てte とto だda ぢji づzu でde どdo なna にni ぬnu ねne のno はha ひhi ふfu へhe ほho ばba びbi ぶbu べbe ぼbo ' +
    'ぱpa ぴpi ぷpu ぺpe ぽpo まma みmi むmu めme もmo やya ゆyu よyo らra りri るru れre ろro わwa をo んn ゔvu'
  )
    .split(' ')
    .map((pair) => [pair.slice(0, 1), pair.slice(1)] as const),
);
const SMALL = { ゃ: 'ya', ゅ: 'yu', ょ: 'yo', ぁ: 'a', ぃ: 'i', ぅ: 'u', ぇ: 'e', ぉ: 'o' } as const;

/** Words of kana in Latin letters: "サロン・ルナ" is "saron runa"; beside characters of Han they are endings, and left. */
function kanaInLatin(text: string): string {
  return text
    .replace(/[ァ-ヴ]/g, (kana) => String.fromCharCode(kana.charCodeAt(0) - 0x60))
    .replace(/([ぁ-ゔ])([ゃゅょぁぃぅぇぉ])/g, (_, kana: string, small: keyof typeof SMALL) => {
      const [sound, vowel] = [kana === 'う' ? 'wu' : (KANA.get(kana) ?? ''), SMALL[small]];
      const stem = sound.slice(0, -1);
      // しゃ is sha, きゃ is kya, ファ is fa.
      return vowel.length > 1 && /(?:sh|ch|j)$/.test(stem) ? stem + vowel.slice(1) : stem + vowel;
    })
    .replace(/っ(?=(.))/g, (_, next: string) =>
      (/[a-z]/.test(next) ? next : (KANA.get(next)?.[0] ?? '')).replace('c', 't'),
    )
    .replace(/[ぁ-ゔ]/g, (kana) => KANA.get(kana) ?? '')
    .replace(/ー/g, '');
}

/** A text in small letters with letters of other scripts as Latin ones, without marks; what has no sound for us stays. */
export function inLatin(small: string): string {
  const kana =
    /[\u3041-\u3094\u30a1-\u30f4\uff66-\uff9d]/.test(small) && !/\p{Script=Han}/u.test(small)
      ? kanaInLatin(small.normalize('NFKC'))
      : small;
  return kana
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/ου|ու/g, (pair) => (pair === 'ου' ? 'ou' : 'u'))
    .replace(OTHER_LETTER, (letter) => LATIN.get(letter) ?? letter);
}
