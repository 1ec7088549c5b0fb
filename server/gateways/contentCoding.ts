import { promisify } from 'node:util';
import { brotliDecompress, gunzip, inflate, inflateRaw } from 'node:zlib';

const unpackers = {
  gzip: promisify(gunzip),
  br: promisify(brotliDecompress),
  deflate: promisify(inflate),
  deflateRaw: promisify(inflateRaw),
} as const;

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

/** Takes the content codings off; throws with a reason for one that is not known, too many, or more than `most` bytes. */
export async function decodeContent(bytes: Buffer, field: string, most: number): Promise<Buffer> {
  const codings = codingsOf(field);
  if (codings.length > MOST_CODINGS) throw new Error('it is packed more often than anybody packs a page');
  let content = bytes;
  for (const coding of codings.toReversed()) {
    if (content.length === 0) return content;
    const name = coding === 'deflate' && !isZlib(content) ? 'deflateRaw' : coding;
    if (!isKnown(name))
      throw new Error(`it is packed in a way that is not known here (${coding.slice(0, 40)})`);
    content = await unpackers[name](content, { maxOutputLength: most });
  }
  return content;
}

const isKnown = (name: string): name is keyof typeof unpackers => Object.hasOwn(unpackers, name);
