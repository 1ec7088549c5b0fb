import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BusinessRecord } from '#core/record';
import type { SiteAccess } from '#core/site';
import { guardedFetcher } from '#outside/fetcher.ts';
import { KEY_BYTES, SiteGateway } from '#server/gateways/sites.ts';
import { addClient } from '#server/store/clients.ts';
import { addReading, addRun, publishRun, showRun } from '#server/store/runs.ts';
import { showJob } from '#server/store/jobs.ts';
import { addSite } from '#server/store/sites.ts';
import { importBranches } from '#server/store/imports.ts';
import { readImport } from '#server/threads/importWork.ts';
import { beginVerifying } from '#server/store/verifications.ts';
import { openTestServer } from '#server/testing.ts';
import { siteHost } from '#standins/siteHost/main.ts';
import { hostKeyIn, sftpServer } from '#standins/siteHost/sftp.ts';
import { demoUser } from '#standins/siteHost/siteFiles.ts';
import { start, stop } from '../start/testDatabase.ts';
import { median, type Figure } from './ratio.ts';

const PAGES = 600;
const BYTES = 50_000;
const DOMAIN = 'bench.example';
const WORDS =
  'we look after your animals by the harbour every day of the year and answer each call within hours our rooms are light and warm with a garden behind the house for dogs cats and birds of all sizes'.split(
    ' ',
  );

/** Every page has words of its own, and some numbers: what was searched for one page says nothing of the next. */
function paragraph(page: string, at: number): string {
  let seed = Number(page) * 7919 + at * 104_729;
  const next = (below: number): number => (seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648) % below;
  const words = Array.from({ length: 11 }, () => WORDS[next(WORDS.length)] ?? '').join(' ');
  return `<p class="text">${words}${next(8) === 0 ? ` ${String(next(900))}` : ''}, <b>page ${page}</b>.</p>\n`;
}

/** Runs over many pages of a site, over SFTP and over WebDAV: read, previewed, published, verified. */
export async function benchRuns(record: BusinessRecord): Promise<readonly Figure[]> {
  await start();
  const sites = mkdtempSync(join(tmpdir(), 'zinc-bench-'));
  const { key, fingerprint } = hostKeyIn(join(sites, '.key'));
  const [http, ssh] = [createServer(siteHost(sites)), sftpServer(sites, key)];
  await new Promise<void>((resolve) => void http.listen(0, '127.0.0.1', resolve));
  await new Promise<void>((resolve) => void ssh.listen(0, '127.0.0.1', () => resolve()));
  const at = (one: { address: () => unknown }): string =>
    `127.0.0.1:${String((one.address() as AddressInfo).port)}`;
  const gateway = new SiteGateway(Buffer.alloc(KEY_BYTES, 1), {
    folders: [],
    standin: { http: at(http), ssh: at(ssh) },
  });
  const server = await openTestServer({ fetcher: guardedFetcher(at(http)), gateway });
  const runner = server.runner();
  runner.start();
  const { user } = demoUser;
  try {
    layOut(join(sites, DOMAIN));
    const sftp = await benchSite('SFTP', record, gateway, {
      way: 'sftp',
      host: DOMAIN,
      port: 22,
      user,
      folder: `/${DOMAIN}`,
      hostKey: fingerprint,
    });
    layOut(join(sites, DOMAIN));
    const webdav: SiteAccess = { way: 'webdav', address: `https://dav.${DOMAIN}/`, user };
    return [...sftp, ...(await benchSite('WebDAV', record, gateway, webdav))];
  } finally {
    await runner.stop();
    http.close();
    http.closeAllConnections();
    ssh.close();
    await server.close();
    rmSync(sites, { recursive: true, force: true });
    await stop();
  }
}

function layOut(folder: string): void {
  mkdirSync(folder, { recursive: true });
  for (let page = 0; page < PAGES; page += 1)
    writeFileSync(join(folder, `${String(page)}.html`), pageOf(String(page)));
}

/** A client with a branch for each page, and what its run takes. */
async function benchSite(
  name: string,
  record: BusinessRecord,
  gateway: SiteGateway,
  access: SiteAccess,
): Promise<readonly Figure[]> {
  const figures: Figure[] = [];
  const perSecond = async (what: string, target: number, act: () => Promise<unknown>): Promise<void> => {
    const value = (PAGES * 1000) / (await median(1, act));
    figures.push({ what: `pages ${what} a second, over ${name}`, value, unit: '/s', target, atLeast: true });
  };
  const clientId = await addClient(name);
  const branches = Array.from({ length: PAGES }, (_, page) => ({
    label: `${String(page)}.html`,
    record: { ...record, id: '', url: `https://${DOMAIN}/${String(page)}.html` },
  }));
  const read = readImport(Buffer.from(JSON.stringify({ branches })));
  if (!read.ok) throw new Error('The branches of the bench cannot be read.');
  await importBranches(clientId, read.pieces, 'bench');
  const secret = { password: demoUser.password, privateKey: '', passphrase: '' };
  const siteId = await addSite(clientId, { name, url: `https://${DOMAIN}/`, access, secret }, gateway);
  await perSecond('read', 25, async () => settled(await addReading(clientId, siteId, name)));
  let run = 0;
  await perSecond('previewed', 60, async () => {
    run = await addRun(clientId, { act: 'place', rules: [OWN_PAGES] });
    await settled(run);
  });
  await perSecond('published', 25, async () => {
    await publishRun(run);
    if ((await settled(run)).counts['written'] !== PAGES) throw new Error('not all pages were published');
  });
  await perSecond('verified', 25, async () => {
    const job = await beginVerifying(clientId);
    while ((await showJob(job)).state !== 'done') await pause();
  });
  return figures;
}

function pageOf(title: string): string {
  let body = '';
  for (let at = 0; body.length < BYTES; at += 1) body += paragraph(title, at);
  return `<!doctype html><html lang="en"><head><title>${title}</title></head><body>\n${body}</body></html>`;
}

const OWN_PAGES = {
  name: '',
  pages: { kind: 'own' },
  branch: null,
  form: 'jsonld',
  at: 'head',
  existing: 'keep',
  corrects: [],
  output: null,
} as const;

/** A run is asked for as often as the interface does. */
const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 500));

async function settled(id: number) {
  for (;;) {
    const run = await showRun(id);
    if (run.state !== 'previewing' && run.state !== 'publishing') return run;
    await pause();
  }
}
