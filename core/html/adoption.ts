import { cloneOf, type GrowingElement } from './document.ts';
import { Flag } from './tags.ts';
import { TokenKind } from './tokenizer.ts';
import type { TreeBuilder } from './treeBuilder.ts';

/**
 * The "adoption agency algorithm" (HTML Living Standard, 13.2.6.4.7), for formatting elements that end inside
 * another element. False says to act as for any other end tag.
 */
export function adoptionAgency(b: TreeBuilder, subject: string): boolean {
  const { open, token, formatting } = b;
  // The start tag of another one has it end before that.
  const end = token.kind === TokenKind.endTag ? token.end : token.start;
  if (open.top.name === subject && !formatting.includes(open.top)) {
    open.pop(token.start, end);
    return true;
  }
  for (let round = 0; round < 8; round += 1) {
    const element = lastFormatting(b, subject);
    if (!element) return round > 0;
    if (!element.isOpen) {
      formatting.splice(formatting.lastIndexOf(element), 1);
      return true;
    }
    if (!inScope(b, element)) return true;
    const furthest = furthestBlock(b, element);
    if (!furthest) {
      while (open.top !== element) open.pop(token.start);
      open.pop(token.start, end);
      formatting.splice(formatting.lastIndexOf(element), 1);
      return true;
    }
    reparent(b, element, furthest);
  }
  return true;
}

function lastFormatting({ formatting }: TreeBuilder, name: string): GrowingElement | undefined {
  for (let at = formatting.length - 1; at >= 0; at -= 1) {
    const entry = formatting[at];
    if (!entry) return undefined;
    if (entry.name === name) return entry;
  }
  return undefined;
}

function inScope({ open: { items } }: TreeBuilder, element: GrowingElement): boolean {
  for (let at = items.length - 1; at > 0; at -= 1) {
    const node = items[at];
    if (node === element) return true;
    if (node && node.flags & Flag.scope) return false;
  }
  return false;
}

/** The topmost special element inside the formatting element. */
function furthestBlock(
  { open: { items } }: TreeBuilder,
  element: GrowingElement,
): GrowingElement | undefined {
  for (let at = items.lastIndexOf(element) + 1; at < items.length; at += 1)
    if ((items[at]?.flags ?? 0) & Flag.special) return items[at];
  return undefined;
}

/** Steps 9 to 20: the block leaves the formatting element, and a copy of that goes into the block. */
function reparent(b: TreeBuilder, element: GrowingElement, furthest: GrowingElement): void {
  const { open, formatting, token } = b;
  const ancestor = open.items[open.items.lastIndexOf(element) - 1] ?? b.root;
  let bookmark = formatting.lastIndexOf(element);
  let nodeAt = open.items.lastIndexOf(furthest);
  let last = furthest;
  for (let round = 1; ; round += 1) {
    nodeAt -= 1;
    let node = open.items[nodeAt];
    if (!node || node === element) break;
    const listed = formatting.lastIndexOf(node);
    if (round > 3 && listed >= 0) {
      formatting.splice(listed, 1);
      if (listed < bookmark) bookmark -= 1;
    }
    if (round > 3 || listed < 0) {
      open.remove(node, token.start);
      continue;
    }
    const copy = cloneOf(node);
    formatting[listed] = copy;
    open.replace(node, copy);
    b.list(copy);
    copy.inert = node.inert;
    node = copy;
    if (last === furthest) bookmark = listed + 1;
    last.parent?.remove(last);
    last.parent = node;
    node.append(last);
    last = node;
  }
  last.parent?.remove(last);
  b.place(last, ancestor);
  const copy = cloneOf(element);
  b.list(copy);
  copy.inert = furthest.inert;
  copy.children = furthest.children;
  for (const child of copy.children) if (child.kind === 'element') child.parent = copy;
  furthest.children = [];
  b.adopt(furthest, copy);
  const old = formatting.lastIndexOf(element);
  formatting.splice(old, 1);
  formatting.splice(old < bookmark ? bookmark - 1 : bookmark, 0, copy);
  open.remove(element, token.start);
  open.insertBehind(copy, furthest);
}
