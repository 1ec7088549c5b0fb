import { countryName } from '#core/address';
import { finding, type Fault, type Finding } from '#core/fault';
import { placeOfText, textOf, valuesOf, type ReadItem } from '#core/item';
import { countriesAt, halfOutside, isInCountry } from '#core/outline';
import { readCoordinates, readDegrees, readPin, type Point } from '#core/pin';
import type { Edit } from '#core/text';
import { mendBeside } from './beside.ts';
import type { TextValue } from './spot.ts';

type Half = 'latitude' | 'longitude';

/** The address that coordinates belong to: its country (ISO 3166-1 alpha-2, '' for none), and whether a point may be near it. */
export interface Where {
  readonly country: string;
  readonly isNear: (point: Point) => boolean;
}

/** Coordinates: whether a machine reads them at all, and whether they can be where the address is. */
export function judgeCoordinates(item: ReadItem, where: Where, source: string): readonly Finding[] {
  const pin = { latitude: textOf(item, 'latitude'), longitude: textOf(item, 'longitude') };
  const both = bothInOne(item, pin);
  if (both) return [both];
  const unread = (['latitude', 'longitude'] as const).flatMap((half) =>
    unreadable(item, half, pin[half], source),
  );
  const { point, faults } = readPin(pin);
  const told = faults
    .filter(({ part }) => !unread.some(({ property }) => property === part))
    .map(({ part, code, message }) =>
      finding(code, message, placeOfText(item, part), part, {
        edits:
          code === 'value/coordinates-swapped' && isNearSwapped(pin, where)
            ? exchange(item, { latitude: pin.longitude, longitude: pin.latitude }, source)
            : null,
        guess: true,
      }),
    );
  return [...unread, ...told, ...(point ? againstCountry(item, point, where, source) : [])];
}

/** Both halves in the text of one, where the other is missing: "51.51968, -0.07521". */
function bothInOne(item: ReadItem, pin: Readonly<Record<Half, string>>): Finding | undefined {
  const half = pin.longitude.trim() === '' ? 'latitude' : 'longitude';
  const other = half === 'latitude' ? 'longitude' : 'latitude';
  const read = pin[other].trim() === '' ? readCoordinates(pin[half]) : undefined;
  const [value] = valuesOf(item, half);
  if (!read || value?.kind !== 'text') return undefined;
  const { start, end } = value.place;
  const message = `“${pin[half].trim()}” holds both latitude and longitude. Give each by itself: ${read.latitude} and ${read.longitude}.`;
  return finding('value/coordinate', message, value.place, half, {
    edits:
      value.holder === 'json' ? [{ start, end, text: `${read[half]}, "${other}": ${read[other]}` }] : null,
  });
}

/** Whether the halves exchanged land in the address's country, where there is one. */
const isNearSwapped = (pin: Readonly<Record<Half, string>>, { country, isNear }: Where): boolean => {
  const swapped = { latitude: Number(pin.longitude), longitude: Number(pin.latitude) };
  return !country || (isInCountry(country, swapped) === true && isNear(swapped));
};

/** A number that people can read and machines cannot: a decimal comma, degrees, minutes and seconds, a hemisphere. */
function unreadable(item: ReadItem, half: Half, text: string, source: string): readonly Finding[] {
  const written = text.trim();
  if (!written || /^[+-]?\d+(?:\.\d+)?$/.test(written)) return [];
  const hemisphere = /^(\d{1,3}(?:[.,]\d+)?)\s*°?\s*([NSEW])$/i.exec(written);
  const signed =
    hemisphere && `${/[SW]/i.test(hemisphere[2] ?? '') ? '-' : ''}${(hemisphere[1] ?? '').replace(',', '.')}`;
  const other = half === 'latitude' ? '0° 0′ 0″ E' : '0° 0′ 0″ N';
  const whole = /[^\d.,\s+-]/.test(written)
    ? readCoordinates(half === 'latitude' ? `${written} ${other}` : `${other} ${written}`)?.[half]
    : undefined;
  const degrees =
    signed ??
    whole ??
    (readDegrees(written) === undefined ? '' : written.replace('−', '-').replace(',', '.').replace(/°$/, ''));
  if (!degrees) return [];
  return [
    finding(
      'value/coordinate',
      `“${written}” is no ${half} to a machine, which reads a plain number with a point: ${degrees}.`,
      placeOfText(item, half),
      half,
      { edits: exchange(item, { [half]: degrees }, source) },
    ),
  ];
}

/** The ways a pin is written wrong, and what it was meant to be. */
const MEANT: readonly (readonly [code: Fault['code'], told: string, meant: (point: Point) => Point])[] = [
  [
    'value/coordinates-sign',
    'The minus sign of its longitude is missing or too much',
    ({ latitude, longitude }) => ({ latitude, longitude: -longitude }),
  ],
  [
    'value/coordinates-sign',
    'The minus sign of its latitude is missing or too much',
    ({ latitude, longitude }) => ({ latitude: -latitude, longitude }),
  ],
  [
    'value/coordinates-swapped',
    'Latitude and longitude have changed places',
    ({ latitude, longitude }) => ({ latitude: longitude, longitude: latitude }),
  ],
  [
    'value/coordinates-sign',
    'Both signs are wrong',
    ({ latitude, longitude }) => ({ latitude: -latitude, longitude: -longitude }),
  ],
  [
    'value/coordinates-swapped',
    'Latitude and longitude have changed places, and a sign is lost',
    ({ latitude, longitude }) => ({ latitude: longitude, longitude: -latitude }),
  ],
  [
    'value/coordinates-swapped',
    'Latitude and longitude have changed places, and a sign is lost',
    ({ latitude, longitude }) => ({ latitude: -longitude, longitude: latitude }),
  ],
];

function againstCountry(
  item: ReadItem,
  point: Point,
  { country, isNear }: Where,
  source: string,
): readonly Finding[] {
  if (!country || isInCountry(country, point) !== false) return [];
  const [there] = countriesAt(point);
  const where = there ? `in ${countryName(there)}` : 'in the sea';
  const pin = `${textOf(item, 'latitude')}, ${textOf(item, 'longitude')}`;
  const said = `${pin} lies ${where}, the address in ${countryName(country)}.`;
  const turned = turnedPin(
    item,
    point,
    said,
    (meant) => Boolean(isInCountry(country, meant)) && isNear(meant),
    source,
  );
  if (turned) return [turned];
  const outside = halfOutside(country, point);
  const [half, hint] = outside
    ? [outside, ` No place there has such a ${outside}.`]
    : (['latitude', ''] as const);
  const twice = point.latitude === point.longitude ? ' The same number stands in both halves.' : '';
  return [
    finding(
      'value/coordinates-country',
      `${said} One of them is wrong.${twice}${hint}`,
      placeOfText(item, half),
      half,
    ),
  ];
}

/** A pin that is where its address is (`isThere`) once its halves change places or signs; undefined where none of these helps. */
export function turnedPin(
  item: ReadItem,
  point: Point,
  said: string,
  isThere: (meant: Point) => boolean,
  source: string,
): Finding | undefined {
  const found = MEANT.find(([, , meant]) => Math.abs(meant(point).latitude) <= 90 && isThere(meant(point)));
  if (!found) return undefined;
  const [code, told, meant] = found;
  const { latitude, longitude } = meant(point);
  const half = latitude === point.latitude ? 'longitude' : 'latitude';
  return finding(
    code,
    `${said} ${told}: ${String(latitude)}, ${String(longitude)} is there.`,
    placeOfText(item, half),
    half,
    {
      edits: exchange(item, written(item, { latitude, longitude }), source),
      guess: true,
    },
  );
}

/** The halves as they stand, turned or signed otherwise: no digit is lost. */
function written(item: ReadItem, meant: Point): Readonly<Partial<Record<Half, string>>> {
  const texts = [textOf(item, 'latitude').trim(), textOf(item, 'longitude').trim()];
  const as = (degrees: number): string => {
    const text = texts.find((one) => Math.abs(Number(one)) === Math.abs(degrees)) ?? String(degrees);
    const digits = text.replace(/^[+-]/, '');
    return degrees < 0 ? `-${digits}` : digits;
  };
  const next = { latitude: as(meant.latitude), longitude: as(meant.longitude) };
  return {
    ...(next.latitude === texts[0] ? {} : { latitude: next.latitude }),
    ...(next.longitude === texts[1] ? {} : { longitude: next.longitude }),
  };
}

/** Exchanges halves for others; a number stays a number, and a text that people read stays. */
function exchange(
  item: ReadItem,
  halves: Readonly<Partial<Record<Half, string>>>,
  source: string,
): readonly Edit[] | null {
  const edits: Edit[] = [];
  for (const [half, text] of Object.entries(halves)) {
    const [property, ...more] = item.properties.filter(({ name }) => name === half);
    const value = property?.value;
    if (value?.kind !== 'text' || !property || more.length > 0) return null;
    const { start, end } = value.place;
    const mend =
      value.holder === 'json'
        ? [{ start, end, text: inJson(value, text) }]
        : mendBeside({ item, property, source }, value, text);
    if (!mend || mend.length === 0) return null;
    edits.push(...mend);
  }
  return edits.length > 0 ? edits : null;
}

/** A text of a number stays a text; what was none becomes a number. */
const inJson = ({ json }: TextValue, text: string): string =>
  typeof json === 'string' && /^-?\d+(?:\.\d+)?$/.test(json.trim()) ? `"${text}"` : text;
