export * from './limits.ts';
