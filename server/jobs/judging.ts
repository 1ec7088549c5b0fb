import { randomUUID } from 'node:crypto';
import { Piscina } from 'piscina';
import { limits } from '#core/limits';
import { reasonOf, runTimed, type Begun } from '../threads/timed.ts';
import type { JudgedPage, PageToJudge, SiteToJudge, Task } from './checkWorker.ts';

/** A page that takes longer to judge than this is given up. */
const JUDGING_MS = 15_000;
const IDLE_MS = 600_000;

/** Judges the pages of one site; a text says why a page was given up. */
export type JudgePage = (page: PageToJudge) => Promise<JudgedPage | string>;

/**
 * The threads in which pages are judged. They outlive a check, because a thread takes seconds to start; each
 * keeps the sites it judged last and asks for one that it does not know. One that dies takes its page with it,
 * and the others go on.
 */
export class Judges {
  readonly #pool = new Piscina<Begun<Task>, JudgedPage | 'unknown site'>({
    filename: new URL('checkWorker.mjs', import.meta.url).href,
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: limits.threadMegabytes },
  });
  readonly #limitMs: number;

  constructor(limitMs = JUDGING_MS) {
    this.#limitMs = limitMs;
  }

  of(site: SiteToJudge): JudgePage {
    const siteKey = randomUUID();
    return async (page) => {
      try {
        const judged = await runTimed(this.#pool, { page, siteKey, site: null }, this.#limitMs);
        if (judged !== 'unknown site') return judged;
        const told = await runTimed(this.#pool, { page, siteKey, site }, this.#limitMs);
        return told === 'unknown site' ? 'A thread did not take the site it was given.' : told;
      } catch (error) {
        return reasonOf(error, this.#limitMs);
      }
    };
  }

  async close(): Promise<void> {
    await this.#pool.destroy();
  }
}
