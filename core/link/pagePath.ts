import { parseUrl } from './link.ts';

/** The address of a page by its path on a site: a folder's index page has the folder's address. */
export const pageUrl = (path: string, origin: string): string =>
  new URL(`/${encodeURI(path).replace(/[?#]/g, encodeURIComponent)}`, origin).href.replace(
    /\/index\.(?:html?|php)$/i,
    '/',
  );

/** The origins of addresses, each once, in their order. */
export const originsOf = (urls: readonly string[]): readonly string[] => [
  ...new Set(urls.flatMap((url) => parseUrl(url)?.origin ?? []).filter((origin) => origin !== 'null')),
];
