export * from './bytes.ts';
export * from './placing.ts';
export * from './verifying.ts';
