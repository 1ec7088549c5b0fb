import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Readable } from 'node:stream';
import { gzipSync } from 'node:zlib';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { Express } from 'express';
import request from 'supertest';
import {
  checkedSourceSchema,
  comparisonSchema,
  foundOnPageSchema,
  judgingSchema,
  keptChecksSchema,
  problemSchema,
  shownCheckSchema,
  type Found,
  type ShownCheck,
} from '#contract';
import { jsonLd, napBlock } from '#core/markup';
import { utf8Bytes } from '#core/text';
import { larkspur } from '#sample';
import { guardedFetcher } from '#outside/fetcher.ts';
import { zipOf } from '#outside/zip.ts';
import type { JobRunner } from './jobs/runner.ts';
import { CheckRow, JobRow } from './store/models.ts';
import { openTestServer, type TestServer } from './testing.ts';

const SITE = 'https://larkspurvane.example';
const page = (body: string): string => `<!doctype html><html lang="en"><title>x</title><body>${body}`;
const quay = { ...larkspur, id: `${SITE}/quay#branch`, url: `${SITE}/quay` };
const tallow = {
  ...larkspur,
  id: `${SITE}/tallow#branch`,
  url: `${SITE}/tallow`,
  address: { ...larkspur.address, streetAddress: '8 Bay Road', postalCode: '98277' },
  telephone: '(360) 555-0177',
};

/** A site on a host of its own: what it answers is set by each test. */
let pages: Record<string, string | ((answer: ServerResponse, asked: IncomingMessage) => void)> = {};
let asked: string[] = [];
let server: Server;
let application: TestServer;
let app: Express;
let runner: JobRunner;
let clientId: number;

beforeAll(async () => {
  server = createServer((incoming, answer) => {
    const path = incoming.url ?? '';
    asked.push(path);
    const found = pages[path];
    if (typeof found === 'function') found(answer, incoming);
    else if (found === undefined) answer.writeHead(404, { 'Content-Type': 'text/html' }).end('none');
    else answer.setHeader('Content-Type', path.endsWith('.xml') ? 'text/xml' : 'text/html').end(found);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const fetcher = guardedFetcher(`127.0.0.1:${String((server.address() as AddressInfo).port)}`);
  application = await openTestServer({ fetcher });
  app = application.app;
  runner = application.runner();
  runner.start();
});

afterAll(async () => {
  await runner.stop();
  await application.close();
  server.close();
});

const api = () => request(app);
const idOf = ({ body }: { body: unknown }): number => (body as { id: number }).id;
const at = (path: string): string => `/api/clients/${String(clientId)}${path}`;

beforeEach(async () => {
  pages = {};
  asked = [];
  clientId = idOf(await api().post('/api/clients').send({ name: 'Larkspur & Vane' }).expect(201));
  for (const [label, record] of Object.entries({ 'Quay Street': quay, 'Tallow Bay': tallow }))
    await api().post(at('/branches')).send({ label, record }).expect(201);
});

afterEach(async () => {
  await api().delete(`/api/clients/${String(clientId)}`);
});

type Ended = ShownCheck & { readonly findings: readonly Found[] };

async function ended(checkId: number): Promise<Ended> {
  for (;;) {
    const { body } = await api()
      .get(`/api/checks/${String(checkId)}`)
      .expect(200);
    const shown = shownCheckSchema.parse(body);
    if (!['waiting', 'running'].includes(shown.check.state)) {
      const found: Found[] = [];
      for (const { id } of shown.pages) {
        const answer = await api()
          .get(`/api/checks/${String(checkId)}/pages/${String(id)}/findings`)
          .expect(200);
        found.push(...foundOnPageSchema.parse(answer.body).findings);
      }
      return { ...shown, findings: [...shown.siteFindings, ...found] };
    }
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
}
const begin = async (source: object): Promise<number> =>
  idOf(await api().post(at('/checks')).send({ source }).expect(202));
const check = async (source: object): Promise<Ended> => ended(await begin(source));
const codesOf = ({ findings }: Ended): string[] => findings.map(({ finding }) => finding.code);

describe('a check of a site', () => {
  test('goes from link to link on its host, asks robots, and tells the worst first', async () => {
    pages = {
      '/robots.txt': 'User-agent: *\nDisallow: /private\n',
      '/': page(
        '<a href="/quay">Quay</a><a href="/tallow#x">Tallow</a><a href="/private">no</a><a href="https://other.example/">out</a><a href="/a.pdf">file</a><a href="/gone">gone</a>',
      ),
      '/quay': page(jsonLd(quay).text + napBlock(quay).text),
      '/tallow': page(jsonLd(quay).text),
      '/private': page('secret'),
    };
    const shown = await check({ kind: 'site', url: `${SITE}/` });
    expect(shown.check).toMatchObject({ state: 'done', total: shown.pages.length, title: `${SITE}/` });
    expect(shown.check.done).toBe(shown.check.total);
    expect(asked).not.toContain('/private');
    expect(asked).not.toContain('/a.pdf');
    const byUrl = new Map(shown.pages.map((one) => [one.url, one]));
    expect(byUrl.get(`${SITE}/private`)?.problem).toContain('robots.txt');
    expect(byUrl.get(`${SITE}/gone`)?.problem).toContain('status 404');
    expect(byUrl.get(`${SITE}/quay`)).toMatchObject({ read: true, status: 200, summary: { must: 0 } });
    expect(shown.findings[0]?.finding.code).toBe('agreement/wrong-branch');
    expect(shown.findings[0]?.page).toBe(`${SITE}/tallow`);
    expect(codesOf(shown)).toContain('agreement/no-page');
    // The home page describes no business and is not blamed for it.
    expect(
      shown.findings.some((one) => one.page === `${SITE}/` && one.finding.code === 'structure/no-business'),
    ).toBe(false);
    const tallowPage = byUrl.get(`${SITE}/tallow`);
    expect(tallowPage?.carries[0]).toMatchObject({ syntax: 'jsonld', name: larkspur.name });
    const { body } = await api()
      .get(`/api/checks/${String(shown.check.id)}/pages/${String(tallowPage?.id)}/source`)
      .expect(200);
    const source = checkedSourceSchema.parse(body);
    expect(source.text).toBe(pages['/tallow']);
    expect(source.headers['content-type']).toContain('text/html');
  });

  test('reads the sitemaps that a sitemap names, packed ones too', async () => {
    const urlset = (...urls: string[]): string =>
      `<?xml version="1.0"?><!DOCTYPE x [<!ENTITY e "${SITE}/evil">]><urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">${urls.map((url) => `<url><loc>${url}</loc></url>`).join('')}</urlset>`;
    pages = {
      '/sitemap.xml': `<sitemapindex xmlns="http://www.sitemaps.org/schemas/sitemap/0.9"><sitemap><loc>${SITE}/one.xml</loc></sitemap><sitemap><loc>${SITE}/two.xml.gz</loc></sitemap></sitemapindex>`,
      '/one.xml': urlset(`${SITE}/quay?a=1&amp;b=2`, '&e;', 'ftp://x.example/'),
      '/two.xml.gz': (answer) => answer.end(gzipSync(urlset(`${SITE}/tallow`))),
      '/quay?a=1&b=2': page(jsonLd(quay).text),
      '/tallow': page(jsonLd(tallow).text),
    };
    const shown = await check({ kind: 'sitemap', url: `${SITE}/sitemap.xml` });
    expect(shown.pages.map(({ url }) => url).sort()).toEqual([`${SITE}/quay?a=1&b=2`, `${SITE}/tallow`]);
    expect((await check({ kind: 'sitemap', url: `${SITE}/none.xml` })).check.message).toContain('status 404');
  });

  test('takes the pages in the application, under the addresses they will have', async () => {
    await api()
      .post(at('/pages'))
      .attach('file', Buffer.from(page(jsonLd(quay).text + napBlock(quay).text)), 'quay')
      .expect(201);
    await api()
      .post(at('/pages'))
      .attach('file', Buffer.from(page('<p>Home')), 'index.html')
      .expect(201);
    const shown = await check({ kind: 'pages' });
    expect(shown.pages.map(({ url }) => url)).toEqual([`${SITE}/`]);
    expect(asked).toEqual([]);
  });

  test('of files and zips reads their pages and says what it left out', async () => {
    const quayPage = () => Promise.resolve(Readable.from([page(jsonLd(quay).text)]));
    const zip = zipOf([{ path: 'a/quay.html', open: quayPage }]);
    const chunks: Buffer[] = [];
    for await (const chunk of zip) chunks.push(Buffer.from(chunk as Uint8Array));
    const { body } = await api()
      .post(at('/checks/files'))
      .attach('files', Buffer.concat(chunks), 'site.zip')
      .attach('files', Buffer.from('{"@context":"https://schema.org","@type":"Store",}'), 'x.jsonld')
      .attach('files', Buffer.from('picture'), 'x.png')
      .expect(202);
    const shown = await ended((body as { id: number }).id);
    expect(shown.pages.map(({ url }) => url).sort()).toEqual(['a/quay.html', 'x.jsonld']);
    expect(codesOf(shown)).toContain('syntax/trailing-comma');
    expect(shown.check.message).toContain('x.png');
    const refused = await api()
      .post(at('/checks/files'))
      .attach('files', Buffer.from('x'), 'x.png')
      .expect(422);
    expect(problemSchema.parse(refused.body).detail).toContain('None of these files is a page');
  });

  test('of a single source keeps what the host answered, whatever encoding the page names', async () => {
    const answer = {
      url: `${SITE}/quay`,
      status: 200,
      headers: { 'content-type': 'text/html; charset=windows-1252', etag: '"7"' },
      milliseconds: 12.4,
    };
    const source = page(`<meta charset="windows-1252"><p>café</p>${jsonLd(quay).text}`);
    const send = (told: string) =>
      api()
        .post(at('/checks/files'))
        .field('url', `${SITE}/quay`)
        .field('answer', told)
        .attach('files', Buffer.from(utf8Bytes(source)), 'quay.html');
    const shown = await ended(idOf(await send(JSON.stringify(answer)).expect(202)));
    const [kept] = shown.pages;
    expect(kept).toMatchObject({ url: `${SITE}/quay`, finalUrl: '', status: 200, milliseconds: 12 });
    const address = `/api/checks/${String(shown.check.id)}/pages/${String(kept?.id)}`;
    const found = foundOnPageSchema.parse((await api().get(`${address}/findings`).expect(200)).body);
    expect(found.answer).toMatchObject({ status: 200, headers: answer.headers });
    const again = checkedSourceSchema.parse((await api().get(`${address}/source`).expect(200)).body);
    expect(again.text).toBe(source);
    await send('{"status":"odd"}').expect(400);
    await send('{').expect(400);
  });

  test('tells which pages contradict each other, in kept words', async () => {
    pages = {
      '/quay': page(jsonLd(quay).text),
      '/about': page(jsonLd({ ...quay, telephone: '(360) 555-0188' }).text),
    };
    const shown = await check({ kind: 'urls', urls: [`${SITE}/quay`, `${SITE}/about`] });
    expect(shown.pages.map(({ problem }) => problem)).toEqual(['', '']);
    expect(shown.siteFindings).toMatchObject([
      { page: `${SITE}/about`, finding: { code: 'agreement/pages', property: 'telephone' } },
    ]);
    expect(shown.check.summary.must).toBeGreaterThan(0);

    // Asked in the moment in which it ends, it is never told as done without what it found.
    const { id } = shown.check;
    const row = await CheckRow.findByPk(id, { rejectOnEmpty: true });
    const where = { checkId: id };
    await CheckRow.update({ siteFindings: '[]' }, { where: { id } });
    await JobRow.update({ state: 'running', leasedUntil: new Date(Date.now() + 60_000) }, { where });
    const read = jest.spyOn(CheckRow, 'findByPk').mockImplementationOnce(async () => {
      const before = await CheckRow.findByPk(id);
      await CheckRow.update({ siteFindings: row.siteFindings }, { where: { id } });
      await JobRow.update({ state: 'done', leasedUntil: null }, { where });
      return before;
    });
    const ending = shownCheckSchema.parse((await api().get(`/api/checks/${String(id)}`)).body);
    read.mockRestore();
    expect(ending.check.state).toBe('running');
    expect((await ended(id)).siteFindings).toEqual(shown.siteFindings);
  });

  test('tells of addresses that are none or lead inside, and reads the others', async () => {
    pages = { '/quay': page(jsonLd(quay).text) };
    const shown = await check({
      kind: 'urls',
      urls: [`${SITE}/quay`, 'http://127.0.0.1/x', 'file:///etc/passwd', 'nonsense'],
    });
    const problems = new Map(shown.pages.map(({ url, problem }) => [url, problem]));
    expect(problems.get(`${SITE}/quay`)).toBe('');
    expect(problems.get('http://127.0.0.1/x')).toContain('no place on the public web');
    expect(problems.get('file:///etc/passwd')).toContain('only http and https');
    expect(problems.get('nonsense')).toContain('no web address');
    await api()
      .post(at('/checks'))
      .send({ source: { kind: 'urls', urls: [] } })
      .expect(400);
  });

  test('gives a host the time it asks for', async () => {
    let refusals = 1;
    pages = {
      '/quay': (answer) => {
        if (refusals > 0) answer.writeHead(503, { 'Retry-After': '0' }).end();
        else answer.setHeader('Content-Type', 'text/html').end(page(jsonLd(quay).text));
        refusals -= 1;
      },
    };
    const shown = await check({ kind: 'urls', urls: [`${SITE}/quay`] });
    expect(shown.pages[0]).toMatchObject({ read: true, status: 200 });
    expect(asked.filter((path) => path === '/quay')).toHaveLength(2);
  });

  test('can be cancelled, and keeps what was read', async () => {
    // The host answers no more after a hundred pages, until it is let.
    let letAnswer: () => void = () => undefined;
    const answering = new Promise<void>((resolve) => {
      letAnswer = resolve;
    });
    for (let number = 0; number < 200; number += 1) {
      const text = page(`<p>${String(number)}`);
      pages[`/${String(number)}`] =
        number < 100 ? text : (answer) => void answering.then(() => answer.end(text));
    }
    const id = await begin({ kind: 'urls', urls: Object.keys(pages).map((path) => `${SITE}${path}`) });
    for (let done = 0; done === 0;) {
      const { body } = await api()
        .get(`/api/checks/${String(id)}`)
        .expect(200);
      done = shownCheckSchema.parse(body).check.done;
    }
    await api()
      .post(`/api/checks/${String(id)}/cancel`)
      .expect(204);
    letAnswer();
    const shown = await ended(id);
    expect(shown.check.state).toBe('cancelled');
    expect(shown.check.done).toBeLessThan(200);
    expect(shown.pages.filter(({ read }) => read).length).toBeGreaterThan(0);
  });
});

describe('kept checks', () => {
  test('are listed, compared, reported, deleted and brought back', async () => {
    pages = { '/quay': page(jsonLd(quay).text.replace('+1 360 555 0142', 'ring us') + napBlock(quay).text) };
    const before = await check({ kind: 'urls', urls: [`${SITE}/quay`] });
    pages = {
      '/quay': page(
        jsonLd(quay).text.replace('"@type": "PostalAddress"', '"@type": "PostalAdress"') +
          napBlock(quay).text,
      ),
    };
    const after = await check({ kind: 'urls', urls: [`${SITE}/quay`] });
    const { body } = await api()
      .get(`/api/checks/${String(before.check.id)}/compare/${String(after.check.id)}`)
      .expect(200);
    const compared = comparisonSchema.parse(body);
    expect(compared.gone.map(({ finding }) => finding.code)).toContain('value/telephone');
    expect(compared.new.map(({ finding }) => finding.code)).toContain('vocabulary/unknown-type');
    expect(compared.still.length + compared.new.length).toBe(after.findings.length);

    const html = await api()
      .get(`/api/checks/${String(before.check.id)}/report.html`)
      .expect(200);
    expect(html.headers['content-disposition']).toContain('attachment');
    expect(html.text).toContain('“ring us”');
    expect(html.text).not.toMatch(/<(script|img|link|a|iframe|object)\b/);
    const csv = await api()
      .get(`/api/checks/${String(before.check.id)}/report.csv`)
      .expect(200);
    expect(csv.text.split('\r\n')).toHaveLength(before.findings.length + 2);

    const list = async () => keptChecksSchema.parse((await api().get(at('/checks'))).body).checks;
    expect((await list()).map(({ id }) => id)).toEqual([after.check.id, before.check.id]);
    await api()
      .delete(`/api/checks/${String(before.check.id)}`)
      .expect(204);
    expect(await list()).toHaveLength(1);
    await api()
      .post(`/api/checks/${String(before.check.id)}/restore`)
      .expect(204);
    expect(await list()).toHaveLength(2);
    await api().get('/api/checks/999999').expect(404);
  });

  test('follow what the client wants and what is ignored, until that is taken back', async () => {
    pages = { '/quay': page(jsonLd({ ...quay, faxNumber: '', priceRange: '' }).text + napBlock(quay).text) };
    const source = { kind: 'urls', urls: [`${SITE}/quay`] };
    const wants = [{ properties: ['faxNumber'], weight: 'required', why: 'The client is rung by fax.' }];
    await api().put(at('/judging')).send({ profile: 'local-business', wants }).expect(204);
    const wanting = await check(source);
    expect(
      wanting.findings.some(
        ({ finding }) => finding.code === 'guideline/required' && finding.property === 'faxNumber',
      ),
    ).toBe(true);

    await api().post(at('/ignores')).send({ code: 'guideline/required', reason: '' }).expect(400);
    const ignore = await api()
      .post(at('/ignores'))
      .send({ code: 'guideline/required', page: `${SITE}/quay`, reason: 'Agreed with the client' })
      .expect(201);
    const ignoring = await check(source);
    expect(codesOf(ignoring)).not.toContain('guideline/required');
    expect(ignoring.ignored).toBe(1);
    const judging = judgingSchema.parse((await api().get(at('/judging'))).body);
    expect(judging).toMatchObject({
      wants: [{ properties: ['faxNumber'] }],
      ignores: [{ reason: 'Agreed with the client' }],
    });
    await api()
      .delete(at(`/ignores/${String(idOf(ignore))}`))
      .expect(204);
    expect(codesOf(await check(source))).toContain('guideline/required');
  });

  test('of the plain vocabulary ask for nothing', async () => {
    pages = {
      '/event': page(
        '<script type="application/ld+json">{"@context":"https://schema.org","@type":"Event","name":"Open day"}</script>',
      ),
    };
    const id = idOf(
      await api()
        .post(at('/checks'))
        .send({ source: { kind: 'urls', urls: [`${SITE}/event`] }, profile: 'vocabulary' })
        .expect(202),
    );
    const shown = await ended(id);
    expect(shown.check.profile).toBe('vocabulary');
    expect(shown.findings).toEqual([]);
    expect(shown.pages[0]?.read).toBe(true);
  });
});
