import { fn, col, Op, type Transaction } from 'sequelize';
import type { Job, Run, RunInput, RunPage, ShownRun } from '#contract';
import { limits } from '#core/limits';
import { counted } from '#core/text';
import { notFound, Refusal } from '../problem.ts';
import { findClient } from './branches.ts';
import { endJob, latestJobs } from './jobs.ts';
import { JobRow, PageRow, RunPageRow, runJson, runPageJson, RunRow } from './models.ts';
import { siteNames } from './sites.ts';
import { locked, whole } from './transaction.ts';

/** A run of a client that is there. */
export async function findRun(id: number): Promise<RunRow> {
  const run = await RunRow.findByPk(id);
  if (!run) throw notFound('run');
  await findClient(run.clientId);
  return run;
}

const TITLES: Readonly<Record<RunInput['act'], string>> = {
  place: 'Place markup',
  renew: 'Bring pages up to date',
  remove: 'Remove markup',
  version: 'Take pages back to earlier versions',
};

/** Begins a run with its preview; nothing is changed anywhere before it is published. */
export async function addRun(clientId: number, input: RunInput): Promise<number> {
  await findClient(clientId);
  const named = input.act === 'place' ? input.rules.map(({ name }) => name).filter(Boolean) : [];
  const title = named.length > 0 ? named.join(', ') : TITLES[input.act];
  return whole(async (transaction) => {
    const run = await RunRow.create(
      { clientId, title: title.slice(0, 300), state: 'previewing', input: runJson.input.write(input) },
      { transaction },
    );
    await beginJob(run.id, 0, transaction);
    return run.id;
  });
}

/** Begins to read the pages of a site. */
export async function addReading(clientId: number, siteId: number, name: string): Promise<number> {
  return whole(async (transaction) => {
    const title = `Read the pages of ${name}`.slice(0, 300);
    const run = await RunRow.create({ clientId, siteId, title, state: 'previewing' }, { transaction });
    await beginJob(run.id, 0, transaction);
    return run.id;
  });
}

const beginJob = (runId: number, total: number, transaction: Transaction): Promise<JobRow> =>
  JobRow.create(
    { branchId: null, runId, state: 'waiting', input: '{}', total, leasedUntil: null },
    { transaction },
  );

/** Publishes what was previewed, or goes on where it was paused. Two who press at once begin it once. */
export async function publishRun(id: number): Promise<void> {
  await findRun(id);
  await whole(async (transaction) => {
    const run = await RunRow.findByPk(id, locked(transaction));
    if (!run) throw notFound('run');
    const isOpen = (await JobRow.count({ where: { runId: id, state: { [Op.in]: OPEN } }, transaction })) > 0;
    const isPublishing = run.state === 'publishing' && isOpen;
    if (isPublishing) return;
    if (isOpen || !['ready', 'publishing', 'paused'].includes(run.state))
      throw new Refusal(
        409,
        'Not now',
        'There is nothing of this run to be published now. Nothing was changed.',
      );
    // Pages that could not be reached are tried again.
    await RunPageRow.update(
      { state: 'planned', problem: '' },
      { where: { runId: id, state: 'failed' }, transaction },
    );
    const total = await RunPageRow.count({ where: { runId: id, state: 'planned' }, transaction });
    await run.update({ state: 'publishing', problem: '' }, { transaction });
    await beginJob(id, total, transaction);
  });
}

const OPEN = ['waiting', 'running'];

/** Stops a run behind the page in hand; what is published stays, and the rest can be gone on with. */
export async function pauseRun(id: number): Promise<void> {
  const run = await findRun(id);
  await whole(async (transaction) => {
    await JobRow.update(
      { state: 'cancelled', leasedUntil: null },
      { where: { runId: id, state: { [Op.in]: OPEN } }, transaction },
    );
    const state = run.state === 'publishing' ? 'paused' : run.state === 'previewing' ? 'failed' : run.state;
    await RunRow.update(
      { state, problem: state === 'failed' ? 'It was stopped before all pages were looked at.' : '' },
      { where: { id, state: run.state }, transaction },
    );
  });
}

/** Lets go of a run that has changed nothing. */
export async function discardRun(id: number): Promise<void> {
  const run = await findRun(id);
  if ((await RunPageRow.count({ where: { runId: id, state: 'written' } })) > 0)
    throw new Refusal(
      409,
      'It has changed pages',
      'This run has changed pages: it can be taken back, but not thrown away.',
    );
  await JobRow.update(
    { state: 'cancelled', leasedUntil: null },
    { where: { runId: id, state: { [Op.in]: OPEN } } },
  );
  await run.destroy();
}

/** A run that takes back what another one published, page by page, where the page is still what that run made of it. */
export async function undoRun(id: number): Promise<number> {
  await findRun(id);
  return whole(async (transaction) => {
    const run = await RunRow.findByPk(id, locked(transaction));
    if (!run) throw notFound('run');
    if (run.state === 'publishing')
      throw new Refusal(
        409,
        'Not now',
        'This run is still being published. Pause it, and take it back then.',
      );
    if ((await RunRow.count({ where: { undoes: id }, transaction })) > 0)
      throw new Refusal(409, 'Undone already', 'This run was taken back already. Nothing was changed.');
    const written = await RunPageRow.findAll({
      where: { runId: id, state: 'written' },
      order: ['id'],
      transaction,
    });
    if (written.length === 0)
      throw new Refusal(409, 'Nothing to undo', 'This run has published no page. Nothing was changed.');
    const title = `Take back: ${run.title}`.slice(0, 300);
    const back = await RunRow.create(
      { clientId: run.clientId, title, state: 'publishing', undoes: id },
      { transaction },
    );
    await RunPageRow.bulkCreate(
      written.map(({ pageId, beforeDigest, afterDigest, placedBefore, placedAfter, judged }) => ({
        runId: back.id,
        pageId,
        state: 'planned' as const,
        beforeDigest: afterDigest,
        afterDigest: beforeDigest,
        placedBefore: placedAfter,
        placedAfter: placedBefore,
        judged: runPageJson.judged.write(turned(runPageJson.judged.read(judged))),
      })),
      { transaction },
    );
    await beginJob(back.id, written.length, transaction);
    return back.id;
  });
}

const turned = <T>({ before, after }: { before: T; after: T }) => ({ before: after, after: before });

/** A client's runs, the newest first; those that only read are left out. */
export async function listRuns(clientId: number): Promise<readonly Run[]> {
  await findClient(clientId);
  const runs = await RunRow.findAll({
    where: { clientId, siteId: null },
    order: [['id', 'DESC']],
    limit: 50,
  });
  return describeRuns(runs);
}

async function describeRuns(runs: readonly RunRow[]): Promise<readonly Run[]> {
  const ids = runs.map(({ id }) => id);
  const [counts, jobs, undoing] = [await countsOf(ids), await latestJobs(ids), await undoneOf(ids)];
  return runs.map((run) => {
    const { id, title, createdAt, undoes } = run;
    const job = jobs.get(id) ?? null;
    return {
      id,
      title,
      ...stateOf(run, job),
      made: createdAt.toISOString(),
      undoes,
      isUndone: undoing.has(id),
      counts: counts.get(id) ?? {},
      job: job && ['waiting', 'running'].includes(job.state) ? job : null,
    };
  });
}

/** A run whose job was given up can be gone on with. */
function stateOf({ state, problem }: RunRow, job: Job | null): Pick<Run, 'state' | 'problem'> {
  if (job?.state !== 'failed') return { state, problem };
  if (state === 'publishing') return { state: 'paused', problem: job.problem };
  return state === 'previewing' ? { state: 'failed', problem: job.problem } : { state, problem };
}

async function countsOf(ids: readonly number[]): Promise<ReadonlyMap<number, Record<string, number>>> {
  const rows = await RunPageRow.findAll({
    where: { runId: { [Op.in]: ids } },
    attributes: ['runId', 'state', [fn('COUNT', col('id')), 'id']],
    group: ['run_id', 'state'],
    raw: true,
  });
  const counts = new Map<number, Record<string, number>>();
  for (const { runId, state, id: count } of rows) {
    const of = counts.get(runId) ?? {};
    of[state] = Number(count);
    counts.set(runId, of);
  }
  return counts;
}

const undoneOf = async (ids: readonly number[]): Promise<ReadonlySet<number>> =>
  new Set(
    (
      await RunRow.findAll({ where: { undoes: { [Op.in]: ids } }, attributes: ['undoes'], raw: true })
    ).flatMap(({ undoes }) => undoes ?? []),
  );

/** A run with its pages. */
export async function showRun(id: number): Promise<ShownRun> {
  const run = await findRun(id);
  const [described] = await describeRuns([run]);
  if (!described) throw notFound('run');
  const rows = await RunPageRow.findAll({ where: { runId: id }, order: ['id'], limit: limits.sitePages });
  const pages = new Map(
    (
      await PageRow.findAll({
        where: { id: { [Op.in]: rows.map(({ pageId }) => pageId) } },
        attributes: ['id', 'path', 'siteId'],
        paranoid: false,
        raw: true,
      })
    ).map((page) => [page.id, page]),
  );
  const sites = await siteNames(run.clientId);
  return {
    ...described,
    pages: rows.map((row): RunPage => {
      const page = pages.get(row.pageId);
      return {
        id: row.id,
        pageId: row.pageId,
        path: page?.path ?? '',
        site: sites.get(page?.siteId ?? 0)?.name ?? '',
        state: row.state,
        told: runPageJson.told.read(row.told),
        problem: row.problem,
        ...runPageJson.judged.read(row.judged),
      };
    }),
  };
}

/** A page of a run. */
export async function findRunPage(runId: number, id: number): Promise<RunPageRow> {
  await findRun(runId);
  const page = await RunPageRow.findOne({ where: { runId, id } });
  if (!page) throw notFound('page of this run');
  return page;
}

/** The pages of a run that are still to be done, in their order; at most so many. */
export const nextPages = (
  runId: number,
  state: 'waiting' | 'planned',
  most: number,
): Promise<readonly RunPageRow[]> =>
  RunPageRow.findAll({ where: { runId, state }, order: ['id'], limit: most });

/** Plans the pages of a run, once: a process that takes it over finds them. */
export async function planRunPages(
  runId: number,
  pages: readonly Pick<RunPageRow, 'pageId' | 'acts' | 'afterDigest' | 'problem'>[],
): Promise<void> {
  await whole(async (transaction) => {
    await RunRow.findByPk(runId, locked(transaction));
    if ((await RunPageRow.count({ where: { runId }, transaction })) > 0) return;
    await RunPageRow.bulkCreate(
      pages.slice(0, limits.sitePages).map((page) => ({ ...page, runId, state: 'waiting' as const })),
      { transaction },
    );
  });
}

/** How far the pages of a run have come. */
export async function progressOf(runId: number): Promise<{ done: number; failed: number; total: number }> {
  const counts = (await countsOf([runId])).get(runId) ?? {};
  const count = (...states: string[]): number => states.reduce((sum, state) => sum + (counts[state] ?? 0), 0);
  const total = Object.values(counts).reduce((sum, one) => sum + one, 0);
  return { done: total - count('waiting'), failed: count('refused', 'changed', 'failed'), total };
}

/** What a published run has come to, in a sentence where not all went well. */
export async function outcomeOf(runId: number): Promise<RunEnd> {
  const counts = (await countsOf([runId])).get(runId) ?? {};
  const told = [
    counts['changed'] && `${counted(counts['changed'], 'page')} changed meanwhile and stayed as they are`,
    counts['failed'] && `${counted(counts['failed'], 'page')} could not be written`,
  ].filter(Boolean);
  const isLeft = (counts['failed'] ?? 0) > 0;
  return { state: isLeft ? 'paused' : 'done', problem: told.length > 0 ? `${told.join('; ')}.` : '' };
}

/** How a run stands when a job on it has come to its end. */
export type RunEnd = Pick<RunRow, 'state' | 'problem'>;

/**
 * Ends a job and says how its run stands then, both at once: whoever sees the run ready can publish it, and no
 * process takes up a job whose work is done. One that was cancelled or taken over changes nothing.
 */
export const endRunJob = (job: JobRow, end: RunEnd): Promise<void> =>
  whole(async (transaction) => {
    if (!(await endJob(job, transaction))) return;
    await RunRow.update(
      { state: end.state, problem: end.problem.slice(0, 500) },
      { where: { id: job.runId ?? 0 }, transaction },
    );
  });
