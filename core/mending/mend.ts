import type { Edit } from '#core/text';
import type { Finding } from '#core/fault';

/**
 * The edits of all certain mends together. Of two mends that touch the same characters only the first is
 * taken, whole; the other is offered again once the source has been read anew.
 */
export function certainMends(findings: readonly Finding[]): readonly Edit[] {
  const taken: Edit[] = [];
  for (const { mend } of findings) {
    if (!mend?.certain) continue;
    const { edits } = mend;
    if (!edits.some((edit) => taken.some((other) => collide(edit, other)))) taken.push(...edits);
  }
  return taken;
}

/**
 * Insertions at the same offset stand one behind the other. Everything else that touches collides: what is
 * inserted at the edge of a value is no longer right once the value is another.
 */
function collide(one: Edit, other: Edit): boolean {
  const isInsertion = one.start === one.end && other.start === other.end;
  return !isInsertion && one.start <= other.end && other.start <= one.end;
}
