export * from './finder.ts';
export * from './nearest.ts';
export * from './ranked.ts';
export * from './vocabulary.ts';
