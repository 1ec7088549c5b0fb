import { col, fn, Op } from 'sequelize';
import type { PageMatch } from '#core/site';
import { digestOf } from '#outside/sites/index.ts';
import { writeSource } from './changes.ts';
import { PageRow, SiteRow } from './models.ts';
import { createPage } from './pages.ts';
import { locked, whole } from './transaction.ts';

/** A page as it stands on a site, kept. */
interface KeptPage {
  readonly id: number;
  readonly path: string;
  readonly bytes: Buffer;
}

/** Keeps pages as a site has them now. What is placed on them stays known, and shows whether it still stands there. */
export async function keepSitePages(
  { id: siteId, clientId }: Pick<SiteRow, 'id' | 'clientId'>,
  files: readonly { readonly path: string; readonly bytes: Buffer }[],
): Promise<readonly KeptPage[]> {
  return whole(async (transaction) => {
    const kept: KeptPage[] = [];
    for (const { path, bytes } of files) {
      const where = { clientId, siteId, path };
      const there = await PageRow.findOne({ where, ...locked(transaction) });
      if (there && !there.source.equals(bytes)) await writeSource(there, bytes, transaction);
      const page = there ?? (await createPage({ clientId, siteId, path }, bytes, transaction));
      kept.push({ id: page.id, path, bytes });
    }
    return kept;
  });
}

/** Keeps that all pages of a site were read: those that are gone from it go here too. */
export async function keepSitePaths(
  { id: siteId, clientId }: Pick<SiteRow, 'id' | 'clientId'>,
  paths: readonly string[],
): Promise<void> {
  await PageRow.destroy({
    where: { clientId, siteId, path: { [Op.notIn]: paths.length > 0 ? [...paths] : [''] } },
  });
  await SiteRow.update({ readAt: new Date() }, { where: { id: siteId } });
}

export async function keepMatches(
  pages: readonly { readonly id: number; readonly match: PageMatch | null }[],
): Promise<void> {
  await whole(async (transaction) => {
    for (const { id, match } of pages)
      await PageRow.update({ match: match && JSON.stringify(match) }, { where: { id }, transaction });
  });
}

/** A page whose bytes a site has: not they themselves, which would be handed over for nothing, but their digest. */
export const findPageOfRun = (id: number): Promise<PageRow | null> =>
  PageRow.findByPk(id, {
    attributes: ['id', 'clientId', 'siteId', 'path', [fn('SHA2', col('source'), 256), 'digest']],
  });

/** The bytes of a page as it is kept. */
export const sourceOf = async (id: number): Promise<Buffer | undefined> =>
  (await PageRow.findByPk(id, { attributes: ['source'] }))?.source;

/** A page as somebody else made it meanwhile: it is kept as it is now, under the number it had. */
export async function takeTheirs(pageId: number, bytes: Buffer): Promise<void> {
  await whole(async (transaction) => {
    const page = await PageRow.findByPk(pageId, locked(transaction));
    if (page && digestOf(page.source) !== digestOf(bytes)) await writeSource(page, bytes, transaction);
  });
}
