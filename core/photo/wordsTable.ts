import { readCsv } from '#core/csv';
import { readPin } from '#core/pin';
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
 * The words for pictures in a table (CSV), by file in lower case. A cell that is blank says nothing. What cannot be
 * meant gives a message with its row: an unknown heading, a file twice, coordinates that are none.
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
    const file = cell('file').toLowerCase();
    const where = `Row ${String(at + 2)}`;
    if (!file) return no(`${where}: no file is named.`);
    if (words.has(file)) return no(`${where}: ${file} is named a second time.`);
    const { latitude, longitude } = { latitude: cell('latitude'), longitude: cell('longitude') };
    const { point } = readPin({ latitude, longitude });
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
