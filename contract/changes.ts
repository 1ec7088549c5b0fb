import * as z from 'zod';

/** Something that was done to many things at once, or to a page, and can be undone as one. */
export const keptChangeSchema = z.object({
  id: z.number(),
  /** "12 branches added, from branches.csv" */
  title: z.string(),
  /** ISO 8601. */
  made: z.string(),
});
export type KeptChange = z.infer<typeof keptChangeSchema>;

/** What was deleted and can be brought back. */
export const trashedSchema = z.object({
  kind: z.enum(['clients', 'branches', 'pages', 'photos', 'checks']),
  id: z.number(),
  name: z.string(),
  /** The client or branch that it belongs to; ''. */
  owner: z.string(),
  /** ISO 8601. */
  deleted: z.string(),
});
export type Trashed = z.infer<typeof trashedSchema>;
export const trashSchema = z.object({ days: z.number(), things: z.array(trashedSchema) });
export const changesSchema = z.object({ changes: z.array(keptChangeSchema) });

export const undoneSchema = z.object({
  undone: z.number(),
  /** What was changed again since, and stays as it is. */
  kept: z.array(z.string()),
});
export type Undone = z.infer<typeof undoneSchema>;
