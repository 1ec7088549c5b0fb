export * from './geocodeJson.ts';
