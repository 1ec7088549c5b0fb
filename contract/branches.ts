import * as z from 'zod';
import { recordSchema } from '#core/record';

export const branchSchema = z.object({
  id: z.number(),
  label: z.string(),
  clientId: z.number(),
  clientName: z.string(),
  record: recordSchema,
  /** Counts the saves; a save names the version it began from. */
  version: z.number(),
});
export type Branch = z.infer<typeof branchSchema>;

export const recordInputSchema = z.object({ record: recordSchema, version: z.number().int().nonnegative() });
export type RecordInput = z.infer<typeof recordInputSchema>;

export const savedSchema = z.object({ version: z.number() });
