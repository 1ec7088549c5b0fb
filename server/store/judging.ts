import type { Judging, KeptIgnore } from '#contract';
import type { SiteBranch } from '#core/agreement';
import type { Ignore, ProfileName, Want } from '#core/checking';
import { emptyRecord } from '#core/record';
import { findClient, recordsOf } from './branches.ts';
import { BranchRow, clientJson, IgnoreRow } from './models.ts';

/** How a client's sources are judged: its profile with additions, and what is ignored. */
export async function judgingOf(clientId: number): Promise<Judging> {
  const client = await findClient(clientId);
  const kept = clientJson.judging.read(client.judging);
  const ignores = await IgnoreRow.findAll({ where: { clientId }, order: ['id'] });
  return { ...kept, ignores: ignores.map(describeIgnore) };
}

export async function saveProfile(
  clientId: number,
  profile: ProfileName,
  wants: readonly Want[],
): Promise<void> {
  const client = await findClient(clientId);
  await client.update({ judging: clientJson.judging.write({ profile, wants: [...wants] }) });
}

const describeIgnore = ({ id, code, page, excerpt, reason, createdAt }: IgnoreRow): KeptIgnore => ({
  id,
  code,
  page,
  excerpt,
  reason,
  added: createdAt.toISOString(),
});

export async function addIgnore(clientId: number, ignore: Ignore): Promise<KeptIgnore> {
  await findClient(clientId);
  return describeIgnore(await IgnoreRow.create({ clientId, ...ignore }));
}

export async function removeIgnore(clientId: number, id: number): Promise<void> {
  await findClient(clientId);
  await IgnoreRow.destroy({ where: { clientId, id } });
}

/** The branches of a client with their effective records, for judging its site. */
export async function siteBranches(clientId: number): Promise<readonly SiteBranch[]> {
  const client = await findClient(clientId);
  const rows = await BranchRow.findAll({ where: { clientId }, order: ['label'] });
  const records = recordsOf(rows, client);
  return rows.map(({ id, label }) => ({ id, label, record: records.get(id) ?? emptyRecord }));
}
