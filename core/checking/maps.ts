import { finding, type Finding } from '#core/fault';
import type { HtmlElement } from '#core/html';
import { itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { distance, distanceText, readCoordinates, readPin, type Coordinates, type Point } from '#core/pin';
import { businessesIn, isLocalBusiness, type Reading } from '#core/reading';
import type { Place } from '#core/text';

/** A map's middle may be so many metres from the door that it shows. */
const APART = 3000;
const MOST_MAPS = 200;
/** What may be coordinates has decimals. */
const DECIMALS = /\d[.,]\d{3}/;

/** The point of the only local business of a page; undefined where there are several, or none has one. */
export function onlyPoint(items: readonly ReadItem[]): Point | undefined {
  const [business, ...others] = businessesIn(items).filter(isLocalBusiness);
  const [geo] = business && others.length === 0 ? itemsOf(business, 'geo') : [];
  return geo && pointOf({ latitude: textOf(geo, 'latitude'), longitude: textOf(geo, 'longitude') });
}

const pointOf = (written: Coordinates): Point | undefined => readPin(written).point;

/**
 * Maps of the page, and that of `hasMap`, that all show another place than the coordinates of its only business: they
 * are written into a map's address, a `geo:` link (RFC 5870) or the attributes that a script makes the map from.
 */
export function judgeMaps({ document, items, lines }: Reading): readonly Finding[] {
  const door = onlyPoint(items);
  if (!door) return [];
  const shown = (document?.elements ?? []).flatMap((element) => {
    const written = element.inert ? undefined : shownBy(element);
    return written ? [{ written, place: lines.place(element.start, element.contentStart) }] : [];
  });
  const maps = [...hasMapOf(items), ...shown.slice(0, MOST_MAPS)];
  const far = maps.flatMap(({ written, place }) => {
    // Some maps write the longitude first.
    const points = [written, { latitude: written.longitude, longitude: written.latitude }].map(pointOf);
    const metres = Math.min(...points.map((point) => (point ? distance(door, point) : Infinity)));
    return metres > APART && points[0] ? [{ metres: distance(door, points[0]), place }] : [];
  });
  const [first] = far;
  if (!first || far.length < maps.length) return [];
  const message = `The map of the page is ${distanceText(first.metres)} from the coordinates of its markup. One of them is wrong.`;
  return [finding('agreement/position', message, first.place, 'geo')];
}

/** The coordinates that an element's map is made from. */
function shownBy({ name, attributes }: HtmlElement): Coordinates | undefined {
  const address =
    name === 'iframe'
      ? (attributes['src'] ?? attributes['data-src'])
      : name === 'a'
        ? attributes['href']
        : '';
  if (address && DECIMALS.test(address)) return readCoordinates(address);
  const north = attributes['data-lat'] ?? attributes['data-latitude'];
  const east = attributes['data-lng'] ?? attributes['data-lon'] ?? attributes['data-longitude'];
  return north && east && DECIMALS.test(north) ? { latitude: north, longitude: east } : undefined;
}

const hasMapOf = (
  items: readonly ReadItem[],
): readonly { readonly written: Coordinates; readonly place: Place }[] =>
  businessesIn(items).flatMap((item) =>
    valuesOf(item, 'hasMap').flatMap((value) => {
      const written =
        value.kind === 'text' && DECIMALS.test(value.text) ? readCoordinates(value.text) : undefined;
      return written && value.kind === 'text' ? [{ written, place: value.place }] : [];
    }),
  );
