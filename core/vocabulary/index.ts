export * from './finder.ts';
export { nearestName } from './nearest.ts';
export * from './ranked.ts';
export * from './vocabulary.ts';
