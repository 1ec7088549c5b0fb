import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  trashing,
  type BranchesQuery,
  type BranchSort,
  type EndpointName,
  type ImportInput,
  type PlacedChoice,
  type PlacementInput,
  type SheetColumns,
  type Trashed,
} from '#contract';
import type { PlacedForm } from '#core/page';
import { useChange } from './change.ts';
import { ask, askText, fileBody, queryOf } from './request.ts';

/** Which clients and branches the desk shows, and in which order. */
export interface DeskChoice {
  readonly words: string;
  readonly state: BranchesQuery['state'];
  readonly sort: BranchSort;
}

export const useClients = (words = '', state: BranchesQuery['state'] = '') =>
  useQuery({ ...queryOf('clients', {}, { q: words, state }), placeholderData: keepPreviousData });

/** How many branches are asked for at once. */
export const BRANCH_PAGE = 100;

/** What asks for a page of a client's branches. */
export const branchPage = (id: number, { words: q, state, sort }: DeskChoice, page: number) =>
  queryOf('branches', { id }, { q, state, sort, offset: page * BRANCH_PAGE, limit: BRANCH_PAGE });

/** Branches by words, over all clients or within one. */
export const useSearch = (words: string, client?: number) =>
  useQuery({ ...queryOf('search', {}, { q: words, client }), placeholderData: keepPreviousData });

export const useBranch = (id: number) => useQuery({ ...queryOf('branch', { id }), enabled: id > 0 });

/** What shows the client tree. */
const TREE = ['clients', 'branches', 'search', 'branch'] as const satisfies readonly EndpointName[];
const useTreeChange = <V, R>(change: (input: V) => Promise<R>) => useChange(change, ...TREE);

export const useAddClient = () => useTreeChange((name: string) => ask('addClient', {}, { body: { name } }));
export const useAddBranch = () =>
  useTreeChange(({ clientId: id, label }: { clientId: number; label: string }) =>
    ask('addBranch', { id }, { body: { label } }),
  );
export const useDuplicate = () =>
  useTreeChange(({ branchId: id, label }: { branchId: number; label: string }) =>
    ask('duplicateBranch', { id }, { body: { label } }),
  );
export const useImport = () =>
  useTreeChange(({ clientId: id, input }: { clientId: number; input: ImportInput }) =>
    ask('importBranches', { id }, { body: input }),
  );

/** What the columns of a client's spreadsheets held the last time. */
export const useSheetColumns = (id: number) => useQuery(queryOf('columns', { id }));
export const useKeepColumns = (id: number) =>
  useChange((columns: SheetColumns) => ask('saveColumns', { id }, { body: columns }), 'columns');

/** All branches of a client with their records, as they are now. */
export const useRecords = (id: number) =>
  useQuery({
    ...queryOf('records', { id }),
    gcTime: 0,
    staleTime: Infinity,
    refetchOnMount: 'always',
  });

export const useDefaults = (id: number) => useQuery({ ...queryOf('defaults', { id }), enabled: id > 0 });

/** The markup of all branches of a client together. */
export const useClientMarkup = (id: number, shape: 'graph' | 'organization' | undefined) =>
  useQuery({
    queryKey: ['clientMarkup', { id }, { shape }],
    queryFn: () => askText('clientMarkup', { id }, shape ? { query: { shape } } : {}),
    enabled: shape !== undefined,
  });

/** Hits of the address search. Fewer than two letters find nothing. */
export const usePlaces = (words: string, country: string) =>
  useQuery({
    ...queryOf('places', {}, { q: words, country }),
    enabled: words.trim().length > 1,
    placeholderData: keepPreviousData,
    retry: false,
  });

/** Places of a name, once. */
export const findPlaces = (words: string, country: string) =>
  ask('places', {}, { query: { q: words, country } });

export const useHolidays = (country: string, region: string, year: number) =>
  useQuery({ ...queryOf('holidays', {}, { country, region, year }), enabled: country !== '' });

export const fetchPage = (url: string) => ask('fetch', {}, { body: { url } });
export const fetchImageSize = (url: string) => ask('imageSize', {}, { body: { url } });

/** What can be renamed, deleted and brought back. */
export interface Thing {
  readonly kind: Trashed['kind'];
  readonly id: number;
}

export const useRename = () =>
  useTreeChange(({ thing: { kind, id }, name }: { thing: Thing; name: string }) =>
    kind === 'clients'
      ? ask('renameClient', { id }, { body: { name } })
      : ask('renameBranch', { id }, { body: { label: name } }),
  );

/** Deletes or restores anything, and asks anew for whatever lists it. */
export function useDelete() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ thing: { kind, id }, restore }: { thing: Thing; restore: boolean }) =>
      ask(trashing[kind][restore ? 1 : 0], { id }),
    onSuccess: () => queries.invalidateQueries(),
  });
}

export const usePages = (id: number | undefined) =>
  useQuery({ ...queryOf('pages', { id: id ?? 0 }), enabled: id !== undefined });

/** The page's text; `stamp` changes when the page does. */
export const usePageSource = (id: number | undefined, stamp = '') =>
  useQuery({
    queryKey: ['pageSource', { id }, stamp],
    queryFn: () => askText('pageSource', { id: id ?? 0 }),
    enabled: id !== undefined,
  });

const usePageChange = <V, R>(change: (input: V) => Promise<R>) =>
  useChange(change, 'pages', 'pageSource', 'clients', 'branches');

export const useAddPage = () =>
  usePageChange(
    ({
      clientId: id,
      file,
      path,
      placed,
    }: {
      clientId: number;
      file: File;
      path: string;
      placed: PlacedChoice;
    }) => ask('addPages', { id }, { query: { placed }, files: fileBody(file, path) }),
  );
export const usePlace = () =>
  usePageChange(({ pageId: id, input }: { pageId: number; input: PlacementInput }) =>
    ask('place', { id }, { body: input }),
  );
export const useRemovePlaced = () =>
  usePageChange(({ pageId: id, form }: { pageId: number; form: PlacedForm }) =>
    ask('removePlaced', { id, form }),
  );

/** Reads the branch's live page now, and keeps what was found. */
export const useVerifyLive = (id: number) =>
  useChange(() => ask('verifyLive', { id }), 'verified', 'ledger', 'clients', 'branches');

/** What was deleted and can be brought back. */
export const useTrash = () => useQuery(queryOf('trash', {}));

/** What was done to many things of a client at once and can be undone. */
export const useChanges = (id: number | undefined) =>
  useQuery({ ...queryOf('changes', { id: id ?? 0 }), enabled: id !== undefined });

/** Undoes a change as one, and asks anew for whatever shows what it touched. */
export function useUndoChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => ask('undo', { id }),
    onSuccess: () => queries.invalidateQueries(),
  });
}
