import { countryCode, countryName, addressText } from '#core/address';
import { visibleTelephone } from '#core/markup';
import { readPin, type Point } from '#core/pin';
import type { BusinessRecord } from '#core/record';
import { ascii, byteValues, comment, mergeExif, rationals, utf16, utf8, type ExifChanges, type FieldMaker } from './exif.ts';
import { tagNumbers } from './exifTags.ts';
import { concat, mergeIptc, PHOTOSHOP } from './iptc.ts';
import { APP1, APP13, hasIdentifier, MAX_SEGMENT_DATA, readJpeg, replaceSegments, writeJpeg, type JpegSegment } from './jpeg.ts';
import { mergeXmp, XMP_IDENTIFIER, type XmpProperty } from './xmp.ts';

/** The words for one photo; '' or [] for what is not written. */
export interface Wordings {
  readonly title: string;
  readonly caption: string;
  readonly keywords: readonly string[];
  readonly alt: string;
}

/** Everything that is written into a photo. '' or undefined is not written, and what the photo has stays. */
export interface StampFields extends Wordings {
  readonly point: Point | undefined;
  readonly business: string;
  /** Name, address, telephone and page on lines of their own. */
  readonly contactBlock: string;
  readonly street: string;
  readonly town: string;
  readonly region: string;
  readonly postalCode: string;
  readonly country: string;
  /** ISO 3166-1 alpha-2. */
  readonly countryCode: string;
  readonly telephone: string;
  readonly url: string;
}

/** What a record and the words for a photo put into it. */
export function stampFields(record: BusinessRecord, wordings: Wordings): StampFields {
  const { address } = record;
  const code = countryCode(address.addressCountry);
  const telephone = visibleTelephone(record);
  return {
    ...wordings,
    point: readPin(record.pin).point,
    business: record.name.trim(),
    contactBlock: [record.name, addressText(address), telephone, record.url].map((line) => line.trim()).filter(Boolean).join('\n'),
    street: address.streetAddress.trim(),
    town: address.addressLocality.trim(),
    region: address.addressRegion.trim(),
    postalCode: address.postalCode.trim(),
    country: code ? countryName(code) : address.addressCountry.trim(),
    countryCode: code,
    telephone,
    url: record.url.trim(),
  };
}

export type StampResult = { readonly ok: true; readonly parts: readonly [Uint8Array, Uint8Array] } | { readonly ok: false; readonly message: string };

const EXIF_IDENTIFIER = 'Exif\0\0';

/**
 * The JPEG with the fields written as Exif, IPTC IIM and XMP, in two pieces: the new head, and the image data
 * as it was (the same memory). Everything that is not being set is kept. A file that cannot be stamped
 * without losing something gives a message.
 */
export function stampJpeg(bytes: Uint8Array, fields: StampFields): StampResult {
  const read = readJpeg(bytes);
  if (!read.ok) return read;
  let segments: readonly JpegSegment[] = read.jpeg.segments;
  const afterJfif = segments.findLastIndex(({ marker }) => marker === 0xe0) + 1;
  for (const step of [setExif, setXmp, setIptc]) {
    const result = step(segments, fields, afterJfif);
    if (!result.ok) return result;
    segments = result.segments;
  }
  return { ok: true, parts: writeJpeg({ segments, image: read.jpeg.image }) };
}

type StepResult = { readonly ok: true; readonly segments: readonly JpegSegment[] } | { readonly ok: false; readonly message: string };

const tooLong = (what: string): StepResult => ({ ok: false, message: `The photo has no room left for ${what}: a JPEG holds at most 64 KB of it. Nothing was written.` });

function setExif(segments: readonly JpegSegment[], fields: StampFields, index: number): StepResult {
  const isExif = (segment: JpegSegment): boolean => segment.marker === APP1 && hasIdentifier(segment, EXIF_IDENTIFIER);
  const old = segments.find(isExif);
  const result = mergeExif(old?.data.slice(EXIF_IDENTIFIER.length), exifChanges(fields));
  if (!result.ok) return result;
  const data = concat([new TextEncoder().encode(EXIF_IDENTIFIER), result.block]);
  if (data.length > MAX_SEGMENT_DATA) return tooLong('Exif');
  return { ok: true, segments: replaceSegments(segments, (segment) => segment === old, [{ marker: APP1, data }], index) };
}

function setXmp(segments: readonly JpegSegment[], fields: StampFields, index: number): StepResult {
  const isXmp = (segment: JpegSegment): boolean => segment.marker === APP1 && hasIdentifier(segment, XMP_IDENTIFIER);
  const old = segments.find(isXmp);
  const result = mergeXmp(old ? new TextDecoder().decode(old.data.subarray(XMP_IDENTIFIER.length)) : '', xmpProperties(fields));
  if (!result.ok) return result;
  const data = new TextEncoder().encode(XMP_IDENTIFIER + result.packet);
  if (data.length > MAX_SEGMENT_DATA) return tooLong('XMP');
  return { ok: true, segments: replaceSegments(segments, (segment) => segment === old, [{ marker: APP1, data }], index + 1) };
}

function setIptc(segments: readonly JpegSegment[], fields: StampFields, index: number): StepResult {
  const isPhotoshop = (segment: JpegSegment): boolean => segment.marker === APP13 && hasIdentifier(segment, PHOTOSHOP);
  const old = segments.filter(isPhotoshop).map(({ data }) => data.subarray(PHOTOSHOP.length));
  const result = mergeIptc(concat(old), iptcChanges(fields));
  if (!result.ok) return result;
  const room = MAX_SEGMENT_DATA - PHOTOSHOP.length;
  const fresh: JpegSegment[] = [];
  for (let at = 0; at < result.data.length; at += room) {
    fresh.push({ marker: APP13, data: concat([new TextEncoder().encode(PHOTOSHOP), result.data.subarray(at, at + room)]) });
  }
  return { ok: true, segments: replaceSegments(segments, isPhotoshop, fresh, index + 2) };
}

const isAscii = (text: string): boolean => /^[\u0000-\u007F]*$/.test(text);

function exifChanges(fields: StampFields): ExifChanges {
  const ifd0: FieldMaker[] = [];
  if (fields.caption) ifd0.push((isAscii(fields.caption) ? ascii : utf8)(tagNumbers.imageDescription, fields.caption));
  if (fields.title) ifd0.push(utf16(tagNumbers.xpTitle, fields.title));
  if (fields.caption || fields.title) ifd0.push(utf16(tagNumbers.xpSubject, fields.caption || fields.title));
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
export function xmpCoordinate(degrees: number, positive: string, negative: string): string {
  const minutes = Math.round(Math.abs(degrees) * 60 * 1e7);
  const whole = Math.floor(minutes / (60 * 1e7));
  return `${String(whole)},${((minutes - whole * 60 * 1e7) / 1e7).toFixed(7)}${degrees < 0 ? negative : positive}`;
}

function iptcChanges(fields: StampFields): { number: number; texts: readonly string[] }[] {
  const all: [number, readonly string[]][] = [
    [5, [fields.title]],
    [105, [fields.title]],
    [120, [fields.caption]],
    [25, fields.keywords],
    [90, [fields.town]],
    [95, [fields.region]],
    [101, [fields.country]],
    [100, [fields.countryCode]],
    [92, [fields.street]],
  ];
  return all.flatMap(([number, texts]) => (texts.some(Boolean) ? [{ number, texts }] : []));
}

function xmpProperties(fields: StampFields): readonly XmpProperty[] {
  const found: XmpProperty[] = [];
  const text = (prefix: XmpProperty['prefix'], name: string, value: string, kind: 'text' | 'alt' = 'text'): void => {
    if (value) found.push({ prefix, name, value: { kind, text: value } });
  };
  text('dc', 'title', fields.title, 'alt');
  text('dc', 'description', fields.caption, 'alt');
  if (fields.keywords.length > 0) found.push({ prefix: 'dc', name: 'subject', value: { kind: 'bag', texts: fields.keywords } });
  text('photoshop', 'Headline', fields.title);
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
  const struct = (kind: 'struct' | 'structs', prefix: XmpProperty['prefix'], name: string, rows: readonly (readonly [string, string])[]): void => {
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
