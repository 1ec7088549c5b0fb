import { cloneOf, type GrowingElement, type GrowingNode } from './document.ts';

/**
 * Fills a `selectedcontent` with a copy of what the chosen option of its `select` holds, as a browser does while it
 * reads the page (HTML Living Standard, 4.10.7, "maybe clone an option into selectedcontent"). The copies stand in
 * the tree with the places of what they are copies of, but not in the lists of the page.
 */
export function fillSelectedContent(element: GrowingElement): void {
  let select: GrowingElement | null = element.parent;
  while (select && select.name !== 'select') select = select.parent;
  if (!select || select.attributes['multiple'] !== undefined) return;
  const options = inside(select, 'option');
  const chosen =
    options.findLast(({ attributes }) => attributes['selected'] !== undefined) ??
    options.find(({ attributes }) => attributes['disabled'] === undefined);
  if (!chosen || inside(select, 'selectedcontent')[0] !== element || isWithin(element, chosen)) return;
  element.children = [];
  copyInto(element, chosen.children);
}

function inside(element: GrowingElement, name: string): GrowingElement[] {
  return element.children.flatMap((child) => {
    if (child.kind === 'text') return [];
    return [...(child.name === name ? [child] : []), ...inside(child, name)];
  });
}

function isWithin(element: GrowingElement, other: GrowingElement): boolean {
  for (let above = element.parent; above; above = above.parent) if (above === other) return true;
  return false;
}

function copyInto(parent: GrowingElement, children: readonly GrowingNode[]): void {
  for (const child of children) {
    if (child.kind === 'text') {
      parent.append({ ...child });
      continue;
    }
    const copy = cloneOf(child);
    copy.parent = parent;
    copy.inert = parent.inert || parent.name === 'template';
    copy.contentEnd = child.contentEnd;
    copy.end = child.end;
    parent.append(copy);
    copyInto(copy, child.children);
  }
}
