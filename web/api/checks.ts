import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import {
  checkedSourceSchema,
  comparisonSchema,
  foundOnPageSchema,
  judgingSchema,
  keptChecksSchema,
  keptIgnoreSchema,
  shownCheckSchema,
  type CheckInput,
  type HostAnswer,
  type ShownCheck,
} from '#contract';
import type { Ignore, ProfileName, Want } from '#core/checking';
import { ask, json, tell } from './request.ts';

const createdSchema = z.object({ id: z.number() });

/** How often a check that is being carried out is asked for. */
const POLL_MS = 1000;

const isOpen = (state: string | undefined): boolean => state === 'waiting' || state === 'running';

export const useChecks = (clientId: number) =>
  useQuery({
    queryKey: ['checks', clientId],
    queryFn: () => ask(keptChecksSchema, `/clients/${String(clientId)}/checks`),
    refetchInterval: ({ state }) =>
      state.data?.checks.some((one) => isOpen(one.state)) ? POLL_MS * 2 : false,
  });

export const useKeptCheck = (id: number) =>
  useQuery({
    queryKey: ['check', id],
    queryFn: () => ask(shownCheckSchema, `/checks/${String(id)}`),
    enabled: id > 0,
    refetchInterval: ({ state }: { state: { data?: ShownCheck | undefined } }) =>
      isOpen(state.data?.check.state) ? POLL_MS : false,
  });

export const useComparison = (before: number, after: number) =>
  useQuery({
    queryKey: ['comparison', before, after],
    queryFn: () => ask(comparisonSchema, `/checks/${String(before)}/compare/${String(after)}`),
    enabled: before > 0 && after > 0,
  });

export const askCheckedSource = (checkId: number, pageId: number) =>
  ask(checkedSourceSchema, `/checks/${String(checkId)}/pages/${String(pageId)}/source`);

export const useFoundOnPage = (checkId: number, pageId: number) =>
  useQuery({
    queryKey: ['found', checkId, pageId],
    queryFn: () => ask(foundOnPageSchema, `/checks/${String(checkId)}/pages/${String(pageId)}/findings`),
  });

export const startCheck = (clientId: number, input: CheckInput) =>
  ask(createdSchema, `/clients/${String(clientId)}/checks`, json('POST', input));

/** Hands files in to be checked; their names may have folders. `url` is the address of a single one. */
export function startFileCheck(
  clientId: number,
  files: readonly { readonly name: string; readonly file: Blob }[],
  url = '',
  answer?: HostAnswer,
) {
  const body = new FormData();
  if (url) body.append('url', url);
  if (answer) body.append('answer', JSON.stringify(answer));
  for (const { name, file } of files) body.append('files', file, name);
  return ask(createdSchema, `/clients/${String(clientId)}/checks/files`, { method: 'POST', body });
}

export const cancelCheck = (id: number) => tell(`/checks/${String(id)}/cancel`, { method: 'POST' });
export const deleteCheck = (id: number) => tell(`/checks/${String(id)}`, { method: 'DELETE' });
export const restoreCheck = (id: number) => tell(`/checks/${String(id)}/restore`, { method: 'POST' });

export const useJudging = (clientId: number) =>
  useQuery({
    queryKey: ['judging', clientId],
    queryFn: () => ask(judgingSchema, `/clients/${String(clientId)}/judging`),
  });

/** Changes how a client's sources are judged, and judges anew. */
export function useJudgingChanges(clientId: number) {
  const queries = useQueryClient();
  const onSuccess = () => queries.invalidateQueries({ queryKey: ['judging', clientId] });
  return {
    ignore: useMutation({
      mutationFn: (ignore: Ignore) =>
        ask(keptIgnoreSchema, `/clients/${String(clientId)}/ignores`, json('POST', ignore)),
      onSuccess,
    }),
    revoke: useMutation({
      mutationFn: (id: number) =>
        tell(`/clients/${String(clientId)}/ignores/${String(id)}`, { method: 'DELETE' }),
      onSuccess,
    }),
    save: useMutation({
      mutationFn: (input: { profile: ProfileName; wants: readonly Want[] }) =>
        tell(`/clients/${String(clientId)}/judging`, json('PUT', input)),
      onSuccess,
    }),
  };
}
