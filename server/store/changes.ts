import { Op, type InferCreationAttributes, type Transaction } from 'sequelize';
import * as z from 'zod';
import { formSchema, placementInputSchema, type KeptChange, type Undone } from '#contract';
import { limits } from '#core/limits';
import { pack, unpack } from '#outside/packing.ts';
import { notFound, Refusal } from '../problem.ts';
import { findClient, writeBranch } from './branches.ts';
import { firstPiece, writeRest } from './bytes.ts';
import { keptBranch } from './keptBranch.ts';
import { BranchRow, ChangePartRow, ChangeRow, PageRow, PlacementRow, recordJson } from './models.ts';
import { locked, whole } from './transaction.ts';

const branchBeforeSchema = z.object({ label: z.string(), record: z.string() });
const placementsBeforeSchema = z.object({
  placements: z.array(
    z.object({ branchId: z.number(), form: formSchema, at: placementInputSchema.shape.at }),
  ),
});

/** A page before a change: its very bytes, and what was placed on it. */
interface PageBefore extends z.infer<typeof placementsBeforeSchema> {
  readonly source: Buffer;
}

/** One thing that is about to be changed, as it is now; `before` is null where it was not there. */
export interface ChangedPart {
  readonly subject: 'branch' | 'page';
  readonly id: number;
  /** The version that the change makes of it. */
  readonly version: number;
  readonly before: z.infer<typeof branchBeforeSchema> | PageBefore | null;
}

const MOST_PARTS = 100;

/** Keeps what a change has touched, so that it can be undone as one; the number that names it. */
export async function noteChange(
  transaction: Transaction,
  clientId: number,
  title: string,
  parts: AsyncIterable<ChangedPart> | Iterable<ChangedPart>,
): Promise<number> {
  const { id } = await ChangeRow.create({ clientId, title: title.slice(0, 300) }, { transaction });
  let waiting: Omit<InferCreationAttributes<ChangePartRow>, 'id'>[] = [];
  for await (const { subject, id: subjectId, version, before } of parts) {
    const packed = before && (await packBefore(before));
    const row = { changeId: id, subject, subjectId, version, before: packed };
    // What is large goes by itself, with its bytes beside the statement.
    if (packed && packed.length > 16_384) await writePart(row, packed, transaction);
    else waiting.push(row);
    if (waiting.length < MOST_PARTS) continue;
    await ChangePartRow.bulkCreate(waiting, { transaction });
    waiting = [];
  }
  if (waiting.length > 0) await ChangePartRow.bulkCreate(waiting, { transaction });
  return id;
}

/** A line of JSON, and behind it the bytes of a page where it is one. */
const packBefore = (before: NonNullable<ChangedPart['before']>): Promise<Buffer> =>
  'source' in before
    ? pack(
        Buffer.concat([Buffer.from(`${JSON.stringify({ placements: before.placements })}\n`), before.source]),
      )
    : pack(JSON.stringify(before));

async function writePart(
  row: Omit<InferCreationAttributes<ChangePartRow>, 'id'>,
  packed: Buffer,
  transaction: Transaction,
): Promise<void> {
  const part = await ChangePartRow.create({ ...row, before: firstPiece(packed) }, { transaction });
  await writeRest(ChangePartRow, 'before', part.id, packed, transaction);
}

/** Writes a page that is locked anew. */
export async function writeSource(page: PageRow, source: Buffer, transaction: Transaction): Promise<void> {
  await page.update({ source: firstPiece(source), version: page.version + 1 }, { transaction });
  await writeRest(PageRow, 'source', page.id, source, transaction);
}

/** A page as it is now, for the change that is about to be made. */
export async function pageBefore({ id, source }: PageRow, transaction: Transaction): Promise<PageBefore> {
  const placements = await PlacementRow.findAll({ where: { pageId: id }, order: ['id'], transaction });
  return {
    source,
    placements: placements.map(({ branchId, form, at }) => ({ branchId, form, at })),
  };
}

/** The changes of a client that can still be undone, the newest first. */
export async function listChanges(clientId: number): Promise<readonly KeptChange[]> {
  await findClient(clientId);
  const changes = await ChangeRow.findAll({
    where: { clientId, undoneAt: null },
    order: [['id', 'DESC']],
    limit: 100,
  });
  return changes.map(({ id, title, createdAt }) => ({ id, title, made: createdAt.toISOString() }));
}

/**
 * Undoes a change as one: what it made is deleted, what it changed is as it was before. A thing that was changed
 * again since stays as it is and is told.
 */
export async function undoChange(id: number): Promise<Undone> {
  return whole(async (transaction) => {
    const change = await ChangeRow.findByPk(id, locked(transaction));
    if (!change) throw notFound('change');
    await findClient(change.clientId);
    if (change.undoneAt)
      throw new Refusal(409, 'Undone already', 'This was undone already. Nothing was changed.');
    const kept: string[] = [];
    let undone = 0;
    const parts = await ChangePartRow.findAll({
      where: { changeId: id },
      attributes: ['id', 'subject'],
      order: ['id'],
      transaction,
    });
    for (const { id: partId } of parts) {
      const part = await ChangePartRow.findByPk(partId, { transaction });
      const left = part && (await (part.subject === 'branch' ? undoBranch : undoPage)(part, transaction));
      if (left) kept.push(left);
      else undone += 1;
    }
    await change.update({ undoneAt: new Date() }, { transaction });
    return { undone, kept: kept.slice(0, 50) };
  });
}

const beforeOf = async ({ before }: ChangePartRow): Promise<Buffer | null> =>
  before && unpack(before, limits.unpackedBytes);

const lineOf = (bytes: Buffer, end: number): unknown => JSON.parse(bytes.toString('utf8', 0, end));

/** Undoes what was done to a branch; its label where it was changed since and stays, '' otherwise. */
async function undoBranch(part: ChangePartRow, transaction: Transaction): Promise<string> {
  const branch = await BranchRow.findByPk(part.subjectId, locked(transaction));
  if (!branch) return '';
  if (branch.version !== part.version) return branch.label;
  const bytes = await beforeOf(part);
  const before = bytes && branchBeforeSchema.parse(lineOf(bytes, bytes.length));
  if (before)
    await writeBranch(branch, keptBranch(before.label, recordJson.read(before.record)), transaction);
  else await branch.destroy({ transaction });
  return '';
}

/** Undoes what was done to a page; its path where it was changed since and stays, '' otherwise. */
async function undoPage(part: ChangePartRow, transaction: Transaction): Promise<string> {
  const page = await PageRow.findByPk(part.subjectId, locked(transaction));
  if (!page) return '';
  if (page.version !== part.version) return page.path;
  const bytes = await beforeOf(part);
  if (!bytes) {
    await page.destroy({ transaction });
    return '';
  }
  const end = bytes.indexOf('\n');
  const before = placementsBeforeSchema.parse(lineOf(bytes, end));
  await writeSource(page, bytes.subarray(end + 1), transaction);
  await PlacementRow.destroy({ where: { pageId: page.id }, transaction });
  const branches = await BranchRow.findAll({
    where: { id: { [Op.in]: before.placements.map(({ branchId }) => branchId) } },
    attributes: ['id'],
    paranoid: false,
    transaction,
  });
  const there = new Set(branches.map(({ id }) => id));
  await PlacementRow.bulkCreate(
    before.placements
      .filter(({ branchId }) => there.has(branchId))
      .map((placement) => ({ pageId: page.id, ...placement })),
    { transaction },
  );
  return '';
}
