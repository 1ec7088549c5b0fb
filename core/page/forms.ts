import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { weave, weaveBytes } from '#core/weaving';
import { placeInBytes, type BytesResult } from './bytes.ts';
import { isWovenForm, usualPlacement, wovenSyntaxOf, type PlacedForm, type Placement } from './placements.ts';
import { place } from './placing.ts';
import { markupOf } from './verifying.ts';

export type FormResult =
  { readonly ok: true; readonly source: string } | { readonly ok: false; readonly message: string };

/** A page with a record on it in any form: put in, or woven into the page's own text. */
export function placeForm(
  source: string,
  form: PlacedForm,
  record: BusinessRecord,
  at: Placement = usualPlacement[form],
  all: readonly BusinessRecord[] = [record],
): FormResult {
  return isWovenForm(form)
    ? weave(readSource(source), record, { syntax: wovenSyntaxOf[form], replaces: true })
    : place(source, form, markupOf(form, record, all), at);
}

/** The same on a page as it lies on disk; `address` is where it stands on the web, '' for unknown. */
export function placeFormInBytes(
  bytes: Uint8Array,
  form: PlacedForm,
  record: BusinessRecord,
  at: Placement,
  address = '',
): BytesResult {
  if (!isWovenForm(form)) return placeInBytes(bytes, form, markupOf(form, record, [record]), at);
  const choices = { syntax: wovenSyntaxOf[form], replaces: true } as const;
  const { result, bytes: woven } = weaveBytes(bytes, record, choices, address);
  return result.ok ? { ok: true, bytes: woven } : result;
}
