import type { JsonFault } from './jsonFault.ts';

/** A JSON value with its place. Offsets are UTF-16 code units, end exclusive. */
export type JsonNode =
  | {
      readonly kind: 'object';
      readonly members: readonly JsonMember[];
      readonly start: number;
      readonly end: number;
    }
  | {
      readonly kind: 'array';
      readonly elements: readonly JsonNode[];
      readonly start: number;
      readonly end: number;
    }
  | {
      readonly kind: 'scalar';
      readonly value: string | number | boolean | null;
      /** A number as written, with all its digits. */ readonly literal?: string;
      readonly start: number;
      readonly end: number;
    };

export interface JsonMember {
  readonly name: string;
  readonly nameStart: number;
  readonly nameEnd: number;
  readonly value: JsonNode;
}

export interface JsonReading {
  readonly values: readonly JsonNode[];
  readonly faults: readonly JsonFault[];
}

export type JsonObject = Extract<JsonNode, { kind: 'object' }>;

/** The member of a name: of several the last, as machines read them. */
export const member = (node: JsonObject, name: string): JsonMember | undefined =>
  node.members.findLast((one) => one.name === name);

/** The texts that a node is, or holds in a list. */
export const texts = (node: JsonNode | undefined): string[] => {
  if (!node) return [];
  if (node.kind === 'array') return node.elements.flatMap(texts);
  return node.kind === 'scalar' && typeof node.value === 'string' ? [node.value] : [];
};

/** The objects that a node is, or holds in a list. */
export const objectsIn = (node: JsonNode): readonly JsonObject[] =>
  node.kind === 'array' ? node.elements.flatMap(objectsIn) : node.kind === 'object' ? [node] : [];
