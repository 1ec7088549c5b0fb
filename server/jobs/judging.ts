import { randomUUID } from 'node:crypto';
import { reasonOf, TimedThreads } from '../threads/timed.ts';
import type { JudgedPage, PageToJudge, SiteToJudge, Task } from './checkWorker.ts';

/** A page that takes longer to judge than this is given up. */
const JUDGING_MS = 15_000;

/** Judges the pages of one site; a text says why a page was given up. */
export type JudgePage = (page: PageToJudge) => Promise<JudgedPage | string>;

/**
 * The threads in which pages are judged. Each keeps the sites it judged last and asks for one that it does not know.
 */
export class Judges {
  readonly #threads = new TimedThreads<Task, JudgedPage | 'unknown site'>(
    new URL('checkWorker.mjs', import.meta.url),
  );
  readonly #limitMs: number;

  constructor(limitMs = JUDGING_MS) {
    this.#limitMs = limitMs;
  }

  of(site: SiteToJudge): JudgePage {
    const siteKey = randomUUID();
    return async (page) => {
      try {
        const judged = await this.#threads.run({ page, siteKey, site: null }, this.#limitMs);
        if (judged !== 'unknown site') return judged;
        const told = await this.#threads.run({ page, siteKey, site }, this.#limitMs);
        return told === 'unknown site' ? 'A thread did not take the site it was given.' : told;
      } catch (error) {
        return reasonOf(error, this.#limitMs);
      }
    };
  }

  async close(): Promise<void> {
    await this.#threads.close();
  }
}
