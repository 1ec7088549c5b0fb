import { Op } from 'sequelize';
import type { Page, PagePlacement, PlacementInput } from '#contract';
import { writeMarkup, type MarkupForm } from '#core/markup';
import { isCurrent, placeInBytes, placedOn, prove, removeFromBytes } from '#core/page';
import { readSource, type Syntax } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { decodeText } from '#core/text';
import { notFound, Refusal } from '../problem.ts';
import { findBranch, findClient, recordOf, recordsOf } from './branches.ts';
import { BranchRow, type ClientRow, PageRow, PlacementRow } from './models.ts';

export async function findPage(id: number): Promise<PageRow> {
  const page = await PageRow.findByPk(id);
  if (!page) throw notFound('page');
  return page;
}

/** A client's pages, each read again now, with the state of what is placed on it. */
export async function listPages(clientId: number): Promise<readonly Page[]> {
  const client = await findClient(clientId);
  const pages = await PageRow.findAll({ where: { clientId }, order: ['path'] });
  const placements = await PlacementRow.findAll({
    where: { pageId: { [Op.in]: pages.map(({ id }) => id) } },
  });
  const placed = await placedBranches(placements, client);
  return pages.map((page) => describe(page, placements, placed));
}

export async function showPage(id: number): Promise<Page> {
  const page = await findPage(id);
  const placements = await PlacementRow.findAll({ where: { pageId: id } });
  return describe(page, placements, await placedBranches(placements, await findClient(page.clientId)));
}

interface PlacedBranch {
  readonly label: string;
  readonly record: BusinessRecord;
}

/** The branches that placements speak of, with their effective records. */
async function placedBranches(
  placements: readonly PlacementRow[],
  client: ClientRow,
): Promise<ReadonlyMap<number, PlacedBranch>> {
  const ids = [...new Set(placements.map(({ branchId }) => branchId))];
  const branches = await BranchRow.findAll({ where: { id: { [Op.in]: ids } } });
  const records = recordsOf(branches, client);
  return new Map(
    branches.flatMap(({ id, label }) => {
      const record = records.get(id);
      return record ? [[id, { label, record }] as const] : [];
    }),
  );
}

function describe(
  page: PageRow,
  placements: readonly PlacementRow[],
  branches: ReadonlyMap<number, PlacedBranch>,
): Page {
  const { text, encoding } = decodeText(page.source);
  const { items } = readSource(text);
  const count = (syntax: Syntax): number => items.filter((item) => item.syntax === syntax).length;
  return {
    id: page.id,
    path: page.path,
    size: page.source.length,
    encoding,
    items: { jsonld: count('jsonld'), microdata: count('microdata'), rdfa: count('rdfa') },
    placements: placements
      .filter(({ pageId }) => pageId === page.id)
      .flatMap(({ form, branchId }) => {
        const branch = branches.get(branchId);
        return branch
          ? [{ form, branchId, branchLabel: branch.label, ...stateOf(text, form, branch.record) }]
          : [];
      }),
  };
}

function stateOf(
  text: string,
  form: MarkupForm,
  record: BusinessRecord,
): Pick<PagePlacement, 'state' | 'misread'> {
  const { state, misread } = prove(text, form, record);
  if (state === 'absent') return { state, misread: [] };
  if (!isCurrent(text, form, record)) return { state: 'out-of-date', misread: [...misread] };
  return { state, misread: [...misread] };
}

/** The state of everything that is placed of these branches, for the desk. */
export async function placementsOf(
  records: ReadonlyMap<number, BusinessRecord>,
): Promise<readonly Pick<PagePlacement, 'branchId' | 'state'>[]> {
  const placements = await PlacementRow.findAll({ where: { branchId: { [Op.in]: [...records.keys()] } } });
  const pages = await PageRow.findAll({
    where: { id: { [Op.in]: [...new Set(placements.map(({ pageId }) => pageId))] } },
  });
  const texts = new Map(pages.map(({ id, source }) => [id, decodeText(source).text]));
  return placements.flatMap(({ pageId, branchId, form }) => {
    const [record, text] = [records.get(branchId), texts.get(pageId)];
    return record && text !== undefined ? [{ branchId, state: stateOf(text, form, record).state }] : [];
  });
}

/** Keeps a page under its path. One that is there already gets the new source; whether it was. */
export async function keepPage(
  clientId: number,
  path: string,
  source: Buffer,
): Promise<{ id: number; replaced: boolean }> {
  const known = await PageRow.findOne({ where: { clientId, path } });
  if (!known) return { id: (await PageRow.create({ clientId, path, source })).id, replaced: false };
  await known.update({ source });
  await forgetLost(known);
  return { id: known.id, replaced: true };
}

/** Forgets placements whose markup a new source no longer holds. */
async function forgetLost({ id, source }: PageRow): Promise<void> {
  const there = placedOn(decodeText(source).text).map(({ form }) => form);
  await PlacementRow.destroy({ where: { pageId: id, form: { [Op.notIn]: there } } });
}

/** Places a branch's markup on a page, reads the page back, and keeps it only when a machine finds the markup. */
export async function placeOnPage(pageId: number, { branchId, form, at }: PlacementInput): Promise<Page> {
  const [page, branch] = [await findPage(pageId), await findBranch(branchId)];
  if (branch.clientId !== page.clientId)
    throw new Refusal(
      400,
      'Another client',
      'This branch belongs to another client than the page. Nothing was changed.',
    );
  const record = await recordOf(branch);
  const result = placeInBytes(page.source, form, writeMarkup(record, form).text, at);
  if (!result.ok) throw new Refusal(422, 'Cannot be placed', result.message);
  if (prove(decodeText(result.bytes).text, form, record).state === 'absent') {
    throw new Refusal(
      422,
      'Cannot be placed',
      'A machine would not find the markup there: the place lies inside a comment, a script or a template. The page was left as it is.',
    );
  }
  await page.update({ source: Buffer.from(result.bytes) });
  await PlacementRow.upsert({ pageId, branchId, form });
  return showPage(pageId);
}

/** Takes what was placed off a page again: the source is then byte for byte what it was before. */
export async function removeFromPage(pageId: number, form: MarkupForm): Promise<Page> {
  const page = await findPage(pageId);
  await page.update({ source: Buffer.from(removeFromBytes(page.source, form)) });
  await PlacementRow.destroy({ where: { pageId, form } });
  return showPage(pageId);
}

export async function deletePage(id: number): Promise<void> {
  await (await findPage(id)).destroy();
}

export async function restorePage(id: number): Promise<void> {
  const page = await PageRow.findByPk(id, { paranoid: false });
  if (!page) throw notFound('page');
  await page.restore();
}

export async function allSources(clientId: number): Promise<readonly { path: string; bytes: Buffer }[]> {
  const pages = await PageRow.findAll({ where: { clientId }, order: ['path'] });
  return pages.map(({ path, source }) => ({ path, bytes: source }));
}
