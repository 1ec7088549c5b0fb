import { fault } from '#core/fault';
import type { Lines } from '#core/text';
import type { ReadItem, ReadProperty, ReadValue, Unsaid } from '#core/item';
import { nearestName, propertyNamed } from '#core/vocabulary';
import { isAlias, noTerms, propagated, termsUnder, type Term, type Terms } from './context.ts';
import {
  isOfOtherVocabulary,
  isOfProgram,
  judgeContext,
  missingContext,
  ofProgram,
  type ContextFault,
} from './contextFaults.ts';
import { member, objectsIn, texts, type JsonMember, type JsonNode, type JsonObject } from './jsonNode.ts';

export interface JsonLdReading {
  readonly items: readonly ReadItem[];
  readonly faults: readonly ContextFault[];
}

/** Keywords that say nothing of a node by themselves (JSON-LD 1.1, 1.7). */
const KEYWORDS = new Set([
  '@context',
  '@type',
  '@id',
  '@graph',
  '@value',
  '@language',
  '@direction',
  '@list',
  '@set',
  '@index',
  '@version',
  '@vocab',
  '@base',
  '@included',
]);

/** All keywords that may stand in a node. */
const KNOWN = new Set([
  ...KEYWORDS,
  '@reverse',
  '@nest',
  '@none',
  '@json',
  '@import',
  '@propagate',
  '@protected',
]);

/**
 * The items in JSON-LD values (JSON-LD 1.1): at the top, in arrays, `@graph` and `@included`; nested ones are values
 * of their properties, and nodes of `@reverse` stand by themselves with the property that leads back. Names of
 * schema.org are read whatever prefix they carry. `base` is what relative `@id`s are read against; '' for nothing.
 */
export function readJsonLd(values: readonly JsonNode[], lines: Lines, base = ''): JsonLdReading {
  const reader = new NodeReader(lines);
  for (const value of values) reader.top(value, false, noTerms(base));
  return { items: reader.items, faults: reader.faults };
}

/** The last member of a node that goes by a name, whatever it is called there. */
const named = (node: JsonObject, name: string, terms: Terms): JsonMember | undefined =>
  node.members.findLast((one) => terms.nameOf(one.name) === name);

/**
 * What all members of a node, and of what is nested in it, say that go by a name: a keyword may stand there under several
 * (JSON-LD 1.1 API, 5.1.2).
 */
const textsNamed = (node: JsonObject, name: string, terms: Terms): string[] =>
  node.members.flatMap((one) => {
    const called = terms.nameOf(one.name);
    if (called === '@nest') return objectsIn(one.value).flatMap((nested) => textsNamed(nested, name, terms));
    return called === name && one === member(node, one.name) ? texts(one.value) : [];
  });

class NodeReader {
  readonly items: ReadItem[] = [];
  readonly faults: ContextFault[] = [];
  readonly #lines: Lines;
  #meaningless = false;

  constructor(lines: Lines) {
    this.#lines = lines;
  }

  top(node: JsonNode, hasContext: boolean, around: Terms): void {
    if (node.kind === 'array') for (const element of node.elements) this.top(element, hasContext, around);
    if (node.kind !== 'object') return;
    const context = member(node, '@context');
    if (context && isOfOtherVocabulary(node, context.value)) return;
    if (context) this.faults.push(...judgeContext(context));
    else if (!hasContext && isOfProgram(node)) {
      this.faults.push(ofProgram(node));
      return;
    } else if (!hasContext) this.faults.push(missingContext(node));
    const terms = context ? termsUnder(around, context.value) : around;
    const graph = named(node, '@graph', terms);
    if (graph) this.top(graph.value, true, terms);
    const isItem = node.members.some(({ name }) => !KEYWORDS.has(terms.nameOf(name)));
    const included = named(node, '@included', terms);
    if (isItem || !(graph ?? included)) this.items.push(this.#item(node, around));
    else if (included) this.top(included.value, true, terms);
  }

  /** `more` are properties that lead from the node elsewhere. */
  #item(node: JsonObject, outside: Terms, more: readonly ReadProperty[] = []): ReadItem {
    // What only refers is no node of its own (JSON-LD 1.1 API, 5.1.2, 7).
    const refers = node.members.length === 1 && member(node, '@id') !== undefined;
    const around = refers ? outside : propagated(outside);
    const context = member(node, '@context');
    const terms = scopedByType(node, context ? termsUnder(around, context.value) : around);
    const properties: ReadProperty[] = [];
    const unsaid: Unsaid[] = [];
    const reversed: { readonly name: string; readonly one: JsonMember; readonly inner: Terms }[] = [];
    const read = (from: JsonObject): void => {
      for (const one of from.members) {
        const name = terms.nameOf(one.name);
        if (name === '@nest') for (const nested of objectsIn(one.value)) read(nested);
        if (name === '@included') this.top(one.value, true, terms);
        if (name === '@reverse')
          for (const back of objectsIn(one.value).flatMap(({ members }) => members))
            reversed.push({ name: terms.nameOf(back.name), one: back, inner: terms });
        const term = terms.termOf(one.name);
        if (name === '') this.#tellMeaningless(one, terms, context);
        if (isAlias(term) && !member(from, name)) this.#tellAlias(one, name);
        if (name.startsWith('@') && !KNOWN.has(name)) this.#tellUnknownKeyword(one);
        if (name === '' || name.startsWith('@')) continue;
        const inner = term?.context ? termsUnder(propagated(terms), term.context) : terms;
        if (term?.reverse) {
          reversed.push({ name, one, inner });
          continue;
        }
        const [place, namePlace] = [
          this.#lines.place(one.nameStart, one.value.end),
          this.#lines.place(one.nameStart, one.nameEnd),
        ];
        const found = this.#values(one.value, inner, term);
        const values = term?.containers.includes('@list') ? found.map(listed) : found;
        if (values.length === 0) unsaid.push({ name, place });
        for (const value of values) properties.push({ name, value, namePlace, place });
      }
    };
    read(node);
    properties.push(...more);
    const typed = named(node, '@type', terms)?.value;
    const type = typed ?? { start: node.start, end: node.start + 1 };
    const [id] = textsNamed(node, '@id', terms);
    const item: ReadItem = {
      syntax: 'jsonld',
      types: textsNamed(node, '@type', terms).map(terms.typeOf),
      id: id === undefined ? null : terms.idOf(id),
      properties,
      ...(unsaid.length > 0 ? { unsaid } : {}),
      place: this.#lines.place(node.start, node.end),
      typePlace: this.#lines.place(type.start, type.end),
    };
    for (const { name, one, inner } of reversed) this.#leadBack(item, name, one, inner);
    return item;
  }

  /** The nodes that have an item as their property, each an item by itself (JSON-LD 1.1, 4.8). */
  #leadBack(item: ReadItem, name: string, { value, nameStart, nameEnd }: JsonMember, terms: Terms): void {
    for (const node of objectsIn(value)) {
      const back: ReadProperty = {
        name,
        value: { kind: 'item', item },
        namePlace: this.#lines.place(nameStart, nameEnd),
        place: this.#lines.place(nameStart, value.end),
      };
      this.items.push(this.#item(node, terms, [back]));
    }
  }

  #values(node: JsonNode, terms: Terms, term?: Term): readonly ReadValue[] {
    if (node.kind === 'array')
      return node.elements.flatMap((element) => this.#values(element, terms, withoutMaps(term)));
    if (node.kind === 'scalar')
      return node.value === null
        ? []
        : [scalar(node.value, node, this.#lines, meantAs(node.value, terms, term))];
    const literal = named(node, '@value', terms)?.value;
    if (literal?.kind === 'scalar')
      return literal.value === null ? [] : [scalar(literal.value, literal, this.#lines, saidOf(node, terms))];
    const list = named(node, '@list', terms);
    if (list) return this.#values(list.value, terms, term).map(listed);
    const set = named(node, '@set', terms);
    if (set) return this.#values(set.value, terms, withoutMaps(term));
    // What is kept by language, index, address or type is a map of values (JSON-LD 1.1, 4.6, 4.9).
    const map = term?.containers.find((one) => MAPS.has(one));
    if (term && map)
      return node.members.flatMap((one) => {
        const meant = {
          ...term,
          ...PLAIN_MAP,
          ...(map === '@language' ? { language: languageOf(one) } : {}),
        };
        const found = this.#values(one.value, terms, meant);
        return terms.nameOf(one.name) === '@none'
          ? found
          : found.map((value) => keyed(value, map, one.name, terms));
      });
    return [{ kind: 'item', item: this.#item(node, terms) }];
  }

  #tellAlias({ name, nameStart, nameEnd }: JsonMember, keyword: string): void {
    this.faults.push({
      ...fault(
        'syntax/keyword-alias',
        `“${name}” is understood as ${keyword} only by machines that fetch schema.org’s own context. Write "${keyword}".`,
      ),
      start: nameStart,
      end: nameEnd,
      edits: [{ start: nameStart, end: nameEnd, text: `"${keyword}"` }],
    });
  }

  #tellUnknownKeyword({ name, nameStart, nameEnd }: JsonMember): void {
    // The one that was meant for a context that is missing is told as that.
    if (this.faults.some(({ code, start }) => code === 'syntax/missing-context' && start === nameStart))
      return;
    const bare = name.slice(1);
    const meant =
      [...KNOWN].find((one) => one.toLowerCase() === name.toLowerCase()) ??
      (propertyNamed(bare) ? bare : nearestName(name, [...KNOWN]));
    this.faults.push({
      ...fault(
        'syntax/unknown-keyword',
        `“${name}” is no keyword of JSON-LD, so a machine passes over it and what it holds.${meant ? ` Did you mean "${meant}"?` : ''}`,
      ),
      start: nameStart,
      end: nameEnd,
      edits: meant ? [{ start: nameStart, end: nameEnd, text: `"${meant}"` }] : null,
      guess: meant?.toLowerCase() !== name.toLowerCase(),
    });
  }

  /** A name of schema.org that no context gives a meaning to is passed over by machines: told once. */
  #tellMeaningless(one: JsonMember, terms: Terms, context: JsonMember | undefined): void {
    if (this.#meaningless || terms.termOf(one.name) || !propertyNamed(one.name)) return;
    this.#meaningless = true;
    const object = context?.value.kind === 'object' ? context.value : undefined;
    this.faults.push({
      ...fault(
        'syntax/no-vocabulary',
        `“${one.name}” means nothing here: the @context names schema.org for a prefix only, and says nothing of bare names. Give it "@vocab": "https://schema.org/".`,
      ),
      start: one.nameStart,
      end: one.nameEnd,
      edits: object
        ? [{ start: object.start + 1, end: object.start + 1, text: '"@vocab": "https://schema.org/", ' }]
        : null,
      guess: true,
    });
  }
}

const listed = (value: ReadValue): ReadValue => ({ ...value, inList: true });

/** What a literal is besides its text. */
type Meant = Pick<Extract<ReadValue, { kind: 'text' }>, 'refers' | 'language' | 'datatype'>;

/** The language that a language map keeps values under; '' for the key that names none. */
const languageOf = ({ name }: JsonMember): string => (name === '@none' ? '' : name);

/** What the context makes of a bare value (JSON-LD 1.1 API, 5.3.2 Value Expansion). */
function meantAs(value: string | number | boolean, terms: Terms, term: Term | undefined): Meant {
  const type = term?.type ?? '';
  if (type === '@id') return typeof value === 'string' ? { refers: terms.idOf(value) } : NO_MORE;
  if (type === '@vocab') return typeof value === 'string' ? { refers: terms.addressOf(value) } : NO_MORE;
  if (type !== '' && !type.startsWith('@')) return { datatype: terms.typeOf(type) };
  const language = typeof value === 'string' && type === '' ? (term?.language ?? terms.language) : '';
  return language === '' ? NO_MORE : { language };
}

const NO_MORE: Meant = {};

/** What a value object says of its value. */
function saidOf(node: JsonObject, terms: Terms): Meant {
  const [language] = texts(named(node, '@language', terms)?.value);
  const [datatype] = texts(named(node, '@type', terms)?.value);
  return {
    ...(language ? { language } : {}),
    ...(datatype && !datatype.startsWith('@') ? { datatype: terms.typeOf(datatype) } : {}),
  };
}

/** A value with what the key says that a map keeps it under: a node's name or type (JSON-LD 1.1, 4.6.3, 4.6.4). */
function keyed(value: ReadValue, map: string, key: string, terms: Terms): ReadValue {
  if (value.kind !== 'item') return value;
  const { item } = value;
  if (map === '@id') return { ...value, item: { ...item, id: item.id ?? terms.idOf(key) } };
  return map === '@type' ? { ...value, item: { ...item, types: [terms.typeOf(key), ...item.types] } } : value;
}

/** In a list, and under the keys of a map, objects are nodes. */
const PLAIN_MAP = { containers: [] } as const;
const withoutMaps = (term: Term | undefined): Term | undefined => term && { ...term, ...PLAIN_MAP };

const MAPS = new Set(['@language', '@index', '@id', '@type', '@graph']);

/** The contexts that the definitions of a node's types carry (JSON-LD 1.1, 4.1.7), in the order of their names. */
function scopedByType(node: JsonObject, terms: Terms): Terms {
  const scoped = textsNamed(node, '@type', terms)
    .sort()
    .flatMap((type) => terms.termOf(type)?.context ?? []);
  return scoped.reduce((under, context) => termsUnder(under, context, false), terms);
}

const scalar = (
  value: string | number | boolean,
  { literal, start, end }: { literal?: string; start: number; end: number },
  lines: Lines,
  meant: Meant,
): ReadValue => ({
  kind: 'text',
  text: literal ?? String(value),
  json: value,
  place: lines.place(start, end),
  holder: 'json',
  ...meant,
});
