import type { Point } from '#core/pin';
import {
  ascii,
  byteValues,
  comment,
  mergeExif,
  rationals,
  utf16,
  utf8,
  type ExifChanges,
  type FieldMaker,
} from './exif.ts';
import type { Container, NewBlocks } from './container.ts';
import { requiredExif } from './exifRequired.ts';
import { tagNumbers } from './exifTags.ts';
import type { StampFields } from './fields.ts';
import { readContainer, type PictureFormat } from './formats.ts';
import { mergeIptc } from './iptc.ts';
import {
  besidesCoordinates,
  personalExif,
  personalIfd0,
  personalIn,
  personalIptc,
  personalXmp,
  thumbnailResources,
  type Personal,
} from './personal.ts';
import {
  carriedText,
  iptcCountry,
  otherText,
  stampFieldNames,
  type Policy,
  type StampField,
  type Where,
} from './places.ts';
import { pngKeywords, pngProfiles } from './png.ts';
import { removalOf, removedFields } from './removal.ts';
import { readTags, type Tags } from './tags.ts';
import { mergeXmp, newPacket, packetText, type XmpProperty } from './xmp.ts';

export interface StampOptions {
  /** `always` where nothing is said. */
  readonly policies?: Readonly<Partial<Record<StampField, Policy>>>;
  /** Whether what says something of a person or a device goes. */
  readonly removesPersonal?: boolean;
}

/** A picture with what was written into it. */
export interface Stamping {
  readonly ok: true;
  /** The file in stretches, in order. Its image is the memory of the original. */
  readonly parts: readonly Uint8Array[];
  /** What is no metadata, in stretches of the original's memory. */
  readonly image: readonly Uint8Array[];
  readonly format: PictureFormat;
  /** What was written: without the fields that the picture had, where those stay. */
  readonly fields: StampFields;
  /** The fields that the picture had and kept. */
  readonly kept: readonly StampField[];
  readonly removed: readonly StampField[];
  /** What other values the picture had. */
  readonly replaced: readonly { readonly field: StampField; readonly was: string }[];
  /** What said something of a person or a device, and is gone. */
  readonly personal: readonly Personal[];
  /** What stays beside other coordinates and belongs to the former ones. */
  readonly ofFormerPlace: readonly Personal[];
  /** The metadata that are broken, and stay as they are. */
  readonly left: readonly Where[];
  /** Whether it holds content credentials, which no longer agree with its bytes. */
  readonly isSigned: boolean;
  /** Whether personal data were to go, and further pictures stay in the file with theirs. */
  readonly keepsFurther: boolean;
  /** The languages other than the default in which texts stay as they were (RFC 3066). */
  readonly languages: readonly string[];
}

export type StampResult = Stamping | { readonly ok: false; readonly message: string };

/**
 * Writes fields into a JPEG, PNG or WebP as Exif, XMP and, in a JPEG, IPTC IIM. Everything that is not being set is
 * kept. A block that is broken stays as it is and is told; a file that cannot be written without losing something
 * gives a message.
 */
export function stampPicture(
  bytes: Uint8Array,
  wanted: StampFields,
  options: StampOptions = {},
): StampResult {
  const read = readContainer(bytes);
  if (!read.ok) return read;
  const { container } = read;
  const tags = readTags(bytes);
  const { fields, kept } = effective(tags, wanted, options.policies ?? {});
  const removed = removedFields(options.policies ?? {});
  const { blocks, left, languages } = merged(container, fields, removed, options);
  if (Object.keys(blocks).length === 0)
    return { ok: false, message: 'All metadata of this photo are damaged, so nothing was written into it.' };
  const written = container.write(blocks, pngTexts(fields, removed, options), options.removesPersonal);
  if (!written.ok) return written;
  const replaced = tags ? replacedIn(tags, fields) : [];
  return {
    ok: true,
    parts: written.parts,
    image: container.image,
    format: container.format,
    fields,
    kept,
    removed,
    replaced,
    ...tellingOf(tags, replaced, options),
    left,
    isSigned: container.isSigned,
    keepsFurther: container.isMultiple === true && options.removesPersonal === true,
    languages,
  };
}

/** What a picture says of people, devices and its former place: gone, or left beside what is written. */
function tellingOf(
  tags: Tags | undefined,
  replaced: Stamping['replaced'],
  { removesPersonal = false }: StampOptions,
): Pick<Stamping, 'personal' | 'ofFormerPlace'> {
  const isElsewhere = !removesPersonal && replaced.some(({ field }) => field === 'coordinates');
  return {
    personal: tags && removesPersonal ? personalIn(tags) : [],
    ofFormerPlace: tags && isElsewhere ? besidesCoordinates(tags) : [],
  };
}

/** The fields without those that a picture has already, where these are written into empty ones only. */
function effective(
  tags: Tags | undefined,
  wanted: StampFields,
  by: NonNullable<StampOptions['policies']>,
): { fields: StampFields; kept: readonly StampField[] } {
  const asked = stampFieldNames.filter((field) => by[field] === 'empty' || by[field] === 'remove');
  if (asked.length === 0) return { fields: wanted, kept: [] };
  const kept = asked.filter((field) => by[field] === 'empty' && tags && carriedText(tags, field) !== '');
  const off = [...kept, ...asked.filter((field) => by[field] === 'remove')];
  return { fields: off.reduce(withoutField, wanted), kept };
}

/** What a picture says otherwise in the fields that are written. */
const replacedIn = (tags: Tags, fields: StampFields): Stamping['replaced'] =>
  stampFieldNames.flatMap((field) => {
    const was = otherText(tags, field, fields);
    return was ? [{ field, was }] : [];
  });

function withoutField(fields: StampFields, field: StampField): StampFields {
  switch (field) {
    case 'coordinates':
      return { ...fields, point: undefined };
    case 'keywords':
      return { ...fields, keywords: [] };
    case 'comment':
      return { ...fields, contactBlock: '' };
    case 'country':
      return { ...fields, country: '', countryCode: '' };
    case 'contact':
      return { ...fields, postalCode: '', telephone: '', email: '', url: '' };
    default:
      return { ...fields, [field]: '' };
  }
}

/** What the texts of a PNG say from now on, by keyword. */
const pngTexts = (
  fields: StampFields,
  removed: readonly StampField[],
  { removesPersonal = false }: StampOptions,
): ReadonlyMap<string, string> =>
  new Map([
    ...(Object.keys(pngKeywords) as (keyof typeof pngKeywords)[])
      .filter((field) => fields[field] || removed.includes(field))
      .map((field): [string, string] => [pngKeywords[field], fields[field]]),
    ...(removesPersonal ? pngProfiles.map((keyword): [string, string] => [keyword, '']) : []),
  ]);

const saysSomething = ({ ifd0, exif, gps }: ExifChanges): boolean =>
  ifd0.length + exif.length + gps.length > 0;

function merged(
  { blocks: old, takesIptc, size }: Container,
  fields: StampFields,
  removed: readonly StampField[],
  { removesPersonal = false }: StampOptions,
): { blocks: NewBlocks; left: readonly Where[]; languages: readonly string[] } {
  const gone = removalOf(removed);
  const left: Where[] = [];
  const block = (
    where: Where,
    result: { ok: true; bytes: Uint8Array } | { ok: false },
  ): Uint8Array | undefined => {
    if (!result.ok) left.push(where);
    return result.ok ? result.bytes : undefined;
  };
  const said = exifChanges(fields);
  const exif = mergeExif(old.exif, {
    ...said,
    required: size && requiredExif(size),
    removes: {
      ifd0: new Set([...gone.ifd0, ...(removesPersonal ? personalIfd0 : [])]),
      exif: new Set([...gone.exif, ...(removesPersonal ? personalExif : [])]),
      gps: gone.gps || removesPersonal,
      thumbnail: removesPersonal,
    },
  });
  const properties = xmpProperties(fields);
  const names = [...gone.xmp, ...(removesPersonal ? personalXmp : [])];
  const packet = old.xmp ? packetText(old.xmp) : '';
  const xmp = packet
    ? mergeXmp(packet, properties, names)
    : ({ ok: true, packet: newPacket(properties), languages: [] } as const);
  const resources = takesIptc
    ? mergeIptc(
        old.resources ?? new Uint8Array(),
        [
          ...iptcChanges(fields),
          ...[...gone.iptc, ...(removesPersonal ? personalIptc : [])].map((number) => ({
            number,
            texts: [],
          })),
        ],
        removesPersonal ? thumbnailResources : undefined,
      )
    : undefined;
  const written = {
    // A new block of nothing would be none.
    exif:
      old.exif || saysSomething(said)
        ? block('Exif', exif.ok ? { ok: true, bytes: exif.block } : exif)
        : undefined,
    xmp: block('XMP', xmp.ok ? { ok: true, bytes: new TextEncoder().encode(xmp.packet) } : xmp),
    resources: resources && block('IPTC', resources.ok ? { ok: true, bytes: resources.data } : resources),
  };
  return {
    blocks: Object.fromEntries(Object.entries(written).filter(([, bytes]) => bytes)),
    left,
    languages: xmp.ok ? xmp.languages : [],
  };
}

/** The packet of a sidecar (XMP Specification Part 3, 1.1): the old one with the fields set, or a new one. */
export function sidecarPacket(
  fields: StampFields,
  old?: string,
): { ok: true; packet: string } | { ok: false; message: string } {
  const properties = xmpProperties(fields);
  return old === undefined ? { ok: true, packet: newPacket(properties) } : mergeXmp(old, properties, []);
}

const isAscii = (text: string): boolean => /^[\u0000-\u007F]*$/.test(text);

function exifChanges(fields: StampFields): ExifChanges {
  const ifd0: FieldMaker[] = [];
  const words = (tag: number, text: string): FieldMaker => (isAscii(text) ? ascii : utf8)(tag, text);
  if (fields.caption) ifd0.push(words(tagNumbers.imageDescription, fields.caption));
  if (fields.title) ifd0.push(utf16(tagNumbers.xpTitle, fields.title));
  if (fields.subject) ifd0.push(utf16(tagNumbers.xpSubject, fields.subject));
  if (fields.author) ifd0.push(words(tagNumbers.artist, fields.author));
  if (fields.copyright) ifd0.push(words(tagNumbers.copyright, fields.copyright));
  if (fields.contactBlock) ifd0.push(utf16(tagNumbers.xpComment, fields.contactBlock));
  if (fields.keywords.length > 0) ifd0.push(utf16(tagNumbers.xpKeywords, fields.keywords.join(';')));
  const exif = fields.contactBlock ? [comment(tagNumbers.userComment, fields.contactBlock)] : [];
  return { ifd0, exif, gps: fields.point ? gpsFields(fields.point) : [] };
}

/** GPS IFD version 2.3.0.0, each coordinate as degrees, minutes and seconds (Exif 2.32, 4.6.6). */
function gpsFields({ latitude, longitude }: Point): readonly FieldMaker[] {
  return [
    byteValues(tagNumbers.gpsVersionId, [2, 3, 0, 0]),
    ascii(tagNumbers.gpsLatitudeRef, latitude < 0 ? 'S' : 'N'),
    rationals(tagNumbers.gpsLatitude, sexagesimal(latitude)),
    ascii(tagNumbers.gpsLongitudeRef, longitude < 0 ? 'W' : 'E'),
    rationals(tagNumbers.gpsLongitude, sexagesimal(longitude)),
    ascii(tagNumbers.gpsMapDatum, 'WGS-84'),
  ];
}

const SECOND_PARTS = 100_000;

/** Degrees, minutes, seconds as rationals; seconds in hundred-thousandths, which is a third of a millimetre. */
function sexagesimal(degrees: number): readonly (readonly [number, number])[] {
  const total = Math.round(Math.abs(degrees) * 3600 * SECOND_PARTS);
  return [
    [Math.floor(total / (3600 * SECOND_PARTS)), 1],
    [Math.floor(total / (60 * SECOND_PARTS)) % 60, 1],
    [total % (60 * SECOND_PARTS), SECOND_PARTS],
  ];
}

/** A GPS coordinate of XMP: "48,30.7404000N" (XMP Specification Part 2, 1.2.7.4 "GPSCoordinate"). */
function xmpCoordinate(degrees: number, positive: string, negative: string): string {
  const minutes = Math.round(Math.abs(degrees) * 60 * 1e7);
  const whole = Math.floor(minutes / (60 * 1e7));
  return `${String(whole)},${((minutes - whole * 60 * 1e7) / 1e7).toFixed(7)}${degrees < 0 ? negative : positive}`;
}

function iptcChanges(fields: StampFields): { number: number; texts: readonly string[] }[] {
  const all: [number, readonly string[]][] = [
    [5, [fields.title]],
    [105, [fields.headline]],
    [120, [fields.caption]],
    [25, fields.keywords],
    [80, [fields.author]],
    [116, [fields.copyright]],
    [90, [fields.town]],
    [95, [fields.region]],
    [101, [fields.country]],
    [100, [iptcCountry(fields.countryCode)]],
    [92, [fields.street]],
  ];
  return all.flatMap(([number, texts]) => (texts.some(Boolean) ? [{ number, texts }] : []));
}

function xmpProperties(fields: StampFields): readonly XmpProperty[] {
  const found: XmpProperty[] = [];
  const text = (
    prefix: XmpProperty['prefix'],
    name: string,
    value: string,
    kind: 'text' | 'alt' = 'text',
  ): void => {
    if (value) found.push({ prefix, name, value: { kind, text: value } });
  };
  text('dc', 'title', fields.title, 'alt');
  text('dc', 'description', fields.caption, 'alt');
  if (fields.keywords.length > 0)
    found.push({ prefix: 'dc', name: 'subject', value: { kind: 'bag', texts: fields.keywords } });
  text('photoshop', 'Headline', fields.headline);
  if (fields.author)
    found.push({ prefix: 'dc', name: 'creator', value: { kind: 'seq', texts: [fields.author] } });
  text('dc', 'rights', fields.copyright, 'alt');
  text('photoshop', 'City', fields.town);
  text('photoshop', 'State', fields.region);
  text('photoshop', 'Country', fields.country);
  text('Iptc4xmpCore', 'CountryCode', fields.countryCode);
  text('Iptc4xmpCore', 'Location', fields.street);
  text('Iptc4xmpCore', 'AltTextAccessibility', fields.alt, 'alt');
  text('exif', 'UserComment', fields.contactBlock, 'alt');
  if (fields.point) {
    text('exif', 'GPSLatitude', xmpCoordinate(fields.point.latitude, 'N', 'S'));
    text('exif', 'GPSLongitude', xmpCoordinate(fields.point.longitude, 'E', 'W'));
    text('exif', 'GPSVersionID', '2.3.0.0');
    text('exif', 'GPSMapDatum', 'WGS-84');
  }
  const struct = (
    kind: 'struct' | 'structs',
    prefix: XmpProperty['prefix'],
    name: string,
    rows: readonly (readonly [string, string])[],
  ): void => {
    const set = rows.filter(([, value]) => value);
    if (set.length > 0) found.push({ prefix, name, value: { kind, fields: set } });
  };
  struct('struct', 'Iptc4xmpCore', 'CreatorContactInfo', [
    ['Iptc4xmpCore:CiAdrExtadr', fields.street],
    ['Iptc4xmpCore:CiAdrCity', fields.town],
    ['Iptc4xmpCore:CiAdrRegion', fields.region],
    ['Iptc4xmpCore:CiAdrPcode', fields.postalCode],
    ['Iptc4xmpCore:CiAdrCtry', fields.country],
    ['Iptc4xmpCore:CiTelWork', fields.telephone],
    ['Iptc4xmpCore:CiEmailWork', fields.email],
    ['Iptc4xmpCore:CiUrlWork', fields.url],
  ]);
  struct('structs', 'Iptc4xmpExt', 'LocationShown', [
    ['Iptc4xmpExt:Sublocation', fields.street],
    ['Iptc4xmpExt:City', fields.town],
    ['Iptc4xmpExt:ProvinceState', fields.region],
    ['Iptc4xmpExt:CountryName', fields.country],
    ['Iptc4xmpExt:CountryCode', fields.countryCode],
  ]);
  return found;
}
