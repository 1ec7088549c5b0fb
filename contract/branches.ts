import * as z from 'zod';
import { allColumns, type Column } from '#core/intake';
import { recordSchema } from '#core/record';
import { nameSchema } from './clients.ts';
import { limits } from '#core/limits';

export const branchSchema = z.object({
  id: z.number(),
  label: z.string(),
  clientId: z.number(),
  clientName: z.string(),
  /** The branch's own facts. */
  record: recordSchema,
  /** The client's defaults, which stand where the branch says nothing. */
  defaults: recordSchema,
  /** Counts the saves; a save names the version it began from. */
  version: z.number(),
});
export type Branch = z.infer<typeof branchSchema>;

export const recordInputSchema = z.object({ record: recordSchema, version: z.number().int().nonnegative() });
export type RecordInput = z.infer<typeof recordInputSchema>;

export const savedSchema = z.object({ version: z.number() });

/** A client's defaults with their version. */
export const defaultsSchema = z.object({
  clientId: z.number(),
  clientName: z.string(),
  record: recordSchema,
  version: z.number(),
});
export type Defaults = z.infer<typeof defaultsSchema>;

/** A new branch, empty or with what is known of it already. */
export const branchInputSchema = z.object({ label: nameSchema, record: recordSchema.optional() });
export type BranchInput = z.infer<typeof branchInputSchema>;

/**
 * Branches taken in together: all of them or none. One with an `id` brings that branch up to date, if it is still
 * at the `version` that it was compared with.
 */
export const importInputSchema = z.object({
  title: z.string().trim().max(200).default(''),
  branches: z
    .array(
      z.object({
        label: nameSchema,
        record: recordSchema,
        id: z.number().int().nonnegative().default(0),
        version: z.number().int().nonnegative().default(0),
      }),
    )
    .min(1, 'There is no branch to take in.')
    .max(limits.importRows, `At most ${String(limits.importRows)} branches at once.`),
});
export type ImportInput = z.input<typeof importInputSchema>;
export const importedSchema = z.object({
  added: z.number(),
  updated: z.number(),
  firstId: z.number(),
  /** Names the change, so that it can be undone as one. */
  changeId: z.number(),
});
export type Imported = z.infer<typeof importedSchema>;

const columnSchema = z.custom<Column>(
  (column) => typeof column === 'string' && allColumns.some((one) => one === column),
);
/** What the columns of a client's spreadsheets hold, in the order of its last sheet; null for what is not taken. */
export const columnsSchema = z.object({
  columns: z
    .array(z.object({ heading: z.string().max(500), column: columnSchema.nullable() }))
    .max(1000)
    .default([]),
});
export type SheetColumns = z.infer<typeof columnsSchema>;

/** All branches of a client with their own records, for a sheet to be compared with. */
export const recordsSchema = z.object({
  branches: z.array(
    z.object({ id: z.number(), label: z.string(), version: z.number(), record: recordSchema }),
  ),
});
export type BranchRecords = z.infer<typeof recordsSchema>;
