import { QueryTypes, type Sequelize } from 'sequelize';
import type { BranchSummary, ClientSummary, Step } from '#contract';
import { judgeRecord, lackingFacts, type BusinessRecord } from '#core/record';
import { notFound } from '../problem.ts';
import { readRecord } from './branches.ts';
import { BranchRow, ClientRow, PageRow, PhotoRow } from './models.ts';
import { placementsOfClient } from './pages.ts';
import { photoState } from './photos.ts';

/** Every client with its branches and how far each step of their chains has come. */
export async function listClients(): Promise<readonly ClientSummary[]> {
  const clients = await ClientRow.findAll({ order: ['name'] });
  return Promise.all(clients.map(summarise));
}

async function summarise({ id, name }: ClientRow): Promise<ClientSummary> {
  const branches = await BranchRow.findAll({ where: { clientId: id }, order: ['label'] });
  const records = new Map(branches.map((branch) => [branch.id, readRecord(branch)]));
  const placements = await placementsOfClient(id, records);
  const pages = await PageRow.count({ where: { clientId: id } });
  const summaries = branches.map(async (branch): Promise<BranchSummary> => {
    const record = records.get(branch.id) ?? readRecord(branch);
    const photos = await PhotoRow.findAll({ where: { branchId: branch.id } });
    return {
      id: branch.id,
      label: branch.label,
      town: record.address.addressLocality,
      steps: {
        record: recordStep(record),
        pages: pagesStep(
          placements.filter(({ branchId }) => branchId === branch.id).map(({ state }) => state),
        ),
        photos: photosStep(photos.map((photo) => photoState(photo, record))),
      },
    };
  });
  return { id, name, pages, branches: await Promise.all(summaries) };
}

function recordStep(record: BusinessRecord): Step {
  const faults = judgeRecord(record);
  const musts = faults.filter(({ grade }) => grade === 'must').length;
  if (!record.name && musts > 0) return { state: 'missing', detail: 'no facts yet' };
  if (musts > 0) return { state: 'must', detail: `${String(musts)} to mend` };
  const lacking = lackingFacts(record).length + faults.filter(({ grade }) => grade === 'should').length;
  return lacking > 0
    ? { state: 'should', detail: `${String(lacking)} to improve` }
    : { state: 'proved', detail: 'complete' };
}

function pagesStep(states: readonly string[]): Step {
  if (states.length === 0) return { state: 'missing', detail: 'nothing placed' };
  const stale = states.filter((state) => state !== 'proved').length;
  if (stale > 0)
    return { state: 'out-of-date', detail: `${String(stale)} of ${String(states.length)} out of date` };
  return { state: 'proved', detail: `${String(states.length)} proved` };
}

function photosStep(states: readonly string[]): Step {
  if (states.length === 0) return { state: 'missing', detail: 'no photos' };
  const count = (state: string): number => states.filter((one) => one === state).length;
  const stamped = `${String(count('stamped'))} of ${String(states.length)} stamped`;
  if (count('failed') > 0) return { state: 'must', detail: `${String(count('failed'))} failed` };
  if (count('out-of-date') > 0)
    return { state: 'out-of-date', detail: `${String(count('out-of-date'))} out of date` };
  return { state: count('bare') === 0 ? 'proved' : 'unproved', detail: stamped };
}

export async function addClient(name: string): Promise<number> {
  return (await ClientRow.create({ name })).id;
}

export async function renameClient(id: number, name: string): Promise<void> {
  const client = await ClientRow.findByPk(id);
  if (!client) throw notFound('client');
  await client.update({ name });
}

/** Deletes a client so that `restoreClient` can bring it back with everything it has. */
export async function deleteClient(id: number): Promise<void> {
  if ((await ClientRow.destroy({ where: { id } })) === 0) throw notFound('client');
}

export async function restoreClient(id: number): Promise<void> {
  const client = await ClientRow.findByPk(id, { paranoid: false });
  if (!client) throw notFound('client');
  await client.restore();
}

/** Whether the database answers. */
export async function pingDatabase(database: Sequelize): Promise<boolean> {
  try {
    await database.query('SELECT 1', { type: QueryTypes.SELECT });
    return true;
  } catch {
    return false; // the reason is in the log of whoever needs the database next
  }
}
