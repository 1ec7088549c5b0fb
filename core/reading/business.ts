import { valuesOf, type ReadItem } from '#core/item';
import { recordOf, type BusinessRecord } from '#core/record';
import { remembered } from '#core/text';
import { isSubtype } from '#core/vocabulary';

/** Whether an item describes a business: a LocalBusiness, or an Organization of any other kind. */
const isBusiness = (item: ReadItem): boolean =>
  item.types.some((type) => isSubtype(type, 'Organization') || isSubtype(type, 'LocalBusiness'));

/** What only somebody that can be gone to, or rung, has. */
const OF_PLACE = new Set(['address', 'telephone', 'geo', 'openingHours', 'openingHoursSpecification']);

/**
 * Whether an item describes a place of business: a LocalBusiness, or an organisation that can be gone to or rung.
 * The publisher of a page, a name with a logo, is none.
 */
export const isPlaceOfBusiness = ({ types, properties }: ReadItem): boolean =>
  types.some((type) => isSubtype(type, 'LocalBusiness')) || properties.some(({ name }) => OF_PLACE.has(name));

/** The items that describe a business, those nested in other items (such as `about` of a page) included. */
export function businessesIn(items: readonly ReadItem[]): readonly ReadItem[] {
  const byStart = new Map<number, ReadItem>();
  const visit = (item: ReadItem, depth: number): void => {
    if (isBusiness(item)) {
      if (!byStart.has(item.place.start)) byStart.set(item.place.start, item);
    } else if (depth < 8)
      for (const { value } of item.properties) if (value.kind === 'item') visit(value.item, depth + 1);
  };
  // An item that stands by itself comes before a reference to it, which is not followed as deep.
  for (const item of items) if (isBusiness(item)) visit(item, 0);
  for (const item of items) visit(item, 0);
  const order = new Map(items.map((item, at) => [item.place.start, at]));
  const found = [...byStart.values()].sort(
    (a, b) => (order.get(a.place.start) ?? items.length) - (order.get(b.place.start) ?? items.length),
  );
  const [local, placed, others]: [ReadItem[], ReadItem[], ReadItem[]] = [[], [], []];
  for (const item of found) {
    if (item.types.some((type) => isSubtype(type, 'LocalBusiness'))) local.push(item);
    else (valuesOf(item, 'address').length > 0 ? placed : others).push(item);
  }
  return [...local, ...placed, ...others];
}

/** The record that an item of markup describes. What the record has no fact for is left out. */
export const recordFromItem: (item: ReadItem) => BusinessRecord = remembered(recordOf);
