export * from './difference.ts';
export * from './grade.ts';
