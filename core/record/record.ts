import * as z from 'zod';
import { addressSchema, countryCode, emptyAddress } from '#core/address';
import { emptyHours, hoursSchema } from '#core/hours';
import { emptyPin, pinSchema } from '#core/pin';

const line = z.string().max(2000);

/**
 * All the facts of a branch, as typed: '' or [] is a fact that is not set. What machines and visitors are
 * told is derived from it (see `core/markup`), so nothing typed is ever lost by being read.
 */
export const recordSchema = z.object({
  name: line,
  /** Names of schema.org types, the first one the main one. */
  types: z.array(z.string().max(100)).max(10),
  id: line,
  url: line,
  telephone: z.string().max(100),
  address: addressSchema,
  pin: pinSchema,
  hours: hoursSchema,
  image: z.array(line).max(50),
  priceRange: z.string().max(500),
  sameAs: z.array(line).max(100),
  description: z.string().max(20_000),
});
export type BusinessRecord = Readonly<z.infer<typeof recordSchema>>;

export const emptyRecord: BusinessRecord = {
  name: '',
  types: [],
  id: '',
  url: '',
  telephone: '',
  address: emptyAddress,
  pin: emptyPin,
  hours: emptyHours,
  image: [],
  priceRange: '',
  sameAs: [],
  description: '',
};

/** ISO 3166-1 alpha-2 code of the country the record lies in; '' where it does not say. */
export const countryOf = (record: BusinessRecord): string => countryCode(record.address.addressCountry);
