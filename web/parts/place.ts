import { useBranch } from '../api/queries.ts';
import { useParams } from 'react-router';

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

export const defaultsPath = (clientId: number): string => `/clients/${String(clientId)}/defaults`;

/** The branch that the address names; 0 where it names none. */
export function useBranchId(): number {
  const { branchId } = useParams();
  return Number(branchId) || 0;
}

/** The branch in hand; nothing is asked where there is none. */
export function useBranchInHand(branchId: number) {
  const { data } = useBranch(branchId);
  return branchId ? data : undefined;
}
