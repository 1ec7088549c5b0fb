import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { weave, type Corrects, type WeaveResult } from '#core/weaving';
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
  corrects: Corrects = [],
): FormResult | WeaveResult {
  return isWovenForm(form)
    ? weave(readSource(source), record, { syntax: wovenSyntaxOf[form], replaces: true, corrects })
    : place(source, form, markupOf(form, record, [record]), at);
}
