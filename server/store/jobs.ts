import { randomUUID } from 'node:crypto';
import { Op, Transaction, type Sequelize } from 'sequelize';
import type { Job, StampInput } from '#contract';
import { isLockConflict, notFound } from '../problem.ts';
import { findBranch } from './branches.ts';
import { JobRow, stampingJson } from './models.ts';

const describeJob = ({ id, state, done, total, failed, problem }: JobRow): Job => ({
  id,
  state,
  done,
  total,
  failed,
  problem,
});

export async function addJob(branchId: number, input: StampInput): Promise<Job> {
  await findBranch(branchId);
  return describeJob(
    await JobRow.create({
      branchId,
      state: 'waiting',
      input: stampingJson.write(input),
      total: input.photoIds.length,
      leasedUntil: null,
    }),
  );
}

/** A job of a branch or a check that is there. */
async function findJob(id: number): Promise<JobRow> {
  const job = await JobRow.findByPk(id);
  if (!job) throw notFound('job');
  if (job.branchId !== null) await findBranch(job.branchId);
  return job;
}

export const showJob = async (id: number): Promise<Job> => describeJob(await findJob(id));

/** The newest job of each of these runs. */
export async function latestJobs(runIds: readonly number[]): Promise<ReadonlyMap<number, Job>> {
  const jobs = await JobRow.findAll({ where: { runId: { [Op.in]: [...runIds] } }, order: ['id'] });
  return new Map(jobs.flatMap((job) => (job.runId === null ? [] : [[job.runId, describeJob(job)] as const])));
}

/** The jobs of a branch that are not at their end. */
export async function openJobs(branchId: number): Promise<readonly Job[]> {
  await findBranch(branchId);
  return (
    await JobRow.findAll({
      where: { branchId, state: { [Op.in]: ['waiting', 'running', 'paused'] } },
      order: ['id'],
    })
  ).map(describeJob);
}

/** Asks a job to stop: it does before its next photo. */
export async function cancelJob(id: number): Promise<Job> {
  await findJob(id);
  await JobRow.update(
    { state: 'cancelled', leasedUntil: null },
    { where: { id, state: { [Op.in]: ['waiting', 'running', 'paused'] } } },
  );
  return showJob(id);
}

/** Lets a job rest: it stops before its next photo, and what is done stays. */
export async function pauseJob(id: number): Promise<Job> {
  await findJob(id);
  await JobRow.update(
    { state: 'paused', leasedUntil: null },
    { where: { id, state: { [Op.in]: ['waiting', 'running'] } } },
  );
  return showJob(id);
}

/** Goes on with a job that rests. */
export async function resumeJob(id: number): Promise<Job> {
  await findJob(id);
  await JobRow.update({ state: 'waiting', attempts: 0 }, { where: { id, state: 'paused' } });
  return showJob(id);
}

/**
 * Takes a job that waits, or one whose process has not been heard of since its lease ended. Two processes
 * never get the same: rows another one is looking at are skipped (MariaDB SKIP LOCKED). Null where there is none,
 * or where two got in each other's way and this one gave way: it asks again in a moment.
 */
export async function leaseJob(database: Sequelize, now: Date, leaseMs: number): Promise<JobRow | null> {
  // Locks on the rows alone, not on the gaps between them, which another process's update would wait for.
  const isolationLevel = Transaction.ISOLATION_LEVELS.READ_COMMITTED;
  try {
    return await database.transaction({ isolationLevel }, (transaction) =>
      leaseWithin(transaction, now, leaseMs),
    );
  } catch (error) {
    if (isLockConflict(error)) return null;
    throw error;
  }
}

/** A job that was begun so often without coming any further is not begun again. */
export const MOST_ATTEMPTS = 3;

async function leaseWithin(transaction: Transaction, now: Date, leaseMs: number): Promise<JobRow | null> {
  const job = await JobRow.findOne({
    where: { [Op.or]: [{ state: 'waiting' }, { state: 'running', leasedUntil: { [Op.lt]: now } }] },
    order: ['id'],
    lock: transaction.LOCK.UPDATE,
    skipLocked: true,
    transaction,
  });
  if (job && job.attempts >= MOST_ATTEMPTS) {
    const problem = `It was begun ${String(MOST_ATTEMPTS)} times and each time ended before it came any further.${job.problem ? ` ${job.problem}` : ''}`;
    await job.update({ state: 'failed', leasedUntil: null, problem: problem.slice(0, 500) }, { transaction });
    return null;
  }
  const leasedUntil = new Date(now.getTime() + leaseMs);
  await job?.update(
    { state: 'running', leasedUntil, lease: randomUUID(), attempts: job.attempts + 1 },
    { transaction },
  );
  return job;
}

/** Whose job it is: the row as long as nobody cancelled it and no other process took it over. */
const ours = ({ id, lease }: JobRow) => ({ id, lease, state: 'running' });

/**
 * Notes how far a job has come; whether it is still ours to work on. It is not when it was cancelled, or when
 * another process took it because our lease had run out.
 */
export async function noteProgress(
  job: JobRow,
  {
    done,
    failed,
    total = job.total,
  }: { readonly done: number; readonly failed: number; readonly total?: number },
): Promise<boolean> {
  const isFurther = done > job.done;
  const attempts = isFurther ? 0 : job.attempts;
  if (!(await updateOurs(job, { done, failed, total, attempts }))) return false;
  job.set({ done, failed, total, attempts });
  return true;
}

/** Keeps a lease; whether it is still ours. */
export async function renewLease(job: JobRow, leasedUntil: Date): Promise<boolean> {
  return updateOurs(job, { leasedUntil });
}

/** Writes to a job that is ours; whether it is. The same values again change no row, and are no lost lease. */
async function updateOurs(job: JobRow, values: Parameters<typeof JobRow.update>[0]): Promise<boolean> {
  const [changed] = await JobRow.update(values, { where: ours(job) });
  return changed > 0 || (await JobRow.count({ where: ours(job) })) > 0;
}

/** Ends a job that is ours; whether it was. */
export async function endJob(job: JobRow, transaction: Transaction | null = null): Promise<boolean> {
  const [changed] = await JobRow.update(
    { state: 'done', leasedUntil: null },
    { where: ours(job), transaction },
  );
  return changed > 0;
}

/** Gives a job back, so that another process takes it at once and goes on where it stands. That was no attempt. */
export async function releaseJob(job: JobRow): Promise<void> {
  await JobRow.update(
    { state: 'waiting', leasedUntil: null, attempts: Math.max(0, job.attempts - 1) },
    { where: ours(job) },
  );
}

/** Gives a job back that could not be carried on, with the reason: it is tried again. */
export async function retryJob(job: JobRow, problem: string): Promise<void> {
  await JobRow.update(
    { state: 'waiting', leasedUntil: null, problem: problem.slice(0, 500) },
    { where: ours(job) },
  );
}
