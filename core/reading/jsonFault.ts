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

/** A source as it was meant, every character that stays at its offset, and the one fault that it had. */
export interface Repaired {
  readonly text: string;
  readonly fault: JsonFault;
}

/** A source with a stretch as it was meant, told at the first of the edits that mend it; undefined without any. */
export function repaired(
  source: string,
  { start, end }: { readonly start: number; readonly end: number },
  meant: string,
  code: Fault['code'],
  message: string,
  edits: readonly Edit[],
): Repaired | undefined {
  const ordered = edits.toSorted((a, b) => a.start - b.start);
  const [first] = ordered;
  if (!first) return undefined;
  const text = source.slice(0, start) + meant + source.slice(end);
  return { text, fault: jsonFault(code, message, first.start, first.end, ordered) };
}

/** A stretch of source for a message: one line, at most 40 characters. */
export function shorten(text: string): string {
  const line = text.replace(/\s+/g, ' ').trim();
  return line.length > 40 ? `${line.slice(0, 39)}…` : line;
}
