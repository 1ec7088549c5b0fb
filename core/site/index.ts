export * from './access.ts';
