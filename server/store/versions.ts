import { literal, Op, type Transaction } from 'sequelize';
import { limits } from '#core/limits';
import { pack, unpack } from '#outside/packing.ts';
import { digestOf } from '#outside/sites/index.ts';
import { firstPiece, writeRest } from './bytes.ts';
import { VersionRow, type PageRow } from './models.ts';
import { whole } from './transaction.ts';

/** Keeps versions of pages, each once, and writes to disk once for all of them. */
export async function keepVersions(
  versions: readonly { readonly pageId: number; readonly bytes: Buffer }[],
  transaction: Transaction,
): Promise<void> {
  const all = new Map(versions.map((one) => [`${String(one.pageId)} ${digestOf(one.bytes)}`, one]));
  for (const { pageId, bytes } of all.values()) {
    const where = { pageId, digest: digestOf(bytes) };
    if (await VersionRow.findOne({ where, attributes: ['id'], transaction })) continue;
    const packed = await pack(bytes);
    const row = { ...where, size: bytes.length, packed: firstPiece(packed) };
    const { id } = await VersionRow.create(row, { transaction });
    await writeRest(VersionRow, 'packed', id, packed, transaction);
  }
}

/** Keeps a version of a page, once; its digest. */
export async function keepVersion(pageId: number, bytes: Buffer): Promise<string> {
  await whole((transaction) => keepVersions([{ pageId, bytes }], transaction));
  return digestOf(bytes);
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
