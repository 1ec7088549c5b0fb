import { valuesOf, type ReadItem } from '#core/item';
import { recordOf, type BusinessRecord } from '#core/record';
import { remembered } from '#core/text';
import { areOf, typeNamed } from '#core/vocabulary';

/**
 * Whether an item describes a business: a LocalBusiness, an Organization of any other kind, or a place that people go
 * to and can ring (a museum, a church, a concert hall), which schema.org counts among neither.
 */
export const isBusiness = (item: ReadItem): boolean =>
  isLocalBusiness(item) || areOf(item.types, 'Organization') || isVisitedPlace(item) || isMisspelt(item);

/** Whether an item has all that a place of business has, and no type that schema.org knows: one was misspelt. */
const isMisspelt = ({ types, properties }: ReadItem): boolean =>
  types.length > 0 &&
  types.every((type) => /^\w+$/.test(type) && !typeNamed(type)) &&
  properties.some(({ name }) => name === 'address') &&
  properties.some(({ name }) => IS_RUN.has(name));

/** Whether an item is a place that people go to and that somebody runs: it has an address, and a number or hours. */
export const isVisitedPlace = ({ types, properties }: ReadItem): boolean =>
  areOf(types, 'CivicStructure', 'TouristAttraction') &&
  properties.some(({ name }) => name === 'address') &&
  properties.some(({ name }) => IS_RUN.has(name));
const IS_RUN = new Set(['telephone', 'openingHours', 'openingHoursSpecification']);

export const isLocalBusiness = ({ types }: ReadItem): boolean => areOf(types, 'LocalBusiness');

/** What only somebody that can be gone to, or rung, has. */
const OF_PLACE = new Set(['address', 'telephone', 'geo', 'openingHours', 'openingHoursSpecification']);

/**
 * Whether an item describes a place of business: a LocalBusiness, or an organisation that can be gone to or rung.
 * The publisher of a page, a name with a logo, is none.
 */
export const isPlaceOfBusiness = (item: ReadItem): boolean =>
  isLocalBusiness(item) || item.properties.some(({ name }) => OF_PLACE.has(name));

/** So deep is looked for businesses in what others hold. */
const DEEPEST = 8;

/**
 * The items that describe a business, those nested in other items (such as `about` of a page) included. What a
 * place of business holds (its departments, who owns it) is its own affair; an organisation's places are theirs.
 */
export function businessesIn(items: readonly ReadItem[]): readonly ReadItem[] {
  const byStart = new Map<number, ReadItem>();
  const looked = new Map([isBusiness, isLocalBusiness].map((fits) => [fits, new Set<ReadItem>()]));
  const visit = (item: ReadItem, depth: number, fits: (item: ReadItem) => boolean): void => {
    if (fits(item) && !byStart.has(item.place.start)) byStart.set(item.place.start, item);
    if (isLocalBusiness(item) || depth > DEEPEST || looked.get(fits)?.has(item)) return;
    looked.get(fits)?.add(item);
    const below = isBusiness(item) ? isLocalBusiness : fits;
    for (const { value } of item.properties) if (value.kind === 'item') visit(value.item, depth + 1, below);
  };
  // An item that stands by itself comes before a reference to it, which is not followed as deep.
  for (const item of items) if (isBusiness(item)) visit(item, 0, isBusiness);
  for (const item of items) visit(item, 0, isBusiness);
  const order = new Map(items.map((item, at) => [item.place.start, at]));
  const found = [...byStart.values()].sort(
    (a, b) => (order.get(a.place.start) ?? items.length) - (order.get(b.place.start) ?? items.length),
  );
  const [local, placed, others]: [ReadItem[], ReadItem[], ReadItem[]] = [[], [], []];
  for (const item of found) {
    if (isLocalBusiness(item)) local.push(item);
    else (valuesOf(item, 'address').length > 0 ? placed : others).push(item);
  }
  return [...local, ...placed, ...others];
}

/** The record that an item of markup describes. What the record has no fact for is left out. */
export const recordFromItem: (item: ReadItem) => BusinessRecord = remembered(recordOf);
