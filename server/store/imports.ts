import { Op, type Transaction } from 'sequelize';
import type { Imported, SheetColumns } from '#contract';
import { columnLabel, rowOfBranch, usualColumns } from '#core/intake';
import { writeCsv } from '#core/csv';
import { Refusal } from '../problem.ts';
import type { ImportedBranch } from '../threads/importWork.ts';
import { createBranches, findClient, writeBranch } from './branches.ts';
import { noteChange, type ChangedPart } from './changes.ts';
import { BranchRow, recordJson, clientJson } from './models.ts';
import { locked, whole } from './transaction.ts';
import { counted } from '#core/text';

/**
 * Takes in several branches, in pieces of JSON of `ImportedBranch`: all of them, or none where one cannot be kept. New
 * ones are made; those that name a branch bring it up to date, unless it has been saved since it was compared.
 */
export async function importBranches(
  clientId: number,
  pieces: readonly Uint8Array[],
  title: string,
): Promise<Imported> {
  await findClient(clientId);
  return whole(async (transaction) => {
    const parts: ChangedPart[] = [];
    for (const piece of pieces) {
      // Made by a thread of ours a moment ago.
      const branches = JSON.parse(Buffer.from(piece).toString('utf8')) as readonly ImportedBranch[];
      parts.push(
        ...(await updateBranches(
          clientId,
          branches.filter(({ id }) => id !== 0),
          transaction,
        )),
      );
      const ids = await createBranches(
        clientId,
        branches.filter(({ id }) => id === 0),
        transaction,
      );
      for (const id of ids) parts.push({ subject: 'branch', id, version: 0, before: null });
    }
    const fresh = parts.filter(({ before }) => before === null);
    const updated = parts.length - fresh.length;
    const told = [
      fresh.length > 0 && `${counted(fresh.length, 'branch', 'branches')} added`,
      updated > 0 && `${String(updated)} brought up to date`,
    ].filter(Boolean);
    const what = title ? `${told.join(', ')}: ${title}` : told.join(', ');
    const changeId = await noteChange(transaction, clientId, what, parts);
    return { added: fresh.length, updated, firstId: (fresh[0] ?? parts[0])?.id ?? 0, changeId };
  });
}

/** Brings branches up to date that are still as they were compared; refuses where one is not. */
async function updateBranches(
  clientId: number,
  branches: readonly ImportedBranch[],
  transaction: Transaction,
): Promise<readonly ChangedPart[]> {
  if (branches.length === 0) return [];
  const rows = await BranchRow.findAll({
    where: { clientId, id: { [Op.in]: branches.map(({ id }) => id) } },
    order: ['id'],
    ...locked(transaction),
  });
  const byId = new Map(rows.map((row) => [row.id, row]));
  const parts: ChangedPart[] = [];
  for (const branch of branches) {
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
  return parts;
}

/** What the columns of the client's last sheet held. */
export async function columnsOf(clientId: number): Promise<SheetColumns> {
  return clientJson.columns.read((await findClient(clientId)).columns);
}

export async function keepColumns(clientId: number, columns: SheetColumns): Promise<void> {
  await (await findClient(clientId)).update({ columns: clientJson.columns.write(columns) });
}

/** Branches are read and written so many at a time. */
const ROWS = 200;

/** The branches of a client with their own records, piece by piece: there may be thousands. */
export async function* eachBranch(clientId: number): AsyncGenerator<BranchRow> {
  for (let last = 0; ;) {
    const rows = await BranchRow.findAll({
      where: { clientId, id: { [Op.gt]: last } },
      order: ['id'],
      limit: ROWS,
    });
    yield* rows;
    const end = rows.at(-1);
    if (!end || rows.length < ROWS) return;
    last = end.id;
  }
}

/** The branches as a spreadsheet in the columns of the client's last one, piece by piece: it comes in again as it is. */
export async function* sheetOf(clientId: number): AsyncGenerator<string> {
  const { columns } = await columnsOf(clientId);
  const taken = columns.flatMap(({ heading, column }) => (column ? [{ heading, column }] : []));
  const used =
    taken.length > 0 ? taken : usualColumns.map((column) => ({ heading: columnLabel(column), column }));
  yield writeCsv([used.map(({ heading }) => heading)]);
  for await (const { label, record } of eachBranch(clientId))
    yield writeCsv([
      rowOfBranch(
        label,
        recordJson.read(record),
        used.map(({ column }) => column),
      ),
    ]).replace(/^\uFEFF/, '');
}

/** All branches as JSON after `recordsSchema`, piece by piece. */
export async function* recordsJson(clientId: number): AsyncGenerator<string> {
  await findClient(clientId);
  let before = '{"branches":[';
  for await (const { id, label, version, record } of eachBranch(clientId)) {
    yield `${before}{"id":${String(id)},"version":${String(version)},"label":${JSON.stringify(label)},"record":${record}}`;
    before = ',';
  }
  yield before === ',' ? ']}' : `${before}]}`;
}
