import * as z from 'zod';
import { stampSchema } from '#core/photo';
import { recordSchema } from '#core/record';
import { nameSchema } from './clients.ts';
import { columnsSchema } from './branches.ts';
import { ignoreInputSchema, judgingSchema } from './checks.ts';
import { leadsBelow } from '#core/link';
import { limits } from '#core/limits';
import { placementRuleSchema } from '#core/site';
import { formSchema, placementInputSchema, scheduleSchema } from './pages.ts';
import { ownWordsSchema, stampsSchema, useInputSchema } from './photos.ts';
import { rulesSchema } from './runs.ts';
import { siteInputSchema } from './sites.ts';

/** A file of the archive, by its path in it. */
const fileSchema = z.string().min(1).max(800);

/**
 * What the zip of a whole client holds (`manifest.json`). Branches are named by their place in the list, counted
 * from 0. Every record stands there as it was typed; the JSON-LD and the CSV beside it are for other programs.
 */
export const archiveSchema = z.object({
  format: z.literal('zinc-post-client'),
  version: z.literal(1),
  /** ISO 8601. */
  made: z.string().max(40),
  client: z.object({
    name: nameSchema,
    defaults: recordSchema,
    judging: judgingSchema.pick({ profile: true, wants: true }),
    ignores: z.array(ignoreInputSchema).max(10_000),
    columns: columnsSchema.shape.columns,
    rules: rulesSchema.shape.rules.default([]),
    stamps: stampsSchema.shape.stamps.default([]),
    verifies: scheduleSchema.shape.verifies.default(''),
  }),
  /** How sites are reached; what signs in there is in no archive. */
  sites: z
    .array(siteInputSchema.omit({ secret: true }))
    .max(100)
    .default([]),
  branches: z
    .array(
      z.object({
        label: nameSchema,
        record: recordSchema,
        jsonld: fileSchema,
        /** What its next photos are stamped with; null while nobody has chosen. */
        stamp: stampSchema.nullable().default(null),
      }),
    )
    .max(limits.importRows),
  pages: z
    .array(
      z.object({
        path: z
          .string()
          .min(1)
          .max(limits.pathLength)
          .refine(leadsBelow, { message: 'It leads out of the site’s folder.' }),
        file: fileSchema,
        /** The site it is a page of, by its place in the list; null for one that was handed in. */
        site: z.number().int().nonnegative().nullable().default(null),
        /** Whose own page it is, as somebody said: a branch’s, nobody’s (-1); null while nobody did. */
        owner: z.number().int().min(-1).nullable().default(null),
        placements: z
          .array(
            z.object({
              branch: z.number().int().nonnegative(),
              form: formSchema,
              at: placementInputSchema.shape.at,
              output: placementRuleSchema.shape.output,
            }),
          )
          .max(20),
      }),
    )
    .max(100_000),
  photos: z
    .array(
      z.object({
        branch: z.number().int().nonnegative(),
        name: z.string().min(1).max(255),
        original: fileSchema,
        /** The stamped file; null where there is none. */
        stamped: fileSchema.nullable(),
        /** The file of XMP beside it; null where there is none. */
        sidecar: fileSchema.nullable().default(null),
        /** The words and the place that were given to it alone. */
        own: ownWordsSchema.default({}),
        /** Where it went. */
        uses: z.array(useInputSchema).max(1000).default([]),
        /** What the last stamp wrote and what was read back, as JSON; null before the first. */
        stamp: z.unknown(),
      }),
    )
    .max(100_000),
});
export type Archive = z.infer<typeof archiveSchema>;

/** A line of the answer while an archive is taken in: how far it has come, and at last what came of it. */
export const archiveProgressSchema = z.union([
  z.object({ done: z.number(), total: z.number() }),
  z.object({ clientId: z.number(), branches: z.number(), pages: z.number(), photos: z.number() }),
  z.object({ problem: z.string() }),
]);
export type ArchiveProgress = z.infer<typeof archiveProgressSchema>;
