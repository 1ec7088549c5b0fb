import type { HtmlDocument, HtmlElement } from '#core/html';
import type { MarkupItem, MarkupValue } from '#core/item';
import { parseUrl } from '#core/link';
import { isInside } from './carrier.ts';

/** An element whose address is a value of the business. */
export interface Linked {
  readonly element: HtmlElement;
  readonly property: string;
}

/** Properties whose value may stand behind a link, and behind a picture. */
const BEHIND: Readonly<Record<string, 'a' | 'img'>> = {
  url: 'a',
  hasMap: 'a',
  sameAs: 'a',
  hasMenu: 'a',
  logo: 'img',
  image: 'img',
};
const ATTRIBUTE = { a: 'href', img: 'src' } as const;

/**
 * The links and pictures inside `root` that lead where the record says, each address once. `base` is what relative addresses
 * are resolved against, '' for unknown: then those that begin at the root of the site are, by the page of the record, `own`.
 */
export function linksOf(
  { elements }: HtmlDocument,
  { properties }: MarkupItem,
  { base, own }: { readonly base: string; readonly own: string },
  root: HtmlElement,
): readonly Linked[] {
  const wanted = new Map<string, string>(
    properties.flatMap(({ name, values }) => {
      const element = BEHIND[name];
      return element
        ? values.flatMap((value) => {
            const address = folded(addressOf(value), '');
            return address ? [[`${element} ${address}`, name] as const] : [];
          })
        : [];
    }),
  );
  const found: Linked[] = [];
  // A link that is not ended where others begin is several to a browser, each with the attributes of the one.
  const times = new Map<number, number>();
  for (const { name, start } of elements) if (name === 'a') times.set(start, (times.get(start) ?? 0) + 1);
  for (const element of elements) {
    const name = element.name === 'a' || element.name === 'img' ? element.name : undefined;
    if (!name || element.inert || !isInside(element, root) || (times.get(element.start) ?? 0) > 1) continue;
    // No address at all is not that of the page.
    const address = element.attributes[ATTRIBUTE[name]]?.trim() ?? '';
    if (!address) continue;
    const key = `${name} ${folded(address, base || (/^\s*\//.test(address) ? own : ''))}`;
    const property = wanted.get(key);
    if (!property) continue;
    wanted.delete(key);
    found.push({ element, property });
  }
  return found;
}

const folded = (address: string, base: string): string =>
  parseUrl(address.trim(), base || undefined)?.href ?? '';

function addressOf(value: MarkupValue): string {
  if (value.kind !== 'item') return value.text;
  const [url] = value.item.properties.find(({ name }) => name === 'url')?.values ?? [];
  return url && url.kind !== 'item' ? url.text : '';
}
