import { readFile } from 'node:fs/promises';
import { Router } from 'express';
import { api, fileCheckSchema, type HostAnswer } from '#contract';
import { limits } from '#core/limits';
import { reportCsv, reportHtml, type Reported } from '#core/reporting';
import { isZip } from '../gateways/fileKind.ts';
import { isPagePath } from '#core/link';
import { pagesInZip, type ZippedPage } from '#outside/zip.ts';
import { parse } from '../problem.ts';
import {
  addCheck,
  addFileCheck,
  allFound,
  cancelCheck,
  compareChecks,
  deleteCheck,
  listChecks,
  restoreCheck,
  showCheck,
  showCheckedSource,
  showFound,
} from '../store/checks.ts';
import type { PlannedPage } from '../store/checkedPages.ts';
import { addIgnore, judgingOf, removeIgnore, saveProfile } from '../store/judging.ts';
import type { Threads } from '../threads/threads.ts';
import { sent, serve } from './serve.ts';
import { uploadedFiles, type Spool, type Uploaded } from './upload.ts';

/** Kept checks of many pages, their reports, and how a client's sources are judged. */
export function checkRoutes(threads: Threads, spool: Spool): Router {
  const router = Router();
  serve(router, api.checks, async ({ parameters: { id } }) => ({ checks: await listChecks(id) }));
  serve(router, api.addCheck, async ({ parameters: { id }, body }) => ({ id: await addCheck(id, body) }));
  serve(
    router,
    api.addFileCheck,
    async ({ parameters: { id }, request }) => {
      const files = uploadedFiles(request);
      const { url, answer } = parse(fileCheckSchema, request.body ?? {});
      return { id: await addFiles(id, files, url, answer) };
    },
    { before: [spool.files(limits.zipBytes, limits.checkFiles)] },
  );
  serve(router, api.check, ({ parameters: { id } }) => showCheck(id));
  serve(router, api.checkedSource, async ({ parameters: { id, page }, response }) => {
    response.type('application/json').end(await showCheckedSource(id, page, threads));
    return sent;
  });
  serve(router, api.foundOnPage, ({ parameters: { id, page } }) => showFound(id, page));
  serve(router, api.comparison, ({ parameters: { id, other } }) => compareChecks(id, other));
  serve(router, api.reportHtml, async ({ parameters: { id }, response }) => {
    response.attachment(`findings-${String(id)}.html`).type('text/html; charset=utf-8');
    response.send(reportHtml(await reportOf(id)));
    return sent;
  });
  serve(router, api.reportCsv, async ({ parameters: { id }, response }) => {
    response.attachment(`findings-${String(id)}.csv`).type('text/csv; charset=utf-8');
    response.send(reportCsv(await reportOf(id)));
    return sent;
  });
  serve(router, api.cancelCheck, ({ parameters: { id } }) => cancelCheck(id));
  serve(router, api.deleteCheck, ({ parameters: { id } }) => deleteCheck(id));
  serve(router, api.restoreCheck, ({ parameters: { id } }) => restoreCheck(id));
  serve(router, api.judging, ({ parameters: { id } }) => judgingOf(id));
  serve(router, api.saveJudging, ({ parameters: { id }, body: { profile, wants } }) =>
    saveProfile(id, profile, wants),
  );
  serve(router, api.addIgnore, ({ parameters: { id }, body }) => addIgnore(id, body));
  serve(router, api.removeIgnore, ({ parameters: { id, ignore } }) => removeIgnore(id, ignore));
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
