/** Sites reached over SFTP and WebDAV, and runs over their pages: previewed, published, taken back. */
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import {
  allVerifiedSchema,
  ledgerSchema,
  linkTo,
  pageVersionsSchema,
  pagesSchema,
  runSourcesSchema,
  shownRunSchema,
  sitesSchema,
  triedSiteSchema,
  type RunInput,
  type ShownRun,
} from '#contract';
import { outputSchema } from '#core/record';
import type { PlacementRule } from '#core/site';
import { guardedFetcher } from '#outside/fetcher.ts';
import { larkspur } from '#sample';
import { siteHost } from '#standins/siteHost/main.ts';
import { hostKeyIn, sftpServer } from '#standins/siteHost/sftp.ts';
import { demoUser } from '#standins/siteHost/siteFiles.ts';
import { KEY_BYTES, SiteGateway } from './gateways/sites.ts';
import { RunRow, SiteRow } from './store/models.ts';
import { verifyDue } from './store/verifications.ts';
import { openTestServer, type TestServer } from './testing.ts';

const sites = mkdtempSync(join(tmpdir(), 'zinc-runs-'));
const { key, fingerprint } = hostKeyIn(join(sites, '.key'));
const http = createServer(siteHost(sites));
const ssh = sftpServer(sites, key);
let server: TestServer;
let runner: ReturnType<TestServer['runner']>;

const api = () => request(server.app);
const idOf = ({ body }: { body: unknown }): number => (body as { id: number }).id;
const post = async (path: string, body: object = {}, status = 201) =>
  idOf(await api().post(path).send(body).expect(status));

const secret = { password: demoUser.password, privateKey: '', passphrase: '' };
const sftp = {
  way: 'sftp',
  host: 'files.shop.example',
  port: 22,
  user: demoUser.user,
  folder: '/shop.example',
  hostKey: fingerprint,
} as const;

const towns = ['Truro', 'Falmouth', 'Penryn'];
const html = (town: string): string =>
  `<!doctype html>\r\n<html lang="en"><head><title>Shop ${town}</title></head><body><h1>${town}</h1><p>Call (360) 555-0142</p></body></html>\r\n`;
const file = (name: string, site = 'shop.example'): string => join(sites, site, name);
const onSite = (name: string, site?: string): string => readFileSync(file(name, site), 'utf8');

beforeAll(async () => {
  await new Promise<void>((resolve) => http.listen(0, '127.0.0.1', resolve));
  await new Promise<void>((resolve) => void ssh.listen(0, '127.0.0.1', () => resolve()));
  const at = (one: { address: () => unknown }): string =>
    `127.0.0.1:${String((one.address() as AddressInfo).port)}`;
  server = await openTestServer({
    fetcher: guardedFetcher(at(http)),
    gateway: new SiteGateway(Buffer.alloc(KEY_BYTES, 3), {
      folders: [sites],
      standin: { http: at(http), ssh: at(ssh) },
    }),
  });
  runner = server.runner();
  runner.start();
});
afterAll(async () => {
  await runner.stop();
  http.close();
  http.closeAllConnections();
  ssh.close();
  await server.close();
});

/** A client with a branch and a page for each town on its site. */
async function layOut(domain: string): Promise<{ clientId: number; branches: readonly number[] }> {
  mkdirSync(join(sites, domain, 'shops'), { recursive: true });
  writeFileSync(file('index.html', domain), '<!doctype html><title>Home</title><p>All our shops');
  const clientId = await post('/api/clients', { name: domain });
  const branches: number[] = [];
  for (const town of towns) {
    writeFileSync(file(`shops/${town.toLowerCase()}.html`, domain), html(town));
    const record = {
      ...larkspur,
      name: `Shop ${town}`,
      id: '',
      url: `https://${domain}/shops/${town.toLowerCase()}.html`,
      address: { ...larkspur.address, addressLocality: town },
    };
    branches.push(await post(linkTo('addBranch', { id: clientId }), { label: town, record }));
  }
  return { clientId, branches };
}

async function addSite(clientId: number, access: object = sftp, domain = 'shop.example'): Promise<number> {
  return post(linkTo('addSite', { id: clientId }), {
    name: domain,
    url: `https://${domain}`,
    access,
    secret,
  });
}

async function settled(id: number): Promise<ShownRun> {
  for (;;) {
    const run = shownRunSchema.parse((await api().get(linkTo('run', { id })).expect(200)).body);
    if (!['previewing', 'publishing'].includes(run.state)) return run;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

const begin = async (clientId: number, input: RunInput): Promise<ShownRun> =>
  settled(await post(linkTo('addRun', { id: clientId }), input, 202));
async function publish(id: number): Promise<ShownRun> {
  await api().post(linkTo('publishRun', { id })).expect(204);
  return settled(id);
}
const read = async (siteId: number): Promise<ShownRun> =>
  settled(await post(linkTo('readSite', { id: siteId }), {}, 202));
const pagesOf = async (id: number) =>
  pagesSchema.parse((await api().get(linkTo('pages', { id })).expect(200)).body).pages;

const ownRule: PlacementRule = {
  name: 'Own pages',
  pages: { kind: 'own' },
  branch: null,
  form: 'jsonld',
  at: 'head',
  existing: 'keep',
  corrects: [],
  output: null,
};
const ownPages: RunInput = { act: 'place', rules: [ownRule] };

describe.each([
  ['SFTP', 'shop.example', sftp],
  [
    'WebDAV',
    'dav-shop.example',
    { way: 'webdav', address: 'https://dav.dav-shop.example/', user: demoUser.user },
  ],
  ['a folder', 'folder-shop.example', { way: 'folder', folder: join(sites, 'folder-shop.example') }],
])('a site over %s', (_, domain, access) => {
  test('is read, placed on by one rule, proved live, brought up to date and taken back to the byte', async () => {
    const { clientId, branches } = await layOut(domain);
    const siteId = await addSite(clientId, access, domain);
    expect((await read(siteId)).state).toBe('done');
    const pages = await pagesOf(clientId);
    expect(pages.map(({ path, ownBranch, url }) => [path, ownBranch?.label, url])).toEqual([
      ['index.html', undefined, `https://${domain}/`],
      ['shops/falmouth.html', 'Falmouth', `https://${domain}/shops/falmouth.html`],
      ['shops/penryn.html', 'Penryn', `https://${domain}/shops/penryn.html`],
      ['shops/truro.html', 'Truro', `https://${domain}/shops/truro.html`],
    ]);

    const preview = await begin(clientId, ownPages);
    expect(preview).toMatchObject({ state: 'ready', title: 'Own pages', counts: { planned: 3 } });
    expect(preview.pages[0]).toMatchObject({
      before: { items: { jsonld: 0 } },
      after: { items: { jsonld: 1 } },
    });
    // Nothing has changed yet.
    expect(onSite('shops/truro.html', domain)).toBe(html('Truro'));

    expect(await publish(preview.id)).toMatchObject({ state: 'done', counts: { written: 3 }, problem: '' });
    expect(onSite('shops/truro.html', domain)).toContain('"name": "Shop Truro"');
    expect(
      (await pagesOf(clientId)).flatMap(({ placements }) => placements.map(({ state }) => state)),
    ).toEqual(['proved', 'proved', 'proved']);

    // The number changes: everything that carries it is known, and is brought up to date in one run.
    await post(linkTo('verifyAll', { id: clientId }), {}, 202);
    await verified(clientId, 3);
    const record = {
      ...larkspur,
      name: 'Shop Truro',
      id: '',
      url: `https://${domain}/shops/truro.html`,
      telephone: '(360) 555-0199',
    };
    await api()
      .put(linkTo('saveRecord', { id: branches[0] ?? 0 }))
      .send({ record, version: 0 })
      .expect(200);
    const ledger = ledgerSchema.parse(
      (
        await api()
          .get(linkTo('ledger', { id: clientId }))
          .expect(200)
      ).body,
    );
    expect(ledger.pages).toHaveLength(1);
    expect(ledger.pages[0]).toMatchObject({ path: 'shops/truro.html', branchLabel: 'Truro' });
    expect(ledger.pages[0]?.changes).toContainEqual({
      label: 'Telephone',
      carried: '+1 360 555 0142',
      now: '+1 360 555 0199',
    });
    expect(ledger.live).toMatchObject([{ branchLabel: 'Truro', state: 'not-read-since' }]);
    const renewed = await begin(clientId, { act: 'renew', pages: null, corrects: true });
    expect(renewed.counts).toEqual({ planned: 1 });
    // With it goes what visitors read of the old number.
    expect(renewed.pages[0]?.told).toEqual([
      expect.stringMatching(/^Line \d+: “\(360\) 555-0142” was put right to “\(360\) 555-0199”\.$/),
    ]);
    await publish(renewed.id);
    expect(onSite('shops/truro.html', domain)).toContain('360 555 0199');
    expect(onSite('shops/truro.html', domain)).toContain('<p>Call (360) 555-0199</p>');

    // Both runs are taken back, the newer first.
    for (const id of [renewed.id, preview.id])
      expect(await settled(await post(linkTo('undoRun', { id }), {}, 202))).toMatchObject({ state: 'done' });
    for (const town of towns) expect(onSite(`shops/${town.toLowerCase()}.html`, domain)).toBe(html(town));
    expect((await pagesOf(clientId)).flatMap(({ placements }) => placements)).toEqual([]);
    await api()
      .post(linkTo('undoRun', { id: preview.id }))
      .expect(409);
  });
});

/** What was last read on so many live pages, once all of it was read since then (ISO 8601). */
async function verified(clientId: number, count: number, since = '') {
  for (;;) {
    const { body } = (await api()
      .get(linkTo('verified', { id: clientId }))
      .expect(200)) as { body: unknown };
    const all = allVerifiedSchema.parse(body).verified;
    if (all.length >= count && all.every(({ live }) => live.time >= since)) return all;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

describe('a page that somebody changes between preview and publishing', () => {
  test('stays as they made it, with base, theirs and ours to look at, and the others are published', async () => {
    const { clientId } = await layOut('meanwhile.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/meanwhile.example' }, 'meanwhile.example');
    await read(siteId);
    const { id } = await begin(clientId, ownPages);
    const theirs = html('Penryn').replace('Call', 'Please call');
    writeFileSync(file('shops/penryn.html', 'meanwhile.example'), theirs);
    const run = await publish(id);
    expect(run.counts).toEqual({ written: 2, changed: 1 });
    expect(run.problem).toContain('1 page changed meanwhile');
    expect(onSite('shops/penryn.html', 'meanwhile.example')).toBe(theirs);
    const page = run.pages.find(({ state }) => state === 'changed');
    const sources = runSourcesSchema.parse(
      (
        await api()
          .get(linkTo('runSources', { id, page: page?.id ?? 0 }))
          .expect(200)
      ).body,
    );
    expect(sources.before).toBe(html('Penryn'));
    expect(sources.theirs).toBe(theirs);
    expect(sources.after).toContain('application/ld+json');
    // A new preview begins from theirs.
    const again = await begin(clientId, ownPages);
    expect(again.counts).toEqual({ same: 2, planned: 1 });
    await publish(again.id);
    expect(onSite('shops/penryn.html', 'meanwhile.example')).toContain('Please call');
    expect(onSite('shops/penryn.html', 'meanwhile.example')).toContain('application/ld+json');
  });

  test('is not taken back over them either', async () => {
    const { clientId } = await layOut('back.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/back.example' }, 'back.example');
    await read(siteId);
    const { id } = await begin(clientId, ownPages);
    await publish(id);
    const theirs = onSite('shops/truro.html', 'back.example').replace('Call', 'Ring');
    writeFileSync(file('shops/truro.html', 'back.example'), theirs);
    const back = await settled(await post(linkTo('undoRun', { id }), {}, 202));
    expect(back.counts).toEqual({ written: 2, changed: 1 });
    expect(onSite('shops/truro.html', 'back.example')).toBe(theirs);
    expect(onSite('shops/penryn.html', 'back.example')).toBe(html('Penryn'));
  });
});

describe('a run', () => {
  test('leaves pages alone that are nobody’s, or another branch’s, and says why', async () => {
    const { clientId, branches } = await layOut('rules.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/rules.example' }, 'rules.example');
    await read(siteId);
    const every = await begin(clientId, { act: 'place', rules: [{ ...ownRule, pages: { kind: 'every' } }] });
    expect(every.counts).toEqual({ planned: 3, refused: 1 });
    expect(every.pages.find(({ state }) => state === 'refused')?.problem).toContain('whose page');
    const one = await begin(clientId, {
      act: 'place',
      rules: [{ ...ownRule, pages: { kind: 'every' }, branch: branches[0] ?? 0 }],
    });
    expect(one.counts).toEqual({ planned: 2, refused: 2 });
    // Somebody says whose the home page is.
    const home = (await pagesOf(clientId)).find(({ path }) => path === 'index.html');
    await api()
      .put(linkTo('saveOwners', { id: clientId }))
      .send({ owners: [{ page: home?.id, branch: branches[1] }] })
      .expect(204);
    expect((await begin(clientId, ownPages)).counts).toEqual({ planned: 4 });
    await api()
      .delete(linkTo('discardRun', { id: one.id }))
      .expect(204);
    await api()
      .get(linkTo('run', { id: one.id }))
      .expect(404);
  });

  test('tells a record in its own way where the rule says so, and knows it again', async () => {
    const { clientId } = await layOut('line.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/line.example' }, 'line.example');
    await read(siteId);
    const output = outputSchema.parse({ block: { lines: 'one' } });
    const footer: PlacementRule = { ...ownRule, form: 'microdata', at: 'body-end', output };
    const { id } = await begin(clientId, { act: 'place', rules: [footer] });
    expect(await publish(id)).toMatchObject({ counts: { written: 3 } });
    const states = (await pagesOf(clientId)).flatMap(({ placements }) =>
      placements.map(({ state }) => state),
    );
    expect(states).toEqual(['proved', 'proved', 'proved']);
    expect((await begin(clientId, { act: 'renew', pages: null, corrects: true })).counts).toEqual({});
    const several = await begin(clientId, { act: 'place', rules: [{ ...footer, output: null }] });
    expect(several.counts).toEqual({ planned: 3 });
  });

  test('alone changes a page of a site: the copy here never differs from what stands there', async () => {
    const { clientId, branches } = await layOut('alone.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/alone.example' }, 'alone.example');
    await read(siteId);
    const page = (await pagesOf(clientId)).find(({ path }) => path === 'shops/truro.html');
    await api()
      .put(linkTo('place', { id: page?.id ?? 0 }))
      .send({ branchId: branches[0], form: 'jsonld', at: 'head' })
      .expect(409);
    await api()
      .delete(linkTo('removePlaced', { id: page?.id ?? 0, form: 'jsonld' }))
      .expect(409);
    expect((await pagesOf(clientId)).flatMap(({ placements }) => placements)).toEqual([]);
  });

  test('goes back to any version that a page had', async () => {
    const { clientId } = await layOut('versions.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/versions.example' }, 'versions.example');
    await read(siteId);
    const { id } = await begin(clientId, ownPages);
    await publish(id);
    const page = (await pagesOf(clientId)).find(({ path }) => path === 'shops/truro.html');
    const { body } = await api()
      .get(linkTo('pageVersions', { id: page?.id ?? 0 }))
      .expect(200);
    const { versions } = pageVersionsSchema.parse(body);
    expect(versions.map(({ isNow }) => isNow)).toEqual([true, false]);
    const first = { id: page?.id ?? 0, digest: versions.at(-1)?.digest ?? '' };
    const back = await begin(clientId, { act: 'version', pages: [first] });
    expect(back.counts).toEqual({ planned: 1 });
    await publish(back.id);
    expect(onSite('shops/truro.html', 'versions.example')).toBe(html('Truro'));
    expect((await pagesOf(clientId)).find(({ id: one }) => one === page?.id)?.placements).toEqual([]);
  });

  test('publishes nothing without its site, keeps what is planned, and goes on when it is back', async () => {
    const { clientId } = await layOut('away.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/away.example' }, 'away.example');
    await read(siteId);
    const { id } = await begin(clientId, ownPages);
    const away = { name: 'away', url: 'https://away.example', access: { ...sftp, folder: '/away.example' } };
    await api()
      .put(linkTo('saveSite', { id: siteId }))
      .send({ ...away, secret: { ...secret, password: 'wrong-secret-word' } })
      .expect(204);
    const failed = await publish(id);
    expect(failed).toMatchObject({ state: 'paused', counts: { failed: 3 } });
    expect(JSON.stringify(failed)).not.toContain('wrong-secret-word');
    expect(onSite('shops/truro.html', 'away.example')).toBe(html('Truro'));
    await api()
      .put(linkTo('saveSite', { id: siteId }))
      .send({ ...away, secret })
      .expect(204);
    expect(await publish(id)).toMatchObject({ state: 'done', counts: { written: 3 } });
  });

  test('that two publish at once is published once', async () => {
    const { clientId } = await layOut('twice.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/twice.example' }, 'twice.example');
    await read(siteId);
    const { id } = await begin(clientId, ownPages);
    const other = server.runner();
    other.start();
    await Promise.all([1, 2, 3].map(() => api().post(linkTo('publishRun', { id }))));
    const run = await settled(id);
    await other.stop();
    expect(run.counts).toEqual({ written: 3 });
    expect(onSite('shops/truro.html', 'twice.example').match(/zinc-post jsonld begin/g)).toHaveLength(1);
  });

  test('that is seen ready can be published in that instant', async () => {
    const { clientId } = await layOut('instant.example');
    const siteId = await addSite(clientId, { ...sftp, folder: '/instant.example' }, 'instant.example');
    await read(siteId);
    const states: string[] = [];
    for (let time = 0; time < 8; time += 1) {
      const id = await post(linkTo('addRun', { id: clientId }), ownPages, 202);
      // Without a pause: the preview is seen the moment that it is kept.
      while ((await RunRow.findByPk(id, { attributes: ['state'] }))?.state === 'previewing');
      await api().post(linkTo('publishRun', { id })).expect(204);
      states.push((await settled(id)).state);
    }
    expect(states).toEqual(Array.from({ length: 8 }, () => 'done'));
  });

  test('over pages that were handed in works alike, without a site', async () => {
    const { clientId, branches } = await layOut('handed.example');
    for (const town of towns)
      await api()
        .post(linkTo('addPages', { id: clientId }))
        .attach('file', Buffer.from(html(town)), { filepath: `shops/${town.toLowerCase()}.html` } as never)
        .expect(201);
    const { id, counts } = await begin(clientId, ownPages);
    expect(counts).toEqual({ planned: 3 });
    await publish(id);
    const [page] = await pagesOf(clientId);
    expect(page?.placements).toMatchObject([{ state: 'proved', branchId: branches[1] }]);
    await settled(await post(linkTo('undoRun', { id }), {}, 202));
    const back = await api()
      .get(linkTo('pageFile', { id: page?.id ?? 0 }))
      .buffer(true);
    expect((back.body as Buffer).toString()).toBe(html('Falmouth'));
  });
});

describe('a site', () => {
  test('is told without what signs in there, which is sealed, and goes to no other host', async () => {
    const { clientId } = await layOut('secret.example');
    const id = await addSite(clientId);
    const told = await api()
      .get(linkTo('sites', { id: clientId }))
      .expect(200);
    expect(sitesSchema.parse(told.body).sites).toMatchObject([{ id, hasSecret: true }]);
    expect(told.text).not.toContain(demoUser.password);
    const row = await SiteRow.findByPk(id);
    expect(row?.secret?.toString('latin1')).not.toContain(demoUser.password);
    const trial = (access: object) =>
      api().post('/api/sites/try').send({ access, id, secret: null }).expect(200);
    expect(triedSiteSchema.parse((await trial(sftp)).body)).toMatchObject({ ok: true, pages: 4 });
    expect(triedSiteSchema.parse((await trial({ ...sftp, hostKey: '' })).body)).toMatchObject({
      ok: false,
      hostKey: fingerprint,
    });
    // The kept secret is not sent to a host that somebody else names.
    const elsewhere = triedSiteSchema.parse((await trial({ ...sftp, host: 'evil.shop.example' })).body);
    expect(elsewhere).toMatchObject({ ok: false });
    expect(elsewhere.problem).toContain('does not take');
    await api()
      .put(linkTo('saveSite', { id }))
      .send({ name: 'x', url: 'https://shop.example', access: { ...sftp, host: 'evil.shop.example' } })
      .expect(204);
    expect((await SiteRow.findByPk(id))?.secret).toBeNull();
  });

  test('that is deleted comes back with its pages', async () => {
    const { clientId } = await layOut('gone.example');
    const id = await addSite(clientId, { ...sftp, folder: '/gone.example' }, 'gone.example');
    await read(id);
    await api().delete(linkTo('deleteSite', { id })).expect(204);
    expect(await pagesOf(clientId)).toEqual([]);
    await api().post(linkTo('restoreSite', { id })).expect(204);
    expect(await pagesOf(clientId)).toHaveLength(4);
  });

  test('whose host shows a page that is gone loses it here, and finds new ones', async () => {
    const { clientId } = await layOut('moves.example');
    const id = await addSite(
      clientId,
      { way: 'folder', folder: join(sites, 'moves.example') },
      'moves.example',
    );
    await read(id);
    writeFileSync(file('shops/new.html', 'moves.example'), html('Truro'));
    const { unlinkSync } = await import('node:fs');
    unlinkSync(file('shops/penryn.html', 'moves.example'));
    await read(id);
    expect((await pagesOf(clientId)).map(({ path }) => path)).toEqual([
      'index.html',
      'shops/falmouth.html',
      'shops/new.html',
      'shops/truro.html',
    ]);
  });

  test('by hand is done when its live page is proved, and noticed when somebody changes it', async () => {
    const { clientId, branches } = await layOut('hand.example');
    const [branchId = 0] = branches;
    await post(linkTo('addSite', { id: clientId }), {
      name: 'hand',
      url: 'https://hand.example',
      access: { way: 'hand' },
    });
    const stepOf = async (): Promise<unknown> =>
      (
        (
          await api()
            .get(linkTo('branches', { id: clientId }))
            .expect(200)
        ).body as {
          branches: { id: number; steps: { pages: unknown } }[];
        }
      ).branches.find(({ id }) => id === branchId)?.steps.pages;
    expect(await stepOf()).toMatchObject({ state: 'missing', detail: 'to hand over' });
    const sheet = (
      await api()
        .get(linkTo('handOver', { id: branchId }))
        .expect(200)
    ).text;
    const pasted = /<textarea[^>]*>\n([\s\S]*?)<\/textarea>/.exec(sheet)?.[1] ?? '';
    const code = pasted
      .replace(/&lt;/g, '<')
      .replace(/&gt;/g, '>')
      .replace(/&quot;/g, '"')
      .replace(/&amp;/g, '&');
    writeFileSync(
      file('shops/truro.html', 'hand.example'),
      html('Truro').replace('</head>', () => `${code}</head>`),
    );
    await api()
      .post(linkTo('verifyLive', { id: branchId }))
      .expect(200);
    expect(await stepOf()).toEqual({ state: 'proved', detail: 'live page proved' });
    // The schedule begins it by itself, once however many look.
    await api()
      .put(linkTo('saveSchedule', { id: clientId }))
      .send({ verifies: 'daily' })
      .expect(204);
    writeFileSync(
      file('shops/truro.html', 'hand.example'),
      html('Truro').replace('</head>', () => `${code.replaceAll('360 555 0142', '360 555 0000')}</head>`),
    );
    const since = new Date().toISOString();
    const begun = await Promise.all([verifyDue(new Date()), verifyDue(new Date())]);
    expect(begun.reduce((sum, one) => sum + one, 0)).toBe(1);
    // One of the pages was read by hand before.
    const all = await verified(clientId, 3, since);
    expect(await stepOf()).toEqual({ state: 'out-of-date', detail: 'live page altered' });
    // The pictures that the record speaks of were looked at on the way.
    expect(all[0]?.live.elsewhere.map(({ label, state }) => [label, state])).toContainEqual([
      'Images',
      'gone',
    ]);
    expect(await verifyDue(new Date())).toBe(0);
  });

  test('by hand has its pages found on the live site, and matched; a run tells that nobody writes there', async () => {
    const { clientId } = await layOut('found.example');
    writeFileSync(
      file('index.html', 'found.example'),
      towns.map((town) => `<a href="/shops/${town.toLowerCase()}.html">${town}</a>`).join(''),
    );
    const siteId = await post(linkTo('addSite', { id: clientId }), {
      name: 'found',
      url: 'https://found.example',
      access: { way: 'hand' },
    });
    expect(await read(siteId)).toMatchObject({ state: 'done', problem: '' });
    const found = (await pagesOf(clientId)).map(({ path, ownBranch, proposal }) => [
      path,
      ownBranch !== null || proposal !== null,
    ]);
    expect(found).toEqual([
      ['index.html', false],
      ...towns.map((town) => [`shops/${town.toLowerCase()}.html`, true]).toSorted(),
    ]);
    expect((await pagesOf(clientId)).map(({ site }) => site?.isWritten)).toEqual(found.map(() => false));
    const run = await begin(clientId, { act: 'place', rules: [ownRule] });
    expect(
      run.pages.map(({ state, problem }) => [state, problem.includes('Nobody writes to this site')]),
    ).toEqual(towns.map(() => ['refused', true]));
  });

  test('tells of all branches on the home page, and of any that changes', async () => {
    const { clientId, branches } = await layOut('all.example');
    await addSite(clientId, { ...sftp, folder: '/all.example' }, 'all.example').then(read);
    const home = { ...ownRule, name: '', pages: { kind: 'pattern', pattern: 'index.html' } } as const;
    const { id } = await begin(clientId, {
      act: 'place',
      rules: [
        { ...home, form: 'organization' },
        { ...home, form: 'branches', at: 'body-end' },
      ],
    });
    expect((await publish(id)).counts).toEqual({ written: 1 });
    const text = onSite('index.html', 'all.example');
    expect(text.match(/"@id": "[^"]*truro.html#branch"/g)).toHaveLength(1);
    for (const town of towns) expect(text).toContain(`Shop ${town}`);
    const states = async () =>
      (await pagesOf(clientId)).flatMap(({ placements }) =>
        placements.map(({ form, state }) => [form, state]),
      );
    expect(await states()).toEqual([
      ['organization', 'proved'],
      ['branches', 'proved'],
    ]);
    const path = linkTo('saveRecord', { id: branches[2] ?? 0 });
    const { body } = await api().get(linkTo('branch', { id: branches[2] ?? 0 }));
    const { record, version } = body as { record: object; version: number };
    await api()
      .put(path)
      .send({ record: { ...record, telephone: '(360) 555-0188' }, version })
      .expect(200);
    // Machines are referred to the branch's own page; visitors read the number here.
    expect(await states()).toEqual([
      ['organization', 'proved'],
      ['branches', 'out-of-date'],
    ]);
    const renewing = await begin(clientId, { act: 'renew', pages: null, corrects: true });
    await publish(renewing.id);
    expect(onSite('index.html', 'all.example')).toContain('555-0188');
  });
});
