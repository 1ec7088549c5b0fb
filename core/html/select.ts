import { selectAll, type Options } from 'css-select';
import { isWritten, textContent, type HtmlDocument, type HtmlElement, type HtmlNode } from './document.ts';

/** A selector longer than this is no selector, UTF-16 code units. */
const LONGEST = 400;

export type Selection =
  | { readonly ok: true; readonly elements: readonly HtmlElement[] }
  | { readonly ok: false; readonly message: string };

/**
 * The elements of a page that a CSS selector chooses (Selectors Level 4, as far as a page without a browser can
 * tell), in the order of the source. Elements that a browser made up, and those inside a template, are none.
 * What is no selector gives a message.
 */
export function selectElements({ root }: HtmlDocument, selector: string): Selection {
  const wanted = selector.trim();
  if (!wanted || wanted.length > LONGEST)
    return { ok: false, message: 'A CSS selector is asked for, such as #footer or main > p.address.' };
  try {
    const found = selectAll<HtmlNode, HtmlElement>(wanted, [...root.children], options);
    return { ok: true, elements: found.filter((element) => isWritten(element) && !element.inert) };
  } catch (error) {
    return { ok: false, message: `“${wanted}” is no CSS selector: ${reasonOf(error)}` };
  }
}

const reasonOf = (error: unknown): string => (error instanceof Error ? error.message : 'it cannot be read.');

const childrenOf = (node: HtmlNode): HtmlNode[] => (node.kind === 'element' ? [...node.children] : []);
/** The root is no element of the page. */
const parentOf = (node: HtmlElement): HtmlElement | null => (node.parent?.name ? node.parent : null);

const options: Options<HtmlNode, HtmlElement> = {
  adapter: {
    isTag: (node): node is HtmlElement => node.kind === 'element' && node.name !== '',
    getName: ({ name }) => name.replace(/^(?:svg|math):/, ''),
    getAttributeValue: ({ attributes }, name) => attributes[name],
    hasAttrib: ({ attributes }, name) => name in attributes,
    getChildren: childrenOf,
    getParent: parentOf,
    getSiblings: (node) => (node.kind === 'element' ? [...(node.parent?.children ?? [node])] : [node]),
    getText: (node) => (node.kind === 'text' ? node.text : textContent(node)),
    removeSubsets: (nodes) => [...new Set(nodes)],
  },
  cacheResults: false,
};
