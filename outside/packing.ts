import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';

const [packAway, unpackAway] = [promisify(gzip), promisify(gunzip)];

/** Packs what is kept (gzip, quickly), beside the server's own thread. */
export const pack = (content: Uint8Array | string): Promise<Buffer> => packAway(content, { level: 1 });

/** Unpacks it again, beside the server's own thread; throws for more than `most` bytes. */
export const unpack = (packed: Uint8Array, most: number): Promise<Buffer> =>
  unpackAway(packed, { maxOutputLength: most });
