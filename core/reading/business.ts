import { addressParts, countryCode, emptyAddress } from '#core/address';
import { dayNamed, emptyHours, readOpeningHoursText, writeDay, type Day, type Span } from '#core/hours';
import { emptyRecord, type BusinessRecord } from '#core/record';
import { isSubtype, typeNamed } from '#core/vocabulary';
import { itemsOf, textOf, valuesOf, type ReadItem } from './item.ts';

/** Whether an item describes a business: a LocalBusiness, or an Organization of any other kind. */
export const isBusiness = (item: ReadItem): boolean =>
  item.types.some((type) => isSubtype(type, 'Organization') || isSubtype(type, 'LocalBusiness'));

/** The items that describe a business, those nested in other items (such as `about` of a page) included. */
export function businessesIn(items: readonly ReadItem[]): readonly ReadItem[] {
  const found: ReadItem[] = [];
  const visit = (item: ReadItem, depth: number): void => {
    if (isBusiness(item)) found.push(item);
    else if (depth < 8)
      for (const { value } of item.properties) if (value.kind === 'item') visit(value.item, depth + 1);
  };
  for (const item of items) visit(item, 0);
  const local = found.filter((item) => item.types.some((type) => isSubtype(type, 'LocalBusiness')));
  const placed = found.filter((item) => !local.includes(item) && valuesOf(item, 'address').length > 0);
  return [...local, ...placed, ...found.filter((item) => !local.includes(item) && !placed.includes(item))];
}

/** The record that an item of markup describes. What the record has no fact for is left out. */
export function recordFromItem(item: ReadItem): BusinessRecord {
  const texts = (name: string): string[] =>
    valuesOf(item, name).flatMap((value) => {
      const text =
        value.kind === 'text'
          ? value.text.trim()
          : textOf(value.item, 'url') || textOf(value.item, 'contentUrl') || (value.item.id ?? '');
      return text ? [text] : [];
    });
  const [address] = itemsOf(item, 'address');
  const [geo] = itemsOf(item, 'geo');
  return {
    ...emptyRecord,
    name: textOf(item, 'name').trim(),
    types: item.types.filter((type) => typeNamed(type)),
    id: item.id ?? '',
    url: texts('url')[0] ?? '',
    telephone: textOf(item, 'telephone').trim(),
    address: address
      ? addressFrom(address)
      : { ...emptyAddress, streetAddress: textOf(item, 'address').trim() },
    pin: geo
      ? { latitude: textOf(geo, 'latitude').trim(), longitude: textOf(geo, 'longitude').trim() }
      : emptyRecord.pin,
    hours: hoursFrom(item),
    image: texts('image'),
    priceRange: textOf(item, 'priceRange').trim(),
    sameAs: texts('sameAs'),
    description: textOf(item, 'description').trim(),
  };
}

function addressFrom(item: ReadItem): BusinessRecord['address'] {
  const parts = addressParts.map((part) => {
    const [country] = part === 'addressCountry' ? itemsOf(item, part) : [];
    const text = (country ? textOf(country, 'name') : textOf(item, part)).trim();
    return [part, part === 'addressCountry' ? countryCode(text) || text : text] as const;
  });
  return { ...emptyAddress, ...Object.fromEntries(parts) };
}

/** The weekly hours of `openingHoursSpecification` and `openingHours`; seasonal ones are left out. */
export function hoursFrom(item: ReadItem): BusinessRecord['hours'] {
  const spans = new Map<Day, Span[]>();
  const add = (day: Day, span: Span): void => {
    spans.set(day, [...(spans.get(day) ?? []), span]);
  };
  for (const specification of itemsOf(item, 'openingHoursSpecification')) {
    if (textOf(specification, 'validFrom') || textOf(specification, 'validThrough')) continue;
    const [opens, closes] = [
      textOf(specification, 'opens').slice(0, 5),
      textOf(specification, 'closes').slice(0, 5),
    ];
    for (const value of valuesOf(specification, 'dayOfWeek')) {
      const day = value.kind === 'text' ? dayNamed(value.text) : undefined;
      if (day && opens && closes) add(day, { opens, closes });
    }
  }
  for (const value of valuesOf(item, 'openingHours')) {
    const read = value.kind === 'text' ? readOpeningHoursText(value.text) : undefined;
    for (const day of read?.days ?? []) for (const span of read?.spans ?? []) add(day, span);
  }
  const written = [...spans].map(
    ([day, all]) => [day, writeDay(all.filter(({ opens, closes }) => opens !== closes))] as const,
  );
  return { ...emptyHours, ...Object.fromEntries(written) };
}
