import type { InferAttributes, Transaction } from 'sequelize';
import type { HostAnswer } from '#contract';
import { limits } from '#core/limits';
import { originsOf, pageUrl } from '#core/link';
import { pack, unpack } from '#outside/packing.ts';
import { firstPiece, writeRest } from './bytes.ts';
import { siteBranches } from './judging.ts';
import { checkedPageJson, CheckedPageRow, type CheckRow } from './models.ts';
import { pagePaths, sourceOf } from './pages.ts';
import { whole } from './transaction.ts';

/** Notes the client's pages in the application to be read, under the addresses they will have on its site. */
export async function planOwnPages({ id, clientId }: CheckRow): Promise<readonly CheckedPageRow[]> {
  const [origin] = originsOf((await siteBranches(clientId)).map(({ record }) => record.url));
  return whole(async (transaction) => {
    const planned: CheckedPageRow[] = [];
    for (const { id: pageId, path } of await pagePaths(clientId)) {
      const page = { url: origin ? pageUrl(path, origin) : path, bytes: await sourceOf(pageId) };
      planned.push(...(await planPages(id, [page], transaction)));
    }
    return planned;
  });
}

/** What a host answered, as a page keeps it. */
export const answerFields = (asked: string, { url, status, headers, milliseconds }: HostAnswer) => ({
  finalUrl: url === asked ? '' : url.slice(0, 2000),
  status,
  headers: checkedPageJson.headers.write(headers),
  milliseconds: Math.round(milliseconds),
});

/** A page that is to be read: by its address, or handed in. */
export interface PlannedPage {
  readonly url: string;
  readonly bytes?: Buffer;
  readonly answer?: HostAnswer | undefined;
}

/** Notes pages to be read, in the order they come; the new rows, without their sources. */
export async function planPages(
  checkId: number,
  pages: readonly PlannedPage[],
  transaction: Transaction,
): Promise<readonly CheckedPageRow[]> {
  const rows = await Promise.all(
    pages.map(async ({ url, bytes, answer }) => ({
      checkId,
      ...addressFields(url),
      source: bytes ? await pack(bytes) : null,
      size: bytes?.length ?? 0,
      ...(answer ? answerFields(url, answer) : {}),
    })),
  );
  // A source goes by itself, with its bytes beside the statement.
  if (rows.every(({ source }) => source === null)) return CheckedPageRow.bulkCreate(rows, { transaction });
  const planned: CheckedPageRow[] = [];
  for (const row of rows) {
    const { source } = row;
    const made = await CheckedPageRow.create(
      { ...row, source: source && firstPiece(source) },
      { transaction },
    );
    if (source) await writeRest(CheckedPageRow, 'source', made.id, source, transaction);
    made.setDataValue('source', null);
    planned.push(made);
  }
  return planned;
}

/** An address that is too long to be kept is not cut and asked for: it is told. */
const addressFields = (url: string) =>
  url.length <= limits.addressLength
    ? { url, state: 'waiting' as const }
    : {
        url: `${url.slice(0, limits.addressLength - 1)}…`,
        state: 'unread' as const,
        problem: `Its address has ${String(url.length)} characters; at most ${String(limits.addressLength)} are read.`,
      };

type PageOutcome = Pick<InferAttributes<CheckedPageRow>, 'id' | 'checkId' | 'url'> &
  Partial<InferAttributes<CheckedPageRow>>;

/**
 * Keeps what came of several pages, all of them in one transaction: the disk is waited for once. Sources are
 * bound beside their statements, so that no statement is larger than one page.
 */
export async function keepOutcomes(outcomes: readonly PageOutcome[]): Promise<void> {
  if (outcomes.length === 0) return;
  await whole(async (transaction) => {
    for (const { id, checkId, ...found } of outcomes) {
      const { source, ...fields } = found;
      // Files that were handed in keep the source they came with.
      const values = {
        state: 'unread' as const,
        ...fields,
        ...(source ? { source: firstPiece(source) } : {}),
      };
      await CheckedPageRow.update(values, { where: { id, checkId }, transaction });
      if (source) await writeRest(CheckedPageRow, 'source', id, source, transaction);
    }
  });
}

/** Pages of a check with where each stands, in the order they were planned. */
export const plannedPages = (checkId: number): Promise<readonly CheckedPageRow[]> =>
  CheckedPageRow.findAll({
    where: { checkId },
    attributes: ['id', 'checkId', 'url', 'state'],
    order: ['id'],
  });

/** What was handed in of a page: its bytes, and what its host had answered. */
export async function handedIn(id: number): Promise<{ bytes: Buffer; answered: Partial<HandedIn> }> {
  const kept = await CheckedPageRow.findByPk(id, {
    attributes: ['source', 'finalUrl', 'status', 'headers', 'milliseconds'],
    raw: true,
  });
  const { source, ...answered } = kept ?? { source: null };
  return { bytes: source ? await unpack(source, limits.unpackedBytes) : Buffer.alloc(0), answered };
}
type HandedIn = Pick<InferAttributes<CheckedPageRow>, 'finalUrl' | 'status' | 'headers' | 'milliseconds'>;

/** What the pages of a check carry, as far as they were read: what a site is judged by. */
export async function carriedOnSite(checkId: number) {
  const rows = await CheckedPageRow.findAll({
    where: { checkId, state: 'read' },
    attributes: ['url', 'ownBranchId', 'carries'],
    order: ['id'],
  });
  return rows.map(({ url, ownBranchId, carries }) => ({
    url,
    ownBranchId,
    carries: checkedPageJson.carries.read(carries),
  }));
}
