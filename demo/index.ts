import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

export { clients as demoClients } from './clients.ts';
export { drawPhoto } from './photos.ts';

/** Folder of the demo's sites, one folder a domain. */
export const sitesFolder = join(import.meta.dirname, 'sites');

/** The streets and house numbers of the demo's towns, as GeoJSON. */
export const streetMapFile = join(import.meta.dirname, 'streets.geojson');

/** The pages of a demo site. */
export function sitePages(domain: string): readonly { readonly path: string; readonly bytes: Buffer }[] {
  const folder = join(sitesFolder, domain);
  return readdirSync(folder)
    .filter((name) => name.endsWith('.html'))
    .sort()
    .map((path) => ({ path, bytes: readFileSync(join(folder, path)) }));
}
