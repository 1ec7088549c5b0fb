import { spawnSync } from 'node:child_process';
import { describe, expect, test } from '@jest/globals';
import { demoClients } from '#demo';
import { markupForms, writeMarkup, type MarkupForm } from '#core/markup';
import { effectiveRecord, recordSchema, type BusinessRecord } from '#core/record';
import { businessesIn, readSource } from '#core/reading';
import { plainItem, type PlainItem } from '#core/item';

/** A reader that is not ours: Debian's python3-extruct. */
const PYTHON = '/usr/bin/python3';
const reads = spawnSync(PYTHON, ['-c', 'import extruct']).status === 0;
const READER = `
import json, sys, warnings
warnings.filterwarnings("ignore")
import logging
logging.disable(logging.CRITICAL)
import extruct
pages = json.load(sys.stdin)
json.dump([extruct.extract(page, base_url="https://base.example/", syntaxes=[syntax], uniform=False) for page, syntax in pages], sys.stdout)
`;

const SYNTAX: Readonly<Record<MarkupForm, string>> = {
  jsonld: 'json-ld',
  graph: 'json-ld',
  microdata: 'microdata',
  rdfa: 'rdfa',
};

const records: readonly (readonly [string, BusinessRecord])[] = demoClients.flatMap(
  ({ branches, defaults }) =>
    branches.map(
      ({ label, record }) =>
        [label, effectiveRecord(recordSchema.parse(record), recordSchema.parse(defaults))] as const,
    ),
);

type Json = string | number | boolean | null | readonly Json[] | { readonly [name: string]: Json };

const isObject = (value: Json | undefined): value is { readonly [name: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const bare = (term: string): string => term.replace(/^https?:\/\/schema\.org\//, '');
const isList = (value: Json | undefined): value is readonly Json[] => Array.isArray(value);
const list = (value: Json | undefined): readonly Json[] =>
  isList(value) ? value : value === undefined ? [] : [value];

/** Every text an item says, with the way to it, whatever shape a reader gives it. Order and nesting of lists do not count. */
function said(value: Json, path: string, nodes: ReadonlyMap<string, Json>, depth = 0): string[] {
  if (depth > 12) return [];
  if (isList(value)) return value.flatMap((one) => said(one, path, nodes, depth));
  if (!isObject(value)) return [`${path}: ${bare(String(value)).trim()}`];
  if ('@value' in value) return said(value['@value'] ?? '', path, nodes, depth);
  const id = value['@id'] ?? value['id'];
  const node = typeof id === 'string' && Object.keys(value).length === 1 ? nodes.get(id) : undefined;
  if (node) return said(node, path, nodes, depth + 1);
  if (typeof id === 'string' && Object.keys(value).length === 1) return [`${path}: ${bare(id)}`];
  const properties = isObject(value['properties']) ? value['properties'] : value;
  return Object.entries(properties).flatMap(([name, inner]) =>
    /^(@|type$|id$)/.test(name) && properties === value
      ? []
      : said(inner, `${path}/${bare(name)}`, nodes, depth + 1),
  );
}

/** The texts of our own reading, in the same shape. */
function ours(item: PlainItem, path = ''): string[] {
  return Object.entries(item.properties).flatMap(([name, values]) =>
    values.flatMap((value) =>
      typeof value === 'object' && value !== null
        ? ours(value, `${path}/${name}`)
        : [`${path}/${name}: ${bare(String(value)).trim()}`],
    ),
  );
}

const named = (texts: readonly string[]): string[] =>
  [...new Set(texts.map((text) => text.replace(/\s+/g, ' ')))].sort();

(reads ? describe : describe.skip)(
  'a reader that is not ours (python3-extruct; skipped where it is missing)',
  () => {
    const cases = records.flatMap(([label, record]) =>
      markupForms.map((form) => ({
        label,
        form,
        source: `<!doctype html><html><body>${writeMarkup(record, form).text}</body></html>`,
      })),
    );
    const { stdout, stderr, status } = reads
      ? spawnSync(PYTHON, ['-c', READER], {
          input: JSON.stringify(cases.map(({ source, form }) => [source, SYNTAX[form]])),
          encoding: 'utf8',
          maxBuffer: 64 * 1024 * 1024,
        })
      : { stdout: '[]', stderr: '', status: 0 };

    test('runs', () => expect([status, stderr]).toEqual([0, '']));

    test.each(cases.map(({ label, form, source }, at) => [label, form, source, at] as const))(
      'agrees on %s as %s',
      (_, form, source, at) => {
        const answer =
          (JSON.parse(stdout) as { readonly [syntax: string]: readonly Json[] }[])[at]?.[SYNTAX[form]] ?? [];
        const all = answer.flatMap((one): readonly Json[] =>
          isObject(one) && one['@graph'] !== undefined ? list(one['@graph']) : [one],
        );
        const nodes = new Map(
          all.flatMap((one): [string, Json][] =>
            isObject(one) && typeof one['@id'] === 'string' ? [[one['@id'], one]] : [],
          ),
        );
        const types = (one: Json): readonly string[] =>
          isObject(one)
            ? list(one['@type'] ?? one['type']).flatMap((type) =>
                typeof type === 'string' ? type.split(' ') : [],
              )
            : [];
        const theirs = all.find((one) =>
          types(one).some((type) => /LocalBusiness|Optician|VeterinaryCare/.test(type)),
        );
        const [business] = businessesIn(
          readSource(source, form === 'microdata' || form === 'rdfa' ? 'https://base.example/' : '').items,
        );
        if (!business || theirs === undefined) throw new Error('one of the readers found no business');
        expect(named(said(theirs, '', nodes))).toEqual(named(ours(plainItem(business))));
      },
    );
  },
);
