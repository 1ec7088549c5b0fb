export * from './phone.ts';
