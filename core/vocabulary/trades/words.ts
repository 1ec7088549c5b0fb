/** A word of a trade, ready to be compared. */
export interface TradeWord {
  readonly type: string;
  /** As people write it. */
  readonly word: string;
  /** Folded: see `folded`. */
  readonly text: string;
  readonly tokens: readonly string[];
  /** Without the words that say nothing of the trade. */
  readonly core: string;
  /** It says only that there is a business. */
  readonly isGeneral: boolean;
  /** It belongs to another type before this one. */
  readonly isSecond: boolean;
}

/** Spellings and synonyms that say the same, after folding. */
const SAME: Readonly<Record<string, string>> = {
  store: 'shop',
  center: 'centre',
  color: 'colour',
  theater: 'theatre',
  parlor: 'parlour',
  jewelry: 'jewellery',
  jeweler: 'jeweller',
  tire: 'tyre',
  automotive: 'auto',
  automobile: 'auto',
  car: 'auto',
  counselor: 'counsellor',
  counseling: 'counselling',
  therapie: 'therapy',
};
/** Words that join others, or that people add to any question. */
const JOINING = new Set(
  'the a an and of for in at near me my best local cheap und für de la le les du des el los di del della e y et à'
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .split(' '),
);
/** Words that say only that there is a business. */
const GENERAL = new Set(
  'shop service company business firm contractor specialist expert professional ltd llc inc gmbh clinic studio tienda negozio magasin geschaft laden centre'.split(
    ' ',
  ),
);

/** The one form of a word for one and for many, as far as English, French and Spanish add an s. */
function singular(token: string): string {
  if (token.length < 4) return token;
  if (token.endsWith('ies')) return `${token.slice(0, -3)}y`;
  if (/(?:ss|us|is)$/.test(token)) return token;
  if (/(?:x|ch|sh|ss)es$/.test(token)) return token.slice(0, -2);
  return token.endsWith('s') ? token.slice(0, -1) : token;
}

/** The tokens of a text: without accents, capitals and punctuation, in the singular, in British spelling. */
export function tokensOf(text: string): readonly string[] {
  const plain = text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .toLowerCase()
    .replace(/[’'.]/g, '')
    .match(/[\p{L}\d]+/gu);
  return (plain ?? [])
    .filter((token) => !JOINING.has(token))
    .map((token) => {
      const one = singular(token);
      return Object.hasOwn(SAME, one) ? (SAME[one] ?? one) : one;
    });
}

/** The tokens that say what the trade is; all of them where none does. */
export const coreOf = (tokens: readonly string[]): string => {
  const core = tokens.filter((token) => !GENERAL.has(token));
  return (core.length > 0 ? core : tokens).join(' ');
};

/** The words of a language, each type's in its order. */
export const wordsOf = (language: Readonly<Record<string, string>>): readonly TradeWord[] =>
  Object.entries(language).flatMap(([type, words]) =>
    words.split('; ').map((written) => {
      const isSecond = written.startsWith('~');
      const word = isSecond ? written.slice(1) : written;
      const tokens = tokensOf(word);
      const isGeneral = tokens.every((token) => GENERAL.has(token));
      return { type, word, tokens, text: tokens.join(' '), core: coreOf(tokens), isGeneral, isSecond };
    }),
  );
