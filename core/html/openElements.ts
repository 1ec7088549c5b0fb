import type { GrowingElement } from './document.ts';
import { Flag } from './tags.ts';

/** The stack of open elements (HTML Living Standard, 13.2.4.2). The last is the current node. */
export class OpenElements {
  readonly items: GrowingElement[] = [];
  top: GrowingElement;

  constructor(root: GrowingElement) {
    this.top = root;
    this.items.push(root);
  }

  push(element: GrowingElement): void {
    this.items.push(element);
    this.top = element;
    element.isOpen = true;
  }

  /** Takes the current node off. `at` is the offset where it ended, `end` that behind its end tag. */
  pop(at: number, end = at): void {
    if (this.items.length === 1) return;
    const element = this.items.pop();
    if (!element) return;
    this.top = this.items[this.items.length - 1] ?? element;
    close(element, at, end);
  }

  /** Takes one off that need not be the current node. */
  remove(element: GrowingElement, at: number): void {
    const index = this.items.lastIndexOf(element);
    if (index < 1) return;
    this.items.splice(index, 1);
    this.top = this.items[this.items.length - 1] ?? this.top;
    close(element, at, at);
  }

  replace(element: GrowingElement, by: GrowingElement): void {
    const index = this.items.lastIndexOf(element);
    if (index >= 0) this.items[index] = by;
    element.isOpen = false;
    by.isOpen = true;
    this.top = this.items[this.items.length - 1] ?? by;
  }

  insertBehind(element: GrowingElement, sibling: GrowingElement): void {
    this.items.splice(this.items.lastIndexOf(sibling) + 1, 0, element);
    element.isOpen = true;
    this.top = this.items[this.items.length - 1] ?? element;
  }

  /** The innermost open element of a name; undefined where none is. */
  find(name: string): GrowingElement | undefined {
    for (let at = this.items.length - 1; at > 0; at -= 1)
      if (this.items[at]?.name === name) return this.items[at];
    return undefined;
  }

  inScope(name: string): boolean {
    return this.#inScope(name, Flag.scope);
  }

  inListItemScope(name: string): boolean {
    return this.#inScope(name, Flag.scope | Flag.list);
  }

  inButtonScope(name: string): boolean {
    return this.#inScope(name, Flag.scope | Flag.button);
  }

  inTableScope(name: string): boolean {
    return this.#inScope(name, Flag.table);
  }

  /** Whether one of several is in table scope. */
  anyInTableScope(...names: readonly string[]): boolean {
    return names.some((name) => this.inTableScope(name));
  }

  headingInScope(): boolean {
    for (let at = this.items.length - 1; at > 0; at -= 1) {
      const flags = this.items[at]?.flags ?? 0;
      if (flags & Flag.heading) return true;
      if (flags & Flag.scope) return false;
    }
    return false;
  }

  #inScope(name: string, boundary: number): boolean {
    const { items } = this;
    for (let at = items.length - 1; at > 0; at -= 1) {
      const element = items[at];
      if (!element || element.name === name) return true;
      if (element.flags & boundary) return false;
    }
    return false;
  }

  /** Takes elements off up to one of this name, which ends with its end tag. */
  popUntil(name: string, at: number, end: number): void {
    while (this.items.length > 1) {
      const last = this.top.name === name;
      this.pop(at, last ? end : at);
      if (last) return;
    }
  }

  /** "Generate implied end tags", except for one name. */
  popImplied(at: number, except = ''): void {
    while (this.top.flags & Flag.impliedEnd && this.top.name !== except) this.pop(at);
  }

  popImpliedThoroughly(at: number): void {
    while (this.top.flags & Flag.impliedEndThoroughly) this.pop(at);
  }

  /** "Clear the stack back to a … context": up to one of these or what holds a page or template. */
  clearBackTo(at: number, ...names: readonly string[]): void {
    while (
      this.items.length > 1 &&
      !names.includes(this.top.name) &&
      this.top.name !== 'template' &&
      this.top.name !== 'html'
    )
      this.pop(at);
  }
}

function close(element: GrowingElement, at: number, end: number): void {
  element.isOpen = false;
  // A body may have had its end tag before it ended.
  if (element.end > element.contentStart) return;
  element.contentEnd = Math.max(element.contentStart, at);
  element.end = Math.max(element.contentStart, end);
}
