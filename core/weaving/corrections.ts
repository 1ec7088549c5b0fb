import * as z from 'zod';
import type { RowFact } from '#core/agreement';
import { businessesIn, recordFromItem, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { asciiHtml, type Edit } from '#core/text';
import type { Difference } from './differences.ts';
import { isMarked } from './marks.ts';
import { staleDifferences } from './stale.ts';

/**
 * What visitors read otherwise than the record says and is put right: all of it, some facts, or what the page was woven
 * with before the record changed.
 */
export const correctsSchema = z.union([
  z.enum(['all', 'carried']),
  z.array(z.string().max(80)).max(60).readonly(),
]);
export type Corrects = z.infer<typeof correctsSchema>;

export const isAmong =
  (corrects: readonly string[] | 'all') =>
  ({ fact }: { readonly fact: RowFact }): boolean =>
    corrects === 'all' || corrects.includes(fact);

/** The edits of differences, in what a page's encoding can hold; of two that meet the first. */
export function corrections(
  differing: readonly Difference[],
  carries: 'unicode' | 'ascii' = 'unicode',
): readonly Edit[] {
  const taken: Edit[] = [];
  for (const { edits } of differing) {
    const meets = (edits ?? []).some((one) =>
      taken.some(({ start, end }) => one.start < end && start < one.end),
    );
    if (!meets) taken.push(...(edits ?? []));
  }
  return carries === 'unicode' ? taken : taken.map((edit) => ({ ...edit, text: asciiHtml(edit.text) }));
}

/**
 * Where a page still says what it was woven with, and the record says something else now. `plain` is the page without
 * what was woven into it.
 */
export function carriedDifferences(
  woven: Reading,
  plain: Reading,
  record: BusinessRecord,
  syntax: 'microdata' | 'rdfa',
): readonly Difference[] {
  const isOurs = (start: number): boolean =>
    woven.document?.elements.some((element) => element.start === start && isMarked(element)) ?? false;
  const item = businessesIn(woven.items).find((one) => one.syntax === syntax && isOurs(one.place.start));
  return item ? staleDifferences(plain, recordFromItem(item), record) : [];
}
