import { countryOf, type BusinessRecord } from '#core/record';
import { foldFileName, freeName } from '#core/text';
import { stampFields, type StampFields } from './fields.ts';
import { isPictureName } from './formats.ts';
import type { OwnWords } from './ownWords.ts';
import { authorOf, commentOf, type StampSettings } from './settings.ts';
import {
  fillTyped,
  fillWording,
  nameFromWording,
  placeholderTexts,
  wordLists,
  type Placeholder,
} from './wording.ts';

/** A picture of a set. */
export interface Picture {
  /** Its file's name, without folders. */
  readonly name: string;
  readonly own: OwnWords;
  /** When it was taken, RFC 3339 full-date; ''. */
  readonly date: string;
  /** Its number in the set, from 1; its place there where nothing is said. */
  readonly number?: number;
}

/** What is written into a picture, and what its file is called then. */
export interface PlannedPicture {
  readonly fields: StampFields;
  readonly name: string;
  readonly number: number;
}

/** Titles and file names that other pictures have. */
interface Taken {
  readonly titles: readonly string[];
  readonly names: readonly string[];
}

/**
 * What is written into each picture of a set: its own words, or else the wordings, with their placeholders filled in. What
 * was typed for one picture is never overwritten. No two titles that were made are alike, and no two names.
 */
export function planSet(
  record: BusinessRecord,
  settings: StampSettings,
  pictures: readonly Picture[],
  thisYear: string,
  taken: Taken = { titles: [], names: [] },
): readonly PlannedPicture[] {
  const lists = wordLists(record, settings.lists);
  const { wordings } = settings;
  const begun = pictures.map(({ name, own, date, number = 0 }, at) => {
    const place = number || at + 1;
    const texts = (subject: string, title: string): Readonly<Record<Placeholder, string>> =>
      placeholderTexts(record, lists, { subject, title, number: place, date, thisYear });
    const subject =
      own.subject === undefined
        ? fillWording(wordings.subject, texts('', '')) || subjectOf(name)
        : fillTyped(own.subject, texts('', ''));
    const typed = own.title === undefined ? undefined : fillTyped(own.title, texts(subject, ''));
    return { name, own, place, texts, subject, typed };
  });
  const typed = begun.flatMap((one) => one.typed ?? []);
  const titles = new Set([...taken.titles, ...typed].map((title) => title.toLowerCase()));
  const names = new Set(taken.names.map(foldFileName));
  const comment = commentOf(settings, record);
  const country = countryOf(record);
  return begun.map(({ name, own, place, texts, subject, typed: ownTitle }) => {
    const title = ownTitle ?? unlike(fillWording(wordings.title, texts(subject, '')), titles);
    const all = texts(subject, title);
    const said = (words: string | undefined, wording: string): string =>
      words === undefined ? fillWording(wording, all) : fillTyped(words, all);
    const keywords = own.keywords?.map((word) => fillTyped(word, all));
    const fields = stampFields(
      record,
      {
        title,
        caption: said(own.caption, wordings.caption),
        alt: said(own.alt, wordings.alt),
        keywords: unrepeated(keywords ?? wordings.keywords.map((word) => fillWording(word, all))),
      },
      {
        headline:
          own.headline === undefined
            ? fillWording(wordings.headline, all) || title
            : fillTyped(own.headline, all),
        subject,
        author: authorOf(settings, record),
        copyright: fillWording(settings.copyright, all),
        comment,
        point: own.point,
      },
    );
    return {
      fields,
      name: freeName(nameOf(name, own.name, wordings.fileName, all, country), names),
      number: place,
    };
  });
}

/** What a file's name says that the picture shows; '' for the names that cameras give, and for numbers. */
export function subjectOf(name: string): string {
  const words = name
    .replace(/\.[a-z0-9]{1,5}$/i, '')
    .split(/[\s_.-]+/)
    .filter((word) => word !== '' && !/^\d+$/.test(word));
  const text = words.join(' ');
  const isCamera =
    /^(?:img|dsc[fn]?|dscn|dscf|pxl|mvi|gopr|dji|cimg|imag|photo|image|picture|bild|foto|p\d+|[a-z]{0,4}\d{3,}.*)$/i;
  return text.length < 3 || words.every((word) => isCamera.test(word)) ? '' : text;
}

/**
 * What is written into a picture of a set now: its title stays the one that set it apart from others there, as long as
 * nothing but the number behind it tells them apart.
 */
export function plannedAgain(
  record: BusinessRecord,
  settings: StampSettings,
  picture: Picture,
  stampedTitle: string,
  thisYear: string,
): StampFields | undefined {
  const again = (own: OwnWords): StampFields | undefined =>
    planSet(record, settings, [{ ...picture, own }], thisYear)[0]?.fields;
  const now = again(picture.own);
  const isNumbered =
    now && stampedTitle.startsWith(now.title) && /^ \d+$/.test(stampedTitle.slice(now.title.length));
  return isNumbered && picture.own.title === undefined ? again({ ...picture.own, title: stampedTitle }) : now;
}

/** A title that no other picture of the set has. */
function unlike(title: string, taken: Set<string>): string {
  if (!title) return '';
  let free = title;
  for (let count = 2; taken.has(free.toLowerCase()); count += 1) free = `${title} ${String(count)}`;
  taken.add(free.toLowerCase());
  return free;
}

/** Words without blank ones, each once, whatever its capitals. */
function unrepeated(words: readonly string[]): readonly string[] {
  const seen = new Set<string>();
  return words
    .map((word) => word.trim())
    .filter((word) => {
      const key = word.toLowerCase();
      return key !== '' && !seen.has(key) && seen.add(key);
    });
}

/** The ending stays: it says what the file is. */
function nameOf(
  original: string,
  own: string | undefined,
  wording: string,
  texts: Readonly<Record<Placeholder, string>>,
  country: string,
): string {
  const ending = /\.[a-z0-9]{1,5}$/i.exec(original)?.[0] ?? '';
  // Whoever types an ending means this picture's, which stays what its format is.
  const named = own?.trim();
  const typed = named !== undefined && isPictureName(named) ? named.replace(/\.[^.]*$/, '') : named;
  const pattern = typed ?? wording;
  return pattern ? nameFromWording(pattern, texts, ending, country) : original;
}
