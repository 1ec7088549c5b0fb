export * from './read.ts';
export * from './written.ts';
