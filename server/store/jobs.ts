import { Op, Transaction, type Sequelize } from 'sequelize';
import type { Job, StampInput } from '#contract';
import { isLockConflict, notFound } from '../problem.ts';
import { findBranch } from './branches.ts';
import { JobRow } from './models.ts';

export const describeJob = ({ id, state, done, total, failed }: JobRow): Job => ({
  id,
  state,
  done,
  total,
  failed,
});

export async function addJob(branchId: number, input: StampInput): Promise<Job> {
  await findBranch(branchId);
  return describeJob(
    await JobRow.create({
      branchId,
      state: 'waiting',
      input: JSON.stringify(input),
      total: input.photoIds.length,
      leasedUntil: null,
    }),
  );
}

export async function showJob(id: number): Promise<Job> {
  const job = await JobRow.findByPk(id);
  if (!job) throw notFound('job');
  return describeJob(job);
}

/** The jobs of a branch that are not at their end. */
export async function openJobs(branchId: number): Promise<readonly Job[]> {
  return (
    await JobRow.findAll({ where: { branchId, state: { [Op.in]: ['waiting', 'running'] } }, order: ['id'] })
  ).map(describeJob);
}

/** Asks a job to stop: it does before its next photo. */
export async function cancelJob(id: number): Promise<Job> {
  await JobRow.update(
    { state: 'cancelled', leasedUntil: null },
    { where: { id, state: { [Op.in]: ['waiting', 'running'] } } },
  );
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

async function leaseWithin(transaction: Transaction, now: Date, leaseMs: number): Promise<JobRow | null> {
  const job = await JobRow.findOne({
    where: { [Op.or]: [{ state: 'waiting' }, { state: 'running', leasedUntil: { [Op.lt]: now } }] },
    order: ['id'],
    lock: transaction.LOCK.UPDATE,
    skipLocked: true,
    transaction,
  });
  await job?.update({ state: 'running', leasedUntil: new Date(now.getTime() + leaseMs) }, { transaction });
  return job;
}

/**
 * Notes how far a job has come and keeps its lease; whether it is still ours to work on. It is not when it was
 * cancelled, or when another process took it because our lease had run out.
 */
export async function renewLease(
  job: JobRow,
  done: number,
  failed: number,
  leasedUntil: Date,
  total = job.total,
): Promise<boolean> {
  const [changed] = await JobRow.update(
    { done, failed, leasedUntil, total },
    { where: { id: job.id, state: 'running', leasedUntil: job.leasedUntil } },
  );
  if (changed === 1) job.set({ done, failed, leasedUntil, total });
  return changed === 1;
}

export async function endJob({ id }: JobRow, state: 'done' | 'failed'): Promise<void> {
  await JobRow.update({ state, leasedUntil: null }, { where: { id, state: 'running' } });
}

/** Gives a job back, so that another process takes it at once and goes on where it stands. */
export async function releaseJob({ id }: JobRow): Promise<void> {
  await JobRow.update({ state: 'waiting', leasedUntil: null }, { where: { id, state: 'running' } });
}
