import { useQuery } from '@tanstack/react-query';
import type { PhotoWords, StampInput } from '#contract';
import type { StampSettings } from '#core/photo';
import { useChange } from './change.ts';
import { ask, fileBody, queryOf, type BodyOf } from './request.ts';

/** What shows photos, and how far branches have come with them. */
export const PHOTOS = ['photos', 'ledger', 'clients', 'branches'] as const;

export const usePhotos = (id: number) => useQuery(queryOf('photos', { id }));

export const addPhoto = (id: number, file: File) =>
  ask('addPhoto', { id }, { files: fileBody(file, file.name) });

/** Keeps the words and places that were given to some photos, and asks for all of them anew. */
export const useKeepPhotoWords = (id: number) =>
  useChange((words: PhotoWords) => ask('photoWords', { id }, { body: words }), ...PHOTOS);

/** Deletes photos, or brings them back. */
export const useDeletePhotos = () =>
  useChange(
    async ({ ids, restore }: { ids: readonly number[]; restore: boolean }) => {
      for (const id of ids) await ask(restore ? 'restorePhoto' : 'deletePhoto', { id });
    },
    ...PHOTOS,
  );

export const startStamping = (id: number, input: StampInput) => ask('stamp', { id }, { body: input });
export const changeJob = (id: number, act: 'cancelJob' | 'pauseJob' | 'resumeJob') => ask(act, { id });

const POLL_MS = 400;

/** The jobs of a branch that are not done, asked for again and again while one of them goes on. */
export const useOpenJobs = (id: number) =>
  useQuery({
    ...queryOf('openJobs', { id }),
    refetchInterval: ({ state }) =>
      state.data?.jobs.some((job) => job.state !== 'paused') ? POLL_MS : false,
  });

export const useBranchStamp = (id: number) => useQuery(queryOf('branchStamp', { id }));
export const useSaveBranchStamp = (id: number) =>
  useChange((stamp: StampSettings) => ask('saveBranchStamp', { id }, { body: { stamp } }), 'branchStamp');
export const useStamps = (clientId: number) => useQuery(queryOf('stamps', { id: clientId }));
export const useSaveStamps = (clientId: number) =>
  useChange(
    (stamps: readonly StampSettings[]) =>
      ask('saveStamps', { id: clientId }, { body: { stamps: [...stamps] } }),
    'stamps',
  );

/** Notes for photos where they went. */
export const useAddPhotoUses = () =>
  useChange(async ({ ids, use }: { ids: readonly number[]; use: BodyOf<'addPhotoUse'> }) => {
    for (const id of ids) await ask('addPhotoUse', { id }, { body: use });
  }, 'photos');
export const useDeletePhotoUse = () => useChange((id: number) => ask('deletePhotoUse', { id }), 'photos');
export const useFetchPhotoUse = () => useChange((id: number) => ask('fetchPhotoUse', { id }), 'photos');
