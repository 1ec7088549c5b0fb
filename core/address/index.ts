export * from './address.ts';
export * from './country.ts';
