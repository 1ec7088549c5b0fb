import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import {
  addedPagesSchema,
  branchSchema,
  clientsSchema,
  jobSchema,
  jobsSchema,
  pageSchema,
  pagesSchema,
  photoSchema,
  photosSchema,
  type PlacementInput,
  type StampInput,
} from '#contract';
import type { MarkupForm } from '#core/markup';
import { ask, askText, fileBody, json, tell } from './request.ts';

const createdSchema = z.object({ id: z.number() });

export const useClients = () =>
  useQuery({ queryKey: ['clients'], queryFn: () => ask(clientsSchema, '/clients') });

export const askBranch = (id: number) => ask(branchSchema, `/branches/${String(id)}`);

export const useBranch = (id: number) => useQuery({ queryKey: ['branch', id], queryFn: () => askBranch(id) });

/** Something of the client tree is changed; the tree is asked for again. */
function useTreeChange<V, R>(change: (input: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['clients'] });
      await queries.invalidateQueries({ queryKey: ['branch'] });
    },
  });
}

export const useAddClient = () =>
  useTreeChange((name: string) => ask(createdSchema, '/clients', json('POST', { name })));
export const useAddBranch = () =>
  useTreeChange(({ clientId, label }: { clientId: number; label: string }) =>
    ask(createdSchema, `/clients/${String(clientId)}/branches`, json('POST', { label })),
  );

/** What can be renamed, deleted and brought back. */
export interface Thing {
  readonly kind: 'clients' | 'branches' | 'pages' | 'photos';
  readonly id: number;
}
const pathOf = ({ kind, id }: Thing): string => `/${kind}/${String(id)}`;

export const useRename = () =>
  useTreeChange(({ thing, name }: { thing: Thing; name: string }) =>
    tell(pathOf(thing), json('PATCH', thing.kind === 'clients' ? { name } : { label: name })),
  );

/** Deletes or restores anything, and asks anew for whatever lists it. */
export function useDelete() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ thing, restore }: { thing: Thing; restore: boolean }) =>
      tell(restore ? `${pathOf(thing)}/restore` : pathOf(thing), { method: restore ? 'POST' : 'DELETE' }),
    onSuccess: () => queries.invalidateQueries(),
  });
}

export const usePages = (clientId: number | undefined) =>
  useQuery({
    queryKey: ['pages', clientId],
    queryFn: () => ask(pagesSchema, `/clients/${String(clientId)}/pages`),
    enabled: clientId !== undefined,
  });

/** The page's text; `stamp` changes when the page does. */
export const usePageSource = (id: number | undefined, stamp = '') =>
  useQuery({
    queryKey: ['page-source', id, stamp],
    queryFn: () => askText(`/pages/${String(id)}/source`),
    enabled: id !== undefined,
  });

function usePageChange<V, R>(change: (input: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['pages'] });
      await queries.invalidateQueries({ queryKey: ['page-source'] });
      await queries.invalidateQueries({ queryKey: ['clients'] });
    },
  });
}

export const useAddPage = () =>
  usePageChange(({ clientId, file, path }: { clientId: number; file: File; path: string }) =>
    ask(addedPagesSchema, `/clients/${String(clientId)}/pages`, fileBody(file, path)),
  );
export const usePlace = () =>
  usePageChange(({ pageId, input }: { pageId: number; input: PlacementInput }) =>
    ask(pageSchema, `/pages/${String(pageId)}/placements`, json('PUT', input)),
  );
export const useRemovePlaced = () =>
  usePageChange(({ pageId, form }: { pageId: number; form: MarkupForm }) =>
    ask(pageSchema, `/pages/${String(pageId)}/placements/${form}`, { method: 'DELETE' }),
  );

export const usePhotos = (branchId: number) =>
  useQuery({
    queryKey: ['photos', branchId],
    queryFn: () => ask(photosSchema, `/branches/${String(branchId)}/photos`),
  });

export const addPhoto = (branchId: number, file: File) =>
  ask(photoSchema, `/branches/${String(branchId)}/photos`, fileBody(file, file.name));

export const startStamping = (branchId: number, input: StampInput) =>
  ask(jobSchema, `/branches/${String(branchId)}/stamps`, json('POST', input));
export const cancelJob = (id: number) => ask(jobSchema, `/jobs/${String(id)}`, { method: 'DELETE' });

const POLL_MS = 400;

/** The jobs of a branch that are not done, asked for again and again while there are any. */
export const useOpenJobs = (branchId: number) =>
  useQuery({
    queryKey: ['jobs', branchId],
    queryFn: () => ask(jobsSchema, `/branches/${String(branchId)}/jobs`),
    refetchInterval: ({ state }) => ((state.data?.jobs.length ?? 0) > 0 ? POLL_MS : false),
  });
