import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import type { Fetcher } from '#outside/fetcher.ts';
import type { PhotoStore } from '../gateways/photoStore.ts';
import type { SiteGateway } from '../gateways/sites.ts';
import { isDatabaseGone } from '../problem.ts';
import { leaseJob, releaseJob, renewLease, retryJob } from '../store/jobs.ts';
import type { JobRow } from '../store/models.ts';
import type { Threads } from '../threads/threads.ts';
import { runCheck } from './checking.ts';
import { Judges } from './judging.ts';
import { carryOut } from './pageRun.ts';
import { runStamping } from './stamping.ts';
import { verifyClient } from './verifying.ts';

/** A process that was killed is noticed after this long; one that lives says so a few times in between. */
const LEASE_MS = 10_000;
const HEARTBEAT_MS = 2000;
const PAUSE_MS = 400;
/** Jobs that are worked on at the same time, so that a long one does not keep a short one waiting. */
const LANES = 2;

/** What jobs are carried out with. */
export interface JobParts {
  readonly photos: PhotoStore;
  readonly fetcher: Fetcher;
  readonly threads: Threads;
  readonly gateway: SiteGateway;
}

/** Works on jobs until it is stopped. What it works on is in the database, so any number can run beside it. */
export class JobRunner {
  readonly #database: Sequelize;
  readonly #parts: JobParts;
  readonly #log: Logger;
  readonly #judges = new Judges();
  #stopping = false;
  #ended: Promise<unknown> = Promise.resolve();

  constructor(database: Sequelize, parts: JobParts, log: Logger) {
    this.#database = database;
    this.#parts = parts;
    this.#log = log;
  }

  start(): void {
    this.#ended = Promise.all(Array.from({ length: LANES }, () => this.#loop()));
  }

  /** Stops after the photo or page in hand and gives the jobs back. */
  async stop(): Promise<void> {
    this.#stopping = true;
    await this.#ended;
    await this.#judges.close();
  }

  async #loop(): Promise<void> {
    while (!this.#stopping) {
      const worked = await this.#work().catch((error: unknown) => {
        this.#log.error(
          { err: error },
          isDatabaseGone(error) ? 'jobs wait: the database does not answer' : 'a job failed',
        );
        return false;
      });
      if (!worked) await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
  }

  #carryOut(job: JobRow, stopped: () => boolean): Promise<'done' | 'stopped'> {
    const { gateway, photos, fetcher, threads } = this.#parts;
    if (job.checkId !== null) return runCheck(job, fetcher, this.#judges, stopped);
    if (job.runId !== null) return carryOut(job, { gateway, fetcher, threads, stopped });
    if (job.clientId !== null) return verifyClient(job, { fetcher, threads, stopped });
    return runStamping(job, photos, threads, stopped);
  }

  async #work(): Promise<boolean> {
    const job = await leaseJob(this.#database, new Date(), LEASE_MS);
    if (!job) return false;
    const heart = new Heart(job, this.#log);
    try {
      const stopped = (): boolean => this.#stopping || heart.isLost;
      const end = await this.#carryOut(job, stopped);
      if (end === 'stopped' && this.#stopping) await releaseJob(job);
      this.#log.info({ job: job.id, end }, 'job');
    } catch (error) {
      // With the database gone the lease runs out and the job is taken again; for any other fault it is tried again.
      if (!isDatabaseGone(error)) await retryJob(job, 'The program failed on it; the log says more.');
      throw error;
    } finally {
      heart.stop();
    }
    return true;
  }
}

/** Keeps the lease of a job while this process lives, however long a step of it takes. */
class Heart {
  isLost = false;
  readonly #timer: NodeJS.Timeout;

  constructor(job: JobRow, log: Logger) {
    this.#timer = setInterval(() => {
      renewLease(job, new Date(Date.now() + LEASE_MS)).then(
        (isOurs) => (this.isLost ||= !isOurs),
        (error: unknown) => log.warn({ err: error }, 'the lease of a job could not be renewed'),
      );
    }, HEARTBEAT_MS);
  }

  stop(): void {
    clearInterval(this.#timer);
  }
}
