export * from './complete.ts';
export * from './entries.ts';
export * from './fact.ts';
export * from './inherit.ts';
export * from './judge.ts';
export * from './output.ts';
export * from './placeholder.ts';
export * from './record.ts';
