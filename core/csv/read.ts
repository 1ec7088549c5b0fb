import { parse } from 'csv-parse/browser/esm/sync';
import { decodeBytes } from '#core/text';
import { WORKBOOK, type CsvEncoding } from './encoding.ts';

/** A table of texts, or what is wrong with its file. */
export type CsvReading =
  | { readonly ok: true; readonly rows: readonly (readonly string[])[] }
  | { readonly ok: false; readonly message: string };

/** The file's text, without its byte order mark. */
export const decodeCsv = (bytes: Uint8Array, encoding: CsvEncoding): string =>
  decodeBytes(bytes, encoding).replace(/^\uFEFF/, '');

/** The character between cells: the one of comma, semicolon and tab that the first line holds most of. */
function delimiterOf(text: string): string {
  const [line = ''] = text.slice(0, 20_000).split(/\r\n|\r|\n/);
  const outside = line.replace(/"(?:[^"]|"")*"/g, '');
  const count = (delimiter: string): number => outside.split(delimiter).length;
  return [',', ';', '\t'].reduce((best, one) => (count(one) > count(best) ? one : best), ',');
}

const MOST_COLUMNS = 1000;
const MOST_CELLS = 2_000_000;

/** Why a table is none that people have made; '' where it may be one. Looked at before it is taken apart. */
function refusalOfSize(text: string, delimiter: string): string {
  const mark = delimiter.charCodeAt(0);
  let [line, columns, cells] = [1, 1, 1];
  let quoted = false;
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    if (code === 0x22) quoted = !quoted;
    else if (quoted) continue;
    else if (code === mark) {
      columns += 1;
      cells += 1;
    } else if (code === 0x0a) {
      line += 1;
      columns = 1;
      cells += 1;
    }
    if (columns > MOST_COLUMNS)
      return `Line ${String(line)} has more than ${String(MOST_COLUMNS)} columns. Nothing was taken in.`;
    if (cells > MOST_CELLS)
      return `The table has more than ${String(MOST_CELLS)} cells. Nothing was taken in; split it into several files.`;
  }
  return '';
}

/** Reads CSV (RFC 4180) with commas, semicolons or tabs. Broken quoting is told with its line, not guessed at. */
export function readCsv(text: string): CsvReading {
  const written = text.replace(/^\uFEFF/, '').replace(/^sep=(.)\r?\n/i, '');
  if (!written.trim()) return { ok: false, message: 'The file is empty.' };
  if (WORKBOOK.test(written))
    return {
      ok: false,
      message:
        'This is no CSV but a workbook of a spreadsheet program, or a PDF. Save its sheet as CSV and choose that. Nothing was taken in.',
    };
  const delimiter = delimiterOf(written);
  const refused = refusalOfSize(written, delimiter);
  if (refused) return { ok: false, message: refused };
  try {
    const rows: string[][] = parse(written, {
      delimiter,
      relax_column_count: true,
      skip_empty_lines: true,
      max_record_size: 1_000_000,
    });
    return {
      ok: true,
      rows: rows.filter((row) => row.some((cell) => cell.trim())).map((row) => row.map(unguard)),
    };
  } catch (error) {
    const { code = '', lines } = error as { code?: string; lines?: number };
    const where = lines === undefined ? '' : ` at line ${String(lines)}`;
    const what =
      code === 'CSV_QUOTE_NOT_CLOSED'
        ? 'A double quote is opened and never closed'
        : code === 'INVALID_OPENING_QUOTE' || code === 'CSV_INVALID_CLOSING_QUOTE'
          ? 'A double quote stands inside a cell without being doubled'
          : code === 'CSV_MAX_RECORD_SIZE'
            ? 'A row is larger than a million characters; a double quote may be missing'
            : 'The table cannot be read';
    return {
      ok: false,
      message: `${what}${where}. Nothing was taken in. Mend the line, or save the sheet again as CSV.`,
    };
  }
}

/** A cell that begins like a formula is written behind an apostrophe; read back, the apostrophe is dropped. */
const unguard = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);
