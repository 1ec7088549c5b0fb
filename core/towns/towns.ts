import { distance } from '#core/pin';
import { fold, remember } from '#core/text';
import { postTowns } from './postTowns.ts';
import { postalAreas, townRows } from './rows.ts';

interface Point {
  readonly latitude: number;
  readonly longitude: number;
}

/** A town and how far from its middle its doors may be. */
interface Town extends Point {
  /** Folded. */
  readonly name: string;
  /** Metres. */
  readonly reach: number;
  /** Fewer than ten thousand people: there may be a village of the same name that no list has. */
  readonly isSmall: boolean;
}

/** Where towns and postal codes are: what an address says of its pin. */
export interface Towns {
  /** How far a point is from the nearest town of a name beyond where that may reach, and from which; undefined where it may be there, or no such town is known. */
  readonly beyondTown: (point: Point, town: string, country: string) => Beyond | undefined;
  /** The same for a postal code: those of the United States and of Canadian towns, and those of `postTowns` by the town they are led through. */
  readonly beyondPostalCode: (point: Point, code: string, country: string) => Beyond | undefined;
  /** Whether a point may be in a town of a name, or near it; false where no such town is known. */
  readonly reaches: (point: Point, town: string, country: string) => boolean;
  /** Whether a point is the middle of a town, as lists of towns have it. */
  readonly isMiddle: (point: Point, country: string) => boolean;
}

export interface Beyond extends Point {
  /** Folded; of a town that was found by the beginning of its name, the whole of it. */
  readonly name: string;
  /** Metres. */
  readonly distance: number;
  /** Of a small place: another of that name may be meant. */
  readonly isSmall: boolean;
}

/** Kilometres from the middle that a town of so many digits of people may reach, from four digits on. */
const REACH_KM = [25, 28, 32, 40, 75] as const;
/** Where a town's land may be as wide as a county. */
const WIDE = new Set([
  'US',
  'CA',
  'AU',
  'NZ',
  'RU',
  'NO',
  'SE',
  'FI',
  'IS',
  'BR',
  'AR',
  'CL',
  'MX',
  'ZA',
  'CN',
  'IN',
  'SA',
]);
/** A point nearer than this to a town's middle is that middle, metres. */
const SAME_POINT = 8;
/** Added to the radius of a postal code's area, metres. */
const MARGIN = 40_000;

const degrees = (text: string | undefined): number => parseInt(text ?? '', 36) / 10_000 - 180;

/** All rows of a country, each between semicolons; they are searched as text, which is faster than reading them all. */
const rowsOf = remember((country) =>
  Object.hasOwn(townRows, country) ? `;${townRows[country]?.() ?? ''};` : '',
);

function townOf(row: string, country: string): Town {
  const [name = '', latitude, longitude, size] = row.split(',');
  const reach = (REACH_KM[Number(size)] ?? 90) * 1000 * (WIDE.has(country) ? 2 : 1);
  return { name, latitude: degrees(latitude), longitude: degrees(longitude), reach, isSmall: size === '0' };
}

/** The towns in whose rows a text stands. */
function townsWith(text: string, country: string): readonly Town[] {
  const rows = rowsOf(country);
  const found: Town[] = [];
  for (let at = rows.indexOf(text); at >= 0; at = rows.indexOf(text, at + 1)) {
    const start = text.startsWith(';') ? at + 1 : rows.lastIndexOf(';', at) + 1;
    found.push(townOf(rows.slice(start, rows.indexOf(';', start)), country));
  }
  return found;
}

/** The towns of a folded name behind the code of its country: one page asks again and again. */
const townsOf = remember((countryAndKey): readonly Town[] => {
  const [country, key] = [countryAndKey.slice(0, 2), countryAndKey.slice(2)];
  const found = townsWith(`;${key},`, country);
  return found.length > 0 ? found : longerNamed(key, country);
});

function named(town: string, country: string): readonly Town[] {
  const key = fold(town);
  return key === '' || /[;,]/.test(key) || country.length !== 2 ? [] : townsOf(country + key);
}

/** What goes on to tell which town of a name it is. */
const BY_WHAT = /^ (?:de|del|di|da|do|dos|am|an|im|in|bei|ob|auf|upon|on|sur|sous|les|aan|op|nad) /;

/** The town, of several the largest, whose name goes on where people end it, as "León de los Aldama"; it may be another. */
function longerNamed(key: string, country: string): readonly Town[] {
  const [largest, next] = [' ', '-']
    .flatMap((mark) => townsWith(`;${key}${mark}`, country))
    // "Port" is not the beginning of "Port Arthur", which is no Port.
    .filter(({ name }) => BY_WHAT.test(name.slice(key.length).replace(/-/g, ' ')))
    .toSorted((a, b) => b.reach - a.reach);
  const isClear = largest !== undefined && (next === undefined || next.reach < largest.reach);
  return isClear ? [{ ...largest, isSmall: true }] : [];
}

/** A latitude as the rows have it, so many ten-thousandths of a degree off. */
const written = (latitude: number, off: number): string =>
  (Math.round((latitude + 180) * 10_000) + off).toString(36);

let areas: ReadonlyMap<string, Town> | undefined;

function areaOf(code: string, country: string): Town | undefined {
  areas ??= new Map(
    postalAreas()
      .split(';')
      .map((row) => {
        const [key = '', latitude, longitude, radius] = row.split(',');
        const reach = Number(radius) * 1000 + MARGIN;
        return [
          key,
          {
            name: key.slice(2),
            latitude: degrees(latitude),
            longitude: degrees(longitude),
            reach,
            isSmall: false,
          },
        ];
      }),
  );
  return areas.get(`${country}${code.trim().toUpperCase().slice(0, 3)}`);
}

const postTownsOf = new Map<string, ReadonlyMap<string, Town>>();

/** The towns of a country's postal codes, by the first digits or letters of a code. */
function postTownsIn(country: string): ReadonlyMap<string, Town> {
  const known = postTownsOf.get(country);
  if (known) return known;
  const found = new Map<string, Town>();
  const { reach = 0, areas: list = '' } = Object.hasOwn(postTowns, country) ? (postTowns[country] ?? {}) : {};
  for (const area of list.split(/;\s*/)) {
    const [, first = '', last = first, wide = '', name = ''] =
      /^(\w+)(?:-(\d+))?(\**) (.+)$/s.exec(area) ?? [];
    const [town] = named(name, country).toSorted((a, b) => b.reach - a.reach);
    if (!town) continue;
    const one = { ...town, reach: reach * 1000 * 3 ** wide.length, isSmall: false };
    if (/\D/.test(first)) found.set(first, one);
    else
      for (let at = Number(first); at <= Number(last); at += 1) found.set(String(at).padStart(2, '0'), one);
  }
  postTownsOf.set(country, found);
  return found;
}

/** The town that a postal code is led through. */
const postTownOf = (code: string, country: string): Town | undefined =>
  postTownsIn(country).get(/^(?:\d{2}|[A-Z]{1,2}(?=\d))/.exec(code.trim().toUpperCase())?.[0] ?? '');

/** The nearest of some places, where even that does not reach to the point. */
function beyond(point: Point, places: readonly Town[]): Beyond | undefined {
  const all = places.map((one) => ({ ...one, distance: distance(point, one) }));
  if (all.length === 0 || all.some((one) => one.distance <= one.reach)) return undefined;
  return all.reduce((nearest, one) => (one.distance < nearest.distance ? one : nearest));
}

export const towns: Towns = {
  beyondTown: (point, town, country) => beyond(point, named(town, country)),
  beyondPostalCode: (point, code, country) => {
    const area = areaOf(code, country) ?? postTownOf(code, country);
    return area && beyond(point, [area]);
  },
  reaches: (point, town, country) => named(town, country).some((one) => distance(point, one) <= one.reach),
  isMiddle: (point, country) =>
    [-1, 0, 1].some((off) =>
      townsWith(`,${written(point.latitude, off)},`, country).some(
        (one) => distance(point, one) < SAME_POINT,
      ),
    ),
};
