/** Facts that two businesses of one source cannot share: one was copied and not changed. */
import { foldAddress } from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { foldUrl } from '#core/link';
import { readPin } from '#core/pin';
import { isPlaceOfBusiness, type Reading } from '#core/reading';
import { fold } from '#core/text';

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
  const own = foldUrl(address);
  const first = new Map<string, ReadItem>();
  return eachItem(items).flatMap(({ item }) => {
    const [value] = isPlaceOfBusiness(item) ? valuesOf(item, 'url') : [];
    const page = value?.kind === 'text' ? foldUrl(value.text) : '';
    // The site's home page has no path.
    if (value?.kind !== 'text' || !page.includes('/') || page === own || !townOf(item)) return [];
    const other = first.get(page);
    if (!other) first.set(page, item);
    if (!other || townOf(other) === townOf(item)) return [];
    const message = `${textOf(item, 'name') || 'This place'} names ${shortText(value.text.trim())} as its page, as ${textOf(other, 'name') || 'another place'} does, and has another address. One of them was copied.`;
    return [finding('value/url-shared', message, value.place, 'url')];
  });
}

/** More streets of one page are not looked for. */
const MOST_COMPARED = 100;

/** Postal code (without its blanks) and town of an item's address, folded; '' where it has neither. */
function townOf(item: ReadItem): string {
  const [address] = itemsOf(item, 'address');
  const code = address ? textOf(address, 'postalCode').replace(/[\s-]/g, '') : '';
  return address ? fold(`${code} ${textOf(address, 'addressLocality')}`).trim() : '';
}
