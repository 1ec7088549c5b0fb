import { fault, type Fault } from '#core/fault';
import type { Edit, Lines } from '#core/text';
import { schemaName, type ReadItem, type ReadProperty, type ReadValue } from '#core/item';
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
]);

/**
 * The items in JSON-LD values (JSON-LD 1.1): at the top, in arrays and in `@graph`; nested ones are values
 * of their properties. Names of schema.org are read whatever prefix they carry.
 */
export function readJsonLd(values: readonly JsonNode[], lines: Lines): JsonLdReading {
  const faults: JsonLdReading['faults'][number][] = [];
  const items: ReadItem[] = [];
  const top = (node: JsonNode, hasContext: boolean): void => {
    if (node.kind === 'array') for (const element of node.elements) top(element, hasContext);
    if (node.kind !== 'object') return;
    const context = member(node, '@context');
    if (context) faults.push(...judgeContext(context));
    else if (!hasContext) faults.push(missingContext(node));
    const graph = member(node, '@graph');
    if (graph) top(graph.value, true);
    if (!graph || node.members.some(({ name }) => !KEYWORDS.has(name))) items.push(readItem(node, lines));
  };
  for (const value of values) top(value, false);
  return { items, faults };
}

type JsonObject = Extract<JsonNode, { kind: 'object' }>;

const member = (node: JsonObject, name: string): JsonMember | undefined =>
  node.members.findLast((one) => one.name === name);

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

function readItem(node: JsonObject, lines: Lines): ReadItem {
  const properties: ReadProperty[] = [];
  for (const { name, nameStart, nameEnd, value } of node.members) {
    if (KEYWORDS.has(name)) continue;
    const [place, namePlace] = [lines.place(nameStart, value.end), lines.place(nameStart, nameEnd)];
    for (const read of readValues(value, lines))
      properties.push({ name: schemaName(name), value: read, namePlace, place });
  }
  const type = member(node, '@type')?.value ?? { start: node.start, end: node.start + 1 };
  return {
    syntax: 'jsonld',
    types: texts(member(node, '@type')?.value).map(schemaName),
    id: texts(member(node, '@id')?.value)[0] ?? null,
    properties,
    place: lines.place(node.start, node.end),
    typePlace: lines.place(type.start, type.end),
  };
}

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

function readValues(node: JsonNode, lines: Lines): readonly ReadValue[] {
  if (node.kind === 'array') return node.elements.flatMap((element) => readValues(element, lines));
  if (node.kind === 'scalar') return node.value === null ? [] : [scalar(node.value, node, lines)];
  const literal = member(node, '@value')?.value;
  if (literal?.kind === 'scalar')
    return literal.value === null ? [] : [scalar(literal.value, literal, lines)];
  const list = member(node, '@list') ?? member(node, '@set');
  if (list) return readValues(list.value, lines);
  return [{ kind: 'item', item: readItem(node, lines) }];
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
