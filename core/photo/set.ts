import type { Point } from '#core/pin';
import type { BusinessRecord } from '#core/record';
import { freeName } from '#core/text';
import { stampFields, type StampFields, type Wordings } from './fields.ts';
import { authorOf, commentOf, type StampSettings } from './settings.ts';
import { fillWording, nameFromWording, placeholderTexts, wordLists, type Placeholder } from './wording.ts';

/** The words that were typed for one picture; undefined for what was not, '' for what is to be blank. */
export interface OwnWords {
  readonly subject?: string;
  readonly title?: string;
  readonly headline?: string;
  readonly caption?: string;
  readonly keywords?: readonly string[];
  readonly alt?: string;
  /** The file's name, with or without its ending. */
  readonly name?: string;
  readonly point?: Point;
}

/** A picture of a set. */
export interface Picture {
  /** Its file's name, without folders. */
  readonly name: string;
  readonly own: OwnWords;
  /** When it was taken, RFC 3339 full-date; ''. */
  readonly date: string;
}

/** What is written into a picture, and what its file is called then. */
export interface PlannedPicture {
  readonly fields: StampFields;
  readonly name: string;
}

/**
 * What is written into each picture of a set: its own words, or else the wordings filled in. What was typed for one
 * picture is never overwritten. No two titles that were made are alike, and no two names.
 */
export function planSet(
  record: BusinessRecord,
  settings: StampSettings,
  pictures: readonly Picture[],
  thisYear: string,
): readonly PlannedPicture[] {
  const lists = wordLists(record, settings.lists);
  const [titles, names] = [new Set<string>(), new Set<string>()];
  const comment = commentOf(settings, record);
  return pictures.map(({ name, own, date }, at) => {
    const number = at + 1;
    const { wordings } = settings;
    const texts = (subject: string, title: string): Readonly<Record<Placeholder, string>> =>
      placeholderTexts(record, lists, { subject, title, number, date, thisYear });
    const subject = own.subject ?? (fillWording(wordings.subject, texts('', '')) || subjectOf(name));
    const title = own.title ?? unlike(fillWording(wordings.title, texts(subject, '')), titles);
    if (own.title) titles.add(own.title.toLowerCase());
    const all = texts(subject, title);
    const fields = stampFields(
      record,
      {
        title,
        caption: own.caption ?? fillWording(wordings.caption, all),
        alt: own.alt ?? fillWording(wordings.alt, all),
        keywords: unrepeated(own.keywords ?? wordings.keywords.map((word) => fillWording(word, all))),
      },
      {
        headline: own.headline ?? (fillWording(wordings.headline, all) || title),
        subject,
        author: authorOf(settings, record),
        copyright: fillWording(settings.copyright, all),
        comment,
        point: own.point,
      },
    );
    return { fields, name: freeName(nameOf(name, own.name, wordings.fileName, all), names) };
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

/** What is written into one picture: what was typed for it, over words meant for many, with placeholders filled in. */
export function wordsOfPicture(
  record: BusinessRecord,
  form: Wordings,
  own: OwnWords,
  picture: {
    readonly name: string;
    readonly number: number;
    readonly date: string;
    readonly thisYear: string;
  },
): { readonly wordings: Wordings; readonly subject: string; readonly headline: string } {
  const lists = wordLists(record);
  const subject = own.subject || subjectOf(picture.name);
  const texts = (title: string): Readonly<Record<Placeholder, string>> =>
    placeholderTexts(record, lists, { ...picture, subject, title });
  const title = own.title || fillWording(form.title, texts(''));
  const all = texts(title);
  const keywords = own.keywords ?? form.keywords.map((word) => fillWording(word, all));
  return {
    wordings: {
      title,
      caption: own.caption || fillWording(form.caption, all),
      alt: own.alt || fillWording(form.alt, all),
      keywords: [...unrepeated(keywords)],
    },
    subject: own.subject ?? '',
    headline: own.headline || title,
  };
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
): string {
  const ending = /\.[a-z0-9]{1,5}$/i.exec(original)?.[0] ?? '';
  const typed = own?.trim().replace(new RegExp(`${ending.replace('.', '\\.')}$`, 'i'), '');
  const pattern = typed ?? wording;
  return pattern ? nameFromWording(pattern, texts, ending) : original;
}
