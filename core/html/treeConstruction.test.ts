import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { readDocument, type HtmlElement } from './index.ts';

/** Where Debian's golang-golang-x-net-dev has the tree-construction tests of html5lib. */
const FOLDER = '/usr/share/gocode/src/golang.org/x/net/html/testdata/webkit';

interface Case {
  readonly file: string;
  readonly data: string;
  readonly tree: string;
}

/** The cases of a file that read whole pages with scripts on, as we do. */
function casesOf(file: string): readonly Case[] {
  return readFileSync(join(FOLDER, file), 'utf8')
    .split(/(?:^|\n\n)(?=#data\n)/)
    .flatMap((written) => {
      const [, data, rest = ''] = /^#data\n([\s\S]*?)\n#errors\n([\s\S]*)$/.exec(written) ?? [];
      const [, head = '', tree] = /^([\s\S]*?)#document\n([\s\S]*)$/.exec(rest) ?? [];
      if (data === undefined || tree === undefined) return [];
      return /#document-fragment|#script-off/.test(head) ? [] : [{ file, data, tree }];
    });
}

/** A line of a tree: how deep it stands, and what it says. */
interface Line {
  readonly depth: number;
  readonly what: string;
}

/** Attributes in the order of their names, and texts that only a comment parts as one. */
function inOrder(lines: readonly Line[]): readonly string[] {
  const ordered: string[] = [];
  let attributes: string[] = [];
  let text: Line | undefined;
  const flush = (): void => {
    ordered.push(...attributes.sort());
    attributes = [];
    if (text) ordered.push(`${String(text.depth)} ${text.what}`);
    text = undefined;
  };
  for (const { depth, what } of lines) {
    if (what.startsWith('"')) {
      if (text?.depth === depth) text = { depth, what: `${text.what.slice(0, -1)}${what.slice(1)}` };
      else {
        flush();
        text = { depth, what };
      }
    } else if (what.startsWith('<')) {
      flush();
      ordered.push(`${String(depth)} ${what.toLowerCase()}`);
    } else {
      const [, name = '', value = ''] = /^([^=]*)=("[\s\S]*")$/.exec(what) ?? [];
      attributes.push(`${String(depth)} ${name.toLowerCase().replace(' ', ':')}=${value}`);
    }
  }
  flush();
  return ordered;
}

/** The tree of a case without comments, document types and the content nodes of templates. */
function expectedTree(tree: string): readonly string[] {
  // A line that does not begin with a bar goes on with the text above it.
  const entries: string[] = [];
  for (const line of tree.replace(/\n+$/, '').split('\n'))
    if (/^\| /.test(line)) entries.push(line);
    else entries.push(`${entries.pop() ?? ''}\n${line}`);
  const lines: Line[] = [];
  const contents: number[] = [];
  for (const entry of entries) {
    const [, indent = '', what = ''] = /^\| ( *)([\s\S]*)$/.exec(entry) ?? [];
    const depth = indent.length / 2;
    while ((contents.at(-1) ?? -1) >= depth) contents.pop();
    if (what === 'content') contents.push(depth);
    else if (!what.startsWith('<!')) lines.push({ depth: depth - contents.length, what });
  }
  return inOrder(lines);
}

const linesOf = (node: HtmlElement, depth: number): readonly Line[] =>
  node.children.flatMap((child): readonly Line[] => {
    if (child.kind === 'text') return [{ depth, what: `"${child.text}"` }];
    const name = child.name.replace(/^(svg|math):/, '$1 ').replace(/^(svg|math)$/, '$1 $1');
    const attributes = Object.entries(child.attributes).map(([key, value]) => ({
      depth: depth + 1,
      what: `${key}="${value}"`,
    }));
    return [{ depth, what: `<${name}>` }, ...attributes, ...linesOf(child, depth + 1)];
  });

const ourTree = (source: string): readonly string[] => inOrder(linesOf(readDocument(source).root, 0));

/**
 * What Debian's files of 2022 say of a select is no longer so: since 2025 it may hold nearly everything (13.2.6.4.7;
 * the mode "in select" is gone). Chromium 156 reads each of these as we do.
 */
const SELECTS: readonly string[] = [
  '<!DOCTYPE html><select><menuitem></select>',
  '<select><b><option><select><option></b></select>X',
  '<select><b><option><select><option></b></select>',
  '<!DOCTYPE html><body><select><svg></svg></select>',
  '<!DOCTYPE html><body><select><option><svg></svg></option></select>',
  '<!DOCTYPE html><body><table><tr><td><select><svg><g>foo</g><g>bar</g><p>baz</table><p>quux',
  '<!DOCTYPE html><body><table><select><svg><g>foo</g><g>bar</g><p>baz</table><p>quux',
  '<!doctype html><select><plaintext></plaintext>X',
  '<!doctype html><table><select><plaintext>a<caption>b',
  '<select><keygen>',
  '<!DOCTYPE html><body><select><math></math></select>',
  '<!DOCTYPE html><body><select><option><math></math></option></select>',
  '<!DOCTYPE html><body><table><tr><td><select><math><mi>foo</mi><mi>bar</mi><p>baz</table><p>quux',
  '<!DOCTYPE html><body><table><select><math><mi>foo</mi><mi>bar</mi><p>baz</table><p>quux',
];

const cases = existsSync(FOLDER)
  ? readdirSync(FOLDER)
      .filter((name) => name.endsWith('.dat'))
      .flatMap(casesOf)
  : [];

describe('the tree-construction tests of html5lib', () => {
  test('are there', () => expect(cases.length).toBeGreaterThan(1300));

  test('read as they say, but for what a select may hold today', () => {
    const wrong = cases.filter(
      ({ data, tree }) => ourTree(data).join('\n') !== expectedTree(tree).join('\n'),
    );
    expect(wrong.map(({ data }) => data)).toEqual(SELECTS);
  });
});
