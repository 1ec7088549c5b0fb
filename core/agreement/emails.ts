import type { HtmlDocument } from '#core/html';
import { emailsIn } from '#core/link';
import { seenAt, type Seen } from './seen.ts';

/** An email address in a text for people, or behind a link; another of the same name or domain, where there is but one. */
export function findEmailIn(
  shownText: string,
  document: HtmlDocument | undefined,
  email: string,
): Seen | undefined {
  const wanted = email.toLowerCase();
  const shown = emailsIn(shownText);
  const found = shown.find(({ 0: text }) => text.toLowerCase() === wanted);
  if (found) return seenAt(found, found[0] === email ? 'exact' : 'written-differently');
  for (const { name, inert, attributes, start, end } of document?.elements ?? []) {
    const address =
      name === 'a' && !inert ? /^mailto:([^?]*)/i.exec(attributes['href'] ?? '')?.[1] : undefined;
    if (address?.toLowerCase() === wanted)
      return { text: address, agreement: 'exact', at: undefined, link: { start, end } };
  }
  // The same name at another domain, or another name at the same.
  const [name = '', domain = ''] = wanted.split('@');
  const others = shown.filter(({ 0: text }) => {
    const [otherName = '', otherDomain = ''] = text.toLowerCase().split('@');
    return otherDomain === domain || otherName === name;
  });
  const [other] = others;
  return other && others.length === 1 ? seenAt(other, 'different') : undefined;
}
