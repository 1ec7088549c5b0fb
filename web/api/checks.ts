import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { CheckInput, HostAnswer } from '#contract';
import type { Ignore, ProfileName, Want } from '#core/checking';
import { ask, queryOf, refresh } from './request.ts';

/** How often a check that is being carried out is asked for. */
const POLL_MS = 1000;

const isOpen = (state: string | undefined): boolean => state === 'waiting' || state === 'running';

export const useChecks = (id: number) =>
  useQuery({
    ...queryOf('checks', { id }),
    refetchInterval: ({ state }) =>
      state.data?.checks.some((one) => isOpen(one.state)) ? POLL_MS * 2 : false,
  });

export const useKeptCheck = (id: number) =>
  useQuery({
    ...queryOf('check', { id }),
    enabled: id > 0,
    refetchInterval: ({ state }) => (isOpen(state.data?.check.state) ? POLL_MS : false),
  });

export const useComparison = (id: number, other: number) =>
  useQuery({ ...queryOf('comparison', { id, other }), enabled: id > 0 && other > 0 });

export const askCheckedSource = (id: number, page: number) => ask('checkedSource', { id, page });

export const useFoundOnPage = (id: number, page: number) => useQuery(queryOf('foundOnPage', { id, page }));

export const startCheck = (id: number, input: CheckInput) => ask('addCheck', { id }, { body: input });

/** Hands files in to be checked; their names may have folders. `url` is the address of a single one. */
export function startFileCheck(
  id: number,
  files: readonly { readonly name: string; readonly file: Blob }[],
  url = '',
  answer?: HostAnswer,
) {
  const body = new FormData();
  if (url) body.append('url', url);
  if (answer) body.append('answer', JSON.stringify(answer));
  for (const { name, file } of files) body.append('files', file, name);
  return ask('addFileCheck', { id }, { files: body });
}

export const cancelCheck = (id: number) => ask('cancelCheck', { id });
export const deleteCheck = (id: number) => ask('deleteCheck', { id });
export const restoreCheck = (id: number) => ask('restoreCheck', { id });

export const useJudging = (id: number) => useQuery(queryOf('judging', { id }));

/** Changes how a client's sources are judged, and judges anew. */
export function useJudgingChanges(id: number) {
  const queries = useQueryClient();
  const onSuccess = () => refresh(queries, 'judging');
  return {
    ignore: useMutation({
      mutationFn: (ignore: Ignore) => ask('addIgnore', { id }, { body: ignore }),
      onSuccess,
    }),
    revoke: useMutation({ mutationFn: (ignore: number) => ask('removeIgnore', { id, ignore }), onSuccess }),
    save: useMutation({
      mutationFn: ({ profile, wants }: { profile: ProfileName; wants: readonly Want[] }) =>
        ask('saveJudging', { id }, { body: { profile, wants: [...wants] } }),
      onSuccess,
    }),
  };
}
