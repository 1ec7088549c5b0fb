import anyAscii from 'any-ascii';
import type { BusinessRecord } from '#core/record';
import { fileName } from '#core/text';

/** The placeholders of wordings: facts of the branch, and what is a picture's own. */
export const placeholders = {
  name: 'the name of the business',
  town: 'its town',
  region: 'its region',
  street: 'its street',
  postcode: 'its postal code',
  country: 'its country',
  telephone: 'its telephone number',
  url: 'its page',
  service: 'one of its services, another for each picture',
  area: 'one of its areas, another for each picture',
  phrase: 'one of the phrases, another for each picture',
  category: 'one of the categories, another for each picture',
  subject: 'what the picture shows',
  title: 'the title of the picture',
  number: 'the number of the picture in its set',
  date: 'the day it was taken',
  year: 'the year it was taken, or this year',
} as const;
export type Placeholder = keyof typeof placeholders;

const isPlaceholder = (word: string): word is Placeholder => Object.hasOwn(placeholders, word);

/** A placeholder that does not exist, with where it stands (UTF-16 offsets, end exclusive). */
export interface WordingFault {
  readonly word: string;
  readonly start: number;
  readonly end: number;
}

const PLACEHOLDER = /\{([^{}]*)\}/g;

/** The placeholders of a wording that do not exist. */
export const wordingFaults = (wording: string): readonly WordingFault[] =>
  [...wording.matchAll(PLACEHOLDER)].flatMap(({ 0: whole, 1: word = '', index }) =>
    isPlaceholder(word.trim()) ? [] : [{ word, start: index, end: index + whole.length }],
  );

/** Words that are taken in turn, one for each picture; they begin with what the record says. */
export interface WordLists {
  readonly service: readonly string[];
  readonly area: readonly string[];
  readonly phrase: readonly string[];
  readonly category: readonly string[];
}

/** The lists of a branch: those that were made for the client, or what the record says. */
export function wordLists(record: BusinessRecord, own: Partial<WordLists> = {}): WordLists {
  const names = (entries: readonly { readonly name: string }[]): string[] => entries.map(({ name }) => name);
  const said = {
    service: own.service ?? names(record.makesOffer),
    area: own.area ?? names(record.areaServed),
    phrase: own.phrase ?? [record.slogan],
    category: own.category ?? record.types.map((type) => type.replace(/([a-z])([A-Z])/g, '$1 $2')),
  };
  const whole = (words: readonly string[]): string[] => words.map((word) => word.trim()).filter(Boolean);
  return {
    service: whole(said.service),
    area: whole(said.area),
    phrase: whole(said.phrase),
    category: whole(said.category),
  };
}

/** What is a picture's own. */
export interface PictureWords {
  readonly subject: string;
  readonly title: string;
  /** From 1. */
  readonly number: number;
  /** RFC 3339 full-date; '' where unknown. */
  readonly date: string;
  /** The year where the picture's own is not known. */
  readonly thisYear: string;
}

/** What the placeholders stand for, for one picture of a branch. */
export function placeholderTexts(
  record: BusinessRecord,
  lists: WordLists,
  { subject, title, number, date, thisYear }: PictureWords,
): Readonly<Record<Placeholder, string>> {
  const { address } = record;
  const inTurn = (list: readonly string[]): string => list[(number - 1) % Math.max(1, list.length)] ?? '';
  return {
    name: record.name.trim(),
    town: address.addressLocality.trim(),
    region: address.addressRegion.trim(),
    street: address.streetAddress.trim(),
    postcode: address.postalCode.trim(),
    country: address.addressCountry.trim(),
    telephone: record.telephone.trim(),
    url: record.url.trim(),
    service: inTurn(lists.service),
    area: inTurn(lists.area),
    phrase: inTurn(lists.phrase),
    category: inTurn(lists.category),
    subject,
    title,
    number: String(number),
    date,
    year: date.slice(0, 4) || thisYear,
  };
}

/**
 * A wording with its placeholders filled in. Where one stands for nothing, the punctuation and blanks that led up to it
 * go too. An unknown placeholder stays as it was typed: see `wordingFaults`.
 */
export function fillWording(wording: string, texts: Readonly<Record<Placeholder, string>>): string {
  const filled = wording.replace(PLACEHOLDER, (whole, word: string) => {
    const name = word.trim();
    return isPlaceholder(name) ? texts[name] || GONE : whole;
  });
  return filled
    .replace(new RegExp(`[\\s,;:|·–—/-]*${GONE}`, 'g'), '')
    .replace(/^[\s,;:|·–—/-]+/, '')
    .replace(/\s{2,}/g, ' ')
    .trim();
}
const GONE = '\uFFFF';

/** What was typed for one picture, with the placeholders in it filled in; to the letter where there are none. */
export const fillTyped = (typed: string, texts: Readonly<Record<Placeholder, string>>): string =>
  [...typed.matchAll(PLACEHOLDER)].some(([, word = '']) => isPlaceholder(word.trim()))
    ? fillWording(typed, texts)
    : typed;

/** Names of devices, which no file of Windows may have, whatever its ending. */
const DEVICE = /^(?:con|prn|aux|nul|com\d|lpt\d)$/;

/** Letters of scripts that have no spelling of their own with us: those of Han, of India, of Thailand and so on. */
const OTHER_SCRIPT =
  /[^\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}\p{Script=Georgian}\p{Script=Armenian}\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Hangul}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Common}\p{Script=Inherited}]+/gu;

/**
 * Letters of such scripts in Latin ones. Characters of Han sound as Chinese has them; those of Japanese sound otherwise
 * from word to word, and are left.
 */
function spelled(text: string, country: string): string {
  const isJapanese = country === 'JP' || /[\p{Script=Hiragana}\p{Script=Katakana}]/u.test(text);
  return text.replace(OTHER_SCRIPT, (letters) =>
    isJapanese && /\p{Script=Han}/u.test(letters) ? letters : anyAscii(letters),
  );
}

/**
 * A wording for a file name: lower case, ASCII as the country (ISO 3166-1 alpha-2) writes it, words joined by hyphens, the
 * ending of the format kept.
 */
export function nameFromWording(
  wording: string,
  texts: Readonly<Record<Placeholder, string>>,
  ending: string,
  country: string,
): string {
  const made = fileName(spelled(fillWording(wording, texts), country), country, 100);
  const free = DEVICE.test(made) ? `${made}-${texts.number}` : made;
  return `${made === 'unnamed' ? `photo-${texts.number}` : free}${ending.toLowerCase()}`;
}
