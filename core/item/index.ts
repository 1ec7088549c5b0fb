export * from './read.ts';
export * from './written.ts';
export { eachItem, Visited } from './visited.ts';
