/** A marker segment at the head of a JPEG (ITU-T T.81, B.1.1). */
export interface JpegSegment {
  /** Second byte of the marker: 0xE1 for APP1. */
  readonly marker: number;
  /** Payload without marker and length, bytes. */
  readonly data: Uint8Array;
}

export interface Jpeg {
  readonly segments: readonly JpegSegment[];
  /** From the first marker on behind which there is no metadata: everything from here on is never touched. */
  readonly image: Uint8Array;
}

export type JpegReading =
  { readonly ok: true; readonly jpeg: Jpeg } | { readonly ok: false; readonly message: string };

export const APP1 = 0xe1;
export const APP13 = 0xed;
export const APP0 = 0xe0;
const APP15 = 0xef;
const COM = 0xfe;
const SOS = 0xda;

/** Longest payload of one segment: the length field counts itself in 16 bits. */
export const MAX_SEGMENT_DATA = 65_533;

/**
 * Splits a JPEG into the segments at its head, up to the last APPn or COM one, and the image behind them. Tables and
 * frame headers may stand among those (B.2.4.6): they are segments then. A file that is no JPEG, is cut off before its
 * image data, or has no end of image, gives a message.
 */
export function readJpeg(bytes: Uint8Array): JpegReading {
  if (bytes[0] !== 0xff || bytes[1] !== 0xd8) return { ok: false, message: 'This is no JPEG picture.' };
  const segments: JpegSegment[] = [];
  let metadataEnd = withoutFill(bytes, 2);
  let metadata = 0;
  let at = metadataEnd;
  while (bytes[at] === 0xff && bytes[at + 1] !== SOS) {
    const marker = bytes[at + 1] ?? 0;
    const length = ((bytes[at + 2] ?? 0) << 8) | (bytes[at + 3] ?? 0);
    if (length < 2 || at + 2 + length > bytes.length) return { ok: false, message: CUT_OFF };
    segments.push({ marker, data: bytes.subarray(at + 4, at + 2 + length) });
    at = withoutFill(bytes, at + 2 + length);
    if (isMetadata(marker)) [metadataEnd, metadata] = [at, segments.length];
  }
  if (bytes[at] !== 0xff && at < bytes.length && hasEnd(bytes, at)) return { ok: false, message: NO_MARKER };
  if (bytes[at] !== 0xff || !hasEnd(bytes, at)) return { ok: false, message: CUT_OFF };
  return {
    ok: true,
    jpeg: { segments: segments.slice(0, metadata), image: bytes.subarray(metadataEnd) },
  };
}

/** Where a marker begins: any number of fill bytes may stand before it (B.1.1.2). */
function withoutFill(bytes: Uint8Array, at: number): number {
  let marker = at;
  while (bytes[marker] === 0xff && bytes[marker + 1] === 0xff) marker += 1;
  return marker;
}

const CUT_OFF =
  'The file ends in the middle of the picture. It was probably cut off while being copied; copy it again.';

const NO_MARKER =
  'Between the segments at its head stand bytes that belong to none: the file is damaged. Save it anew in a program for pictures.';

/** Whether a segment is an application's or a comment, which say nothing of how the image is decoded. */
export const isMetadata = (marker: number): boolean => (marker >= APP0 && marker <= APP15) || marker === COM;

/** Whether an end of image follows the scan that begins at `scan`. */
function hasEnd(bytes: Uint8Array, scan: number): boolean {
  for (let end = bytes.length - 2; end > scan; end -= 1)
    if (bytes[end] === 0xff && bytes[end + 1] === 0xd9) return true;
  return false;
}

/** Marker and length before a segment's payload, bytes. */
export const SEGMENT_HEAD = 4;

/** How long the head of a file with these segments is, bytes. */
export const headLength = (segments: readonly JpegSegment[]): number =>
  2 + segments.reduce((sum, { data }) => sum + data.length + SEGMENT_HEAD, 0);

/** The file in pieces, in order: head with the segments, then the image as it was. */
export function writeJpeg({ segments, image }: Jpeg): readonly [Uint8Array, Uint8Array] {
  const head = new Uint8Array(headLength(segments));
  head.set([0xff, 0xd8]);
  let at = 2;
  for (const { marker, data } of segments) {
    head.set([0xff, marker, (data.length + 2) >> 8, (data.length + 2) & 0xff], at);
    head.set(data, at + 4);
    at += data.length + SEGMENT_HEAD;
  }
  return [head, image];
}

/** Whether a segment's payload begins with an identifier. */
export function hasIdentifier({ data }: JpegSegment, identifier: string): boolean {
  for (let at = 0; at < identifier.length; at += 1) if (data[at] !== identifier.charCodeAt(at)) return false;
  return data.length >= identifier.length;
}

/** The segments with those of one kind replaced, new ones where the first old one stood, or else at `index`. */
export function replaceSegments(
  segments: readonly JpegSegment[],
  isOld: (segment: JpegSegment) => boolean,
  fresh: readonly JpegSegment[],
  index: number,
): readonly JpegSegment[] {
  const found = segments.findIndex(isOld);
  const at = found >= 0 ? found : Math.min(index, segments.length);
  return [
    ...segments.slice(0, at).filter((one) => !isOld(one)),
    ...fresh,
    ...segments.slice(at).filter((one) => !isOld(one)),
  ];
}

/** Width and height in pixels, as a JPEG's frame header says (ITU-T T.81, B.2.2); undefined where it has none. */
export function frameSize(
  bytes: Uint8Array,
): { readonly width: number; readonly height: number } | undefined {
  let at = withoutFill(bytes, 2);
  while (bytes[at] === 0xff && bytes[at + 1] !== SOS) {
    const marker = bytes[at + 1] ?? 0;
    const word = (offset: number): number => ((bytes[at + offset] ?? 0) << 8) | (bytes[at + offset + 1] ?? 0);
    // Frame headers are SOF0 to SOF15, without the markers of tables among them.
    if (marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker))
      return { height: word(5), width: word(7) };
    at = withoutFill(bytes, at + 2 + word(2));
  }
  return undefined;
}
