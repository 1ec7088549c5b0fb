import { limits } from '#core/limits';
import { readSitemap } from '#core/reading';
import { decodeText } from '#core/encoding';
import { unpack } from './packing.ts';

/** The bytes of a sitemap, or why there are none. */
export type SitemapReader = (
  sitemap: string,
) => Promise<{ readonly bytes: Uint8Array } | { readonly problem: string }>;

const DEEPEST = 3;
const MOST_SITEMAPS = 200;
const LONGEST_MS = 60_000;

/**
 * The pages of a sitemap and of those it names, packed ones too: three deep, as many pages as are checked, for at
 * most a minute. What could not be read is told, and the others are read nevertheless.
 */
export async function sitemapPages(
  start: string,
  read: SitemapReader,
): Promise<{ readonly urls: readonly string[]; readonly problems: readonly string[] }> {
  const urls = new Set<string>();
  const problems: string[] = [];
  const seen = new Set<string>();
  const open = [{ sitemap: start, depth: 0 }];
  const until = performance.now() + LONGEST_MS;
  for (let next = open.shift(); next; next = open.shift()) {
    const isEnough = urls.size > limits.sitePages || seen.size >= MOST_SITEMAPS || performance.now() > until;
    if (isEnough) break;
    if (seen.has(next.sitemap)) continue;
    seen.add(next.sitemap);
    const { depth } = next;
    const answer = await read(next.sitemap);
    const text = 'bytes' in answer ? await unpacked(answer.bytes) : undefined;
    if (text === undefined) {
      problems.push('problem' in answer ? answer.problem : `${next.sitemap} cannot be unpacked.`);
      continue;
    }
    const found = readSitemap(text, limits.sitePages + 1);
    for (const url of found.urls) urls.add(url);
    if (depth < DEEPEST) open.push(...found.sitemaps.map((sitemap) => ({ sitemap, depth: depth + 1 })));
  }
  if (urls.size === 0) problems.push('The sitemap names no page.');
  return { urls: [...urls], problems };
}

/** The text of a sitemap; undefined for a packed one that is damaged or swells too far. */
async function unpacked(bytes: Uint8Array): Promise<string | undefined> {
  if (bytes[0] !== 0x1f || bytes[1] !== 0x8b) return decodeText(bytes).text;
  try {
    return decodeText(await unpack(bytes, limits.sitemapBytes)).text;
  } catch {
    return undefined;
  }
}
