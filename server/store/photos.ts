import { isDeepStrictEqual } from 'node:util';
import type { Photo } from '#contract';
import {
  stampFields,
  wordingsFor,
  type Carried,
  type StampFields,
  type WordField,
  type Wordings,
} from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { notFound } from '../problem.ts';
import { findBranch, recordOf } from './branches.ts';
import { photoJson, PhotoRow, type Stamp } from './models.ts';

const readStamp = ({ stamp }: PhotoRow): Stamp | null => photoJson.stamp.read(stamp);

/** Fields as JSON has them, so that stored ones and new ones can be compared. */
export const plainFields = (fields: StampFields): Stamp['fields'] =>
  JSON.parse(JSON.stringify(fields)) as Stamp['fields'];

/** The words for a photo where a form is meant for many: see `wordingsFor`. */
export function wordsOfPhoto(
  photo: PhotoRow,
  form: Wordings,
  edited: readonly WordField[],
): Stamp['wordings'] {
  const carried = photoJson.carried.read(photo.carried);
  const words = wordingsFor(form, edited, readStamp(photo)?.wordings ?? null, carried);
  return { ...words, keywords: [...words.keywords] };
}

export function photoState(photo: PhotoRow, record: BusinessRecord): Photo['state'] {
  const stamp = readStamp(photo);
  if (!stamp) return 'bare';
  if (stamp.message) return 'failed';
  return isDeepStrictEqual(stamp.fields, plainFields(stampFields(record, stamp.wordings)))
    ? 'stamped'
    : 'out-of-date';
}

export async function listPhotos(branchId: number): Promise<readonly Photo[]> {
  const record = await recordOf(await findBranch(branchId));
  const photos = await PhotoRow.findAll({ where: { branchId }, order: ['name', 'id'] });
  return photos.map((photo) => describe(photo, record));
}

function describe(photo: PhotoRow, record: BusinessRecord): Photo {
  const stamp = readStamp(photo);
  return {
    id: photo.id,
    name: photo.name,
    size: photo.size,
    carried: photoJson.carried.read(photo.carried),
    state: photoState(photo, record),
    message: stamp?.message ?? '',
    proof: stamp?.proof ?? [],
    wordings: stamp?.wordings ?? null,
  };
}

/** Keeps a photo of a branch; `take` puts its bytes into the photo store. */
export async function keepPhoto(
  branchId: number,
  {
    name,
    size,
    carried,
  }: { readonly name: string; readonly size: number; readonly carried: Carried | undefined },
  take: () => Promise<string>,
): Promise<Photo> {
  const record = await recordOf(await findBranch(branchId));
  const row = { branchId, name, size, carried: photoJson.carried.write(carried ?? null), stamp: 'null' };
  return describe(await PhotoRow.create({ ...row, originalKey: await take() }), record);
}

export async function findPhoto(id: number): Promise<PhotoRow> {
  const photo = await PhotoRow.findByPk(id);
  if (!photo) throw notFound('photo');
  await findBranch(photo.branchId);
  return photo;
}

export async function keepThumbnail(id: number, thumbnailKey: string): Promise<void> {
  await PhotoRow.update({ thumbnailKey }, { where: { id } });
}

/** Keeps what a stamp yielded; the key of the stamped file that it replaces, '' for none. */
export async function keepStamp(photo: PhotoRow, stampedKey: string, stamp: Stamp): Promise<string> {
  const replaced = photo.stampedKey;
  await photo.update({ stampedKey, stamp: photoJson.stamp.write(stamp) });
  return replaced;
}

export async function deletePhoto(id: number): Promise<void> {
  await (await findPhoto(id)).destroy();
}

export async function restorePhoto(id: number): Promise<void> {
  const photo = await PhotoRow.findByPk(id, { paranoid: false });
  if (!photo) throw notFound('photo');
  await findBranch(photo.branchId);
  await photo.restore();
}

export async function stampedPhotos(branchId: number): Promise<readonly PhotoRow[]> {
  await findBranch(branchId);
  return PhotoRow.findAll({ where: { branchId }, order: ['name', 'id'] });
}
