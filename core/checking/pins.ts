import type { BusinessRecord } from '#core/record';
import { countryCode, foldAddress } from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { isInCountry } from '#core/outline';
import { distanceText, readPin } from '#core/pin';
import { parseUrl } from '#core/link';
import { isPlaceOfBusiness, recordFromItem, type Reading } from '#core/reading';
import { fold } from '#core/text';
import type { Beyond, Towns } from '#core/towns';

/** Pins held against the town and the postal code of their address; each business is judged by itself. */
export const judgePins = (items: readonly ReadItem[], towns: Towns): readonly Finding[] =>
  eachItem(items)
    .filter(({ item }) => valuesOf(item, 'address').length > 0)
    .flatMap(({ item }) => itemsOf(item, 'geo').flatMap((geo) => judgePin(item, geo, towns)));

/** Places with other postal codes or towns, and one pin for them all: one was copied. Told of each but the first. */
export function judgeSharedPins(items: readonly ReadItem[]): readonly Finding[] {
  const first = new Map<string, ReadItem>();
  return eachItem(items).flatMap(({ item }) => {
    const [geo] = itemsOf(item, 'geo');
    const [value] = geo ? valuesOf(geo, 'latitude') : [];
    if (!geo || value?.kind !== 'text') return [];
    const { point } = readPin({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') });
    if (!point) return [];
    const pin = `${String(point.latitude)}, ${String(point.longitude)}`;
    const other = first.get(pin);
    if (!other) first.set(pin, item);
    if (!other || !townOf(item) || !townOf(other) || townOf(other) === townOf(item)) return [];
    const message = `${textOf(item, 'name') || 'This place'} has the coordinates of ${textOf(other, 'name') || 'another place'}, ${pin}, and another address. One of them was copied.`;
    return [finding('value/coordinates-shared', message, value.place, 'latitude')];
  });
}

/**
 * Places in other towns with one street and number, which the page shows but once: one was copied. Told of each but
 * the first; of texts that show nothing, nothing.
 */
export function judgeSharedStreets({ items, visible }: Reading): readonly Finding[] {
  if (!visible?.text) return [];
  let shown: string | undefined;
  let compared = 0;
  const first = new Map<string, ReadItem>();
  return eachItem(items).flatMap(({ item }) => {
    const [address] = itemsOf(item, 'address');
    const [value] = address ? valuesOf(address, 'streetAddress') : [];
    if (value?.kind !== 'text' || !/\d/.test(value.text) || !townOf(item)) return [];
    const street = foldAddress(value.text);
    const other = first.get(street);
    if (!other) first.set(street, item);
    if (!other || townOf(other) === townOf(item) || compared >= MOST_COMPARED) return [];
    compared += 1;
    shown ??= ` ${foldAddress(visible.text)} `;
    if (shown.split(` ${street} `, 3).length > 2) return [];
    const message = `${textOf(item, 'name') || 'This place'} has the street of ${textOf(other, 'name') || 'another place'}, “${shortText(value.text)}”, and another town, and the page shows it once. One of them was copied.`;
    return [finding('value/street-shared', message, value.place, 'streetAddress')];
  });
}

/**
 * Businesses in other towns that name one page as their own, which is neither the site's home page nor this one: it was
 * copied. Told of each but the first.
 */
export function judgeSharedPages({ items, address }: Reading): readonly Finding[] {
  const own = pageKey(address);
  const first = new Map<string, ReadItem>();
  return eachItem(items).flatMap(({ item }) => {
    const [value] = isPlaceOfBusiness(item) ? valuesOf(item, 'url') : [];
    const page = value?.kind === 'text' ? pageKey(value.text) : '';
    if (value?.kind !== 'text' || !page || page === own || !townOf(item)) return [];
    const other = first.get(page);
    if (!other) first.set(page, item);
    if (!other || townOf(other) === townOf(item)) return [];
    const message = `${textOf(item, 'name') || 'This place'} names ${shortText(value.text.trim())} as its page, as ${textOf(other, 'name') || 'another place'} does, and has another address. One of them was copied.`;
    return [finding('value/url-shared', message, value.place, 'url')];
  });
}

/** The page that an address leads to, for comparison; '' for a site's home page and for what is no address. */
function pageKey(address: string): string {
  const url = parseUrl(address.trim());
  const path = url?.pathname.replace(/\/+$/, '') ?? '';
  return url && path ? `${url.host}${path}${url.search}${url.hash}` : '';
}

/** More streets of one page are not looked for. */
const MOST_COMPARED = 100;

/** Postal code and town of an item's address, folded; '' where it has neither. */
function townOf(item: ReadItem): string {
  const [address] = itemsOf(item, 'address');
  return address ? fold(`${textOf(address, 'postalCode')} ${textOf(address, 'addressLocality')}`).trim() : '';
}

/** From the town that names it no district and hardly a region is as far, metres. */
const LARGEST_REGION = 200_000;

/** The towns that a district ("Colombo 03", "Jakarta Pusat") or a region is named after, where its own is not known. */
function townsAbout({ addressLocality, addressRegion }: BusinessRecord['address']): readonly string[] {
  const town = addressLocality.trim();
  // "札幌市中央区" is a ward of 札幌市.
  const [first = ''] =
    /^\p{L}{4,}(?=\s+(?:\p{L}+|\d+)$)|^\p{Script=Han}{1,4}市(?=\p{Script=Han})/u.exec(town) ?? [];
  return [first, addressRegion.trim()].filter((town) => town !== '');
}

function judgePin(item: ReadItem, geo: ReadItem, towns: Towns): readonly Finding[] {
  const { point } = readPin({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') });
  const { address } = recordFromItem(item);
  const country = countryCode(address.addressCountry);
  // Another country is told by its outline already.
  if (!point || !country || isInCountry(country, point) === false) return [];
  const [value] = valuesOf(geo, 'latitude');
  const place = value?.kind === 'text' ? value.place : geo.place;
  // A district of the town that the region is named after, and of a village's name: "Kadıköy, İstanbul".
  const isInRegion = towns.reaches(point, address.addressRegion, country);
  const far = (from: Beyond | undefined, where: string): readonly Finding[] =>
    from && !(from.isSmall && isInRegion)
      ? [
          finding(
            from.isSmall ? 'value/coordinates-doubtful' : 'value/coordinates-far',
            `The coordinates lie ${distanceText(from.distance)} from ${where}, where the address is. ${from.isSmall ? 'Unless another place of that name is meant, one' : 'One'} of them is wrong.`,
            place,
            'latitude',
          ),
        ]
      : [];
  const told = [
    ...far(towns.beyondPostalCode(point, address.postalCode, country), `postal code ${address.postalCode}`),
    ...far(
      towns.beyondTown(point, address.addressLocality, country),
      `the middle of ${address.addressLocality}`,
    ),
    ...townsAbout(address).flatMap((town) => {
      const from = towns.beyondTown(point, town, country);
      // A district or a region reaches further than its town, and may be named after another.
      return from && from.distance > LARGEST_REGION ? far({ ...from, isSmall: true }, town) : [];
    }),
  ].slice(0, 1);
  if (told.length > 0) return told;
  return !towns.isMiddle(point, country)
    ? []
    : [
        finding(
          'value/coordinates-centre',
          `The coordinates are the middle of a town, as lists of towns have it. Give those of the door.`,
          place,
          'latitude',
        ),
      ];
}
