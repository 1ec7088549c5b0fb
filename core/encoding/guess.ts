import { analyse } from 'chardet';
import { binaryBytes, binaryText, decodeBytes } from '#core/text';

/** The encodings that files are written in where nothing says so. */
export const guessedEncodings = [
  'utf-8',
  'utf-16le',
  'utf-16be',
  'windows-1252',
  'macintosh',
  'windows-1250',
  'iso-8859-2',
  'windows-1251',
  'koi8-r',
  'windows-1253',
  'windows-1254',
  'windows-1255',
  'windows-1256',
  'windows-1257',
  'windows-874',
  'shift_jis',
  'euc-jp',
  'euc-kr',
  'gb18030',
  'big5',
] as const;
export type GuessedEncoding = (typeof guessedEncodings)[number];

/** Where the name that a file's bytes are known by stands for less than what is written under it. */
const WIDER: Readonly<Record<string, GuessedEncoding>> = {
  'iso-8859-1': 'windows-1252',
  'iso-8859-2': 'windows-1250',
  'iso-8859-6': 'windows-1256',
  'iso-8859-7': 'windows-1253',
  'iso-8859-8': 'windows-1255',
  'iso-8859-9': 'windows-1254',
};
/** Whether bytes are valid in an encoding. */
export function isValidIn(bytes: Uint8Array, encoding: GuessedEncoding): boolean {
  try {
    decodeBytes(bytes, encoding, true);
    return true;
  } catch {
    return false;
  }
}

/** An encoding with how much speaks for it, of a hundred. */
export interface Likely {
  readonly encoding: GuessedEncoding;
  readonly confidence: number;
}

/** The encodings that the letters speak for and no byte against, the likeliest first. */
export function likelyEncodings(bytes: Uint8Array): readonly Likely[] {
  return analyse(bytes).flatMap(({ name, confidence }): Likely[] => {
    const lower = name.toLowerCase();
    const encoding = guessedEncodings.find((one) => one === (WIDER[lower] ?? lower));
    if (!encoding) return [];
    const east = encoding === 'windows-1250' ? centralEuropean(bytes) : encoding;
    return isValidIn(bytes, east) ? [{ encoding: east, confidence }] : [];
  });
}

/** windows-1250 or ISO 8859-2, which agree in most letters: signs inside words are letters of the other. */
const centralEuropean = (bytes: Uint8Array): GuessedEncoding =>
  hasSignInWord(bytes, 'windows-1250') ? 'iso-8859-2' : 'windows-1250';

/** Whether a sign stands where a letter should: "Z³oty", "D±b". */
export const hasSignInWord = (bytes: Uint8Array, encoding: GuessedEncoding): boolean =>
  /[\p{L}\s][\u00a2-\u00a6\u00ac\u00b1\u00b3\u00b6\u00b9\u00bc-\u00bf]\p{Ll}/u.test(
    decodeBytes(bytes, encoding),
  );

/** Where a page says its language: the encodings that pages of it have without saying so (Encoding Standard; HTML, 13.2.3.2). */
const OF_LANGUAGE: ReadonlyMap<string, readonly GuessedEncoding[]> = new Map(
  (
    [
      ['ja', ['shift_jis', 'euc-jp']],
      ['ko', ['euc-kr']],
      ['zh', ['gb18030', 'big5']],
      ['zh-hans', ['gb18030']],
      ['zh-hant', ['big5']],
      ['ru bg uk be mk sr', ['windows-1251', 'koi8-r']],
      ['el', ['windows-1253']],
      ['he', ['windows-1255']],
      ['ar fa ur', ['windows-1256']],
      ['th', ['windows-874']],
      ['pl cs sk hu sl hr ro bs sq', ['windows-1250', 'iso-8859-2']],
      ['tr az', ['windows-1254']],
      ['lt lv et', ['windows-1257']],
    ] as const
  ).flatMap(([languages, encodings]) =>
    languages.split(' ').map((language) => [language, encodings] as const),
  ),
);
/** The encodings in which a language, and its script (BCP 47), was written before Unicode; none for a Western one. */
export function encodingsOfLanguage(locale: string): readonly GuessedEncoding[] {
  const [language = '', script = ''] = locale.toLowerCase().split('-');
  return OF_LANGUAGE.get(`${language}-${script}`) ?? OF_LANGUAGE.get(language) ?? [];
}

/** Those that differ in a few accented letters. */
export const latinEncodings: ReadonlySet<GuessedEncoding> = new Set([
  'windows-1250',
  'iso-8859-2',
  'windows-1252',
  'windows-1254',
  'windows-1257',
  'macintosh',
]);

/** A page without what stands in its scripts and styles; each is looked for once, however many are not closed. */
function withoutScripts(source: string): string {
  const lower = source.toLowerCase();
  const kept: string[] = [];
  let at = 0;
  for (const { 0: tag, 1: name = '', index } of lower.matchAll(/<(script|style)\b/g)) {
    if (index < at) continue;
    kept.push(source.slice(at, index));
    const close = lower.indexOf(`</${name}`, index + tag.length);
    if (close < 0) return kept.join(' ');
    at = close;
  }
  return [...kept, source.slice(at)].join(' ');
}

/** As much of a page is looked at. */
const LOOKED_AT = 100_000;
/** So much of a text's letters stand beyond ASCII where its script is not Latin. */
const FOREIGN = 0.35;
/** Fewer letters tell nothing by their frequency. */
const FEWEST = 30;

/**
 * The encoding of a page that does not name it and is no UTF-8: one of its language's where it names that, else one of another
 * script where most of its letters are beyond ASCII, by their frequency; else windows-1252 (HTML Living Standard, 13.2.3.2,
 * steps 8 and 9).
 */
export function guessPageEncoding(bytes: Uint8Array): string {
  // Cut behind a tag: half of a double byte would speak against every encoding that has them.
  const end = bytes.lastIndexOf(0x3e, LOOKED_AT) + 1;
  const source = binaryText(bytes.subarray(0, end || LOOKED_AT));
  const shown = withoutScripts(source).replace(/<[^<>]*>/g, ' ');
  const [, language = ''] = /<html\b[^>]*?\blang\s*=\s*["']?([a-z]{2})/i.exec(source) ?? [];
  const own = OF_LANGUAGE.get(language.toLowerCase());
  const beyond = shown.match(/[\u0080-\u00ff]/g)?.length ?? 0;
  const isForeign = beyond >= FEWEST && beyond / (beyond + (shown.match(/[a-z]/gi)?.length ?? 0)) > FOREIGN;
  if (beyond === 0 || (!own && !isForeign)) return 'windows-1252';
  const likely = likelyEncodings(binaryBytes(shown)).filter(({ encoding }) => isValidIn(bytes, encoding));
  return (
    likely.find(({ encoding }) => own?.includes(encoding))?.encoding ??
    own?.find((encoding) => isValidIn(bytes, encoding)) ??
    likely.find(({ encoding }) => isForeign && !latinEncodings.has(encoding))?.encoding ??
    'windows-1252'
  );
}
