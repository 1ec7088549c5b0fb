import { literal, Op, type Transaction } from 'sequelize';
import type { AddedPages, Page, PlacedChoice, PlacementInput } from '#contract';
import { isClientForm } from '#core/markup';
import type { PlacedForm } from '#core/page';
import { digestOf } from '#outside/sites/index.ts';
import { notFound, Refusal } from '../problem.ts';
import type { PageWorker, Put } from '../threads/pageWork.ts';
import { GivenUp, givenUp } from '../threads/threads.ts';
import { allRecords, findBranch, findClient, recordOf } from './branches.ts';
import { firstPiece, writeRest } from './bytes.ts';
import { carriedBy } from './carried.ts';
import { noteChange, pageBefore, writeSource, type ChangedPart } from './changes.ts';
import { type ClientRow, PageRow, PlacementRow } from './models.ts';
import { ownersOf } from './owners.ts';
import { siteNames } from './sites.ts';
import { locked, whole } from './transaction.ts';
import { counted } from '#core/text';

/** A page with its source. Those of a deleted client are gone with it. */
export async function findPage(id: number): Promise<PageRow> {
  const page = await PageRow.findByPk(id);
  if (!page) throw notFound('page');
  await findClient(page.clientId);
  return page;
}

const WITHOUT_SOURCE = { exclude: ['source'] };

/** A client's pages with the state of what is placed on them, as their rows have it. */
export async function listPages(clientId: number, worker: PageWorker): Promise<readonly Page[]> {
  const client = await findClient(clientId);
  const pages = await PageRow.findAll({
    where: { clientId },
    order: ['path', 'id'],
    attributes: WITHOUT_SOURCE,
  });
  return describe(pages, client, worker);
}

/** The addresses of pictures that a page names, as they stand there. */
export interface PagePictures {
  readonly id: number;
  readonly path: string;
  /** The name of its site; ''. */
  readonly site: string;
  readonly ownBranchId: number | null;
  readonly pictures: readonly string[];
}

export async function picturesOnPages(
  client: ClientRow,
  worker: PageWorker,
): Promise<readonly PagePictures[]> {
  const pages = await PageRow.findAll({
    where: { clientId: client.id },
    order: ['path', 'id'],
    attributes: WITHOUT_SOURCE,
  });
  const [carried, owners, sites] = await Promise.all([
    carriedBy(pages, client, worker),
    ownersOf(client.id),
    siteNames(client.id),
  ]);
  return pages.flatMap((page) => {
    const { placed = [], pictures = [] } = carried.get(page.id) ?? {};
    const site = sites.get(page.siteId)?.name ?? '';
    const ownBranchId = owners.ownerOf(page, placed)?.id ?? null;
    return pictures.length > 0 ? [{ id: page.id, path: page.path, site, ownBranchId, pictures }] : [];
  });
}

async function showPage(id: number, worker: PageWorker): Promise<Page> {
  const page = await PageRow.findByPk(id, { attributes: WITHOUT_SOURCE });
  const [shown] = page ? await describe([page], await findClient(page.clientId), worker) : [];
  if (!shown) throw notFound('page');
  return shown;
}

async function describe(
  pages: readonly PageRow[],
  client: ClientRow,
  worker: PageWorker,
): Promise<readonly Page[]> {
  const [carried, owners, sites] = await Promise.all([
    carriedBy(pages, client, worker),
    ownersOf(client.id),
    siteNames(client.id),
  ]);
  return pages.flatMap((page) => {
    const { id, path, siteId } = page;
    const one = carried.get(id);
    if (!one) return [];
    const { placed, size, encoding, items, problem } = one;
    const reading = { size, encoding, items, problem };
    const placements = placed.map(({ form, branchId, branchLabel, state, misread }) => ({
      form,
      branchId,
      branchLabel,
      state,
      misread,
    }));
    const shown = {
      site: siteId === 0 ? null : siteOf(siteId, sites.get(siteId)),
      url: owners.urlOf(page),
      ownBranch: owners.ownerOf(page, placed) ?? null,
      proposal: owners.proposalOf(page) ?? null,
    };
    return [{ id, path, ...reading, ...shown, placements: reading.problem ? [] : placements }];
  });
}

const siteOf = (
  id: number,
  site: { readonly name: string; readonly isWritten: boolean } | undefined,
): Page['site'] => ({ id, name: site?.name ?? '', isWritten: site?.isWritten ?? false });

/** A page as it comes, or why the whole upload is not taken. */
export type ComingPage =
  { readonly path: string; readonly bytes: Buffer } | { readonly path: string; readonly reason: string };

/** Nothing of an upload was taken; what came of it says why. */
class NotTaken extends Error {
  readonly outcome: AddedPages;

  constructor(outcome: AddedPages) {
    super('The upload was not taken.');
    this.outcome = outcome;
  }
}

/**
 * Keeps pages under their paths: all of them, or none where one is refused or has to be asked about. A page that
 * differs from the one that is there only by what we placed on it stays as it is. `open` begins to read the
 * upload from its start, again where another change was in the way.
 */
export async function keepPages(
  clientId: number,
  open: () => AsyncIterable<ComingPage>,
  { placed, title }: { readonly placed: PlacedChoice; readonly title: string },
  worker: PageWorker,
): Promise<AddedPages> {
  await findClient(clientId);
  try {
    return await whole((transaction) => keepAll(clientId, open(), placed, title, worker, transaction));
  } catch (error) {
    if (error instanceof NotTaken) return error.outcome;
    if (error instanceof GivenUp) throw givenUp(title, error);
    throw error;
  }
}

async function keepAll(
  clientId: number,
  pages: AsyncIterable<ComingPage>,
  choice: PlacedChoice,
  title: string,
  worker: PageWorker,
  transaction: Transaction,
): Promise<AddedPages> {
  const added: AddedPages = { added: [], replaced: 0, unchanged: 0, asks: [], refused: [], changeId: 0 };
  const parts: ChangedPart[] = [];
  for await (const page of pages) {
    if ('reason' in page) {
      added.refused.push(page);
      continue;
    }
    const there = await PageRow.findOne({
      where: { clientId, siteId: 0, path: page.path },
      ...locked(transaction),
    });
    if (!there) {
      const { id } = await createPage({ clientId, path: page.path }, page.bytes, transaction);
      parts.push({ subject: 'page', id, version: 0, before: null });
      added.added.push({ id, path: page.path });
      continue;
    }
    const placements = await PlacementRow.findAll({
      where: { pageId: there.id },
      order: ['id'],
      transaction,
    });
    if (await isSame(there.source, page.bytes, placements, worker)) {
      added.unchanged += 1;
      continue;
    }
    const lost = await lostOn(page.bytes, placements, worker);
    if (lost.length > 0 && choice === 'ask') {
      added.asks.push({ path: page.path, forms: lost.map(({ form }) => form) });
      continue;
    }
    const before = await pageBefore(there, transaction);
    const source = choice === 'again' ? await placedAgain(page.bytes, lost, worker) : page.bytes;
    await writeSource(there, source, transaction);
    await there.update({ came: digestOf(page.bytes) }, { transaction });
    if (choice !== 'again')
      await PlacementRow.destroy({ where: { id: { [Op.in]: lost.map(({ id }) => id) } }, transaction });
    parts.push({ subject: 'page', id: there.id, version: there.version, before });
    added.added.push({ id: there.id, path: page.path });
    added.replaced += 1;
  }
  if (added.refused.length > 0 || added.asks.length > 0)
    throw new NotTaken({ ...added, added: [], replaced: 0, unchanged: 0 });
  if (parts.length > 0)
    added.changeId = await noteChange(transaction, clientId, titleOf(added, title), parts);
  return added;
}

export async function createPage(
  where: { readonly clientId: number; readonly siteId?: number; readonly path: string },
  source: Buffer,
  transaction: Transaction,
): Promise<PageRow> {
  const came = digestOf(source);
  const page = await PageRow.create({ ...where, came, source: firstPiece(source) }, { transaction });
  await writeRest(PageRow, 'source', page.id, source, transaction);
  return page;
}

/** What an upload did, in a few words. */
function titleOf({ added, replaced }: AddedPages, title: string): string {
  const pages = (count: number, done: string): string =>
    count === 0 ? '' : `${counted(count, 'page')} ${done}`;
  const told = [pages(added.length - replaced, 'added'), pages(replaced, 'replaced')];
  return [...told.filter(Boolean), `from ${title}`].join(', ');
}

/** Whether a page that is here is the one that comes, or was it before we placed anything. */
const isSame = async (
  here: Buffer,
  coming: Buffer,
  placements: readonly PlacementRow[],
  worker: PageWorker,
): Promise<boolean> =>
  here.equals(coming) || (placements.length > 0 && Buffer.from(await worker.remove(here)).equals(coming));

/** What is placed on a page and does not stand in its new source. */
async function lostOn(
  source: Buffer,
  placements: readonly PlacementRow[],
  worker: PageWorker,
): Promise<readonly PlacementRow[]> {
  if (placements.length === 0) return [];
  const { forms } = await worker.read(source, []);
  return placements.filter(({ form }) => !forms.includes(form));
}

/** The new source with what was placed on the old one. */
async function placedAgain(
  source: Buffer,
  placements: readonly PlacementRow[],
  worker: PageWorker,
): Promise<Buffer> {
  let bytes: Uint8Array = source;
  for (const { branchId, form, at } of placements) {
    const branch = await findBranch(branchId);
    const all = isClientForm(form) ? await allRecords(await findClient(branch.clientId)) : undefined;
    bytes = await placedOrRefused(
      bytes,
      { form, record: await recordOf(branch), at, ...(all ? { all } : {}) },
      worker,
    );
  }
  return Buffer.from(bytes);
}

async function placedOrRefused(bytes: Uint8Array, put: Put, worker: PageWorker): Promise<Uint8Array> {
  const result = await worker.place(bytes, put).catch((error: unknown) => {
    throw error instanceof GivenUp ? givenUp('The page', error) : error;
  });
  if (!result.ok) throw new Refusal(422, 'Cannot be placed', result.message);
  return result.bytes;
}

const ATTEMPTS = 8;

/**
 * Changes a page’s source from what it is to what `change` makes of it. The change is worked out while nobody
 * waits for the page; when another one came first it is worked out anew from what that one left.
 */
async function changePage(
  id: number,
  change: (page: PageRow) => Promise<Uint8Array>,
  note: (transaction: Transaction) => Promise<string>,
): Promise<number> {
  for (let attempt = 1; attempt <= ATTEMPTS; attempt += 1) {
    const read = await findPage(id);
    if (read.siteId !== 0)
      throw new Refusal(
        409,
        'A page of a site',
        `${read.path} stands on a site: it is changed by a run, which writes it there. Nothing was changed.`,
      );
    const source = Buffer.from(await change(read));
    const changeId = await whole(async (transaction) => {
      const page = await PageRow.findByPk(id, locked(transaction));
      if (!page) throw notFound('page');
      if (page.version !== read.version) return undefined;
      const before = await pageBefore(page, transaction);
      const title = await note(transaction);
      await writeSource(page, source, transaction);
      return noteChange(transaction, page.clientId, `${title} ${page.path}`, [
        { subject: 'page', id, version: page.version, before },
      ]);
    });
    if (changeId !== undefined) return changeId;
  }
  throw new Refusal(
    409,
    'Changed meanwhile',
    'The page was changed again and again by others while this was done. It is as they left it; try again.',
  );
}

/** Places a branch’s markup on a page, reads the page back, and keeps it only when a machine finds the markup. */
export async function placeOnPage(
  pageId: number,
  { branchId, form, at, foreign, corrects = [] }: PlacementInput,
  worker: PageWorker,
): Promise<{ page: Page; changeId: number }> {
  const [page, branch] = [await findPage(pageId), await findBranch(branchId)];
  if (branch.clientId !== page.clientId)
    throw new Refusal(
      400,
      'Another client',
      'This branch belongs to another client than the page. Nothing was changed.',
    );
  const owner = (await showPage(pageId, worker)).ownBranch;
  if (owner && owner.id !== branchId && !foreign && !isClientForm(form))
    throw new Refusal(
      409,
      'Another branch’s page',
      `${page.path} is the page of ${owner.label}. The markup of ${branch.label} there would tell machines the wrong business. Nothing was changed; confirm it if it is meant.`,
    );
  const record = await recordOf(branch);
  const all = isClientForm(form) ? await allRecords(await findClient(branch.clientId)) : undefined;
  const put = { form, record, at, corrects, ...(all ? { all } : {}) };
  const changeId = await changePage(
    pageId,
    ({ source }) => placedOrRefused(source, put, worker),
    async (transaction) => {
      await PlacementRow.destroy({ where: { pageId, form }, transaction });
      await PlacementRow.create({ pageId, branchId, form, at }, { transaction });
      return `${branch.label} placed on`;
    },
  );
  return { page: await showPage(pageId, worker), changeId };
}

/** Takes what was placed off a page again: the source is then byte for byte what it was before. */
export async function removeFromPage(
  pageId: number,
  form: PlacedForm,
  worker: PageWorker,
): Promise<{ page: Page; changeId: number }> {
  const changeId = await changePage(
    pageId,
    ({ source }) => worker.remove(source, form),
    async (transaction) => {
      await PlacementRow.destroy({ where: { pageId, form }, transaction });
      return 'Markup removed from';
    },
  );
  return { page: await showPage(pageId, worker), changeId };
}

export async function deletePage(id: number): Promise<void> {
  await (await findPage(id)).destroy();
}

export async function restorePage(id: number): Promise<void> {
  const page = await PageRow.findByPk(id, {
    paranoid: false,
    attributes: ['id', 'clientId', 'siteId', 'path', 'deletedAt'],
  });
  if (!page) throw notFound('page');
  await findClient(page.clientId);
  const other = await PageRow.findOne({
    where: { clientId: page.clientId, siteId: page.siteId, path: page.path, id: { [Op.ne]: id } },
    attributes: ['id'],
  });
  if (other)
    throw new Refusal(
      409,
      'Another page is there',
      `There is another page ${page.path} now. Delete that one first; both are kept.`,
    );
  await page.restore();
}

/** Pages whose bytes are others than those that came (`came`); of older ones it is not known, and they count as changed. */
const CHANGED = { [Op.and]: literal('came <> SHA2(source, 256)') };

/** A client’s pages by their paths, without their sources, which are read one at a time; or those alone that were changed. */
export async function pagePaths(
  clientId: number,
  isChanged = false,
): Promise<readonly Pick<PageRow, 'id' | 'path' | 'siteId' | 'ownerId'>[]> {
  await findClient(clientId);
  return PageRow.findAll({
    where: { clientId, ...(isChanged ? { siteId: 0, ...CHANGED } : {}) },
    order: ['path', 'id'],
    attributes: ['id', 'path', 'siteId', 'ownerId'],
    raw: true,
  });
}

export const sourceOf = async (id: number): Promise<Buffer> =>
  (await PageRow.findByPk(id, { attributes: ['source'] }))?.source ?? Buffer.alloc(0);

/** Keeps one page, for whoever puts a demo in. */
export async function keepPage(
  clientId: number,
  path: string,
  bytes: Buffer,
  worker: PageWorker,
): Promise<number> {
  const one = async function* (): AsyncGenerator<ComingPage> {
    yield await Promise.resolve({ path, bytes });
  };
  const { added } = await keepPages(clientId, one, { placed: 'drop', title: path }, worker);
  return added[0]?.id ?? 0;
}
