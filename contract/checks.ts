import * as z from 'zod';
import { carriedSchema, ignoreSchema, profileNames, wantSchema } from '#core/checking';
import { findingSchema } from '#core/fault';
import { limits } from '#core/limits';
import { hostAnswerSchema } from './places.ts';

const address = z.string().trim().min(1, 'An address is needed.').max(limits.addressLength);

/** What a check of many pages reads. */
export const checkSourceSchema = z.discriminatedUnion('kind', [
  /** These addresses. */
  z.object({
    kind: z.literal('urls'),
    urls: z.array(address).min(1, 'Name at least one address.').max(limits.sitePages),
  }),
  /** Every page of a sitemap, or of the sitemaps that it names. */
  z.object({ kind: z.literal('sitemap'), url: address }),
  /** A site from this page on, link by link. */
  z.object({ kind: z.literal('site'), url: address }),
  /** The client's pages in the application. */
  z.object({ kind: z.literal('pages') }),
]);
export type CheckSource = z.infer<typeof checkSourceSchema>;

export const checkInputSchema = z.object({
  source: checkSourceSchema,
  profile: z.enum(profileNames).optional(),
});
export type CheckInput = z.infer<typeof checkInputSchema>;

/** What may stand beside files: the address of a single one, and what the host answered, as JSON. */
export const fileCheckSchema = z.object({
  url: z.string().trim().max(2000).default(''),
  answer: z
    .string()
    .max(60_000)
    .transform((json, context) => {
      try {
        return hostAnswerSchema.parse(JSON.parse(json));
      } catch {
        context.addIssue('What the host answered is no answer of a host.');
        return z.NEVER;
      }
    })
    .optional(),
});

export const checkStateSchema = z.enum(['waiting', 'running', 'done', 'cancelled', 'failed']);

const countsSchema = z.object({ must: z.number(), should: z.number(), note: z.number() });

/** A kept check as the history lists it. */
export const keptCheckSchema = z.object({
  id: z.number(),
  clientId: z.number(),
  title: z.string(),
  kind: z.enum(['urls', 'sitemap', 'site', 'pages', 'files']),
  profile: z.enum(profileNames),
  state: checkStateSchema,
  total: z.number(),
  done: z.number(),
  /** Pages that could not be read. */
  unread: z.number(),
  summary: countsSchema,
  /** What went wrong with the whole, or what was left out; '' where nothing was. */
  message: z.string(),
  /** ISO 8601. */
  begun: z.string(),
});
export type KeptCheck = z.infer<typeof keptCheckSchema>;
export const keptChecksSchema = z.object({ checks: z.array(keptCheckSchema) });

/** One page of a kept check, with what came of fetching it. */
export const checkedPageSchema = z.object({
  id: z.number(),
  url: z.string(),
  /** The address that answered, where it was another. */
  finalUrl: z.string(),
  /** HTTP status; 0 for a page that was not fetched. */
  status: z.number(),
  /** Why it was not read; ''. */
  problem: z.string(),
  read: z.boolean(),
  /** Bytes. */
  size: z.number(),
  milliseconds: z.number(),
  summary: countsSchema,
  /** How many findings it has of each code. */
  codes: z.record(z.string(), z.number()),
  ownBranchId: z.number().nullable(),
  carries: z.array(carriedSchema.omit({ description: true })),
});
export type CheckedPage = z.infer<typeof checkedPageSchema>;

/** A finding with its page; page 0 for those of the whole site. */
export const foundSchema = z.object({
  pageId: z.number(),
  page: z.string(),
  finding: findingSchema,
  excerpt: z.string(),
});
export type Found = z.infer<typeof foundSchema>;

export const shownCheckSchema = z.object({
  check: keptCheckSchema,
  /** The worst first; while it is carried out, only the worst of them. */
  pages: z.array(checkedPageSchema),
  /** What the site as a whole has wrong. */
  siteFindings: z.array(foundSchema),
  ignored: z.number(),
  branches: z.array(z.object({ id: z.number(), label: z.string() })),
});
export type ShownCheck = z.infer<typeof shownCheckSchema>;

/** The findings of one page, the worst first, and what its host answered; null for a page that was handed in. */
export const foundOnPageSchema = z.object({
  findings: z.array(foundSchema),
  /** How many more there are, which were counted but not kept. */
  leftOut: z.number(),
  /** `fetched` is ISO 8601, `size` bytes. */
  answer: hostAnswerSchema.extend({ fetched: z.string(), size: z.number() }).nullable(),
});
export type FoundOnPage = z.infer<typeof foundOnPageSchema>;

/** What was fetched of one page. */
export const checkedSourceSchema = z.object({
  url: z.string(),
  text: z.string(),
  encoding: z.string(),
  headers: z.record(z.string(), z.string()),
  fetched: z.string(),
});

export type CheckedSource = z.infer<typeof checkedSourceSchema>;

export const comparisonSchema = z.object({
  before: keptCheckSchema,
  after: keptCheckSchema,
  gone: z.array(foundSchema),
  new: z.array(foundSchema),
  still: z.array(foundSchema),
  /** How many of before are ignored now. */
  ignored: z.number(),
});
export type ShownComparison = z.infer<typeof comparisonSchema>;

export const keptIgnoreSchema = ignoreSchema.extend({ id: z.number(), added: z.string() });
export type KeptIgnore = z.infer<typeof keptIgnoreSchema>;
export const ignoreInputSchema = ignoreSchema.extend({
  reason: z.string().trim().min(1, 'Say why, for whoever finds it later.').max(500),
});

/** How a client's sources are judged. */
export const judgingSchema = z.object({
  profile: z.enum(profileNames).default('local-business'),
  wants: z.array(wantSchema).max(100).default([]),
  ignores: z.array(keptIgnoreSchema).default([]),
});
export type Judging = z.infer<typeof judgingSchema>;
export const profileInputSchema = judgingSchema.pick({ profile: true, wants: true });
