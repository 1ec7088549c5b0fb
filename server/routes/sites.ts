import { Router } from 'express';
import { api } from '#contract';
import { parseUrl } from '#core/link';
import { isWritten } from '#core/site';
import type { SiteGateway } from '../gateways/sites.ts';
import { Refusal } from '../problem.ts';
import { keepOwners } from '../store/owners.ts';
import { siteAccessJson } from '../store/models.ts';
import { addReading } from '../store/runs.ts';
import { addSite, deleteSite, findSite, listSites, restoreSite, saveSite, trySite } from '../store/sites.ts';
import { serve } from './serve.ts';

/** The sites of clients, and whose own their pages are. */
export function siteRoutes(gateway: SiteGateway): Router {
  const router = Router();
  serve(router, api.sites, async ({ parameters: { id } }) => ({ sites: await listSites(id) }));
  serve(router, api.addSite, async ({ parameters: { id }, body }) => ({
    id: await addSite(id, body, gateway),
  }));
  serve(router, api.saveSite, ({ parameters: { id }, body }) => saveSite(id, body, gateway));
  serve(router, api.deleteSite, ({ parameters: { id } }) => deleteSite(id));
  serve(router, api.restoreSite, ({ parameters: { id } }) => restoreSite(id));
  serve(router, api.trySite, ({ body }) => trySite(body, gateway));
  serve(router, api.readSite, async ({ parameters: { id } }) => {
    const { clientId, name, url, access } = await findSite(id);
    if (!isWritten(siteAccessJson.read(access)) && !parseUrl(url))
      throw new Refusal(
        422,
        'No address',
        'Type the address of the site first: its pages are read from there.',
      );
    return { id: await addReading(clientId, id, name) };
  });
  serve(router, api.saveOwners, ({ parameters: { id }, body: { owners } }) => keepOwners(id, owners));
  return router;
}
