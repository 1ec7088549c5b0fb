import { col, fn, literal, Op, type InferAttributes, type Transaction } from 'sequelize';
import * as z from 'zod';
import {
  checkedPageSchema,
  checkedSourceSchema,
  hostAnswerSchema,
  judgingSchema,
  profileInputSchema,
  type CheckedPage,
  type CheckInput,
  type CheckSource,
  type Found,
  type FoundOnPage,
  type HostAnswer,
  type Judging,
  type KeptCheck,
  type KeptIgnore,
  type ShownCheck,
  type ShownComparison,
} from '#contract';
import { limits } from '#core/limits';
import type { Ignore, ProfileName, Want } from '#core/checking';
import { compareFindings } from '#core/reporting';
import { findingSchema, type Finding } from '#core/fault';
import type { SiteBranch } from '#core/agreement';
import { originsOf, pageUrl } from '#core/link';
import { emptyRecord } from '#core/record';
import { pack } from '#outside/packing.ts';
import { notFound, Refusal } from '../problem.ts';
import type { Threads } from '../threads/threads.ts';
import { findClient, recordsOf } from './branches.ts';
import { firstPiece, writeRest } from './bytes.ts';
import { BranchRow, CheckedPageRow, CheckRow, IgnoreRow, JobRow } from './models.ts';
import { pagePaths, sourceOf } from './pages.ts';
import { whole } from './transaction.ts';

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
        input: JSON.stringify(source),
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

const jobOf = (checkId: number): Promise<JobRow | null> =>
  JobRow.findOne({ where: { checkId }, order: [['id', 'DESC']] });

/** The checks of a client, the newest first. */
export async function listChecks(clientId: number): Promise<readonly KeptCheck[]> {
  await findClient(clientId);
  const checks = await CheckRow.findAll({ where: { clientId }, order: [['id', 'DESC']], limit: 200 });
  return Promise.all(checks.map(describeCheck));
}

const sum = z.coerce.number();
const sumsSchema = z.object({
  must: sum,
  should: sum,
  note: sum,
  ignored: sum,
  total: sum,
  waiting: sum,
  unread: sum,
});

/** What the pages of a check come to, in one question. */
async function sumsOf(checkId: number): Promise<z.infer<typeof sumsSchema>> {
  const row = await CheckedPageRow.findOne({
    where: { checkId },
    attributes: [
      [fn('SUM', col('must')), 'must'],
      [fn('SUM', col('should')), 'should'],
      [fn('SUM', col('note')), 'note'],
      [fn('SUM', col('ignored')), 'ignored'],
      [fn('COUNT', col('id')), 'total'],
      [fn('SUM', literal("state = 'waiting'")), 'waiting'],
      [fn('SUM', literal("state = 'unread'")), 'unread'],
    ],
    raw: true,
  });
  return sumsSchema.parse(row);
}

async function describeCheck(check: CheckRow): Promise<KeptCheck> {
  const [job, sums] = await Promise.all([jobOf(check.id), sumsOf(check.id)]);
  const summary = { must: sums.must, should: sums.should, note: sums.note };
  for (const { finding } of siteFindingsOf(check)) summary[finding.grade] += 1;
  return {
    id: check.id,
    clientId: check.clientId,
    title: check.title,
    kind: check.kind,
    profile: check.profile,
    state: job?.state ?? 'done',
    total: sums.total,
    done: sums.total - sums.waiting,
    unread: sums.unread,
    summary,
    message: [check.message, job?.state === 'failed' ? job.problem : ''].filter(Boolean).join(' '),
    begun: check.createdAt.toISOString(),
  };
}

interface SiteFindingJson {
  readonly url: string;
  readonly finding: Finding;
}

const siteFindingsOf = ({ siteFindings }: CheckRow): readonly SiteFindingJson[] =>
  JSON.parse(siteFindings) as SiteFindingJson[];

export async function showCheck(id: number): Promise<ShownCheck> {
  const check = await findCheck(id);
  const [described, sums] = [await describeCheck(check), await sumsOf(id)];
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
    ignored: sums.ignored,
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
            headers: hostAnswerSchema.shape.headers.parse(JSON.parse(headers)),
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
  codes: JSON.parse(row.codes) as CheckedPage['codes'],
  ownBranchId: row.ownBranchId,
  carries: carriedShown.parse(JSON.parse(row.carries)),
});

const siteFound = (check: CheckRow, ids: ReadonlyMap<string, number>): readonly Found[] =>
  siteFindingsOf(check).map(({ url, finding }) => ({
    pageId: ids.get(url) ?? 0,
    page: url,
    finding: findingSchema.parse(finding),
    excerpt: finding.message.slice(0, 200),
  }));

const keptFindings = z.array(z.object({ finding: findingSchema, excerpt: z.string() }));

const pageFound = ({ id, url, findings }: CheckedPageRow): readonly Found[] =>
  keptFindings.parse(JSON.parse(findings)).map((one) => ({ pageId: id, page: url, ...one }));

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
    headers: checkedSourceSchema.shape.headers.parse(JSON.parse(headers)),
    fetched: updatedAt.toISOString(),
  });
}

export async function compareChecks(beforeId: number, afterId: number): Promise<ShownComparison> {
  const [before, after] = [await findCheck(beforeId), await findCheck(afterId)];
  if (before.clientId !== after.clientId)
    throw new Refusal(400, 'Two clients', 'These checks are of two clients and cannot be compared.');
  const { ignores } = await judgingOf(before.clientId);
  const compared = compareFindings(await allFound(beforeId), await allFound(afterId), ignores);
  return {
    before: await describeCheck(before),
    after: await describeCheck(after),
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

/** How a client's sources are judged: its profile with additions, and what is ignored. */
export async function judgingOf(clientId: number): Promise<Judging> {
  const client = await findClient(clientId);
  const kept = judgingSchema.parse(JSON.parse(client.judging));
  const ignores = await IgnoreRow.findAll({ where: { clientId }, order: ['id'] });
  return { ...kept, ignores: ignores.map(describeIgnore) };
}

export async function saveProfile(
  clientId: number,
  profile: ProfileName,
  wants: readonly Want[],
): Promise<void> {
  const client = await findClient(clientId);
  await client.update({ judging: JSON.stringify(profileInputSchema.parse({ profile, wants })) });
}

const describeIgnore = ({ id, code, page, excerpt, reason, createdAt }: IgnoreRow): KeptIgnore => ({
  id,
  code,
  page,
  excerpt,
  reason,
  added: createdAt.toISOString(),
});

export async function addIgnore(clientId: number, ignore: Ignore): Promise<KeptIgnore> {
  await findClient(clientId);
  return describeIgnore(await IgnoreRow.create({ clientId, ...ignore }));
}

export async function removeIgnore(clientId: number, id: number): Promise<void> {
  await findClient(clientId);
  await IgnoreRow.destroy({ where: { clientId, id } });
}

/** The branches of a client with their effective records, for judging its site. */
export async function siteBranches(clientId: number): Promise<readonly SiteBranch[]> {
  const client = await findClient(clientId);
  const rows = await BranchRow.findAll({ where: { clientId }, order: ['label'] });
  const records = recordsOf(rows, client);
  return rows.map(({ id, label }) => ({ id, label, record: records.get(id) ?? emptyRecord }));
}

/** Notes the client's pages in the application to be read, under the addresses they will have on its site. */
export async function planOwnPages({ id, clientId }: CheckRow): Promise<readonly CheckedPageRow[]> {
  const [origin] = originsOf((await siteBranches(clientId)).map(({ record }) => record.url));
  return whole(async (transaction) => {
    const planned: CheckedPageRow[] = [];
    for (const { id: pageId, path } of await pagePaths(clientId)) {
      const page = { url: origin ? pageUrl(path, origin) : path, bytes: await sourceOf(pageId) };
      planned.push(...(await planPages(id, [page], transaction)));
    }
    return planned;
  });
}

/** What a host answered, as a page keeps it. */
export const answerFields = (asked: string, { url, status, headers, milliseconds }: HostAnswer) => ({
  finalUrl: url === asked ? '' : url.slice(0, 2000),
  status,
  headers: JSON.stringify(headers),
  milliseconds: Math.round(milliseconds),
});

/** A page that is to be read: by its address, or handed in. */
export interface PlannedPage {
  readonly url: string;
  readonly bytes?: Buffer;
  readonly answer?: HostAnswer | undefined;
}

/** Notes pages to be read, in the order they come; the new rows, without their sources. */
export async function planPages(
  checkId: number,
  pages: readonly PlannedPage[],
  transaction: Transaction,
): Promise<readonly CheckedPageRow[]> {
  const rows = await Promise.all(
    pages.map(async ({ url, bytes, answer }) => ({
      checkId,
      ...addressFields(url),
      source: bytes ? await pack(bytes) : null,
      size: bytes?.length ?? 0,
      ...(answer ? answerFields(url, answer) : {}),
    })),
  );
  // A source goes by itself, with its bytes beside the statement.
  if (rows.every(({ source }) => source === null)) return CheckedPageRow.bulkCreate(rows, { transaction });
  const planned: CheckedPageRow[] = [];
  for (const row of rows) {
    const { source } = row;
    const made = await CheckedPageRow.create(
      { ...row, source: source && firstPiece(source) },
      { transaction },
    );
    if (source) await writeRest(CheckedPageRow, 'source', made.id, source, transaction);
    made.setDataValue('source', null);
    planned.push(made);
  }
  return planned;
}

/** An address that is too long to be kept is not cut and asked for: it is told. */
const addressFields = (url: string) =>
  url.length <= limits.addressLength
    ? { url, state: 'waiting' as const }
    : {
        url: `${url.slice(0, limits.addressLength - 1)}…`,
        state: 'unread' as const,
        problem: `Its address has ${String(url.length)} characters; at most ${String(limits.addressLength)} are read.`,
      };

type PageOutcome = Pick<InferAttributes<CheckedPageRow>, 'id' | 'checkId' | 'url'> &
  Partial<InferAttributes<CheckedPageRow>>;

/**
 * Keeps what came of several pages, all of them in one transaction: the disk is waited for once. Sources are
 * bound beside their statements, so that no statement is larger than one page.
 */
export async function keepOutcomes(outcomes: readonly PageOutcome[]): Promise<void> {
  if (outcomes.length === 0) return;
  await whole(async (transaction) => {
    for (const { id, checkId, ...found } of outcomes) {
      const { source, ...fields } = found;
      // Files that were handed in keep the source they came with.
      const values = {
        state: 'unread' as const,
        ...fields,
        ...(source ? { source: firstPiece(source) } : {}),
      };
      await CheckedPageRow.update(values, { where: { id, checkId }, transaction });
      if (source) await writeRest(CheckedPageRow, 'source', id, source, transaction);
    }
  });
}
