export * from './finder.ts';
export { editDistance, nearestName } from './nearest.ts';
export * from './ranked.ts';
export * from './vocabulary.ts';
