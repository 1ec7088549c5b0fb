import { eachItem, textOf, type ReadItem } from '#core/item';
import { foldUrl, parseUrl } from '#core/link';
import { fold } from '#core/text';
import { businessesIn, isBusiness, isLocalBusiness } from './business.ts';
import { canonicalOf } from './links.ts';
import type { Reading } from './source.ts';

/** What a business is called and known by: whatever goes beyond it describes a place. */
const NAMING = new Set(
  'name alternateName legalName url mainEntityOfPage sameAs image logo branchCode parentOrganization'.split(
    ' ',
  ),
);

/**
 * The businesses that a page only names where it speaks of another, and whose own page is elsewhere: the branches of an
 * organisation (`subOrganization`), a seller, a sponsor. What else is to be known of them stands there, or where the
 * page describes a business of their name. Where nobody knows the page's address, another business on it speaks of them
 * as of others, and a page or an article says its own.
 */
export function mentionedIn({ items, address, document, base }: Reading): ReadonlySet<ReadItem> {
  const page = address || canonicalOf(document, base);
  const holders = new Map<ReadItem, ReadItem>();
  for (const { item: holder } of eachItem(items))
    for (const { value } of holder.properties) if (value.kind === 'item') holders.set(value.item, holder);
  const mentioned = new Set<ReadItem>();
  const described = new Set(
    businessesIn(items)
      .filter((item) => isLocalBusiness(item) && !isNamedOnly(item))
      .map((item) => fold(textOf(item, 'name'))),
  );
  for (const [item, holder] of holders) {
    if (!isLocalBusiness(item) || !isNamedOnly(item)) continue;
    const own = pageOf(item, base);
    if (described.has(fold(textOf(item, 'name')))) mentioned.add(item);
    const here = page ? withoutFragment(page) : pageOf(holder, base);
    const isElsewhere = here !== '' && foldUrl(own) !== foldUrl(here);
    if (own && (isElsewhere || (page === '' && isBusiness(holder)))) mentioned.add(item);
  }
  return mentioned;
}

const isNamedOnly = ({ properties }: ReadItem): boolean => properties.every(({ name }) => NAMING.has(name));

/** The address of the page that an item is told to have, or that its name for machines lies on; '' where it has none. */
function pageOf(item: ReadItem, base: string): string {
  const named = textOf(item, 'url').trim() || (item.id ?? '');
  const url = named.startsWith('_:') ? null : parseUrl(named, base || undefined);
  return url && /^https?:$/.test(url.protocol) ? withoutFragment(url.href) : '';
}

const withoutFragment = (url: string): string => url.replace(/#.*$/s, '');
