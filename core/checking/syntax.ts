import type { Reading } from '#core/reading';
import { finding, type Finding } from '#core/fault';

/** Family `syntax`: what the reader met on its way. */
export function judgeSyntax({ faults }: Reading): readonly Finding[] {
  return faults.map(({ code, message, place, edits, guess }) =>
    finding(code, message, place, null, { edits, guess: guess === true }),
  );
}
