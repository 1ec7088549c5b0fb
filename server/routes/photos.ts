import { rm } from 'node:fs/promises';
import { Router, type Response } from 'express';
import { api, type Photo } from '#contract';
import { limits, megabytes } from '#core/limits';
import { subjectOf } from '#core/photo';
import type { Fetcher } from '#outside/fetcher.ts';
import { picturesInZip, zipOf } from '#outside/zip.ts';
import { isZip } from '../gateways/fileKind.ts';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { Thumbnails } from '../gateways/thumbnails.ts';
import { fetchedBack } from '../jobs/fetchingBack.ts';
import { notFound, Refusal } from '../problem.ts';
import { findBranch } from '../store/branches.ts';
import { findPhoto } from '../store/findPhoto.ts';
import { addJob, cancelJob, openJobs, pauseJob, resumeJob, showJob } from '../store/jobs.ts';
import type { PhotoRow } from '../store/models.ts';
import { reportOf, zipped } from '../store/photoFiles.ts';
import { stampOf } from '../store/photoPlan.ts';
import {
  deletePhoto,
  keepPhoto,
  keepThumbnail,
  keepWords,
  listPhotos,
  restorePhoto,
  stampedPhotos,
} from '../store/photos.ts';
import { addUse, deleteUse, findUse, keepFetched } from '../store/photoUses.ts';
import { saveBranchStamp, saveStamps, stampOfBranch, stampsOf } from '../store/stamps.ts';
import { GivenUp, givenUp, type Threads } from '../threads/threads.ts';
import { sent, serve } from './serve.ts';
import { sendStream } from './stream.ts';
import { uploadedFile, type Spool, type Uploaded } from './upload.ts';

interface PhotoParts {
  readonly store: PhotoStore;
  readonly threads: Threads;
  readonly spool: Spool;
  readonly fetcher: Fetcher;
}

export function photoRoutes(parts: PhotoParts): Router {
  const router = Router();
  const { store, threads, spool } = parts;
  const thumbnails = new Thumbnails(store);
  const small = (photo: PhotoRow, isWanted?: () => boolean): Promise<Buffer | undefined> =>
    thumbnails.of(photo.originalKey, {
      kept: async () => (await findPhoto(photo.id)).thumbnailKey,
      keep: (key) => keepThumbnail(photo.id, key),
      isWanted,
      decode:
        photo.format === 'HEIC' ? () => threads.heicThumbnail(store.location, photo.originalKey) : undefined,
    });
  serve(router, api.photos, async ({ parameters: { id } }) => ({ photos: [...(await listPhotos(id))] }));
  serve(
    router,
    api.addPhoto,
    ({ parameters: { id }, request }) => addPhotos(id, uploadedFile(request), { store, threads, spool }),
    { before: [spool.files(limits.photosZipBytes)] },
  );
  serve(router, api.thumbnail, async ({ parameters: { id }, response }) => {
    const bytes = await small(await findPhoto(id), () => !response.closed && !response.destroyed);
    if (!bytes) throw notFound('photo');
    response.set('Cache-Control', 'private, max-age=86400').type('image/webp').send(bytes);
    return sent;
  });
  serve(router, api.stampedPhoto, async ({ parameters: { id }, response }) => {
    const photo = await findPhoto(id);
    if (!photo.stampedKey) throw new Refusal(404, 'Not stamped', 'This photo has not been stamped yet.');
    return sendPhoto(response, store, photo.stampedKey, stampOf(photo)?.name || photo.name);
  });
  serve(router, api.photosZip, async ({ parameters: { id }, query, response }) => {
    const photos = await chosen(id, query);
    response.attachment('stamped-photos.zip').type('application/zip');
    return sendStream(zipOf(await zipped(photos, store)), response);
  });
  serve(router, api.photosReport, async ({ parameters: { id }, query, response }) => {
    const branch = await findBranch(id);
    const report = await reportOf(branch, await chosen(id, query), small);
    response
      .attachment(`photos-${String(id)}.html`)
      .type('text/html; charset=utf-8')
      .send(report);
    return sent;
  });
  serve(router, api.photoWords, ({ parameters: { id }, body }) => keepWords(id, body));
  serve(router, api.deletePhoto, ({ parameters: { id } }) => deletePhoto(id));
  serve(router, api.restorePhoto, ({ parameters: { id } }) => restorePhoto(id));
  serve(router, api.stamp, ({ parameters: { id }, body }) => addJob(id, body));
  serve(router, api.openJobs, async ({ parameters: { id } }) => ({ jobs: [...(await openJobs(id))] }));
  serve(router, api.job, ({ parameters: { id } }) => showJob(id));
  serve(router, api.cancelJob, ({ parameters: { id } }) => cancelJob(id));
  serve(router, api.pauseJob, ({ parameters: { id } }) => pauseJob(id));
  serve(router, api.resumeJob, ({ parameters: { id } }) => resumeJob(id));
  stampRoutes(router, parts);
  return router;
}

/** The stamps of clients and branches, and where photos went. */
function stampRoutes(router: Router, parts: PhotoParts): void {
  serve(router, api.branchStamp, async ({ parameters: { id } }) => ({
    stamp: stampOfBranch(await findBranch(id)),
  }));
  serve(router, api.saveBranchStamp, ({ parameters: { id }, body: { stamp } }) => saveBranchStamp(id, stamp));
  serve(router, api.stamps, async ({ parameters: { id } }) => ({ stamps: await stampsOf(id) }));
  serve(router, api.saveStamps, ({ parameters: { id }, body: { stamps } }) => saveStamps(id, stamps));
  serve(router, api.addPhotoUse, ({ parameters: { id }, body }) => addUse(id, body));
  serve(router, api.deletePhotoUse, ({ parameters: { id } }) => deleteUse(id));
  serve(router, api.fetchPhotoUse, async ({ parameters: { id } }) => {
    const use = await findUse(id);
    return keepFetched(use, await fetchedBack(use.address, await findPhoto(use.photoId), parts));
  });
}

/** The stamped photos that a question is about; a refusal where there are none. */
async function chosen(branchId: number, { ids }: { readonly ids?: string | undefined }) {
  const photos = await stampedPhotos(branchId, ids?.split(',').map(Number));
  if (photos.length === 0)
    throw new Refusal(404, 'Not stamped', 'None of these photos has been stamped yet.');
  return photos;
}

/** Takes a photo, or all photos of a zip, in; one that is refused stops no other. */
async function addPhotos(
  branchId: number,
  file: Uploaded,
  { store, threads, spool }: Pick<PhotoParts, 'store' | 'threads' | 'spool'>,
): Promise<{ photos: Photo[]; refused: { name: string; reason: string }[] }> {
  const take = async (path: string, file: string): Promise<Photo> => {
    const [name = path, folder = ''] = path.split(/[\\/]/).reverse();
    const read = await readOrRefuse(threads, { name, path: file });
    // Where a file's name says nothing of what it shows, its folder may.
    const subject = subjectOf(name) ? '' : subjectOf(folder);
    return keepPhoto(branchId, { name, subject }, read, () => store.take(file));
  };
  if (!(await isZip(file.path))) {
    if (file.size > limits.photoBytes)
      throw new Refusal(
        413,
        'Too large',
        `${file.name} has ${megabytes(file.size)}; at most ${megabytes(limits.photoBytes)} are taken. ${KEPT}`,
      );
    return { photos: [await take(file.name, file.path)], refused: [] };
  }
  const [photos, refused]: [Photo[], { name: string; reason: string }[]] = [[], []];
  for await (const picture of picturesInZip(file.path, () => spool.path())) {
    if ('reason' in picture) {
      refused.push({ name: picture.path, reason: picture.reason });
      continue;
    }
    try {
      photos.push(await take(picture.path, picture.file));
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      refused.push({ name: picture.path.slice(0, 200), reason: error.message });
    } finally {
      await rm(picture.file, { force: true });
    }
  }
  if (photos.length + refused.length === 0)
    throw new Refusal(422, 'Not taken', `${file.name} was not taken: it holds no picture. ${KEPT}`);
  return { photos, refused };
}

const KEPT = 'Photos that were taken before are as they were.';

const NAME_LENGTH = 255;

/** What an uploaded photo carries; refused with its name and the reason where it is none that can be taken. */
async function readOrRefuse(threads: Threads, { name, path }: Pick<Uploaded, 'name' | 'path'>) {
  if (name.length > NAME_LENGTH)
    throw new Refusal(
      422,
      'Not taken',
      `${name.slice(0, 60)}… was not taken: its name has ${String(name.length)} characters, at most ${String(NAME_LENGTH)} are kept. ${KEPT}`,
    );
  const read = await threads.readPhoto(path).catch((error: unknown) => {
    throw error instanceof GivenUp ? givenUp(name, error) : error;
  });
  if (!read.ok) throw new Refusal(422, 'Not taken', `${name} was not taken: ${read.message} ${KEPT}`);
  return read;
}

async function sendPhoto(
  response: Response,
  store: PhotoStore,
  key: string,
  name: string,
): Promise<typeof sent> {
  const photo = await store.stream(key);
  if (!photo) throw notFound('photo');
  response.attachment(name).set('Content-Length', String(photo.size));
  return sendStream(photo.bytes(), response);
}
