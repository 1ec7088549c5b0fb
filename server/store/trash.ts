import { Op } from 'sequelize';
import type { Trashed } from '#contract';
import { limits } from '#core/limits';
import { BranchRow, ChangeRow, CheckRow, ClientRow, PageRow, PhotoRow, SiteRow } from './models.ts';
import { sweepVersions } from './versions.ts';

const DAY_MS = 86_400_000;
const MOST = 500;

/** What was deleted and can still be brought back, the newest first. What went with its client comes back with it. */
export async function listTrash(): Promise<readonly Trashed[]> {
  const gone = { where: { deletedAt: { [Op.ne]: null } }, paranoid: false, limit: MOST } as const;
  const order: [string, string][] = [['deletedAt', 'DESC']];
  const [clients, branches, pages, photos, checks] = [
    await ClientRow.findAll({ ...gone, order, attributes: ['id', 'name', 'deletedAt'] }),
    await BranchRow.findAll({ ...gone, order, attributes: ['id', 'label', 'clientId', 'deletedAt'] }),
    await PageRow.findAll({ ...gone, order, attributes: ['id', 'path', 'clientId', 'deletedAt'] }),
    await PhotoRow.findAll({ ...gone, order, attributes: ['id', 'name', 'branchId', 'deletedAt'] }),
    await CheckRow.findAll({ ...gone, order, attributes: ['id', 'title', 'clientId', 'deletedAt'] }),
  ];
  const live = await ClientRow.findAll({ attributes: ['id', 'name'] });
  const owners = new Map(live.map(({ id, name }) => [id, name]));
  const photoBranches = await BranchRow.findAll({
    where: { id: { [Op.in]: [...new Set(photos.map(({ branchId }) => branchId))] } },
    attributes: ['id', 'label', 'clientId'],
  });
  const branchesById = new Map(
    photoBranches.filter(({ clientId }) => owners.has(clientId)).map(({ id, label }) => [id, label]),
  );
  const deletedOf = ({ deletedAt }: { deletedAt: Date | null }): string => deletedAt?.toISOString() ?? '';
  const ofClient = (
    kind: Trashed['kind'],
    rows: readonly { id: number; clientId: number; deletedAt: Date | null }[],
    names: readonly string[],
  ): readonly Trashed[] =>
    rows.flatMap((row, at) => {
      const owner = owners.get(row.clientId);
      return owner === undefined
        ? []
        : [{ kind, id: row.id, name: names[at] ?? '', owner, deleted: deletedOf(row) }];
    });
  const things: Trashed[] = [
    ...clients.map((row) => ({
      kind: 'clients' as const,
      id: row.id,
      name: row.name,
      owner: '',
      deleted: deletedOf(row),
    })),
    ...ofClient(
      'branches',
      branches,
      branches.map(({ label }) => label),
    ),
    ...ofClient(
      'pages',
      pages,
      pages.map(({ path }) => path),
    ),
    ...ofClient(
      'checks',
      checks,
      checks.map(({ title }) => title),
    ),
    ...photos.flatMap((row) => {
      const owner = branchesById.get(row.branchId);
      return owner === undefined
        ? []
        : [{ kind: 'photos' as const, id: row.id, name: row.name, owner, deleted: deletedOf(row) }];
    }),
  ];
  return things.sort((a, b) => b.deleted.localeCompare(a.deleted)).slice(0, MOST);
}

/** Lets go for good of what was deleted, or can be undone, longer ago than it is kept. */
export async function emptyTrash(now: Date): Promise<number> {
  const before = new Date(now.getTime() - limits.trashDays * DAY_MS);
  const where = { deletedAt: { [Op.lt]: before } };
  const changes = await ChangeRow.destroy({ where: { createdAt: { [Op.lt]: before } } });
  const rows = [
    await PhotoRow.destroy({ where, force: true }),
    await PageRow.destroy({ where, force: true }),
    await CheckRow.destroy({ where, force: true }),
    await BranchRow.destroy({ where, force: true }),
    await ClientRow.destroy({ where, force: true }),
    await SiteRow.destroy({ where, force: true }),
    await sweepVersions(now),
  ];
  return rows.reduce((sum, count) => sum + count, changes);
}

/** What names bytes of the photo store. */
const photoKeys = ['originalKey', 'stampedKey', 'sidecarKey', 'thumbnailKey'] as const;

/** The keys of the photo store that something in the database still names, of those given. */
export async function namedKeys(keys: readonly string[]): Promise<ReadonlySet<string>> {
  const among = { [Op.in]: [...keys] };
  const photos = await PhotoRow.findAll({
    where: { [Op.or]: photoKeys.map((key) => ({ [key]: among })) },
    attributes: [...photoKeys],
    paranoid: false,
  });
  return new Set(photos.flatMap((photo) => photoKeys.map((key) => photo[key])));
}
