import { notFound } from '../problem.ts';
import { findBranch } from './branches.ts';
import { PhotoRow } from './models.ts';

/** A photo of a branch that is there. */
export async function findPhoto(id: number): Promise<PhotoRow> {
  const photo = await PhotoRow.findByPk(id);
  if (!photo) throw notFound('photo');
  await findBranch(photo.branchId);
  return photo;
}
