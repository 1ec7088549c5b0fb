import { handOverDigest, handOverSheet } from '#core/page';
import { Refusal } from '../problem.ts';
import { findBranch, findClient, recordOf, recordsOf } from './branches.ts';
import { BranchRow, HandOverRow } from './models.ts';

const today = (): string =>
  new Date().toLocaleDateString('en', { day: 'numeric', month: 'long', year: 'numeric' });

/** Nobody pastes more from one sheet. */
const MOST_ON_A_SHEET = 500;

/** The sheet of one branch. */
export async function branchHandOver(id: number): Promise<string> {
  const branch = await findBranch(id);
  const [client, record] = [await findClient(branch.clientId), await recordOf(branch)];
  await HandOverRow.create({ branchId: id, digest: handOverDigest(record) });
  return handOverSheet({ client: client.name, date: today(), branches: [{ label: branch.label, record }] });
}

/** One sheet of all branches of a client, in the order of their names. */
export async function clientHandOver(id: number): Promise<string> {
  const client = await findClient(id);
  const rows = await BranchRow.findAll({
    where: { clientId: id },
    order: ['label', 'id'],
    limit: MOST_ON_A_SHEET + 1,
  });
  if (rows.length > MOST_ON_A_SHEET)
    throw new Refusal(
      422,
      'Too many branches',
      `One sheet holds ${String(MOST_ON_A_SHEET)} branches. Hand the branches over one by one.`,
    );
  const records = recordsOf(rows, client);
  const branches = rows.flatMap(({ id: branchId, label }) => {
    const record = records.get(branchId);
    return record ? [{ branchId, label, record }] : [];
  });
  await HandOverRow.bulkCreate(
    branches.map(({ branchId, record }) => ({ branchId, digest: handOverDigest(record) })),
  );
  return handOverSheet({ client: client.name, date: today(), branches });
}
