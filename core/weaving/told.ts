import { comparedOf, type RowFact } from '#core/agreement';
import { factLabel, isFact } from '#core/record';
import type { WeaveResult } from './weaving.ts';

/** What people call a fact. */
export const labelOf = (fact: RowFact): string =>
  comparedOf(fact)?.label ?? (isFact(fact) ? factLabel(fact) : fact);

/** What visitors read otherwise, and what of it was put right, in words and in the order of the page. */
export function toldOfDifferences({
  corrected,
  differing,
}: Pick<WeaveResult, 'corrected' | 'differing'>): readonly string[] {
  const wasCorrected = new Set(corrected);
  return [...corrected, ...differing]
    .toSorted((a, b) => a.place.start - b.place.start)
    .map((one) => {
      const at = `Line ${String(one.place.line)}`;
      return wasCorrected.has(one)
        ? `${at}: “${one.shown}” was put right to “${one.meant}”.`
        : `${at}: visitors read “${one.shown}”, the record says ${labelOf(one.fact)} “${one.meant}”.`;
    });
}

/** What weaving found, and what it put right, in words. */
export function toldOfWeaving(result: WeaveResult): readonly string[] {
  const found = result.ok ? result.woven.map(({ fact }) => labelOf(fact)).join(', ') : '';
  return [
    ...(found ? [`Woven and read back: ${found}.`] : []),
    ...result.ambiguous.map(
      ({ fact, places }) =>
        `${labelOf(fact)} stands ${String(places.length)} times, on lines ${places.map(({ place }) => place.line).join(', ')}; which one is meant cannot be told.`,
    ),
    ...toldOfDifferences(result),
  ];
}
