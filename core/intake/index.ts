export * from './column.ts';
export * from './columns.ts';
export type { RowReading } from './row.ts';
export { countryOfSheet } from './sheetCountry.ts';
export * from './sheet.ts';
