import { readDegrees, type Point } from './pin.ts';

/** A pair of coordinates as its two decimal texts, the latitude first. */
export interface Coordinates {
  readonly latitude: string;
  readonly longitude: string;
}

/**
 * Reads coordinates in every notation people paste: "48.51234, -122.61230", with decimal commas, with
 * hemispheres, in degrees, minutes and seconds, as a `geo:` URI (RFC 5870), or inside a map's address.
 * undefined where no pair can be read with certainty.
 */
export function readCoordinates(text: string): Coordinates | undefined {
  const written = text.trim().slice(0, 3000).replace(/[−–]/g, '-');
  const geo = /^geo:(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)(?:[,;?].*)?$/i.exec(written);
  if (geo) return pair(geo[1], geo[2]);
  if (/^https?:\/\//i.test(written)) return fromAddress(written);
  return fromDecimals(written) ?? fromSexagesimal(written);
}

function pair(latitude = '', longitude = ''): Coordinates | undefined {
  const [north, east] = [readDegrees(latitude), readDegrees(longitude)];
  if (north === undefined || east === undefined || Math.abs(north) > 90 || Math.abs(east) > 180)
    return undefined;
  return { latitude: plain(latitude), longitude: plain(longitude) };
}

const plain = (text: string): string => text.trim().replace(',', '.').replace(/^\+/, '').replace(/°$/, '');

function fromDecimals(text: string): Coordinates | undefined {
  const number = String.raw`([+-]?\d{1,3}(?:[.,]\d{1,15})?)\s*°?`;
  const match =
    new RegExp(
      `^\\(?${number}\\s*([NS])?(?:\\s*[,;/]\\s+|\\s*[;/]\\s*|\\s+|(?<![,]\\d*),(?=[+-]?\\d+\\.))${number}\\s*([EW])?\\)?$`,
      'i',
    ).exec(text) ?? /^\(?([+-]?\d{1,3}\.\d+)(),([+-]?\d{1,3}\.\d+)()\)?$/.exec(text);
  if (!match) return undefined;
  const [, north = '', ns = '', east = '', ew = ''] = match;
  const turned = (degrees: string, side: string): string =>
    /[SW]/i.test(side) ? `-${degrees.replace(/^[+-]/, '')}` : degrees;
  return pair(turned(north, ns), turned(east, ew));
}

/** `48°30'44.4"N 122°36'44.3"W`, or the hemisphere first. */
function fromSexagesimal(text: string): Coordinates | undefined {
  const angle = String.raw`(\d{1,3})\s*(?:°|º|d|deg|\s)\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:['’′]|m|min|\s)?\s*)?(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:["”″]|''|s|sec)?\s*)?`;
  const after = new RegExp(`^${angle}([NS])[\\s,;]*${angle}([EW])$`, 'i').exec(text);
  const before = new RegExp(`^([NS])\\s*${angle}[\\s,;]*([EW])\\s*${angle}$`, 'i').exec(text);
  const cells = after
    ? ([after.slice(1, 4), after[4], after.slice(5, 8), after[8]] as const)
    : before
      ? ([before.slice(2, 5), before[1], before.slice(6, 9), before[5]] as const)
      : undefined;
  if (!cells) return undefined;
  const [north, ns = '', east, ew = ''] = cells;
  const degrees = (parts: readonly (string | undefined)[], side: string): string => {
    const [whole = 0, minutes = 0, seconds = 0] = parts.map((part) =>
      Number((part ?? '0').replace(',', '.')),
    );
    if (minutes >= 60 || seconds >= 60) return '';
    const sign = /[SW]/i.test(side) ? -1 : 1;
    return (sign * (whole + minutes / 60 + seconds / 3600)).toFixed(6);
  };
  return pair(degrees(north, ns), degrees(east, ew));
}

/** Maps write the point into their addresses in a few ways: named parameters, "@lat,lon", "zoom/lat/lon". */
function fromAddress(address: string): Coordinates | undefined {
  let written: string;
  try {
    written = decodeURIComponent(address);
  } catch {
    written = address;
  }
  const decimal = String.raw`(-?\d{1,3}\.\d{3,15})`;
  const named = (names: string): string | undefined =>
    new RegExp(`[?&#](?:${names})=${decimal}(?![\\d.])`, 'i').exec(written)?.[1];
  const [north, east] = [named('m?lat|latitude'), named('m?lon|m?lng|longitude')];
  if (north && east) return pair(north, east);
  const together = new RegExp(`[@=/:!]${decimal}(?:,|/|\\+|\\s)+${decimal}(?![\\d.])`).exec(written);
  return together ? pair(together[1], together[2]) : undefined;
}

/** A point as two texts with six decimals (about 10 cm). */
export const writePoint = ({ latitude, longitude }: Point): Coordinates => ({
  latitude: latitude.toFixed(6),
  longitude: longitude.toFixed(6),
});
