import type { LivePage } from '#contract';
import { verifyLive, type LiveReaders } from '#outside/livePage.ts';
import { ElsewhereLook } from '#outside/elsewhere.ts';
import type { Fetcher } from '#outside/fetcher.ts';
import { Pacer } from '#outside/pacer.ts';
import { robotsOf } from '#outside/robots.ts';
import { parseUrl } from '#core/link';
import { inLanes } from '../lanes.ts';
import { findClient, recordOf } from '../store/branches.ts';
import { endJob, noteProgress } from '../store/jobs.ts';
import { BranchRow, verificationJson, type JobRow } from '../store/models.ts';
import { comparedWith, keepVerification, newestVerifications } from '../store/verifications.ts';
import { GivenUp, type Threads } from '../threads/threads.ts';

/** To one host requests begin this far apart, unless it is a stand-in. */
const INTERVAL_MS = 150;
const AT_ONCE = 4;
const BATCH = 16;

interface Reading {
  readonly fetcher: Fetcher;
  readonly threads: Threads;
}

/** Reads a branch's own page at its live address as a stranger would, and keeps what was found there. */
export async function verifyBranch(branch: BranchRow, { fetcher, threads }: Reading): Promise<LivePage> {
  const readers = { fetcher, robots: robotsOf(fetcher), judge: threads.judgeLive };
  // Somebody waits for it: what the record speaks of elsewhere is looked at when all live pages are read.
  return verified(branch, readers);
}

async function verified(branch: BranchRow, readers: LiveReaders, look?: ElsewhereLook): Promise<LivePage> {
  const client = await findClient(branch.clientId);
  const record = await recordOf(branch);
  const before = (await newestVerifications([branch.id])).get(branch.id);
  const known = before ? verificationJson.read(before.result).elsewhere : [];
  const elsewhere = look ? await look.at(record, known) : known;
  const live = { ...(await verifyLive(record.url.trim(), record, readers)), elsewhere };
  await keepVerification(branch, comparedWith(branch, client), live);
  return live;
}

/** Verifies the live pages of all branches of a client from where the job stands. */
export async function verifyClient(
  job: JobRow,
  { fetcher, threads, stopped }: Reading & { readonly stopped: () => boolean },
): Promise<'done' | 'stopped'> {
  const clientId = job.clientId ?? 0;
  await findClient(clientId);
  const pacer = new Pacer();
  const readers = { fetcher, robots: robotsOf(fetcher), judge: threads.judgeLive };
  const look = new ElsewhereLook(fetcher);
  let { failed } = job;
  const all = await BranchRow.findAll({ where: { clientId }, order: ['id'], attributes: ['id'] });
  for (let at = job.done; at < all.length; at += BATCH) {
    if (stopped()) return 'stopped';
    const ids = all.slice(at, at + BATCH).map(({ id }) => id);
    const proved = await inLanes(ids, AT_ONCE, async (id) => {
      const branch = await BranchRow.findByPk(id);
      const url = branch ? (await recordOf(branch)).url.trim() : '';
      if (!branch || !url) return true;
      const wait = fetcher.isStandin(url) ? 0 : pacer.turn(parseUrl(url)?.host ?? '', INTERVAL_MS);
      if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
      const live = await verified(branch, readers, look).catch((error: unknown) => {
        if (error instanceof GivenUp) return undefined;
        throw error;
      });
      return live?.state === 'as-intended';
    });
    failed += proved.filter((one) => !one).length;
    const done = Math.min(at + BATCH, all.length);
    if (!(await noteProgress(job, { done, failed, total: all.length }))) return 'stopped';
  }
  await endJob(job);
  return 'done';
}
