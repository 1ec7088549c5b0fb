import { finding, type Finding } from '#core/fault';
import { attributeSpan, tokensOf, type HtmlElement } from '#core/html';
import type { Reading } from '#core/reading';
import { remembered } from '#core/text';
import { nearestName } from '#core/vocabulary';

/** Ids that an `itemref` names and no element of the page has (HTML, Microdata 5.2.2), with those that were meant. */
export function judgeItemref(
  reading: Reading,
  element: HtmlElement,
  itemref: string,
  ids: ReadonlySet<string>,
): readonly Finding[] {
  const { lines, source } = reading;
  const named = tokensOf(itemref);
  const span = attributeSpan(source, element, 'itemref');
  return named
    .filter((id) => !ids.has(id))
    .map((id) => {
      const parts = id.split(/[,;]+/).filter(Boolean);
      const isListed =
        parts.length > 0 && parts.some((part) => part !== id) && parts.every((part) => ids.has(part));
      const unnamed = isListed ? [] : idsOfStrays(reading).filter((one) => !named.includes(one));
      const near = isListed ? parts.join(' ') : nearestName(id, unnamed);
      const at = span ? source.indexOf(id, span.start) : -1;
      const isThere = span !== undefined && at >= span.start && at + id.length <= span.end;
      const place = isThere
        ? lines.place(at, at + id.length)
        : lines.place(element.start, element.contentStart);
      const what = isListed
        ? `Blanks part the names of ids in itemref, no commas: write “${near ?? ''}”.`
        : `itemref names “${id}”, and no element of the page has that id. What was meant to belong to this item does not.`;
      return finding(
        'structure/itemref',
        near && !isListed ? `${what} Did you mean “${near}”?` : what,
        place,
        null,
        {
          edits: near && isThere ? [{ start: at, end: at + id.length, text: near }] : null,
          guess: !isListed,
        },
      );
    });
}

/** The first ids of elements with a property outside every item. */
const idsOfStrays = remembered(({ document, strays }: Reading): readonly string[] => {
  const starts = new Set(strays.slice(0, MOST).map(({ place }) => place.start));
  const ids = (document?.marked ?? []).flatMap((one) => (starts.has(one.start) ? (idAround(one) ?? []) : []));
  return [...new Set(ids)];
});
/** Among more of them nobody finds one again. */
const MOST = 100;

/** The nearest id of an element and those around it. */
export function idAround(element: HtmlElement): string | undefined {
  for (let outer: HtmlElement | null = element; outer; outer = outer.parent)
    if (outer.attributes['id']) return outer.attributes['id'];
  return undefined;
}
