import { Op } from 'sequelize';
import type { Site, SiteInput, SiteTrial, TriedSite } from '#contract';
import { isWritten } from '#core/site';
import { SiteProblem, UnknownHostKey, type SiteConnection } from '#outside/sites/index.ts';
import type { SiteGateway } from '../gateways/sites.ts';
import { notFound, Refusal } from '../problem.ts';
import { findClient } from './branches.ts';
import { PageRow, siteAccessJson, SiteRow } from './models.ts';
import { whole } from './transaction.ts';

/** A site of a client that is there. */
export async function findSite(id: number): Promise<SiteRow> {
  const site = await SiteRow.findByPk(id);
  if (!site) throw notFound('site');
  await findClient(site.clientId);
  return site;
}

export async function listSites(clientId: number): Promise<readonly Site[]> {
  await findClient(clientId);
  const sites = await SiteRow.findAll({ where: { clientId }, order: ['name', 'id'] });
  const counts = await PageRow.count({ where: { clientId }, group: ['site_id'] });
  const pagesOf = new Map(counts.map(({ site_id: site, count }) => [Number(site), count]));
  return sites.map(({ id, name, url, access, secret, readAt }) => ({
    id,
    name,
    url,
    access: siteAccessJson.read(access),
    hasSecret: secret !== null,
    pages: pagesOf.get(id) ?? 0,
    read: readAt?.toISOString() ?? '',
  }));
}

const MOST_SITES = 100;

export async function addSite(clientId: number, input: SiteInput, gateway: SiteGateway): Promise<number> {
  await findClient(clientId);
  if ((await SiteRow.count({ where: { clientId } })) >= MOST_SITES)
    throw new Refusal(422, 'Too many sites', `A client may have ${String(MOST_SITES)} sites.`);
  const { name, url, access, secret } = input;
  const { id } = await SiteRow.create({
    clientId,
    name,
    url,
    access: siteAccessJson.write(access),
    secret: secret && gateway.seal(secret),
  });
  return id;
}

/** Changes a site. A secret goes nowhere but to the host it was given for: with another host it has to be given anew. */
export async function saveSite(
  id: number,
  { name, url, access, secret }: SiteInput,
  gateway: SiteGateway,
): Promise<void> {
  const site = await findSite(id);
  const isSameHost = hostOf(siteAccessJson.read(site.access)) === hostOf(access);
  const kept = isSameHost ? site.secret : null;
  await site.update({
    name,
    url,
    access: siteAccessJson.write(access),
    secret: secret ? gateway.seal(secret) : kept,
  });
}

/** The host that a secret is for, and who signs in there. */
function hostOf(access: ReturnType<typeof siteAccessJson.read>): string {
  if (access.way === 'sftp') return `sftp ${access.user}@${access.host}:${String(access.port)}`;
  if (access.way === 'webdav') return `webdav ${access.user}@${new URL(access.address).host}`;
  return access.way;
}

/** Deletes a site and its pages here, as one; the site itself stays as it is. */
export async function deleteSite(id: number): Promise<void> {
  const { clientId } = await findSite(id);
  await whole(async (transaction) => {
    await SiteRow.destroy({ where: { id }, transaction });
    await PageRow.destroy({ where: { clientId, siteId: id }, transaction });
  });
}

/** Brings a deleted site back with the pages that went with it. */
export async function restoreSite(id: number): Promise<void> {
  const site = await SiteRow.findByPk(id, { paranoid: false });
  if (!site) throw notFound('site');
  await findClient(site.clientId);
  const { deletedAt } = site;
  if (!deletedAt) return;
  await whole(async (transaction) => {
    const where = { clientId: site.clientId, siteId: id, deletedAt: { [Op.gte]: deletedAt } };
    await PageRow.restore({ where, transaction });
    await SiteRow.restore({ where: { id }, transaction });
  });
}

/** Opens the way to a site; throws a `SiteProblem` where it leads nowhere. */
export const openSite = ({ access, secret }: SiteRow, gateway: SiteGateway): Promise<SiteConnection> =>
  gateway.open(siteAccessJson.read(access), secret);

/** The same for a site by its number, whatever has become of it. */
export async function openSiteOf(id: number, gateway: SiteGateway): Promise<SiteConnection> {
  const site = await SiteRow.findByPk(id);
  if (!site) throw new SiteProblem('The site was deleted here. Bring it back to write to it.');
  return openSite(site, gateway);
}

/** Tries a way to a site: signs in and looks what lies there. Nothing is written. */
export async function trySite({ access, secret, id }: SiteTrial, gateway: SiteGateway): Promise<TriedSite> {
  const known = id === null ? undefined : await findSite(id);
  const isSameHost = known && hostOf(siteAccessJson.read(known.access)) === hostOf(access);
  const sealed = secret ? gateway.seal(secret) : isSameHost ? known.secret : null;
  if (!isWritten(access)) return { ok: true, pages: 0, problem: '', hostKey: '' };
  try {
    const site = await gateway.open(access, sealed);
    try {
      return { ok: true, pages: (await site.list()).length, problem: '', hostKey: '' };
    } finally {
      await site.close();
    }
  } catch (error) {
    if (!(error instanceof SiteProblem)) throw error;
    const hostKey = error instanceof UnknownHostKey ? error.hostKey : '';
    return { ok: false, pages: 0, problem: error.message, hostKey };
  }
}

/** Whether a client has sites, and nobody writes to any of them but people. */
export async function isByHand(clientId: number): Promise<boolean> {
  const sites = await SiteRow.findAll({ where: { clientId }, attributes: ['access'], raw: true });
  return sites.length > 0 && sites.every(({ access }) => !isWritten(siteAccessJson.read(access)));
}

/** The sites’ names and addresses, by number. */
export async function siteNames(
  clientId: number,
): Promise<ReadonlyMap<number, Pick<SiteRow, 'name' | 'url'> & { readonly isWritten: boolean }>> {
  const sites = await SiteRow.findAll({ where: { clientId }, attributes: ['id', 'name', 'url', 'access'] });
  return new Map(
    sites.map(({ id, name, url, access }) => [
      id,
      { name, url, isWritten: isWritten(siteAccessJson.read(access)) },
    ]),
  );
}
