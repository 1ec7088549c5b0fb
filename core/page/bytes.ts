import type { HtmlDocument } from '#core/html';
import type { MarkedForm } from '#core/markup';
import { carriedBy, decodeText, editBytes } from '#core/encoding';
import type { PlacedForm, Placement } from './placements.ts';
import { place, removalOf } from './placing.ts';

export type BytesResult =
  | {
      readonly ok: true;
      readonly bytes: Uint8Array;
      /** What they say, parsed, where that was needed on the way. */
      readonly parsed?: { readonly source: string; readonly document: HtmlDocument };
    }
  | { readonly ok: false; readonly message: string };

/**
 * Places markup on a page as it lies on disk. Every byte that is not placed or replaced stays, whatever the
 * page's encoding: text the encoding cannot carry is written as escapes. `without` are elements, by their number on
 * the page, that go; `document` is the page parsed, where somebody has done so.
 */
export function placeInBytes(
  bytes: Uint8Array,
  form: MarkedForm,
  markup: string,
  at?: Placement,
  without: readonly number[] = [],
  document?: HtmlDocument,
): BytesResult {
  const { text, encoding } = decodeText(bytes);
  const result = place(text, form, markup, at, carriedBy(encoding), without, document);
  return result.ok ? { ok: true, bytes: editBytes(bytes, result.edits), parsed: result } : result;
}

/** The page without what was placed, byte for byte as it was before. */
export const removeFromBytes = (bytes: Uint8Array, form?: PlacedForm): Uint8Array =>
  editBytes(bytes, removalOf(decodeText(bytes).text, form));
