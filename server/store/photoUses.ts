import { Op } from 'sequelize';
import type * as z from 'zod';
import type { FetchedPicture, PhotoUse, useInputSchema } from '#contract';
import { notFound } from '../problem.ts';
import { findPhoto } from './findPhoto.ts';
import { groupedBy } from './grouped.ts';
import { photoJson, PhotoUseRow } from './models.ts';

const describe = ({ id, kind, address, date, fetched }: PhotoUseRow): PhotoUse => ({
  id,
  kind,
  address,
  date,
  fetched: fetched ? photoJson.fetched.read(fetched) : null,
});

/** Where these photos went. */
export async function usesOf(photoIds: readonly number[]): Promise<ReadonlyMap<number, readonly PhotoUse[]>> {
  const rows = await PhotoUseRow.findAll({ where: { photoId: { [Op.in]: [...photoIds] } }, order: ['id'] });
  const uses = groupedBy(rows, ({ photoId }) => photoId);
  return new Map([...uses].map(([id, some]) => [id, some.map(describe)]));
}

export async function addUse(photoId: number, use: z.output<typeof useInputSchema>): Promise<PhotoUse> {
  await findPhoto(photoId);
  return describe(await PhotoUseRow.create({ photoId, ...use }));
}

export async function findUse(id: number): Promise<PhotoUseRow> {
  const use = await PhotoUseRow.findByPk(id);
  if (!use) throw notFound('use of a photo');
  await findPhoto(use.photoId);
  return use;
}

export async function deleteUse(id: number): Promise<void> {
  await (await findUse(id)).destroy();
}

/** Keeps what was found where a photo went. */
export async function keepFetched(use: PhotoUseRow, fetched: FetchedPicture): Promise<PhotoUse> {
  return describe(await use.update({ fetched: photoJson.fetched.write(fetched) }));
}
