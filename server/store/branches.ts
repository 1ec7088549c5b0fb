import { literal, Op, type Transaction, type WhereOptions } from 'sequelize';
import type { Branch, FoundBranch } from '#contract';
import { effectiveRecord, emptyRecord, type BusinessRecord } from '#core/record';
import { fold } from '#core/text';
import { notFound, Refusal } from '../problem.ts';
import { BranchRow, BranchWordRow, clientJson, ClientRow, recordJson } from './models.ts';
import { keptBranch, type KeptBranch } from './keptBranch.ts';
import { locked, whole } from './transaction.ts';
import { cut, wordsOf } from './words.ts';

/** A record as it was saved; facts that were added to the schema since are not set. */

/** A branch with its client, in one question. Those of a deleted client are gone with it. */
export async function findBranch(id: number, transaction?: Transaction): Promise<BranchRow> {
  const branch = await BranchRow.findOne({
    where: { id },
    include: { model: ClientRow, as: 'client', required: true },
    ...(transaction ? { transaction } : {}),
  });
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
  const client = branch.client ?? (await findClient(branch.clientId));
  return effectiveRecord(recordJson.read(branch.record), clientJson.defaults.read(client.defaults));
}

/** The effective records of several branches of one client. */
export function recordsOf(
  branches: readonly BranchRow[],
  client: ClientRow,
): ReadonlyMap<number, BusinessRecord> {
  const defaults = clientJson.defaults.read(client.defaults);
  return new Map(branches.map(({ id, record }) => [id, effectiveRecord(recordJson.read(record), defaults)]));
}

/** The effective records of all branches of a client, in the order in which they came. */
export async function allRecords(client: ClientRow): Promise<readonly BusinessRecord[]> {
  const rows = await BranchRow.findAll({ where: { clientId: client.id }, order: ['id'] });
  return [...recordsOf(rows, client).values()];
}

export async function showBranch(id: number): Promise<Branch> {
  const branch = await findBranch(id);
  const client = branch.client ?? (await findClient(branch.clientId));
  return {
    id,
    label: branch.label,
    clientId: client.id,
    clientName: client.name,
    record: recordJson.read(branch.record),
    defaults: clientJson.defaults.read(client.defaults),
    version: branch.version,
  };
}

const MOST_WORDS = 10;

/** The folded words of a search. */
export const searched = (words: string): readonly string[] =>
  fold(words).split(' ').filter(Boolean).slice(0, MOST_WORDS);

/** Whether a name has a word that begins with this one. */
const beginsWord = (name: string, word: string): boolean => ` ${fold(name)}`.includes(` ${word}`);

/** Branches that have every word from its beginning on, found by an index. */
export function fitting(words: string, clientId?: number): WhereOptions<BranchRow> {
  return {
    ...(clientId === undefined ? {} : { clientId }),
    [Op.and]: searched(words).map((word) => ({ id: { [Op.in]: havingWord(word) } })),
  };
}

function havingWord(word: string): ReturnType<typeof literal> {
  const { sequelize } = BranchRow;
  if (!sequelize) throw new Error('the models are not tied to a database');
  const pattern = sequelize.escape(`${cut(word)}%`); // folded: it holds neither % nor _ nor \\
  return literal(`(SELECT branch_id FROM branch_words WHERE word LIKE ${pattern})`);
}

const MOST_FOUND = 60;
/** As many are looked at before the best are chosen. */
const MOST_RANKED = 1000;

/**
 * Branches by words, over all clients or within one, the best first: the label itself, labels that begin with
 * the words, labels that hold them, then those found by street, number or client. A client's name counts as a
 * word of each of its branches.
 */
export async function searchBranches(words: string, clientId?: number): Promise<readonly FoundBranch[]> {
  const clients = await ClientRow.findAll({ attributes: ['id', 'name'] });
  const named = (word: string): readonly number[] =>
    clients.filter(({ name }) => beginsWord(name, word)).map(({ id }) => id);
  const branches = await BranchRow.findAll({
    where: {
      clientId: clientId ?? { [Op.in]: clients.map(({ id }) => id) },
      [Op.and]: searched(words).map((word) => {
        const owners = named(word);
        const found = { id: { [Op.in]: havingWord(word) } };
        return owners.length === 0 ? found : { [Op.or]: [found, { clientId: { [Op.in]: owners } }] };
      }),
    },
    order: ['label', 'id'],
    limit: MOST_RANKED,
    attributes: ['id', 'label', 'clientId'],
  });
  const names = new Map(clients.map(({ id, name }) => [id, name]));
  const whole = fold(words);
  const ranked = branches.map((branch) => ({ branch, rank: rankOf(fold(branch.label), whole) }));
  ranked.sort((a, b) => a.rank - b.rank);
  return ranked.slice(0, MOST_FOUND).flatMap(({ branch: { id, label, clientId: client } }) => {
    const clientName = names.get(client);
    return clientName === undefined ? [] : [{ id, label, clientId: client, clientName }];
  });
}

/** How well a folded label answers folded words; 0 is best. */
function rankOf(label: string, words: string): number {
  if (label === words) return 0;
  if (label.startsWith(words)) return 1;
  if (` ${label}`.includes(` ${words}`)) return 2;
  return words.split(' ').every((word) => ` ${label}`.includes(` ${word}`)) ? 3 : 4;
}

const WORD_ROWS = 2000;

/** Keeps the words that branches are found by. */
async function keepWords(
  branches: readonly { readonly id: number; readonly search: string }[],
  transaction: Transaction,
): Promise<void> {
  await BranchWordRow.destroy({
    where: { branchId: { [Op.in]: branches.map(({ id }) => id) } },
    transaction,
  });
  const rows = branches.flatMap(({ id, search }) => wordsOf(search).map((word) => ({ word, branch_id: id })));
  // Row by row as they are: there are twenty times as many as branches, too many to be models.
  for (let at = 0; at < rows.length; at += WORD_ROWS)
    await BranchWordRow.sequelize
      ?.getQueryInterface()
      .bulkInsert(BranchWordRow.getTableName(), rows.slice(at, at + WORD_ROWS), { transaction });
}

export async function addBranch(
  clientId: number,
  label: string,
  record: BusinessRecord = emptyRecord,
): Promise<number> {
  await findClient(clientId);
  return whole(
    async (transaction) => (await createBranches(clientId, [keptBranch(label, record)], transaction))[0] ?? 0,
  );
}

const CHUNK = 500;

/** Makes branches with the words they are found by; their numbers, in the same order. */
export async function createBranches(
  clientId: number,
  branches: readonly KeptBranch[],
  transaction: Transaction,
): Promise<readonly number[]> {
  const ids: number[] = [];
  for (let at = 0; at < branches.length; at += CHUNK) {
    const rows = branches
      .slice(at, at + CHUNK)
      .map(({ label, record, search }) => ({ clientId, label, record, search }));
    const made = await BranchRow.bulkCreate(rows, { transaction });
    await keepWords(made, transaction);
    ids.push(...made.map(({ id }) => id));
  }
  return ids;
}

/** A branch with the facts of another, under its own label. What must be one branch's alone is left out. */
export async function duplicateBranch(id: number, label: string): Promise<number> {
  const { clientId, record } = await findBranch(id);
  const copied = recordJson.read(record);
  return addBranch(clientId, label, {
    ...copied,
    id: '',
    url: '',
    branchCode: '',
    pin: emptyRecord.pin,
    hasMap: '',
  });
}

export async function renameBranch(id: number, label: string): Promise<void> {
  await findBranch(id);
  await whole(async (transaction) => {
    const branch = await BranchRow.findByPk(id, locked(transaction));
    if (!branch) throw notFound('branch');
    await writeBranch(branch, keptBranch(label, recordJson.read(branch.record)), transaction);
  });
}

/** Writes a branch that is locked, with the words it is found by where they changed. */
export async function writeBranch(
  branch: BranchRow,
  { label, record, search }: KeptBranch,
  transaction: Transaction,
): Promise<void> {
  const [before, version] = [branch.search, branch.version];
  const isNew = record !== branch.record;
  await branch.update({ label, search, record, version: isNew ? version + 1 : version }, { transaction });
  if (search !== before) await keepWords([branch], transaction);
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
  await findBranch(id);
  return whole(async (transaction) => {
    const branch = await BranchRow.findByPk(id, locked(transaction));
    if (!branch) throw notFound('branch');
    if (branch.version !== version) throw savedElsewhere('This record was');
    await writeBranch(branch, keptBranch(branch.label, record), transaction);
    return branch.version;
  });
}

/** Saves a client's defaults, as `saveRecord` does a branch's record. */
export async function saveDefaults(
  clientId: number,
  record: BusinessRecord,
  version: number,
): Promise<number> {
  await findClient(clientId);
  const [changed] = await ClientRow.update(
    { defaults: clientJson.defaults.write(record), defaultsVersion: version + 1 },
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
  await findClient(branch.clientId);
  await branch.restore();
}
