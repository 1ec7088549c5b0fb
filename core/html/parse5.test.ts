import { describe, expect, test } from '@jest/globals';
import { parse, type DefaultTreeAdapterTypes } from 'parse5';
import { isWritten, readDocument, type HtmlElement } from './index.ts';
import { htmlSources } from '../../bench/htmlSources.ts';
import { mutated, seeded } from '../../bench/mutation.ts';

type Parent = DefaultTreeAdapterTypes.ParentNode;

/** A tree in one line, texts that touch as one. */
function ourTree(node: HtmlElement): string {
  let [tree, text] = ['', ''];
  for (const child of node.children) {
    if (child.kind === 'text') text += child.text;
    else {
      const attributes = Object.entries(child.attributes).map(attribute).sort().join('');
      tree += `${quoted(text)}<${child.name}${attributes}>${ourTree(child)}</>`;
      text = '';
    }
  }
  return tree + quoted(text);
}

function theirTree(node: Parent): string {
  let [tree, text] = ['', ''];
  const { childNodes } = 'content' in node ? node.content : node;
  for (const child of childNodes) {
    if (child.nodeName === '#text' && 'value' in child) text += child.value;
    if (!('tagName' in child)) continue;
    const space = child.namespaceURI.endsWith('svg')
      ? 'svg'
      : child.namespaceURI.endsWith('MathML')
        ? 'math'
        : '';
    const name = space && child.tagName !== space ? `${space}:${child.tagName}` : child.tagName;
    const attributes = child.attrs
      .map(({ name: one, value }) => attribute([one, value]))
      .sort()
      .join('');
    tree += `${quoted(text)}<${name.toLowerCase()}${attributes}>${theirTree(child)}</>`;
    text = '';
  }
  return tree + quoted(text);
}

/** Copies that misnesting makes of an element have its place here, and none there. */
const once = (places: readonly string[]): readonly string[] => [...new Set(places)].sort();

/** The place of every start tag that was written, in the order of the tree. */
const ourPlaces = (node: HtmlElement): readonly string[] =>
  node.children.flatMap((child) => {
    if (child.kind === 'text') return [];
    const own = isWritten(child) ? [`${String(child.start)}-${String(child.contentStart)}`] : [];
    return [...own, ...ourPlaces(child)];
  });

const theirPlaces = (node: Parent): readonly string[] =>
  ('content' in node ? node.content : node).childNodes.flatMap((child) => {
    if (!('tagName' in child)) return [];
    const at = child.sourceCodeLocation?.startTag;
    const own = at ? [`${String(at.startOffset)}-${String(at.endOffset)}`] : [];
    return [...own, ...theirPlaces(child)];
  });

/**
 * Where parse5 8 departs from the standard: it reads no CDATA section in an SVG title (13.2.5.42 asks only for
 * the namespace of the current node), and a template does not end its "table scope" (13.2.4.2).
 */
const PARSE5_DIFFERS = /\[CDATA\[|<template/i;

const quoted = (text: string): string => (text ? JSON.stringify(text) : '');
const attribute = ([name, value]: readonly [string, string]): string =>
  ` ${name.toLowerCase()}=${JSON.stringify(value)}`;

function expectSameTree(source: string): void {
  const ours = ourTree(readDocument(source).root);
  const theirs = theirTree(parse(source));
  if (ours !== theirs) throw new Error(`${JSON.stringify(source)}\nours   ${ours}\ntheirs ${theirs}`);
  expect(ours).toBe(theirs);
}

describe('the tree of a page is the one an independent parser of the standard makes', () => {
  test.each(htmlSources.map((source) => [source.slice(0, 60), source]))('of %s', (_, source) =>
    expectSameTree(source),
  );

  test('and its start tags stand where that parser finds them', () => {
    const random = seeded(Number(process.env['FUZZ_SEED'] ?? 11));
    let tags = 0;
    for (let round = 0; round < 1000; round += 1) {
      const source = mutated(htmlSources, random);
      if (PARSE5_DIFFERS.test(source)) continue;
      const ours = once(ourPlaces(readDocument(source).root));
      expect({ source, places: ours }).toEqual({
        source,
        places: once(theirPlaces(parse(source, { sourceCodeLocationInfo: true }))),
      });
      tags += ours.length;
    }
    expect(tags).toBeGreaterThan(5000);
  });

  test('of pages mutated from these', () => {
    const random = seeded(Number(process.env['FUZZ_SEED'] ?? 7));
    const rounds = Number(process.env['FUZZ_ROUNDS'] ?? 3000);
    let compared = 0;
    for (let round = 0; round < rounds; round += 1) {
      const source = mutated(htmlSources, random);
      if (PARSE5_DIFFERS.test(source)) continue;
      expectSameTree(source);
      compared += 1;
    }
    expect(compared).toBeGreaterThan(rounds * 0.8);
  });
});
