import * as z from 'zod';
import type { Branch } from '#contract';
import type { WordField, Wordings } from '#core/photo';
import { keep, keptJson } from '../../state/browserStore.ts';

/** The words for a set of photos as they are typed; keywords in one line with commas. */
const wordsSchema = z.object({
  title: z.string(),
  caption: z.string(),
  keywords: z.string(),
  alt: z.string(),
});
export type Words = Readonly<z.infer<typeof wordsSchema>>;

/** The words in the form, and which of them were typed since the last stamp: only these replace words that a photo has. */
export interface WordsInForm {
  readonly words: Words;
  readonly edited: readonly WordField[];
}

const keyOf = (branchId: number): string => `words:${String(branchId)}`;

/** What was typed last for this branch in this browser, or a title made from its record. */
export function firstWords({ id, record }: Branch): Words {
  const kept = keptJson(keyOf(id), (json) => wordsSchema.parse(json));
  if (kept) return kept;
  const title = [record.name, record.address.addressLocality].filter(Boolean).join(', ');
  return { title, caption: '', keywords: '', alt: '' };
}

export function keepWords(branchId: number, words: Words): void {
  keep(keyOf(branchId), JSON.stringify(words));
}

const keywordsOf = ({ keywords }: Words): string[] =>
  keywords
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean);

/** The words as they are written into a photo. */
export const wordingsOf = (words: Words): Wordings => ({
  title: words.title.trim(),
  caption: words.caption.trim(),
  alt: words.alt.trim(),
  keywords: keywordsOf(words),
});
