import { addressOf, type BusinessRecord } from '#core/record';
import { countryCode } from '#core/address';
import { finding, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { isInCountry } from '#core/outline';
import { distanceText, readPin, type Point } from '#core/pin';
import { turnedPin } from './coordinates.ts';
import { fold, type Place } from '#core/text';
import type { Beyond, Towns } from '#core/towns';

/** Pins held against the town and the postal code of their address; each business is judged by itself. */
export const judgePins = (items: readonly ReadItem[], towns: Towns, source: string): readonly Finding[] =>
  eachItem(items)
    .filter(({ item }) => valuesOf(item, 'address').length > 0)
    .flatMap(({ item }) => itemsOf(item, 'geo').flatMap((geo) => judgePin(item, geo, towns, source)));

/** From the town that names it no district and hardly a region is as far, metres. */
const LARGEST_REGION = 200_000;

/** The towns that a district ("Colombo 03", "Jakarta Pusat") or a region is named after, where its own is not known. */
function townsAbout({ addressLocality, addressRegion }: BusinessRecord['address']): readonly string[] {
  const town = addressLocality.trim();
  // "札幌市中央区" is a ward of 札幌市.
  const [first = ''] =
    /^\p{L}{4,}(?=\s+(?:\p{L}+|\d+)$)|^\p{Script=Han}{1,4}市(?=\p{Script=Han})/u.exec(town) ?? [];
  // "Co. Galway" is named after its town.
  const region = addressRegion.trim().replace(/^(?:co\.?|county)\s+/i, '');
  return [first, region].filter((town) => town !== '');
}

/** The half in which a point parts from another; the latitude where both do. */
const halfApart = (point: Point, from: Point): 'latitude' | 'longitude' =>
  Math.abs(point.latitude - from.latitude) * APART < Math.abs(point.longitude - from.longitude)
    ? 'longitude'
    : 'latitude';
/** So many times as far in one half as in the other. */
const APART = 4;

/** Where pin and town agree, it is the postal code that is told. */
function codeElsewhere(
  item: ReadItem,
  { postalCode, addressLocality }: BusinessRecord['address'],
  { distance }: Beyond,
): Finding {
  const [code] = itemsOf(item, 'address').flatMap((address) => valuesOf(address, 'postalCode'));
  return finding(
    'value/coordinates-far',
    `The postal code ${postalCode} lies ${distanceText(distance)} from ${addressLocality}, where the coordinates are too. One of them is wrong.`,
    code?.kind === 'text' ? code.place : item.place,
    'postalCode',
  );
}

function judgePin(item: ReadItem, geo: ReadItem, towns: Towns, source: string): readonly Finding[] {
  const { point } = readPin({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') });
  const address = addressOf(item);
  const country = countryCode(address.addressCountry);
  // Another country is told by its outline already.
  if (!point || !country || isInCountry(country, point) === false) return [];
  const placeOf = (half: 'latitude' | 'longitude'): Place => {
    const [value] = valuesOf(geo, half);
    return value?.kind === 'text' ? value.place : geo.place;
  };
  // A district of the town that the region is named after, and of a village's name: "Kadıköy, İstanbul".
  const isInRegion = towns.reaches(point, address.addressRegion, country);
  const isThere = (meant: Point): boolean =>
    isInCountry(country, meant) === true && towns.reaches(meant, address.addressLocality, country);
  const far = (from: Beyond | undefined, where: string): readonly Finding[] => {
    if (!from || (from.isSmall && isInRegion)) return [];
    const half = halfApart(point, from);
    const said = `The coordinates lie ${distanceText(from.distance)} from ${where}, where the address is.`;
    const turned = turnedPin(geo, point, said, isThere, source);
    if (turned) return [turned];
    return [
      finding(
        from.isSmall ? 'value/coordinates-doubtful' : 'value/coordinates-far',
        `${said} ${from.isSmall ? 'Unless another place of that name is meant, one' : 'One'} of them is wrong.`,
        placeOf(half),
        half,
      ),
    ];
  };
  const ofCode = towns.beyondPostalCode(point, address.postalCode, country);
  const isInTown = towns.reaches(point, address.addressLocality, country);
  const told = [
    ...(ofCode && isInTown ? [codeElsewhere(item, address, ofCode)] : []),
    ...far(ofCode, `postal code ${address.postalCode}`),
    ...far(
      towns.beyondTown(point, address.addressLocality, country),
      `the middle of ${address.addressLocality}`,
    ),
    ...(isInTown ? [] : townsAbout(address)).flatMap((town) => {
      const from = towns.beyondTown(point, town, country);
      // A district or a region reaches further than its town, and may be named after another.
      return from && from.name === fold(town) && from.distance > LARGEST_REGION
        ? far({ ...from, isSmall: true }, town)
        : [];
    }),
  ].slice(0, 1);
  if (told.length > 0) return told;
  return !towns.isMiddle(point, country)
    ? []
    : [
        finding(
          'value/coordinates-centre',
          `The coordinates are the middle of a town, as lists of towns have it. Give those of the door.`,
          placeOf('latitude'),
          'latitude',
        ),
      ];
}
