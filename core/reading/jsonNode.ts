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
