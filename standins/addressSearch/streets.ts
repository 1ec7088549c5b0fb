import * as z from 'zod';
import { countryCode, foldAddress } from '#core/address';
import { distance } from '#core/pin';
import { hit, type Hit } from '#core/geocode';

/** A house number range along one side of a street, counted from the line's beginning to its end. */
const rangeSchema = z.object({ from: z.number().int(), to: z.number().int() });

const streetSchema = z.object({
  type: z.literal('Feature'),
  geometry: z.object({
    type: z.literal('LineString'),
    coordinates: z.array(z.tuple([z.number(), z.number()])).min(2),
  }),
  properties: z.object({
    kind: z.literal('street'),
    name: z.string(),
    town: z.string(),
    region: z.string(),
    postcode: z.string(),
    country: z.string(),
    left: rangeSchema,
    right: rangeSchema,
  }),
});
export type Street = z.infer<typeof streetSchema>;

/** A street map as GeoJSON: streets with house numbers, and whatever else is only drawn. */
export const streetMapSchema = z.object({
  type: z.literal('FeatureCollection'),
  features: z.array(
    z.looseObject({ type: z.literal('Feature'), properties: z.looseObject({ kind: z.string() }) }),
  ),
});

export const streetsOf = (map: unknown): readonly Street[] =>
  streetMapSchema.parse(map).features.flatMap((feature) => {
    const street = streetSchema.safeParse(feature);
    return street.success ? [street.data] : [];
  });

/** How far a house stands from the middle of the street, metres. */
const SETBACK = 9;
/** A number between two known ones is about this exact, metres. */
const DOOR_ACCURACY = 15;
const METRES_PER_DEGREE = 111_195;

/** The streets of a town map by name; house numbers are found between the ends of their ranges. */
export class StreetMap {
  readonly #streets: readonly { readonly key: string; readonly street: Street }[];

  constructor(streets: readonly Street[]) {
    this.#streets = streets.map((street) => ({ key: foldAddress(street.properties.name), street }));
  }

  /** Hits for "214 Quay Street, Port Ellery": the door where the number lies in a range, else the street. */
  search(words: string, most: number): readonly Hit[] {
    const [first = '', ...rest] = words
      .split(',')
      .map((part) => part.trim())
      .filter(Boolean);
    const outside = first.replace(/[\s,]+(?:suite|ste|unit|flat|floor|fl|apartment|apt|#)\.?\s*[\w-]+$/i, '');
    const [, number = '', before = ''] =
      /^(\d{1,6})[a-z]?\s+(.+)$/i.exec(outside) ?? /^()(.+)$/.exec(outside) ?? [];
    const key = foldAddress(before);
    if (!key) return [];
    const found: { hit: Hit; weight: number }[] = [];
    for (const { key: name, street } of this.#streets) {
      const town = foldAddress(street.properties.town);
      const bare = key.endsWith(` ${town}`) ? key.slice(0, -town.length - 1) : key;
      if (!name.startsWith(bare) || !rest.every((part) => fits(street, part))) continue;
      const door = number ? doorOf(street, Number(number)) : undefined;
      found.push({ hit: door ?? streetHit(street), weight: (name === bare ? 2 : 0) + (door ? 4 : 0) });
    }
    return found
      .sort((a, b) => b.weight - a.weight)
      .slice(0, most)
      .map((one) => one.hit);
  }

  /** The nearest door to a point within 200 m. */
  nearest(latitude: number, longitude: number): Hit | undefined {
    const REACH = 200;
    let best: { street: Street; along: number; side: 'left' | 'right'; metres: number } | undefined;
    for (const { street } of this.#streets) {
      const near = project(street, latitude, longitude);
      if (near.metres <= REACH && (!best || near.metres < best.metres)) best = { street, ...near };
    }
    if (!best) return undefined;
    const { from, to } = best.street.properties[best.side];
    const step = Math.sign(to - from) || 1;
    const number = from + 2 * step * Math.round((Math.abs(to - from) * best.along) / 2);
    return doorOf(best.street, number) ?? streetHit(best.street);
  }

  /** Streets whose line enters a box (degrees). */
  within(south: number, west: number, north: number, east: number): readonly Street[] {
    return this.#streets.flatMap(({ street }) =>
      street.geometry.coordinates.some(([x, y]) => x >= west && x <= east && y >= south && y <= north)
        ? [street]
        : [],
    );
  }
}

function fits({ properties: { town, region, postcode, country } }: Street, words: string): boolean {
  const known = [
    town,
    region,
    postcode,
    country,
    `${region} ${postcode}`,
    `${town} ${postcode}`,
    `${town} ${region}`,
    `${town} ${region} ${postcode}`,
  ].map(foldAddress);
  const key = foldAddress(words);
  return (
    known.some((one) => one !== '' && one === key) ||
    countryCode(words) === country ||
    /^(suite|unit|floor|flat|apartment|#)/.test(key)
  );
}

const labelOf = ({ properties: { name, town, region, postcode } }: Street, number = ''): string =>
  `${number ? `${number} ` : ''}${name}, ${town}${region ? `, ${region}` : ''} ${postcode}`;

const partsOf = ({ properties: { name, town, region, postcode, country } }: Street) => ({
  street: name,
  city: town,
  state: region,
  postcode,
  country,
});

function streetHit(street: Street): Hit {
  const [x, y] = pointAt(street, 0.5);
  return hit('street', round(x), round(y), {
    label: labelOf(street),
    name: street.properties.name,
    accuracy: length(street) / 2,
    ...partsOf(street),
  });
}

function doorOf(street: Street, number: number): Hit | undefined {
  for (const side of ['left', 'right'] as const) {
    const { from, to } = street.properties[side];
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    if (number < low || number > high || (number - low) % 2 !== 0) continue;
    const along = from === to ? 0.5 : (number - from) / (to - from);
    const [x, y] = pointAt(street, along, side === 'left' ? SETBACK : -SETBACK);
    return hit('house', round(x), round(y), {
      label: labelOf(street, String(number)),
      name: `${String(number)} ${street.properties.name}`,
      housenumber: String(number),
      accuracy: DOOR_ACCURACY,
      ...partsOf(street),
    });
  }
  return undefined;
}

const round = (degrees: number): number => Math.round(degrees * 1e6) / 1e6;

const length = ({ geometry: { coordinates } }: Street): number =>
  coordinates.slice(1).reduce((sum, to, at) => sum + metresBetween(coordinates[at] ?? to, to), 0);

const metresBetween = ([x1, y1]: readonly [number, number], [x2, y2]: readonly [number, number]): number =>
  distance({ latitude: y1, longitude: x1 }, { latitude: y2, longitude: x2 });

/** The point a part (0 to 1) of the way along a street, so many metres to the left of it. */
function pointAt(street: Street, along: number, left = 0): [number, number] {
  const { coordinates } = street.geometry;
  let rest = along * length(street);
  for (const [at, to] of coordinates.slice(1).entries()) {
    const from = coordinates[at] ?? to;
    const metres = metresBetween(from, to);
    if (rest <= metres || at === coordinates.length - 2) {
      const part = metres === 0 ? 0 : Math.min(1, rest / metres);
      const squeeze = Math.cos((from[1] * Math.PI) / 180);
      const [east, north] = [(to[0] - from[0]) * squeeze, to[1] - from[1]];
      const norm = Math.hypot(east, north) || 1;
      const aside = left / METRES_PER_DEGREE;
      return [
        from[0] + part * (to[0] - from[0]) + ((-north / norm) * aside) / squeeze,
        from[1] + part * (to[1] - from[1]) + (east / norm) * aside,
      ];
    }
    rest -= metres;
  }
  return coordinates[0] ?? [0, 0];
}

/** Where on a street a point comes nearest: how far along (0 to 1), on which side, how many metres away. */
function project(
  street: Street,
  latitude: number,
  longitude: number,
): { along: number; side: 'left' | 'right'; metres: number } {
  const { coordinates } = street.geometry;
  const total = length(street) || 1;
  let walked = 0;
  let best = { along: 0, side: 'left' as 'left' | 'right', metres: Infinity };
  for (const [at, to] of coordinates.slice(1).entries()) {
    const from = coordinates[at] ?? to;
    const squeeze = Math.cos((latitude * Math.PI) / 180);
    const [dx, dy] = [(to[0] - from[0]) * squeeze, to[1] - from[1]];
    const [px, py] = [(longitude - from[0]) * squeeze, latitude - from[1]];
    const part = Math.max(0, Math.min(1, (px * dx + py * dy) / (dx * dx + dy * dy || 1)));
    const metres = Math.hypot(px - part * dx, py - part * dy) * METRES_PER_DEGREE;
    const segment = metresBetween(from, to);
    if (metres < best.metres)
      best = {
        along: (walked + part * segment) / total,
        side: dx * py - dy * px >= 0 ? 'left' : 'right',
        metres,
      };
    walked += segment;
  }
  return best;
}
