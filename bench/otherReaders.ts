/** Readers that are not ours, and what they read in a form that can be compared. */
import { spawnSync } from 'node:child_process';
import { readSource } from '#core/reading';
import { plainItem, type PlainItem } from '#core/item';
import type { CorpusPage } from './corpus.ts';

/** Readers that are not ours: Debian's python3-extruct and libhtml-html5-microdata-parser-perl. */
export const PYTHON = '/usr/bin/python3';
const BASE = 'https://base.example/';
export const hasExtruct = spawnSync(PYTHON, ['-c', 'import extruct']).status === 0;
export const hasPerl = spawnSync('perl', ['-MHTML::HTML5::Microdata::Parser', '-e', '1']).status === 0;

export const EXTRUCT = `
import json, sys, warnings, logging
warnings.filterwarnings("ignore")
logging.disable(logging.CRITICAL)
import extruct
pages = json.load(sys.stdin)
json.dump([extruct.extract(page, base_url="${BASE}", syntaxes=[syntax], uniform=False, errors="ignore") for page, syntax in pages], sys.stdout)
`;
export const PERL = `
use strict; use warnings; use JSON::PP; use HTML::HTML5::Microdata::Parser;
my $pages = decode_json(join '', <STDIN>);
my @all;
for my $html (@$pages) {
  my @triples;
  my $all = eval { HTML::HTML5::Microdata::Parser->new($html, '${BASE}')->graph->get_statements(undef, undef, undef, undef) };
  if (!$all) { push @all, []; next; }
  while (my $one = $all->next) {
    push @triples, [map { $_->is_resource ? $_->uri : $_->is_blank ? '_:' . $_->blank_identifier : $_->literal_value } ($one->subject, $one->predicate, $one->object)];
  }
  push @all, \\@triples;
}
print encode_json(\\@all);
`;

export type Json = string | number | boolean | null | readonly Json[] | { readonly [name: string]: Json };
type Node = { readonly [name: string]: Json };

const isNode = (value: Json | undefined): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const bare = (term: string): string => term.replace(/^(?:https?:\/\/schema\.org\/|schema:)/, '');
const line = (path: string, value: unknown): string =>
  `${path}: ${bare(String(value)).replace(/\s+/g, ' ').trim()}`;
/** What an item says, each text with the way to it. Order, and empty texts, do not count. */
const sorted = (lines: readonly string[]): string[] =>
  [...new Set(lines.filter((one) => !one.endsWith(': ')))].sort();

function ours(item: PlainItem, path = ''): string[] {
  return Object.entries(item.properties).flatMap(([name, values]) =>
    values.flatMap((value) =>
      typeof value === 'object' && value !== null
        ? ours(value, `${path}/${name}`)
        : [line(`${path}/${name}`, value)],
    ),
  );
}

export const ourReading = ({ source, syntax }: Pick<CorpusPage, 'source' | 'syntax'>): string[] =>
  sorted(
    readSource(source, BASE)
      .items.filter((item) => item.syntax === syntax.replace('-', ''))
      .flatMap((item) => ours(plainItem(item))),
  );

/** JSON as extruct hands it out: properties under `properties`, values as objects, nodes by their ids. */
function theirs(value: Json, path: string, nodes: ReadonlyMap<string, Node>, depth = 0): string[] {
  if (depth > 10) return [];
  if (Array.isArray(value))
    return (value as readonly Json[]).flatMap((one) => theirs(one, path, nodes, depth));
  if (!isNode(value)) return [line(path, value)];
  if ('@value' in value) return [line(path, value['@value'])];
  const id = value['@id'];
  if (typeof id === 'string' && Object.keys(value).length === 1) {
    const node = nodes.get(id);
    return node ? theirs(node, path, nodes, depth + 1) : [line(path, id)];
  }
  const isItem = isNode(value['properties']) && 'type' in value;
  const properties = isItem && isNode(value['properties']) ? value['properties'] : value;
  return Object.entries(properties).flatMap(([name, inner]) =>
    name === '@graph'
      ? theirs(inner, path, nodes, depth + 1)
      : name.startsWith('@') || (isItem && /^(type|id)$/.test(name) && properties === value)
        ? []
        : theirs(inner, `${path}/${bare(name)}`, nodes, depth + 1),
  );
}

export function extructReading(answer: Json, syntax: string): string[] {
  const items = isNode(answer) ? (answer[syntax] ?? []) : [];
  const list = Array.isArray(items) ? (items as readonly Json[]) : [];
  const nodes = new Map(
    list
      .filter(isNode)
      .flatMap((node) => (typeof node['@id'] === 'string' ? [[node['@id'], node] as const] : [])),
  );
  const inner = new Set(JSON.stringify(list).match(/\{"@id":"[^"]*"\}/g) ?? []);
  return sorted(
    list
      .filter(
        (node) =>
          !isNode(node) ||
          syntax !== 'rdfa' ||
          ('@type' in node && !inner.has(`{"@id":${JSON.stringify(node['@id'] ?? '')}}`)),
      )
      .flatMap((node) => theirs(node, '', nodes)),
  );
}

export type Triple = readonly [string, string, string];
const RDF_TYPE = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#type';
const ITEM = 'http://www.w3.org/1999/xhtml/microdata#item';

export function perlReading(triples: readonly Triple[]): string[] {
  const of = (subject: string, path: string, depth: number): string[] =>
    triples
      .filter(([one, predicate]) => one === subject && predicate !== RDF_TYPE && predicate !== ITEM)
      .flatMap(([, predicate, object]) =>
        depth < 10 && triples.some(([one, type]) => one === object && type === RDF_TYPE)
          ? of(object, `${path}/${bare(predicate)}`, depth + 1)
          : [line(`${path}/${bare(predicate)}`, object)],
      );
  return sorted(
    triples.filter(([, predicate]) => predicate === ITEM).flatMap(([, , item]) => of(item, '', 0)),
  );
}

export function ask(command: string, words: readonly string[], input: unknown): Json[] {
  const { stdout, stderr, status } = spawnSync(command, [...words], {
    input: JSON.stringify(input),
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
  if (status !== 0) throw new Error(stderr);
  return JSON.parse(stdout) as Json[];
}
