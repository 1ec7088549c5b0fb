import { businessesIn, readSource, recordFromItem, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { staleDifferences, type Difference } from '#core/weaving';
import type { PlacedForm } from './placements.ts';
import { placedOn } from './placing.ts';

/**
 * What visitors read beside our markup that is what the markup said before the record changed. None where the markup
 * tells of no business, as a block of text does.
 */
export function carriedInText(
  { source, document, items, address }: Reading,
  form: PlacedForm,
  record: BusinessRecord,
): readonly Difference[] {
  const ours = document ? placedOn(source, document) : [];
  const own = ours.find((one) => one.form === form);
  const item =
    own && businessesIn(items).find(({ place }) => own.start <= place.start && place.end <= own.end);
  if (!item) return [];
  // What we placed ourselves is written anew: the rest is read with blanks in its place.
  const beside = ours.reduce(
    (text, { start, end }) =>
      text.slice(0, start) + text.slice(start, end).replace(/[^\n]/g, ' ') + text.slice(end),
    source,
  );
  return staleDifferences(readSource(beside, address), recordFromItem(item), record);
}
