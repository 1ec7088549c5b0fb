import { latin1, startsWith } from './bytes.ts';
import type { ContainerReading, NewBlocks } from './container.ts';
import { withoutIdentifier } from './png.ts';

/** A chunk of a WebP (WebP Container Specification, "RIFF file format"). */
interface Chunk {
  readonly type: string;
  readonly data: Uint8Array;
}

const EXIF_FLAG = 0x08;
const XMP_FLAG = 0x04;
const ALPHA_FLAG = 0x10;

/**
 * Takes a WebP apart (also an animated one). Every chunk that is no metadata stays; the extended header says what is
 * there, and is added where a simple file has none.
 */
export function readWebp(bytes: Uint8Array): ContainerReading {
  if (!startsWith(bytes, 'RIFF') || !startsWith(bytes, 'WEBP', 8))
    return { ok: false, message: 'This is no WebP picture.' };
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const end = 8 + view.getUint32(4, true);
  if (end > bytes.length + 1) return { ok: false, message: CUT_OFF };
  const chunks: Chunk[] = [];
  let at = 12;
  while (at + 8 <= bytes.length) {
    const type = latin1(bytes.subarray(at, at + 4));
    // What was put behind the end that the file names is read by others too, and stands inside from now on.
    if (at + 8 > end && !CHUNKS.has(type)) break;
    const length = view.getUint32(at + 4, true);
    if (at + 8 + length > bytes.length) return { ok: false, message: CUT_OFF };
    chunks.push({ type, data: bytes.subarray(at + 8, at + 8 + length) });
    at += 8 + length + (length % 2);
  }
  const trailing = bytes.subarray(Math.min(Math.max(at, end), bytes.length));
  const header = headerOf(chunks);
  if (!header) return { ok: false, message: CUT_OFF };
  const find = (type: string): Uint8Array | undefined => chunks.find((one) => one.type === type)?.data;
  const exif = find('EXIF');
  return {
    ok: true,
    container: {
      format: 'WebP',
      takesIptc: false,
      size: undefined,
      blocks: { exif: exif && withoutIdentifier(exif), xmp: find('XMP '), resources: undefined },
      isSigned: chunks.some(({ type }) => type === 'C2PA'),
      image: [...chunks.filter(({ type }) => !METADATA.has(type)).map(({ data }) => data), trailing],
      write: (blocks) => ({ ok: true, parts: [...written(chunks, header, blocks), trailing] }),
    },
  };
}

const CHUNKS = new Set(['EXIF', 'XMP ', 'ICCP', 'ANIM', 'ANMF', 'ALPH', 'VP8 ', 'VP8L']);
const METADATA = new Set(['EXIF', 'XMP ', 'VP8X']);
const CUT_OFF =
  'The file ends in the middle of the picture. It was probably cut off while being copied; copy it again.';

/** The extended header: the file's own, or one made from the header of its only image; undefined where it has none. */
function headerOf(chunks: readonly Chunk[]): Uint8Array | undefined {
  const [first] = chunks;
  if (first?.type === 'VP8X') return first.data.length >= 10 ? first.data : undefined;
  const size = first && sizeOf(first);
  if (!size) return undefined;
  const header = new Uint8Array(10);
  header[0] = size.hasAlpha ? ALPHA_FLAG : 0;
  for (const [offset, value] of [
    [4, size.width - 1],
    [7, size.height - 1],
  ] as const)
    header.set([value & 0xff, (value >> 8) & 0xff, (value >> 16) & 0xff], offset);
  return header;
}

/** Width and height in pixels, as the first chunk says: the canvas of an extended file (ibid.), or the only image. */
export function webpSize(bytes: Uint8Array): { width: number; height: number } | undefined {
  const [type, data] = [latin1(bytes.subarray(12, 16)), bytes.subarray(20, 30)];
  if (type !== 'VP8X') return sizeOf({ type, data });
  const view = new DataView(data.buffer, data.byteOffset, data.byteLength);
  return {
    width: (view.getUint32(4, true) & 0xffffff) + 1,
    height: view.getUint16(7, true) + view.getUint8(9) * 0x10000 + 1,
  };
}

/** Width and height in pixels of a lossy (RFC 6386, 9.1) or lossless bitstream (RFC 9649, 3.4). */
function sizeOf({ type, data }: Chunk): { width: number; height: number; hasAlpha: boolean } | undefined {
  const view = new DataView(data.buffer, data.byteOffset, data.byteLength);
  if (type === 'VP8 ' && data.length >= 10)
    return {
      width: view.getUint16(6, true) & 0x3fff,
      height: view.getUint16(8, true) & 0x3fff,
      hasAlpha: false,
    };
  if (type !== 'VP8L' || data.length < 5 || data[0] !== 0x2f) return undefined;
  const bits = view.getUint32(1, true);
  return {
    width: (bits & 0x3fff) + 1,
    height: ((bits >>> 14) & 0x3fff) + 1,
    hasAlpha: ((bits >>> 28) & 1) === 1,
  };
}

/** Metadata stand behind the image, Exif before XMP. */
function written(chunks: readonly Chunk[], header: Uint8Array, { exif, xmp }: NewBlocks): Uint8Array[] {
  const kept = (type: string, fresh: Uint8Array | undefined): Uint8Array | undefined =>
    fresh ?? chunks.find((one) => one.type === type)?.data;
  const [newExif, newXmp] = [kept('EXIF', exif), kept('XMP ', xmp)];
  const flags = Uint8Array.from(header);
  flags[0] =
    ((header[0] ?? 0) & ~(EXIF_FLAG | XMP_FLAG)) | (newExif ? EXIF_FLAG : 0) | (newXmp ? XMP_FLAG : 0);
  const others = chunks.filter(({ type }) => !METADATA.has(type));
  const isImage = ({ type }: Chunk): boolean => IMAGE.has(type);
  const behind = others.findLastIndex(isImage) + 1;
  const rows: readonly Chunk[] = [
    { type: 'VP8X', data: flags },
    ...others.slice(0, behind),
    ...(newExif ? [{ type: 'EXIF', data: newExif }] : []),
    ...(newXmp ? [{ type: 'XMP ', data: newXmp }] : []),
    ...others.slice(behind),
  ];
  const parts = rows.flatMap(({ type, data }) => [
    chunkHead(type, data.length),
    data,
    new Uint8Array(data.length % 2),
  ]);
  const size = 4 + parts.reduce((sum, part) => sum + part.length, 0);
  const head = new Uint8Array(12);
  head.set(chunkHead('RIFF', size));
  head.set(ascii('WEBP'), 8);
  return [head, ...parts];
}

const IMAGE = new Set(['VP8 ', 'VP8L', 'ALPH', 'ANIM', 'ANMF', 'ICCP']);
const ascii = (text: string): Uint8Array => Uint8Array.from(text, (character) => character.charCodeAt(0));

function chunkHead(type: string, length: number): Uint8Array {
  const head = new Uint8Array(8);
  head.set(ascii(type));
  new DataView(head.buffer).setUint32(4, length, true);
  return head;
}
