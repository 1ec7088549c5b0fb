import { Router } from 'express';
import { formSchema, idSchema, limits, megabytes, placementInputSchema, type AddedPages } from '#contract';
import { decodeText } from '#core/text';
import { isPagePath, unzipPages, zipOf } from '../gateways/zipPages.ts';
import { parse, Refusal } from '../problem.ts';
import {
  allSources,
  deletePage,
  findPage,
  keepPage,
  listPages,
  placeOnPage,
  removeFromPage,
  restorePage,
  showPage,
} from '../store/pages.ts';
import { oneFile, uploaded } from './upload.ts';

export function pageRoutes(): Router {
  const router = Router();
  router.get('/clients/:id/pages', async (request, response) => {
    response.json({ pages: await listPages(parse(idSchema, request.params.id)) });
  });
  router.post('/clients/:id/pages', oneFile(limits.zipBytes), async (request, response) => {
    const clientId = parse(idSchema, request.params.id);
    const { name, bytes } = uploaded(request);
    response.status(201).json(await addPages(clientId, name, bytes));
  });
  router.get('/clients/:id/pages.zip', async (request, response) => {
    const files = await allSources(parse(idSchema, request.params.id));
    response.attachment('pages.zip').type('application/zip');
    zipOf(files, true).pipe(response);
  });
  router.get('/pages/:id/source', async (request, response) => {
    const { source } = await findPage(parse(idSchema, request.params.id));
    response.type('text/plain; charset=utf-8').send(decodeText(source).text);
  });
  router.get('/pages/:id/download', async (request, response) => {
    const { path, source } = await findPage(parse(idSchema, request.params.id));
    response
      .attachment(path.split('/').at(-1) ?? 'page.html')
      .type('application/octet-stream')
      .send(source);
  });
  router.put('/pages/:id/placements', async (request, response) => {
    response.json(
      await placeOnPage(parse(idSchema, request.params.id), parse(placementInputSchema, request.body)),
    );
  });
  router.delete('/pages/:id/placements/:form', async (request, response) => {
    response.json(
      await removeFromPage(parse(idSchema, request.params.id), parse(formSchema, request.params.form)),
    );
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

async function addPages(clientId: number, name: string, bytes: Buffer): Promise<AddedPages> {
  const isZip = bytes.subarray(0, 4).toString('latin1') === 'PK\u0003\u0004' || /\.zip$/i.test(name);
  if (!isZip && bytes.length > limits.pageBytes)
    throw new Refusal(
      413,
      'Too large',
      `A page may have ${megabytes(limits.pageBytes)}. ${name} has ${megabytes(bytes.length)} and was not taken; everything else is as it was.`,
    );
  const { pages, refused } = isZip
    ? await unzipPages(bytes)
    : { pages: [{ path: name, bytes }], refused: [] };
  const added: AddedPages = { added: [], replaced: 0, refused: [...refused] };
  for (const page of pages) {
    if (!isPagePath(page.path)) {
      added.refused.push({
        path: page.path,
        reason: 'It is no HTML page. Pages end in .html, .htm, .php or .asp.',
      });
      continue;
    }
    const { id, replaced } = await keepPage(clientId, page.path, page.bytes);
    added.added.push(await showPage(id));
    if (replaced) added.replaced += 1;
  }
  if (isZip && pages.length === 0 && refused.length === 0)
    added.refused.push({ path: name, reason: 'The zip holds no HTML page.' });
  return added;
}
