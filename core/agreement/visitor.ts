import { foldAddress, mayBePostalCode, regionNamed } from '#core/address';
import { readTelephone } from '#core/phone';
import { textContent, type HtmlDocument } from '#core/html';
import type { Hours, WeeksInText } from '#core/hours';
import type { VisibleText } from '#core/reading';
import { fold, westernDigits } from '#core/text';
import { isOneWord, lettersOf, mayHold, type Letters } from './letters.ts';
import { findEmailIn } from './emails.ts';
import { isSameNumber, nameAndNumber, numberBefore, numberBehind } from './houseNumbers.ts';
import { findHoursIn } from './hoursShown.ts';
import { findLabelled, type Labelled } from './labelled.ts';
import { withoutLegalForm } from './legalForms.ts';
import { findMisspelt, type Misspelt } from './misspeltNames.ts';
import { findOtherRegionIn, type ToldPlace } from './otherRegions.ts';
import {
  lettersOfPage,
  lineSaying,
  maybeCodesOfPage,
  numbersOfPage,
  shortWords,
  weeksOfPage,
  wordsOfPage,
  type Span,
} from './pageText.ts';
import { findPriceRangeIn } from './priceRanges.ts';
import { seenAt, seenWhole, type Seen } from './seen.ts';
import { otherSpellings, otherStreets, otherTownNames, shortCode } from './spellings.ts';
import { findOtherNumberIn, findStreetIn } from './streets.ts';
import { findVatNumber } from './vatNumbers.ts';
import {
  atHome,
  calledBefore,
  FAX,
  isBoxed,
  isCalled,
  isCode,
  isFaxAlone,
  mostLike,
  telephonesAmong,
  withoutAreaCode,
  type Shown,
} from './telephones.ts';

const MISSING: Seen = { text: '', agreement: 'missing', at: undefined };

/** What belongs to other businesses of the same page, and contradicts none of this one. */
export interface OfOthers {
  /** E.164. */
  readonly numbers: ReadonlySet<string>;
  readonly hours: readonly Hours[];
}
/** What belongs to others, as far as a search asks. */
type Others = Pick<OfOthers, 'hours'> & { readonly numbers: Pick<ReadonlySet<string>, 'has'> };
const NOBODY: Others = { numbers: new Set(), hours: [] };

/** Looks for facts in what a visitor sees. Words are cut and folded only once, and only when needed. */
export class VisitorSearch {
  readonly #text: string;
  readonly #document: HtmlDocument | undefined;
  readonly #others: Others;
  readonly #telephones = new Map<string, readonly Shown[]>();
  readonly #codes = new Map<string, readonly RegExpExecArray[]>();
  readonly #likes = new Map<string, readonly RegExpExecArray[]>();
  #words: ReturnType<typeof wordsOfPage> | undefined;
  #found: readonly RegExpExecArray[] | undefined;
  #squeezed: Letters | undefined;
  #weeks: WeeksInText | undefined;

  constructor({ text }: VisibleText, document?: HtmlDocument, others: Others = NOBODY) {
    // The digits of every script say the same.
    this.#text = westernDigits(text);
    this.#document = document;
    this.#others = others;
  }

  /** The text as it stands, or the same words in another spelling. */
  find(told: string): Seen {
    const fact = westernDigits(told);
    const seen = this.findExactly(fact);
    if (seen.agreement === 'exact') return seen;
    const spelt = (text: string): Seen | undefined => this.#run(wordsOf(text));
    const seenSo = spelt(fact) ?? this.#letters(fact);
    for (const other of seenSo ? [] : otherSpellings(fact)) {
      const found = spelt(other);
      if (found) return found;
    }
    return seenSo ?? MISSING;
  }

  /**
   * A name. A branch's may stand apart: its own part as a line by itself, a heading most often, and what all branches
   * share elsewhere on the page or in its title.
   */
  findName(name: string): Seen {
    const seen = this.find(name);
    if (seen.agreement !== 'missing' || name.length > LONGEST_NAME) return seen;
    const words = wordsOf(name);
    for (let cut = words.length - 1; cut > 0; cut -= 1) {
      const shared = words.slice(0, cut);
      if (shared.join('').length < FEWEST_SHARED) break;
      const at = this.#lineOf(words.slice(cut));
      if (at && (this.#run(shared) ?? this.#titled(shared.join(' '))))
        return { text: this.#text.slice(at.start, at.end), agreement: 'written-differently', at };
    }
    // "Müller & Söhne" of "Müller & Söhne GmbH".
    const plain = withoutLegalForm(name);
    const short = plain !== name && plain.length >= FEWEST_SHARED ? this.find(plain) : MISSING;
    if (short.agreement !== 'missing') return { ...short, agreement: 'partly' };
    return this.#slip({ wanted: words });
  }

  /** These words with a letter of one of them wrong. */
  #slip(words: Misspelt): Seen {
    const slip = findMisspelt(this.#text, (this.#words ??= wordsOfPage(this.#text)), words);
    return slip ? this.#seenDifferent(slip.start, slip.end) : MISSING;
  }

  /** The line of the visible text that says just this. */
  #lineOf(wanted: readonly string[]): Span | undefined {
    this.#words ??= wordsOfPage(this.#text);
    return lineSaying(this.#text, this.#words, wanted);
  }

  /** Whether the page's title says these words. */
  #titled(folded: string): true | undefined {
    const title = this.#document?.elements.find(({ name }) => name === 'title');
    return title && ` ${foldAddress(textContent(title))} `.includes(` ${folded} `) ? true : undefined;
  }

  /** A town: by its name, or by another that people call it, in their tongue or for short. */
  findTown(town: string, country: string, beside: readonly string[] = []): Seen {
    const seen = this.find(town);
    const other = seen.agreement === 'missing' ? this.#first(otherTownNames(town, country)) : seen;
    if (other.agreement !== 'missing') return other;
    // A town by itself may be another word: what stands in its address beside it makes sure.
    const wanted = wordsOf(town);
    const slips = beside.flatMap((one): Misspelt[] => [
      { before: wordsOf(one), wanted, sameEnd: 0 },
      { wanted, behind: wordsOf(one), sameEnd: 0 },
    ]);
    return slips.map((one) => this.#slip(one)).find(({ agreement }) => agreement !== 'missing') ?? MISSING;
  }

  /** The first of some texts that is seen, as another spelling of what was looked for. */
  #first(texts: readonly string[]): Seen {
    for (const text of texts) {
      const seen = this.find(text);
      if (seen.agreement !== 'missing') return { ...seen, agreement: 'written-differently' };
    }
    return MISSING;
  }

  /** A postal code: its blank stands where people please, "SW1A 1AA" and "SW1A1AA", "560001" and "560 001". */
  findCode(code: string, country = ''): Seen {
    const seen = this.find(code);
    const short = shortCode(code, country);
    return seen.agreement === 'missing'
      ? (this.#letters(code, FEWEST_OF_CODE) ?? this.#first(short ? [short] : []))
      : seen;
  }

  /** Another postal code right beside a street, where the told one stands elsewhere: in another address. */
  otherCodeBeside(street: string, code: string, country: string): Seen | undefined {
    const at = street.trim() ? this.findStreet(street.trim(), country).at : undefined;
    if (!at) return undefined;
    const part = (from: number, until: number): VisitorSearch =>
      new VisitorSearch({ text: this.#text.slice(Math.max(0, from), until), pieces: [] });
    const isToldIn = (search: VisitorSearch): boolean =>
      search.findCode(code, country).agreement !== 'missing';
    if (isToldIn(part(at.start - BEFORE_STREET, at.start))) return undefined;
    const [other] = part(at.end, at.end + BEHIND_STREET).#codesLike(country, code);
    // Large receivers of mail have a code of their own in France.
    const isCedex = /cedex/i.test(this.#text.slice(at.end, at.end + BEHIND_STREET));
    if (!other || isCedex || isToldIn(part(at.end, at.end + other.index + other[0].length))) return undefined;
    const start = at.end + other.index;
    return { text: other[0], agreement: 'different', at: { start, end: start + other[0].length } };
  }

  /** A VAT number: the same, or another that is called so. Undefined where none is shown. */
  findVat(told: string): Seen | undefined {
    const found = findVatNumber(this.#text, told);
    if (!found) return undefined;
    const { start, end, isSame } = found;
    return {
      text: this.#text.slice(start, end),
      agreement: isSame ? 'written-differently' : 'different',
      at: { start, end },
    };
  }

  /** What stands behind what it is called: "Check-in: 15:00". Undefined where nothing does. */
  findLabelled(sort: Labelled, told: string): Seen | undefined {
    return findLabelled(this.#text, sort, told);
  }

  /** Whether the page shows anything that may be a postal code of a country: in its form, or in that of `told`. */
  showsCode(country: string, told: string): boolean {
    return this.#codesLike(country, told).length > 0;
  }

  /** The postal codes that are shown and that `isTold` does not know, as others than `told`. */
  otherCodes(country: string, told: string, isTold: (code: string) => boolean): readonly Seen[] {
    return this.#codesLike(country, told)
      .filter(({ 0: text }) => !isTold(text))
      .map((match) => seenAt(match, 'different'));
  }

  /** What may be a postal code of a country, in its form or in that of `told`; of one that is shown often the first few. */
  #codesLike(country: string, told: string): readonly RegExpExecArray[] {
    const key = `${country}\n${told.replace(/\d/g, '9')}`;
    let codes = this.#likes.get(key);
    if (!codes) {
      const times = new Map<string, number>();
      codes = this.#maybeCodes(country).filter(({ 0: text, index }) => {
        const before = times.get(text) ?? (mayBePostalCode(text, country, told) ? 0 : MOST_OF_ONE_CODE);
        times.set(text, before + 1);
        return before < MOST_OF_ONE_CODE && !isBoxed(this.#text, index);
      });
      this.#likes.set(key, codes);
    }
    return codes;
  }

  /** Words with digits in them that are no telephone numbers. */
  #maybeCodes(country: string): readonly RegExpExecArray[] {
    let codes = this.#codes.get(country);
    if (!codes) {
      // "04089-001" has the digits of a number that is dialled in town, and is none unless it is called so.
      const numbers = this.telephones(country).filter(
        ({ text, at }) =>
          isCalled(this.#text, at) || !mayBePostalCode(text.split(/\s/).at(-1) ?? '', country, ''),
      );
      let next = 0;
      codes = maybeCodesOfPage(this.#text).filter(({ index }) => {
        while ((numbers[next]?.at.end ?? Infinity) <= index) next += 1;
        return (numbers[next]?.at.start ?? Infinity) > index;
      });
      this.#codes.set(country, codes);
    }
    return codes;
  }

  /** The telephone numbers that are shown and not among these (E.164), as others than those that are told. */
  otherTelephones(country: string, told: ReadonlySet<string>): readonly Seen[] {
    return this.telephones(country)
      .filter(({ e164, at }) => !told.has(e164) && !FAX.test(calledBefore(this.#text, at)))
      .map(({ text, at }) => ({ text, agreement: 'different', at }));
  }

  /** The same letters and digits, whatever stands between them: "FC Road No. 4" and "F.C. Road, No.4". */
  #letters(fact: string, fewest = FEWEST_LETTERS): Seen | undefined {
    const wanted = lettersOf(fact).text;
    if (wanted.length < fewest || wanted.length > 200 || !mayHold(this.#text, wanted)) return undefined;
    this.#squeezed ??= lettersOfPage(this.#text);
    const { text, at } = this.#squeezed;
    for (let found = text.indexOf(wanted); found >= 0; found = text.indexOf(wanted, found + 1)) {
      const start = at[found] ?? 0;
      const end = (at[found + wanted.length - 1] ?? 0) + 1;
      if (
        isOneWord(this.#text[start - 1], this.#text[start]) ||
        isOneWord(this.#text[end - 1], this.#text[end])
      )
        continue;
      return seenWhole(this.#text, start, end);
    }
    return undefined;
  }

  /** A region: as it stands, by its code or its name, or by a name cut short: "Jal." of Jalisco. */
  findRegion(region: string, country: string): Seen {
    const known = regionNamed(region, country);
    const seen = this.findExactly(region);
    if (seen.agreement !== 'missing') return seen;
    const name = known?.name ?? region;
    // A code of two letters is found anywhere by chance, in other capitals.
    const other = known && known.code !== region ? this.findExactly(known.code) : MISSING;
    if (other.agreement !== 'missing') return { ...other, agreement: 'written-differently' };
    const named = name.length > FEWEST_OF_REGION ? this.find(name) : MISSING;
    return named.agreement === 'missing' ? (this.#cutShort(name) ?? MISSING) : named;
  }

  /** Another region of the country, where the page writes one behind the town. */
  findOtherRegion(told: ToldPlace): Seen {
    const { at } = told.town.trim() ? this.findTown(told.town, told.country) : MISSING;
    const other = at && findOtherRegionIn(this.#text, at, told);
    return other ? this.#seenDifferent(other.start, other.end) : MISSING;
  }

  #cutShort(name: string): Seen | undefined {
    const folded = foldAddress(name);
    if (!shortWords(this.#text).some((word) => word && folded.startsWith(word))) return undefined;
    for (const match of this.#text.matchAll(/(?<!\p{L})(\p{Lu}\p{L}{2,8})\.(?!\p{L})/gu)) {
      const [, word = ''] = match;
      if (word.length < name.length && folded.startsWith(foldAddress(word)))
        return seenAt(match, 'written-differently');
    }
    return undefined;
  }

  /** A code or a name that means something else in other capitals ("us" is no country): as it stands only. */
  findExactly(fact: string): Seen {
    const wanted = fact.trim();
    const at = wanted ? this.#exact(wanted) : -1;
    return at >= 0
      ? { text: wanted, agreement: 'exact', at: { start: at, end: at + wanted.length } }
      : MISSING;
  }

  /** A street: besides the above, the same street with another house number is told as different. */
  findStreet(street: string, country: string): Seen {
    const seen = this.find(street);
    if (seen.agreement !== 'missing') return seen;
    const others = otherStreets(street);
    const other = others.map((one) => this.find(one)).find(({ agreement }) => agreement !== 'missing');
    if (other) return { ...other, agreement: 'written-differently' };
    const at = [street, ...others]
      .map((one) => findStreetIn(this.#text, westernDigits(one), country))
      .find((found) => found !== undefined);
    const wanted = wordsOf(street);
    const spelt = fold(street).split(' ').filter(Boolean);
    const slip = this.#slip({ wanted, ...(spelt.length === wanted.length ? { spelt } : {}) });
    // "Clale de la Paz 12" holds "Paz 12", which may be all of a street.
    if (at && slip.at && slip.at.start < at.end && at.start < slip.at.end) return slip;
    if (at) return { text: this.#text.slice(at.start, at.end), agreement: 'written-differently', at };
    const beside = this.#otherNumberBefore(street) ?? this.#otherNumberBehind(street);
    const house = beside ? undefined : findOtherNumberIn(this.#text, westernDigits(street), country);
    return beside ?? (house ? this.#seenDifferent(house.start, house.end) : slip);
  }

  /** The street with another house number before it. */
  #otherNumberBefore(street: string): Seen | undefined {
    const [number = '', ...rest] = foldAddress(street).split(' ');
    if (!/^\d/.test(number) || rest.length < 2) return undefined;
    for (const { at } of this.#runs(rest)) {
      const before = at ? numberBefore(this.#text, at.start) : 0;
      if (at && before > 0) return this.#seenDifferent(at.start - before, at.end);
    }
    return undefined;
  }

  #seenDifferent(start: number, end: number): Seen {
    return { text: this.#text.slice(start, end), agreement: 'different', at: { start, end } };
  }

  /** The street with another house number behind it, as most of the world writes them; "5 a" is "5a". */
  #otherNumberBehind(street: string): Seen | undefined {
    const [name, number] = nameAndNumber(street);
    for (const { at } of number ? this.#runs(wordsOf(name)) : []) {
      const behind = at && numberBehind(this.#text, at.end);
      if (!behind) continue;
      const seen = this.#seenDifferent(at.start, at.end + behind.length);
      return isSameNumber(behind.number, number) ? { ...seen, agreement: 'written-differently' } : seen;
    }
    return undefined;
  }

  /**
   * A telephone number: in one of its forms, in another spelling, or else another number that is shown. `code` is the
   * postal code, which looks like one in many countries.
   */
  findTelephone(typed: string, country: string, { others = this.#others, code = '' } = {}): Seen {
    const wanted = readTelephone(typed, country).telephone;
    if (!wanted) return this.find(typed);
    const forms = [typed, wanted.national, wanted.international, wanted.e164];
    // A number with its country code tells where the shown ones are dialled, whatever the address says.
    const shown = this.telephones(country || wanted.country);
    const theirs = shown.filter(({ e164, text }) => !others.numbers.has(e164) && !isCode(text, code));
    const [same, ...again] = shown.filter(({ e164 }) => e164 === wanted.e164);
    // A number that is called a fax alone is none to ring, where another is called a telephone.
    const isFax = same && [same, ...again].every(({ at }) => isFaxAlone(this.#text, at));
    const called = isFax
      ? theirs.find(({ e164, at }) => e164 !== wanted.e164 && isCalled(this.#text, at))
      : undefined;
    if (called) return { text: called.text, agreement: 'different', at: called.at };
    if (same)
      return {
        text: same.text,
        agreement: forms.includes(same.text) ? 'exact' : 'written-differently',
        at: same.at,
      };
    const locals = [withoutAreaCode(wanted), atHome(wanted, country)].filter(Boolean);
    const near = this.#numbers().find(([text]) => locals.includes(text.replace(/\D/g, '')));
    if (near) return seenAt(near, 'written-differently');
    // Small countries have numbers of so few digits that nothing but the very ones tells them.
    const digits = wanted.national.replace(/\D/g, '');
    const few = digits.length < FEWEST_OF_NUMBER ? this.findExactly(digits) : MISSING;
    if (few.agreement === 'exact') return { ...few, agreement: 'written-differently' };
    const ringing = theirs.filter(({ at }) => !isFaxAlone(this.#text, at));
    const other = mostLike(wanted, ringing, this.#text);
    return other ? { text: other.text, agreement: 'different', at: other.at } : MISSING;
  }

  /** A fax number; another one is told where it is called a fax. Undefined where none is shown. */
  findFax(typed: string, country: string): Seen | undefined {
    const wanted = readTelephone(typed, country).telephone;
    const shown = this.telephones(country || (wanted?.country ?? ''));
    const own = shown.find(({ e164 }) => e164 === wanted?.e164);
    const called = own ?? shown.find(({ at }) => FAX.test(calledBefore(this.#text, at)));
    if (!wanted || !called) return undefined;
    const forms = [typed, wanted.national, wanted.international, wanted.e164];
    const agreement = !own ? 'different' : forms.includes(own.text) ? 'exact' : 'written-differently';
    return { text: called.text, agreement, at: called.at };
  }

  #numbers(): readonly RegExpExecArray[] {
    return (this.#found ??= numbersOfPage(this.#text));
  }

  /** All telephone numbers that are shown, as they stand, with the numbers they dial (E.164). */
  telephones(country: string): readonly Shown[] {
    let shown = this.#telephones.get(country);
    if (!shown) this.#telephones.set(country, (shown = telephonesAmong(this.#numbers(), country)));
    return shown;
  }

  /** An email address: shown, or behind a link. Another one is told where it alone has the same name or domain. */
  findEmail(email: string): Seen | undefined {
    return findEmailIn(this.#text, this.#document, email);
  }

  /** Currency signs that stand by themselves, as a price range does; undefined where none do. */
  findPriceRange(priceRange: string): Seen | undefined {
    return findPriceRangeIn(this.#text, priceRange, (text) => this.findExactly(text));
  }

  /**
   * Opening hours: missing where no day of the week is shown, undefined where what is shown cannot be read. Telephone
   * numbers beside them are those of `country`.
   */
  findHours(hours: Hours, country: string, others = this.#others): Seen | undefined {
    this.#weeks ??= weeksOfPage(this.#text, this.#document);
    if (!this.#weeks.namesDays) return MISSING;
    const page = { text: this.#text, document: this.#document, weeks: this.#weeks.weeks };
    return findHoursIn({ ...page, telephones: () => this.telephones(country) }, hours, others.hours);
  }

  /** The text as whole words, so that "WA" is not found in "WASH". */
  #exact(wanted: string): number {
    for (let at = this.#text.indexOf(wanted); at >= 0; at = this.#text.indexOf(wanted, at + 1)) {
      const goesOn =
        isOneWord(this.#text[at - 1], wanted[0]) || isOneWord(wanted.at(-1), this.#text[at + wanted.length]);
      if (!goesOn) return at;
    }
    return -1;
  }

  #run(wanted: readonly string[]): Seen | undefined {
    for (const seen of this.#runs(wanted)) return seen;
    return undefined;
  }

  /** Wherever these words stand one behind the other, folded. */
  *#runs(wanted: readonly string[]): Generator<Seen, undefined> {
    if (wanted.length === 0) return undefined;
    this.#words ??= wordsOfPage(this.#text);
    const { folded, starts, ends, placesOf, has } = this.#words;
    for (const at of wanted.every(has) ? placesOf(wanted[0] ?? '') : []) {
      if (!wanted.every((word, step) => folded[at + step] === word)) continue;
      const start = starts[at] ?? 0;
      const last = at + wanted.length - 1;
      const written = this.#text.slice(starts[last], ends[last]).toLowerCase();
      // The stop of an abbreviation belongs to it: "Quay St."
      const stop = written !== folded[last] && this.#text[ends[last] ?? 0] === '.' ? 1 : 0;
      yield seenWhole(this.#text, start, (ends[last] ?? 0) + stop);
    }
    return undefined;
  }
}

/** A code that is shown more often is no other there. */
const MOST_OF_ONE_CODE = 8;
/** So many characters before and behind a street the rest of its address stands. */
const BEFORE_STREET = 40;
const BEHIND_STREET = 60;
/** A region's name of fewer letters is a code, which means something else in other capitals. */
const FEWEST_OF_REGION = 3;

const wordsOf = (text: string): readonly string[] => foldAddress(text).split(' ').filter(Boolean);

/** What is longer is no name, and is not looked for in parts. */
const LONGEST_NAME = 300;
/** Fewer letters than these are found anywhere by chance. */
const FEWEST_LETTERS = 10;
/** What branches share of a name has at least so many letters: "La" is in every title. */
const FEWEST_SHARED = 4;
/** What may be a telephone number has so many digits. */
const FEWEST_OF_NUMBER = 7;
/** A postal code is shorter, and its digits are rarely anything else. */
const FEWEST_OF_CODE = 5;
