import { Parser } from 'htmlparser2';
import { parseUrl } from '#core/link';

/** What a sitemap names (sitemaps.org protocol 0.9). */
export interface Sitemap {
  /** Addresses of pages, absolute, each once and without its fragment. */
  readonly urls: readonly string[];
  /** Addresses of further sitemaps, of a sitemap index. */
  readonly sitemaps: readonly string[];
}

/**
 * Reads an XML sitemap, a sitemap index, a feed (RSS 2.0, Atom), or a text file with one address a line. Entities of a
 * document type are not expanded. Addresses that are none, not of the web, or cut off where the file breaks off are left
 * out. `most` bounds each list.
 */
export function readSitemap(text: string, most: number): Sitemap {
  const urls = new Set<string>();
  const sitemaps = new Set<string>();
  const add = (to: Set<string>, written: string): void => {
    const url = parseUrl(written.trim());
    if (!url || !/^https?:$/.test(url.protocol) || to.size >= most) return;
    url.hash = '';
    to.add(url.href);
  };
  if (!/^\s*(?:\uFEFF)?\s*</.test(text)) {
    for (const line of text.split(/\r\n?|\n/)) add(urls, line);
    return { urls: [...urls], sitemaps: [] };
  }
  const open: string[] = [];
  let told = '';
  const parser = new Parser(
    {
      onopentag(name, { href = '', rel = 'alternate' }) {
        // RFC 4287, 4.2.7: of an entry's links the one that is the page.
        if (bare(name) === 'link' && open.at(-1) === 'entry' && rel === 'alternate') add(urls, href);
        open.push(bare(name));
        told = '';
      },
      ontext(piece) {
        if (isAddress(open.at(-1))) told += piece;
      },
      onclosetag(name, isImplied) {
        open.pop();
        const of = open.at(-1);
        if (isImplied || !isAddress(bare(name)) || (bare(name) === 'link' && of !== 'item')) return;
        add(of === 'sitemap' ? sitemaps : urls, told);
      },
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.end(text);
  return { urls: [...urls], sitemaps: [...sitemaps] };
}

const isAddress = (name: string | undefined): boolean => name === 'loc' || name === 'link';

/** The name of an element without its prefix; images and videos of a page have addresses of other elements. */
const bare = (name: string): string =>
  name.startsWith('image:') || name.startsWith('video:') ? name : name.replace(/^.*:/, '');
