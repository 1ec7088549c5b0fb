import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { isDatabaseGone } from '../problem.ts';
import { endJob, leaseJob, releaseJob } from '../store/jobs.ts';
import { runStamping } from './stamping.ts';

const LEASE_MS = 30_000;
const PAUSE_MS = 400;

/** Works on jobs until it is stopped. What it works on is in the database, so any number can run beside it. */
export class JobRunner {
  readonly #database: Sequelize;
  readonly #store: PhotoStore;
  readonly #log: Logger;
  #stopping = false;
  #ended: Promise<void> = Promise.resolve();

  constructor(database: Sequelize, store: PhotoStore, log: Logger) {
    this.#database = database;
    this.#store = store;
    this.#log = log;
  }

  start(): void {
    this.#ended = this.#loop();
  }

  /** Stops after the photo in hand and gives the job back. */
  async stop(): Promise<void> {
    this.#stopping = true;
    await this.#ended;
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

  async #work(): Promise<boolean> {
    const job = await leaseJob(this.#database, new Date(), LEASE_MS);
    if (!job) return false;
    try {
      const end = await runStamping(job, this.#store, LEASE_MS, () => this.#stopping);
      if (end === 'stopped' && this.#stopping) await releaseJob(job);
      this.#log.info({ job: job.id, end }, 'stamping');
    } catch (error) {
      // With the database gone the lease runs out and the job is taken again; any other fault would only recur.
      if (!isDatabaseGone(error)) await endJob(job, 'failed');
      throw error;
    }
    return true;
  }
}
