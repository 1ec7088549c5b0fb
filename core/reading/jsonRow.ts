import { jsonFault, type JsonFault } from './jsonFault.ts';
import type { JsonNode } from './jsonNode.ts';

/** An object behind another at the top: where it begins, and what leads to it. */
export interface Second {
  readonly from: number;
  readonly start: number;
  /** Whether a comma stands before it. */
  readonly isList: boolean;
}

/**
 * Objects one behind the other, mended by an array of them. Where they are not alone in being wrong, a bracket may be
 * all that is missing. Undefined where only one stands there.
 */
export function objectsInRow(
  values: readonly JsonNode[],
  seconds: readonly Second[],
  isAlone: boolean,
): JsonFault | undefined {
  const [second] = seconds;
  const [first, last] = [values[0], values.at(-1)];
  if (!second || !first || !last) return undefined;
  const commas = seconds.flatMap(({ start, isList }) => (isList ? [] : [{ start, end: start, text: ',' }]));
  const array = [
    { start: first.start, end: first.start, text: '[' },
    ...commas,
    { start: last.end, end: last.end, text: ']' },
  ];
  return jsonFault(
    'syntax/unexpected-text',
    'A second object begins where the JSON should end. Put both into one array: [ {…}, {…} ].',
    second.from,
    second.start + 1,
    values.every(({ kind }) => kind === 'object') ? array : null,
    !isAlone,
  );
}
