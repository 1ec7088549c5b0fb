export * from './fault.ts';
export * from './finding.ts';
export * from './table.ts';
