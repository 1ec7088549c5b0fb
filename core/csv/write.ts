import { stringify } from 'csv-stringify/browser/esm/sync';

/** CSV (RFC 4180) in UTF-8 with a byte order mark, which spreadsheets need, safe from formulas. */
export const writeCsv = (rows: readonly (readonly string[])[]): string =>
  stringify(
    rows.map((row) => [...row]),
    { bom: true, record_delimiter: 'windows', escape_formulas: true },
  );
