import { Readable } from 'node:stream';
import { writeCsv } from '#core/csv';
import { photoReport, sidecarNames } from '#core/photo';
import { readPin } from '#core/pin';
import { freeName } from '#core/text';
import type { ToZip } from '#outside/zip.ts';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { recordOf } from './branches.ts';
import type { BranchRow, PhotoRow } from './models.ts';
import { stampOf } from './photoPlan.ts';
import { usesOf } from './photoUses.ts';

/** Stamped photos as the files of a zip: each under its new name, with its file of XMP where it has one, and a manifest. */
export async function zipped(photos: readonly PhotoRow[], store: PhotoStore): Promise<readonly ToZip[]> {
  const names = new Set<string>();
  const files: ToZip[] = [];
  const rows: ManifestRow[] = [];
  const put = async (path: string, key: string): Promise<boolean> => {
    const file = key ? await store.stream(key) : undefined;
    if (file) files.push({ path, open: () => Promise.resolve(file.bytes()), compress: false });
    return file !== undefined;
  };
  const paths = photos.map((photo) => freeName(stampOf(photo)?.name || photo.name, names));
  const sidecars = sidecarNames(paths);
  for (const [at, photo] of photos.entries()) {
    const path = paths[at] ?? photo.name;
    if (!(await put(path, photo.stampedKey))) continue;
    const sidecar = sidecars[at];
    if (photo.sidecarKey && sidecar) await put(sidecar, photo.sidecarKey);
    rows.push(manifestRow(path, photo));
  }
  return [...files, ...manifestFiles(rows)];
}

/** What a manifest tells of a photo, by file name in the zip; '' for what was not written. */
function manifestRow(file: string, photo: PhotoRow) {
  const stamp = stampOf(photo);
  const { title = '', alt = '', caption = '', point } = stamp?.fields ?? {};
  return {
    file,
    name: photo.name,
    title,
    alt,
    caption,
    latitude: point?.latitude ?? '',
    longitude: point?.longitude ?? '',
    /** SHA-256 of the image, the same in the original and in the stamped file. */
    digest: photo.digest,
    proved: stamp !== null && stamp.message === '',
    proof: stamp?.proof ?? [],
  };
}
type ManifestRow = ReturnType<typeof manifestRow>;

const HEADINGS = [
  'file',
  'name',
  'title',
  'alt',
  'caption',
  'latitude',
  'longitude',
  'digest',
  'proved',
] as const;

/** The manifest for programs (JSON, with the proof of each field) and for a spreadsheet (CSV). */
function manifestFiles(rows: readonly ManifestRow[]): ToZip[] {
  const csv = writeCsv([HEADINGS, ...rows.map((row) => HEADINGS.map((heading) => String(row[heading])))]);
  const file = (path: string, text: string): ToZip => ({
    path,
    open: () => Promise.resolve(Readable.from([Buffer.from(text)])),
  });
  return [file('manifest.json', `${JSON.stringify({ photos: rows }, null, 2)}\n`), file('manifest.csv', csv)];
}

const KINDS = { page: 'page', map: 'map profile', directory: 'directory', other: 'elsewhere' } as const;

/** Stamped photos on one page to hand on, each with its small picture. */
export async function reportOf(
  branch: BranchRow,
  photos: readonly PhotoRow[],
  small: (photo: PhotoRow) => Promise<Buffer | undefined>,
): Promise<string> {
  const record = await recordOf(branch);
  const uses = await usesOf(photos.map(({ id }) => id));
  const pictures = [];
  for (const photo of photos) {
    const stamp = stampOf(photo);
    const thumbnail = await small(photo);
    pictures.push({
      thumbnail: thumbnail ? `data:image/webp;base64,${thumbnail.toString('base64')}` : '',
      name: stamp?.name || photo.name,
      title: stamp?.fields.title ?? '',
      alt: stamp?.fields.alt ?? '',
      point: stamp?.fields.point,
      proved: stamp?.message === '',
      uses: (uses.get(photo.id) ?? []).map(
        ({ kind, address, date }) => `${date}, ${KINDS[kind]}: ${address}`,
      ),
    });
  }
  const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' }).format(new Date());
  return photoReport({
    title: [record.name.trim(), branch.label].filter(Boolean).join(', '),
    date,
    pin: readPin(record.pin).point,
    pictures,
  });
}
