import { createRequire } from 'node:module';
import type { Robot } from 'robots-parser';
import { parseUrl } from '#core/link';
import type { Fetcher } from './fetcher.ts';
import { robotName } from './robotName.ts';

// The package is CommonJS, and its types say otherwise.
const robotsParser = createRequire(import.meta.url)('robots-parser') as (url: string, text: string) => Robot;

/** A crawler reads at least so much of a robots.txt, and we no more (RFC 9309, 2.5). */
const ROBOTS_BYTES = 512 * 1024;
const MOST_DELAY_SECONDS = 10;

/** What the hosts of a run allow (RFC 9309): asked once a host. */
export interface Robots {
  /** Why an address is not to be read; '' where it may be. */
  refusal(url: string): Promise<string>;
  /** Milliseconds between two requests that the host asks for, at most 10 seconds; 0 where it says nothing. */
  delay(url: string): Promise<number>;
  sitemaps(url: string): Promise<readonly string[]>;
}

/** The rules of a host: its robots.txt, none where it has none, or why they cannot be known. */
type Rules = Robot | 'none' | { readonly unreachable: string };

export function robotsOf(fetcher: Fetcher): Robots {
  const byOrigin = new Map<string, Promise<Rules>>();
  const of = (address: string): Promise<Rules> => {
    const origin = parseUrl(address)?.origin ?? '';
    const known = byOrigin.get(origin) ?? read(fetcher, `${origin}/robots.txt`);
    byOrigin.set(origin, known);
    return known;
  };
  const robot = async (url: string): Promise<Robot | undefined> => {
    const rules = await of(url);
    return typeof rules === 'object' && 'isAllowed' in rules ? rules : undefined;
  };
  return {
    refusal: async (url) => {
      // What is no address of the web is refused by the fetcher, in its own words.
      if (!/^https?:/i.test(url)) return '';
      const rules = await of(url);
      if (rules === 'none') return '';
      if ('unreachable' in rules) return rules.unreachable;
      return (rules.isAllowed(url, robotName) ?? true)
        ? ''
        : 'The host’s robots.txt asks not to read this page.';
    },
    delay: async (url) =>
      Math.min((await robot(url))?.getCrawlDelay(robotName) ?? 0, MOST_DELAY_SECONDS) * 1000,
    sitemaps: async (url) => (await robot(url))?.getSitemaps() ?? [],
  };
}

/**
 * Reads a robots.txt as far as its size allows. One that the host does not have (4xx) allows everything; one that
 * it cannot give now (5xx, no answer) forbids everything (RFC 9309, 2.3.1).
 */
async function read(fetcher: Fetcher, url: string): Promise<Rules> {
  const fetched = await fetcher.fetch(url, { most: ROBOTS_BYTES, beyond: 'cut' });
  if (!fetched.ok)
    return {
      unreachable: `The host’s robots.txt cannot be read, so nothing is asked for: ${fetched.message}`,
    };
  if (fetched.status >= 500)
    return {
      unreachable: `The host’s robots.txt answers with status ${String(fetched.status)}; until it can be read, nothing else is asked for.`,
    };
  return fetched.status === 200 ? robotsParser(url, fetched.bytes.toString('utf8')) : 'none';
}
