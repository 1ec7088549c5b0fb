import * as z from 'zod';

/** The number that names a row: a positive integer. */
export const idSchema = z.coerce.number().int().positive();

export const nameSchema = z.string().trim().min(1, 'A name is needed.').max(200, 'At most 200 characters.');

export const clientInputSchema = z.object({ name: nameSchema });
export type ClientInput = z.infer<typeof clientInputSchema>;

export const branchInputSchema = z.object({ label: nameSchema });
export type BranchInput = z.infer<typeof branchInputSchema>;

/** How far one step of a branch's chain has come. */
export const stepSchema = z.object({
  state: z.enum(['missing', 'must', 'should', 'out-of-date', 'unproved', 'proved']),
  /** In a few words: "2 must", "3 of 8 stamped". */
  detail: z.string(),
});
export type Step = z.infer<typeof stepSchema>;

export const branchSummarySchema = z.object({
  id: z.number(),
  label: z.string(),
  town: z.string(),
  steps: z.object({ record: stepSchema, pages: stepSchema, photos: stepSchema }),
});
export type BranchSummary = z.infer<typeof branchSummarySchema>;

export const clientSummarySchema = z.object({
  id: z.number(),
  name: z.string(),
  pages: z.number(),
  branches: z.array(branchSummarySchema),
});
export type ClientSummary = z.infer<typeof clientSummarySchema>;

export const clientsSchema = z.object({ clients: z.array(clientSummarySchema) });
