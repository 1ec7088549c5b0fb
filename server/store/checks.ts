import { col, fn, literal, Op, type Transaction } from 'sequelize';
import * as z from 'zod';
import {
  checkedPageSchema,
  type CheckedPage,
  type CheckInput,
  type CheckSource,
  type Found,
  type FoundOnPage,
  type KeptCheck,
  type ShownCheck,
  type ShownComparison,
} from '#contract';
import { limits } from '#core/limits';
import { compareFindings } from '#core/reporting';
import type { SiteFinding } from '#core/fault';
import { notFound, Refusal } from '../problem.ts';
import type { Threads } from '../threads/threads.ts';
import { findClient } from './branches.ts';
import { BranchRow, checkedPageJson, CheckedPageRow, checkJson, CheckRow, JobRow } from './models.ts';
import { whole } from './transaction.ts';
import { type PlannedPage, planPages } from './checkedPages.ts';
import { judgingOf } from './judging.ts';

export async function findCheck(id: number): Promise<CheckRow> {
  const check = await CheckRow.findByPk(id);
  if (!check) throw notFound('check');
  await findClient(check.clientId);
  return check;
}

const TITLES: Readonly<Record<CheckSource['kind'], (source: CheckSource) => string>> = {
  urls: (source) =>
    source.kind === 'urls'
      ? source.urls.length === 1
        ? (source.urls[0] ?? '')
        : `${String(source.urls.length)} addresses`
      : '',
  sitemap: (source) => (source.kind === 'sitemap' ? source.url : ''),
  site: (source) => (source.kind === 'site' ? source.url : ''),
  pages: () => 'The site’s pages here',
};

/** Begins a check of many pages; the job that carries it out waits from now on. Both are there, or neither. */
export async function addCheck(clientId: number, { source, profile }: CheckInput): Promise<number> {
  const judging = await judgingOf(clientId);
  return whole(async (transaction) => {
    const check = await CheckRow.create(
      {
        clientId,
        title: TITLES[source.kind](source).slice(0, 300),
        kind: source.kind,
        profile: profile ?? judging.profile,
        input: checkJson.input.write(source),
        siteFindings: '[]',
      },
      { transaction },
    );
    await startJob(check.id, 0, transaction);
    return check.id;
  });
}

/** Begins a check of files that were handed in: all of them are kept, with the check and its job, or none. */
export async function addFileCheck(
  clientId: number,
  files: () => AsyncIterable<PlannedPage>,
  message: () => string,
): Promise<number> {
  const { profile } = await judgingOf(clientId);
  return whole(async (transaction) => {
    const check = await CheckRow.create(
      { clientId, title: '', kind: 'files', profile, input: 'null', siteFindings: '[]' },
      { transaction },
    );
    let total = 0;
    let first = '';
    for await (const file of files()) {
      if (total >= limits.sitePages) break;
      await planPages(check.id, [file], transaction);
      total += 1;
      first ||= file.url;
    }
    if (total === 0)
      throw new Refusal(
        422,
        'No page',
        'None of these files is a page: pages end in .html, .htm, .php, .json or .jsonld, or lie in a zip. Nothing was checked.',
      );
    const called = total === 1 ? first : `${String(total)} files`;
    await check.update({ title: called.slice(0, 300), message: message().slice(0, 500) }, { transaction });
    await startJob(check.id, total, transaction);
    return check.id;
  });
}

async function startJob(checkId: number, total: number, transaction: Transaction): Promise<void> {
  await JobRow.create(
    { branchId: null, checkId, state: 'waiting', input: 'null', total, leasedUntil: null },
    { transaction },
  );
}

/** The checks of a client, the newest first. */
export async function listChecks(clientId: number): Promise<readonly KeptCheck[]> {
  await findClient(clientId);
  const order: [string, string][] = [['id', 'DESC']];
  const checks = await CheckRow.findAll({ where: { clientId }, attributes: ['id'], order, limit: 200 });
  return describeChecks(checks.map(({ id }) => id));
}

const sum = z.coerce.number();
const sumsSchema = z.object({
  checkId: z.number(),
  must: sum,
  should: sum,
  note: sum,
  ignored: sum,
  total: sum,
  waiting: sum,
  unread: sum,
});
type Sums = z.infer<typeof sumsSchema>;

/** What the pages of checks come to, in one question. */
async function sumsOf(checkIds: readonly number[]): Promise<ReadonlyMap<number, Sums>> {
  const rows: unknown = await CheckedPageRow.findAll({
    where: { checkId: { [Op.in]: [...checkIds] } },
    attributes: [
      'checkId',
      [fn('SUM', col('must')), 'must'],
      [fn('SUM', col('should')), 'should'],
      [fn('SUM', col('note')), 'note'],
      [fn('SUM', col('ignored')), 'ignored'],
      [fn('COUNT', col('id')), 'total'],
      [fn('SUM', literal("state = 'waiting'")), 'waiting'],
      [fn('SUM', literal("state = 'unread'")), 'unread'],
    ],
    group: 'checkId',
    raw: true,
  });
  return new Map(
    z
      .array(sumsSchema)
      .parse(rows)
      .map((sums) => [sums.checkId, sums]),
  );
}

/** The last job of each check. Asked before all else: what a job has made is there when it says that it is done. */
async function jobsOf(checkIds: readonly number[]): Promise<ReadonlyMap<number | null, JobRow>> {
  const jobs = await JobRow.findAll({
    where: { checkId: { [Op.in]: [...checkIds] } },
    attributes: ['checkId', 'state', 'problem'],
    order: ['id'],
  });
  return new Map(jobs.map((job) => [job.checkId, job]));
}

/** Checks in the order of their ids; one that is gone is left out. */
async function describeChecks(ids: readonly number[]): Promise<readonly KeptCheck[]> {
  const jobs = await jobsOf(ids);
  const where = { id: { [Op.in]: [...ids] } };
  const [checks, sums] = await Promise.all([CheckRow.findAll({ where }), sumsOf(ids)]);
  const byId = new Map(checks.map((check) => [check.id, check]));
  return ids.flatMap((id) => {
    const check = byId.get(id);
    return check ? [describeCheck(check, jobs.get(id), sums.get(id))] : [];
  });
}

function describeCheck(check: CheckRow, job: JobRow | undefined, sums: Sums | undefined): KeptCheck {
  const { must = 0, should = 0, note = 0, total = 0, waiting = 0, unread = 0 } = sums ?? {};
  const summary = { must, should, note };
  for (const { finding } of checkJson.siteFindings.read(check.siteFindings)) summary[finding.grade] += 1;
  return {
    id: check.id,
    clientId: check.clientId,
    title: check.title,
    kind: check.kind,
    profile: check.profile,
    state: job === undefined || job.state === 'paused' ? 'done' : job.state,
    total,
    done: total - waiting,
    unread,
    summary,
    message: [check.message, job?.state === 'failed' ? job.problem : ''].filter(Boolean).join(' '),
    begun: check.createdAt.toISOString(),
  };
}

export async function showCheck(id: number): Promise<ShownCheck> {
  const jobs = await jobsOf([id]);
  const [check, sums] = await Promise.all([findCheck(id), sumsOf([id])]);
  const described = describeCheck(check, jobs.get(id), sums.get(id));
  const isOpen = described.state === 'waiting' || described.state === 'running';
  const rows = await CheckedPageRow.findAll({
    where: { checkId: id, state: { [Op.ne]: 'waiting' } },
    attributes: { exclude: ['source', 'findings', 'headers'] },
    // Pages that were not read first: nobody knows what is wrong with them.
    order: [['state', 'DESC'], ['must', 'DESC'], ['should', 'DESC'], ['note', 'DESC'], 'url'],
    limit: isOpen ? limits.pagesOnTheWay : limits.sitePages,
  });
  const branches = await BranchRow.findAll({
    where: { clientId: check.clientId },
    attributes: ['id', 'label'],
  });
  return {
    check: described,
    pages: rows.map(describePage),
    siteFindings: [...siteFound(check, new Map(rows.map((row) => [row.url, row.id])))],
    ignored: sums.get(id)?.ignored ?? 0,
    branches: branches.map(({ id: branchId, label }) => ({ id: branchId, label })),
  };
}

/** The findings of one page of a check, with what its host answered. */
export async function showFound(checkId: number, pageId: number): Promise<FoundOnPage> {
  await findCheck(checkId);
  const page = await CheckedPageRow.findOne({
    where: { checkId, id: pageId },
    attributes: { exclude: ['source'] },
  });
  if (!page) throw notFound('page of the check');
  const { url, finalUrl, status, headers, milliseconds, size, updatedAt } = page;
  return {
    findings: [...pageFound(page)],
    leftOut: page.leftOut,
    answer:
      status === 0
        ? null
        : {
            url: finalUrl || url,
            status,
            headers: checkedPageJson.headers.read(headers),
            milliseconds,
            size,
            fetched: updatedAt.toISOString(),
          },
  };
}

/** What a browser is told of the businesses on a page: not every word of theirs. */
const carriedShown = checkedPageSchema.shape.carries;

const describePage = (row: CheckedPageRow): CheckedPage => ({
  id: row.id,
  url: row.url,
  finalUrl: row.finalUrl,
  status: row.status,
  problem: row.problem,
  read: row.state === 'read',
  size: row.size,
  milliseconds: row.milliseconds,
  summary: { must: row.must, should: row.should, note: row.note },
  codes: checkedPageJson.codes.read(row.codes),
  ownBranchId: row.ownBranchId,
  carries: carriedShown.parse(checkedPageJson.carries.read(row.carries)),
});

const siteFound = (check: CheckRow, ids: ReadonlyMap<string, number>): readonly Found[] =>
  checkJson.siteFindings.read(check.siteFindings).map(({ url, finding }) => ({
    pageId: ids.get(url) ?? 0,
    page: url,
    finding,
    excerpt: finding.message.slice(0, 200),
  }));

const pageFound = ({ id, url, findings }: CheckedPageRow): readonly Found[] =>
  checkedPageJson.findings.read(findings).map((one) => ({ pageId: id, page: url, ...one }));

/** Every finding of a check: those of the whole site, then page by page, the worst first on each. */
export async function allFound(id: number): Promise<readonly Found[]> {
  const check = await findCheck(id);
  const rows = await CheckedPageRow.findAll({
    where: { checkId: id },
    attributes: ['id', 'url', 'findings'],
    order: ['url'],
  });
  return [...siteFound(check, new Map()), ...rows.flatMap(pageFound)];
}

/** What was fetched of one page, as it was then: JSON after `checkedSourceSchema`, made in a thread. */
export async function showCheckedSource(
  checkId: number,
  pageId: number,
  threads: Threads,
): Promise<Uint8Array> {
  await findCheck(checkId);
  const page = await CheckedPageRow.findOne({ where: { checkId, id: pageId } });
  if (!page) throw notFound('page of the check');
  const { url, finalUrl, headers, updatedAt } = page;
  return threads.checkedSource(page.source, {
    url: finalUrl || url,
    headers: checkedPageJson.headers.read(headers),
    fetched: updatedAt.toISOString(),
  });
}

export async function compareChecks(beforeId: number, afterId: number): Promise<ShownComparison> {
  const [before, after] = [await findCheck(beforeId), await findCheck(afterId)];
  if (before.clientId !== after.clientId)
    throw new Refusal(400, 'Two clients', 'These checks are of two clients and cannot be compared.');
  const { ignores } = await judgingOf(before.clientId);
  const compared = compareFindings(await allFound(beforeId), await allFound(afterId), ignores);
  const [first, second] = await describeChecks([beforeId, afterId]);
  if (!first || !second) throw notFound('check');
  return {
    before: first,
    after: second,
    gone: [...compared.gone],
    new: [...compared.new],
    still: [...compared.still],
    ignored: compared.ignored.length,
  };
}

export async function cancelCheck(id: number): Promise<void> {
  await findCheck(id);
  await JobRow.update(
    { state: 'cancelled', leasedUntil: null },
    { where: { checkId: id, state: { [Op.in]: ['waiting', 'running'] } } },
  );
}

export async function deleteCheck(id: number): Promise<void> {
  await cancelCheck(id);
  await CheckRow.destroy({ where: { id } });
}

export async function restoreCheck(id: number): Promise<void> {
  const check = await CheckRow.findByPk(id, { paranoid: false });
  if (!check) throw notFound('check');
  await findClient(check.clientId);
  await check.restore();
}

/** Adds something to what is said of a check, unless it is said already. */
export async function sayOfCheck(check: CheckRow, message: string): Promise<void> {
  if (check.message.includes(message)) return;
  await check.update({ message: [check.message, message].filter(Boolean).join(' ').slice(0, 500) });
}

/** Keeps what the site as a whole has wrong. */
export async function keepSiteFindings(check: CheckRow, findings: readonly SiteFinding[]): Promise<void> {
  await check.update({ siteFindings: checkJson.siteFindings.write([...findings]) });
}
