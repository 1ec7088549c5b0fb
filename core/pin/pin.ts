import * as z from 'zod';
import { fault, type Fault } from '#core/fault';
import { counted } from '#core/text';

/** Where a pin came from. '' for not said. */
const pinOrigins = ['typed', 'pasted', 'searched', 'dragged', 'imported'] as const;
/** What a pin marks; a hit of a search is never more exact than the map behind it. '' for not said. */
const exactnesses = ['door', 'street', 'postcode', 'town'] as const;
export type Exactness = (typeof exactnesses)[number];

/** The coordinates of a branch as typed, in decimal degrees WGS-84, and how they were found; '' for not set. */
export const pinSchema = z.object({
  latitude: z.string().max(60).default(''),
  longitude: z.string().max(60).default(''),
  origin: z
    .enum(['', ...pinOrigins])
    .catch('')
    .default(''),
  exactness: z
    .enum(['', ...exactnesses])
    .catch('')
    .default(''),
});
export type Pin = Readonly<z.infer<typeof pinSchema>>;

export const emptyPin: Pin = { latitude: '', longitude: '', origin: '', exactness: '' };

/** A point in decimal degrees WGS-84. */
export interface Point {
  readonly latitude: number;
  readonly longitude: number;
}

/** Decimal degrees from a text with point or comma; undefined for anything else. */
export function readDegrees(text: string): number | undefined {
  const written = text.trim().replace('−', '-').replace(/°$/, '');
  if (!/^[+-]?\d{1,3}([.,]\d{1,30})?$/.test(written)) return undefined;
  return Number(written.replace(',', '.'));
}

/** The degrees as markup writes them: a plain decimal with a point, every typed decimal kept. */
export const writeDegrees = (text: string): string =>
  text.trim().replace('−', '-').replace(/^\+/, '').replace(',', '.').replace(/°$/, '');

export interface PinReading {
  /** undefined where the pin is not set or cannot be a place on earth. */
  readonly point: Point | undefined;
  readonly faults: readonly (Fault & { readonly part: PinHalf })[];
}

type PinHalf = 'latitude' | 'longitude';

const MIN_DECIMALS = 5;

/** Reads and judges a pin. A pin that is not set at all has no fault here. */
export function readPin(pin: Pick<Pin, PinHalf>): PinReading {
  const faults: (Fault & { part: PinHalf })[] = [];
  const tell = (part: PinHalf, code: Fault['code'], message: string): void =>
    void faults.push({ part, ...fault(code, message) });
  if (!pin.latitude.trim() && !pin.longitude.trim()) return { point: undefined, faults };
  for (const part of ['latitude', 'longitude'] as const) {
    if (!pin[part].trim())
      tell(part, 'value/coordinates-incomplete', `The ${part} is missing; one half of a pin is no place.`);
    else if (readDegrees(pin[part]) === undefined)
      tell(
        part,
        'value/coordinate',
        `“${pin[part]}” is no ${part}. Write decimal degrees, like ${part === 'latitude' ? '47.60621' : '-122.33207'}.`,
      );
  }
  const latitude = readDegrees(pin.latitude);
  const longitude = readDegrees(pin.longitude);
  if (latitude === undefined || longitude === undefined) return { point: undefined, faults };
  if (Math.abs(latitude) > 90) {
    const swapped = Math.abs(longitude) <= 90 && Math.abs(latitude) <= 180;
    if (swapped)
      tell(
        'latitude',
        'value/coordinates-swapped',
        `${pin.latitude} cannot be a latitude, which ends at 90. Latitude and longitude seem to have changed places.`,
      );
    else
      tell(
        'latitude',
        'value/coordinate-range',
        `A machine reads ${pin.latitude} as the latitude, which ends at 90 degrees.`,
      );
    return { point: undefined, faults };
  }
  if (Math.abs(longitude) > 180) {
    tell(
      'longitude',
      'value/coordinate-range',
      `A machine reads ${pin.longitude} as the longitude, which ends at 180 degrees.`,
    );
    return { point: undefined, faults };
  }
  if (latitude === 0 && longitude === 0) {
    tell('latitude', 'value/coordinates-zero', '0, 0 lies in the sea off Africa: the pin was never set.');
    return { point: undefined, faults };
  }
  const decimalsOf = (part: PinHalf): number => writeDegrees(pin[part]).split('.')[1]?.length ?? 0;
  const finest = Math.max(decimalsOf('latitude'), decimalsOf('longitude'));
  for (const part of ['latitude', 'longitude'] as const) {
    const decimals = decimalsOf(part);
    // A number loses the zeros at its end: beside a fine half, two of them may be gone.
    if (decimals < (finest >= MIN_DECIMALS ? MIN_DECIMALS - 2 : MIN_DECIMALS))
      tell(
        part,
        'value/coordinates-coarse',
        `${pin[part]} has ${counted(decimals, 'decimal')}: the point can be off by ${coarseness(decimals)}. Give at least five.`,
      );
  }
  return { point: { latitude, longitude }, faults };
}

/** How far a coordinate of so many decimals can be off, half a unit of the last one, as people say it. */
function coarseness(decimals: number): string {
  const metres = 55_660 / 10 ** decimals;
  return metres >= 1000 ? `${String(Math.round(metres / 1000))} km` : `${String(Math.round(metres))} m`;
}

const EARTH_RADIUS_METRES = 6_371_008.8;

/** Great-circle distance in metres (haversine on the mean earth radius of IUGG). */
export function distance(a: Point, b: Point): number {
  const radians = (degrees: number): number => (degrees * Math.PI) / 180;
  const half = (difference: number): number => Math.sin(radians(difference) / 2) ** 2;
  const chord =
    half(b.latitude - a.latitude) +
    Math.cos(radians(a.latitude)) * Math.cos(radians(b.latitude)) * half(b.longitude - a.longitude);
  return 2 * EARTH_RADIUS_METRES * Math.asin(Math.min(1, Math.sqrt(chord)));
}

/** "12 m", "3.4 km", "120 km". */
export function distanceText(metres: number): string {
  if (metres < 1000) return `${String(Math.round(metres))} m`;
  return metres < 10_000 ? `${(metres / 1000).toFixed(1)} km` : `${String(Math.round(metres / 1000))} km`;
}
