import { Router } from 'express';
import multer from 'multer';
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
import { isPagePath, unzipPages } from '../gateways/zipPages.ts';
import { parse, Refusal } from '../problem.ts';
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
} from '../store/checks.ts';
import { fileName } from './upload.ts';

/** Kept checks of many pages, their reports, and how a client's sources are judged. */
export function checkRoutes(): Router {
  const router = Router();
  const id = (value: unknown): number => parse(idSchema, value);
  router.get('/clients/:id/checks', async (request, response) => {
    response.json({ checks: await listChecks(id(request.params.id)) });
  });
  router.post('/clients/:id/checks', async (request, response) => {
    const checkId = await addCheck(id(request.params.id), parse(checkInputSchema, request.body));
    response.status(202).json({ id: checkId });
  });
  router.post('/clients/:id/checks/files', manyFiles, async (request, response) => {
    const files = (request.files ?? []) as Express.Multer.File[];
    const { url, answer } = parse(fileCheckSchema, request.body ?? {});
    response.status(202).json({ id: await addFiles(id(request.params.id), files, url, answer) });
  });
  router.get('/checks/:id', async (request, response) => {
    response.json(await showCheck(id(request.params.id)));
  });
  router.get('/checks/:id/pages/:page/source', async (request, response) => {
    response.json(await showCheckedSource(id(request.params.id), id(request.params.page)));
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

/** Files of one folder, or a zip, at most as much together as a zip may hold. */
const manyFiles = multer({
  storage: multer.memoryStorage(),
  limits: { fileSize: limits.zipBytes, files: limits.checkFiles, fields: 5 },
  defParamCharset: 'utf8',
  preservePath: true,
}).array('files', limits.checkFiles);

async function addFiles(
  clientId: number,
  files: readonly Express.Multer.File[],
  url: string,
  answer: HostAnswer | undefined,
): Promise<number> {
  const taken: { path: string; bytes: Buffer; answer?: HostAnswer | undefined }[] = [];
  const refused: string[] = [];
  for (const { originalname, buffer } of files) {
    const path = fileName(originalname);
    if (buffer.subarray(0, 4).toString('latin1') === 'PK\u0003\u0004') {
      const unzipped = await unzipPages(buffer);
      taken.push(...unzipped.pages);
      refused.push(...unzipped.refused.map((one) => one.path));
    } else if (buffer.length <= limits.pageBytes && (isPagePath(path) || /\.json(ld)?$/i.test(path)))
      taken.push({ path, bytes: buffer });
    else refused.push(path);
  }
  if (taken.length === 0)
    throw new Refusal(
      422,
      'No page',
      'None of these files is a page: pages end in .html, .htm, .php, .json or .jsonld, or lie in a zip. Nothing was checked.',
    );
  const [only] = taken;
  if (taken.length === 1 && only && url) Object.assign(only, { path: url, answer });
  const first = only?.path ?? '';
  const title = taken.length === 1 ? first : `${String(taken.length)} files`;
  const left =
    refused.length === 0
      ? ''
      : `Left out as no pages: ${refused.slice(0, 10).join(', ')}${refused.length > 10 ? ' …' : ''}.`;
  return addFileCheck(clientId, title, taken.slice(0, limits.sitePages), left);
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
