import { expose } from 'comlink';
import {
  branchesOfMarkup,
  branchOfRow,
  decodeCsv,
  guessColumns,
  guessCsvEncoding,
  readCsv,
  type Column,
  type CsvEncoding,
  type ImportedBranch,
} from '#core/intake';

/** A spreadsheet as far as the mapping of its columns needs it. */
export type SheetHead =
  | {
      readonly ok: true;
      readonly encoding: CsvEncoding;
      readonly headings: readonly string[];
      readonly samples: readonly (readonly string[])[];
      readonly count: number;
      readonly columns: readonly (Column | undefined)[];
    }
  | { readonly ok: false; readonly message: string; readonly encoding: CsvEncoding };

let rows: readonly (readonly string[])[] = [];
let markup = '';

const worker = {
  /** Reads a file's bytes; the rows stay here. */
  open(bytes: Uint8Array, encoding?: CsvEncoding): SheetHead {
    const chosen = encoding ?? guessCsvEncoding(bytes);
    const text = decodeCsv(bytes, chosen);
    markup = /^\s*[[{<]/.test(text) ? text : '';
    if (markup) {
      const count = branchesOfMarkup(text).length;
      if (count === 0)
        return {
          ok: false,
          message: 'This markup describes no local business. Nothing was taken in.',
          encoding: chosen,
        };
      return { ok: true, encoding: chosen, headings: [], samples: [], count, columns: [] };
    }
    const csv = readCsv(text);
    if (!csv.ok) return { ...csv, encoding: chosen };
    const [headings = [], ...body] = csv.rows;
    rows = body;
    return {
      ok: true,
      encoding: chosen,
      headings,
      samples: body.slice(0, 3),
      count: body.length,
      columns: guessColumns(headings),
    };
  },
  /** The branches that the rows become under a mapping. */
  branches(columns: readonly (Column | undefined)[], home: string): readonly ImportedBranch[] {
    if (markup) return branchesOfMarkup(markup, home);
    return rows.map((row) => branchOfRow(row, columns, home));
  },
};
export type IntakeWorker = typeof worker;

expose(worker);
