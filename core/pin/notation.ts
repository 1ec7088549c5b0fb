import { westernDigits, percentDecoded } from '#core/text';
import { axisMarks } from './axisWords.ts';
import { readDegrees, type Point } from './pin.ts';

/** A pair of coordinates as its two decimal texts, the latitude first. */
export interface Coordinates {
  readonly latitude: string;
  readonly longitude: string;
}

/**
 * Reads coordinates in every notation people paste: "48.51234, -122.61230", with decimal commas, with
 * hemispheres or the names of the axes in many languages, in degrees, minutes and seconds, as a `geo:` URI (RFC 5870),
 * as a point of GeoJSON, WKT or ISO 6709, or inside a map's address or the code that shows it.
 * undefined where no pair can be read with certainty.
 */
export function readCoordinates(text: string): Coordinates | undefined {
  const written = westernDigits(text.trim().slice(0, 3000).replace(/º/g, '°').normalize('NFKC'))
    .replace(/[−–]/g, '-')
    .replace(/٫/g, '.')
    .replace(/[،、]/g, ',');
  if (written.includes('<'))
    return firstOf([...written.matchAll(/\s(?:content|src|href)\s*=\s*["']([^"']+)/gi)]);
  if (/^geo:/i.test(written)) return fromUri(written);
  if (/^https?:\/\//i.test(written)) return fromAddress(written);
  const eastFirst = EAST_FIRST.exec(written);
  return eastFirst ? pair(eastFirst[2], eastFirst[1]) : fromAngles(written);
}

const firstOf = (attributes: readonly RegExpExecArray[]): Coordinates | undefined =>
  attributes.map(([, value = '']) => readCoordinates(value.replaceAll('&amp;', '&'))).find((read) => read);

/** RFC 5870; or the query that stands behind a point of zeros. */
function fromUri(uri: string): Coordinates | undefined {
  const [, north, east] = /^geo:(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)(?:[,;?].*)?$/i.exec(uri) ?? [];
  const [, asked] = /[?&]q=([^&(]+)/.exec(uri) ?? [];
  return (
    (asked && Number(north) === 0 && Number(east) === 0 ? readCoordinates(asked) : undefined) ??
    pair(north, east)
  );
}

function pair(latitude = '', longitude = ''): Coordinates | undefined {
  const [north, east] = [readDegrees(latitude), readDegrees(longitude)];
  if (north === undefined || east === undefined || Math.abs(north) > 90 || Math.abs(east) > 180)
    return undefined;
  return { latitude: plain(latitude), longitude: plain(longitude) };
}

const plain = (text: string): string => text.trim().replace(',', '.').replace(/^\+/, '').replace(/°$/, '');

/** A point of WKT (OGC 06-103r4) or GeoJSON (RFC 7946): the longitude first. */
const EAST_FIRST =
  /(?:^(?:SRID=4326;\s*)?POINT ?Z?\s*\(|"coordinates"\s*:\s*\[)\s*(-?\d{1,3}(?:\.\d{1,30})?)[\s,]+(-?\d{1,3}(?:\.\d{1,30})?)/i;

/** An angle as it is written: degrees, or degrees with minutes and seconds, and what names its axis or its side. */
interface Angle {
  readonly numbers: string[];
  marks: string;
}

/** Numbers that an angle is made of; a comma before decimals is none where a point follows. */
const NUMBER = /[+-]?\d+(?:\.\d+|,\d+(?!\.\d))?/g;

function fromAngles(text: string): Coordinates | undefined {
  const marked = axisMarks(text);
  const angles = anglesIn(marked);
  if (!angles) return undefined;
  const [first, second, third] = angles;
  // What stands behind a pair with decimals is a height or the zoom of a map.
  const isExact = [first, second].every((angle) => /[.,]\d{3}/.test(angle?.numbers[0] ?? ''));
  if (
    !first ||
    !second ||
    angles.length > 3 ||
    (third && !(isExact && third.numbers.length === 1 && !third.marks))
  )
    return undefined;
  const [axis, other] = [axisOf(first), axisOf(second)];
  if (axis === 'both' || other === 'both' || (axis && axis === other)) return undefined;
  const isEastFirst = axis === 'east' || other === 'north';
  const [north, east] = (isEastFirst ? [second, first] : [first, second]).map(degreesOf);
  return pair(north, east);
}

/** The angles of a text of nothing else; undefined where there is more in it. */
function anglesIn(text: string): Angle[] | undefined {
  const numbers = [...text.matchAll(NUMBER)];
  if (/[^\s°'":,;/|()[\]{}=&+NSEWφλ]/.test(text.replace(NUMBER, ''))) return undefined;
  const angles: Angle[] = [];
  let leads = false;
  let end = 0;
  for (const match of numbers) {
    const [number] = match;
    const between = text.slice(end, match.index);
    const isExplicit = text.startsWith('°', match.index + number.length);
    const last = angles.at(-1);
    // Two that touch are a pair only in the form of ISO 6709: with their signs and decimals.
    if (last && between === '' && !(number.includes('.') && last.numbers[0]?.includes('.'))) return undefined;
    if (last && !isExplicit && goesOn(last, number, between, numbers.length)) last.numbers.push(number);
    else {
      leads ||= !last && /[NSEWφλ]/.test(between);
      // "Lat 48.5° N, Lon 12.6° E": the side behind a number is its own, the axis before the next is that one's.
      const axis = between.search(/[φλ]/);
      const cut = !leads ? between.length : axis < 0 ? 0 : axis;
      if (last) last.marks += between.slice(0, cut).replace(/[^NSEWφλ]/g, '');
      angles.push({ numbers: [number], marks: between.slice(cut).replace(/[^NSEWφλ]/g, '') });
    }
    end = match.index + number.length;
  }
  const last = angles.at(-1);
  if (last) last.marks += text.slice(end).replace(/[^NSEWφλ]/g, '');
  return angles;
}

/** Whether a number is the minutes or seconds of the angle before it. */
function goesOn({ numbers }: Angle, number: string, between: string, total: number): boolean {
  const [degrees = '', minutes = '0'] = numbers;
  const isPlain = (one: string): boolean => /^[+-]?\d+$/.test(one);
  return (
    /^[\s°':]+$/.test(between) &&
    !/["\n]|''/.test(between) &&
    numbers.length < 3 &&
    total > 2 &&
    /^\d{1,2}(?:[.,]\d+)?$/.test(number) &&
    isPlain(degrees) &&
    isPlain(minutes)
  );
}

function axisOf({ marks }: Angle): 'north' | 'east' | 'both' | '' {
  const [north, east] = [/[NSφ]/.test(marks), /[EWλ]/.test(marks)];
  return north && east ? 'both' : north ? 'north' : east ? 'east' : '';
}

/** Decimal degrees of an angle, every typed decimal kept where it is nothing but degrees; '' where it is none. */
function degreesOf({ numbers, marks }: Angle): string {
  const [written = '', minutes, seconds] = numbers;
  const sign = written.startsWith('-') || /[SW]/.test(marks) ? '-' : '';
  const degrees = written.replace(/^[+-]/, '');
  if (minutes === undefined) return sign + degrees;
  const [minute, second] = [minutes, seconds ?? '0'].map((part) => Number(part.replace(',', '.')));
  if (minute === undefined || second === undefined || minute >= 60 || second >= 60) return '';
  return sign + (Number(degrees) + minute / 60 + second / 3600).toFixed(6);
}

/** Maps write the point into their addresses in a few ways: named parameters, "@lat,lon", "zoom/lat/lon". */
function fromAddress(address: string): Coordinates | undefined {
  const written = percentDecoded(address);
  const decimal = String.raw`(-?\d{1,3}\.\d{3,15})`;
  const named = (names: string): string | undefined =>
    new RegExp(`[?&#](?:${names})=${decimal}(?![\\d.])`, 'i').exec(written)?.[1];
  const [north, east] = [named('m?lat|latitude|y'), named('m?lon|m?lng|longitude|x')];
  if (north && east) return pair(north, east);
  // A place's own point goes before the middle of the map that shows it.
  const own = new RegExp(`!3d${decimal}!4d${decimal}`).exec(written);
  if (own) return pair(own[1], own[2]);
  const shown = new RegExp(`!2d${decimal}!3d${decimal}`).exec(written);
  if (shown) return pair(shown[2], shown[1]);
  const together = new RegExp(`[@=/:!]${decimal}(?:,|/|~|\\+|\\s)+${decimal}(?![\\d.])`).exec(written);
  return together ? pair(together[1], together[2]) : undefined;
}

/** A point as two texts with six decimals (about 10 cm). */
export const writePoint = ({ latitude, longitude }: Point): Coordinates => ({
  latitude: latitude.toFixed(6),
  longitude: longitude.toFixed(6),
});
