import { limits } from '#core/limits';
import { parseUrl } from '#core/link';
import { Crawler } from '../crawler.ts';
import type { Fetcher } from '../fetcher.ts';
import { robotsOf } from '../robots.ts';
import { SiteProblem, type SiteConnection } from './connection.ts';

/** How the pages of a site are found and read that nobody can write to. */
interface WebParts {
  readonly fetcher: Fetcher;
  /** The addresses that a page leads to, absolute. */
  readonly linksOf: (bytes: Uint8Array, url: string) => Promise<readonly string[]>;
}

/**
 * The pages of a site as the public web sends them, found by its sitemaps (those that its robots.txt names, or else
 * `/sitemap.xml`), or where there are none by following links from where it begins. Nothing is ever written.
 */
export function webSite(begin: string, { fetcher, linksOf }: WebParts): SiteConnection {
  const base = parseUrl(begin);
  if (!base) throw new SiteProblem('The address of the site is none. Correct it first.');
  const crawler = new Crawler(fetcher);
  const pages = new Map<string, string>();
  const fetched = new Map<string, Buffer>();
  const note = (address: string): void => {
    const path = pathBelow(address, base.href);
    if (path !== undefined && !pages.has(path)) pages.set(path, address);
  };
  const page = async (address: string): Promise<Buffer | undefined> => {
    const answer = await crawler.fetch(address);
    if (typeof answer === 'string') throw new SiteProblem(answer);
    const isPage = answer.status === 200 && /^(?:text\/html|application\/xhtml)/i.test(answer.contentType);
    return isPage && pathBelow(answer.url, base.href) !== undefined ? answer.bytes : undefined;
  };
  const crawl = async (): Promise<void> => {
    const open = [base.href];
    const seen = new Set(open);
    for (let next = open.shift(); next !== undefined; next = open.shift()) {
      const bytes = await page(next).catch((error: unknown) => {
        // A page that cannot be read hides only what it alone leads to; a site whose first page cannot, all of it.
        if (error instanceof SiteProblem && next !== base.href) return undefined;
        throw error;
      });
      if (!bytes) continue;
      note(next);
      const path = pathBelow(next, base.href);
      if (path !== undefined && fetched.size < MOST_KEPT) fetched.set(path, bytes);
      if (pages.size >= limits.sitePages) return;
      for (const link of await linksOf(bytes, next)) {
        const address = link.replace(/#.*$/, '');
        if (seen.has(address) || seen.size > MOST_SEEN || pathBelow(address, base.href) === undefined)
          continue;
        seen.add(address);
        open.push(address);
      }
    }
  };
  return {
    list: async () => {
      const named = await robotsOf(fetcher).sitemaps(base.href);
      for (const sitemap of named.length > 0 ? named : [new URL('/sitemap.xml', base).href])
        for (const address of (await crawler.sitemap(sitemap)).urls) note(address);
      if (pages.size === 0) await crawl();
      return [...pages.keys()].sort().slice(0, limits.sitePages);
    },
    read: async (path) => {
      const bytes = fetched.get(path) ?? (await page(pages.get(path) ?? new URL(path, base).href));
      fetched.delete(path);
      return bytes && { bytes, tag: '' };
    },
    put: () =>
      Promise.reject(
        new SiteProblem('Nobody writes to this site but people: hand over what is to stand there.'),
      ),
    close: () => Promise.resolve(),
  };
}

/** Pages that were read while they were looked for are kept so long as there are not too many. */
const MOST_KEPT = 50;
/** Addresses that are looked at while a site is crawled. */
const MOST_SEEN = 20_000;

/** The path of an address below where a site begins, `index.html` for a folder; undefined for one that lies elsewhere. */
function pathBelow(address: string, base: string): string | undefined {
  const url = parseUrl(address);
  const root = parseUrl(base);
  if (!url || !root || url.origin !== root.origin || url.search) return undefined;
  const folder = root.pathname.replace(/[^/]*$/, '');
  if (!url.pathname.startsWith(folder)) return undefined;
  const path = unescaped(url.pathname.slice(folder.length));
  if (path === undefined || path.length > limits.pathLength || path.split('/').includes('..'))
    return undefined;
  return path === '' || path.endsWith('/') ? `${path}index.html` : path;
}

function unescaped(path: string): string | undefined {
  try {
    return decodeURI(path);
  } catch {
    return undefined;
  }
}
