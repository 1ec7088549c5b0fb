import { Op } from 'sequelize';
import type { Photo, PhotoWords, TypedPhotoWords } from '#contract';
import { isDisguised } from '#core/photo';
import type { BusinessRecord } from '#core/record';
import type { PhotoReading } from '#outside/stamper.ts';
import { notFound } from '../problem.ts';
import { findBranch, recordOf } from './branches.ts';
import { findPhoto } from './findPhoto.ts';
import { photoJson, PhotoRow, type Stamp } from './models.ts';
import { ownOf, photoState, stampOf } from './photoPlan.ts';
import { usesOf } from './photoUses.ts';
import { locked, whole } from './transaction.ts';

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
      const all = Object.entries(Object.assign({}, ownOf(row), ...typed) as TypedPhotoWords);
      const own = Object.fromEntries(all.filter(([, value]) => !isBlank(value)));
      await row.update({ own: photoJson.own.write(own) }, { transaction });
    }
  });
}

/** Whether something typed takes away what was there. */
const isBlank = (value: unknown): boolean =>
  value === null || value === undefined || value === '' || (Array.isArray(value) && value.length === 0);

/** The photos of a branch in the order in which they came: their numbers in the set. */
export async function allPhotos(branchId: number): Promise<readonly PhotoRow[]> {
  await findBranch(branchId);
  return PhotoRow.findAll({ where: { branchId }, order: ['id'] });
}

export async function listPhotos(branchId: number): Promise<readonly Photo[]> {
  const record = await recordOf(await findBranch(branchId));
  return describe(await allPhotos(branchId), record);
}

/** Photos of a branch; `all` are those that they stand among. */
async function describe(
  photos: readonly PhotoRow[],
  record: BusinessRecord,
  all: readonly PhotoRow[] = photos,
): Promise<readonly Photo[]> {
  const first = new Map<string, PhotoRow>();
  for (const photo of all) if (photo.digest && !first.has(photo.digest)) first.set(photo.digest, photo);
  const uses = await usesOf(photos.map(({ id }) => id));
  return photos.map((photo) => {
    const stamp = stampOf(photo);
    const twin = first.get(photo.digest);
    return {
      id: photo.id,
      name: photo.name,
      size: photo.size,
      format: photo.format,
      isDisguised: photo.format !== '' && isDisguised(photo.name, photo.format),
      carried: photoJson.carried.read(photo.carried),
      own: ownOf(photo),
      twin: twin && twin.id !== photo.id ? twin.name : '',
      state: photoState(photo, record),
      message: stamp?.message ?? '',
      proof: stamp?.proof ?? [],
      stamped: stamp && photo.stampedKey ? writtenBy(photo, stamp) : null,
      uses: [...(uses.get(photo.id) ?? [])],
    };
  });
}

/** What a stamp wrote, as far as it is told. */
function writtenBy(photo: PhotoRow, { fields, name, remarks }: Stamp): NonNullable<Photo['stamped']> {
  const { title, caption, keywords, alt } = fields;
  const sidecar = photo.sidecarKey !== '';
  return { name: name || photo.name, title, caption, keywords: [...keywords], alt, remarks, sidecar };
}

/** Keeps a photo of a branch; `take` puts its bytes into the photo store. One that was there before gives it its words. */
export async function keepPhoto(
  branchId: number,
  { name, subject = '' }: { readonly name: string; readonly subject?: string },
  { size, carried, format, digest }: Extract<PhotoReading, { ok: true }>,
  take: () => Promise<string>,
): Promise<Photo> {
  const record = await recordOf(await findBranch(branchId));
  const twin = digest ? await PhotoRow.findOne({ where: { branchId, digest }, order: ['id'] }) : null;
  const row = { branchId, name, size, format, digest, carried: photoJson.carried.write(carried ?? null) };
  const own = { own: twin ? twin.own : photoJson.own.write(subject ? { subject } : {}) };
  const photo = await PhotoRow.create({ ...row, ...own, stamp: 'null', originalKey: await take() });
  const [described] = await describe([photo], record, twin ? [twin, photo] : [photo]);
  if (!described) throw notFound('photo');
  return described;
}

export async function keepThumbnail(id: number, thumbnailKey: string): Promise<void> {
  await PhotoRow.update({ thumbnailKey }, { where: { id } });
}

/** Keeps what a stamp yielded; the keys of the files that it replaces. */
export async function keepStamp(
  photo: PhotoRow,
  keys: { readonly stampedKey: string; readonly sidecarKey: string },
  stamp: Stamp,
): Promise<readonly string[]> {
  const replaced = [photo.stampedKey, photo.sidecarKey].filter(
    (key) => key && key !== keys.stampedKey && key !== keys.sidecarKey,
  );
  await photo.update({ ...keys, stamp: photoJson.stamp.write(stamp) });
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

/** Photos of a branch that have been stamped: all of them, or those of these that have. */
export async function stampedPhotos(branchId: number, ids?: readonly number[]): Promise<readonly PhotoRow[]> {
  await findBranch(branchId);
  const chosen = ids ? { id: { [Op.in]: [...ids] } } : {};
  return PhotoRow.findAll({
    where: { branchId, stampedKey: { [Op.ne]: '' }, ...chosen },
    order: ['name', 'id'],
  });
}
