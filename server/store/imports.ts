import { Op } from 'sequelize';
import type { Imported } from '#contract';
import { Refusal } from '../problem.ts';
import type { ImportedBranch } from '../threads/importWork.ts';
import { createBranches, findClient, writeBranch } from './branches.ts';
import { noteChange, type ChangedPart } from './changes.ts';
import { BranchRow } from './models.ts';
import { locked, whole } from './transaction.ts';

/** Branches that are brought up to date are locked and read so many at a time. */
const CHUNK = 200;

/**
 * Takes in several branches: all of them, or none where one cannot be kept. New ones are made; those that name a
 * branch bring it up to date, unless it has been saved since it was compared.
 */
export async function importBranches(
  clientId: number,
  branches: readonly ImportedBranch[],
  title: string,
): Promise<Imported> {
  await findClient(clientId);
  const fresh = branches.filter(({ id }) => id === 0);
  const known = branches.filter(({ id }) => id !== 0);
  return whole(async (transaction) => {
    const parts: ChangedPart[] = [];
    for (let at = 0; at < known.length; at += CHUNK) {
      const chunk = known.slice(at, at + CHUNK);
      const rows = await BranchRow.findAll({
        where: { clientId, id: { [Op.in]: chunk.map(({ id }) => id) } },
        order: ['id'],
        ...locked(transaction),
      });
      const byId = new Map(rows.map((row) => [row.id, row]));
      for (const branch of chunk) {
        const row = byId.get(branch.id);
        if (row?.version !== branch.version)
          throw new Refusal(
            409,
            'Saved meanwhile',
            `${row?.label ?? branch.label} was ${row ? 'saved' : 'deleted'} since the sheet was compared. No branch was changed; compare the sheet again.`,
          );
        const before = { label: row.label, record: row.record };
        await writeBranch(row, branch, transaction);
        parts.push({ subject: 'branch', id: row.id, version: row.version, before });
      }
    }
    const ids = await createBranches(clientId, fresh, transaction);
    for (const id of ids) parts.push({ subject: 'branch', id, version: 0, before: null });
    const told = [
      ids.length > 0 && `${String(ids.length)} branches added`,
      known.length > 0 && `${String(known.length)} brought up to date`,
      title && `from ${title}`,
    ];
    const changeId = await noteChange(transaction, clientId, told.filter(Boolean).join(', '), parts);
    return { added: ids.length, updated: known.length, firstId: ids[0] ?? known[0]?.id ?? 0, changeId };
  });
}
