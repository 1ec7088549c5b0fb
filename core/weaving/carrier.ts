import { isWritten, textOffsets, type HtmlElement, type HtmlNode } from '#core/html';
import { INLINE, isUnseen, pieceAt, type VisiblePiece, type VisibleText } from '#core/reading';

/** What carries a stretch of visible text, as offsets of the source. */
export interface Carrier {
  /** The element that holds this text and nothing else; undefined where a stretch of the source has to be wrapped. */
  readonly element: HtmlElement | undefined;
  /** The stretch of the source, tags inside included. */
  readonly start: number;
  readonly end: number;
  /** The innermost element round it, the link it stands in put aside. */
  readonly parent: HtmlElement;
  /** The link that it stands in. */
  readonly link: HtmlElement | undefined;
  /** Whether it is all that the link says. */
  readonly isWholeLink: boolean;
  /** The element that holds the link and nothing else. */
  readonly roundLink: HtmlElement | undefined;
  /**
   * What an element of ours may stand round: whole texts, since browsers round where a text begins, so that one that
   * is cut in two may move by a part of a pixel.
   */
  readonly wrap: { readonly start: number; readonly end: number } | undefined;
  /** Behind the text that it is the end of, or a part of. */
  readonly behind: number;
}

/** A page's source with what visitors see of it; `splits` allows texts to be cut. */
export interface Shown {
  readonly source: string;
  readonly visible: VisibleText;
  readonly splits: boolean;
}

/** The carrier of a stretch of the visible text (offsets there); undefined where the source does not hold it as it reads. */
export function carrierOf(
  { source, visible, splits }: Shown,
  start: number,
  end: number,
): Carrier | undefined {
  const { text, pieces } = visible;
  const [first, last] = [pieces[pieceAt(pieces, start)], pieces[pieceAt(pieces, end - 1)]];
  if (!first || !last) return undefined;
  const from = sourceOffset(source, first, start - first.at);
  const until = sourceOffset(source, last, end - 1 - last.at, true);
  if (from === undefined || until === undefined) return undefined;
  const common = commonParent([first.parent, last.parent]);
  if (!common) return undefined;
  const link = ancestor(first.parent, ({ name }) => name === 'a');
  const whole = (one: HtmlElement | null | undefined): HtmlElement | undefined =>
    one ? wholeElement(one, pieces, start, end) : undefined;
  const around = {
    element: whole(common),
    parent: link && isInside(common, link) ? (link.parent ?? common) : common,
    link,
    isWholeLink: link !== undefined && isInside(common, link) && whole(link) === link,
    roundLink: whole(link?.parent),
  };
  const isWhole = first.at === start && endOf(pieces, pieceAt(pieces, end - 1)) === end;
  const isLineStart = start === 0 || text[start - 1] === '\n';
  const isLineEnd = end === text.length || text[end] === '\n';
  const cut = {
    start: isLineStart || splits ? from : first.node.start,
    end: isLineEnd || splits ? until : last.node.end,
  };
  const wrap = isWhole || splits ? wrapOf(around.element, common, [first, last], cut) : undefined;
  const behind = Math.max(last.node.end, wrap?.end ?? 0);
  return { ...around, start: from, end: until, wrap, behind };
}

/** What may be wrapped: the inside of an element, a text, or a run of an element's children. */
function wrapOf(
  element: HtmlElement | undefined,
  common: HtmlElement,
  [first, last]: readonly [VisiblePiece, VisiblePiece],
  cut: { readonly start: number; readonly end: number },
): Carrier['wrap'] {
  if (first.node === last.node && !element) return cut;
  if (element)
    return element.children.every(isPhrasing)
      ? { start: element.contentStart, end: element.contentEnd }
      : undefined;
  return run(common, first, last, cut);
}

/** The element whose visible text is exactly this stretch. */
function wholeElement(
  common: HtmlElement,
  pieces: readonly VisiblePiece[],
  start: number,
  end: number,
): HtmlElement | undefined {
  const [first, last] = [pieceAt(pieces, start), pieceAt(pieces, end - 1)];
  const [before, after] = [pieces[first - 1], pieces[last + 1]];
  const isWhole =
    pieces[first]?.at === start &&
    end === endOf(pieces, last) &&
    !(before && isInside(before.parent, common)) &&
    !(after && isInside(after.parent, common));
  return isWhole && isWritten(common) && common.name !== 'body' && common.name !== 'html'
    ? common
    : undefined;
}

/** Behind the last visible character of a piece. */
function endOf(pieces: readonly VisiblePiece[], at: number): number {
  const piece = pieces[at];
  if (!piece) return 0;
  return piece.at + piece.node.text.replace(/[ \t\n\r\f]+/g, ' ').replace(/^ | $/g, '').length;
}

/** A run of children of one element, widened to whole elements at its ends. */
function run(
  common: HtmlElement,
  first: VisiblePiece,
  last: VisiblePiece,
  cut: { readonly start: number; readonly end: number },
): Carrier['wrap'] {
  const childOf = (piece: VisiblePiece): HtmlNode => {
    let child: HtmlNode = piece.node;
    let above = piece.parent;
    while (above !== common && above.parent) {
      child = above;
      above = above.parent;
    }
    return child;
  };
  const [one, other] = [childOf(first), childOf(last)];
  const [begin, finish] = [common.children.indexOf(one), common.children.indexOf(other)];
  const between = common.children.slice(begin, finish + 1);
  if (begin < 0 || !between.every(isPhrasing)) return undefined;
  return {
    start: one.kind === 'element' ? one.start : cut.start,
    end: other.kind === 'element' ? other.end : cut.end,
  };
}

/** Whether a wrapper may stand round a node without breaking the line or the page. */
export const isPhrasing = (node: HtmlNode): boolean =>
  node.kind === 'text' ||
  (isWritten(node) &&
    (INLINE.has(node.name) || node.name === 'br' || isUnseen(node)) &&
    node.children.every(isPhrasing));

/** The offset of a character of a piece in the source, or behind it; undefined where the two do not agree. */
function sourceOffset(
  source: string,
  { node }: VisiblePiece,
  index: number,
  behind = false,
): number | undefined {
  const offsets = textOffsets(source, node);
  if (!offsets) return undefined;
  // The visible text has runs of white space as one blank, and none at its beginning.
  let seen = -1;
  let wasSpace = true;
  for (let at = 0; at < node.text.length; at += 1) {
    const isSpace = /[ \t\n\r\f]/.test(node.text[at] ?? '');
    if (!isSpace || !wasSpace) seen += 1;
    wasSpace = isSpace;
    if (seen < index) continue;
    if (!behind) return offsets[at];
    // A reference may stand for two characters: behind it means behind both.
    let next = at + 1;
    while (next < node.text.length && offsets[next] === offsets[at]) next += 1;
    return offsets[next];
  }
  return undefined;
}

const ancestor = (element: HtmlElement, isWanted: (one: HtmlElement) => boolean): HtmlElement | undefined => {
  for (let one: HtmlElement | null = element; one; one = one.parent) if (isWanted(one)) return one;
  return undefined;
};

/** Whether an element is, or stands in, another. */
export const isInside = (element: HtmlElement, outer: HtmlElement): boolean =>
  ancestor(element, (one) => one === outer) !== undefined;

/** The innermost element that all of these are, or stand in. */
export function commonParent(elements: readonly HtmlElement[]): HtmlElement | undefined {
  const [first, ...rest] = elements;
  return first && ancestor(first, (one) => rest.every((other) => isInside(other, one)));
}
