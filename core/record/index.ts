export * from './fact.ts';
export * from './placeholder.ts';
export * from './record.ts';
