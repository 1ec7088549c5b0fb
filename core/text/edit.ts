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
