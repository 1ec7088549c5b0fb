export * from './fault.ts';
export * from './table.ts';
