import { readFile } from 'node:fs/promises';
import { Router } from 'express';
import {
  checkInputSchema,
  fileCheckSchema,
  idSchema,
  ignoreInputSchema,
  limits,
  profileInputSchema,
  type HostAnswer,
} from '#contract';
import { reportCsv, reportHtml, type Reported } from '#core/checking';
import { isZip } from '../gateways/fileKind.ts';
import { isPagePath, pagesInZip, type ZippedPage } from '../gateways/zipPages.ts';
import { parse } from '../problem.ts';
import {
  addCheck,
  addFileCheck,
  addIgnore,
  allFound,
  cancelCheck,
  compareChecks,
  deleteCheck,
  judgingOf,
  listChecks,
  removeIgnore,
  restoreCheck,
  saveProfile,
  showCheck,
  showCheckedSource,
  showFound,
  type PlannedPage,
} from '../store/checks.ts';
import type { Threads } from '../threads/threads.ts';
import { uploadedFiles, type Spool, type Uploaded } from './upload.ts';

/** Kept checks of many pages, their reports, and how a client's sources are judged. */
export function checkRoutes(threads: Threads, spool: Spool): Router {
  const router = Router();
  const id = (value: unknown): number => parse(idSchema, value);
  router.get('/clients/:id/checks', async (request, response) => {
    response.json({ checks: await listChecks(id(request.params.id)) });
  });
  router.post('/clients/:id/checks', async (request, response) => {
    const checkId = await addCheck(id(request.params.id), parse(checkInputSchema, request.body));
    response.status(202).json({ id: checkId });
  });
  const manyFiles = spool.files(limits.zipBytes, limits.checkFiles);
  router.post('/clients/:id/checks/files', manyFiles, async (request, response) => {
    const files = uploadedFiles(request);
    const { url, answer } = parse(fileCheckSchema, request.body ?? {});
    response.status(202).json({ id: await addFiles(id(request.params.id), files, url, answer) });
  });
  router.get('/checks/:id', async (request, response) => {
    response.json(await showCheck(id(request.params.id)));
  });
  router.get('/checks/:id/pages/:page/source', async (request, response) => {
    const source = await showCheckedSource(id(request.params.id), id(request.params.page), threads);
    response.type('application/json').end(source);
  });
  router.get('/checks/:id/pages/:page/findings', async (request, response) => {
    response.json(await showFound(id(request.params.id), id(request.params.page)));
  });
  router.get('/checks/:id/compare/:other', async (request, response) => {
    response.json(await compareChecks(id(request.params.id), id(request.params.other)));
  });
  router.get('/checks/:id/report.html', async (request, response) => {
    const reported = await reportOf(id(request.params.id));
    response
      .attachment(`findings-${String(request.params.id)}.html`)
      .type('text/html; charset=utf-8')
      .send(reportHtml(reported));
  });
  router.get('/checks/:id/report.csv', async (request, response) => {
    const reported = await reportOf(id(request.params.id));
    response
      .attachment(`findings-${String(request.params.id)}.csv`)
      .type('text/csv; charset=utf-8')
      .send(reportCsv(reported));
  });
  router.post('/checks/:id/cancel', async (request, response) => {
    await cancelCheck(id(request.params.id));
    response.status(204).end();
  });
  router.delete('/checks/:id', async (request, response) => {
    await deleteCheck(id(request.params.id));
    response.status(204).end();
  });
  router.post('/checks/:id/restore', async (request, response) => {
    await restoreCheck(id(request.params.id));
    response.status(204).end();
  });
  router.get('/clients/:id/judging', async (request, response) => {
    response.json(await judgingOf(id(request.params.id)));
  });
  router.put('/clients/:id/judging', async (request, response) => {
    const { profile, wants } = parse(profileInputSchema, request.body);
    await saveProfile(id(request.params.id), profile, wants);
    response.status(204).end();
  });
  router.post('/clients/:id/ignores', async (request, response) => {
    response.status(201).json(await addIgnore(id(request.params.id), parse(ignoreInputSchema, request.body)));
  });
  router.delete('/clients/:id/ignores/:ignore', async (request, response) => {
    await removeIgnore(id(request.params.id), id(request.params.ignore));
    response.status(204).end();
  });
  return router;
}

/** Begins a check of files that were handed in: pages and JSON-LD, alone or in zips. */
async function addFiles(
  clientId: number,
  files: readonly Uploaded[],
  url: string,
  answer: HostAnswer | undefined,
): Promise<number> {
  const refused: string[] = [];
  const [only] = files;
  const isOne = files.length === 1 && only !== undefined && !(await isZip(only.path));
  const pages = async function* (): AsyncGenerator<PlannedPage> {
    refused.length = 0;
    for (const file of files)
      for await (const page of pagesOf(file))
        if ('reason' in page) refused.push(page.path);
        else if (isOne && url) yield { url, bytes: page.bytes, answer };
        else yield { url: page.path, bytes: page.bytes };
  };
  return addFileCheck(clientId, pages, () =>
    refused.length === 0
      ? ''
      : `Left out as no pages: ${refused.slice(0, 10).join(', ')}${refused.length > 10 ? ' …' : ''}.`,
  );
}

/** The pages that a file is or holds. */
async function* pagesOf({ name, path, size }: Uploaded): AsyncGenerator<ZippedPage> {
  if (await isZip(path)) yield* pagesInZip(path, false);
  else if (size > limits.pageBytes) yield { path: name, reason: 'too large' };
  else if (isPagePath(name) || /\.json(ld)?$/i.test(name)) yield { path: name, bytes: await readFile(path) };
  else yield { path: name, reason: 'no page' };
}

async function reportOf(checkId: number): Promise<Reported> {
  const { check, pages } = await showCheck(checkId);
  const date = new Date(check.begun).toLocaleDateString('en', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
  return {
    title: check.title,
    date,
    pages: pages.filter(({ read }) => read).length,
    found: await allFound(checkId),
  };
}
