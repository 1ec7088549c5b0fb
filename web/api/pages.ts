import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { Job, ShownRun } from '#contract';
import type { PlacementRule } from '#core/site';
import { useChange } from './change.ts';
import { ask, queryOf, refresh, type BodyOf } from './request.ts';

/** What shows pages, what is placed on them, and how far branches have come. */
const PAGES = ['pages', 'pageSource', 'sites', 'ledger', 'verified', 'clients', 'branches'] as const;

/** Asks anew for whatever shows pages. */
export function useRefreshPages(): () => Promise<unknown> {
  const queries = useQueryClient();
  return useCallback(() => refresh(queries, ...PAGES), [queries]);
}

export const useSites = (id: number) => useQuery(queryOf('sites', { id }));
export type SiteBody = BodyOf<'addSite'>;

/** Adds a site to a client, or changes the one with this number. */
export const useKeepSite = (clientId: number) =>
  useChange(
    async ({ id, body }: { id: number | null; body: SiteBody }): Promise<number> => {
      if (id === null) return (await ask('addSite', { id: clientId }, { body })).id;
      await ask('saveSite', { id }, { body });
      return id;
    },
    ...PAGES,
  );
export const useDeleteSite = () =>
  useChange(
    ({ id, restore }: { id: number; restore: boolean }) =>
      ask(restore ? 'restoreSite' : 'deleteSite', { id }),
    ...PAGES,
  );
export const trySite = (body: BodyOf<'trySite'>) => ask('trySite', {}, { body });
export const readSite = (id: number) => ask('readSite', { id });

export const useSaveOwners = (id: number) =>
  useChange((body: BodyOf<'saveOwners'>) => ask('saveOwners', { id }, { body }), ...PAGES);

export const useRules = (id: number) => useQuery(queryOf('rules', { id }));
export const useSaveRules = (id: number) =>
  useChange(
    (rules: readonly PlacementRule[]) => ask('saveRules', { id }, { body: { rules: [...rules] } }),
    'rules',
  );

const POLL_MS = 400;
const GOES_ON: readonly string[] = ['previewing', 'publishing'];

/** A client's runs, asked for again while one of them goes on. */
export const useRuns = (id: number) =>
  useQuery({
    ...queryOf('runs', { id }),
    refetchInterval: ({ state }) =>
      state.data?.runs.some((run) => GOES_ON.includes(run.state)) ? POLL_MS : false,
  });

/** A pause lets the pages come to their end that were being written: they are told a little later. */
const PAUSED_POLL_MS = 2000;

/** A run with its pages, asked for again while it goes on. */
export const useRun = (id: number | undefined) =>
  useQuery({
    ...queryOf('run', { id: id ?? 0 }),
    enabled: id !== undefined,
    refetchInterval: ({ state: { data } }) =>
      data && GOES_ON.includes(data.state) ? POLL_MS : data?.state === 'paused' ? PAUSED_POLL_MS : false,
  });

export const addRun = (id: number, body: BodyOf<'addRun'>) => ask('addRun', { id }, { body });
export const publishRun = (id: number) => ask('publishRun', { id });
export const undoRun = (id: number) => ask('undoRun', { id });

/** The run when it has come to an end of what it does; `look` is shown it on the way. */
export async function settledRun(
  id: number,
  look: (run: ShownRun) => void = () => undefined,
): Promise<ShownRun> {
  for (;;) {
    const run = await ask('run', { id });
    if (!GOES_ON.includes(run.state)) return run;
    look(run);
    await new Promise((resolve) => setTimeout(resolve, POLL_MS));
  }
}

/** What can be done with a run. */
export const useRunAct = () =>
  useChange(
    ({ id, act }: { id: number; act: 'publishRun' | 'pauseRun' | 'discardRun' }) => ask(act, { id }),
    'runs',
    'run',
    ...PAGES,
  );

/** The texts of a page of a run. */
export const useRunSources = (id: number, page: number | undefined) =>
  useQuery({ ...queryOf('runSources', { id, page: page ?? 0 }), enabled: page !== undefined });

export const usePageVersions = (id: number) => useQuery(queryOf('pageVersions', { id }));

export const useLedger = (id: number) => useQuery(queryOf('ledger', { id }));

/** What was last read on the live pages. */
export const useVerified = (id: number) => useQuery(queryOf('verified', { id }));
export const verifyAll = (id: number) => ask('verifyAll', { id });
export const useSaveSchedule = (id: number) =>
  useChange(
    (verifies: '' | 'daily' | 'weekly') => ask('saveSchedule', { id }, { body: { verifies } }),
    'verified',
  );

/** A job when it is at its end; `look` is shown it on the way. */
export async function settledJob(id: number, look: (job: Job) => void): Promise<Job> {
  for (;;) {
    const job = await ask('job', { id });
    if (!['waiting', 'running'].includes(job.state)) return job;
    look(job);
    await new Promise((resolve) => setTimeout(resolve, POLL_MS));
  }
}
