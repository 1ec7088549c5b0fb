import { useParams } from 'react-router';
import type { BranchSummary, ClientSummary } from '#contract';
import { useClients } from '../api/queries.ts';

/** The views that belong to a branch, in the order of the work. */
export const branchViews = ['record', 'check', 'pages', 'photos'] as const;
export type BranchView = (typeof branchViews)[number];

export const viewLabel: Readonly<Record<BranchView, string>> = {
  record: 'Record',
  check: 'Check',
  pages: 'Pages',
  photos: 'Photos',
};

export const viewPath = (branchId: number, view: BranchView): string =>
  `/branches/${String(branchId)}/${view}`;

/** The branch that the address names; 0 where it names none. */
export function useBranchId(): number {
  const { branchId } = useParams();
  return Number(branchId) || 0;
}

/** A client and a branch of it, as the tree lists them. */
export function useTreePlace(branchId: number): {
  client: ClientSummary | undefined;
  branch: BranchSummary | undefined;
} {
  const { data } = useClients();
  for (const client of data?.clients ?? []) {
    const branch = client.branches.find(({ id }) => id === branchId);
    if (branch) return { client, branch };
  }
  return { client: undefined, branch: undefined };
}
