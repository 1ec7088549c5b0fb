import * as z from 'zod';
import { countryCode } from '#core/address';
import { factKeys, facts, type FactValues } from './facts.ts';
import { outputSchema } from './output.ts';

type Shape = { [K in keyof FactValues]: z.ZodType<FactValues[K], FactValues[K] | undefined> };
const shape = Object.fromEntries(factKeys.map((key) => [key, facts[key].kind.schema])) as Shape;

/**
 * All the facts of a branch, as typed: '' or [] is a fact that is not set. What machines and visitors are
 * told is derived from it (see `core/markup`), so nothing typed is ever lost by being read. Keys are those of
 * schema.org wherever it has the fact.
 */
export const recordSchema = z.object({
  ...shape,
  /** Facts that the branch does not say although its client has a default for them. */
  withheld: z.array(z.string().max(60)).max(100).default([]),
  /** How the record is told; null for the client's way, or the usual one. */
  output: outputSchema.nullable().default(null),
});
export type BusinessRecord = Readonly<z.infer<typeof recordSchema>>;

export const emptyRecord: BusinessRecord = recordSchema.parse({});

/** ISO 3166-1 alpha-2 code of the country the record lies in; '' where it does not say. */
export const countryOf = (record: BusinessRecord): string => countryCode(record.address.addressCountry);
