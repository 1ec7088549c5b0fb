import type { MarkedForm } from '#core/markup';
import { carriedBy, decodeText, editBytes } from '#core/text';
import type { PlacedForm, Placement } from './placements.ts';
import { place, removalOf } from './placing.ts';

export type BytesResult =
  { readonly ok: true; readonly bytes: Uint8Array } | { readonly ok: false; readonly message: string };

/**
 * Places markup on a page as it lies on disk. Every byte that is not placed or replaced stays, whatever the
 * page's encoding: text the encoding cannot carry is written as escapes. `without` are elements, by their number on
 * the page, that go.
 */
export function placeInBytes(
  bytes: Uint8Array,
  form: MarkedForm,
  markup: string,
  at?: Placement,
  without: readonly number[] = [],
): BytesResult {
  const { text, encoding } = decodeText(bytes);
  const result = place(text, form, markup, at, carriedBy(encoding), without);
  return result.ok ? { ok: true, bytes: editBytes(bytes, result.edits) } : result;
}

/** The page without what was placed, byte for byte as it was before. */
export const removeFromBytes = (bytes: Uint8Array, form?: PlacedForm): Uint8Array =>
  editBytes(bytes, removalOf(decodeText(bytes).text, form));
