import yauzl from 'yauzl';
import { ZipFile } from 'yazl';
import { limits, megabytes } from '#contract';

/** A file out of a zip, or why it was not taken. */
export interface UnzippedPages {
  readonly pages: readonly { readonly path: string; readonly bytes: Buffer }[];
  readonly refused: readonly { readonly path: string; readonly reason: string }[];
}

export const isPagePath = (path: string): boolean => /\.(html?|xhtml|php|asp|aspx|shtml)$/i.test(path);

/**
 * The pages of a zip archive. The archive is not trusted: paths that climb out of their folder, entries that
 * swell far beyond their packed size, too many or too large ones are refused with a reason, and what was
 * read before stays good. A damaged archive is refused whole.
 */
export async function unzipPages(bytes: Buffer): Promise<UnzippedPages> {
  const pages: { path: string; bytes: Buffer }[] = [];
  const refused: { path: string; reason: string }[] = [];
  let unpacked = 0;
  let entries = 0;
  try {
    const zip = await openZip(bytes);
    for await (const entry of eachEntry(zip)) {
      entries += 1;
      const path = nameOf(entry);
      if (path.endsWith('/') || /(^|\/)(__MACOSX\/|\.[^./])/.test(path)) continue;
      const reason =
        entries > limits.zipEntries
          ? `The zip holds more than ${String(limits.zipEntries)} files.`
          : reasonAgainst(path, entry, unpacked);
      if (reason) refused.push({ path: path.slice(0, 200), reason });
      else if (isPagePath(path)) {
        const content = await readEntry(zip, entry);
        unpacked += content.length;
        pages.push({ path, bytes: content });
      }
      if (entries > limits.zipEntries) break;
    }
    zip.close();
  } catch (error) {
    refused.push({
      path: 'the zip',
      reason: `It cannot be read to its end: ${error instanceof Error ? error.message : String(error)}.`,
    });
  }
  return { pages, refused };
}

/** The name as text; a name that is no string yet is the raw bytes of the archive. */
const nameOf = ({ generalPurposeBitFlag, fileNameRaw, extraFields }: yauzl.Entry): string =>
  yauzl.getFileNameLowLevel(generalPurposeBitFlag, fileNameRaw, extraFields, false);

function reasonAgainst(
  fileName: string,
  { compressedSize, uncompressedSize, generalPurposeBitFlag }: yauzl.Entry,
  unpacked: number,
): string {
  if (yauzl.validateFileName(fileName) !== null) return 'Its path leads out of the archive’s folder.';
  if ((generalPurposeBitFlag & 1) === 1) return 'It is encrypted.';
  if (uncompressedSize > limits.pageBytes)
    return isPagePath(fileName) || uncompressedSize > compressedSize * limits.zipRatio
      ? `It has more than ${megabytes(limits.pageBytes)} when unpacked.`
      : '';
  if (uncompressedSize > 65_536 && uncompressedSize > compressedSize * limits.zipRatio)
    return 'It swells to hundreds of times its packed size, as no page does.';
  if (unpacked + uncompressedSize > limits.unpackedBytes)
    return `The zip holds more than ${megabytes(limits.unpackedBytes)} when unpacked.`;
  return '';
}

const openZip = (bytes: Buffer): Promise<yauzl.ZipFile> =>
  new Promise((resolve, reject) => {
    // Paths are judged entry by entry, so that one bad path does not lose the others.
    yauzl.fromBuffer(
      bytes,
      { lazyEntries: true, decodeStrings: false, validateEntrySizes: true },
      (error, zip) => {
        if (error) reject(error);
        else resolve(zip);
      },
    );
  });

async function* eachEntry(zip: yauzl.ZipFile): AsyncGenerator<yauzl.Entry> {
  for (;;) {
    const entry = await new Promise<yauzl.Entry | undefined>((resolve, reject) => {
      zip.once('entry', resolve);
      zip.once('end', () => {
        resolve(undefined);
      });
      zip.once('error', reject);
      zip.readEntry();
    });
    zip.removeAllListeners();
    if (!entry) return;
    yield entry;
  }
}

const readEntry = (zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    zip.openReadStream(entry, (error, stream) => {
      if (error) {
        reject(error);
        return;
      }
      const chunks: Buffer[] = [];
      stream.on('data', (chunk: Buffer) => chunks.push(chunk));
      stream.on('error', reject);
      stream.on('end', () => {
        resolve(Buffer.concat(chunks));
      });
    });
  });

/** A zip as a stream, entries in the given order. */
export function zipOf(
  files: readonly { readonly path: string; readonly bytes: Buffer }[],
  compress: boolean,
): NodeJS.ReadableStream {
  const zip = new ZipFile();
  for (const { path, bytes } of files) zip.addBuffer(bytes, path, { compress });
  zip.end();
  return zip.outputStream;
}
