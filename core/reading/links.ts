import type { HtmlDocument, HtmlElement } from '#core/html';
import { parseUrl } from '#core/link';

const isCanonical = ({ name, inert, attributes }: HtmlElement): boolean =>
  name === 'link' && !inert && /(?:^|\s)canonical(?:\s|$)/i.test(attributes['rel'] ?? '');

/** Where a link element leads; '' where nobody can tell. */
function addressOfLink({ attributes }: HtmlElement, base: string): string {
  const href = attributes['href']?.trim() ?? '';
  return href === '' ? '' : (parseUrl(href, base || undefined)?.href ?? '');
}

/** The page's own address as it names it itself: its canonical link (RFC 6596); '' where it has none. */
export function canonicalOf(document: HtmlDocument | undefined, base: string): string {
  const link = document?.elements.find(isCanonical);
  return link ? addressOfLink(link, base) : '';
}

/** All canonical links of a page that lead somewhere, with their addresses; it should have one. */
export const canonicalLinks = (
  { elements }: HtmlDocument,
  base: string,
): readonly { readonly element: HtmlElement; readonly href: string }[] =>
  elements
    .filter(isCanonical)
    .map((element) => ({ element, href: addressOfLink(element, base) }))
    .filter(({ href }) => href !== '');

/**
 * The pages of the same host that a page links to, each once, without fragments, in the order of the page.
 * `base` is the page's own address. Links that say nofollow, and files that are no pages, are left out.
 */
export function linksOf({ elements }: HtmlDocument, base: string): readonly string[] {
  const own = parseUrl(base);
  if (!own) return [];
  const found = new Set<string>();
  for (const { name, inert, attributes } of elements) {
    const href = attributes['href'];
    if ((name !== 'a' && name !== 'area') || inert || !href || /\bnofollow\b/i.test(attributes['rel'] ?? ''))
      continue;
    const url = parseUrl(href.trim(), base);
    if (!url || url.host !== own.host || !/^https?:$/.test(url.protocol) || NO_PAGE.test(url.pathname))
      continue;
    url.hash = '';
    found.add(url.href);
  }
  return [...found];
}

const NO_PAGE =
  /\.(?:jpe?g|png|gif|webp|avif|svg|ico|pdf|zip|gz|rar|7z|mp[34]|m4[av]|webm|ogg|wav|css|js|mjs|json|xml|rss|atom|txt|csv|docx?|xlsx?|pptx?|ics|vcf|woff2?|ttf|eot|exe|dmg|apk)$/i;
