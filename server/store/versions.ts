import { literal, Op, type Transaction } from 'sequelize';
import { limits } from '#core/limits';
import { pack, unpack } from '#outside/packing.ts';
import { digestOf } from '#outside/sites/index.ts';
import { firstPiece, inPieces, PIECE, writeRest } from './bytes.ts';
import { VersionRow, type PageRow } from './models.ts';
import { whole } from './transaction.ts';

/** A page as it is, or is to be. */
export interface Version {
  readonly pageId: number;
  readonly bytes: Buffer;
  /** SHA-256 of the bytes, in hexadecimal. */
  readonly digest: string;
}

const keyOf = ({ pageId, digest }: Pick<Version, 'pageId' | 'digest'>): string =>
  `${String(pageId)} ${digest}`;

/** Keeps versions of pages, each once, in few statements for all of them. */
export async function keepVersions(versions: readonly Version[], transaction: Transaction): Promise<void> {
  const all = new Map(versions.map((one) => [keyOf(one), one]));
  const where = {
    pageId: versions.map(({ pageId }) => pageId),
    digest: versions.map(({ digest }) => digest),
  };
  for (const row of await VersionRow.findAll({ where, attributes: ['pageId', 'digest'], transaction }))
    all.delete(keyOf(row));
  const fresh = await Promise.all(
    [...all.values()].map(async ({ pageId, bytes, digest }) => ({
      ...{ pageId, digest, size: bytes.length },
      packed: await pack(bytes),
    })),
  );
  for (const rows of inPieces(fresh, ({ packed }) => packed.length))
    if (rows.every(({ packed }) => packed.length <= PIECE))
      await VersionRow.bulkCreate([...rows], { transaction });
    else for (const row of rows) await keepLarge(row, transaction);
}

async function keepLarge(
  row: { pageId: number; digest: string; size: number; packed: Buffer },
  transaction: Transaction,
): Promise<void> {
  const { id } = await VersionRow.create({ ...row, packed: firstPiece(row.packed) }, { transaction });
  await writeRest(VersionRow, 'packed', id, row.packed, transaction);
}

/** Keeps a version of a page, once; its digest. */
export async function keepVersion(pageId: number, bytes: Buffer): Promise<string> {
  const digest = digestOf(bytes);
  await whole((transaction) => keepVersions([{ pageId, bytes, digest }], transaction));
  return digest;
}

/** The bytes of a version; undefined where it is not kept. */
export async function versionOf(pageId: number, digest: string): Promise<Buffer | undefined> {
  const row = digest ? await VersionRow.findOne({ where: { pageId, digest } }) : null;
  return row ? unpack(row.packed, limits.unpackedBytes) : undefined;
}

/** The versions that a page once had, the newest first. */
export async function listVersions(page: PageRow) {
  const now = digestOf(page.source);
  const rows = await VersionRow.findAll({
    where: { pageId: page.id },
    attributes: ['digest', 'size', 'createdAt'],
    order: [['id', 'DESC']],
    limit: 200,
  });
  return rows.map(({ digest, size, createdAt }) => ({
    digest,
    size,
    made: createdAt.toISOString(),
    isNow: digest === now,
  }));
}

const DAY_MS = 86_400_000;

/** Lets go of versions that belonged to runs which were thrown away before they changed anything; how many. */
export const sweepVersions = (now: Date): Promise<number> =>
  VersionRow.destroy({
    where: {
      createdAt: { [Op.lt]: new Date(now.getTime() - DAY_MS) },
      [Op.and]: literal(
        'NOT EXISTS (SELECT 1 FROM run_pages WHERE run_pages.page_id = versions.page_id' +
          ' AND versions.digest IN (run_pages.before_digest, run_pages.after_digest, run_pages.theirs_digest))',
      ),
    },
  });
