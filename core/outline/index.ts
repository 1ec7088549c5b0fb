export { countriesAt, isInCountry } from './outline.ts';
