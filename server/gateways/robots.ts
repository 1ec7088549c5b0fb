import { createRequire } from 'node:module';
import type { Robot } from 'robots-parser';
import { parseUrl } from '#core/link';
import type { Fetcher } from './fetcher.ts';
import { robotName } from './robotName.ts';

// The package is CommonJS, and its types say otherwise.
const robotsParser = createRequire(import.meta.url)('robots-parser') as (url: string, text: string) => Robot;

const ROBOTS_BYTES = 512 * 1024;
const MOST_DELAY_SECONDS = 10;

/** What the hosts of a run allow (RFC 9309): asked once a host. */
export interface Robots {
  allows(url: string): Promise<boolean>;
  /** Milliseconds between two requests that the host asks for, at most 10 seconds; 0 where it says nothing. */
  delay(url: string): Promise<number>;
  sitemaps(url: string): Promise<readonly string[]>;
}

export function robotsOf(fetcher: Fetcher): Robots {
  const byOrigin = new Map<string, Promise<Robot | undefined>>();
  const of = (address: string): Promise<Robot | undefined> => {
    const origin = parseUrl(address)?.origin ?? '';
    const known = byOrigin.get(origin) ?? read(`${origin}/robots.txt`);
    byOrigin.set(origin, known);
    return known;
  };
  // A host without a robots.txt allows everything; one that does not answer will not answer for its pages either.
  const read = async (url: string): Promise<Robot | undefined> => {
    const fetched = await fetcher.fetch(url, ROBOTS_BYTES);
    return fetched.ok && fetched.status === 200
      ? robotsParser(url, fetched.bytes.toString('utf8'))
      : undefined;
  };
  return {
    allows: async (url) => (await of(url))?.isAllowed(url, robotName) ?? true,
    delay: async (url) => Math.min((await of(url))?.getCrawlDelay(robotName) ?? 0, MOST_DELAY_SECONDS) * 1000,
    sitemaps: async (url) => (await of(url))?.getSitemaps() ?? [],
  };
}
