import { Router, type Response } from 'express';
import sharp from 'sharp';
import { idSchema, limits, stampInputSchema } from '#contract';
import { readJpeg } from '#core/photo';
import { freeName } from '#core/text';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { zipOf } from '../gateways/zipPages.ts';
import { notFound, parse, Refusal } from '../problem.ts';
import { addJob, cancelJob, openJobs, showJob } from '../store/jobs.ts';
import {
  deletePhoto,
  findPhoto,
  keepPhoto,
  listPhotos,
  restorePhoto,
  stampedPhotos,
} from '../store/photos.ts';
import { oneFile, uploaded } from './upload.ts';

const THUMBNAIL = { width: 320, height: 240 };
/** More pixels than this are no photo; decoding them would exhaust the machine. */
const MAX_PIXELS = 300_000_000;

export function photoRoutes(store: PhotoStore): Router {
  const router = Router();
  router.get('/branches/:id/photos', async (request, response) => {
    response.json({ photos: await listPhotos(parse(idSchema, request.params.id)) });
  });
  router.post('/branches/:id/photos', oneFile(limits.photoBytes), async (request, response) => {
    const branchId = parse(idSchema, request.params.id);
    const { name, bytes } = uploaded(request);
    const read = readJpeg(bytes);
    if (!read.ok)
      throw new Refusal(
        422,
        'Not taken',
        `${name} was not taken: ${read.message} Photos that were taken before are as they were.`,
      );
    response
      .status(201)
      .json(await keepPhoto(branchId, name.split('/').at(-1) ?? name, bytes, await store.put([bytes])));
  });
  router.get('/photos/:id/thumbnail', async (request, response) => {
    const { originalKey } = await findPhoto(parse(idSchema, request.params.id));
    const original = await store.get(originalKey);
    if (!original) throw notFound('photo');
    // The image behind a sound head can still be damaged; then a grey tile stands for it.
    const small = await sharp(original, { failOn: 'none', limitInputPixels: MAX_PIXELS })
      .rotate()
      .resize({ ...THUMBNAIL, fit: 'cover' })
      .webp({ quality: 80 })
      .toBuffer()
      .catch(() =>
        sharp({ create: { ...THUMBNAIL, channels: 3, background: '#b9c1c6' } })
          .webp()
          .toBuffer(),
      );
    response.set('Cache-Control', 'private, max-age=86400').type('image/webp').send(small);
  });
  router.get('/photos/:id/original', async (request, response) => {
    const photo = await findPhoto(parse(idSchema, request.params.id));
    await sendPhoto(response, store, photo.originalKey, photo.name);
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
    const files = [];
    const names = new Set<string>();
    for (const { name, stampedKey } of photos) {
      const bytes = await store.get(stampedKey);
      if (bytes) files.push({ path: freeName(name, names), bytes });
    }
    response.attachment('stamped-photos.zip').type('application/zip');
    zipOf(files, false).pipe(response);
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

async function sendPhoto(response: Response, store: PhotoStore, key: string, name: string): Promise<void> {
  const bytes = await store.get(key);
  if (!bytes) throw notFound('photo');
  response.attachment(name).type('image/jpeg').send(bytes);
}
