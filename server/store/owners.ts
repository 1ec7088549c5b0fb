import { literal, Op } from 'sequelize';
import * as z from 'zod';
import { foldUrl, originsOf, pageUrl } from '#core/link';
import { pageMatchSchema, type PageMatch } from '#core/site';
import type { PlacedHere } from './carried.ts';
import { groupedBy } from './grouped.ts';
import { BranchRow, PageRow, PlacementRow } from './models.ts';
import { siteNames } from './sites.ts';
import { whole } from './transaction.ts';
import { Refusal } from '../problem.ts';

interface Owner {
  readonly id: number;
  readonly label: string;
}

const namedSchema = z.array(
  z.object({
    id: z.number(),
    label: z.string(),
    url: z
      .string()
      .nullable()
      .transform((url) => url ?? ''),
  }),
);

/** What tells whose own page a page is. */
type OwnedPage = Pick<PageRow, 'path' | 'siteId' | 'ownerId' | 'match'>;

/** Whose own page a page is, and where it is to be seen. */
export interface Owners {
  /**
   * As somebody said; else the branch's whose record names its address, or whose markup it carries where that is one
   * alone; undefined for any other page.
   */
  readonly ownerOf: (
    page: OwnedPage,
    placed: readonly Pick<PlacedHere, 'branchId' | 'branchLabel'>[],
  ) => Owner | undefined;
  /** Whose it seems to be, while nobody has said: a proposal with its reasons. */
  readonly proposalOf: (page: OwnedPage) => (PageMatch & { readonly label: string }) | undefined;
  /** What a branch is called; undefined where it is gone. */
  readonly labelOf: (branchId: number) => string | undefined;
  /** Its address; '' where no site of it is known. */
  readonly urlOf: (page: Pick<PageRow, 'path' | 'siteId'>) => string;
}

export async function ownersOf(clientId: number): Promise<Owners> {
  // Only the addresses: thousands of whole records would be read for nothing.
  const rows = await BranchRow.findAll({
    where: { clientId },
    order: ['id'],
    attributes: ['id', 'label', [literal("JSON_VALUE(`record`, '$.url')"), 'url']],
    raw: true,
  });
  const named = namedSchema.parse(rows);
  const origins = originsOf(named.map(({ url }) => url));
  const byUrl = new Map(
    named.toReversed().flatMap(({ id, label, url }) => (url ? [[foldUrl(url), { id, label }] as const] : [])),
  );
  const labels = new Map(named.map(({ id, label }) => [id, label]));
  const sites = await siteNames(clientId);
  const basesOf = (siteId: number): readonly string[] => {
    const site = sites.get(siteId);
    return site ? [site.url] : siteId === 0 ? origins : [];
  };
  const addressed = ({ path, siteId }: Pick<PageRow, 'path' | 'siteId'>): Owner | undefined => {
    for (const base of basesOf(siteId)) {
      const owner = byUrl.get(foldUrl(pageUrl(path, base)));
      if (owner) return owner;
    }
    return undefined;
  };
  const known = (id: number): Owner | undefined => {
    const label = labels.get(id);
    return label === undefined ? undefined : { id, label };
  };
  return {
    labelOf: (branchId) => labels.get(branchId),
    ownerOf: (page, placed) => {
      if (page.ownerId !== null) return known(page.ownerId);
      const [first] = placed;
      const isOne = first && placed.every(({ branchId }) => branchId === first.branchId);
      return addressed(page) ?? (isOne ? { id: first.branchId, label: first.branchLabel } : undefined);
    },
    proposalOf: (page) => {
      const match = page.match === null ? undefined : pageMatchSchema.safeParse(JSON.parse(page.match)).data;
      const label = match && labels.get(match.branchId);
      return match && label !== undefined && page.ownerId === null && !addressed(page)
        ? { ...match, label }
        : undefined;
    },
    urlOf: ({ path, siteId }) => {
      const [base] = basesOf(siteId);
      return base === undefined ? '' : pageUrl(path, base);
    },
  };
}

/** All pages of a client with whose own each is; nothing of them is read. */
export async function ownedPages(
  clientId: number,
): Promise<readonly { readonly id: number; readonly path: string; readonly owner: Owner | undefined }[]> {
  const pages = await PageRow.findAll({
    where: { clientId },
    order: ['path', 'id'],
    attributes: ['id', 'path', 'siteId', 'ownerId', 'match'],
    raw: true,
  });
  const placements = await PlacementRow.findAll({
    where: { pageId: { [Op.in]: pages.map(({ id }) => id) } },
    attributes: ['pageId', 'branchId'],
    order: ['id'],
    raw: true,
  });
  const placed = groupedBy(placements, ({ pageId }) => pageId);
  const { ownerOf, labelOf } = await ownersOf(clientId);
  return pages.map((page) => {
    const here = (placed.get(page.id) ?? []).flatMap(({ branchId }) => {
      const branchLabel = labelOf(branchId);
      return branchLabel === undefined ? [] : [{ branchId, branchLabel }];
    });
    return { id: page.id, path: page.path, owner: ownerOf(page, here) };
  });
}

/** Keeps whose own pages they are, as somebody said: all of it, or nothing where one of them is not the client's. */
export async function keepOwners(
  clientId: number,
  owners: readonly { readonly page: number; readonly branch: number | null }[],
): Promise<void> {
  const branchIds = [...new Set(owners.flatMap(({ branch }) => branch ?? []))];
  await whole(async (transaction) => {
    const branches = await BranchRow.count({ where: { clientId, id: branchIds }, transaction });
    if (branches !== branchIds.length) throw foreign('branches');
    for (const { page, branch } of owners) {
      const row = await PageRow.findOne({ where: { clientId, id: page }, attributes: ['id'], transaction });
      if (!row) throw foreign('pages');
      await PageRow.update({ ownerId: branch ?? 0 }, { where: { id: page }, transaction });
    }
  });
}

const foreign = (what: string): Refusal =>
  new Refusal(400, 'Another client', `Some of these ${what} are not this client’s. Nothing was changed.`);
