export * from './read.ts';
export * from './write.ts';
