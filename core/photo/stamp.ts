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
import { tagNumbers } from './exifTags.ts';
import type { StampFields } from './fields.ts';
import { concat, mergeIptc, PHOTOSHOP } from './iptc.ts';
import {
  APP1,
  APP13,
  hasIdentifier,
  MAX_SEGMENT_DATA,
  readJpeg,
  replaceSegments,
  writeJpeg,
  type JpegSegment,
} from './jpeg.ts';
import { mergeXmp, newPacket, XMP_IDENTIFIER, type XmpProperty } from './xmp.ts';

export type StampResult =
  | { readonly ok: true; readonly parts: readonly [Uint8Array, Uint8Array] }
  | { readonly ok: false; readonly message: string };

const EXIF_IDENTIFIER = 'Exif\0\0';

/**
 * Makes the function that writes these fields into JPEGs as Exif, IPTC IIM and XMP. It yields the file in two
 * pieces: the new head, and the image data as it was (the same memory). Everything that is not being set is
 * kept. A file that cannot be stamped without losing something gives a message.
 */
export function jpegStamper(fields: StampFields): (bytes: Uint8Array) => StampResult {
  const steps = [exifStep(fields), xmpStep(fields), iptcStep(fields)];
  return (bytes) => {
    const read = readJpeg(bytes);
    if (!read.ok) return read;
    let segments: readonly JpegSegment[] = read.jpeg.segments;
    const afterJfif = segments.findLastIndex(({ marker }) => marker === 0xe0) + 1;
    for (const [at, step] of steps.entries()) {
      const result = step(segments, afterJfif + at);
      if (!result.ok) return result;
      segments = result.segments;
    }
    return { ok: true, parts: writeJpeg({ segments, image: read.jpeg.image }) };
  };
}

type StepResult =
  | { readonly ok: true; readonly segments: readonly JpegSegment[] }
  | { readonly ok: false; readonly message: string };

/** Writes one kind of metadata; a new segment of it stands at `index`. */
type Step = (segments: readonly JpegSegment[], index: number) => StepResult;

const tooLong = (what: string): StepResult => ({
  ok: false,
  message: `The photo has no room left for ${what}: a JPEG holds at most 64 KB of it. Nothing was written.`,
});

const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);

function exifStep(fields: StampFields): Step {
  const changes = exifChanges(fields);
  const identifier = bytesOf(EXIF_IDENTIFIER);
  return (segments, index) => {
    const old = segments.find(
      (segment) => segment.marker === APP1 && hasIdentifier(segment, EXIF_IDENTIFIER),
    );
    const result = mergeExif(old?.data.slice(identifier.length), changes);
    if (!result.ok) return result;
    const data = concat([identifier, result.block]);
    if (data.length > MAX_SEGMENT_DATA) return tooLong('Exif');
    return {
      ok: true,
      segments: replaceSegments(segments, (segment) => segment === old, [{ marker: APP1, data }], index),
    };
  };
}

function xmpStep(fields: StampFields): Step {
  const properties = xmpProperties(fields);
  const fresh = bytesOf(XMP_IDENTIFIER + newPacket(properties));
  return (segments, index) => {
    const old = segments.find((segment) => segment.marker === APP1 && hasIdentifier(segment, XMP_IDENTIFIER));
    let data = fresh;
    if (old) {
      const result = mergeXmp(new TextDecoder().decode(old.data.subarray(XMP_IDENTIFIER.length)), properties);
      if (!result.ok) return result;
      data = bytesOf(XMP_IDENTIFIER + result.packet);
    }
    if (data.length > MAX_SEGMENT_DATA) return tooLong('XMP');
    return {
      ok: true,
      segments: replaceSegments(segments, (segment) => segment === old, [{ marker: APP1, data }], index),
    };
  };
}

function iptcStep(fields: StampFields): Step {
  const changes = iptcChanges(fields);
  const identifier = bytesOf(PHOTOSHOP);
  const isPhotoshop = (segment: JpegSegment): boolean =>
    segment.marker === APP13 && hasIdentifier(segment, PHOTOSHOP);
  const room = MAX_SEGMENT_DATA - identifier.length;
  return (segments, index) => {
    const old = segments.filter(isPhotoshop).map(({ data }) => data.subarray(identifier.length));
    const result = mergeIptc(concat(old), changes);
    if (!result.ok) return result;
    const fresh: JpegSegment[] = [];
    for (let at = 0; at < result.data.length; at += room)
      fresh.push({ marker: APP13, data: concat([identifier, result.data.subarray(at, at + room)]) });
    return { ok: true, segments: replaceSegments(segments, isPhotoshop, fresh, index) };
  };
}

const isAscii = (text: string): boolean => /^[\u0000-\u007F]*$/.test(text);

function exifChanges(fields: StampFields): ExifChanges {
  const ifd0: FieldMaker[] = [];
  if (fields.caption)
    ifd0.push((isAscii(fields.caption) ? ascii : utf8)(tagNumbers.imageDescription, fields.caption));
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
function xmpCoordinate(degrees: number, positive: string, negative: string): string {
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
