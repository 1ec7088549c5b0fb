import type { Transform } from 'node:stream';
import {
  constants,
  createBrotliDecompress,
  createGunzip,
  createInflate,
  createInflateRaw,
  type ZlibOptions,
} from 'node:zlib';
import { megabytes } from '#core/limits';

/** How much of what a host sends is read. */
export interface Bounds {
  /** Bytes, packed and unpacked. */
  readonly most: number;
  /** What is done with more than that: it is refused, or read as far as that. */
  readonly beyond: 'refuse' | 'cut';
}

// What is cut off ends in the middle: what was unpacked until then counts.
const OPEN_END: ZlibOptions = { finishFlush: constants.Z_SYNC_FLUSH };

const unpackers: Readonly<Record<string, (bounds: Bounds) => Transform>> = {
  gzip: ({ beyond }) => createGunzip(beyond === 'cut' ? OPEN_END : {}),
  deflate: ({ beyond }) => createInflate(beyond === 'cut' ? OPEN_END : {}),
  bareDeflate: ({ beyond }) => createInflateRaw(beyond === 'cut' ? OPEN_END : {}),
  br: ({ beyond }) =>
    createBrotliDecompress(beyond === 'cut' ? { finishFlush: constants.BROTLI_OPERATION_FLUSH } : {}),
};

/** More codings over each other than this are an attack. */
const MOST_CODINGS = 3;

/** The codings of a Content-Encoding field in the order they were applied (RFC 9110, 8.4); what is not known keeps its name. */
function codingsOf(field: string): readonly string[] {
  return field
    .toLowerCase()
    .split(',')
    .map((name) => name.trim().replace(/^x-gzip$/, 'gzip'))
    .filter((name) => name !== '' && name !== 'identity');
}

/** Whether deflated bytes are wrapped as the standard wants (zlib, RFC 1950); many hosts send them bare (RFC 1951). */
const isZlib = (bytes: Buffer): boolean =>
  ((bytes[0] ?? 0) & 0x0f) === 8 && (((bytes[0] ?? 0) << 8) | (bytes[1] ?? 0)) % 31 === 0;

/** Reads a stream to its end or its bound; throws for more than may be where that is refused. */
export async function readWithin(stream: AsyncIterable<Buffer>, { most, beyond }: Bounds): Promise<Buffer> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of stream) {
    chunks.push(chunk);
    size += chunk.length;
    if (size <= most) continue;
    if (beyond === 'refuse') throw new Error(`it is larger than ${megabytes(most)}`);
    break; // ends the stream
  }
  return Buffer.concat(chunks).subarray(0, most);
}

/** What a coding's stream makes of the bytes. A fault of the coding ends it. */
async function unpacked(bytes: Buffer, coding: Transform, bounds: Bounds): Promise<Buffer> {
  coding.end(bytes);
  return readWithin(coding as AsyncIterable<Buffer>, bounds);
}

/** Takes the content codings off, within bounds; throws with a reason for one that is not known, damaged, or too many. */
export async function decodeContent(bytes: Buffer, field: string, bounds: Bounds): Promise<Buffer> {
  const codings = codingsOf(field);
  if (codings.length > MOST_CODINGS) throw new Error('it is packed more often than anybody packs a page');
  let content = bytes;
  for (const coding of codings.toReversed()) {
    if (content.length === 0) return content;
    const name = coding === 'deflate' && !isZlib(content) ? 'bareDeflate' : coding;
    const unpack = Object.hasOwn(unpackers, name) ? unpackers[name] : undefined;
    if (!unpack) throw new Error(`it is packed in a way that is not known here (${coding.slice(0, 40)})`);
    content = await unpacked(content, unpack(bounds), bounds);
  }
  return content;
}
