import { Op, QueryTypes, type ModelStatic, type Sequelize, type WhereOptions } from 'sequelize';
import type { BranchSummary, ClientSummary, Defaults, Step } from '#contract';
import { jsonLdGraph, jsonLdOrganization } from '#core/markup';
import { completeness, emptyRecord, judgeRecord, type BusinessRecord } from '#core/record';
import { fold } from '#core/text';
import { notFound, Refusal } from '../problem.ts';
import { findClient, fitting, parseRecord, recordsOf } from './branches.ts';
import { BranchRow, ClientRow, PageRow, PhotoRow } from './models.ts';
import type { PageWorker } from '../threads/pageWork.ts';
import { placementsOf } from './pages.ts';
import { photoState } from './photos.ts';

/** Every client with how many branches it has; of a search, those with a branch or a name that fits. */
export async function listClients(words = ''): Promise<readonly ClientSummary[]> {
  const clients = await ClientRow.findAll({ order: ['name'], attributes: ['id', 'name'] });
  const [pages, branches] = await Promise.all([
    countByClient(PageRow, {}),
    countByClient(BranchRow, fitting(words)),
  ]);
  const all = words.trim() ? await countByClient(BranchRow, {}) : branches;
  const wanted = fold(words).split(' ').filter(Boolean);
  return clients.flatMap(({ id, name }) => {
    const named = wanted.every((word) => fold(name).includes(word));
    const count = (named ? all : branches).get(id) ?? 0;
    return count > 0 || named ? [{ id, name, pages: pages.get(id) ?? 0, branches: count }] : [];
  });
}

/** How many rows each client has. */
async function countByClient<T extends BranchRow | PageRow>(
  model: ModelStatic<T>,
  where: WhereOptions<T>,
): Promise<ReadonlyMap<number, number>> {
  const rows = await model.count({ where, group: ['client_id'] });
  return new Map(rows.map(({ client_id: client, count }) => [Number(client), count]));
}

/** A page of a client's branches, with how far each step of their chains has come. */
export async function listBranches(
  clientId: number,
  { q, offset, limit }: { q: string; offset: number; limit: number },
  worker: PageWorker,
): Promise<{ total: number; branches: readonly BranchSummary[] }> {
  const client = await findClient(clientId);
  const named = fold(q)
    .split(' ')
    .every((word) => fold(client.name).includes(word));
  const { count, rows } = await BranchRow.findAndCountAll({
    where: named ? { clientId } : fitting(q, clientId),
    order: ['label', 'id'],
    offset,
    limit,
  });
  const records = recordsOf(rows, client);
  const placements = await placementsOf(records, worker);
  const photos = await PhotoRow.findAll({ where: { branchId: { [Op.in]: rows.map(({ id }) => id) } } });
  const branches = rows.map(({ id, label }): BranchSummary => {
    const record = records.get(id) ?? emptyRecord;
    return {
      id,
      label,
      town: record.address.addressLocality,
      steps: {
        record: recordStep(record),
        pages: pagesStep(placements.flatMap(({ branchId, state }) => (branchId === id ? [state] : []))),
        photos: photosStep(
          photos.flatMap((photo) => (photo.branchId === id ? [photoState(photo, record)] : [])),
        ),
      },
    };
  });
  return { total: count, branches };
}

const MOST_IN_MARKUP = 500;

/** The markup of a client's branches together: as one graph, or as the organisation with its branches. */
export async function clientMarkup(clientId: number, shape: 'graph' | 'organization'): Promise<string> {
  const client = await findClient(clientId);
  const branches = await BranchRow.findAll({
    where: { clientId },
    order: ['label', 'id'],
    limit: MOST_IN_MARKUP + 1,
  });
  if (branches.length > MOST_IN_MARKUP)
    throw new Refusal(
      422,
      'Too many branches',
      `One block of markup can hold ${String(MOST_IN_MARKUP)} branches; nobody reads more. Give each branch’s page its own.`,
    );
  const records = [...recordsOf(branches, client).values()];
  return (shape === 'graph' ? jsonLdGraph(records) : jsonLdOrganization(records)).text;
}

export async function showDefaults(clientId: number): Promise<Defaults> {
  const { id, name, defaults, defaultsVersion } = await findClient(clientId);
  return { clientId: id, clientName: name, record: parseRecord(defaults), version: defaultsVersion };
}

function recordStep(record: BusinessRecord): Step {
  const faults = judgeRecord(record);
  const musts = faults.filter(({ grade }) => grade === 'must').length;
  if (!record.name && musts > 0) return { state: 'missing', detail: 'no facts yet' };
  if (musts > 0) return { state: 'must', detail: `${String(musts)} to mend` };
  const lacking =
    completeness(record).lacking.length + faults.filter(({ grade }) => grade === 'should').length;
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

/** Adds a client; `demo` marks one that the demo puts in. */
export async function addClient(name: string, demo = ''): Promise<number> {
  return (await ClientRow.create({ name, demo })).id;
}

export async function renameClient(id: number, name: string): Promise<void> {
  await (await findClient(id)).update({ name });
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
