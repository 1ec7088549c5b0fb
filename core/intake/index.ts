export * from './column.ts';
export * from './columns.ts';
export * from './sheet.ts';
