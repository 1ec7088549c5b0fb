import { limits } from '#core/limits';
import { parseUrl } from './link.ts';

/**
 * The address of a page by its path on a site: a folder's index page has the folder's address. `base` is where the site
 * begins, an origin or a folder of it that ends in a slash.
 */
export const pageUrl = (path: string, base: string): string =>
  new URL(`./${encodeURI(path).replace(/[?#]/g, encodeURIComponent)}`, base).href.replace(
    /\/index\.(?:html?|php)$/i,
    '/',
  );

/** The origins of addresses, each once, in their order. */
export const originsOf = (urls: readonly string[]): readonly string[] => [
  ...new Set(urls.flatMap((url) => parseUrl(url)?.origin ?? []).filter((origin) => origin !== 'null')),
];

export const isPagePath = (path: string): boolean => /\.(html?|xhtml|php|asp|aspx|shtml)$/i.test(path);

/** Whether a path is of a file that a system hides or adds: a dot before a name, or macOS's folder in an archive. */
export const isHiddenPath = (path: string): boolean => /(^|\/)(__MACOSX\/|\.[^./])/.test(path);

/** Whether a path leads to something below the folder that it begins in, and nowhere else. */
export const leadsBelow = (path: string): boolean =>
  !/[\\\0]/.test(path) && path.split('/').every((part) => part !== '' && part !== '.' && part !== '..');

/** Why a page cannot be kept under a path; '' where it can. */
export function refusalOfPath(path: string): string {
  if (!isPagePath(path)) return 'It is no HTML page. Pages end in .html, .htm, .php or .asp.';
  if (path.length > limits.pathLength)
    return `Its path has ${String(path.length)} characters; at most ${String(limits.pathLength)} are kept.`;
  return '';
}
