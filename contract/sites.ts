import * as z from 'zod';
import { limits } from '#core/limits';
import { siteAccessSchema, siteSecretSchema } from '#core/site';
import { idSchema, nameSchema } from './clients.ts';

/** Where a site is to be seen, as visitors have it. */
const siteUrlSchema = z
  .url({ protocol: /^https?$/, error: 'An address begins with https://.' })
  .max(limits.addressLength)
  .transform((url) => (url.endsWith('/') ? url : `${url}/`));

/** A site as it is added or changed. Without a secret the one that is kept stays. */
export const siteInputSchema = z.strictObject({
  name: nameSchema,
  url: siteUrlSchema,
  access: siteAccessSchema,
  secret: siteSecretSchema.nullable().default(null),
});
export type SiteInput = z.output<typeof siteInputSchema>;

/** A site, without what signs in at it. */
export const siteSchema = z.object({
  id: z.number(),
  name: z.string(),
  url: z.string(),
  access: siteAccessSchema,
  hasSecret: z.boolean(),
  pages: z.number(),
  /** When its pages were last read, ISO 8601; '' for never. */
  read: z.string(),
});
export type Site = z.output<typeof siteSchema>;
export const sitesSchema = z.object({ sites: z.array(siteSchema) });

/** What a way to a site is tried with: the secret of the site `id` where none is given. */
export const siteTrialSchema = siteInputSchema.pick({ access: true, secret: true }).extend({
  id: idSchema.nullable().default(null),
});
export type SiteTrial = z.output<typeof siteTrialSchema>;

/** Whether a way to a site leads there. */
export const triedSiteSchema = z.object({
  ok: z.boolean(),
  /** How many pages lie there. */
  pages: z.number(),
  problem: z.string(),
  /** The key of the host, where nobody has confirmed it yet; ''. */
  hostKey: z.string(),
});
export type TriedSite = z.output<typeof triedSiteSchema>;
