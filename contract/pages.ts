import * as z from 'zod';
import { pageMatchSchema } from '#core/site';
import { correctsSchema } from '#core/weaving';
import {
  factSchema,
  livePageSchema,
  placedForms,
  readPlacement,
  type LivePage,
  type Placement,
} from '#core/page';

export const formSchema = z.enum(placedForms);

/** Where markup stands: an end of head or body, or at an element, as `after:#footer`. */
export const whereSchema = z.custom<Placement>(
  (at) => typeof at === 'string' && at.length <= 400 && readPlacement(at) === at,
);

/** What stands on a page of ours, read back just now. */
export const placementSchema = z.object({
  form: formSchema,
  branchId: z.number(),
  branchLabel: z.string(),
  state: z.enum(['proved', 'out-of-date', 'misread', 'absent']),
  misread: z.array(z.object({ fact: factSchema, meant: z.string(), read: z.string() })),
});
export type PagePlacement = z.infer<typeof placementSchema>;

export const pageSchema = z.object({
  id: z.number(),
  path: z.string(),
  /** Bytes. */
  size: z.number(),
  encoding: z.string(),
  /** How many items of markup a machine reads on it, by syntax. */
  items: z.object({ jsonld: z.number(), microdata: z.number(), rdfa: z.number() }),
  placements: z.array(placementSchema),
  /** The site that it is a page of, and whether it can be written to; null for one that was handed in. */
  site: z.object({ id: z.number(), name: z.string(), isWritten: z.boolean() }).nullable(),
  /** Its address; '' where that is not known. */
  url: z.string(),
  /** The branch whose own page it is, as somebody said, by its address or by what is placed on it; null for any other page. */
  ownBranch: z.object({ id: z.number(), label: z.string() }).nullable(),
  /** Whose it seems to be, while nobody has said. */
  proposal: pageMatchSchema.extend({ label: z.string() }).nullable(),
  /** Why it cannot be read; ''. */
  problem: z.string(),
});
export type Page = z.infer<typeof pageSchema>;

export const pagesSchema = z.object({ pages: z.array(pageSchema) });

/** Which pages are downloaded: all of them, or those whose bytes are others than those that came. */
export const pagesZipQuerySchema = z.object({ which: z.enum(['all', 'changed']).default('all') });

/** What is done with markup that stands on pages whose new source does not carry it. */
export const placedChoices = ['ask', 'again', 'drop'] as const;
export const addPagesQuerySchema = z.object({ placed: z.enum(placedChoices).default('ask') });
export type PlacedChoice = (typeof placedChoices)[number];

/** What became of an upload: all of it was taken, or none of it for the reasons given. */
export const addedPagesSchema = z.object({
  /** Pages that are new or have a new source. */
  added: z.array(z.object({ id: z.number(), path: z.string() })),
  replaced: z.number(),
  /** Pages that are the same as before but for what is placed on them: they stay as they are. */
  unchanged: z.number(),
  /** Pages whose new source lacks what is placed on them. While they are asked about, nothing was taken. */
  asks: z.array(z.object({ path: z.string(), forms: z.array(formSchema) })),
  refused: z.array(z.object({ path: z.string(), reason: z.string() })),
  /** Names the change, so that it can be undone; 0 where nothing was changed. */
  changeId: z.number(),
});
export type AddedPages = z.infer<typeof addedPagesSchema>;

export const placementInputSchema = z.object({
  branchId: z.number().int().positive(),
  form: formSchema,
  at: whereSchema,
  /** Whether it is meant although the page is another branch's own. */
  foreign: z.boolean().default(false),
  /** What visitors read otherwise than the record says and weaving puts right. */
  corrects: correctsSchema.default([]),
});
/** A page after something was placed on it or taken off. */
export const changedPageSchema = z.object({ page: pageSchema, changeId: z.number() });
export type PlacementInput = z.input<typeof placementInputSchema>;

export { livePageSchema, type LivePage };

/** What was last read on the live page of a branch. */
const verifiedSchema = z.object({
  branchId: z.number(),
  label: z.string(),
  /** Whether the record is still the one that it was compared with. */
  isCurrent: z.boolean(),
  live: livePageSchema,
});
export type Verified = z.infer<typeof verifiedSchema>;
/** How often live pages are verified by themselves; '' for never. */
export const scheduleSchema = z.strictObject({ verifies: z.enum(['', 'daily', 'weekly']) });
export const allVerifiedSchema = scheduleSchema.extend({ verified: z.array(verifiedSchema) });
export const liveHistorySchema = z.object({ results: z.array(livePageSchema) });
