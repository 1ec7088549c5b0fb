import { cells } from './cells.ts';

interface Point {
  readonly latitude: number;
  readonly longitude: number;
}

/** Territories that addresses give the country of as well, by ISO 3166-1 alpha-2. */
const TERRITORIES: Readonly<Record<string, readonly string[]>> = {
  AU: ['NF', 'HM'],
  CN: ['HK', 'MO', 'TW'],
  DK: ['FO', 'GL'],
  FI: ['AX'],
  FR: ['GP', 'MQ', 'GF', 'RE', 'YT', 'PM', 'MF', 'BL', 'NC', 'PF', 'WF'],
  GB: ['IM', 'JE', 'GG', 'GI', 'FK', 'BM', 'KY', 'TC', 'VG', 'AI', 'MS', 'SH'],
  IL: ['PS'],
  MA: ['EH'],
  NL: ['AW', 'CW', 'SX', 'BQ'],
  NO: ['SJ'],
  NZ: ['CK', 'NU'],
  RS: ['XK'],
  US: ['PR', 'VI', 'GU', 'AS', 'MP'],
};
/** What the atlas draws otherwise than addresses are written: south, west, north and east of it, degrees. */
const MORE: Readonly<Record<string, readonly [number, number, number, number]>> = {
  UA: [44, 32, 47, 37],
  CY: [34, 32, 36, 35],
  RS: [41, 20, 44, 22],
};
/** A pin may lie in a harbour: degrees off the land. */
const OFF_SHORE = 0.15;

const read = new Map<string, ReadonlySet<number>>();
const number = (latitude: number, longitude: number): number =>
  (Math.floor(latitude) + 90) * 360 + Math.floor(longitude) + 180;

/** The cells of a country of one degree each, by number. */
function cellsOf(code: string): ReadonlySet<number> {
  const known = read.get(code);
  if (known) return known;
  const found = new Set<number>();
  for (const row of (cells[code] ?? '').split(';')) {
    const [latitude, runs = ''] = row.split(':');
    for (const run of runs.split(',').filter(Boolean)) {
      const [from = NaN, until = from] = run.split('_').map(Number);
      for (let at = from; at <= until; at += 1) found.add(number(Number(latitude), at));
    }
  }
  read.set(code, found);
  return found;
}

const OFF = [-OFF_SHORE, 0, OFF_SHORE] as const;

/** The cells that a point lies in or near: mostly one. */
const cellsAbout = ({ latitude, longitude }: Point): ReadonlySet<number> =>
  new Set(OFF.flatMap((north) => OFF.map((east) => number(latitude + north, longitude + east))));

function touches(code: string, point: Point): boolean {
  const own = cellsOf(code);
  for (const cell of cellsAbout(point)) if (own.has(cell)) return true;
  return false;
}

let byCell: ReadonlyMap<number, readonly string[]> | undefined;

/** The countries of each cell. */
function countriesOfCells(): ReadonlyMap<number, readonly string[]> {
  if (byCell) return byCell;
  const found = new Map<number, string[]>();
  for (const code of Object.keys(cells))
    for (const cell of cellsOf(code)) {
      const known = found.get(cell);
      if (known) known.push(code);
      else found.set(cell, [code]);
    }
  return (byCell = found);
}

/**
 * Whether a point (degrees WGS-84) lies in a country (ISO 3166-1 alpha-2) or near its coast, as exactly as one degree
 * tells; undefined for a country whose outline is not known.
 */
export function isInCountry(code: string, point: Point): boolean | undefined {
  if (!cells[code]) return undefined;
  const [south, west, north, east] = MORE[code] ?? [NaN, NaN, NaN, NaN];
  const { latitude, longitude } = point;
  if (latitude >= south && latitude <= north && longitude >= west && longitude <= east) return true;
  return [code, ...(TERRITORIES[code] ?? [])].some((one) => touches(one, point));
}

/** Half of a point. */
type Half = 'latitude' | 'longitude';

/**
 * Which half of a point that does not lie in a country is that of no place there, where the other is that of one;
 * undefined where both are, or neither is.
 */
export function halfOutside(code: string, point: Point): Half | undefined {
  const all = [code, ...(TERRITORIES[code] ?? [])].flatMap((one) => [...cellsOf(one)]);
  const isOf = (half: Half): boolean => {
    const lines = OFF.map((off) => Math.floor(point[half] + off));
    return all.some((cell) =>
      lines.includes(half === 'latitude' ? Math.floor(cell / 360) - 90 : (cell % 360) - 180),
    );
  };
  const [hasLatitude, hasLongitude] = [isOf('latitude'), isOf('longitude')];
  if (hasLatitude === hasLongitude) return undefined;
  return hasLatitude ? 'longitude' : 'latitude';
}

/** The countries (ISO 3166-1 alpha-2) a point may lie in, in the order of their codes. */
export const countriesAt = (point: Point): readonly string[] => [
  ...new Set([...cellsAbout(point)].flatMap((cell) => countriesOfCells().get(cell) ?? []).toSorted()),
];
