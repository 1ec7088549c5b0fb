import { isSubtype } from '#core/vocabulary';

/** The type of schema.org that a word of a trade names; '' for any other word. */
export type TypeOfWord = (word: string) => string;

/** A trade has so many words at most: "veterinary clinic", "agence de voyages en ligne". */
const MOST_WORDS = 4;

/**
 * The local business that a heading or title names by the word of its trade: the longest words that are one, those nearer
 * the beginning first; at the end of a name that is written without blanks, "さくら歯科クリニック". '' where none is.
 */
export function typeIn(text: string, typeOf: TypeOfWord): string {
  const words = text
    .split(/[\s,|·–—:/()]+/u)
    .filter(Boolean)
    .slice(0, 20);
  for (let many = Math.min(MOST_WORDS, words.length); many > 0; many -= 1)
    for (let at = 0; at + many <= words.length; at += 1) {
      const type = typeOf(words.slice(at, at + many).join(' '));
      if (isOffered(type)) return type;
    }
  for (const word of words.filter((one) => /[\u3040-\u30ff\u4e00-\u9fff\uac00-\ud7af]/.test(one)))
    for (let from = 1; from < word.length - 1; from += 1) {
      const type = typeOf(word.slice(from));
      if (isOffered(type)) return type;
    }
  return '';
}

/** Whether a type is one of places that people go to: vets and clinics are organisations to schema.org. */
const isOffered = (type: string): boolean =>
  !SAYS_LITTLE.has(type) && (isSubtype(type, 'LocalBusiness') || isSubtype(type, 'MedicalOrganization'));
/** What a word like “shop” names says less than people know. */
const SAYS_LITTLE = new Set(['', 'Store', 'LocalBusiness']);
