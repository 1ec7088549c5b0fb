import * as z from 'zod';
import { addressSchema, countryCode, emptyAddress } from '#core/address';
import { emptyHours, hoursSchema } from '#core/hours';
import { emptyPin, pinSchema } from '#core/pin';
import { outputSchema } from './output.ts';

const line = z.string().max(2000).default('');
const short = z.string().max(200).default('');
const lines = z.array(z.string().max(2000)).max(100).default([]);
const many = <T extends z.ZodType>(entry: T) => z.array(entry).max(200).default([]);

const imageSchema = z.object({ url: line, caption: line, width: short, height: short });

/**
 * All the facts of a branch, as typed: '' or [] is a fact that is not set. What machines and visitors are
 * told is derived from it (see `core/markup`), so nothing typed is ever lost by being read. Keys are those of
 * schema.org wherever it has the fact.
 */
export const recordSchema = z.object({
  name: line,
  alternateName: lines,
  legalName: line,
  /** Names of schema.org types, the first one the main one. */
  types: z.array(z.string().max(100)).max(10).default([]),
  /** Addresses that describe the trade more closely than any type does. */
  additionalType: lines,
  description: z.string().max(20_000).default(''),
  slogan: line,
  id: line,
  url: line,
  branchCode: short,
  vatID: short,
  taxID: short,
  /** The organisation that the branch belongs to. */
  parentOrganization: z
    .object({ name: line, url: line, id: line, logo: line })
    .default({ name: '', url: '', id: '', logo: '' }),
  address: addressSchema.default(emptyAddress),
  pin: pinSchema.default(emptyPin),
  areaServed: many(z.object({ name: line, url: line })),
  /** Address of the map profile. */
  hasMap: line,
  hours: hoursSchema.default(emptyHours),
  /** Dated exceptions and seasons: ISO 8601 dates, hours as a week's text. */
  specialHours: many(z.object({ name: short, from: short, through: short, hours: line })),
  /** IANA time zone, such as America/Los_Angeles. */
  timeZone: short,
  telephone: short,
  mobile: short,
  messaging: short,
  /** What a text message begins with when a visitor taps the messaging number. */
  messagingText: line,
  faxNumber: short,
  email: short,
  contactPage: line,
  contactPoint: many(z.object({ contactType: short, telephone: short, email: short, url: line })),
  priceRange: z.string().max(500).default(''),
  currenciesAccepted: short,
  paymentAccepted: line,
  makesOffer: many(z.object({ name: line, url: line, description: line })),
  department: many(z.object({ name: line, type: short, telephone: short, url: line, hours: line })),
  hasMenu: line,
  servesCuisine: lines,
  /** "yes", "no", or the address where to reserve. */
  acceptsReservations: line,
  orderAction: line,
  reserveAction: line,
  aggregateRating: z
    .object({ ratingValue: short, reviewCount: short, bestRating: short })
    .default({ ratingValue: '', reviewCount: '', bestRating: '' }),
  review: many(
    z.object({
      author: line,
      ratingValue: short,
      datePublished: short,
      reviewBody: z.string().max(5000).default(''),
    }),
  ),
  founder: many(z.object({ name: line, url: line })),
  sameAs: lines,
  logo: line,
  image: many(
    // Records once held bare addresses.
    z.union([
      z
        .string()
        .max(2000)
        .transform((url) => ({ url, caption: '', width: '', height: '' })),
      imageSchema,
    ]),
  ),
  /** Facts that the branch does not say although its client has a default for them. */
  withheld: z.array(z.string().max(60)).max(100).default([]),
  /** How the record is told; null for the client's way, or the usual one. */
  output: outputSchema.nullable().default(null),
});
export type BusinessRecord = Readonly<z.infer<typeof recordSchema>>;

export const emptyRecord: BusinessRecord = recordSchema.parse({});

/** ISO 3166-1 alpha-2 code of the country the record lies in; '' where it does not say. */
export const countryOf = (record: BusinessRecord): string => countryCode(record.address.addressCountry);
