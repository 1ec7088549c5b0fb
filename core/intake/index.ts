export * from './column.ts';
export * from './columns.ts';
export * from './csv.ts';
export * from './sheet.ts';
