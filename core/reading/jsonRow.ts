import type { Edit } from '#core/text';
import type { JsonNode } from './jsonNode.ts';

/** An object behind another at the top: where it begins, and what leads to it. */
export interface Second {
  readonly from: number;
  readonly start: number;
  /** Whether a comma stands before it. */
  readonly isList: boolean;
}

/** The edits that make an array of objects that stand one behind the other; null where not all are objects. */
export function inArray(values: readonly JsonNode[], seconds: readonly Second[]): readonly Edit[] | null {
  const [first, last] = [values[0], values.at(-1)];
  if (!first || !last || !values.every(({ kind }) => kind === 'object')) return null;
  const commas = seconds.flatMap(({ start, isList }) => (isList ? [] : [{ start, end: start, text: ',' }]));
  return [
    { start: first.start, end: first.start, text: '[' },
    ...commas,
    { start: last.end, end: last.end, text: ']' },
  ];
}
