import * as z from 'zod';
import { pageJudgementSchema, placementRuleSchema } from '#core/site';
import { formSchema } from './pages.ts';
import { jobSchema } from './photos.ts';

/** What a run does: put on pages what rules say, bring up to date what is placed on them, or take it off. */
export const runInputSchema = z.discriminatedUnion('act', [
  z.strictObject({ act: z.literal('place'), rules: z.array(placementRuleSchema).min(1).max(20) }),
  /** Every page whose placements are out of date, or of these pages. */
  z.strictObject({
    act: z.literal('renew'),
    pages: z.array(z.number().int().positive()).max(2000).nullable(),
    /** Whether what visitors read there of the record as it was is put right as well. */
    corrects: z.boolean().default(true),
  }),
  z.strictObject({
    act: z.literal('remove'),
    pages: z.array(z.number().int().positive()).min(1).max(2000),
    form: formSchema.nullable().default(null),
  }),
  /** These pages as they were in these versions. */
  z.strictObject({
    act: z.literal('version'),
    pages: z
      .array(z.strictObject({ id: z.number().int().positive(), digest: z.string().regex(/^[0-9a-f]{64}$/) }))
      .min(1)
      .max(2000),
  }),
]);
export type RunInput = z.output<typeof runInputSchema>;

/** How far a run has come. What is not published yet has changed nothing anywhere. */
export const runStates = ['previewing', 'ready', 'publishing', 'paused', 'done', 'failed'] as const;

export const runSchema = z.object({
  id: z.number(),
  title: z.string(),
  state: z.enum(runStates),
  /** ISO 8601. */
  made: z.string(),
  /** The run that this one takes back; null for any other. */
  undoes: z.number().nullable(),
  /** Whether another run took it back. */
  isUndone: z.boolean(),
  problem: z.string(),
  /** How many of its pages are in each state. */
  counts: z.record(z.string(), z.number()),
  /** What is worked on now; null while nothing is. */
  job: jobSchema.nullable(),
});
export type Run = z.output<typeof runSchema>;
export const runsSchema = z.object({ runs: z.array(runSchema) });

/** How a page of a run stands: what is to be done, or what was. */
export const runPageStates = [
  'waiting',
  'planned',
  'same',
  'refused',
  'written',
  'changed',
  'failed',
] as const;

export const runPageSchema = z.object({
  id: z.number(),
  pageId: z.number(),
  path: z.string(),
  site: z.string(),
  state: z.enum(runPageStates),
  /** In words: what is to be said of it, or why it is left alone. */
  told: z.array(z.string()),
  problem: z.string(),
  before: pageJudgementSchema.nullable(),
  after: pageJudgementSchema.nullable(),
});
export type RunPage = z.output<typeof runPageSchema>;
export const shownRunSchema = runSchema.extend({ pages: z.array(runPageSchema) });
export type ShownRun = z.output<typeof shownRunSchema>;

/** The texts of a page of a run: as it was, as it will be or is, and what somebody else made of it meanwhile. */
export const runSourcesSchema = z.object({
  before: z.string(),
  after: z.string(),
  theirs: z.string().nullable(),
});
export type RunSources = z.output<typeof runSourcesSchema>;

/** Whose own pages they are: a branch's, or nobody's (null), as somebody said. */
export const ownersInputSchema = z.strictObject({
  owners: z
    .array(
      z.strictObject({ page: z.number().int().positive(), branch: z.number().int().positive().nullable() }),
    )
    .min(1)
    .max(2000),
});

/** A client's own placements under their names. */
export const rulesSchema = z.object({ rules: z.array(placementRuleSchema).max(100) });

/** A version that a page once had. */
export const pageVersionsSchema = z.object({
  versions: z.array(z.object({ digest: z.string(), made: z.string(), size: z.number(), isNow: z.boolean() })),
});
