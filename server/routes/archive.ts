import { Readable } from 'node:stream';
import { Router } from 'express';
import { api, type ArchiveProgress } from '#contract';
import { limits } from '#core/limits';
import { fileName } from '#core/text';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { zipOf } from '#outside/zip.ts';
import { archiveOf } from '../store/archive.ts';
import { takeArchive } from '../store/takenArchive.ts';
import { findClient } from '../store/branches.ts';
import type { Threads } from '../threads/threads.ts';
import { serve } from './serve.ts';
import { sendStream } from './stream.ts';
import { uploadedFile, type Spool } from './upload.ts';

/** A whole client out as one zip of open formats, and in again. */
export function archiveRoutes(store: PhotoStore, threads: Threads, spool: Spool): Router {
  const router = Router();
  serve(router, api.archive, async ({ parameters: { id }, response }) => {
    const { name } = await findClient(id);
    const files = await archiveOf(id, store, new Date());
    response.attachment(`${fileName(name)}.zip`).type('application/zip');
    return sendStream(zipOf(files), response);
  });
  serve(
    router,
    api.takeArchive,
    ({ request, response }) => {
      const { path } = uploadedFile(request);
      // The answer tells how far it has come, a line of JSON for each step.
      response.type('application/x-ndjson');
      const steps = takeArchive(path, store, threads, () => spool.path());
      return Promise.resolve(sendStream(Readable.from(lines(steps)), response));
    },
    { before: [spool.files(limits.archiveBytes, 1, limits.archiveBytes)] },
  );
  return router;
}

async function* lines(steps: AsyncIterable<ArchiveProgress>): AsyncGenerator<string> {
  for await (const step of steps) yield `${JSON.stringify(step)}\n`;
}
