import * as z from 'zod';
import { formSchema } from './pages.ts';

/** A fact that something carries otherwise than the record says it now; '' for nothing. */
const changedFactSchema = z.object({ label: z.string(), carried: z.string(), now: z.string() });
export type ChangedFact = z.infer<typeof changedFactSchema>;

/** A page, the name of its site ('' for none), and the branch that it is listed for. */
const pageOfBranch = {
  id: z.number(),
  path: z.string(),
  site: z.string(),
  branchId: z.number(),
  branchLabel: z.string(),
};

/** What carries facts that have changed since it was made. */
export const ledgerSchema = z.object({
  pages: z.array(
    z.object({
      ...pageOfBranch,
      form: formSchema,
      state: z.enum(['out-of-date', 'misread', 'absent']),
      changes: z.array(changedFactSchema),
    }),
  ),
  photos: z.array(
    z.object({
      id: z.number(),
      name: z.string(),
      branchId: z.number(),
      branchLabel: z.string(),
      changes: z.array(changedFactSchema),
    }),
  ),
  /** Live pages that say otherwise than the record, or were not read since it changed. */
  live: z.array(
    z.object({
      branchId: z.number(),
      branchLabel: z.string(),
      url: z.string(),
      state: z.enum(['out-of-date', 'altered', 'absent', 'unreachable', 'not-read-since']),
      changes: z.array(changedFactSchema),
    }),
  ),
  /** Pictures and profiles that a record speaks of: gone, another picture, or stamped under another name since. */
  elsewhere: z.array(
    z.object({
      branchId: z.number(),
      branchLabel: z.string(),
      label: z.string(),
      address: z.string(),
      state: z.enum(['gone', 'changed', 'renamed']),
      /** The name that the picture has now; ''. */
      now: z.string(),
    }),
  ),
  /** Addresses on pages that name a photo as it was called before it was stamped under another name. */
  pictures: z.array(
    z.object({
      ...pageOfBranch,
      address: z.string(),
      /** The address as it would lead to the photo now. */
      now: z.string(),
    }),
  ),
  /** Sheets that were handed over and say less than they would now. */
  handOvers: z.array(z.object({ branchId: z.number(), branchLabel: z.string(), made: z.string() })),
});
export type Ledger = z.infer<typeof ledgerSchema>;
