import { threeLetterCode } from '#core/address';
import { longestIptc, cutUtf8 } from './iptc.ts';
import type { StampFields } from './fields.ts';
import { pngKeywords } from './png.ts';
import { listOf, numberOf, partOf, textOf, xmpDegrees, xmpTexts, type Tags } from './tags.ts';

/** The fields that are written into a picture. */
export const stampFieldNames = [
  'coordinates',
  'title',
  'headline',
  'caption',
  'keywords',
  'alt',
  'subject',
  'author',
  'copyright',
  'comment',
  'town',
  'region',
  'country',
  'street',
  'contact',
] as const;
export type StampField = (typeof stampFieldNames)[number];

/** When a field is written: into every picture, only where a picture has nothing there, or never, and what is there goes. */
export const policies = ['always', 'empty', 'remove'] as const;
export type Policy = (typeof policies)[number];

export type Where = 'Exif' | 'IPTC' | 'XMP' | 'PNG';

/** One place where a field stands in a file: what is meant to be there, and what a reader finds. */
export interface FieldPlace {
  readonly field: StampField;
  readonly where: Where;
  /** What people call it, where a field has several parts. */
  readonly label: string;
  readonly meant: (fields: StampFields) => string;
  readonly read: (tags: Tags) => string;
}

/** IPTC IIM has room for three letters, and wants them (ISO 3166-1 alpha-3). */
export const iptcCountry = (code: string): string => threeLetterCode(code) || code;

const JOIN = ', ';

type Text = Exclude<keyof StampFields, 'point' | 'keywords'>;

function placesOf(
  field: StampField,
  key: Text,
  label: string,
  at: {
    readonly exif?: string;
    readonly iptc?: readonly [name: string, number: number];
    readonly xmp?: string;
    /** The keyword of a text of a PNG, which is written only where one stands already. */
    readonly png?: (typeof pngKeywords)[keyof typeof pngKeywords];
  },
): readonly FieldPlace[] {
  const meant = (fields: StampFields): string => fields[key];
  const { exif, iptc, xmp, png } = at;
  const places: FieldPlace[] = [];
  if (exif) places.push({ field, label, where: 'Exif', meant, read: (tags) => textOf(tags.exif[exif]) });
  if (iptc)
    places.push({
      field,
      label,
      where: 'IPTC',
      meant: (fields) => iptcText(meant(fields), iptc[1]),
      read: (tags) => listOf(tags.iptc[iptc[0]]).join(JOIN),
    });
  if (xmp)
    places.push({ field, label, where: 'XMP', meant, read: (tags) => xmpTexts(tags.xmp[xmp]).join(JOIN) });
  if (png) places.push({ field, label, where: 'PNG', meant, read: (tags) => textOf(tags.png[png]) });
  return places;
}

const iptcText = (text: string, number: number): string =>
  new TextDecoder().decode(cutUtf8(text, longestIptc(number)));

const keywords: readonly FieldPlace[] = [
  {
    field: 'keywords',
    label: 'keywords',
    where: 'Exif',
    meant: ({ keywords: words }) => words.join(';'),
    read: (tags) => textOf(tags.exif['XPKeywords']),
  },
  {
    field: 'keywords',
    label: 'keywords',
    where: 'IPTC',
    meant: ({ keywords: words }) => words.map((word) => iptcText(word, 25)).join(JOIN),
    read: (tags) => listOf(tags.iptc['Keywords']).join(JOIN),
  },
  {
    field: 'keywords',
    label: 'keywords',
    where: 'XMP',
    meant: ({ keywords: words }) => words.join(JOIN),
    read: (tags) => listOf(tags.xmp['subject']).join(JOIN),
  },
];

const degrees = (value: number | undefined): string => (value === undefined ? '' : value.toFixed(7));

const coordinates: readonly FieldPlace[] = (['latitude', 'longitude'] as const).flatMap(
  (half): FieldPlace[] => {
    const name = half === 'latitude' ? 'Latitude' : 'Longitude';
    const meant = ({ point }: StampFields): string => degrees(point?.[half]);
    return [
      {
        field: 'coordinates',
        label: half,
        where: 'Exif',
        meant,
        read: (tags) => degrees(numberOf(tags.gps[name])),
      },
      {
        field: 'coordinates',
        label: half,
        where: 'XMP',
        meant,
        read: (tags) => degrees(xmpDegrees(tags.xmp[`GPS${name}`])),
      },
    ];
  },
);

const inStruct = (
  field: StampField,
  tag: string,
  parts: readonly (readonly [part: string, key: Text])[],
): readonly FieldPlace[] =>
  parts.map(([part, key]) => ({
    field,
    label: `${tag} ${part}`,
    where: 'XMP',
    meant: (fields) => fields[key],
    read: (tags) => partOf(tags.xmp[tag], part),
  }));

/** Every place of every field: what is written, read back and compared, and what tells that a field is empty. */
export const fieldPlaces: readonly FieldPlace[] = [
  ...coordinates,
  ...placesOf('title', 'title', 'title', {
    exif: 'XPTitle',
    iptc: ['Object Name', 5],
    xmp: 'title',
    png: pngKeywords.title,
  }),
  ...placesOf('headline', 'headline', 'headline', { iptc: ['Headline', 105], xmp: 'Headline' }),
  ...placesOf('caption', 'caption', 'caption', {
    exif: 'ImageDescription',
    iptc: ['Caption/Abstract', 120],
    xmp: 'description',
    png: pngKeywords.caption,
  }),
  ...keywords,
  ...placesOf('alt', 'alt', 'alternative text', { xmp: 'AltTextAccessibility' }),
  ...placesOf('subject', 'subject', 'subject', { exif: 'XPSubject' }),
  ...placesOf('author', 'author', 'author', {
    exif: 'Artist',
    iptc: ['By-line', 80],
    xmp: 'creator',
    png: pngKeywords.author,
  }),
  ...placesOf('copyright', 'copyright', 'copyright', {
    exif: 'Copyright',
    iptc: ['Copyright Notice', 116],
    xmp: 'rights',
    png: pngKeywords.copyright,
  }),
  ...placesOf('comment', 'contactBlock', 'comment', { exif: 'UserComment', xmp: 'UserComment' }),
  ...placesOf('comment', 'contactBlock', 'comment', { exif: 'XPComment' }),
  ...placesOf('town', 'town', 'town', { iptc: ['City', 90], xmp: 'City' }),
  ...placesOf('region', 'region', 'region', { iptc: ['Province/State', 95], xmp: 'State' }),
  ...placesOf('country', 'country', 'country', {
    iptc: ['Country/Primary Location Name', 101],
    xmp: 'Country',
  }),
  ...placesOf('country', 'countryCode', 'country code', {
    xmp: 'CountryCode',
  }),
  {
    field: 'country',
    label: 'country code',
    where: 'IPTC',
    meant: ({ countryCode }) => iptcCountry(countryCode),
    read: (tags) => textOf(tags.iptc['Country/Primary Location Code']),
  },
  ...placesOf('street', 'street', 'street', { iptc: ['Sub-location', 92], xmp: 'Location' }),
  ...inStruct('contact', 'CreatorContactInfo', [
    ['CiAdrExtadr', 'street'],
    ['CiAdrCity', 'town'],
    ['CiAdrRegion', 'region'],
    ['CiAdrPcode', 'postalCode'],
    ['CiAdrCtry', 'country'],
    ['CiTelWork', 'telephone'],
    ['CiEmailWork', 'email'],
    ['CiUrlWork', 'url'],
  ]),
  ...inStruct('contact', 'LocationShown', [
    ['Sublocation', 'street'],
    ['City', 'town'],
    ['ProvinceState', 'region'],
    ['CountryName', 'country'],
    ['CountryCode', 'countryCode'],
  ]),
];

/** What a picture says in a field, in whichever place it stands first; '' for nothing. */
export function carriedText(tags: Tags, field: StampField): string {
  for (const place of fieldPlaces) {
    if (place.field !== field) continue;
    const text = place.read(tags).trim();
    if (text) return text;
  }
  return '';
}

/**
 * What a picture says otherwise than is meant in a field, in the kind of metadata that says it first, as a sentence
 * takes it; '' where it says the same or nothing.
 */
export function otherText(tags: Tags, field: StampField, fields: StampFields): string {
  const places = fieldPlaces.filter((place) => place.field === field);
  if (places.every((place) => place.meant(fields) === '')) return '';
  const said = places.flatMap((place) => {
    const [meant, was] = [place.meant(fields), place.read(tags).trim()];
    // A contact is written as a whole: what it said besides goes.
    return was && (meant || field === 'contact') ? [{ place, was, agrees: agree(place, meant, was) }] : [];
  });
  const parts = said.filter(({ place }) => place.where === said[0]?.place.where);
  if (field === 'contact') return parts.flatMap(({ was, agrees }) => (agrees ? [] : was)).join(', ');
  if (field === 'coordinates')
    return parts.every(({ agrees }) => agrees) ? '' : parts.map(({ was }) => was).join(', ');
  const [first] = parts;
  return first && !first.agrees ? first.was : '';
}

/** What people call a field in a sentence. */
export const fieldName = (field: StampField): string =>
  field === 'alt' ? 'alternative text' : field === 'contact' ? 'contact and place' : field;

/** A hundredth of a metre, and what rationals make of it: coordinates that read closer than this are the same. */
const DEGREES_TOLERANCE = 1.5e-7;

/** Whether what is read in a place is what was meant to be there. */
export const agree = ({ field }: FieldPlace, meant: string, read: string): boolean =>
  meant === read ||
  (field === 'coordinates' &&
    meant !== '' &&
    read !== '' &&
    Math.abs(Number(meant) - Number(read)) <= DEGREES_TOLERANCE);
