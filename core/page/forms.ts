import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { weave, type Corrects, type WeaveResult } from '#core/weaving';
import { isWovenForm, usualPlacement, wovenSyntaxOf, type PlacedForm, type Placement } from './placements.ts';
import { place } from './placing.ts';
import { markupOf } from './verifying.ts';

/** A page with a record on it, or why there is none; with what was found where it was woven. */
export type FormResult = (
  { readonly ok: true; readonly source: string } | { readonly ok: false; readonly message: string }
) & { readonly weaving?: WeaveResult };

/** A page with a record on it in any form: put in, or woven into the page's own text. */
export function placeForm(
  source: string,
  form: PlacedForm,
  record: BusinessRecord,
  at: Placement = usualPlacement[form],
  corrects: Corrects = [],
): FormResult {
  if (!isWovenForm(form)) return place(source, form, markupOf(form, record, [record]), at);
  const choices = { syntax: wovenSyntaxOf[form], replaces: true, corrects } as const;
  const weaving = weave(readSource(source), record, choices);
  return weaving.ok
    ? { ok: true, source: weaving.source, weaving }
    : { ok: false, message: weaving.message, weaving };
}
