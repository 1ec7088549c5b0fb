import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import {
  addedPagesSchema,
  branchesSchema,
  branchSchema,
  clientsSchema,
  columnsSchema,
  defaultsSchema,
  fetchedSchema,
  foundBranchesSchema,
  hitsSchema,
  holidaysSchema,
  imageSizeSchema,
  importedSchema,
  jobSchema,
  jobsSchema,
  changedPageSchema,
  changesSchema,
  pagesSchema,
  photoSchema,
  photosSchema,
  recordsSchema,
  trashSchema,
  undoneSchema,
  type BranchesQuery,
  type BranchSort,
  type Branch,
  type ImportInput,
  type PlacedChoice,
  type PlacementInput,
  type SheetColumns,
  type StampInput,
  type Trashed,
} from '#contract';
import type { MarkupForm } from '#core/markup';
import { effectiveRecord } from '#core/record';
import { ask, askText, fileBody, json, tell } from './request.ts';

const createdSchema = z.object({ id: z.number() });

/** Which clients and branches the desk shows, and in which order. */
export interface DeskChoice {
  readonly words: string;
  readonly state: BranchesQuery['state'];
  readonly sort: BranchSort;
}

export const useClients = (words = '', state: BranchesQuery['state'] = '') =>
  useQuery({
    queryKey: ['clients', words, state],
    queryFn: () => ask(clientsSchema, `/clients?q=${encodeURIComponent(words)}&state=${state}`),
    placeholderData: keepPreviousData,
  });

/** How many branches are asked for at once. */
export const BRANCH_PAGE = 100;

/** What asks for a page of a client's branches. */
export const branchPage = (clientId: number, { words, state, sort }: DeskChoice, page: number) => ({
  queryKey: ['clients', words, clientId, page, state, sort],
  queryFn: () =>
    ask(
      branchesSchema,
      `/clients/${String(clientId)}/branches?q=${encodeURIComponent(words)}&state=${state}&sort=${sort}&offset=${String(page * BRANCH_PAGE)}&limit=${String(BRANCH_PAGE)}`,
    ),
});

/** Branches by words, over all clients or within one. */
export const useSearch = (words: string, clientId?: number) =>
  useQuery({
    queryKey: ['search', words, clientId],
    queryFn: () =>
      ask(
        foundBranchesSchema,
        `/search?q=${encodeURIComponent(words)}${clientId ? `&client=${String(clientId)}` : ''}`,
      ),
    placeholderData: keepPreviousData,
  });

export const askBranch = (id: number) => ask(branchSchema, `/branches/${String(id)}`);

export const useBranch = (id: number) =>
  useQuery({ queryKey: ['branch', id], queryFn: () => askBranch(id), enabled: id > 0 });

/** What everything is made from: the branch with its own facts over its client's. */
const asTold = (branch: Branch): Branch => ({
  ...branch,
  record: effectiveRecord(branch.record, branch.defaults),
});

/** A branch as it is told to machines and visitors. Only the fact sheet asks for its own facts alone. */
export const useToldBranch = (id: number) =>
  useQuery({
    queryKey: ['branch', id],
    queryFn: () => askBranch(id),
    enabled: id > 0,
    select: asTold,
  });

/** Something of the client tree is changed; the tree is asked for again. */
function useTreeChange<V, R>(change: (input: V) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['clients'] });
      await queries.invalidateQueries({ queryKey: ['search'] });
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

export const useDuplicate = () =>
  useTreeChange(({ branchId, label }: { branchId: number; label: string }) =>
    ask(createdSchema, `/branches/${String(branchId)}/duplicate`, json('POST', { label })),
  );
export const useImport = () =>
  useTreeChange(({ clientId, input }: { clientId: number; input: ImportInput }) =>
    ask(importedSchema, `/clients/${String(clientId)}/branches/import`, json('POST', input)),
  );

/** What the columns of a client's spreadsheets held the last time. */
export const useSheetColumns = (clientId: number) =>
  useQuery({
    queryKey: ['columns', clientId],
    queryFn: () => ask(columnsSchema, `/clients/${String(clientId)}/columns`),
  });
export function useKeepColumns(clientId: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (columns: SheetColumns) => tell(`/clients/${String(clientId)}/columns`, json('PUT', columns)),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['columns', clientId] }),
  });
}

/** All branches of a client with their records, as they are now. */
export const useRecords = (clientId: number) =>
  useQuery({
    queryKey: ['records', clientId],
    queryFn: () => ask(recordsSchema, `/clients/${String(clientId)}/records`),
    gcTime: 0,
    staleTime: Infinity,
    refetchOnMount: 'always',
  });

export const askDefaults = (clientId: number) => ask(defaultsSchema, `/clients/${String(clientId)}/defaults`);
export const useDefaults = (clientId: number) =>
  useQuery({
    queryKey: ['defaults', clientId],
    queryFn: () => askDefaults(clientId),
    enabled: clientId > 0,
  });

/** The markup of all branches of a client together. */
export const useClientMarkup = (clientId: number, shape: 'graph' | 'organization' | undefined) =>
  useQuery({
    queryKey: ['client-markup', clientId, shape],
    queryFn: () => askText(`/clients/${String(clientId)}/markup?shape=${shape ?? ''}`),
    enabled: shape !== undefined,
  });

/** Hits of the address search. Fewer than two letters find nothing. */
export const usePlaces = (words: string, country: string) =>
  useQuery({
    queryKey: ['places', words, country],
    queryFn: () =>
      ask(hitsSchema, `/places/search?q=${encodeURIComponent(words)}&country=${encodeURIComponent(country)}`),
    enabled: words.trim().length > 1,
    placeholderData: keepPreviousData,
    retry: false,
  });
export const askReverse = (latitude: number, longitude: number) =>
  ask(hitsSchema, `/places/reverse?lat=${String(latitude)}&lon=${String(longitude)}`);

export const useHolidays = (country: string, region: string, year: number) =>
  useQuery({
    queryKey: ['holidays', country, region, year],
    queryFn: () =>
      ask(
        holidaysSchema,
        `/holidays?country=${country}&region=${encodeURIComponent(region)}&year=${String(year)}`,
      ),
    enabled: country !== '',
  });

export const fetchPage = (url: string) => ask(fetchedSchema, '/fetch', json('POST', { url }));
export const fetchImageSize = (url: string) => ask(imageSizeSchema, '/image-size', json('POST', { url }));

/** What can be renamed, deleted and brought back. */
export interface Thing {
  readonly kind: Trashed['kind'];
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
  usePageChange(
    ({
      clientId,
      file,
      path,
      placed,
    }: {
      clientId: number;
      file: File;
      path: string;
      placed: PlacedChoice;
    }) => ask(addedPagesSchema, `/clients/${String(clientId)}/pages?placed=${placed}`, fileBody(file, path)),
  );
export const usePlace = () =>
  usePageChange(({ pageId, input }: { pageId: number; input: PlacementInput }) =>
    ask(changedPageSchema, `/pages/${String(pageId)}/placements`, json('PUT', input)),
  );
export const useRemovePlaced = () =>
  usePageChange(({ pageId, form }: { pageId: number; form: MarkupForm }) =>
    ask(changedPageSchema, `/pages/${String(pageId)}/placements/${form}`, { method: 'DELETE' }),
  );

/** What was deleted and can be brought back. */
export const useTrash = () => useQuery({ queryKey: ['trash'], queryFn: () => ask(trashSchema, '/trash') });

/** What was done to many things of a client at once and can be undone. */
export const useChanges = (clientId: number | undefined) =>
  useQuery({
    queryKey: ['changes', clientId],
    queryFn: () => ask(changesSchema, `/clients/${String(clientId)}/changes`),
    enabled: clientId !== undefined,
  });

/** Undoes a change as one, and asks anew for whatever shows what it touched. */
export function useUndoChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => ask(undoneSchema, `/changes/${String(id)}/undo`, { method: 'POST' }),
    onSuccess: () => queries.invalidateQueries(),
  });
}

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
