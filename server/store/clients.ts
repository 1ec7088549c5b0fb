import { QueryTypes, type ModelStatic, type Sequelize, type WhereOptions } from 'sequelize';
import type { BranchesQuery, BranchSummary, ClientsQuery, ClientSummary, Defaults } from '#contract';
import { jsonLdGraph, jsonLdOrganization } from '#core/markup';
import { hasState, urgencyOf } from '#core/step';
import { fold } from '#core/text';
import { notFound, Refusal } from '../problem.ts';
import { findClient, fitting, recordsOf, searched } from './branches.ts';
import { BranchRow, clientJson, ClientRow, PageRow } from './models.ts';
import { BRANCH_KEY, summariesOf } from './steps.ts';
import type { PageWorker } from '../threads/pageWork.ts';

/** Every client with how many branches it has; of a search, those with a branch or a name that fits. */
export async function listClients(
  { q, state }: ClientsQuery,
  worker: PageWorker,
): Promise<readonly ClientSummary[]> {
  const clients = await ClientRow.findAll({ order: ['name'], attributes: ['id', 'name'] });
  const [pages, branches] = await Promise.all([
    countByClient(PageRow, {}),
    countByClient(BranchRow, fitting(q)),
  ]);
  const all = q.trim() ? await countByClient(BranchRow, {}) : branches;
  const wanted = searched(q);
  const found = clients.flatMap(({ id, name }) => {
    const named = wanted.every((word) => fold(name).includes(word));
    const count = (named ? all : branches).get(id) ?? 0;
    return count > 0 || named ? [{ id, name, pages: pages.get(id) ?? 0, branches: count }] : [];
  });
  if (!state) return found;
  const counted: ClientSummary[] = [];
  for (const client of found) {
    const query = { q, state, sort: 'label', offset: 0, limit: 1 } as const;
    const { total } = await listBranches(client.id, query, worker);
    if (total > 0) counted.push({ ...client, branches: total });
  }
  return counted;
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
  { q, offset, limit, state, sort }: BranchesQuery,
  worker: PageWorker,
): Promise<{ total: number; branches: readonly BranchSummary[] }> {
  const client = await findClient(clientId);
  const named = fold(q)
    .split(' ')
    .every((word) => fold(client.name).includes(word));
  const where = named ? { clientId } : fitting(q, clientId);
  if (!state && sort === 'label') {
    const { count, rows } = await BranchRow.findAndCountAll({
      where,
      order: ['label', 'id'],
      attributes: [...BRANCH_KEY],
      offset,
      limit,
    });
    return { total: count, branches: await summariesOf(rows, client, worker) };
  }
  // By state or town only whoever looks at all of them can tell.
  const rows = await BranchRow.findAll({
    where,
    order: ['label', 'id'],
    attributes: [...BRANCH_KEY],
    raw: true,
  });
  const all = await summariesOf(rows, client, worker);
  const chosen = state ? all.filter(({ steps }) => hasState(steps, state)) : [...all];
  if (sort === 'town') chosen.sort((a, b) => a.town.localeCompare(b.town));
  if (sort === 'urgency') chosen.sort((a, b) => urgencyOf(a.steps) - urgencyOf(b.steps));
  return { total: chosen.length, branches: chosen.slice(offset, offset + limit) };
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
  return {
    clientId: id,
    clientName: name,
    record: clientJson.defaults.read(defaults),
    version: defaultsVersion,
  };
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
