import { randomUUID } from 'node:crypto';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { JudgedPage, PageToJudge, SiteToJudge, Task } from './checkWorker.ts';

/** A page that takes longer to judge than this is given up. */
export const JUDGING_MS = 15_000;
const IDLE_MS = 600_000;

/** Judges the pages of one site; undefined for a page that took too long. */
export type JudgePage = (page: PageToJudge) => Promise<JudgedPage | undefined>;

/**
 * The threads in which pages are judged. They outlive a check, because a thread takes seconds to start; each
 * keeps the sites it judged last and asks for one that it does not know.
 */
export class Judges {
  readonly #pool = new Piscina<Task, JudgedPage | 'unknown site'>({
    filename: new URL('checkWorker.mjs', import.meta.url).href,
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: IDLE_MS,
  });
  readonly #limitMs: number;

  constructor(limitMs = JUDGING_MS) {
    this.#limitMs = limitMs;
  }

  of(site: SiteToJudge): JudgePage {
    const siteKey = randomUUID();
    return async (page) => {
      try {
        const judged = await this.#run({ page, siteKey, site: null });
        if (judged !== 'unknown site') return judged;
        const told = await this.#run({ page, siteKey, site });
        if (told === 'unknown site') throw new Error('A judging thread did not take the site it was given.');
        return told;
      } catch (error) {
        if (error instanceof Error && error.name === 'AbortError') return undefined;
        throw error;
      }
    };
  }

  /** Time is counted from when a thread begins with the page: neither its start nor the queue is the page's fault. */
  async #run(task: Omit<Task, 'begun'>): Promise<JudgedPage | 'unknown site'> {
    const { port1, port2 } = new MessageChannel();
    const given = new AbortController();
    let timer: NodeJS.Timeout | undefined;
    port1.once('message', () => {
      timer = setTimeout(() => {
        given.abort();
      }, this.#limitMs);
    });
    try {
      return await this.#pool.run({ ...task, begun: port2 }, { transferList: [port2], signal: given.signal });
    } finally {
      clearTimeout(timer);
      port1.close();
    }
  }

  async close(): Promise<void> {
    await this.#pool.destroy();
  }
}
