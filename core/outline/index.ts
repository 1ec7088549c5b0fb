export { countriesAt, halfOutside, isInCountry } from './outline.ts';
