export * from './messaging.ts';
export * from './phone.ts';
export * from './sharesNumbers.ts';
