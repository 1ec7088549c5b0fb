/** Texts that have a form of their own: shapes, durations, languages, and names that are several in one text. */
import { countryCode, countryNamed } from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { jsonString } from '#core/text';
import { isSubtype, propertyNamed } from '#core/vocabulary';
import { DATA_TYPES } from './meant.ts';
import { tellBeside } from './beside.ts';
import type { Spot } from './spot.ts';

/** What a shape is made of (schema.org/GeoShape): numbers in all, or points at least. */
const SHAPES: Readonly<
  Record<string, { readonly numbers?: number; readonly points?: number; readonly of: string }>
> = {
  box: { numbers: 4, of: 'two points: the lower left corner and the upper right one' },
  circle: { numbers: 3, of: 'a point and a radius in metres' },
  line: { points: 2, of: 'two points or more' },
  polygon: { points: 4, of: 'four points or more, the last of which is the first' },
};

/** A shape as latitudes and longitudes in turn, parted by blanks or commas (schema.org/GeoShape). */
export function judgeShape(spot: Spot): readonly Finding[] {
  const { name } = spot.property;
  const shape = SHAPES[name];
  if (!shape || !isSubtype(spot.item.types[0] ?? '', 'GeoShape')) return [];
  const say = (what: string, mended = ''): readonly Finding[] => [
    tellBeside(spot, 'value/shape', `“${shortText(spot.text)}” is no ${name}: ${what}`, mended, true),
  ];
  const written = spot.text.split(/[\s,;]+/).filter(Boolean);
  if (!written.every((one) => /^[-+]?\d+(?:\.\d+)?$/.test(one)))
    return say('it has numbers alone, latitudes and longitudes in turn with blanks between them.');
  const numbers = written.map(Number);
  const isWhole = shape.numbers
    ? numbers.length === shape.numbers
    : numbers.length % 2 === 0 && numbers.length >= 2 * (shape.points ?? 0);
  const points = (shape.numbers === 3 ? numbers.slice(0, 2) : numbers).map((number, at) => ({ number, at }));
  const isOutside = points.some(({ number, at }) => Math.abs(number) > (at % 2 === 0 ? 90 : 180));
  if (isOutside)
    return say('a latitude lies beyond 90 degrees, or a longitude beyond 180. Latitudes come first.');
  const first = written.slice(0, 2).join(' ');
  const isOpen = name === 'polygon' && numbers.slice(0, 2).join(' ') !== numbers.slice(-2).join(' ');
  if (isOpen && numbers.length % 2 === 0 && numbers.length >= 6)
    return say(`it does not end where it begins, at ${first}.`, `${spot.text} ${closing(spot.text)}`);
  return isWhole ? [] : say(`it has ${shape.of}.`);
}

/** The first point of a polygon as it is written. */
const closing = (text: string): string => /^[^\s,;]+[\s,;]+[^\s,;]+/.exec(text)?.[0] ?? '';

/** Nobody serves a circle that is smaller than this, in metres. */
const SMALLEST_RADIUS = 200;

/** A radius is metres where it has no unit (schema.org/geoRadius). */
export function judgeRadius(spot: Spot): readonly Finding[] {
  const metres = /^\d+(?:\.\d+)?$/.test(spot.text) ? Number(spot.text) : NaN;
  if (!(metres > 0 && metres < SMALLEST_RADIUS)) return [];
  const kilometres = String(metres * 1000);
  const message = `A radius of “${spot.text}” is ${spot.text} metres to a machine. Write ${kilometres} where kilometres are meant, or the number with its unit.`;
  return [tellBeside(spot, 'value/shape', message, kilometres, true)];
}

/** ISO 8601-1, 5.5.2: PT1H30M, P3D. */
const DURATION =
  /^P(?=[\dT])(?:\d+(?:[.,]\d+)?Y)?(?:\d+(?:[.,]\d+)?M)?(?:\d+(?:[.,]\d+)?W)?(?:\d+(?:[.,]\d+)?D)?(?:T(?=\d)(?:\d+(?:[.,]\d+)?H)?(?:\d+(?:[.,]\d+)?M)?(?:\d+(?:[.,]\d+)?S)?)?$/;
const LONGEST_DURATION = 60;

/** A time that something takes, where schema.org wants no other text. */
export function judgeDuration(spot: Spot): readonly Finding[] {
  const ranges = propertyNamed(spot.property.name)?.ranges ?? [];
  if (!ranges.includes('Duration') || ranges.some((range) => DATA_TYPES.has(range))) return [];
  if (DURATION.test(spot.text)) return [];
  const meant = spot.text.length > LONGEST_DURATION ? '' : durationMeant(spot.text);
  const message = `“${shortText(spot.text)}” is no duration to a machine. Write it like PT1H30M, an hour and a half${meant ? `: ${meant}` : ''}.`;
  return [tellBeside(spot, 'value/duration', message, meant, true)];
}

const UNITS: readonly (readonly [RegExp, string])[] = [
  [/^(?:h|hours?|hrs?|std|stunden?|heures?|horas?|or[ae]|uur|tim(?:mar)?|timer)$/, 'H'],
  [/^(?:m|mins?|minutes?|minuten?|minutos?|minut[io]|minutter)$/, 'M'],
  [/^(?:s|secs?|seconds?|sek(?:unden?)?|secondes?|segundos?)$/, 'S'],
];

/** "90 min", "1 h 30", "2:10", as ISO 8601 writes them; '' where nobody can tell. */
function durationMeant(text: string): string {
  const [, hours, minutes, seconds] = /^(?:(\d{1,2}):)?(\d{1,2}):(\d\d)$/.exec(text) ?? [];
  if (minutes !== undefined && seconds !== undefined)
    return `PT${hours ? `${String(Number(hours))}H` : ''}${String(Number(minutes))}M${String(Number(seconds))}S`;
  const written = text.toLowerCase().replace(/^pt\s*(?=\d)/, '');
  const parts = [...written.matchAll(/(\d{1,4})\s*(\p{L}*)\.?\s*/gu)];
  if (parts.map(([whole]) => whole).join('') !== written || parts.length === 0) return '';
  let iso = '';
  let last = '';
  for (const [, number = '', unit = ''] of parts) {
    // "1 h 30", "PT2M10": the unit below goes without saying.
    const below = unit === '' ? BELOW[last] : UNITS.find(([words]) => words.test(unit))?.[1];
    if (below === undefined || 'HMS'.indexOf(below) <= 'HMS'.indexOf(last || ' ')) return '';
    iso += number + below;
    last = below;
  }
  return `PT${iso}`;
}
const BELOW: Readonly<Record<string, string>> = { H: 'M', M: 'S' };

/** Made when the first language is judged: what it knows takes its time to load. */
let names: Intl.DisplayNames | undefined;
/** The name of a language in English; undefined where there is none of that tag. */
function nameOfLanguage(tag: string): string | undefined {
  names ??= new Intl.DisplayNames(['en'], { type: 'language', fallback: 'none' });
  return names.of(tag);
}
/** Languages that people name in words, each in English and in itself. */
const NAMED =
  'ar bg bn bs ca cs da de el en es et eu fa fi fr ga gl he hi hr hu hy id is it ja ka ko lt lv mk ms mt nl no pl pt ro ru sk sl sq sr sv sw ta th tl tr uk ur vi zh'.split(
    ' ',
  );
let byName: ReadonlyMap<string, string> | undefined;

/** The tag of a language's name in English or in itself: "Deutsch" → de; undefined for none. */
function languageNamed(name: string): string | undefined {
  byName ??= new Map(
    NAMED.flatMap((tag) => {
      const own = new Intl.DisplayNames([tag], { type: 'language' }).of(tag) ?? tag;
      return [
        [(nameOfLanguage(tag) ?? tag).toLowerCase(), tag],
        [own.toLowerCase(), tag],
      ] as const;
    }),
  );
  return byName.get(name.toLowerCase());
}

/** A language by its tag (RFC 5646): what is a name, or parted by "_", is told with its tag. */
export function judgeLanguage(spot: Spot): readonly Finding[] {
  const { text } = spot;
  if (/^https?:/i.test(text) || text.length > LONGEST_TAG) return [];
  const [primary = ''] = text.split(/[-_]/);
  const isTag = /^[a-z]{2,3}(?:-[a-z\d]{2,8})*$/i.test(text);
  if (isTag && nameOfLanguage(primary.toLowerCase()) !== undefined) return [];
  const parted = text.replaceAll('_', '-');
  const isParted = parted !== text && /^[a-z]{2,3}(?:-[a-z\d]{2,8})+$/i.test(parted);
  const meant = isParted ? parted : (languageNamed(text) ?? '');
  const message = `“${text}” is no tag of a language to a machine. Write ${meant || 'one like en, de-AT or pt-BR'}.`;
  return [tellBeside(spot, 'value/language', message, meant, !isParted)];
}
const LONGEST_TAG = 60;

/** The languages that a business knows: several in one text, or one by its tag. */
export function judgeLanguages(spot: Spot): readonly Finding[] {
  const several = judgeNames(spot);
  return several.length > 0 ? several : judgeLanguage(spot);
}

/** What parts several names in one text. */
const PARTING = /\s*[,;|·、，]\s*|\s\/\s/;
const LONGEST_LIST = 500;
/** So many are a list and not one place with its region. */
const FEWEST_AREAS = 3;

/** Several names in one text, which a machine takes for one: kinds of food, languages, areas. */
export function judgeNames(spot: Spot): readonly Finding[] {
  const { text, value, property } = spot;
  // What ends entities parts nothing, and is told as that.
  const isList = text.length <= LONGEST_LIST && !/&#?\w+;/.test(text);
  const parts = isList ? text.split(PARTING).filter(Boolean) : [];
  const isArea = property.name === 'areaServed';
  if (parts.length < (isArea ? FEWEST_AREAS : 2)) return [];
  // Sentences, and a place with its region and country.
  if (parts.some((part) => part.split(/\s+/).length > MOST_WORDS)) return [];
  const last = parts.at(-1) ?? '';
  if (
    isArea &&
    (countryCode(last) || countryNamed(last) || parts.some((part) => /^[A-Z]{2,3}$|\d/.test(part)))
  )
    return [];
  const list = parts.map(jsonString).join(', ');
  const { start, end } = value.place;
  const message = `“${shortText(text)}” is one name to a machine. Give each by itself: ${shortText(list)}.`;
  const isInList = /[[,]\s*$/.test(spot.source.slice(Math.max(0, start - 20), start));
  const edits = value.holder === 'json' ? [{ start, end, text: isInList ? list : `[${list}]` }] : null;
  return [finding('value/several', message, value.place, property.name, { edits, guess: true })];
}
const MOST_WORDS = 4;
