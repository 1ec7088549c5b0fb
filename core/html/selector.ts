import { isWritten, type HtmlDocument, type HtmlElement } from './document.ts';
import { selectElements } from './select.ts';

/** Elements that a page has once, by what they are for (HTML Living Standard, 4.3 "Sections"; ARIA landmarks). */
const LANDMARKS = new Set(['header', 'footer', 'main', 'nav', 'aside', 'body']);

/** A name that a selector can say as it is (CSS Syntax Level 3, "ident"), and that nobody made up for one day. */
const isPlain = (name: string): boolean =>
  /^[A-Za-z][\w-]{0,60}$/.test(name) && !/\d{4,}|[0-9a-f]{8,}/i.test(name);

const classesOf = ({ attributes }: HtmlElement): readonly string[] =>
  (attributes['class'] ?? '')
    .split(/[\t\n\f\r ]+/)
    .filter(isPlain)
    .slice(0, 3);

/** How an element may be called by itself, what survives most first: its id, its class, what it is for. */
function namesOf(element: HtmlElement): readonly string[] {
  const { name, attributes } = element;
  const tag = name.replace(/^(?:svg|math):/, '');
  const id = attributes['id'] ?? '';
  const role = attributes['role'] ?? '';
  const classes = classesOf(element);
  return [
    ...(isPlain(id) ? [`#${id}`] : []),
    ...(LANDMARKS.has(tag) ? [tag] : []),
    ...(isPlain(role) ? [`${tag}[role="${role}"]`] : []),
    ...classes.map((one) => `${tag}.${one}`),
    ...(classes.length > 1 ? [`${tag}.${classes.join('.')}`] : []),
    tag,
  ];
}

/**
 * A CSS selector that chooses one element of a page and no other, and that survives small changes of the page: its id
 * where it has one of its own, else its class or landmark, within an ancestor if need be, and its position last.
 * Undefined for an element that a browser made up, or that no selector tells from others.
 */
export function selectorOf(document: HtmlDocument, element: HtmlElement): string | undefined {
  if (!isWritten(element) || element.inert) return undefined;
  const isOnly = (selector: string): boolean => onlyOne(document, selector, element);
  const names = namesOf(element);
  const own = names.find(isOnly);
  if (own) return own;
  for (const ancestor of ancestorsOf(element)) {
    const outer = namesOf(ancestor).find((name) => onlyOne(document, name, ancestor));
    if (!outer) continue;
    const within = names.map((name) => `${outer} ${name}`).find(isOnly);
    if (within) return within;
    const path = `${outer} > ${pathBelow(ancestor, element)}`;
    return isOnly(path) ? path : undefined;
  }
  return undefined;
}

const onlyOne = (document: HtmlDocument, selector: string, element: HtmlElement): boolean => {
  const chosen = selectElements(document, selector);
  return chosen.ok && chosen.elements.length === 1 && chosen.elements[0] === element;
};

function* ancestorsOf({ parent }: HtmlElement): Generator<HtmlElement> {
  for (let above = parent; above?.name; above = above.parent) yield above;
}

/** The way down from an ancestor, child by child, each by its position among those of its name. */
function pathBelow(ancestor: HtmlElement, element: HtmlElement): string {
  const steps: string[] = [];
  for (let here: HtmlElement | null = element; here && here !== ancestor; here = here.parent) {
    const { name } = here;
    const alike = (here.parent?.children ?? []).filter(
      (child): child is HtmlElement => child.kind === 'element' && child.name === name,
    );
    const tag = name.replace(/^(?:svg|math):/, '');
    steps.unshift(alike.length > 1 ? `${tag}:nth-of-type(${String(alike.indexOf(here) + 1)})` : tag);
  }
  return steps.join(' > ');
}
