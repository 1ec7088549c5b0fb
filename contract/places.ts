import * as z from 'zod';
import { hitsSchema } from '#core/geocode';

export const placesQuerySchema = z.object({
  q: z.string().trim().min(2).max(300),
  country: z.string().max(2).default(''),
});
/** west,south,east,north in degrees. */
export const boxQuerySchema = z.object({
  bbox: z.string().regex(/^-?\d{1,3}(\.\d+)?(,-?\d{1,3}(\.\d+)?){3}$/),
});
export { hitsSchema };

export const holidaysQuerySchema = z.object({
  country: z.string().length(2),
  region: z.string().max(10).default(''),
  year: z.coerce.number().int().min(1970).max(2100),
});
export const holidaySchema = z.object({ name: z.string(), date: z.string() });
export type Holiday = z.infer<typeof holidaySchema>;
export const holidaysSchema = z.object({ holidays: z.array(holidaySchema) });

export const fetchInputSchema = z.object({ url: z.string().trim().min(1).max(2000) });
/** What a host answered, apart from the page itself. */
export const hostAnswerSchema = z.object({
  /** The address that answered, after redirects. */
  url: z.string().max(2000),
  /** HTTP status. */
  status: z.number().int().min(0).max(999),
  /** Header fields, names in lower case. */
  headers: z.record(z.string().max(200), z.string().max(10_000)),
  milliseconds: z.number().min(0),
});
export type HostAnswer = z.infer<typeof hostAnswerSchema>;
/** A page as it was fetched. */
export const fetchedSchema = hostAnswerSchema.extend({
  contentType: z.string(),
  encoding: z.string(),
  text: z.string(),
  redirects: z.array(z.string()),
});
export type FetchedPage = z.infer<typeof fetchedSchema>;

/** A picture as it was fetched: pixels, bytes. */
export const imageSizeSchema = z.object({
  width: z.number(),
  height: z.number(),
  bytes: z.number(),
  format: z.string(),
  /** SHA-256 of its bytes, in hexadecimal: tells the same picture at two addresses. */
  digest: z.string(),
});
