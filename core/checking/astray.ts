import { finding, type Finding } from '#core/fault';
import { attributeNames, attributeSpan, textContent, type HtmlElement } from '#core/html';
import type { Astray, Reading } from '#core/reading';
import { escapeHtml, type Edit } from '#core/text';

/** RDFa beside or inside an address, which speaks of that address: what was meant stands on an element around it. */
export function judgeAstray({ astray, lines, source }: Reading): readonly Finding[] {
  const inside = new Map<HtmlElement, number>();
  for (const { link } of astray) inside.set(link, (inside.get(link) ?? 0) + 1);
  return astray.map((one) => {
    const { name, about, element, link } = one;
    const why =
      link === element
        ? 'an element with both an address and “content” speaks of that address'
        : 'what stands inside a link speaks of the address it leads to';
    return finding(
      'structure/property-astray',
      `${name} is told of “${about}”, not of the item around it: in RDFa, ${why}. Put the property on an element around it.`,
      lines.place(element.start, element.contentStart),
      name,
      { edits: inside.get(link) === 1 ? aroundLink(one, source) : null },
    );
  });
}

/** What may stand in a `span`, so that one can be put around it. */
const PHRASES = new Set(['a', 'span', 'img', 'b', 'strong', 'em', 'i', 'time', 'data']);

/** The property and its value on a `span` around the link; none where the link has no end of its own. */
function aroundLink({ element, link }: Astray, source: string): readonly Edit[] | null {
  const isClosed = link.end > link.contentEnd || link.name === 'img';
  if (!isClosed || link.contentStart === link.start || !PHRASES.has(link.name)) return null;
  const spans = ['property', 'content', 'datatype'].flatMap(
    (name) => writtenAttribute(source, element, name) ?? [],
  );
  const written = spans.map((span) => ` ${source.slice(span.start, span.end).trim()}`).join('');
  return [
    // What follows without a blank would become part of what stands before.
    ...spans.map((span) => ({ ...span, text: /[\s/>]/.test(source[span.end] ?? '') ? '' : ' ' })),
    { start: link.start, end: link.start, text: `<span${written}${valueOf(element, link)}>` },
    { start: link.end, end: link.end, text: '</span>' },
  ];
}

/** The attribute that gives an element around a link the value of the one inside; '' where its text does. */
function valueOf(element: HtmlElement, link: HtmlElement): string {
  const { attributes } = element;
  if ('content' in attributes) return '';
  const address = attributes['resource'] ?? attributes['href'] ?? attributes['src'];
  if (address !== undefined && element !== link) return ` resource="${escapeHtml(address)}"`;
  const text = attributes['datetime'] ?? textContent(element);
  return text === textContent(link) ? '' : ` content="${escapeHtml(text)}"`;
}

/** An attribute as it is written, with the blank before it. */
function writtenAttribute(
  source: string,
  element: HtmlElement,
  name: string,
): { readonly start: number; readonly end: number } | undefined {
  const at = attributeNames(source, element).find((one) => one.name === name);
  const value = attributeSpan(source, element, name);
  if (!at || !value) return undefined;
  const isApart = /\s/.test(source[at.start - 1] ?? '');
  return { start: at.start - (isApart ? 1 : 0), end: value.end + value.quote.length };
}
