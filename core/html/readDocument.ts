import { inBody } from './bodyRules.ts';
import type { HtmlDocument } from './document.ts';
import { foreign } from './foreignRules.ts';
import { pageRules } from './pageRules.ts';
import { tableRules } from './tableRules.ts';
import { TreeBuilder } from './treeBuilder.ts';

const rules = { ...pageRules, ...tableRules, inBody, foreign };

/**
 * Reads HTML of any quality into the tree a browser would make of it (HTML Living Standard, 13.2, scripting
 * on: the content of `noscript` is text). Character references are decoded. Never fails. A part of a table that
 * was copied out of its page is read as in a table (13.4, the fragment algorithm with that context).
 */
export function readDocument(source: string, context: 'page' | 'table' = 'page'): HtmlDocument {
  const builder = new TreeBuilder(source, rules);
  if (context === 'table') builder.beginInTable();
  builder.run();
  const { root, elements, marked, comments } = builder;
  return { root, elements, marked, source, comments };
}
