import { fault, type Fault } from '#core/fault';
import type { Edit } from '#core/text';
import { areOf, nearestName, propertyNamed, typeNamed } from '#core/vocabulary';
import { isSchemaOrg } from './context.ts';
import { member, objectsIn, texts, type JsonMember, type JsonNode, type JsonObject } from './jsonNode.ts';

/** A fault of a context, or of what a node is called by, with its place and its mend. */
export interface ContextFault extends Fault {
  readonly start: number;
  readonly end: number;
  readonly edits: readonly Edit[] | null;
  readonly guess?: boolean;
}

/** What is wrong where a document has no context at all. */
export function missingContext(node: JsonObject): ContextFault {
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

const hostOf = (written: string): string =>
  written.replace(/^\s*(?:https?:)?\/*(?:www\.)?|\/.*$/gi, '').trim();

/** Whether an address is schema.org's, or was meant for it. */
export const meansSchemaOrg = (written: string): boolean =>
  /schema/i.test(written) || nearestName(hostOf(written), ['schema.org']) !== undefined;

/** Who publishes vocabularies that share names with schema.org's: a Person of theirs is none of its. */
const PUBLISHERS = /^(?:w3\.org|w3id\.org|purl\.org|xmlns\.com|rdfs\.org|iiif\.io|dbpedia\.org)$/i;

/**
 * Whether a node is told in another vocabulary: its context is an address that was not meant for schema.org, and no
 * type in it is one of schema.org's. JSON-LD carries any vocabulary; such a node is no business of ours.
 */
export function isOfOtherVocabulary(node: JsonObject, context: JsonNode): boolean {
  const addresses = texts(context);
  const [address = ''] = addresses;
  if (!/^https?:\/\/./.test(address) || addresses.some(meansSchemaOrg)) return false;
  const graph = member(node, '@graph')?.value;
  const types = [node, ...(graph ? objectsIn(graph) : [])].flatMap((one) =>
    ['@type', 'type'].flatMap((name) => {
      const said = member(one, name);
      return said ? texts(said.value) : [];
    }),
  );
  return PUBLISHERS.test(hostOf(address))
    ? !areOf(types, 'LocalBusiness')
    : types.length > 0 && !types.some((type) => typeNamed(type));
}

/**
 * Whether a node without a context is data of a program, which somebody gave the type of JSON-LD: none of its types, at
 * any depth, is one of schema.org's, and fewer than half of its names are.
 */
export function isOfProgram(node: JsonObject): boolean {
  const names = node.members.filter(({ name }) => !name.startsWith('@'));
  const known = names.filter(({ name }) => propertyNamed(name) !== undefined);
  return known.length * 2 < names.length && !hasKnownType(node);
}

/** What is wrong with such data: one fault, whatever its names are. */
export const ofProgram = (node: JsonObject): ContextFault => ({
  ...fault(
    'syntax/missing-context',
    'This has neither a @context nor a type of schema.org: it seems to be data of a program, in which a machine that looks for JSON-LD finds nothing. Give the script the type application/json.',
  ),
  start: node.start,
  end: node.start + 1,
  edits: null,
});

const hasKnownType = (node: JsonNode): boolean =>
  node.kind === 'array'
    ? node.elements.some(hasKnownType)
    : node.kind === 'object' &&
      node.members.some(({ name, value }) =>
        /^@?type$/.test(name) ? texts(value).some((type) => typeNamed(type)) : hasKnownType(value),
      );

/** What is wrong with a context. */
export function judgeContext({ value }: JsonMember): readonly ContextFault[] {
  if (namesSchemaOrg(value)) return objectsIn(value).flatMap(withoutSlash);
  const written = value.kind === 'scalar' ? String(value.value) : 'this object';
  const near = value.kind === 'scalar' && meansSchemaOrg(written);
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
const withoutSlash = (context: JsonObject): readonly ContextFault[] =>
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
