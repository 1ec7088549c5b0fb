import { countryCode, judgeAddress, type AddressPart } from '#core/address';
import { fault, type Fault } from '#core/fault';
import { dayNamed, isMachineTime, readDay, readOpeningHoursText } from '#core/hours';
import { judgeUrl, parseUrl } from '#core/link';
import { judgeMarkupTelephone, readTelephone } from '#core/phone';
import { readPin } from '#core/pin';
import {
  recordFromItem,
  textOf,
  valuesOf,
  type ReadItem,
  type ReadProperty,
  type Reading,
} from '#core/reading';
import { judgePriceRange, judgeText } from '#core/record';
import { jsonString, type Edit } from '#core/text';
import { isSubtype } from '#core/vocabulary';
import { finding, type Finding } from './finding.ts';

/** What a value stands in: its page's address, and the country its telephone numbers are read in. */
interface Surroundings {
  readonly base: string;
  readonly country: string;
}

/** Family `value`: every value whose form a machine must be able to read. */
export function judgeValues({ items, base }: Reading): readonly Finding[] {
  const found: Finding[] = [];
  const seen = new Set<ReadItem>();
  const visit = (item: ReadItem, surroundings: Surroundings): void => {
    if (seen.has(item)) return;
    seen.add(item);
    const country = recordFromCountry(item) || surroundings.country;
    for (const property of item.properties) {
      if (property.value.kind === 'item') visit(property.value.item, { base, country });
      else found.push(...judgeProperty(item, property, { base, country }));
    }
    found.push(...judgeWhole(item));
  };
  for (const item of items) visit(item, { base, country: '' });
  return found;
}

function recordFromCountry(item: ReadItem): string {
  return valuesOf(item, 'address').length > 0 ? countryCode(recordFromItem(item).address.addressCountry) : '';
}

const URL_PROPERTIES = new Set([
  'url',
  'image',
  'logo',
  'photo',
  'sameAs',
  'hasMap',
  'map',
  'hasMenu',
  'menu',
  'contentUrl',
  'additionalType',
]);
const TELEPHONE_PROPERTIES = new Set(['telephone', 'faxNumber']);
const TEXT_PROPERTIES = new Set([
  'name',
  'legalName',
  'alternateName',
  'description',
  'streetAddress',
  'addressLocality',
  'addressRegion',
  'slogan',
]);

function judgeProperty(
  item: ReadItem,
  { name, value, place }: ReadProperty,
  { base, country }: Surroundings,
): readonly Finding[] {
  if (value.kind === 'item') return [];
  const text = value.text.trim();
  if (!text)
    return [finding('value/empty', `${name} is there, but empty. Leave out what is not known.`, place, name)];
  const tell = (faults: readonly Fault[], mended?: (one: Fault) => string): Finding[] =>
    faults.map((one) =>
      finding(one.code, one.message, value.place, name, mendValue(item, value.place, mended?.(one) ?? '')),
    );
  if (TELEPHONE_PROPERTIES.has(name)) {
    return tell(judgeMarkupTelephone(text, country), ({ code }) =>
      code === 'value/telephone-country' ? (readTelephone(text, country).telephone?.international ?? '') : '',
    );
  }
  if (URL_PROPERTIES.has(name))
    return tell(judgeUrl(text), ({ code }) =>
      code === 'value/url-relative' && base && !/^[\w-]+(\.[\w-]+)+$/.test(text)
        ? (parseUrl(text, base)?.href ?? '')
        : '',
    );
  if (name === 'opens' || name === 'closes') return tell(judgeTime(text), () => machineTime(text));
  if (name === 'dayOfWeek') return tell(judgeDay(text));
  if (name === 'openingHours') return tell(judgeOpeningHours(text));
  if (name === 'priceRange') return tell(judgePriceRange(text));
  if (TEXT_PROPERTIES.has(name)) return tell(judgeText(text));
  return [];
}

/** Only a JSON value can be exchanged by itself; in HTML the value may be text, attribute or both. */
function mendValue(
  item: ReadItem,
  { start, end }: { start: number; end: number },
  text: string,
): Edit[] | null {
  return text && item.syntax === 'jsonld' ? [{ start, end, text: jsonString(text) }] : null;
}

function judgeTime(text: string): readonly Fault[] {
  if (isMachineTime(text)) return [];
  const mended = machineTime(text);
  return [
    fault(
      'value/time',
      `“${text}” is no time a machine can read. Write hours and minutes from 00:00 to 23:59${mended ? `: ${mended}` : ''}.`,
    ),
  ];
}

/** The time that was certainly meant, as "HH:MM"; '' where it is not certain. */
function machineTime(text: string): string {
  const { spans } = readDay(`${text.trim()} - 23:58`);
  return spans?.[0]?.opens ?? '';
}

function judgeDay(text: string): readonly Fault[] {
  if (dayNamed(text) || /^(https?:\/\/schema\.org\/)?PublicHolidays$/.test(text.trim())) return [];
  return [
    fault(
      'value/day',
      `“${text}” is no day of the week to a machine. Write Monday or https://schema.org/Monday, each day by itself.`,
    ),
  ];
}

function judgeOpeningHours(text: string): readonly Fault[] {
  if (readOpeningHoursText(text)) return [];
  return [
    fault(
      'value/hours',
      `“${text}” cannot be read as opening hours. Write days in two letters and a 24-hour clock: Mo-Fr 09:00-17:00.`,
    ),
  ];
}

/** Values that only make sense together: a pin, an address. */
function judgeWhole(item: ReadItem): readonly Finding[] {
  const placeOf = (name: string): Finding['place'] => {
    const [value] = valuesOf(item, name);
    return value?.kind === 'text' ? value.place : item.place;
  };
  if (item.types.some((type) => isSubtype(type, 'GeoCoordinates'))) {
    const pin = { latitude: textOf(item, 'latitude'), longitude: textOf(item, 'longitude') };
    return readPin(pin).faults.map(({ part, code, message }) =>
      finding(code, message, placeOf(part), part, code === 'value/coordinates-swapped' ? swap(item) : null),
    );
  }
  if (item.types.some((type) => isSubtype(type, 'PostalAddress'))) {
    const address = recordFromItem({
      ...item,
      properties: [
        { name: 'address', value: { kind: 'item', item }, place: item.place, namePlace: item.typePlace },
      ],
    }).address;
    const written = textOf(item, 'addressCountry').trim();
    const parts = judgeAddress({ ...address, addressCountry: written || address.addressCountry });
    return parts.map(({ part, code, message }) =>
      finding(code, message, placeOf(part), part, mendPart(item, part, code, placeOf(part))),
    );
  }
  return [];
}

function mendPart(
  item: ReadItem,
  part: AddressPart,
  code: Fault['code'],
  place: Finding['place'],
): Edit[] | null {
  return code === 'value/country' ? mendValue(item, place, countryCode(textOf(item, part))) : null;
}

function swap(item: ReadItem): Edit[] | null {
  const [latitude] = valuesOf(item, 'latitude');
  const [longitude] = valuesOf(item, 'longitude');
  if (item.syntax !== 'jsonld' || latitude?.kind !== 'text' || longitude?.kind !== 'text') return null;
  return [
    { start: latitude.place.start, end: latitude.place.end, text: JSON.stringify(longitude.json) },
    { start: longitude.place.start, end: longitude.place.end, text: JSON.stringify(latitude.json) },
  ];
}
