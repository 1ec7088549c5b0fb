import { fold, remember, table, withLettersAsTwo } from '#core/text';

/** Words of names and addresses that say the same: "and" in many languages, legal forms, numbers up to twelve. */
const SAME = table<string>({
  ...Object.fromEntries('und et y e och og en i ja es és'.split(' ').map((word) => [word, 'and'])),
  limited: 'ltd',
  incorporated: 'inc',
  company: 'co',
  corporation: 'corp',
  gesellschaft: 'gmbh',
  ...Object.fromEntries(
    'one two three four five six seven eight nine ten eleven twelve'
      .split(' ')
      .map((word, at) => [word, String(at + 1)]),
  ),
});

/** Marks of a number before it: "Calle Mayor nº 3", "No. 1 Nails", "д. 12". */
const NUMBER_MARK =
  /(?:№|#|(?<!\p{L})(?:nº|n°|no|nr|nro|num|numero|número|number|numéro|д|дом|буд)\.?)(?=\s*\d)/giu;
/** Parts of a Japanese house number: 3丁目1番2号 is 3-1-2. */
const BLOCKS =
  /(\d+|[一二三四五六七八九]?十[一二三四五六七八九]?|[一二三四五六七八九])(?:丁目|番地の?|番|号|の)/gu;
const KANJI = '〇一二三四五六七八九';
/** A number of Japanese figures up to 99: 十二 is 12. */
function japaneseNumber(written: string): number {
  const [tens = '', ones = ''] = written.includes('十') ? written.split('十') : ['〇', written];
  return 10 * (tens === '' ? 1 : KANJI.indexOf(tens)) + (ones === '' ? 0 : KANJI.indexOf(ones));
}

/** A text with what people write in two ways written in one, before its words are folded. */
const written = remember((text) =>
  withLettersAsTwo(
    text
      .normalize('NFKC')
      .toLowerCase()
      .replace(
        BLOCKS,
        (_, number: string) => `${/\d/.test(number) ? number : String(japaneseNumber(number))}-`,
      )
      .replace(NUMBER_MARK, ' ')
      .replace(/\s\+\s/g, ' and '),
  ),
);

interface Word {
  /** Folded, its abbreviation written out. */
  readonly text: string;
  /** Folded as it stands. */
  readonly bare: string;
  /** Whether a full stop says that it was cut short. */
  readonly isShort: boolean;
}

const NO_WORD: Word = { text: '', bare: '', isShort: false };

const wordsOf = (text: string, folded: (text: string) => string): readonly Word[] =>
  [...written(text).matchAll(/[\p{L}\p{N}\p{M}’']+(\.?)|&/gu)].flatMap(([whole, stop = '']) =>
    folded(whole)
      .split(' ')
      .filter(Boolean)
      .map((word) => ({ text: SAME[word] ?? word, bare: fold(whole), isShort: stop !== '' })),
  );

/** Words that stand for one another: the same, or one of them cut short with its full stop, "G." for "Giuseppe". */
const isAlike = (one: Word, other: Word): boolean =>
  one.text === other.text ||
  (one.isShort && other.bare.startsWith(one.bare) && !/\d/.test(other.bare)) ||
  (other.isShort && one.bare.startsWith(other.bare) && !/\d/.test(one.bare));

/** A folded text without its blanks, but for those between two numbers: 5/7 is not 57. */
export const withoutBlanks = (folded: string): string => folded.replace(/(?<!\d) | (?!\d)/g, '');

const joined = (words: readonly Word[]): string => withoutBlanks(words.map(({ text }) => text).join(' '));
/** "P.O. Box" and "PO Box", "D.C." and "DC". */
const bare = (words: readonly Word[]): string => withoutBlanks(words.map((word) => word.bare).join(' '));

/** No name and no street is longer. */
const LONGEST = 300;

/**
 * Whether two texts are one in two spellings that folding alone does not bring together: umlauts as two letters, "&" and
 * "and" in another language, "Ltd" and "Limited", words cut short, numbers in words or with a mark, house numbers of Japan,
 * and pieces between commas in another order. `folded` is how a word is folded.
 */
export function isSpeltAlike(one: string, other: string, folded: (text: string) => string = fold): boolean {
  if (one.length > LONGEST || other.length > LONGEST) return false;
  const [a, b] = [wordsOf(one, folded), wordsOf(other, folded)];
  if (a.length === 0 || b.length === 0) return false;
  if (joined(a) === joined(b) || bare(a) === bare(b)) return true;
  const isAligned = a.length === b.length && a.every((word, at) => isAlike(word, b[at] ?? NO_WORD));
  if (isAligned && a.some((word, at) => word.text === b[at]?.text)) return true;
  const pieces = (text: string): string =>
    text
      .split(/[,;\n·|]/)
      .map((piece) => joined(wordsOf(piece, folded)))
      .filter(Boolean)
      .sort()
      .join('\n');
  return one.includes(',') && pieces(one) === pieces(other);
}
