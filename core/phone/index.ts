export * from './messaging.ts';
export * from './phone.ts';
