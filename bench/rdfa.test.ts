/** Our reader of RDFa beside another that follows RDFa Core 1.1 with HTML+RDFa 1.1: Debian's python3-pyrdfa. */
import { spawnSync } from 'node:child_process';
import { expect, test } from '@jest/globals';
import { schemaName } from '#core/item';
import { readSource } from '#core/reading';
import { rdfaPages } from './rdfaPages.ts';
import { saidOf, type Said } from './said.ts';

const BASE = 'https://base.example/page';
const PYTHON = '/usr/bin/python3';
const hasPyRdfa = spawnSync(PYTHON, ['-c', 'import pyRdfa']).status === 0;
const PYRDFA = `
import json, sys, io, warnings, logging
warnings.filterwarnings("ignore")
logging.disable(logging.CRITICAL)
from pyRdfa import pyRdfa
from pyRdfa.options import Options
from rdflib import Graph, URIRef, BNode
def read(page):
    options = Options(output_default_graph=True, output_processor_graph=False, vocab_expansion=False, embedded_rdf=False)
    processor = pyRdfa(options, "${BASE}", media_type="text/html")
    graph = processor.graph_from_source(io.BytesIO(page.encode("utf-8")), Graph())
    name = lambda term: "_:" + str(term) if isinstance(term, BNode) else str(term)
    return [[name(s), name(p), name(o)] for s, p, o in graph]
json.dump([read(page) for page in json.load(sys.stdin)], sys.stdout)
`;

/** Where the other departs from the standard, or says what no item is: why. */
const DIFFERS: Readonly<Record<string, string>> = {
  'a safe compact address of no prefix':
    'RDFa Core 1.1, 7.4.2: it is ignored, so that the text is the value; the other ignores the property.',
};

const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';
const PASSED_OVER = 'http://www.w3.org/ns/rdfa#usesVocabulary';
type Triple = readonly [string, string, string];

/** What triples say of typed resources and what these lead to. Lists are their elements. */
function theirs(triples: readonly Triple[]): Said {
  const of = new Map<string, Triple[]>();
  for (const one of triples) if (one[1] !== PASSED_OVER) of.set(one[0], [...(of.get(one[0]) ?? []), one]);
  const elements = (list: string): readonly string[] =>
    list === `${RDF}nil`
      ? []
      : (of.get(list) ?? []).flatMap(([, name, value]) =>
          name === `${RDF}first` ? [value] : name === `${RDF}rest` ? elements(value) : [],
        );
  const isList = (node: string): boolean => (of.get(node) ?? []).some(([, name]) => name === `${RDF}first`);
  const lines = new Set<string>();
  const held = new Set<string>();
  const seen = new Set<string>();
  const value = (node: string): string => {
    if (!of.has(node))
      return schemaName(node.startsWith('_:') ? '[]' : node)
        .replace(/\s+/g, ' ')
        .trim();
    held.add(node);
    return subject(node);
  };
  const subject = (node: string): string => {
    const own = (): string[] =>
      (of.get(node) ?? []).flatMap(([, name, object]) => {
        if (name === `${RDF}type`) return [`type ${schemaName(object)}`];
        return (isList(object) ? elements(object) : [object]).map(
          (one) => `${schemaName(name)} ${value(one)}`,
        );
      });
    if (node.startsWith('_:')) return `[${[...new Set(own())].sort().join('; ')}]`;
    if (!seen.has(node)) {
      seen.add(node);
      for (const line of own()) lines.add(`${schemaName(node)} ${line}`);
    }
    return schemaName(node);
  };
  const typed = [...of.keys()].filter((node) =>
    (of.get(node) ?? []).some(([, name]) => name === `${RDF}type`),
  );
  const named = typed.map((node) => [node, subject(node)] as const);
  for (const [node, name] of named) if (node.startsWith('_:') && !held.has(node)) lines.add(name);
  return [...lines].filter((line) => line !== '[]').sort();
}

const ours = (source: string): Said => saidOf(readSource(source, BASE).items);

(hasPyRdfa ? test : test.skip)('RDFa is read as python3-pyrdfa does, or as the standard says', () => {
  const { stdout, stderr } = spawnSync(PYTHON, ['-c', PYRDFA], {
    input: JSON.stringify(rdfaPages.map(([, source]) => source)),
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  expect(stderr).toBe('');
  const all = JSON.parse(stdout) as readonly (readonly Triple[])[];
  const differing = rdfaPages.flatMap(([name, source], at) => {
    const other = theirs(all[at] ?? []);
    const differs = JSON.stringify(other) !== JSON.stringify(ours(source));
    return differs === name in DIFFERS ? [] : [[name, other, ours(source)]];
  });
  expect(differing).toEqual([]);
});
