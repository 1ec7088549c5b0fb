/** Our reader of JSON-LD beside two others that follow the standard's own algorithm: jsonld and Debian's python3-pyld. */
import { spawnSync } from 'node:child_process';
import { describe, expect, test } from '@jest/globals';
import jsonld from 'jsonld';
import { schemaName } from '#core/item';
import { readSource } from '#core/reading';
import { jsonLdDocuments } from './jsonLdDocuments.ts';
import { saidOf, type Said } from './said.ts';

const BASE = 'https://base.example/page';
/** What schema.org's own context says, as far as it concerns names. */
const CONTEXT = {
  '@context': { '@vocab': 'http://schema.org/', schema: 'http://schema.org/', type: '@type', id: '@id' },
};
const PYTHON = '/usr/bin/python3';
const hasPyld = spawnSync(PYTHON, ['-c', 'import pyld']).status === 0;
const PYLD = `
import json, sys
from pyld import jsonld
documents, context = json.load(sys.stdin)
jsonld.set_document_loader(lambda url, options={}: {"contextUrl": None, "documentUrl": url, "contentType": "application/ld+json", "document": context})
def flat(document):
    try:
        return jsonld.flatten(document, None, {"base": "${BASE}"})
    except Exception as error:
        return str(error)
json.dump([flat(document) for document in documents], sys.stdout)
`;

type Json = string | number | boolean | null | readonly Json[] | { readonly [name: string]: Json };
type Node = Readonly<Record<string, Json>>;
const isNode = (value: Json | undefined): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A value as text; '' for what is none. */
const plain = (value: Json | undefined): string =>
  typeof value === 'object' || value === undefined ? '' : String(value);

function theirs(flattened: Json): Said {
  const nodes = (Array.isArray(flattened) ? (flattened as readonly Json[]) : []).filter(isNode);
  const byId = new Map(nodes.map((node) => [plain(node['@id']), node]));
  const lines = new Set<string>();
  const values = (value: Json | undefined): readonly Json[] =>
    Array.isArray(value) ? (value as readonly Json[]) : value === undefined ? [] : [value];
  const text = (value: Json, depth: number): readonly string[] => {
    if (!isNode(value)) return [plain(value)];
    if ('@list' in value) return values(value['@list']).flatMap((one) => text(one, depth));
    if ('@value' in value) return [plain(value['@value'])];
    const node = byId.get(plain(value['@id']));
    return [node ? subject(node, depth) : plain(value['@id'])];
  };
  const held = new Set<string>();
  const subject = (node: Node, depth: number): string => {
    const id = schemaName(plain(node['@id']));
    if (!id.startsWith('_:')) return id;
    return `[${own(node, depth).join('; ')}]`;
  };
  const own = (node: Node, depth: number): string[] =>
    [
      ...new Set(
        Object.entries(node).flatMap(([name, all]) => {
          if (name === '@type') return values(all).map((type) => `type ${schemaName(plain(type))}`);
          if (name.startsWith('@')) return [];
          return values(all).flatMap((one) => {
            if (isNode(one) && typeof one['@id'] === 'string') held.add(one['@id']);
            return (depth > 6 ? [''] : text(one, depth + 1)).map((said) => `${schemaName(name)} ${said}`);
          });
        }),
      ),
    ].sort();
  const all = nodes.map((node) => [schemaName(plain(node['@id'])), own(node, 0)] as const);
  for (const [id, said] of all)
    if (!id.startsWith('_:')) for (const line of said) lines.add(`${id} ${line}`);
    else if (!held.has(id)) lines.add(`[${said.join('; ')}]`);
  return [...lines].filter((line) => line !== '[]').sort();
}

const read = (document: Json): Said => saidOf(readSource(JSON.stringify(document), BASE).items);

const flattened = await Promise.all(
  jsonLdDocuments.map(async (document) =>
    theirs(
      JSON.parse(
        JSON.stringify(
          await jsonld.flatten(structuredClone(document) as jsonld.JsonLdDocument, undefined, {
            base: BASE,
            documentLoader: (url: string) =>
              Promise.resolve({ contextUrl: undefined, documentUrl: url, document: CONTEXT }),
          }),
        ),
      ) as Json,
    ),
  ),
);

describe('JSON-LD is read', () => {
  test('in at least 120 documents', () => {
    expect(jsonLdDocuments.length).toBeGreaterThanOrEqual(120);
  });

  test.each(jsonLdDocuments.map((document, at) => [at, JSON.stringify(document), document] as const))(
    'as the algorithm does: %d %s',
    (at, _, document) => {
      expect(read(document)).toEqual(flattened[at]);
      expect(read(document).length).toBe(flattened[at]?.length);
    },
  );

  (hasPyld ? test : test.skip)('as python3-pyld does', () => {
    const { stdout, stderr } = spawnSync(PYTHON, ['-c', PYLD], {
      input: JSON.stringify([jsonLdDocuments, CONTEXT]),
      encoding: 'utf8',
      maxBuffer: 1e8,
    });
    expect(stderr).toBe('');
    const all = JSON.parse(stdout) as readonly Json[];
    expect(all).toHaveLength(jsonLdDocuments.length);
    const differing = jsonLdDocuments.flatMap((document, at) => {
      const other = typeof all[at] === 'string' ? [all[at]] : theirs(all[at] ?? []);
      return JSON.stringify(other) === JSON.stringify(read(document))
        ? []
        : [[JSON.stringify(document), other, read(document)]];
    });
    expect(differing).toEqual([]);
  });
});
