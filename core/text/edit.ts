import * as z from 'zod';

/** Replace the UTF-16 code units from `start` to `end` (exclusive) by `text`. */
export const editSchema = z.object({
  start: z.number().int().nonnegative(),
  end: z.number().int().nonnegative(),
  text: z.string(),
});
export type Edit = Readonly<z.infer<typeof editSchema>>;

/**
 * The source with all edits done; every other character stays. Of two edits that overlap, the one that
 * starts first is done and the other is left out.
 */
export function applyEdits(source: string, edits: readonly Edit[]): string {
  const ordered = [...edits].sort((a, b) => a.start - b.start || a.end - b.end);
  let result = '';
  let at = 0;
  for (const edit of ordered) {
    if (edit.start < at) continue;
    result += source.slice(at, edit.start) + edit.text;
    at = edit.end;
  }
  return result + source.slice(at);
}

/** More than this of a long line is not shown beside a change, UTF-16 code units. */
const CONTEXT = 300;

/** The whole lines round the edits, as they are and as they will be; a long line is cut near the change. */
export function changedLines(
  source: string,
  edits: readonly Edit[],
): { readonly before: string; readonly after: string } {
  const start = Math.min(...edits.map((edit) => edit.start));
  const end = Math.max(...edits.map((edit) => edit.end));
  const from = Math.max(source.lastIndexOf('\n', start - 1) + 1, start - CONTEXT);
  const lineEnd = source.indexOf('\n', end);
  const until = Math.min(lineEnd < 0 ? source.length : lineEnd, end + CONTEXT);
  const inside = edits.map((edit) => ({ start: edit.start - from, end: edit.end - from, text: edit.text }));
  const before = source.slice(from, until);
  return { before, after: applyEdits(before, inside) };
}

/** The one edit that makes the first text the second; null where they are equal. */
export function editBetween(before: string, after: string): Edit | null {
  if (before === after) return null;
  const shorter = Math.min(before.length, after.length);
  let start = 0;
  while (start < shorter && before.charCodeAt(start) === after.charCodeAt(start)) start += 1;
  let same = 0;
  while (
    same < shorter - start &&
    before.charCodeAt(before.length - 1 - same) === after.charCodeAt(after.length - 1 - same)
  )
    same += 1;
  return { start, end: before.length - same, text: after.slice(start, after.length - same) };
}
