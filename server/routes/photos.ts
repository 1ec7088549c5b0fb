import { Readable } from 'node:stream';
import { Router, type Response } from 'express';
import { api } from '#contract';
import { writeCsv } from '#core/csv';
import { limits } from '#core/limits';
import { freeName } from '#core/text';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { Thumbnails } from '../gateways/thumbnails.ts';
import { zipOf, type ToZip } from '#outside/zip.ts';
import { notFound, Refusal } from '../problem.ts';
import { addJob, cancelJob, openJobs, showJob } from '../store/jobs.ts';
import {
  deletePhoto,
  findPhoto,
  keepPhoto,
  keepThumbnail,
  keepWords,
  listPhotos,
  manifestRow,
  restorePhoto,
  stampedPhotos,
} from '../store/photos.ts';
import { GivenUp, givenUp, type Threads } from '../threads/threads.ts';
import { sent, serve } from './serve.ts';
import { sendStream } from './stream.ts';
import { uploadedFile, type Spool, type Uploaded } from './upload.ts';

export function photoRoutes(store: PhotoStore, threads: Threads, spool: Spool): Router {
  const router = Router();
  const thumbnails = new Thumbnails(store);
  serve(router, api.photos, async ({ parameters: { id } }) => ({ photos: await listPhotos(id) }));
  serve(
    router,
    api.addPhoto,
    async ({ parameters: { id }, request }) => {
      const file = uploadedFile(request);
      const name = file.name.split('/').at(-1) ?? file.name;
      const { size, carried } = await readOrRefuse(threads, { ...file, name });
      return keepPhoto(id, { name, size, carried }, () => store.take(file.path));
    },
    { before: [spool.files(limits.photoBytes)] },
  );
  serve(router, api.thumbnail, async ({ parameters: { id }, response }) => {
    const photo = await findPhoto(id);
    const bytes = await thumbnails.of(
      photo.originalKey,
      async () => (await findPhoto(id)).thumbnailKey,
      (key) => keepThumbnail(id, key),
    );
    if (!bytes) throw notFound('photo');
    response.set('Cache-Control', 'private, max-age=86400').type('image/webp').send(bytes);
    return sent;
  });
  serve(router, api.stampedPhoto, async ({ parameters: { id }, response }) => {
    const photo = await findPhoto(id);
    if (!photo.stampedKey) throw new Refusal(404, 'Not stamped', 'This photo has not been stamped yet.');
    return sendPhoto(response, store, photo.stampedKey, photo.name);
  });
  serve(router, api.photosZip, async ({ parameters: { id }, response }) => {
    const photos = (await stampedPhotos(id)).filter(({ stampedKey }) => stampedKey);
    if (photos.length === 0)
      throw new Refusal(404, 'Not stamped', 'No photo of this branch has been stamped yet.');
    const names = new Set<string>();
    const files: ToZip[] = [];
    const rows: ManifestRow[] = [];
    for (const photo of photos) {
      const { name, stampedKey } = photo;
      const stamped = await store.stream(stampedKey);
      if (!stamped) continue;
      const open = () => Promise.resolve(stamped.bytes());
      const path = freeName(name, names);
      files.push({ path, open, compress: false });
      rows.push({ file: path, ...manifestRow(photo) });
    }
    files.push(...manifestFiles(rows));
    response.attachment('stamped-photos.zip').type('application/zip');
    return sendStream(zipOf(files), response);
  });
  serve(router, api.photoWords, ({ parameters: { id }, body }) => keepWords(id, body));
  serve(router, api.deletePhoto, ({ parameters: { id } }) => deletePhoto(id));
  serve(router, api.restorePhoto, ({ parameters: { id } }) => restorePhoto(id));
  serve(router, api.stamp, ({ parameters: { id }, body }) => addJob(id, body));
  serve(router, api.openJobs, async ({ parameters: { id } }) => ({ jobs: await openJobs(id) }));
  serve(router, api.job, ({ parameters: { id } }) => showJob(id));
  serve(router, api.cancelJob, ({ parameters: { id } }) => cancelJob(id));
  return router;
}

/** A photo as the zip's manifest tells it, by file name in the zip. */
type ManifestRow = { readonly file: string } & ReturnType<typeof manifestRow>;

/** The manifest for programs (JSON) and for a spreadsheet (CSV). */
function manifestFiles(rows: readonly ManifestRow[]): ToZip[] {
  const headings = ['file', 'name', 'title', 'alt', 'latitude', 'longitude', 'proved'] as const;
  const csv = writeCsv([headings, ...rows.map((row) => headings.map((heading) => String(row[heading])))]);
  const file = (path: string, text: string): ToZip => ({
    path,
    open: () => Promise.resolve(Readable.from([Buffer.from(text)])),
  });
  return [file('manifest.json', `${JSON.stringify({ photos: rows }, null, 2)}\n`), file('manifest.csv', csv)];
}

const NAME_LENGTH = 255;

/** What an uploaded photo carries; refused with its name and the reason where it is none that can be taken. */
async function readOrRefuse(threads: Threads, { name, path }: Uploaded) {
  const kept = 'Photos that were taken before are as they were.';
  if (name.length > NAME_LENGTH)
    throw new Refusal(
      422,
      'Not taken',
      `${name.slice(0, 60)}… was not taken: its name has ${String(name.length)} characters, at most ${String(NAME_LENGTH)} are kept. ${kept}`,
    );
  const read = await threads.readPhoto(path).catch((error: unknown) => {
    throw error instanceof GivenUp ? givenUp(name, error) : error;
  });
  if (!read.ok) throw new Refusal(422, 'Not taken', `${name} was not taken: ${read.message} ${kept}`);
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
