import { readCarried, type Carried } from './carried.ts';
import { cutUtf8 } from './iptc.ts';
import { readJpeg } from './jpeg.ts';
import type { StampFields } from './fields.ts';

/** One value that was meant to be in the file, and what an independent reader found. */
export interface ProofLine {
  readonly field: string;
  readonly where: 'Exif' | 'IPTC' | 'XMP' | 'image';
  readonly meant: string;
  readonly read: string;
  readonly agrees: boolean;
}

export interface PhotoProof {
  readonly proved: boolean;
  readonly lines: readonly ProofLine[];
}

/** Half a centimetre: coordinates that read closer than this are the same. */
const DEGREES_TOLERANCE = 5e-8;

/**
 * Reads a stamped file again with a reader that is not ours and compares every field, and the image data
 * byte for byte with that of the original.
 */
export function provePhoto(
  stamped: Uint8Array,
  original: Uint8Array,
  fields: StampFields,
  sameBytes: SameBytes,
): PhotoProof {
  const read = readCarried(stamped);
  const same = sameImage(stamped, original, sameBytes);
  const lines: ProofLine[] = [
    {
      field: 'image data',
      where: 'image',
      meant: 'untouched',
      read: same ? 'untouched' : 'changed',
      agrees: same,
    },
  ];
  if (read) lines.push(...compare(read, fields));
  else lines.push({ field: 'metadata', where: 'Exif', meant: 'readable', read: '', agrees: false });
  return { proved: lines.every(({ agrees }) => agrees), lines };
}

function compare(read: Carried, fields: StampFields): readonly ProofLine[] {
  const lines: ProofLine[] = [];
  const text = (field: string, where: ProofLine['where'], meant: string, found: string): void => {
    if (meant) lines.push({ field, where, meant, read: found, agrees: meant === found });
  };
  const degrees = (
    field: string,
    where: ProofLine['where'],
    meant: number | undefined,
    found: number | undefined,
  ): void => {
    if (meant === undefined) return;
    lines.push({
      field,
      where,
      meant: String(meant),
      read: found === undefined ? '' : found.toFixed(7),
      agrees: found !== undefined && Math.abs(meant - found) <= DEGREES_TOLERANCE,
    });
  };
  const cut = (value: string, bytes: number): string => new TextDecoder().decode(cutUtf8(value, bytes));
  degrees('latitude', 'Exif', fields.point?.latitude, read.latitude);
  degrees('longitude', 'Exif', fields.point?.longitude, read.longitude);
  degrees('latitude', 'XMP', fields.point?.latitude, read.xmp.latitude);
  degrees('longitude', 'XMP', fields.point?.longitude, read.xmp.longitude);
  text('title', 'Exif', fields.title, read.exif.title);
  text('title', 'IPTC', cut(fields.title, 64), read.iptc.title);
  text('title', 'XMP', fields.title, read.xmp.title);
  text('caption', 'Exif', fields.caption, read.exif.caption);
  text('caption', 'IPTC', cut(fields.caption, 2000), read.iptc.caption);
  text('caption', 'XMP', fields.caption, read.xmp.caption);
  text(
    'keywords',
    'IPTC',
    fields.keywords.map((word) => cut(word, 64)).join(', '),
    read.iptc.keywords.join(', '),
  );
  text('keywords', 'XMP', fields.keywords.join(', '), read.xmp.keywords.join(', '));
  text('alternative text', 'XMP', fields.alt, read.xmp.alt);
  text('town', 'IPTC', cut(fields.town, 32), read.iptc.town);
  text('town', 'XMP', fields.town, read.xmp.town);
  text('contact', 'Exif', fields.contactBlock, read.exif.comment);
  text('contact', 'XMP', fields.contactBlock, read.xmp.comment);
  return lines;
}

/** Tells whether two stretches of memory hold the same bytes. The edges pass in what their platform does fastest. */
export type SameBytes = (a: Uint8Array, b: Uint8Array) => boolean;

/** Whether two JPEGs have the same bytes from the frame header to the end of the file. */
export function sameImage(a: Uint8Array, b: Uint8Array, sameBytes: SameBytes): boolean {
  const [one, other] = [readJpeg(a), readJpeg(b)];
  return one.ok && other.ok && sameBytes(one.jpeg.image, other.jpeg.image);
}
