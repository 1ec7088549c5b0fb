import { readFile } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { Router } from 'express';
import {
  addPagesQuerySchema,
  formSchema,
  idSchema,
  limits,
  megabytes,
  placementInputSchema,
  type AddedPages,
  type PlacedChoice,
} from '#contract';
import { isZip } from '../gateways/fileKind.ts';
import { pagesInZip, refusalOfPath, zipOf } from '../gateways/zipPages.ts';
import { parse, Refusal } from '../problem.ts';
import {
  deletePage,
  findPage,
  keepPages,
  listPages,
  pagePaths,
  placeOnPage,
  removeFromPage,
  restorePage,
  sourceOf,
  type ComingPage,
} from '../store/pages.ts';
import type { Threads } from '../threads/threads.ts';
import { sendStream } from './stream.ts';
import { uploadedFile, type Spool, type Uploaded } from './upload.ts';

export function pageRoutes(threads: Threads, spool: Spool): Router {
  const router = Router();
  router.get('/clients/:id/pages', async (request, response) => {
    response.json({ pages: await listPages(parse(idSchema, request.params.id), threads) });
  });
  router.post('/clients/:id/pages', spool.files(limits.zipBytes), async (request, response) => {
    const clientId = parse(idSchema, request.params.id);
    const { placed } = parse(addPagesQuerySchema, request.query);
    response.status(201).json(await addPages(clientId, uploadedFile(request), placed, threads));
  });
  router.get('/clients/:id/pages.zip', async (request, response) => {
    const pages = await pagePaths(parse(idSchema, request.params.id));
    response.attachment('pages.zip').type('application/zip');
    sendStream(
      zipOf(pages.map(({ id, path }) => ({ path, open: async () => Readable.from([await sourceOf(id)]) }))),
      response,
    );
  });
  router.get('/pages/:id/source', async (request, response) => {
    const { source } = await findPage(parse(idSchema, request.params.id));
    response.type('text/plain; charset=utf-8').end(await threads.text(source));
  });
  router.get('/pages/:id/download', async (request, response) => {
    const { path, source } = await findPage(parse(idSchema, request.params.id));
    response
      .attachment(path.split('/').at(-1) ?? 'page.html')
      .type('application/octet-stream')
      .end(source);
  });
  router.put('/pages/:id/placements', async (request, response) => {
    const input = parse(placementInputSchema, request.body);
    response.json(await placeOnPage(parse(idSchema, request.params.id), input, threads));
  });
  router.delete('/pages/:id/placements/:form', async (request, response) => {
    const form = parse(formSchema, request.params.form);
    response.json(await removeFromPage(parse(idSchema, request.params.id), form, threads));
  });
  router.delete('/pages/:id', async (request, response) => {
    await deletePage(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  router.post('/pages/:id/restore', async (request, response) => {
    await restorePage(parse(idSchema, request.params.id));
    response.status(204).end();
  });
  return router;
}

/** Takes a page, or all pages of a zip, in; nothing where one of them is refused. */
async function addPages(
  clientId: number,
  { name, path, size }: Uploaded,
  placed: PlacedChoice,
  threads: Threads,
): Promise<AddedPages> {
  const zip = (await isZip(path)) || /\.zip$/i.test(name);
  if (!zip && size > limits.pageBytes)
    throw new Refusal(
      413,
      'Too large',
      `A page may have ${megabytes(limits.pageBytes)}. ${name} has ${megabytes(size)} and was not taken; everything else is as it was.`,
    );
  const open = zip ? () => pagesInZip(path, true) : () => onePage(name, path);
  const added = await keepPages(clientId, open, { placed, title: name.slice(0, 200) }, threads);
  if (zip && added.added.length + added.unchanged + added.asks.length + added.refused.length === 0)
    added.refused.push({ path: name, reason: 'The zip holds no HTML page.' });
  return added;
}

async function* onePage(name: string, path: string): AsyncGenerator<ComingPage> {
  const reason = refusalOfPath(name);
  yield reason ? { path: name.slice(0, 200), reason } : { path: name, bytes: await readFile(path) };
}
