import { finding, shortText, type Finding } from '#core/fault';
import type { ReadItem, ReadProperty } from '#core/item';
import { isInCountry } from '#core/outline';
import { readCoordinates, readPin } from '#core/pin';
import { jsonString, table, type Edit } from '#core/text';
import { areOf, isSubtype } from '#core/vocabulary';
import { DATA_TYPES } from './meant.ts';
import type { TextValue } from './spot.ts';
import { countryOfItem } from './values.ts';

/** Without these as items a machine learns nothing; other texts for items are names to it. */
const NEEDS_ITEM = new Set([
  'acceptedAnswer',
  'aggregateRating',
  'contactPoint',
  'geo',
  'geoMidpoint',
  'hoursAvailable',
  'offers',
  'openingHoursSpecification',
  'review',
  'reviewRating',
  'specialOpeningHoursSpecification',
  'starRating',
]);

/** What a text is of the item that a property wants, where it is not its name. */
const SAID_AS = table<readonly [type: string, property: string]>({
  acceptedAnswer: ['Answer', 'text'],
  founder: ['Person', 'name'],
  employee: ['Person', 'name'],
  amenityFeature: ['LocationFeatureSpecification', 'name'],
});

/**
 * A text where schema.org wants an item, and nothing else. Texts are tolerated (schema.org, "Conformance"), so it is a
 * fault only where it says nothing so, and else a note on what belongs to a business.
 */
export function judgeTextForItem(
  item: ReadItem,
  { name, place }: ReadProperty,
  value: TextValue,
  ranges: readonly string[],
): Finding | undefined {
  const text = value.text.trim();
  // An address leads to the item.
  if (/^$|^(?:https?:|#|\.{0,2}\/)/i.test(text)) return undefined;
  if (NEEDS_ITEM.has(name))
    return finding(
      'vocabulary/value-kind',
      `${name} is the text “${value.text.slice(0, 60)}”; a machine needs an item of type ${ranges.join(' or ')} there.`,
      place,
      name,
      { edits: itemIn(name, value, countryOfItem(item)), guess: true },
    );
  const isOfBusiness = areOf(item.types, 'Organization', 'Place');
  if (!isOfBusiness || ranges.some(takesText)) return undefined;
  const [only = '', ...others] = ranges;
  const [type, property] =
    SAID_AS[name] ?? (others.length > 0 ? [''] : [only, only === 'QuantitativeValue' ? 'value' : 'name']);
  const message = `${name} is the text “${shortText(text)}”; a machine learns more from an item there, ${ranges.join(' or ')}${type ? ` with its ${property ?? 'name'}` : ''}.`;
  return finding('vocabulary/text-for-item', message, place, name, {
    edits:
      type && property && (property !== 'value' || /^\d+$/.test(text)) ? saidAs(value, type, property) : null,
    guess: true,
  });
}

/** Whether a text is a value of a range: a quantity is a number with its unit (schema.org/Quantity). */
const takesText = (range: string): boolean =>
  DATA_TYPES.has(range) || range === 'Thing' || isSubtype(range, 'Quantity');

/** A text of JSON as the item that a property needs, where it can be told; null otherwise. */
function itemIn(name: string, value: TextValue, country: string): readonly Edit[] | null {
  if (name === 'geo' || name === 'geoMidpoint') return pointIn(value, country);
  if (name === 'acceptedAnswer') return saidAs(value, 'Answer', 'text');
  const isRating = name === 'reviewRating' || name === 'starRating';
  return isRating && /^[1-5](?:\.\d)?$/.test(value.text.trim())
    ? saidAs(value, 'Rating', 'ratingValue')
    : null;
}

/** What JSON says as a text or number, as one property of an item. */
function saidAs(
  { holder, json, text, place: { start, end } }: TextValue,
  type: string,
  property: string,
): readonly Edit[] | null {
  if (holder !== 'json') return null;
  const said = typeof json === 'string' ? jsonString(text.trim()) : text;
  return [{ start, end, text: `{ "@type": "${type}", "${property}": ${said} }` }];
}

/** A pin that JSON gives as one text, as the item that machines want; null where it is none of the address's country. */
function pointIn(
  { text, holder, place: { start, end } }: TextValue,
  country: string,
): readonly Edit[] | null {
  const pin = holder === 'json' ? readCoordinates(text) : undefined;
  const { point } = pin ? readPin(pin) : {};
  if (!pin || !point || (country && isInCountry(country, point) === false)) return null;
  const { latitude, longitude } = pin;
  const item = `{ "@type": "GeoCoordinates", "latitude": ${latitude}, "longitude": ${longitude} }`;
  return [{ start, end, text: item }];
}
