import * as z from 'zod';
import { placedForms, readPlacement, treatments, type Placement } from '#core/page';
import { outputSchema } from '#core/record';
import { correctsSchema } from '#core/weaving';
import { matchesPath, mostStars } from './pathPattern.ts';

/** Which pages of a client a rule is about. */
const rulePagesSchema = z.discriminatedUnion('kind', [
  /** Pages that are a branch's own. */
  z.strictObject({ kind: z.literal('own') }),
  z.strictObject({ kind: z.literal('every') }),
  z.strictObject({
    kind: z.literal('pattern'),
    pattern: z
      .string()
      .trim()
      .min(1, 'A pattern is needed.')
      .max(400)
      .refine((pattern) => mostStars(pattern), 'At most eight stars.'),
  }),
  z.strictObject({ kind: z.literal('chosen'), ids: z.array(z.number().int().positive()).min(1).max(2000) }),
]);
type RulePages = z.output<typeof rulePagesSchema>;

/** What belongs on which pages: said once, for one page or four hundred. */
export const placementRuleSchema = z.strictObject({
  name: z.string().trim().max(80).default(''),
  pages: rulePagesSchema,
  /** The branch whose markup it is; null for each page's own. */
  branch: z.number().int().positive().nullable().default(null),
  form: z.enum(placedForms),
  at: z
    .string()
    .max(400)
    .refine((at) => readPlacement(at) !== undefined, 'is no place on a page')
    .transform((at): Placement => readPlacement(at) ?? 'head'),
  existing: z.enum(treatments).default('keep'),
  /** What visitors read otherwise than the record says and weaving puts right. */
  corrects: correctsSchema.default([]),
  /** Choices for this placement alone; the record's own where there are none. */
  output: outputSchema.nullable().default(null),
});
export type PlacementRule = z.output<typeof placementRuleSchema>;

/** A page as far as rules are concerned. */
export interface RuledPage {
  readonly id: number;
  readonly path: string;
  readonly ownBranch: number | null;
}

/** Whether a rule is about a page. */
function isAbout(pages: RulePages, { id, path, ownBranch }: RuledPage): boolean {
  switch (pages.kind) {
    case 'own':
      return ownBranch !== null;
    case 'every':
      return true;
    case 'pattern':
      return matchesPath(pages.pattern, path);
    case 'chosen':
      return pages.ids.includes(id);
  }
}

/** The pages that a rule is about, each with the branch whose markup belongs there; null where there is none. */
export const ruledPages = <P extends RuledPage>(
  { pages, branch }: Pick<PlacementRule, 'pages' | 'branch'>,
  all: readonly P[],
): readonly { readonly page: P; readonly branch: number | null }[] =>
  all.filter((page) => isAbout(pages, page)).map((page) => ({ page, branch: branch ?? page.ownBranch }));
