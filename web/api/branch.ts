import { useQuery } from '@tanstack/react-query';
import type { Branch } from '#contract';
import { effectiveRecord } from '#core/record';
import { queryOf } from './request.ts';

/** What everything is made from: the branch with its own facts over its client's. */
const asTold = (branch: Branch): Branch => ({
  ...branch,
  record: effectiveRecord(branch.record, branch.defaults),
});

/** A branch as it is told to machines and visitors. Only the fact sheet asks for its own facts alone. */
export const useToldBranch = (id: number) =>
  useQuery({ ...queryOf('branch', { id }), enabled: id > 0, select: asTold });
