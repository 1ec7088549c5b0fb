import { isWritten, type HtmlDocument, type HtmlElement, type Spot } from '#core/html';
import type { Edit } from '#core/text';

/** Why a browser would not keep a placement as it was meant; '' where it keeps it, and all that stood there before. */
export function keepsPage(
  before: HtmlDocument,
  edits: readonly Edit[],
  after: HtmlDocument,
  region: string,
  spot: Spot,
): string {
  const insertion = edits.at(-1);
  if (!insertion) return '';
  const removed = edits.slice(0, -1);
  const start =
    insertion.start -
    removed.reduce((sum, edit) => (edit.end <= insertion.start ? sum + edit.end - edit.start : sum), 0);
  const isOurs = (element: HtmlElement): boolean =>
    element.start >= start && element.start < start + region.length;
  const placed = after.elements.filter((element) => isWritten(element) && isOurs(element));
  const outermost = placed.filter(({ parent }) => !parent || !isWritten(parent) || !isOurs(parent));
  if (outermost.length === 0)
    return 'A browser would not find it there: the place lies inside a comment, a script or a frame set. Nothing was changed.';
  const wanted = containerName(spot);
  if (wanted && outermost.some(({ parent }) => parent?.name !== wanted))
    return `A browser would move it out of <${wanted}>. Choose another place. Nothing was changed.`;
  if (
    spot.at !== 'head' &&
    outermost.some(({ parent, inert }) => inert || (parent && SWALLOWS.has(parent.name)))
  )
    return `A browser would put it into <${outermost[0]?.parent?.name ?? ''}>, where it does not stand. Choose another place. Nothing was changed.`;
  const there = before.elements.filter(
    (element) =>
      isWritten(element) && !removed.some((edit) => element.start >= edit.start && element.start < edit.end),
  );
  const kept = after.elements.filter((element) => isWritten(element) && !isOurs(element));
  const isSame =
    there.length === kept.length &&
    there.every((one, at) => one.name === kept[at]?.name && one.parent?.name === kept[at].parent?.name);
  return isSame
    ? ''
    : 'A browser would read the rest of the page otherwise with it there. Choose another place. Nothing was changed.';
}

/** Where something that is placed at an element has to end up. */
const containerName = (spot: Spot): string | undefined =>
  'element' in spot ? (spot.at === 'inside' ? spot.element.name : spot.element.parent?.name) : undefined;

/** Elements in which a block is not seen, is no block, or is part of a link. */
const SWALLOWS = new Set(
  'a select option optgroup textarea title table tbody thead tfoot tr button ul ol dl svg math template iframe noscript'.split(
    ' ',
  ),
);
