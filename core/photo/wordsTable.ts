import { readCsv } from '#core/csv';
import { readCoordinates, readPin } from '#core/pin';
import { foldFileName } from '#core/text';
import type { OwnWords } from './ownWords.ts';

/** The headings of a table of words, any of them in any order. */
const wordHeadings = [
  'file',
  'subject',
  'title',
  'headline',
  'caption',
  'keywords',
  'alt',
  'name',
  'latitude',
  'longitude',
] as const;
type Heading = (typeof wordHeadings)[number];

export type WordsReading =
  | { readonly ok: true; readonly words: ReadonlyMap<string, OwnWords> }
  | { readonly ok: false; readonly message: string };

/**
 * The words for pictures in a table (CSV), by file in lower case, its folders parted by `/`. A cell that is blank says
 * nothing, nor does a row of such cells. What cannot be meant gives a message with its row: an unknown heading, a file
 * twice, coordinates that are none.
 */
export function readWords(text: string): WordsReading {
  const read = readCsv(text);
  if (!read.ok) return read;
  const [head = [], ...rows] = read.rows;
  const headings = head.map((cell) => cell.trim().toLowerCase());
  const unknown = headings.find((one) => !wordHeadings.some((heading) => heading === one));
  if (unknown !== undefined)
    return no(`Row 1: there is no heading “${unknown}”. The headings are ${wordHeadings.join(', ')}.`);
  if (!headings.includes('file')) return no('Row 1: a heading “file” is needed.');
  const words = new Map<string, OwnWords>();
  for (const [at, row] of rows.entries()) {
    const cell = (heading: Heading): string => row[headings.indexOf(heading)]?.trim() ?? '';
    if (row.every((one) => !one.trim())) continue;
    const file = asKey(cell('file'));
    const where = `Row ${String(at + 2)}`;
    if (!file) return no(`${where}: no file is named.`);
    if (words.has(file)) return no(`${where}: ${file} is named a second time.`);
    const { latitude, longitude } = { latitude: cell('latitude'), longitude: cell('longitude') };
    const { point } = readPin(readCoordinates(`${latitude} ${longitude}`) ?? { latitude, longitude });
    if ((latitude || longitude) && !point)
      return no(`${where}: “${latitude}, ${longitude}” are no coordinates.`);
    words.set(file, { ...wordsOf(cell), ...(point ? { point } : {}) });
  }
  return { ok: true, words };
}

const no = (message: string): WordsReading => ({ ok: false, message: `${message} Nothing was written.` });

function wordsOf(cell: (heading: Heading) => string): OwnWords {
  const texts = (['subject', 'title', 'headline', 'caption', 'alt', 'name'] as const).flatMap((heading) =>
    cell(heading) ? [[heading, cell(heading)] as const] : [],
  );
  const keywords = cell('keywords')
    .split(/[;,]/)
    .map((word) => word.trim())
    .filter(Boolean);
  return { ...Object.fromEntries(texts), ...(keywords.length > 0 ? { keywords } : {}) };
}

/** A file's name as two file systems and a spreadsheet agree on it. */
const asKey = (file: string): string =>
  foldFileName(file)
    .replace(/\\/g, '/')
    .replace(/^(?:\.?\/)+/, '');

/** A picture of a set: its path as it was named, and below the folder it was found in. */
export interface FoundPicture {
  readonly path: string;
  readonly below: string;
}

/**
 * Gives each picture the words that a table has for it. A row means a picture by its path, by the end of it, or by its
 * name without ending; of several with that end it means the one whose path below its folder is just so. The rows that
 * name none of the pictures, and those that could mean several and so are given to none, are told.
 */
export function giveWords(
  pictures: readonly FoundPicture[],
  words: ReadonlyMap<string, OwnWords>,
): {
  readonly own: readonly OwnWords[];
  readonly strangers: readonly string[];
  readonly unclear: readonly string[];
} {
  const paths = pictures.map(({ path }) => `/${asKey(path)}`);
  const [named, stemmed] = [byEnd(paths, (path) => path), byEnd(paths, withoutEnding)];
  const own = new Map<number, OwnWords>();
  const [strangers, unclear]: [string[], string[]] = [[], []];
  const depth = (file: string): number => file.split('/').length;
  // Who names a folder too says more.
  for (const [file, row] of [...words].sort(([one], [other]) => depth(other) - depth(one))) {
    const free = [...named(file), ...stemmed(file)].filter((at) => !own.has(at));
    const just = free.filter((at) => asKey(pictures[at]?.below ?? '') === file);
    const [only, ...others] = just.length > 0 ? just : [...new Set(free)];
    if (only === undefined) strangers.push(file);
    else if (others.length > 0) unclear.push(file);
    else own.set(only, row);
  }
  return { own: pictures.map((_, at) => own.get(at) ?? {}), strangers, unclear };
}

const withoutEnding = (path: string): string => path.replace(/\.[^./]*$/, '');
const lastOf = (path: string): string => path.slice(path.lastIndexOf('/') + 1);

/** Finds the paths that end with a file's name and the folders before it. */
function byEnd(
  paths: readonly string[],
  spelt: (path: string) => string,
): (file: string) => readonly number[] {
  const known = new Map<string, number[]>();
  for (const [at, path] of paths.entries()) {
    const last = lastOf(spelt(path));
    const same = known.get(last);
    if (same) same.push(at);
    else known.set(last, [at]);
  }
  return (file) =>
    (known.get(lastOf(file)) ?? []).filter((at) => spelt(paths[at] ?? '').endsWith(`/${file}`));
}
