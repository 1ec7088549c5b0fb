import { fault, type Fault } from '#core/fault';
import type { Edit } from '#core/text';

/** A fault of JSON syntax with its place, and the edits that mend it. */
export interface JsonFault extends Fault {
  readonly start: number;
  readonly end: number;
  readonly edits: readonly Edit[] | null;
  /** Whether the edits are only what was probably meant. */
  readonly guess?: boolean;
}

export const jsonFault = (
  code: Fault['code'],
  message: string,
  start: number,
  end: number,
  edits: readonly Edit[] | null,
  guess = false,
): JsonFault => ({ ...fault(code, message), start, end, edits, ...(guess ? { guess } : {}) });

/** A stretch of source for a message: one line, at most 40 characters. */
export function shorten(text: string): string {
  const line = text.replace(/\s+/g, ' ').trim();
  return line.length > 40 ? `${line.slice(0, 39)}…` : line;
}
