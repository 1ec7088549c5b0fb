import { finding, type Finding } from '#core/fault';
import { attributeNames, attributeSpan, type HtmlElement } from '#core/html';
import type { Reading } from '#core/reading';

/** RDFa beside an address, which speaks of that address: what was meant stands on an element of its own inside. */
export function judgeAstray({ astray, lines, source }: Reading): readonly Finding[] {
  return astray.map(({ name, about, element }) => {
    const { start, contentStart, contentEnd, end } = element;
    const spans = ['property', 'content', 'datatype'].flatMap(
      (one) => writtenAttribute(source, element, one) ?? [],
    );
    const text = spans.map((span) => ` ${source.slice(span.start, span.end).trim()}`).join('');
    const isClosed = end > contentEnd && contentStart > start;
    return finding(
      'structure/property-astray',
      `${name} is told of “${about}”, not of the item around it: in RDFa, an element with both an address and “content” speaks of that address. Put property and content on an element inside, or leave one of the two away.`,
      lines.place(start, contentStart),
      name,
      {
        edits: isClosed
          ? [
              // What follows without a blank would become part of what stands before.
              ...spans.map((span) => ({ ...span, text: /[\s/>]/.test(source[span.end] ?? '') ? '' : ' ' })),
              { start: contentStart, end: contentStart, text: `<span${text}>` },
              { start: contentEnd, end: contentEnd, text: '</span>' },
            ]
          : null,
      },
    );
  });
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
