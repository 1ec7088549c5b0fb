import { addressLines, emptyAddress, type AddressPart } from './address.ts';
import { countryCode } from './country.ts';
import { postalCodes } from './postal-codes.ts';

/** A part of an address as a country asks for it. */
export interface FormField {
  readonly part: AddressPart;
  readonly label: string;
  readonly required: boolean;
}

const REGIONS: Readonly<Record<string, string>> = {
  US: 'State',
  AU: 'State',
  IN: 'State',
  BR: 'State',
  MX: 'State',
  CA: 'Province',
  IT: 'Province',
  ES: 'Province',
  NL: 'Province',
  GB: 'County',
  IE: 'County',
  JP: 'Prefecture',
  CH: 'Canton',
};
const CODES: Readonly<Record<string, string>> = {
  US: 'ZIP code',
  GB: 'Postcode',
  AU: 'Postcode',
  NZ: 'Postcode',
  NL: 'Postcode',
  IE: 'Eircode',
  IN: 'PIN code',
  BR: 'CEP',
  CA: 'Postal code',
};
const TOWNS: Readonly<Record<string, string>> = {
  US: 'City',
  CA: 'City',
  GB: 'Post town',
  AU: 'Suburb or town',
};

/** The parts of an address in the order, with the names and the needs of a country (alpha-2, '' for unknown). */
export function addressForm(country: string): readonly FormField[] {
  const code = countryCode(country);
  const rule = postalCodes[code];
  const full = {
    ...emptyAddress,
    streetAddress: 's',
    addressLocality: 'l',
    addressRegion: 'r',
    postalCode: 'p',
    addressCountry: code,
  };
  const order = addressLines(full).flatMap((line) => line.flatMap(({ part }) => part ?? []));
  const field = (part: AddressPart, label: string, required: boolean): FormField => ({
    part,
    label,
    required,
  });
  const fields: Readonly<Record<AddressPart, FormField>> = {
    streetAddress: field('streetAddress', 'Street', true),
    addressLocality: field('addressLocality', TOWNS[code] ?? 'Town', true),
    addressRegion: field('addressRegion', REGIONS[code] ?? 'Region', rule?.region ?? false),
    postalCode: field('postalCode', CODES[code] ?? 'Postal code', rule !== undefined && !rule.isOptional),
    addressCountry: field('addressCountry', 'Country', true),
  };
  // A region that the country does not write stands last.
  const written = REGIONS[code] !== undefined || fields.addressRegion.required;
  const sorted = written
    ? order
    : [...order.filter((part) => part !== 'addressRegion'), 'addressRegion' as const];
  return [...sorted, 'addressCountry' as const].map((part) => fields[part]);
}

/** Whether the addresses of a country have a region. */
export const hasRegion = (country: string): boolean =>
  addressForm(country).some(({ part }) => part === 'addressRegion');
