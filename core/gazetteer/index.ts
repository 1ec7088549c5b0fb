export * from './geocodeJson.ts';
export * from './places.ts';
export * from './streets.ts';
