import * as z from 'zod';
import { stepSchema, stepsSchema } from '#core/step';

/** The number that names a row: a positive integer. */
export const idSchema = z.coerce.number().int().positive();

/** What was added. */
export const createdSchema = z.object({ id: z.number() });

/** How the markup of all branches is put together. */
export const shapeQuerySchema = z.object({ shape: z.enum(['graph', 'organization']) });

export const nameSchema = z.string().trim().min(1, 'A name is needed.').max(200, 'At most 200 characters.');

export const clientInputSchema = z.object({ name: nameSchema });
export type ClientInput = z.infer<typeof clientInputSchema>;

export const branchSummarySchema = z.object({
  id: z.number(),
  label: z.string(),
  town: z.string(),
  steps: stepsSchema,
});
export type BranchSummary = z.infer<typeof branchSummarySchema>;

export const clientSummarySchema = z.object({
  id: z.number(),
  name: z.string(),
  pages: z.number(),
  /** How many branches there are; of a search, how many fit. */
  branches: z.number(),
});
export type ClientSummary = z.infer<typeof clientSummarySchema>;

export const clientsSchema = z.object({ clients: z.array(clientSummarySchema) });

const stateSchema = stepSchema.shape.state.or(z.literal('')).default('');

/** Which clients: those that fit the words, or have branches that do; with a state, those with a branch in it. */
export const clientsQuerySchema = z.object({ q: z.string().max(200).default(''), state: stateSchema });
export type ClientsQuery = z.infer<typeof clientsQuerySchema>;

/** How branches are sorted: by label, by town, or what is most urgent first. */
export const branchSorts = ['label', 'town', 'urgency'] as const;
export type BranchSort = (typeof branchSorts)[number];

/** Which branches of a client: those that fit the words and have a step in the state, from `offset` on. */
export const branchesQuerySchema = z.object({
  state: stateSchema,
  sort: z.enum(branchSorts).default('label'),
  q: z.string().max(200).default(''),
  offset: z.coerce.number().int().min(0).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(100),
});
export type BranchesQuery = z.infer<typeof branchesQuerySchema>;
export const branchesSchema = z.object({ total: z.number(), branches: z.array(branchSummarySchema) });

/** Branches as a search finds them, over all clients or within one. */
export const searchQuerySchema = z.object({
  q: z.string().max(200).default(''),
  client: z.coerce.number().int().positive().optional(),
});
export const foundBranchesSchema = z.object({
  branches: z.array(
    z.object({ id: z.number(), label: z.string(), clientId: z.number(), clientName: z.string() }),
  ),
});
export type FoundBranch = z.infer<typeof foundBranchesSchema>['branches'][number];
