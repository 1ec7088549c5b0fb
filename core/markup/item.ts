import { addressParts, countryCode, isEmptyAddress } from '#core/address';
import { closedSpan, groupDays, type Day, type Span } from '#core/hours';
import { readTelephone } from '#core/phone';
import { readDegrees, writeDegrees } from '#core/pin';
import { countryOf, type BusinessRecord, type Fact } from '#core/record';
import { isSubtype } from '#core/vocabulary';

/** What the record says in the words of schema.org, before any syntax. Blank facts are left out. */
export interface MarkupItem {
  readonly types: readonly string[];
  readonly id: string;
  readonly properties: readonly MarkupProperty[];
}

export interface MarkupProperty {
  readonly name: string;
  /** The facts it is made from: its lines in the output belong to them. */
  readonly facts: readonly Fact[];
  readonly values: readonly MarkupValue[];
}

export type MarkupValue =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'number'; readonly text: string }
  | { readonly kind: 'item'; readonly item: MarkupItem };

const text = (value: string): MarkupValue => ({ kind: 'text', text: value.trim() });
const item = (type: string, properties: readonly MarkupProperty[]): MarkupValue => ({
  kind: 'item',
  item: { types: [type], id: '', properties },
});

/** The types to write: the record's own, with LocalBusiness beside them where none of them is one. */
export function markupTypes(types: readonly string[]): readonly string[] {
  return types.some((type) => isSubtype(type, 'LocalBusiness')) ? types : [...types, 'LocalBusiness'];
}

/** The telephone number as markup writes it: international where it can be read, else as typed. */
export function markupTelephone(record: BusinessRecord): string {
  return (
    readTelephone(record.telephone, countryOf(record)).telephone?.international ?? record.telephone.trim()
  );
}

/** The record as one item of schema.org, in a fixed order. */
export function businessItem(record: BusinessRecord): MarkupItem {
  const properties: MarkupProperty[] = [];
  const say = (name: string, facts: readonly Fact[], values: readonly MarkupValue[]): void => {
    const said = values.filter((value) => value.kind === 'item' || value.text !== '');
    if (said.length > 0) properties.push({ name, facts, values: said });
  };
  say('name', ['name'], [text(record.name)]);
  say('url', ['url'], [text(record.url)]);
  say('description', ['description'], [text(record.description)]);
  say('telephone', ['telephone'], [text(markupTelephone(record))]);
  if (!isEmptyAddress(record.address)) say('address', [], [addressItem(record)]);
  const geo = geoItem(record);
  if (geo) say('geo', [], [geo]);
  say('openingHoursSpecification', [], hoursItems(record));
  say('priceRange', ['priceRange'], [text(record.priceRange)]);
  say('image', ['image'], record.image.map(text));
  say('sameAs', ['sameAs'], record.sameAs.map(text));
  return { types: markupTypes(record.types), id: record.id.trim(), properties };
}

function addressItem({ address }: BusinessRecord): MarkupValue {
  return item(
    'PostalAddress',
    addressParts.flatMap((part) => {
      const value = part === 'addressCountry' ? countryCode(address[part]) || address[part] : address[part];
      return value.trim() ? [{ name: part, facts: [`address.${part}` as const], values: [text(value)] }] : [];
    }),
  );
}

function geoItem({ pin }: BusinessRecord): MarkupValue | undefined {
  const half = (part: 'latitude' | 'longitude'): MarkupProperty[] => {
    const degrees = writeDegrees(pin[part]);
    if (!degrees) return [];
    const kind = readDegrees(degrees) !== undefined && isJsonNumber(degrees) ? 'number' : 'text';
    return [{ name: part, facts: [`pin.${part}`], values: [{ kind, text: degrees }] }];
  };
  const properties = [...half('latitude'), ...half('longitude')];
  return properties.length > 0 ? item('GeoCoordinates', properties) : undefined;
}

/** Trailing zeros are kept: "48.50000" says how exact the pin is. */
const isJsonNumber = (text: string): boolean => /^-?(0|[1-9]\d*)(\.\d+)?$/.test(text);

function hoursItems(record: BusinessRecord): readonly MarkupValue[] {
  return groupDays(record.hours).flatMap(({ days, spans }) =>
    (spans.length > 0 ? spans : [closedSpan]).map((span) => specification(days, span)),
  );
}

function specification(days: readonly Day[], { opens, closes }: Span): MarkupValue {
  const facts = days.map((day): Fact => `hours.${day}`);
  return item('OpeningHoursSpecification', [
    { name: 'dayOfWeek', facts, values: days.map(text) },
    { name: 'opens', facts, values: [text(opens)] },
    { name: 'closes', facts, values: [text(closes)] },
  ]);
}
