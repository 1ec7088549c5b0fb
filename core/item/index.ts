export * from './read.ts';
export * from './written.ts';
export { Visited } from './visited.ts';
