import * as z from 'zod';
import { markupForms } from '#core/markup';
import { placements } from '#core/page';
import { factRows, type Fact } from '#core/record';

export const formSchema = z.enum(markupForms);

const facts: readonly string[] = factRows.map(({ fact }) => fact);
const factSchema = z.custom<Fact>((fact) => typeof fact === 'string' && facts.includes(fact));

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
});
export type Page = z.infer<typeof pageSchema>;

export const pagesSchema = z.object({ pages: z.array(pageSchema) });

/** What became of an upload: pages that were taken, and files that were not, with the reason. */
export const addedPagesSchema = z.object({
  added: z.array(pageSchema),
  replaced: z.number(),
  refused: z.array(z.object({ path: z.string(), reason: z.string() })),
});
export type AddedPages = z.infer<typeof addedPagesSchema>;

export const placementInputSchema = z.object({
  branchId: z.number().int().positive(),
  form: formSchema,
  at: z.enum(placements),
});
export type PlacementInput = z.infer<typeof placementInputSchema>;
