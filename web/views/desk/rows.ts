import { useQueries } from '@tanstack/react-query';
import { useState } from 'react';
import * as z from 'zod';
import type { BranchSummary, ClientSummary } from '#contract';
import { keep, keptJson } from '../../state/browserStore.ts';
import { BRANCH_PAGE, branchPage, type DeskChoice } from '../../api/queries.ts';

/** Rows are of one height, so that only those in sight are drawn. */
export const ROW_HEIGHT = 30;

const collapsedSchema = z.array(z.number());
const COLLAPSED = 'desk-collapsed';

/** The clients whose branches are put away, kept in this browser. */
export function useCollapsed(): [ReadonlySet<number>, (clientId: number) => void] {
  const [collapsed, setCollapsed] = useState<ReadonlySet<number>>(
    () => new Set(keptJson(COLLAPSED, (json) => collapsedSchema.parse(json)) ?? []),
  );
  const toggle = (clientId: number): void => {
    const next = new Set(collapsed);
    if (!next.delete(clientId)) next.add(clientId);
    setCollapsed(next);
    keep(COLLAPSED, JSON.stringify([...next]));
  };
  return [collapsed, toggle];
}

/** A row of the desk: a client, one of its branches, or the word that it has none. */
export type DeskRow =
  | { readonly kind: 'client'; readonly client: ClientSummary }
  | { readonly kind: 'branch'; readonly client: ClientSummary; readonly at: number }
  | { readonly kind: 'none'; readonly client: ClientSummary };

/** Clients and branches as one list. Only how many branches there are needs to be known. */
export function deskRows(
  clients: readonly ClientSummary[],
  collapsed: ReadonlySet<number> = new Set(),
): readonly DeskRow[] {
  return clients.flatMap((client): DeskRow[] => [
    { kind: 'client', client },
    ...(collapsed.has(client.id)
      ? []
      : client.branches === 0
        ? [{ kind: 'none' as const, client }]
        : Array.from({ length: client.branches }, (_, at): DeskRow => ({ kind: 'branch', client, at }))),
  ]);
}

/** The branches of the rows in sight, asked for by pages; undefined for those that have not come yet. */
export function useBranchesInSight(
  rows: readonly DeskRow[],
  choice: DeskChoice,
): (client: ClientSummary, at: number) => BranchSummary | undefined {
  const wanted = new Map<string, { clientId: number; page: number }>();
  for (const row of rows) {
    if (row.kind !== 'branch') continue;
    const page = Math.floor(row.at / BRANCH_PAGE);
    wanted.set(`${String(row.client.id)} ${String(page)}`, { clientId: row.client.id, page });
  }
  const pages = [...wanted];
  const answers = useQueries({
    queries: pages.map(([, { clientId, page }]) => branchPage(clientId, choice, page)),
  });
  const byPage = new Map(pages.map(([key], at) => [key, answers[at]?.data]));
  return ({ id }, at) =>
    byPage.get(`${String(id)} ${String(Math.floor(at / BRANCH_PAGE))}`)?.branches[at % BRANCH_PAGE];
}
