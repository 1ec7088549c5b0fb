import { fault, type Fault } from '#core/fault';
import type { Edit, Lines } from '#core/text';
import type { ReadItem, ReadProperty, ReadValue } from '#core/item';
import { noTerms, termsUnder, type Terms } from './context.ts';
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

const KEYWORDS = new Set([
  '@context',
  '@type',
  '@id',
  '@graph',
  '@value',
  '@language',
  '@list',
  '@set',
  '@index',
  '@reverse',
  '@version',
  '@vocab',
  '@base',
  '@nest',
  '@included',
]);

/**
 * The items in JSON-LD values (JSON-LD 1.1): at the top, in arrays and in `@graph`; nested ones are values
 * of their properties. Names of schema.org are read whatever prefix they carry.
 */
export function readJsonLd(values: readonly JsonNode[], lines: Lines): JsonLdReading {
  const faults: JsonLdReading['faults'][number][] = [];
  const items: ReadItem[] = [];
  const top = (node: JsonNode, hasContext: boolean, around: Terms): void => {
    if (node.kind === 'array') for (const element of node.elements) top(element, hasContext, around);
    if (node.kind !== 'object') return;
    const context = member(node, '@context');
    if (context) faults.push(...judgeContext(context));
    else if (!hasContext) faults.push(missingContext(node));
    const terms = context ? termsUnder(around, context.value) : around;
    const graph = named(node, '@graph', terms);
    if (graph) top(graph.value, true, terms);
    const included = named(node, '@included', terms);
    if (included) top(included.value, true, terms);
    if (!(graph ?? included) || node.members.some(({ name }) => !KEYWORDS.has(terms.nameOf(name))))
      items.push(readItem(node, lines, around));
  };
  for (const value of values) top(value, false, noTerms);
  return { items, faults };
}

type JsonObject = Extract<JsonNode, { kind: 'object' }>;

const member = (node: JsonObject, name: string): JsonMember | undefined =>
  node.members.findLast((one) => one.name === name);

/** The last member of a node that goes by a name, whatever it is called there. */
const named = (node: JsonObject, name: string, terms: Terms): JsonMember | undefined =>
  node.members.findLast((one) => terms.nameOf(one.name) === name);

/**
 * A node spread over several objects of one `@id` is one node (JSON-LD 1.1, 7.1 Node Map Generation). Objects that
 * contradict each other stay apart, so that the contradiction can be told.
 */
export function joinParts(items: readonly ReadItem[]): readonly ReadItem[] {
  const joined: ReadItem[] = [];
  const byId = new Map<string, number>();
  for (const item of items) {
    const at = item.id === null || item.syntax !== 'jsonld' ? undefined : byId.get(item.id);
    const first = at === undefined ? undefined : joined[at];
    if (first && at !== undefined && !contradicts(first, item)) {
      const known = new Set(first.properties.map(said));
      const properties = [...first.properties, ...item.properties.filter((one) => !known.has(said(one)))];
      joined[at] = { ...first, types: [...new Set([...first.types, ...item.types])], properties };
      continue;
    }
    if (item.id !== null && item.syntax === 'jsonld' && at === undefined) byId.set(item.id, joined.length);
    joined.push(item);
  }
  return joined;
}

/** A property with its value, as far as two can be told to be the same. */
const said = ({ name, value }: ReadProperty): string =>
  value.kind === 'text' ? `${name} ${value.text}` : `${name} ${String(value.item.place.start)}`;

/** Whether two objects give one property different values: both together would say something neither says. */
const contradicts = (one: ReadItem, other: ReadItem): boolean =>
  other.properties.some(
    (property) =>
      one.properties.some(({ name }) => name === property.name) &&
      !one.properties.some((known) => said(known) === said(property)),
  );

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

const isSchemaOrg = (text: string): boolean =>
  /^https?:\/\/(www\.)?schema\.org(\/|\/docs\/jsonldcontext\.json(ld)?)?$/.test(text.trim());

function namesSchemaOrg(node: JsonNode): boolean {
  if (node.kind === 'array') return node.elements.some(namesSchemaOrg);
  if (node.kind === 'scalar') return typeof node.value === 'string' && isSchemaOrg(node.value);
  return node.members.some(
    ({ value }) => value.kind === 'scalar' && typeof value.value === 'string' && isSchemaOrg(value.value),
  );
}

function judgeContext({ value }: JsonMember): JsonLdReading['faults'] {
  if (namesSchemaOrg(value)) return [];
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

const texts = (node: JsonNode | undefined): string[] => {
  if (!node) return [];
  if (node.kind === 'array') return node.elements.flatMap(texts);
  return node.kind === 'scalar' && typeof node.value === 'string' ? [node.value] : [];
};

function readItem(node: JsonObject, lines: Lines, around: Terms): ReadItem {
  const context = member(node, '@context');
  const terms = context ? termsUnder(around, context.value) : around;
  const properties: ReadProperty[] = [];
  const read = (from: JsonObject): void => {
    for (const { name: written, nameStart, nameEnd, value } of from.members) {
      const name = terms.nameOf(written);
      if (name === '@nest') for (const nested of objectsIn(value)) read(nested);
      if (name.startsWith('@')) continue;
      const [place, namePlace] = [lines.place(nameStart, value.end), lines.place(nameStart, nameEnd)];
      for (const one of readValues(value, lines, terms))
        properties.push({ name, value: one, namePlace, place });
    }
  };
  read(node);
  const typed = named(node, '@type', terms)?.value;
  const type = typed ?? { start: node.start, end: node.start + 1 };
  return {
    syntax: 'jsonld',
    types: texts(typed).map(terms.typeOf),
    id: texts(named(node, '@id', terms)?.value)[0] ?? null,
    properties,
    place: lines.place(node.start, node.end),
    typePlace: lines.place(type.start, type.end),
  };
}

const objectsIn = (node: JsonNode): readonly JsonObject[] =>
  node.kind === 'array' ? node.elements.flatMap(objectsIn) : node.kind === 'object' ? [node] : [];

/** Nested items that are nothing but a reference to an item described elsewhere on the page become that item. */
export function followReferences(items: readonly ReadItem[]): readonly ReadItem[] {
  const described = new Map<string, ReadItem>();
  const collect = (item: ReadItem): void => {
    if (item.id !== null && item.properties.length > 0 && !described.has(item.id))
      described.set(item.id, item);
    for (const { value } of item.properties) if (value.kind === 'item') collect(value.item);
  };
  for (const item of items) collect(item);
  const follow = (item: ReadItem): ReadItem => ({
    ...item,
    properties: item.properties.map((property) => {
      if (property.value.kind !== 'item') return property;
      const { item: inner } = property.value;
      const referred =
        inner.id !== null && inner.properties.length === 0 ? described.get(inner.id) : undefined;
      // What a reference leads to is not followed further, so that items may refer to each other.
      return { ...property, value: { kind: 'item', item: referred ?? follow(inner) } };
    }),
  });
  return described.size > 0 ? items.map(follow) : items;
}

function readValues(node: JsonNode, lines: Lines, terms: Terms): readonly ReadValue[] {
  if (node.kind === 'array') return node.elements.flatMap((element) => readValues(element, lines, terms));
  if (node.kind === 'scalar') return node.value === null ? [] : [scalar(node.value, node, lines)];
  const literal = named(node, '@value', terms)?.value;
  if (literal?.kind === 'scalar')
    return literal.value === null ? [] : [scalar(literal.value, literal, lines)];
  const list = named(node, '@list', terms) ?? named(node, '@set', terms);
  if (list) return readValues(list.value, lines, terms);
  return [{ kind: 'item', item: readItem(node, lines, terms) }];
}

const scalar = (
  value: string | number | boolean,
  { literal, start, end }: { literal?: string; start: number; end: number },
  lines: Lines,
): ReadValue => ({
  kind: 'text',
  text: literal ?? String(value),
  json: value,
  place: lines.place(start, end),
  holder: 'json',
});
