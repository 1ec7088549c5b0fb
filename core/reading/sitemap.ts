import { Parser } from 'htmlparser2';
import { parseUrl } from '#core/link';

/** What an XML sitemap names (sitemaps.org protocol 0.9). */
export interface Sitemap {
  /** Addresses of pages, absolute, each once. */
  readonly urls: readonly string[];
  /** Addresses of further sitemaps, of a sitemap index. */
  readonly sitemaps: readonly string[];
}

/**
 * Reads an XML sitemap, a sitemap index, or a text file with one address a line. Entities of a document type
 * are not expanded. Addresses that are none, or not of the web, are left out. `most` bounds each list.
 */
export function readSitemap(text: string, most: number): Sitemap {
  const urls = new Set<string>();
  const sitemaps = new Set<string>();
  const add = (to: Set<string>, written: string): void => {
    const url = parseUrl(written.trim());
    if (url && /^https?:$/.test(url.protocol) && to.size < most) to.add(url.href);
  };
  if (!/^\s*(?:\uFEFF)?\s*</.test(text)) {
    for (const line of text.split(/\r\n?|\n/)) add(urls, line);
    return { urls: [...urls], sitemaps: [] };
  }
  const open: string[] = [];
  let loc = '';
  const parser = new Parser(
    {
      onopentag(name) {
        open.push(bare(name));
        if (bare(name) === 'loc') loc = '';
      },
      ontext(piece) {
        if (open.at(-1) === 'loc') loc += piece;
      },
      onclosetag(name) {
        open.pop();
        if (bare(name) === 'loc') add(open.at(-1) === 'sitemap' ? sitemaps : urls, loc);
      },
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.end(text);
  return { urls: [...urls], sitemaps: [...sitemaps] };
}

/** The name of an element without its prefix; images and videos of a page have addresses of other elements. */
const bare = (name: string): string =>
  name.startsWith('image:') || name.startsWith('video:') ? name : name.replace(/^.*:/, '');
