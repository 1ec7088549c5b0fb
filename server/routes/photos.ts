import { Router, type Response } from 'express';
import { idSchema, limits, stampInputSchema } from '#contract';
import { freeName } from '#core/text';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { Thumbnails } from '../gateways/thumbnails.ts';
import { zipOf, type ToZip } from '../gateways/zipPages.ts';
import { notFound, parse, Refusal } from '../problem.ts';
import { addJob, cancelJob, openJobs, showJob } from '../store/jobs.ts';
import {
  deletePhoto,
  findPhoto,
  keepPhoto,
  keepThumbnail,
  listPhotos,
  restorePhoto,
  stampedPhotos,
} from '../store/photos.ts';
import { GivenUp, givenUp, type Threads } from '../threads/threads.ts';
import { sendStream } from './stream.ts';
import { uploadedFile, type Spool, type Uploaded } from './upload.ts';

export function photoRoutes(store: PhotoStore, threads: Threads, spool: Spool): Router {
  const router = Router();
  const thumbnails = new Thumbnails(store);
  router.get('/branches/:id/photos', async (request, response) => {
    response.json({ photos: await listPhotos(parse(idSchema, request.params.id)) });
  });
  router.post('/branches/:id/photos', spool.files(limits.photoBytes), async (request, response) => {
    const branchId = parse(idSchema, request.params.id);
    const file = uploadedFile(request);
    const name = file.name.split('/').at(-1) ?? file.name;
    const { size, carried } = await readOrRefuse(threads, { ...file, name });
    response
      .status(201)
      .json(await keepPhoto(branchId, { name, size, carried }, () => store.take(file.path)));
  });
  router.get('/photos/:id/thumbnail', async (request, response) => {
    const id = parse(idSchema, request.params.id);
    const photo = await findPhoto(id);
    const bytes = await thumbnails.of(
      photo.originalKey,
      async () => (await findPhoto(id)).thumbnailKey,
      (key) => keepThumbnail(id, key),
    );
    if (!bytes) throw notFound('photo');
    response.set('Cache-Control', 'private, max-age=86400').type('image/webp').send(bytes);
  });
  router.get('/photos/:id/stamped', async (request, response) => {
    const photo = await findPhoto(parse(idSchema, request.params.id));
    if (!photo.stampedKey) throw new Refusal(404, 'Not stamped', 'This photo has not been stamped yet.');
    await sendPhoto(response, store, photo.stampedKey, photo.name);
  });
  router.get('/branches/:id/photos.zip', async (request, response) => {
    const photos = (await stampedPhotos(parse(idSchema, request.params.id))).filter(
      ({ stampedKey }) => stampedKey,
    );
    if (photos.length === 0)
      throw new Refusal(404, 'Not stamped', 'No photo of this branch has been stamped yet.');
    const names = new Set<string>();
    const files: ToZip[] = [];
    for (const { name, stampedKey } of photos) {
      const stamped = await store.stream(stampedKey);
      if (!stamped) continue;
      const open = () => Promise.resolve(stamped.bytes());
      files.push({ path: freeName(name, names), open, compress: false });
    }
    response.attachment('stamped-photos.zip').type('application/zip');
    sendStream(zipOf(files), response);
  });
  router.delete('/photos/:id', async (request, response) => {
    await deletePhoto(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  router.post('/photos/:id/restore', async (request, response) => {
    await restorePhoto(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  router.post('/branches/:id/stamps', async (request, response) => {
    response
      .status(202)
      .json(await addJob(parse(idSchema, request.params.id), parse(stampInputSchema, request.body)));
  });
  router.get('/branches/:id/jobs', async (request, response) => {
    response.json({ jobs: await openJobs(parse(idSchema, request.params.id)) });
  });
  router.get('/jobs/:id', async (request, response) => {
    response.json(await showJob(parse(idSchema, request.params.id)));
  });
  router.delete('/jobs/:id', async (request, response) => {
    response.json(await cancelJob(parse(idSchema, request.params.id)));
  });
  return router;
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

async function sendPhoto(response: Response, store: PhotoStore, key: string, name: string): Promise<void> {
  const photo = await store.stream(key);
  if (!photo) throw notFound('photo');
  response.attachment(name).type('image/jpeg').set('Content-Length', String(photo.size));
  sendStream(photo.bytes(), response);
}
