import { expose } from 'comlink';
import type { BranchRecords, SheetColumns } from '#contract';
import {
  branchesOfMarkup,
  branchOfRow,
  countryOfSheet,
  guessColumns,
  namesTellApart,
  updatedByRow,
  type Column,
  type ImportedBranch,
  type RowReading,
  type UpdatedBranch,
} from '#core/intake';
import { loadTypeOfWord } from '#core/vocabulary';
import { decodeCsv, guessCsvEncoding, readCsv, type CsvEncoding } from '#core/csv';

/** A spreadsheet as far as the mapping of its columns needs it. */
export type SheetHead =
  | {
      readonly ok: true;
      readonly encoding: CsvEncoding;
      readonly headings: readonly string[];
      readonly samples: readonly (readonly string[])[];
      readonly count: number;
      readonly columns: readonly (Column | undefined)[];
      /** The country (alpha-2) whose language the headings are in; ''. */
      readonly home: string;
    }
  | { readonly ok: false; readonly message: string; readonly encoding: CsvEncoding };

/** What a row becomes: a new branch, or one that is here already and is brought up to date. */
export interface SheetRow extends ImportedBranch {
  /** The number of the branch that is here already; 0 for a new one. */
  readonly id: number;
  readonly version: number;
  /** What changes of a branch that is here already. */
  readonly changes: UpdatedBranch['changes'];
  /** Why it cannot be taken in at all; ''. */
  readonly problem: string;
}

/** What is done with every cell of a column. */
export type Repair =
  | { readonly kind: 'fill'; readonly text: string }
  | { readonly kind: 'replace'; readonly from: string; readonly text: string };

type Branches = BranchRecords['branches'];

let rows: (readonly string[])[] = [];
let markup = '';

/** The branches that are here already by their codes, folded. */
function byCode(branches: Branches): ReadonlyMap<string, Branches[number]> {
  return new Map(
    branches.flatMap((branch) => {
      const code = codeOf(branch.record.branchCode);
      return code ? [[code, branch] as const] : [];
    }),
  );
}
const codeOf = (text: string): string => text.trim().toLowerCase();

/** How many headings of a sheet's first line say what stands below them. */
function knownHeadings(line: string): number {
  const csv = readCsv(line);
  return csv.ok ? guessColumns(csv.rows[0] ?? []).filter(Boolean).length : 0;
}

const worker = {
  /** Reads a file's bytes; the rows stay here. What columns with these headings held before, they hold again. */
  open(
    bytes: Uint8Array,
    encoding: CsvEncoding | undefined,
    known: SheetColumns['columns'],
    isNamed: boolean,
  ): SheetHead {
    const chosen = encoding ?? guessCsvEncoding(bytes, { known: knownHeadings });
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
      return { ok: true, encoding: chosen, headings: [], samples: [], count, columns: [], home: '' };
    }
    const csv = readCsv(text);
    if (!csv.ok) return { ...csv, encoding: chosen };
    const [headings = [], ...body] = csv.rows;
    rows = [...body];
    const kept = new Map(known.map(({ heading, column }) => [heading, column]));
    const guessed = guessColumns(headings, isNamed);
    return {
      ok: true,
      encoding: chosen,
      headings,
      samples: body.slice(0, 3),
      count: body.length,
      home: countryOfSheet(headings, body),
      columns: headings.map((heading, at) =>
        kept.has(heading) ? (kept.get(heading) ?? undefined) : guessed[at],
      ),
    };
  },
  /** What the rows become under a mapping: branches that are here already are known by their codes. */
  async branches(
    columns: readonly (Column | undefined)[],
    given: RowReading,
    existing: Branches,
  ): Promise<readonly SheetRow[]> {
    const reading = { ...given, typeOf: await loadTypeOfWord() };
    const fresh = { id: 0, version: 0, changes: [], problem: '' };
    if (markup) return branchesOfMarkup(markup, reading).map((branch) => ({ ...branch, ...fresh }));
    const known = byCode(existing);
    const byName = namesTellApart(rows, columns);
    const codeAt = columns.indexOf('branchCode');
    const seen = new Map<string, number>();
    return rows.map((row, at) => {
      const code = codeAt < 0 ? '' : codeOf(row[codeAt] ?? '');
      const before = seen.get(code);
      if (code) seen.set(code, before ?? at + 2);
      const problem =
        code && before !== undefined
          ? `It has the code of row ${String(before)}; each branch needs its own.`
          : '';
      const branch = code ? known.get(code) : undefined;
      if (!branch) {
        const made = branchOfRow(row, columns, { ...reading, byName });
        return {
          ...made,
          ...fresh,
          problem: problem || (made.label ? '' : 'It needs a label, a name or an address.'),
        };
      }
      return {
        ...updatedByRow(row, columns, branch, reading),
        id: branch.id,
        version: branch.version,
        problem,
      };
    });
  },
  cells: (row: number): readonly string[] => rows[row] ?? [],
  setCell(row: number, column: number, text: string): void {
    const cells = [...(rows[row] ?? [])];
    while (cells.length <= column) cells.push('');
    rows[row] = cells.with(column, text);
  },
  /** Repairs a whole column; how many cells changed, and what it was before. */
  repair(column: number, repair: Repair): { readonly changed: number; readonly before: readonly string[] } {
    const before = rows.map((row) => row[column] ?? '');
    let changed = 0;
    for (const [at, text] of before.entries()) {
      const next =
        repair.kind === 'fill'
          ? text.trim()
            ? text
            : repair.text
          : repair.from
            ? text.replaceAll(repair.from, repair.text)
            : text;
      if (next === text) continue;
      changed += 1;
      worker.setCell(at, column, next);
    }
    return { changed, before };
  },
  putBack(column: number, before: readonly string[]): void {
    for (const [at, text] of before.entries()) worker.setCell(at, column, text);
  },
};
export type IntakeWorker = typeof worker;

expose(worker);
