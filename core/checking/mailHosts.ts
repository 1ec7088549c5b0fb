import { finding, shortText, type Finding } from '#core/fault';
import { eachItem, textOf } from '#core/item';
import { isSlipOfHost, siteOf } from '#core/link';
import { linkLed } from '#core/mending';
import { businessesIn, canonicalOf, type Reading } from '#core/reading';
import { instead } from './spot.ts';

/** Mail to a host that is the page's own with a slip of the fingers, in markup and in links that write to it. */
export function judgeMailHosts(reading: Reading): readonly Finding[] {
  const { items, address, base, document, lines, source } = reading;
  const canonical = canonicalOf(document, base);
  const pages = [address, canonical, ...businessesIn(items).map((item) => textOf(item, 'url'))];
  const hosts = [...new Set(pages.map(siteOf).filter(Boolean))];
  /** The address that was meant; '' where it is right, or nobody knows. */
  const meantBy = (email: string): string => {
    const [, name = '', host = ''] = /^([^@\s]+@)([^@?\s]+)$/.exec(email.trim()) ?? [];
    const own = hosts.includes(host.toLowerCase()) ? undefined : hosts.find((one) => isSlipOfHost(host, one));
    return own ? name + own : '';
  };
  const says = (email: string, meant: string): string =>
    `“${shortText(email)}” is at another host than the page, a slip away from it. Did you mean ${meant}?`;
  const told = eachItem(items).flatMap(({ item }) =>
    item.properties.flatMap(({ name, value }) => {
      if (name !== 'email' || value.kind !== 'text') return [];
      const meant = meantBy(value.text.replace(/^mailto:/i, ''));
      if (!meant) return [];
      const mend = { edits: instead(value, meant), guess: true };
      return [finding('value/email-form', says(value.text, meant), value.place, name, mend)];
    }),
  );
  const links = (document?.elements ?? []).flatMap((link) => {
    const [, target = ''] = /^\s*mailto:([^?]{3,320})/i.exec(link.attributes['href'] ?? '') ?? [];
    const meant = link.name === 'a' && !link.inert && target ? meantBy(target) : '';
    if (!meant) return [];
    const mend = { edits: linkLed(source, link, meant, ''), guess: true };
    const place = lines.place(link.start, link.contentStart);
    return [finding('agreement/link', says(target, meant), place, 'email', mend)];
  });
  return [...told, ...links];
}
