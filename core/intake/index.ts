export * from './column.ts';
export * from './columns.ts';
export type { RowReading } from './row.ts';
export { countryOfHeadings } from './headings.ts';
export * from './sheet.ts';
