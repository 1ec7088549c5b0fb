export * from './fact.ts';
export * from './judge.ts';
export * from './placeholder.ts';
export * from './record.ts';
