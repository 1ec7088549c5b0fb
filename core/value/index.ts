export * from './compound.ts';
export { readEntries, writeEntries, type Entry } from './entries.ts';
export * from './grade.ts';
export * from './groups.ts';
export * from './kind.ts';
export * from './kept.ts';
export * from './lists.ts';
export * from './placeholder.ts';
export * from './text.ts';
