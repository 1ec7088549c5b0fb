import { limits } from '#core/limits';
import { parseUrl } from '#core/link';
import type { Fetched, Fetcher } from './fetcher.ts';
import { Pacer } from './pacer.ts';
import { robotsOf, type Robots } from './robots.ts';
import { sitemapPages } from './sitemaps.ts';

/** To one host requests begin this far apart, unless it is a stand-in or asks for more. */
const INTERVAL_MS = 150;
const MOST_WAIT_MS = 30_000;

const pause = (milliseconds: number): Promise<void> =>
  milliseconds > 0 ? new Promise((resolve) => setTimeout(resolve, milliseconds)) : Promise.resolve();

/** Reads the pages of a run over sites: robots are asked, hosts given time, and one that asks for time gets it, once. */
export class Crawler {
  readonly #fetcher: Fetcher;
  readonly #robots: Robots;
  readonly #pacer = new Pacer();

  constructor(fetcher: Fetcher) {
    this.#fetcher = fetcher;
    this.#robots = robotsOf(fetcher);
  }

  /** An answered address, or why it was not read. `alone`: a single page is read as a visitor would. */
  async fetch(address: string, alone = false): Promise<Extract<Fetched, { ok: true }> | string> {
    const host = parseUrl(address)?.host ?? '';
    const forbidden = alone ? '' : await this.#robots.refusal(address);
    if (forbidden) return forbidden;
    const asked = alone ? 0 : await this.#robots.delay(address);
    for (let attempt = 0; ; attempt += 1) {
      const interval = Math.max(asked, this.#fetcher.isStandin(address) ? 0 : INTERVAL_MS);
      await pause(this.#pacer.turn(host, interval));
      const fetched = await this.#fetcher.fetch(address);
      if (!fetched.ok) return fetched.message;
      if (attempt > 0 || (fetched.status !== 429 && fetched.status !== 503)) return fetched;
      const seconds = Number(fetched.headers['retry-after'] ?? '5');
      await pause(Math.min((Number.isFinite(seconds) ? seconds : 5) * 1000, MOST_WAIT_MS));
    }
  }

  /** The pages that a sitemap, and those it names, name, with what could not be read. */
  sitemap(start: string): ReturnType<typeof sitemapPages> {
    return sitemapPages(start, async (url) => {
      const fetched = await this.#fetcher.fetch(url, { most: limits.sitemapBytes });
      if (!fetched.ok) return { problem: fetched.message };
      return fetched.status === 200
        ? { bytes: fetched.bytes }
        : { problem: `The sitemap ${url} answers with status ${String(fetched.status)}.` };
    });
  }
}
