import { readFile } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { Router, type Response } from 'express';
import { api, type AddedPages, type LivePage, type PlacedChoice } from '#contract';
import { limits, megabytes } from '#core/limits';
import { isZip } from '../gateways/fileKind.ts';
import type { Fetcher } from '#outside/fetcher.ts';
import { refusalOfPath } from '#core/link';
import { pagesInZip, zipOf } from '#outside/zip.ts';
import { Refusal } from '../problem.ts';
import { verifyBranch } from '../jobs/verifying.ts';
import { findBranch, findClient, recordOf } from '../store/branches.ts';
import { branchHandOver, clientHandOver } from '../store/handOver.ts';
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
import { beginVerifying, historyOf, listVerified, saveSchedule } from '../store/verifications.ts';
import { GivenUp, givenUp, type Threads } from '../threads/threads.ts';
import { sent, serve } from './serve.ts';
import { sendStream } from './stream.ts';
import { uploadedFile, type Spool, type Uploaded } from './upload.ts';

export function pageRoutes(threads: Threads, spool: Spool, fetcher: Fetcher): Router {
  const router = Router();
  serve(router, api.pages, async ({ parameters: { id } }) => ({ pages: await listPages(id, threads) }));
  serve(
    router,
    api.addPages,
    ({ parameters: { id }, query: { placed }, request }) =>
      addPages(id, uploadedFile(request), placed, threads),
    { before: [spool.files(limits.zipBytes)] },
  );
  serve(router, api.pagesZip, async ({ parameters: { id }, query, response }) => {
    const pages = await pagePaths(id, query.which === 'changed');
    if (query.which === 'changed' && pages.length === 0)
      throw new Refusal(404, 'Nothing changed', 'Every page is as it came; there is nothing to take back.');
    // Two sites may have pages of one path.
    const isMixed = new Set(pages.map(({ siteId }) => siteId)).size > 1;
    response
      .attachment(query.which === 'changed' ? 'changed-pages.zip' : 'pages.zip')
      .type('application/zip');
    const files = pages.map((page) => ({
      path: isMixed
        ? `${page.siteId === 0 ? 'handed-in' : `site-${String(page.siteId)}`}/${page.path}`
        : page.path,
      open: async () => Readable.from([await sourceOf(page.id)]),
    }));
    return sendStream(zipOf(files), response);
  });
  serve(router, api.pageSource, async ({ parameters: { id }, response }) => {
    const { source } = await findPage(id);
    response.type('text/plain; charset=utf-8').end(await threads.text(source));
    return sent;
  });
  serve(router, api.pageFile, async ({ parameters: { id }, response }) => {
    const { path, source } = await findPage(id);
    response
      .attachment(path.split('/').at(-1) ?? 'page.html')
      .type('application/octet-stream')
      .end(source);
    return sent;
  });
  serve(router, api.place, ({ parameters: { id }, body }) => placeOnPage(id, body, threads));
  serve(router, api.removePlaced, ({ parameters: { id, form } }) => removeFromPage(id, form, threads));
  serve(router, api.handOver, async ({ parameters: { id }, response }) =>
    sendSheet(response, `hand-over-${String(id)}.html`, await branchHandOver(id)),
  );
  serve(router, api.clientHandOver, async ({ parameters: { id }, response }) =>
    sendSheet(response, `hand-over-client-${String(id)}.html`, await clientHandOver(id)),
  );
  serve(router, api.verifyLive, ({ parameters: { id } }) => verifyNow(id, threads, fetcher));
  serve(router, api.liveHistory, async ({ parameters: { id } }) => ({ results: await historyOf(id) }));
  serve(router, api.verified, async ({ parameters: { id } }) => ({
    verified: await listVerified(id),
    verifies: (await findClient(id)).verifies,
  }));
  serve(router, api.verifyAll, async ({ parameters: { id } }) => ({ id: await beginVerifying(id) }));
  serve(router, api.saveSchedule, ({ parameters: { id }, body: { verifies } }) => saveSchedule(id, verifies));
  serve(router, api.deletePage, ({ parameters: { id } }) => deletePage(id));
  serve(router, api.restorePage, ({ parameters: { id } }) => restorePage(id));
  return router;
}

/** A sheet is saved, never shown under the application's own address. */
function sendSheet(response: Response, name: string, html: string): typeof sent {
  response.attachment(name).type('text/html; charset=utf-8').send(html);
  return sent;
}

/** Reads a branch’s own page at its live address, and keeps what was found. */
async function verifyNow(id: number, threads: Threads, fetcher: Fetcher): Promise<LivePage> {
  const branch = await findBranch(id);
  if (!(await recordOf(branch)).url.trim())
    throw new Refusal(
      422,
      'No page address',
      'The record names no page of this branch, so there is nothing to read. Type its page address first.',
    );
  return verifyBranch(branch, { fetcher, threads }).catch((error: unknown) => {
    throw error instanceof GivenUp ? givenUp('The live page', error) : error;
  });
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
