import { foldAddress } from '#core/address';
import type { Agreement } from '#core/listing';
import { readTelephone } from '#core/phone';
import type { VisibleText } from '#core/reading';

/** What a visitor finds of a fact: the stretch of the visible text, and how it agrees. */
export interface Seen {
  readonly text: string;
  readonly agreement: Agreement;
  /** Offsets in the visible text, end exclusive; undefined where nothing was found. */
  readonly at: { readonly start: number; readonly end: number } | undefined;
}

const MISSING: Seen = { text: '', agreement: 'missing', at: undefined };

/** Looks for facts in what a visitor sees. Words are cut and folded only once, and only when needed. */
export class VisitorSearch {
  readonly #text: string;
  #words: readonly Word[] | undefined;

  constructor({ text }: VisibleText) {
    this.#text = text;
  }

  /** The text as it stands, or the same words in another spelling. */
  find(fact: string): Seen {
    const seen = this.findExactly(fact);
    return seen.agreement === 'exact'
      ? seen
      : (this.#run(foldAddress(fact).split(' ').filter(Boolean)) ?? MISSING);
  }

  /** A code or a name that means something else in other capitals ("us" is no country): as it stands only. */
  findExactly(fact: string): Seen {
    const wanted = fact.trim();
    const at = this.#exact(wanted);
    return at >= 0
      ? { text: wanted, agreement: 'exact', at: { start: at, end: at + wanted.length } }
      : MISSING;
  }

  /** A street: besides the above, the same street with another house number is told as different. */
  findStreet(street: string): Seen {
    const seen = this.find(street);
    if (seen.agreement !== 'missing') return seen;
    const [number = '', ...rest] = foldAddress(street).split(' ');
    if (!/^\d/.test(number) || rest.length < 2) return seen;
    const other = this.#run(rest);
    const before =
      other?.at && /(\d[\w-]*)\s+$/.exec(this.#text.slice(Math.max(0, other.at.start - 12), other.at.start));
    if (!other?.at || !before) return seen;
    const start = other.at.start - before[0].length;
    return {
      text: this.#text.slice(start, other.at.end),
      agreement: 'different',
      at: { start, end: other.at.end },
    };
  }

  /** A telephone number: in one of its forms, in another spelling, or else another number that is shown. */
  findTelephone(typed: string, country: string): Seen {
    const wanted = readTelephone(typed, country).telephone;
    if (!wanted) return this.find(typed);
    const forms = [typed, wanted.national, wanted.international, wanted.e164];
    let other: Seen = MISSING;
    for (const match of this.#text.matchAll(
      /(?<![\w.])[+(]?\d[\d ().\u2010-\u2013\u00a0/-]{5,22}\d(?!\w)/g,
    )) {
      const number = readTelephone(match[0], country).telephone;
      if (!number) continue;
      const at = { start: match.index, end: match.index + match[0].length };
      if (number.e164 === wanted.e164)
        return { text: match[0], agreement: forms.includes(match[0]) ? 'exact' : 'written-differently', at };
      if (other === MISSING) other = { text: match[0], agreement: 'different', at };
    }
    return other;
  }

  /** The text as whole words, so that "WA" is not found in "WASH". */
  #exact(wanted: string): number {
    const isWord = (character: string | undefined): boolean =>
      character !== undefined && /[\p{L}\p{N}]/u.test(character);
    for (let at = this.#text.indexOf(wanted); at >= 0; at = this.#text.indexOf(wanted, at + 1)) {
      if (!isWord(this.#text[at - 1]) && !isWord(this.#text[at + wanted.length])) return at;
    }
    return -1;
  }

  #run(wanted: readonly string[]): Seen | undefined {
    if (wanted.length === 0) return undefined;
    this.#words ??= cutWords(this.#text);
    const words = this.#words;
    for (let at = 0; at + wanted.length <= words.length; at += 1) {
      if (words[at]?.folded !== wanted[0] || !wanted.every((word, step) => words[at + step]?.folded === word))
        continue;
      const start = words[at]?.start ?? 0;
      const last = words[at + wanted.length - 1];
      // The stop of an abbreviation belongs to it: "Quay St."
      const stop = last && last.written !== last.folded && this.#text[last.end] === '.' ? 1 : 0;
      const end = (last?.end ?? 0) + stop;
      return { text: this.#text.slice(start, end), agreement: 'written-differently', at: { start, end } };
    }
    return undefined;
  }
}

interface Word {
  readonly folded: string;
  /** In lower case, as it stands. */
  readonly written: string;
  readonly start: number;
  readonly end: number;
}

function cutWords(text: string): readonly Word[] {
  const folds = new Map<string, string>();
  return [...text.matchAll(/[\p{L}\p{N}\p{M}'’]+|&/gu)].flatMap(({ 0: word, index }) => {
    let folded = folds.get(word);
    if (folded === undefined) folds.set(word, (folded = foldAddress(word)));
    return folded
      .split(' ')
      .map((part) => ({ folded: part, written: word.toLowerCase(), start: index, end: index + word.length }));
  });
}
