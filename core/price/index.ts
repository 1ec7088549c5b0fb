export * from './price.ts';
export * from './rating.ts';
export * from './scales.ts';
