import { Readable } from 'node:stream';
import { Router } from 'express';
import { idSchema, limits, type ArchiveProgress } from '#contract';
import { fileName } from '#core/text';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { zipOf } from '../gateways/zipPages.ts';
import { parse } from '../problem.ts';
import { archiveOf, takeArchive } from '../store/archive.ts';
import { findClient } from '../store/branches.ts';
import type { Threads } from '../threads/threads.ts';
import { sendStream } from './stream.ts';
import { uploadedFile, type Spool } from './upload.ts';

/** A whole client out as one zip of open formats, and in again. */
export function archiveRoutes(store: PhotoStore, threads: Threads, spool: Spool): Router {
  const router = Router();
  router.get('/clients/:id/archive.zip', async (request, response) => {
    const id = parse(idSchema, request.params.id);
    const { name } = await findClient(id);
    const files = await archiveOf(id, store, new Date());
    response.attachment(`${fileName(name)}.zip`).type('application/zip');
    sendStream(zipOf(files), response);
  });
  const upload = spool.files(limits.archiveBytes, 1, limits.archiveBytes);
  router.post('/clients/archive', upload, (request, response) => {
    const { path } = uploadedFile(request);
    // The answer tells how far it has come, a line of JSON for each step.
    response.type('application/x-ndjson');
    sendStream(Readable.from(lines(takeArchive(path, store, threads, () => spool.path()))), response);
  });
  return router;
}

async function* lines(steps: AsyncIterable<ArchiveProgress>): AsyncGenerator<string> {
  for await (const step of steps) yield `${JSON.stringify(step)}\n`;
}
