export * from './address.ts';
export { hasCounties, isCounty } from './counties.ts';
export * from './country.ts';
export * from './form.ts';
export { asCountryWrites, asPostPrints, postalCodes } from './postal-codes.ts';
export {
  countriesWithRegion,
  calledFirst,
  regionAgainstCode,
  regionsApartOf,
  regionsOfPostalCode,
  regionsOfPostalCodes,
} from './postalRegions.ts';
export { streetKinds } from './pieces.ts';
export { postBoxWords } from './postBox.ts';
export * from './regions.ts';
export * from './split.ts';
export { readTownLine } from './townLine.ts';
export { namesOfTown } from './townNames.ts';
