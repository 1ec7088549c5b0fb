import { Op, type WhereOptions } from 'sequelize';
import type { Branch, FoundBranch, ImportInput } from '#contract';
import { effectiveRecord, emptyRecord, recordSchema, type BusinessRecord } from '#core/record';
import { fold } from '#core/text';
import { notFound, Refusal } from '../problem.ts';
import { BranchRow, ClientRow } from './models.ts';

/** A record as it was saved; facts that were added to the schema since are not set. */
export const parseRecord = (json: string): BusinessRecord => recordSchema.parse(JSON.parse(json));

export async function findBranch(id: number): Promise<BranchRow> {
  const branch = await BranchRow.findByPk(id);
  if (!branch) throw notFound('branch');
  return branch;
}

export async function findClient(id: number): Promise<ClientRow> {
  const client = await ClientRow.findByPk(id);
  if (!client) throw notFound('client');
  return client;
}

/** What everything is made from: the branch's own facts over its client's. */
export async function recordOf(branch: BranchRow): Promise<BusinessRecord> {
  const client = await findClient(branch.clientId);
  return effectiveRecord(parseRecord(branch.record), parseRecord(client.defaults));
}

/** The effective records of several branches of one client. */
export function recordsOf(
  branches: readonly BranchRow[],
  client: ClientRow,
): ReadonlyMap<number, BusinessRecord> {
  const defaults = parseRecord(client.defaults);
  return new Map(branches.map(({ id, record }) => [id, effectiveRecord(parseRecord(record), defaults)]));
}

export async function showBranch(id: number): Promise<Branch> {
  const branch = await findBranch(id);
  const client = await findClient(branch.clientId);
  return {
    id,
    label: branch.label,
    clientId: client.id,
    clientName: client.name,
    record: parseRecord(branch.record),
    defaults: parseRecord(client.defaults),
    version: branch.version,
  };
}

const SEARCH_LENGTH = 1000;

/** The words a branch is found by. */
function searchText(label: string, { name, branchCode, telephone, address }: BusinessRecord): string {
  const { streetAddress, addressLocality, postalCode } = address;
  const words = [
    label,
    name,
    branchCode,
    streetAddress,
    addressLocality,
    postalCode,
    telephone.replace(/\D/g, ''),
  ];
  return fold(words.join(' ')).slice(0, SEARCH_LENGTH);
}

/** Branches in which every word stands. */
export function fitting(words: string, clientId?: number): WhereOptions<BranchRow> {
  const parts = fold(words).split(' ').filter(Boolean).slice(0, 10);
  return {
    ...(clientId === undefined ? {} : { clientId }),
    [Op.and]: parts.map((part) => ({ search: { [Op.like]: `%${part.replace(/[\\%_]/g, '\\$&')}%` } })),
  };
}

const MOST_FOUND = 60;

/** Branches by words, over all clients or within one. */
export async function searchBranches(words: string, clientId?: number): Promise<readonly FoundBranch[]> {
  const branches = await BranchRow.findAll({
    where: fitting(words, clientId),
    order: ['label', 'id'],
    limit: MOST_FOUND,
    attributes: ['id', 'label', 'clientId'],
  });
  const clients = await ClientRow.findAll({
    where: { id: { [Op.in]: [...new Set(branches.map((branch) => branch.clientId))] } },
    attributes: ['id', 'name'],
  });
  const names = new Map(clients.map(({ id, name }) => [id, name]));
  // Those whose label says it all come before those that are found by their street.
  const parts = fold(words).split(' ');
  const said = (label: string): number => (parts.every((part) => fold(label).includes(part)) ? 0 : 1);
  branches.sort((a, b) => said(a.label) - said(b.label));
  // The branches of a deleted client are gone with it.
  return branches.flatMap(({ id, label, clientId: client }) => {
    const clientName = names.get(client);
    return clientName === undefined ? [] : [{ id, label, clientId: client, clientName }];
  });
}

export async function addBranch(
  clientId: number,
  label: string,
  record: BusinessRecord = emptyRecord,
): Promise<number> {
  await findClient(clientId);
  const row = { clientId, label, record: JSON.stringify(record), search: searchText(label, record) };
  return (await BranchRow.create(row)).id;
}

/** A branch with the facts of another, under its own label. What must be one branch's alone is left out. */
export async function duplicateBranch(id: number, label: string): Promise<number> {
  const { clientId, record } = await findBranch(id);
  const copied = parseRecord(record);
  return addBranch(clientId, label, {
    ...copied,
    id: '',
    url: '',
    branchCode: '',
    pin: emptyRecord.pin,
    hasMap: '',
  });
}

/** Takes in several branches: all of them, or none where one cannot be kept. */
export async function importBranches(
  clientId: number,
  { branches }: ImportInput,
): Promise<{ added: number; firstId: number }> {
  await findClient(clientId);
  const { sequelize } = BranchRow;
  if (!sequelize) throw new Error('the models are not tied to a database');
  const CHUNK = 500;
  return sequelize.transaction(async (transaction) => {
    let firstId = 0;
    for (let at = 0; at < branches.length; at += CHUNK) {
      const rows = branches.slice(at, at + CHUNK).map(({ label, record }) => ({
        clientId,
        label,
        record: JSON.stringify(record),
        search: searchText(label, record),
      }));
      const made = await BranchRow.bulkCreate(rows, { transaction });
      firstId ||= made[0]?.id ?? 0;
    }
    return { added: branches.length, firstId };
  });
}

export async function renameBranch(id: number, label: string): Promise<void> {
  const branch = await findBranch(id);
  await branch.update({ label, search: searchText(label, parseRecord(branch.record)) });
}

const savedElsewhere = (what: string): Refusal =>
  new Refusal(
    409,
    'Saved elsewhere',
    `${what} saved in another tab or by someone else since you opened it. Nothing was overwritten; what you typed is kept here.`,
  );

/**
 * Saves a record over the version it began from; the new version. Where another save came first nothing is
 * written and the refusal says so.
 */
export async function saveRecord(id: number, record: BusinessRecord, version: number): Promise<number> {
  const { label } = await findBranch(id);
  const [changed] = await BranchRow.update(
    { record: JSON.stringify(record), version: version + 1, search: searchText(label, record) },
    { where: { id, version } },
  );
  if (changed === 1) return version + 1;
  throw savedElsewhere('This record was');
}

/** Saves a client's defaults, as `saveRecord` does a branch's record. */
export async function saveDefaults(
  clientId: number,
  record: BusinessRecord,
  version: number,
): Promise<number> {
  await findClient(clientId);
  const [changed] = await ClientRow.update(
    { defaults: JSON.stringify(record), defaultsVersion: version + 1 },
    { where: { id: clientId, defaultsVersion: version } },
  );
  if (changed === 1) return version + 1;
  throw savedElsewhere('These defaults were');
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
