export * from './price.ts';
export * from './rating.ts';
