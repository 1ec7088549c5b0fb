import { crc32 } from 'node:zlib';
import { createWriteStream } from 'node:fs';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import yauzl from 'yauzl';
import { ZipFile } from 'yazl';
import { limits, megabytes } from '#core/limits';
import { isHiddenPath, isPagePath, refusalOfPath } from '#core/link';
import { isMeantPicture } from '#core/photo';

/** A page out of a zip, or why it cannot be taken. */
export type ZippedPage =
  { readonly path: string; readonly bytes: Buffer } | { readonly path: string; readonly reason: string };

/**
 * The pages of a zip archive, one after the other, read from its file. The archive is not trusted: paths that
 * climb out of their folder, entries that swell far beyond their packed size, that are damaged (their CRC is
 * looked at), too many or too large ones come with their reason. Where `whole` says so and one is known to be
 * refused by the archive's directory, none is unpacked. What is no page is passed over.
 */
export async function* pagesInZip(file: string, whole: boolean): AsyncGenerator<ZippedPage> {
  let name = 'the zip';
  let zip: yauzl.ZipFile | undefined;
  try {
    zip = await openZip(file);
    const { pages, refused } = await directoryOf(zip);
    yield* refused;
    if (whole && refused.length > 0) return;
    for (const { path, entry } of pages) {
      name = path;
      yield { path, bytes: await readEntry(zip, entry) };
    }
  } catch (error) {
    yield { path: name.slice(0, 200), reason: damage(error) };
  } finally {
    zip?.close();
  }
}

/** A picture out of a zip, written to a file, or why it cannot be taken. */
export type ZippedPicture =
  { readonly path: string; readonly file: string } | { readonly path: string; readonly reason: string };

/**
 * The pictures of a zip archive, one after the other, each written to the path that `spare` gives. The archive is not
 * trusted, as with `pagesInZip`; one that cannot be taken comes with its reason, and the others go on. What is no
 * picture by its name is passed over.
 */
export async function* picturesInZip(file: string, spare: () => string): AsyncGenerator<ZippedPicture> {
  let zip: yauzl.ZipFile | undefined;
  try {
    zip = await openZip(file);
    const entries: yauzl.Entry[] = [];
    for await (const entry of eachEntry(zip)) {
      if (isOurs(nameOf(entry)) && isMeantPicture(nameOf(entry))) entries.push(entry);
      if (entries.length > limits.photosInSet) break;
    }
    let unpacked = 0;
    for (const entry of entries.slice(0, limits.photosInSet)) {
      const path = nameOf(entry);
      const most = { each: limits.photoBytes, together: limits.photosZipBytes };
      const reason = reasonAgainst(path, entry, unpacked, most);
      unpacked += entry.uncompressedSize;
      const to = spare();
      const failed = reason || (await extractEntry(zip, entry, to).then(() => '', damage));
      yield failed ? { path: path.slice(0, 200), reason: failed } : { path, file: to };
    }
    if (entries.length > limits.photosInSet)
      yield {
        path: 'the zip',
        reason: `It holds more than ${String(limits.photosInSet)} photos; the rest was left.`,
      };
  } catch (error) {
    yield { path: 'the zip', reason: damage(error) };
  } finally {
    zip?.close();
  }
}

const damage = (error: unknown): string =>
  `It cannot be read to its end: ${error instanceof Error ? error.message : String(error)}.`;

/** Whether a path of an archive is a file that somebody put there, and not a system's own. */
const isOurs = (path: string): boolean => !path.endsWith('/') && !isHiddenPath(path);

interface Directory {
  readonly pages: readonly { readonly path: string; readonly entry: yauzl.Entry }[];
  readonly refused: readonly { readonly path: string; readonly reason: string }[];
}

/** The pages that an archive's directory names, and those that are refused by what it says of them. */
async function directoryOf(zip: yauzl.ZipFile): Promise<Directory> {
  const pages: { path: string; entry: yauzl.Entry }[] = [];
  const refused: { path: string; reason: string }[] = [];
  const paths = new Set<string>();
  let unpacked = 0;
  let entries = 0;
  for await (const entry of eachEntry(zip)) {
    entries += 1;
    const path = nameOf(entry);
    if (entries > limits.zipEntries) {
      refused.push({ path: 'the zip', reason: `It holds more than ${String(limits.zipEntries)} files.` });
      break;
    }
    if (!isOurs(path) || !isPagePath(path)) continue;
    const reason = paths.has(path)
      ? 'It stands in the zip twice.'
      : reasonAgainst(path, entry, unpacked) || refusalOfPath(path);
    paths.add(path);
    if (reason) refused.push({ path: path.slice(0, 200), reason });
    else {
      unpacked += entry.uncompressedSize;
      pages.push({ path, entry });
    }
  }
  return { pages, refused };
}

/** The name as text; a name that is no string yet is the raw bytes of the archive. */
export const nameOf = ({ generalPurposeBitFlag, fileNameRaw, extraFields }: yauzl.Entry): string =>
  yauzl.getFileNameLowLevel(generalPurposeBitFlag, fileNameRaw, extraFields, false);

function reasonAgainst(
  path: string,
  { compressedSize, uncompressedSize, generalPurposeBitFlag }: yauzl.Entry,
  unpacked: number,
  most = { each: limits.pageBytes, together: limits.unpackedBytes },
): string {
  if (yauzl.validateFileName(path) !== null) return 'Its path leads out of the archive’s folder.';
  if ((generalPurposeBitFlag & 1) === 1) return 'It is encrypted.';
  if (uncompressedSize > most.each) return `It has more than ${megabytes(most.each)} when unpacked.`;
  if (uncompressedSize > 65_536 && uncompressedSize > compressedSize * limits.zipRatio)
    return 'It swells to hundreds of times its packed size, as nothing of its kind does.';
  if (unpacked + uncompressedSize > most.together)
    return `The zip holds more than ${megabytes(most.together)} when unpacked.`;
  return '';
}

export const openZip = (file: string): Promise<yauzl.ZipFile> =>
  new Promise((resolve, reject) => {
    // Paths are judged entry by entry, so that each is told by its name.
    yauzl.open(
      file,
      { lazyEntries: true, decodeStrings: false, validateEntrySizes: true, autoClose: false },
      (error, zip) => {
        if (error) reject(error);
        else resolve(zip);
      },
    );
  });

export async function* eachEntry(zip: yauzl.ZipFile): AsyncGenerator<yauzl.Entry> {
  for (;;) {
    const entry = await new Promise<yauzl.Entry | undefined>((resolve, reject) => {
      zip.once('entry', resolve);
      zip.once('end', () => resolve(undefined));
      zip.once('error', reject);
      zip.readEntry();
    });
    zip.removeAllListeners();
    if (!entry) return;
    yield entry;
  }
}

/** What an entry holds; throws where it is damaged. Its size was looked at in the directory, which binds the reader. */
export async function readEntry(zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Buffer> {
  const stream = await streamOf(zip, entry);
  const chunks: Buffer[] = [];
  for await (const chunk of stream as AsyncIterable<Buffer>) chunks.push(chunk);
  const bytes = Buffer.concat(chunks);
  if (crc32(bytes) !== entry.crc32) throw new Error('its check sum is wrong, so it is damaged');
  return bytes;
}

/** Writes what an entry holds into a file, without holding it in memory; throws where it is damaged. */
export async function extractEntry(zip: yauzl.ZipFile, entry: yauzl.Entry, path: string): Promise<void> {
  let sum = 0;
  const check = new Transform({
    transform(chunk: Buffer, _encoding, pass) {
      sum = crc32(chunk, sum);
      pass(null, chunk);
    },
  });
  await pipeline(await streamOf(zip, entry), check, createWriteStream(path, { flags: 'wx', mode: 0o600 }));
  if (sum !== entry.crc32) throw new Error('its check sum is wrong, so it is damaged');
}

const streamOf = (zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Readable> =>
  new Promise((resolve, reject) => {
    zip.openReadStream(entry, (error, opened) => {
      if (error) reject(error);
      else resolve(opened);
    });
  });

/** A file of a zip that is to be written, opened when its turn comes. */
export interface ToZip {
  readonly path: string;
  readonly open: () => Promise<Readable>;
  /** Pictures and the like are packed already. */
  readonly compress?: boolean;
}

/**
 * A path as a zip may hold it: what would climb, begin at a root or a drive, or part folders elsewhere stands as an
 * address writes it. A page of another's site may have any of that in its path.
 */
const pathInZip = (path: string): string =>
  path
    .replace(/\\/g, '%5C')
    .replace(/^([a-z]):/i, '$1%3A')
    .replace(/^\//, '%2F')
    .replace(/(?<=^|\/)\.\.(?=\/|$)/g, '%2E%2E');

/** A zip as a stream, entries in the given order; each is opened when the one before it has gone out. */
export function zipOf(files: Iterable<ToZip>): NodeJS.ReadableStream {
  const zip = new ZipFile();
  for (const { path, open, compress = true } of files)
    zip.addReadStreamLazy(pathInZip(path), { compress }, (done) => {
      open().then(
        (stream) => done(null, stream),
        (error: unknown) => done(error, undefined as never),
      );
    });
  zip.end();
  return zip.outputStream;
}
