import { fault, type Fault } from '#core/fault';
import type { Edit, Lines } from '#core/text';
import type { ReadItem, ReadProperty, ReadValue } from '#core/item';
import { nearestName, propertyNamed } from '#core/vocabulary';
import { isAlias, isSchemaOrg, noTerms, termsUnder, type Term, type Terms } from './context.ts';
import type { JsonMember, JsonNode } from './jsonNode.ts';

export interface JsonLdReading {
  readonly items: readonly ReadItem[];
  readonly faults: readonly (Fault & {
    readonly start: number;
    readonly end: number;
    readonly edits: readonly Edit[] | null;
    readonly guess?: boolean;
  })[];
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

type JsonObject = Extract<JsonNode, { kind: 'object' }>;

const member = (node: JsonObject, name: string): JsonMember | undefined =>
  node.members.findLast((one) => one.name === name);

/** The last member of a node that goes by a name, whatever it is called there. */
const named = (node: JsonObject, name: string, terms: Terms): JsonMember | undefined =>
  node.members.findLast((one) => terms.nameOf(one.name) === name);

class NodeReader {
  readonly items: ReadItem[] = [];
  readonly faults: JsonLdReading['faults'][number][] = [];
  readonly #lines: Lines;
  #meaningless = false;

  constructor(lines: Lines) {
    this.#lines = lines;
  }

  top(node: JsonNode, hasContext: boolean, around: Terms): void {
    if (node.kind === 'array') for (const element of node.elements) this.top(element, hasContext, around);
    if (node.kind !== 'object') return;
    const context = member(node, '@context');
    if (context) this.faults.push(...judgeContext(context));
    else if (!hasContext) this.faults.push(missingContext(node));
    const terms = context ? termsUnder(around, context.value) : around;
    const graph = named(node, '@graph', terms);
    if (graph) this.top(graph.value, true, terms);
    const isItem = node.members.some(({ name }) => !KEYWORDS.has(terms.nameOf(name)));
    const included = named(node, '@included', terms);
    if (isItem || !(graph ?? included)) this.items.push(this.#item(node, around));
    else if (included) this.top(included.value, true, terms);
  }

  #item(node: JsonObject, around: Terms): ReadItem {
    const context = member(node, '@context');
    const terms = scopedByType(node, context ? termsUnder(around, context.value) : around);
    const properties: ReadProperty[] = [];
    const unsaid: string[] = [];
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
        if (isAlias(term)) this.#tellAlias(one, name);
        if (name.startsWith('@') && !KNOWN.has(name)) this.#tellUnknownKeyword(one);
        if (name === '' || name.startsWith('@')) continue;
        const inner = term?.context ? termsUnder(terms, term.context) : terms;
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
        if (values.length === 0) unsaid.push(name);
        for (const value of values) properties.push({ name, value, namePlace, place });
      }
    };
    read(node);
    const typed = named(node, '@type', terms)?.value;
    const type = typed ?? { start: node.start, end: node.start + 1 };
    const [id] = texts(named(node, '@id', terms)?.value);
    const item: ReadItem = {
      syntax: 'jsonld',
      types: texts(typed).map(terms.typeOf),
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
      const other = this.#item(node, terms);
      const back: ReadProperty = {
        name,
        value: { kind: 'item', item },
        namePlace: this.#lines.place(nameStart, nameEnd),
        place: this.#lines.place(nameStart, value.end),
      };
      this.items.push({ ...other, properties: [...other.properties, back] });
    }
  }

  #values(node: JsonNode, terms: Terms, term?: Term): readonly ReadValue[] {
    if (node.kind === 'array') return node.elements.flatMap((element) => this.#values(element, terms, term));
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
    if (set) return this.#values(set.value, terms, term);
    // What is kept by language, index, address or type is a map of values (JSON-LD 1.1, 4.6, 4.9).
    if (term?.containers.some((one) => MAPS.has(one))) {
      const byLanguage = term.containers.includes('@language');
      return node.members.flatMap((one) =>
        this.#values(
          one.value,
          terms,
          byLanguage ? { ...term, containers: [], language: languageOf(one) } : undefined,
        ),
      );
    }
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
  if (type === '@id') return { refers: terms.idOf(String(value)) };
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

const MAPS = new Set(['@language', '@index', '@id', '@type', '@graph']);

/** The contexts that the definitions of a node's types carry (JSON-LD 1.1, 4.1.7), in the order of their names. */
function scopedByType(node: JsonObject, terms: Terms): Terms {
  const scoped = texts(named(node, '@type', terms)?.value)
    .sort()
    .flatMap((type) => terms.termOf(type)?.context ?? []);
  return scoped.reduce(termsUnder, terms);
}

function missingContext(node: JsonObject): JsonLdReading['faults'][number] {
  const misspelt = node.members.find(({ name }) => /^@?contexts?$/i.test(name) && name !== '@context');
  const at = misspelt ? misspelt.nameStart : node.start;
  const edits = misspelt
    ? [{ start: misspelt.nameStart, end: misspelt.nameEnd, text: '"@context"' }]
    : [
        {
          start: node.start + 1,
          end: node.start + 1,
          text: `"@context": "https://schema.org"${node.members.length > 0 ? ', ' : ''}`,
        },
      ];
  const message = misspelt
    ? `“${misspelt.name}” should be “@context”. Without it a machine does not know whose words the names are.`
    : 'There is no @context, so a machine does not know whose words the names are. Begin with "@context": "https://schema.org".';
  return {
    ...fault('syntax/missing-context', message),
    start: at,
    end: misspelt ? misspelt.nameEnd : node.start + 1,
    edits,
  };
}

/** Whether a context names schema.org at all: by its address, as a vocabulary or prefix, or term by term. */
function namesSchemaOrg(node: JsonNode): boolean {
  if (node.kind === 'array') return node.elements.some(namesSchemaOrg);
  if (node.kind === 'scalar') return typeof node.value === 'string' && isSchemaOrg(node.value);
  return node.members.some(({ value }) =>
    texts(value.kind === 'object' ? member(value, '@id')?.value : value).some((text) =>
      /^(?:https?:\/\/(?:www\.)?schema\.org(?:\/|$)|schema:)/.test(text),
    ),
  );
}

function judgeContext({ value }: JsonMember): JsonLdReading['faults'] {
  if (namesSchemaOrg(value)) return objectsIn(value).flatMap(withoutSlash);
  const written = value.kind === 'scalar' ? String(value.value) : 'this object';
  const near = value.kind === 'scalar' && /schema/i.test(written);
  return [
    {
      ...fault(
        'syntax/wrong-context',
        `A machine takes the names from “${written}”, which is not schema.org. Write "https://schema.org".`,
      ),
      start: value.start,
      end: value.end,
      edits: near ? [{ start: value.start, end: value.end, text: '"https://schema.org"' }] : null,
    },
  ];
}

/** A vocabulary or prefix whose address does not end in a slash: names are put right behind it. */
const withoutSlash = (context: JsonObject): JsonLdReading['faults'] =>
  context.members.flatMap(({ name, value }) => {
    const [address] = value.kind === 'scalar' ? texts(value) : [];
    if (address === undefined || !/^https?:\/\/(?:www\.)?schema\.org$/.test(address)) return [];
    const what = name === '@vocab' ? '@vocab' : `The prefix “${name}”`;
    return [
      {
        ...fault(
          'syntax/wrong-context',
          `${what} has no slash at its end, and a machine puts names right behind it: “${address}name”. Write "${address}/".`,
        ),
        start: value.start,
        end: value.end,
        edits: [{ start: value.start, end: value.end, text: `"${address}/"` }],
      },
    ];
  });

const texts = (node: JsonNode | undefined): string[] => {
  if (!node) return [];
  if (node.kind === 'array') return node.elements.flatMap(texts);
  return node.kind === 'scalar' && typeof node.value === 'string' ? [node.value] : [];
};

const objectsIn = (node: JsonNode): readonly JsonObject[] =>
  node.kind === 'array' ? node.elements.flatMap(objectsIn) : node.kind === 'object' ? [node] : [];

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
