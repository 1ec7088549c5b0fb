import { isDeepStrictEqual } from 'node:util';
import { Op } from 'sequelize';
import * as z from 'zod';
import type { OwnPhotoWords, Photo, PhotoWords } from '#contract';
import {
  dayTaken,
  stampFields,
  wordingsFor,
  wordsOfPicture,
  type Carried,
  type MoreWords,
  type StampFields,
  type WordField,
  type Wordings,
} from '#core/photo';
import type { BusinessRecord } from '#core/record';
import { notFound } from '../problem.ts';
import { findBranch, recordOf } from './branches.ts';
import { photoJson, PhotoRow, type Stamp } from './models.ts';
import { locked, whole } from './transaction.ts';

const readStamp = ({ stamp }: PhotoRow): Stamp | null => photoJson.stamp.read(stamp);

/** Fields as JSON has them, so that stored ones and new ones can be compared. */
export const plainFields = (fields: StampFields): Stamp['fields'] =>
  JSON.parse(JSON.stringify(fields)) as Stamp['fields'];

/** The words for a photo where a form is meant for many (see `wordingsFor`), under what was typed for it alone. */
export function wordsOfPhoto(
  photo: PhotoRow,
  form: Wordings,
  edited: readonly WordField[],
  { record, number }: { readonly record: BusinessRecord; readonly number: number },
): Pick<Stamp, 'wordings' | 'subject' | 'headline'> {
  const carried = photoJson.carried.read(photo.carried);
  const words = wordingsFor(form, edited, readStamp(photo)?.wordings ?? null, carried);
  const thisYear = String(new Date().getFullYear());
  const own = ownOf(photo);
  const planned = wordsOfPicture(record, words, own, {
    name: photo.name,
    number,
    date: dayTaken(carried),
    thisYear,
  });
  return { ...planned, wordings: { ...planned.wordings, keywords: [...planned.wordings.keywords] } };
}

const ownOf = (photo: PhotoRow): OwnPhotoWords => photoJson.own.read(photo.own);

/** Keeps words typed for photos of a branch, field by field, over those that are there; a blank one takes them away. */
export async function keepWords(branchId: number, { photos }: PhotoWords): Promise<void> {
  await findBranch(branchId);
  await whole(async (transaction) => {
    const rows = await PhotoRow.findAll({
      where: { branchId, id: { [Op.in]: photos.map(({ id }) => id) } },
      order: ['id'],
      ...locked(transaction),
    });
    for (const row of rows) {
      const typed = photos.filter(({ id }) => id === row.id).map(({ own }) => own);
      const all = Object.entries(Object.assign({}, ownOf(row), ...typed) as OwnPhotoWords);
      const own = Object.fromEntries(all.filter(([, value]) => value.length > 0));
      await row.update({ own: photoJson.own.write(own) }, { transaction });
    }
  });
}

/** What a stamp writes besides the words of the form. */
export const moreOf = ({ subject, headline }: Pick<Stamp, 'subject' | 'headline'>): Partial<MoreWords> => ({
  subject,
  ...(headline === undefined ? {} : { headline }),
});

export function photoState(photo: PhotoRow, record: BusinessRecord): Photo['state'] {
  const stamp = readStamp(photo);
  if (!stamp) return 'bare';
  if (stamp.message) return 'failed';
  return isDeepStrictEqual(stamp.fields, plainFields(stampFields(record, stamp.wordings, moreOf(stamp))))
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
    own: ownOf(photo),
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

/** What a manifest tells of a stamped photo besides its file; '' for what was not written. */
export function manifestRow(photo: PhotoRow) {
  const stamp = readStamp(photo);
  const { point } = manifestPointSchema.parse(stamp?.fields ?? {});
  return {
    name: photo.name,
    title: stamp?.wordings.title ?? '',
    alt: stamp?.wordings.alt ?? '',
    latitude: point?.latitude ?? '',
    longitude: point?.longitude ?? '',
    proved: stamp !== null && stamp.message === '',
  };
}

const manifestPointSchema = z.object({
  point: z.object({ latitude: z.number(), longitude: z.number() }).optional(),
});
