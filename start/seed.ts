import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Op } from 'sequelize';
import { demoClients, drawPhoto, type sitePages } from '#demo';
import { parseUrl } from '#core/link';
import { markupOf, placeInBytes, usualPlacement } from '#core/page';
import { firstStamp, policiesOf, readCarried, type StampSettings } from '#core/photo';
import { recordSchema, type BusinessRecord } from '#core/record';
import type { SiteAccess } from '#core/site';
import type { Fetcher } from '#outside/fetcher.ts';
import { judgeSent, verifyLive } from '#outside/livePage.ts';
import { robotsOf } from '#outside/robots.ts';
import { digestOfImage } from '#outside/stamper.ts';
import { folderPhotoStore, type PhotoStore } from '#server/gateways/photoStore.ts';
import { SiteGateway } from '#server/gateways/sites.ts';
import { addBranch, findBranch, findClient, recordOf, saveDefaults } from '#server/store/branches.ts';
import { addClient } from '#server/store/clients.ts';
import { ChangeRow, ClientRow, defineModels, PlacementRow } from '#server/store/models.ts';
import { plannedPhotos } from '#server/store/photoPlan.ts';
import { allPhotos, keepPhoto, keepStamp } from '#server/store/photos.ts';
import { keepSitePages, keepSitePaths } from '#server/store/sitePages.ts';
import { openDatabase } from '#server/store/database.ts';
import { migrate } from '#server/store/migrations.ts';
import { addSite } from '#server/store/sites.ts';
import { comparedWith, keepVerification } from '#server/store/verifications.ts';
import { stampPhoto, taken } from '#server/threads/photoWork.ts';
import { hostKeyIn } from '#standins/siteHost/sftp.ts';
import { demoUser } from '#standins/siteHost/siteFiles.ts';
import { secretsKey } from './folder.ts';

type DemoClient = (typeof demoClients)[number];
type DemoBranch = DemoClient['branches'][number];
type Placed = Extract<DemoBranch, { placed: unknown }>['placed'];

/** Where the demo's sites stand, and how they are reached. */
interface DemoSites {
  /** The pages of one by its domain, as they were in the beginning. */
  readonly pages: typeof sitePages;
  /** The folder of the sites. */
  readonly sites: string;
  /** What secrets are sealed with. */
  readonly key: Buffer;
  /** The key of the site host, SHA-256 in base64. */
  readonly hostKey: string;
}

/** Where the folder of the data keeps what the demo needs. */
interface DataFiles {
  readonly photos: string;
  readonly sites: string;
  readonly key: string;
  readonly hostKey: string;
}

/**
 * Brings the tables of a database up to date, and puts the demo in, in place of what there is of it. The pages are
 * handed in: this runs from a bundle, which does not lie where they do.
 */
export async function seedDatabase(url: string, files: DataFiles, pages: typeof sitePages): Promise<void> {
  const database = openDatabase(url);
  await migrate(database);
  defineModels(database);
  // A start that was killed in the middle of this has left a part of it.
  await removeDemo();
  await seedDemo(folderPhotoStore(files.photos), {
    pages,
    sites: files.sites,
    key: Buffer.from(secretsKey(files.key), 'base64'),
    hostKey: hostKeyIn(files.hostKey).fingerprint,
  });
  await database.close();
}

/** Puts the demo's clients into the database, with their sites, pages and photos. */
async function seedDemo(photos: PhotoStore, demo: DemoSites): Promise<void> {
  for (const client of demoClients) {
    const clientId = await addClient(client.name, client.site);
    await saveDefaults(clientId, recordSchema.parse(client.defaults), 0);
    const site = { id: await addDemoSite(clientId, client, demo), clientId };
    // Nobody reads the files of a site that people write by hand.
    const files = client.way === 'hand' ? [] : demo.pages(client.site);
    const pages = new Map((await keepSitePages(site, files)).map((page) => [page.path, page]));
    await keepSitePaths(
      site,
      files.map(({ path }) => path),
    );
    for (const branch of client.branches) {
      const branchId = await addBranch(clientId, branch.label, recordSchema.parse(branch.record));
      const placed = 'placed' in branch ? branch.placed : undefined;
      const page = placed && pages.get(placed.page);
      if (page) {
        const told = { ...(await recordOf(await findBranch(branchId))), telephone: placed.telephone };
        const bytes = placedBytes(page.bytes, told, placed);
        writeFileSync(join(demo.sites, client.site, page.path), bytes);
        await keepSitePages(site, [{ path: page.path, bytes }]);
        await PlacementRow.create({ pageId: page.id, branchId, form: 'jsonld', at: usualPlacement.jsonld });
        await verifyDemo(branchId, demo.sites);
      }
      await addPhotos(branchId, branch.photos, photos);
      // A branch that was looked after once has its photos stamped, with what was true then.
      if (placed) await stampPhotos(branchId, placed, photos);
    }
    // Nobody has done what the demo begins with.
    await ChangeRow.destroy({ where: { clientId } });
  }
}

async function addPhotos(branchId: number, scenes: DemoBranch['photos'], photos: PhotoStore): Promise<void> {
  for (const [at, scene] of scenes.entries()) {
    const bytes = await drawPhoto(scene, at % 2 === 0);
    const about = { ok: true, size: bytes.length, format: 'JPEG', carried: readCarried(bytes) } as const;
    const photo = { ...about, digest: digestOfImage(bytes) };
    await keepPhoto(branchId, { name: `${scene}.jpg` }, photo, () => photos.put([bytes]));
  }
}

/** Stamps the photos of a branch, all but the last, as they were stamped when its markup was placed. */
async function stampPhotos(branchId: number, { telephone }: Placed, store: PhotoStore): Promise<void> {
  const record = { ...(await recordOf(await findBranch(branchId))), telephone };
  const all = await allPhotos(branchId);
  const ids = new Set(all.slice(0, -1).map(({ id }) => id));
  const stamp: StampSettings = {
    ...firstStamp,
    wordings: { ...firstStamp.wordings, fileName: '{subject}-{town}-{number}' },
  };
  const planned = plannedPhotos(all, ids, record, stamp, stamp, String(new Date().getFullYear()));
  for (const photo of all) {
    const plan = planned.get(photo.id);
    const options = { policies: policiesOf(stamp) };
    if (!plan) continue;
    const outcome = await stampPhoto(store.location, photo.originalKey, plan.fields, options);
    if (!outcome.ok) continue;
    const { lines, remarks } = outcome;
    const kept = { ...plan, ownName: '', message: '', remarks: [...remarks], proof: [...lines] };
    await keepStamp(photo, await taken(outcome, store), kept);
  }
}

function addDemoSite(
  clientId: number,
  { site, way }: DemoClient,
  { key, hostKey }: DemoSites,
): Promise<number> {
  const gateway = new SiteGateway(key, { folders: [], standin: undefined });
  const { user, password } = demoUser;
  const accesses: Readonly<Record<DemoClient['way'], SiteAccess>> = {
    sftp: { way: 'sftp', host: `files.${site}`, port: 22, user, folder: `/${site}`, hostKey },
    webdav: { way: 'webdav', address: `https://dav.${site}/`, user },
    hand: { way: 'hand' },
  };
  const secret = way === 'hand' ? null : { password, privateKey: '', passphrase: '' };
  return addSite(clientId, { name: site, url: `https://${site}/`, access: accesses[way], secret }, gateway);
}

/** The page with what was placed on it once, and what has become of that since. */
function placedBytes(page: Buffer, record: BusinessRecord, { since }: Placed): Buffer {
  if (since === 'lost') return page;
  const placed = placeInBytes(page, 'jsonld', markupOf('jsonld', record, [record]), usualPlacement.jsonld);
  if (!placed.ok) throw new Error(placed.message);
  const bytes = Buffer.from(placed.bytes);
  if (since !== 'altered') return bytes;
  const altered = bytes.toString('latin1').replace(/"name": "([^"]+)"/, '"name": "$1 (closed)"');
  return Buffer.from(altered, 'latin1');
}

/** Reads a branch's page as the site host sends it: what a new user sees has been verified once. */
async function verifyDemo(branchId: number, sites: string): Promise<void> {
  const branch = await findBranch(branchId);
  const record = await recordOf(branch);
  const fetcher = fromFolder(sites);
  const live = await verifyLive(record.url, record, {
    fetcher,
    robots: robotsOf(fetcher),
    judge: (...words) => Promise.resolve(judgeSent(...words)),
  });
  await keepVerification(branch, comparedWith(branch, await findClient(branch.clientId)), live);
}

/** Answers for the demo's domains out of their folders. */
const fromFolder = (sites: string): Fetcher => ({
  isStandin: () => true,
  fetch: (url) => {
    const { hostname = '', pathname = '' } = parseUrl(url) ?? {};
    const file = join(sites, hostname, pathname.replace(/\/$/, '/index.html'));
    const isThere = existsSync(file);
    const bytes = isThere ? readFileSync(file) : Buffer.alloc(0);
    const status = isThere ? 200 : 404;
    const answer = { url, status, bytes, contentType: 'text/html', headers: {}, redirects: [] };
    return Promise.resolve({ ...answer, ok: true, milliseconds: 0 });
  },
});

/**
 * Takes what the demo put in out of the database for good, whatever has become of it. It is known by its mark:
 * a client of the user's own with the same name stays.
 */
async function removeDemo(): Promise<void> {
  await ClientRow.destroy({ where: { demo: { [Op.ne]: '' } }, force: true });
}
