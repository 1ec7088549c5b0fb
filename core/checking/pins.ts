import { countryCode } from '#core/address';
import { finding, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { isInCountry } from '#core/outline';
import { distanceText, readPin } from '#core/pin';
import { recordFromItem } from '#core/reading';
import { fold } from '#core/text';
import type { Beyond, Towns } from '#core/towns';

/** Pins held against the town and the postal code of their address; each business is judged by itself. */
export const judgePins = (items: readonly ReadItem[], towns: Towns): readonly Finding[] =>
  eachItem(items)
    .filter(({ item }) => valuesOf(item, 'address').length > 0)
    .flatMap(({ item }) => itemsOf(item, 'geo').flatMap((geo) => judgePin(item, geo, towns)));

/** Places with other postal codes or towns, and one pin for them all: one was copied. Told of each but the first. */
export function judgeSharedPins(items: readonly ReadItem[]): readonly Finding[] {
  const first = new Map<string, { readonly where: string; readonly name: string }>();
  return eachItem(items).flatMap(({ item }) => {
    const [geo] = itemsOf(item, 'geo');
    const [value] = geo ? valuesOf(geo, 'latitude') : [];
    const { address, name } = recordFromItem(item);
    const where = fold(`${address.postalCode} ${address.addressLocality}`).trim();
    if (!geo || value?.kind !== 'text' || !where) return [];
    const { point } = readPin({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') });
    const pin = point ? `${String(point.latitude)}, ${String(point.longitude)}` : '';
    const other = first.get(pin);
    if (!pin || !other) {
      if (pin) first.set(pin, { where, name });
      return [];
    }
    if (other.where === where) return [];
    const message = `${name || 'This place'} has the coordinates of ${other.name || 'another place'}, ${pin}, and another address. One of them was copied.`;
    return [finding('value/coordinates-shared', message, value.place, 'latitude')];
  });
}

function judgePin(item: ReadItem, geo: ReadItem, towns: Towns): readonly Finding[] {
  const { point } = readPin({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') });
  const { address } = recordFromItem(item);
  const country = countryCode(address.addressCountry);
  // Another country is told by its outline already.
  if (!point || !country || isInCountry(country, point) === false) return [];
  const [value] = valuesOf(geo, 'latitude');
  const place = value?.kind === 'text' ? value.place : geo.place;
  const far = (from: Beyond | undefined, where: string): readonly Finding[] =>
    from
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
