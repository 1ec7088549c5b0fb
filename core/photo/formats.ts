import { concat, latin1, startsWith } from './bytes.ts';
import type { ContainerReading, NewBlocks } from './container.ts';
import { PHOTOSHOP } from './iptc.ts';
import {
  APP0,
  APP1,
  APP13,
  frameSize,
  hasIdentifier,
  headLength,
  isMetadata,
  MAX_SEGMENT_DATA,
  readJpeg,
  replaceSegments,
  SEGMENT_HEAD,
  writeJpeg,
  type JpegSegment,
} from './jpeg.ts';
import { isMultiPicture, movedPictures } from './multiPicture.ts';
import { readPng } from './png.ts';
import { readWebp } from './webp.ts';
import { XMP_IDENTIFIER } from './xmp.ts';

/** The formats of pictures, with how they are treated: written into, or with a sidecar beside them. */
export const formats = {
  JPEG: 'written',
  PNG: 'written',
  WebP: 'written',
  TIFF: 'sidecar',
  GIF: 'sidecar',
  HEIC: 'sidecar',
  AVIF: 'sidecar',
} as const;
export type PictureFormat = keyof typeof formats;

/** The endings that files of a format have, lower case. */
const ENDINGS: Readonly<Record<PictureFormat, readonly string[]>> = {
  JPEG: ['jpg', 'jpeg', 'jpe', 'jfif'],
  PNG: ['png', 'apng'],
  WebP: ['webp'],
  TIFF: ['tif', 'tiff'],
  GIF: ['gif'],
  HEIC: ['heic', 'heif'],
  AVIF: ['avif'],
};

/** The format that a file's first bytes say, whatever it is called; undefined where they are of none of these. */
export function formatOf(bytes: Uint8Array): PictureFormat | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xd8) return 'JPEG';
  if (startsWith(bytes, '\x89PNG')) return 'PNG';
  if (startsWith(bytes, 'RIFF') && startsWith(bytes, 'WEBP', 8)) return 'WebP';
  if (startsWith(bytes, 'II*\0') || startsWith(bytes, 'MM\0*')) return 'TIFF';
  if (startsWith(bytes, 'GIF8')) return 'GIF';
  if (!startsWith(bytes, 'ftyp', 4)) return undefined;
  const brands = latin1(bytes.subarray(8, 40));
  if (/avi[fs]/.test(brands)) return 'AVIF';
  return /hei[cxms]|hev[cx]|mif1|msf1/.test(brands) ? 'HEIC' : undefined;
}

/** Whether a file's name says another format than its bytes. */
export function isDisguised(name: string, format: PictureFormat): boolean {
  const ending = /\.([a-z0-9]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';
  return ending !== '' && !ENDINGS[format].includes(ending) && Object.values(ENDINGS).flat().includes(ending);
}

/** Whether a name ends as that of a picture does. */
export const isPictureName = (name: string): boolean =>
  Object.values(ENDINGS).some((endings) =>
    endings.some((ending) => name.toLowerCase().endsWith(`.${ending}`)),
  );

/** Endings of pictures that cannot be taken. In a folder or an archive they are refused by name, not passed over. */
const OTHER_ENDINGS = /\.(?:bmp|dib|svg|psd|jp2|j2k|jxl|ico|tga|dng|cr2|cr3|nef|arw|raf|orf|rw2|pef)$/i;

/** Whether somebody who hands in a folder means this file: a picture, of whatever format. */
export const isMeantPicture = (name: string): boolean => isPictureName(name) || OTHER_ENDINGS.test(name);

/** Takes a picture apart into its metadata and the rest. Any other format, and a damaged file, give a message. */
export function readContainer(bytes: Uint8Array): ContainerReading {
  switch (formatOf(bytes)) {
    case 'PNG':
      return readPng(bytes);
    case 'WebP':
      return readWebp(bytes);
    default:
      return readJpegBlocks(bytes);
  }
}

const EXIF_IDENTIFIER = 'Exif\0\0';
const withIdentifier = (identifier: string, data: Uint8Array): Uint8Array =>
  concat([new TextEncoder().encode(identifier), data]);
const isExif = (one: JpegSegment): boolean => one.marker === APP1 && hasIdentifier(one, EXIF_IDENTIFIER);
const isXmp = (one: JpegSegment): boolean => one.marker === APP1 && hasIdentifier(one, XMP_IDENTIFIER);
/** An extension of JFIF, which holds nothing but a thumbnail (JFIF 1.02, "JFIF Extension"). */
const isThumbnail = (one: JpegSegment): boolean => one.marker === APP0 && hasIdentifier(one, 'JFXX\0');

/** Segments without it. It follows JFIF's own; one among the tables of the image stays. */
function withoutThumbnail(segments: readonly JpegSegment[]): readonly JpegSegment[] {
  const table = segments.findIndex(({ marker }) => !isMetadata(marker));
  return segments.filter((one, at) => !isThumbnail(one) || (table >= 0 && at > table));
}

/** A box of JUMBF (ISO/IEC 19566-5) that is described as a store of content credentials. */
const isCredentials = ({ marker, data }: JpegSegment): boolean =>
  marker === APP11 && startsWith(data, 'JP') && latin1(data.subarray(0, 64)).includes('jumdc2pa');
const APP11 = 0xeb;

const isPhotoshop = (one: JpegSegment): boolean => one.marker === APP13 && hasIdentifier(one, PHOTOSHOP);

/**
 * The segments of the first Exif block: some programs let one that is too long go on in the next segments, which have
 * the identifier again and no header of TIFF.
 */
function exifSegments(segments: readonly JpegSegment[]): readonly JpegSegment[] {
  const first = segments.findIndex(isExif);
  if (first < 0) return [];
  const goesOn = (one: JpegSegment): boolean =>
    isExif(one) &&
    !/^(?:II\*\0|MM\0\*)/.test(latin1(one.data.subarray(EXIF_IDENTIFIER.length, EXIF_IDENTIFIER.length + 4)));
  const end = segments.findIndex((one, at) => at > first && !goesOn(one));
  return segments.slice(first, end < 0 ? undefined : end);
}

/** The Exif block of a file; an empty one where it is longer than a segment, so that it is left as it is. */
function exifOf(segments: readonly JpegSegment[]): Uint8Array | undefined {
  const parts = exifSegments(segments).map(({ data }) => data.subarray(EXIF_IDENTIFIER.length));
  if (parts.length < 2) return parts[0];
  const joined = concat(parts);
  return joined.length + EXIF_IDENTIFIER.length > MAX_SEGMENT_DATA ? joined.subarray(0, 0) : joined;
}

/**
 * Segments for a reader that takes one of each kind alone: those of an Exif block that goes on in several, and all image
 * resources, are one segment each, where they fit. Of further Exif blocks none stays.
 */
export function joinedSegments(segments: readonly JpegSegment[]): readonly JpegSegment[] {
  const [exif, photoshop] = [segments.filter(isExif), segments.filter(isPhotoshop)];
  let all = segments;
  if (exif.length > 1) {
    const block = exifOf(segments);
    const joined = block?.length ? { marker: APP1, data: withIdentifier(EXIF_IDENTIFIER, block) } : undefined;
    all = replaceSegments(all, isExif, joined ? [joined] : exif.slice(0, 1), 0);
  }
  if (photoshop.length > 1) {
    const resources = concat(photoshop.map(({ data }) => data.subarray(PHOTOSHOP.length)));
    const joined = { marker: APP13, data: withIdentifier(PHOTOSHOP, resources) };
    if (joined.data.length <= MAX_SEGMENT_DATA) all = replaceSegments(all, isPhotoshop, [joined], 0);
  }
  return all;
}

function readJpegBlocks(bytes: Uint8Array): ContainerReading {
  const read = readJpeg(bytes);
  if (!read.ok) return read;
  const { segments, image } = read.jpeg;
  const behind = (segment: JpegSegment | undefined, identifier: string): Uint8Array | undefined =>
    segment?.data.subarray(identifier.length);
  const resources = segments.filter(isPhotoshop).map((one) => one.data.subarray(PHOTOSHOP.length));
  return {
    ok: true,
    container: {
      format: 'JPEG',
      takesIptc: true,
      size: frameSize(bytes),
      blocks: {
        exif: exifOf(segments),
        xmp: behind(segments.find(isXmp), XMP_IDENTIFIER),
        resources: resources.length > 0 ? concat(resources) : undefined,
      },
      isSigned: segments.some(isCredentials),
      isMultiple: segments.some(isMultiPicture),
      image: [...segments.filter(({ marker }) => !isMetadata(marker)).map(({ data }) => data), image],
      write: (blocks, _texts, removesThumbnail = false) => {
        const long = tooLong(blocks);
        if (long) return { ok: false, message: long };
        const kept = removesThumbnail ? withoutThumbnail(segments) : segments;
        const fresh = withPlaces(withBlocks(kept, blocks), bytes, image);
        return { ok: true, parts: writeJpeg({ segments: fresh, image }) };
      },
    },
  };
}

/** Segments that stand in another file than before, with the places of the pictures that follow the first put right. */
function withPlaces(
  segments: readonly JpegSegment[],
  bytes: Uint8Array,
  image: Uint8Array,
): readonly JpegSegment[] {
  const first = headLength(segments) - (bytes.length - image.length);
  return segments.map((segment, at) => {
    if (!isMultiPicture(segment)) return segment;
    const moved =
      headLength(segments.slice(0, at)) + SEGMENT_HEAD - (segment.data.byteOffset - bytes.byteOffset);
    return first === 0 && moved === 0 ? segment : movedPictures(segment, { first, behind: first - moved });
  });
}

/** Why a block does not fit into one segment (ITU-T T.81, B.1.1.4); ''. */
function tooLong({ exif, xmp }: NewBlocks): string {
  const [long] = [
    exif && exif.length + EXIF_IDENTIFIER.length > MAX_SEGMENT_DATA ? 'Exif' : '',
    xmp && xmp.length + XMP_IDENTIFIER.length > MAX_SEGMENT_DATA ? 'XMP' : '',
  ].filter(Boolean);
  return long
    ? `The photo has no room left for ${long}: a JPEG holds at most 64 KB of it. Nothing was written.`
    : '';
}

function withBlocks(
  segments: readonly JpegSegment[],
  { exif, xmp, resources }: NewBlocks,
): readonly JpegSegment[] {
  const afterJfif = segments.findLastIndex(({ marker }) => marker === APP0) + 1;
  let all = segments;
  // Of several segments of a kind the first one is read by everybody; the others stay.
  const one = (old: readonly JpegSegment[], fresh: JpegSegment, index: number): void => {
    all = replaceSegments(all, (segment) => old.includes(segment), [fresh], index);
  };
  const written = exif && { marker: APP1, data: withIdentifier(EXIF_IDENTIFIER, exif) };
  if (written) one(exifSegments(all), written, afterJfif);
  // Never between the segments of one block.
  const last = exifSegments(all).at(-1);
  const behind = last && all.indexOf(last) >= afterJfif ? all.indexOf(last) + 1 : afterJfif + 1;
  if (xmp)
    one(all.filter(isXmp).slice(0, 1), { marker: APP1, data: withIdentifier(XMP_IDENTIFIER, xmp) }, behind);
  if (!resources) return all;
  const room = MAX_SEGMENT_DATA - PHOTOSHOP.length;
  const fresh: JpegSegment[] = [];
  for (let at = 0; at < resources.length; at += room)
    fresh.push({ marker: APP13, data: withIdentifier(PHOTOSHOP, resources.subarray(at, at + room)) });
  return replaceSegments(all, isPhotoshop, fresh, behind + 1);
}
