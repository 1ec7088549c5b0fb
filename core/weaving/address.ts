import { isWritten, type HtmlElement, type HtmlNode, type HtmlText } from '#core/html';
import { commonParent, isInside, isPhrasing, type Carrier } from './carrier.ts';

/** What holds the parts of an address and nothing else: an element of the page, or a stretch to be wrapped. */
export type Holder =
  | { readonly element: HtmlElement; readonly start: number; readonly end: number }
  | { readonly element: undefined; readonly start: number; readonly end: number };

/** The holder of some carriers that has none of the others in it; undefined where the others stand between them. */
export function addressHolder(
  parts: readonly Carrier[],
  others: readonly Carrier[],
  root: HtmlElement | undefined,
  splits: boolean,
): Holder | undefined {
  const common = commonParent(
    parts.map(({ element, parent, link }) => (link ? parent : (element?.parent ?? parent))),
  );
  if (!common) return undefined;
  const isFree = ({ start, end }: { start: number; end: number }): boolean =>
    others.every((other) => other.end <= start || end <= other.start);
  const holds = isWritten(common) && !TOO_WIDE.has(common.name) && common !== root;
  if (holds && isFree(common) && !(root && isInside(root, common)))
    return { element: common, start: common.contentStart, end: common.contentEnd };
  const touched = common.children.filter((child) => parts.some((part) => overlaps(child, part)));
  const [first, last] = [touched[0], touched.at(-1)];
  if (!first || !last) return undefined;
  const between = common.children.slice(common.children.indexOf(first), common.children.indexOf(last) + 1);
  const edge = (child: HtmlNode): { readonly start: number; readonly end: number } =>
    child.kind === 'element' ? child : edgeOf(child, parts, splits);
  const [{ start }, { end }] = [edge(first), edge(last)];
  return between.every(isPhrasing) && isFree({ start, end }) ? { element: undefined, start, end } : undefined;
}

/** What is wrapped of a text that holds parts: all of it, or no more than the parts where it may be cut. */
function edgeOf(
  text: HtmlText,
  parts: readonly Carrier[],
  splits: boolean,
): { readonly start: number; readonly end: number } {
  if (!splits) return text;
  const inside = parts.filter((part) => overlaps(text, part));
  return {
    start: Math.min(...inside.map((part) => part.start)),
    end: Math.max(...inside.map((part) => part.end)),
  };
}

const TOO_WIDE = new Set(['body', 'html']);

const overlaps = (child: HtmlNode, { start, end }: Carrier): boolean =>
  child.start < end && start < child.end;
