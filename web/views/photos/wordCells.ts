import type { Photo, PhotoWords, TypedPhotoWords } from '#contract';
import type { PlannedPicture } from '#core/photo';
import { readCoordinates, readPin } from '#core/pin';

/** The columns of words that are typed for one picture, in the order of the grid. */
export const wordColumns = [
  'name',
  'subject',
  'title',
  'headline',
  'caption',
  'alt',
  'keywords',
  'place',
] as const;
export type WordColumn = (typeof wordColumns)[number];

/** One picture of the grid with its words as texts: keywords in one line with commas, its place as "48.5, -122.6". */
export type WordRow = Readonly<Record<WordColumn, string>> & {
  readonly id: number;
  readonly file: string;
  /** What is written where nothing was typed. */
  readonly planned: Readonly<Partial<Record<WordColumn, string>>>;
};

const placeText = (point: { readonly latitude: number; readonly longitude: number } | undefined): string =>
  point ? `${String(point.latitude)}, ${String(point.longitude)}` : '';

export const rowOf = ({ id, name, own }: Photo, planned?: PlannedPicture): WordRow => ({
  id,
  file: name,
  name: own.name ?? '',
  subject: own.subject ?? '',
  title: own.title ?? '',
  headline: own.headline ?? '',
  caption: own.caption ?? '',
  alt: own.alt ?? '',
  keywords: (own.keywords ?? []).join(', '),
  place: placeText(own.point),
  planned: planned ? plannedTexts(planned) : {},
});

const plannedTexts = ({ name, fields }: PlannedPicture): WordRow['planned'] => ({
  name,
  subject: fields.subject,
  title: fields.title,
  headline: fields.headline,
  caption: fields.caption,
  alt: fields.alt,
  keywords: fields.keywords.join(', '),
  place: placeText(fields.point),
});

/** A cell that is to say something. */
export interface Cell {
  readonly id: number;
  readonly column: WordColumn;
  readonly text: string;
}

/** What a cell says; undefined for a place that is none. */
function valueOf({ column, text }: Cell): TypedPhotoWords | undefined {
  if (column === 'keywords')
    return {
      keywords: text
        .split(/[,;]/)
        .map((word) => word.trim())
        .filter(Boolean),
    };
  if (column !== 'place') return { [column]: text.trim() };
  if (text.trim() === '') return { point: null };
  const pair = readCoordinates(text);
  const point = pair && readPin(pair).point;
  return point && { point };
}

/** Whether a cell can be kept: a place has to be one. */
export const isReadable = (cell: Cell): boolean => valueOf(cell) !== undefined;

/** Cells as they are kept, picture by picture. */
export function wordsIn(cells: readonly Cell[]): PhotoWords['photos'] {
  const byId = new Map<number, TypedPhotoWords>();
  for (const cell of cells) byId.set(cell.id, { ...byId.get(cell.id), ...valueOf(cell) });
  return [...byId].map(([id, own]) => ({ id, own }));
}

/** What cells say now, to put it back. */
export function cellsNow(rows: readonly WordRow[], cells: readonly Cell[]): readonly Cell[] {
  return cells.flatMap(({ id, column }) => {
    const row = rows.find((one) => one.id === id);
    return row ? [{ id, column, text: row[column] }] : [];
  });
}

/** The cells below one in its column, all with its text. */
export function filledDown(rows: readonly WordRow[], id: number, column: WordColumn): readonly Cell[] {
  const from = rows.findIndex((row) => row.id === id);
  const text = rows[from]?.[column];
  return text === undefined ? [] : rows.slice(from + 1).map((row) => ({ id: row.id, column, text }));
}

/** What was copied from a spreadsheet, laid over the grid from a cell on: lines down, tabs to the right. */
export function pastedFrom(
  rows: readonly WordRow[],
  id: number,
  column: WordColumn,
  pasted: string,
): readonly Cell[] {
  const from = rows.findIndex((row) => row.id === id);
  const lines = pasted.replace(/\r\n?/g, '\n').replace(/\n$/, '').split('\n');
  return lines.flatMap((line, down) => {
    const row = rows[from + down];
    return line.split('\t').flatMap((text, right) => {
      const under = wordColumns[wordColumns.indexOf(column) + right];
      return row && under ? [{ id: row.id, column: under, text }] : [];
    });
  });
}
