import { fn, col, Op } from 'sequelize';
import type { LivePage, Verified } from '#contract';
import { Refusal } from '../problem.ts';
import { findBranch, findClient } from './branches.ts';
import {
  BranchRow,
  ClientRow,
  JobRow,
  verificationJson,
  VerificationRow,
  type BranchRow as Branch,
} from './models.ts';
import { locked, whole } from './transaction.ts';

/** So many results are kept of a branch. */
const MOST_KEPT = 100;

/** What a branch's live page was compared with. */
export const comparedWith = (
  { version }: Pick<BranchRow, 'version'>,
  { defaultsVersion }: Pick<ClientRow, 'defaultsVersion'>,
): string => `${String(version)}/${String(defaultsVersion)}`;

/** Keeps what was read on a branch's live page. */
export async function keepVerification(branch: Branch, of: string, live: LivePage): Promise<void> {
  const { id } = await VerificationRow.create({
    branchId: branch.id,
    state: live.state,
    digest: live.digest,
    of,
    result: verificationJson.write(live),
  });
  const oldest = await VerificationRow.findOne({
    where: { branchId: branch.id, id: { [Op.lt]: id } },
    order: [['id', 'DESC']],
    offset: MOST_KEPT - 1,
    attributes: ['id'],
  });
  if (oldest) await VerificationRow.destroy({ where: { branchId: branch.id, id: { [Op.lte]: oldest.id } } });
}

/** The newest result of each of these branches. */
export async function newestVerifications(
  branchIds: readonly number[],
): Promise<ReadonlyMap<number, VerificationRow>> {
  const newest = await VerificationRow.findAll({
    where: { branchId: { [Op.in]: [...branchIds] } },
    attributes: [[fn('MAX', col('id')), 'id']],
    group: ['branch_id'],
    raw: true,
  });
  const rows = await VerificationRow.findAll({ where: { id: { [Op.in]: newest.map(({ id }) => id) } } });
  return new Map(rows.map((row) => [row.branchId, row]));
}

/** What was last read on the live pages of a client's branches. */
export async function listVerified(clientId: number): Promise<readonly Verified[]> {
  const client = await findClient(clientId);
  const branches = await BranchRow.findAll({
    where: { clientId },
    order: ['label', 'id'],
    attributes: ['id', 'label', 'version'],
  });
  const newest = await newestVerifications(branches.map(({ id }) => id));
  return branches.flatMap((branch) => {
    const row = newest.get(branch.id);
    if (!row) return [];
    const isCurrent = row.of === comparedWith(branch, client);
    return [{ branchId: branch.id, label: branch.label, isCurrent, live: verificationJson.read(row.result) }];
  });
}

/** What was read on a branch's live page, the newest first. */
export async function historyOf(branchId: number): Promise<readonly LivePage[]> {
  await findBranch(branchId);
  const rows = await VerificationRow.findAll({ where: { branchId }, order: [['id', 'DESC']], limit: 30 });
  return rows.map(({ result }) => verificationJson.read(result));
}

const DAY_MS = 86_400_000;
/** Somebody is at work already: what is asked twice is done once. */
const OPEN = { [Op.in]: ['waiting', 'running'] };

/** Begins to verify a client's live pages, unless that is under way; the job's number. */
export async function beginVerifying(clientId: number): Promise<number> {
  await findClient(clientId);
  const total = await BranchRow.count({ where: { clientId } });
  if (total === 0) throw new Refusal(422, 'No branch', 'This client has no branch whose page could be read.');
  return whole(async (transaction) => {
    await ClientRow.findByPk(clientId, locked(transaction));
    const open = await JobRow.findOne({ where: { clientId, state: OPEN }, transaction });
    const job =
      open ??
      (await JobRow.create(
        { branchId: null, clientId, state: 'waiting', input: '{}', total, leasedUntil: null },
        { transaction },
      ));
    return job.id;
  });
}

/** Begins to verify whatever is due; for how many clients. Of two processes that look at once one begins it. */
export async function verifyDue(now: Date): Promise<number> {
  const clients = await ClientRow.findAll({
    where: { verifies: { [Op.in]: ['daily', 'weekly'] } },
    attributes: ['id', 'verifies'],
  });
  let begun = 0;
  for (const { id, verifies } of clients) {
    const since = new Date(now.getTime() - (verifies === 'daily' ? DAY_MS : 7 * DAY_MS));
    begun += await whole(async (transaction) => {
      await ClientRow.findByPk(id, locked(transaction));
      if ((await JobRow.count({ where: { clientId: id, createdAt: { [Op.gt]: since } }, transaction })) > 0)
        return 0;
      const total = await BranchRow.count({ where: { clientId: id }, transaction });
      if (total === 0) return 0;
      await JobRow.create(
        { branchId: null, clientId: id, state: 'waiting', input: '{}', total, leasedUntil: null },
        { transaction },
      );
      return 1;
    });
  }
  return begun;
}

export async function saveSchedule(clientId: number, verifies: ClientRow['verifies']): Promise<void> {
  await (await findClient(clientId)).update({ verifies });
}
