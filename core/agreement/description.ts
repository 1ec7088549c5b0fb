import * as z from 'zod';
import { hoursSchema, days, type Hours } from '#core/hours';
import { readTelephone } from '#core/phone';
import { businessesIn, isLocalBusiness, recordFromItem } from '#core/reading';
import { syntaxes, valuesOf, type ReadItem } from '#core/item';
import { countryOf } from '#core/record';
import { placeSchema, type Place } from '#core/text';

/** The properties in which two descriptions of one business can contradict each other. */
const describedProperties = [
  'name',
  'telephone',
  'streetAddress',
  'addressLocality',
  'postalCode',
  'geo',
  'openingHoursSpecification',
] as const;
export type DescribedProperty = (typeof describedProperties)[number];

const MOST_CHARACTERS = 500;
const MOST_NUMBERS = 20;
const text = z.string();

/** What an item tells of a business, as far as another item, here or on another page, can contradict it. */
export const descriptionSchema = z.object({
  syntax: z.enum(syntaxes),
  id: text,
  url: text,
  name: text,
  telephone: text,
  /** All its numbers as they are dialled (E.164). */
  numbers: z.array(text),
  address: z.object({ streetAddress: text, addressLocality: text, postalCode: text }),
  pin: z.object({ latitude: text, longitude: text }),
  hours: hoursSchema,
  /** Where the item stands, and where each property that it has. */
  place: placeSchema,
  places: z.partialRecord(z.enum(describedProperties), placeSchema),
});
export type Description = Readonly<z.infer<typeof descriptionSchema>>;

const cut = (long: string): string => long.slice(0, MOST_CHARACTERS);

/** More businesses of one page are not compared with those of others. */
export const MOST_DESCRIBED = 100;

/** What a source tells of its local businesses, the first hundred; other organisations have no place of their own. */
export const describeAll = (items: readonly ReadItem[]): readonly Description[] =>
  businessesIn(items).filter(isLocalBusiness).slice(0, MOST_DESCRIBED).map(describe);

/** What an item tells of a business; '' for what it does not tell. Texts are cut at 500 characters. */
export function describe(item: ReadItem): Description {
  const read = recordFromItem(item);
  const { id, url, name, telephone, address, pin, hours } = read;
  const country = countryOf(read);
  const numbers = valuesOf(item, 'telephone').flatMap((value) =>
    value.kind === 'text' ? (readTelephone(value.text, country).telephone?.e164 ?? []) : [],
  );
  return {
    syntax: item.syntax,
    id: cut(id),
    url: cut(url),
    name: cut(name),
    telephone: cut(telephone),
    numbers: [...new Set(numbers)].slice(0, MOST_NUMBERS),
    address: {
      streetAddress: cut(address.streetAddress),
      addressLocality: cut(address.addressLocality),
      postalCode: cut(address.postalCode),
    },
    pin: { latitude: cut(pin.latitude), longitude: cut(pin.longitude) },
    hours: shortHours(hours),
    place: item.place,
    places: placesOf(item),
  };
}

/** Hours within the bounds of the schema; a day that no one would read is left out. */
function shortHours(hours: Hours): Hours {
  if (days.every((day) => hours[day].length <= 200)) return hours;
  return hoursSchema.parse(
    Object.fromEntries(days.map((day) => [day, hours[day].length > 200 ? '' : hours[day]])),
  );
}

function placesOf(item: ReadItem): Description['places'] {
  const places: Partial<Record<DescribedProperty, Place>> = {};
  for (const property of describedProperties) {
    const place = placeOf(item, property);
    if (place) places[property] = place;
  }
  return places;
}

/** Where a property of an item stands, parts of its address and coordinates included; undefined where it has none. */
export function placeOf(item: ReadItem, property: string): Place | undefined {
  for (const { name, value, place } of item.properties) {
    if (name === property || (name === 'openingHours' && property === 'openingHoursSpecification'))
      return value.kind === 'text' ? value.place : place;
    if (value.kind === 'item' && (name === 'address' || name === 'geo'))
      for (const inner of value.item.properties)
        if (inner.name === property || (property === 'geo' && inner.name === 'latitude')) return inner.place;
  }
  return undefined;
}
