export * from './csv.ts';
export * from './edit.ts';
export * from './encoding.ts';
export * from './escape.ts';
export * from './fileName.ts';
export * from './fold.ts';
export * from './place.ts';
export * from './remember.ts';
