import { factNamed, factRows, type Fact } from '#core/record';

/** What a column of a spreadsheet of branches can hold: a fact, or something that becomes several. */
export const wholeColumns = ['label', 'week', 'wholeAddress', 'coordinates'] as const;
export type Column = Fact | (typeof wholeColumns)[number];

/** Every column there is. */
export const allColumns: readonly Column[] = [...wholeColumns, ...factRows.map(({ fact }) => fact)];

export const wholeColumnLabels: Readonly<Record<(typeof wholeColumns)[number], string>> = {
  label: 'Label of the branch',
  week: 'Hours of the week',
  wholeAddress: 'Whole address',
  coordinates: 'Coordinates',
};

/** What people call a column. */
export const columnLabel = (column: Column): string =>
  wholeColumns.some((one) => one === column)
    ? wholeColumnLabels[column as (typeof wholeColumns)[number]]
    : (factNamed(column)?.label ?? column);
