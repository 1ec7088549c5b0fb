import { Op } from 'sequelize';
import type { Ledger } from '#contract';
import { fileOfAddress } from '#core/reading';
import { factLabel, type BusinessRecord } from '#core/record';
import { foldFileName } from '#core/text';
import { groupedBy } from './grouped.ts';
import { PhotoRow } from './models.ts';
import type { PagePictures } from './pages.ts';
import { stampOf } from './photoPlan.ts';

/** A branch as a list names it. */
export interface Known {
  readonly label: string;
  readonly record: BusinessRecord;
}

/** A photo that was stamped under another name than it came with. */
interface Renamed {
  readonly branchId: number;
  readonly now: string;
}

/** By the names they came with, folded. */
export type RenamedPhotos = ReadonlyMap<string, readonly Renamed[]>;

export async function renamedPhotos(branchIds: readonly number[]): Promise<RenamedPhotos> {
  const photos = await PhotoRow.findAll({
    where: { branchId: { [Op.in]: branchIds }, stampedKey: { [Op.ne]: '' } },
    attributes: ['branchId', 'name', 'stamp'],
    order: ['id'],
  });
  const renamed = photos.filter((photo) => ![undefined, '', photo.name].includes(stampOf(photo)?.name));
  const byName = groupedBy(renamed, ({ name }) => foldFileName(name));
  return new Map(
    [...byName].map(([was, some]) => [
      was,
      some.map((photo) => ({ branchId: photo.branchId, now: stampOf(photo)?.name ?? '' })),
    ]),
  );
}

/** The photo that an address names by its former name: one of the branch, or else the only one of that name. */
function renamedAt(address: string, branchId: number | null, renamed: RenamedPhotos): Renamed | undefined {
  const alike = renamed.get(fileOfAddress(address)) ?? [];
  return alike.findLast((one) => one.branchId === branchId) ?? (alike.length === 1 ? alike[0] : undefined);
}

/** Pictures that a record names by the name that their photo had before it was stamped under another. */
export const renamedInRecords = (
  known: ReadonlyMap<number, Known>,
  renamed: RenamedPhotos,
): Ledger['elsewhere'] =>
  [...known].flatMap(([branchId, { label: branchLabel, record }]) =>
    (['image', 'logo'] as const).flatMap((fact) =>
      record[fact].flatMap(({ url }) => {
        const photo = renamedAt(url.trim(), branchId, renamed);
        if (photo?.branchId !== branchId) return [];
        const address = url.trim();
        return [
          {
            branchId,
            branchLabel,
            label: factLabel(fact),
            address,
            state: 'renamed' as const,
            now: photo.now,
          },
        ];
      }),
    ),
  );

/** Addresses on pages that name a photo so; what a record says there too is told of the record alone. */
export function renamedOnPages(
  pages: readonly PagePictures[],
  known: ReadonlyMap<number, Known>,
  renamed: RenamedPhotos,
  inRecords: Ledger['elsewhere'],
): Ledger['pictures'] {
  const told = new Set(inRecords.map(({ address }) => address));
  return pages.flatMap(({ id, path, site, ownBranchId, pictures }) =>
    pictures.flatMap((address) => {
      const photo = told.has(address) ? undefined : renamedAt(address, ownBranchId, renamed);
      if (!photo) return [];
      const { branchId } = photo;
      const now = address.replace(/[^/\\?#]+(?=[?#]|$)/, photo.now);
      return [{ id, path, site, branchId, branchLabel: known.get(branchId)?.label ?? '', address, now }];
    }),
  );
}
