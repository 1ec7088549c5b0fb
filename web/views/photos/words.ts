import * as z from 'zod';
import type { Branch } from '#contract';

/** The words for a set of photos as they are typed; keywords in one line with commas. */
const wordsSchema = z.object({
  title: z.string(),
  caption: z.string(),
  keywords: z.string(),
  alt: z.string(),
});
export type Words = Readonly<z.infer<typeof wordsSchema>>;

const keyOf = (branchId: number): string => `words:${String(branchId)}`;

/** What was typed last for this branch in this browser, or a title made from its record. */
export function firstWords({ id, record }: Branch): Words {
  const kept = wordsSchema.safeParse(JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null'));
  if (kept.success) return kept.data;
  const title = [record.name, record.address.addressLocality].filter(Boolean).join(', ');
  return { title, caption: '', keywords: '', alt: '' };
}

export function keepWords(branchId: number, words: Words): void {
  localStorage.setItem(keyOf(branchId), JSON.stringify(words));
}

export const keywordsOf = ({ keywords }: Words): string[] =>
  keywords
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean);
