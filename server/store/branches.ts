import type { Branch } from '#contract';
import { emptyRecord, recordSchema, type BusinessRecord } from '#core/record';
import { notFound, Refusal } from '../problem.ts';
import { BranchRow, ClientRow } from './models.ts';

/** The record as it was saved; facts that were added to the schema since are not set. */
export function readRecord({ record }: BranchRow): BusinessRecord {
  return recordSchema.parse({ ...emptyRecord, ...(JSON.parse(record) as object) });
}

export async function findBranch(id: number): Promise<BranchRow> {
  const branch = await BranchRow.findByPk(id);
  if (!branch) throw notFound('branch');
  return branch;
}

export async function showBranch(id: number): Promise<Branch> {
  const branch = await findBranch(id);
  const client = await ClientRow.findByPk(branch.clientId);
  if (!client) throw notFound('branch');
  return {
    id,
    label: branch.label,
    clientId: client.id,
    clientName: client.name,
    record: readRecord(branch),
    version: branch.version,
  };
}

export async function addBranch(
  clientId: number,
  label: string,
  record: BusinessRecord = emptyRecord,
): Promise<number> {
  if (!(await ClientRow.findByPk(clientId))) throw notFound('client');
  return (await BranchRow.create({ clientId, label, record: JSON.stringify(record) })).id;
}

export async function renameBranch(id: number, label: string): Promise<void> {
  await (await findBranch(id)).update({ label });
}

/**
 * Saves a record over the version it began from; the new version. Where another save came first nothing is
 * written and the refusal says so.
 */
export async function saveRecord(id: number, record: BusinessRecord, version: number): Promise<number> {
  const [changed] = await BranchRow.update(
    { record: JSON.stringify(record), version: version + 1 },
    { where: { id, version } },
  );
  if (changed === 1) return version + 1;
  await findBranch(id);
  throw new Refusal(
    409,
    'Saved elsewhere',
    'This record was saved in another tab or by someone else since you opened it. Nothing was overwritten; what you typed is kept here.',
  );
}

/** Deletes a branch so that `restoreBranch` can bring it back. */
export async function deleteBranch(id: number): Promise<void> {
  await (await findBranch(id)).destroy();
}

export async function restoreBranch(id: number): Promise<void> {
  const branch = await BranchRow.findByPk(id, { paranoid: false });
  if (!branch) throw notFound('branch');
  await branch.restore();
}
