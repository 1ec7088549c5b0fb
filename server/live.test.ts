/** Pages whose own text is marked, and live pages read as a stranger reads them. */
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { linkTo, livePageSchema, pagesSchema } from '#contract';
import { jsonLd } from '#core/markup';
import { guardedFetcher } from '#outside/fetcher.ts';
import { larkspur } from '#sample';
import { openTestServer, type TestServer } from './testing.ts';

let server: TestServer;
let host: Server;
/** What the host sends for any page. */
let sent = '';
let clientId = 0;
let branchId = 0;

const api = () => request(server.app);
const idOf = ({ body }: { body: unknown }): number => (body as { id: number }).id;

beforeAll(async () => {
  host = createServer((_, answer) => void answer.setHeader('Content-Type', 'text/html').end(sent));
  await new Promise<void>((resolve) => host.listen(0, '127.0.0.1', resolve));
  const { port } = host.address() as AddressInfo;
  server = await openTestServer({ fetcher: guardedFetcher(`127.0.0.1:${String(port)}`) });
  clientId = idOf(await api().post('/api/clients').send({ name: 'Larkspur' }).expect(201));
  branchId = idOf(
    await api()
      .post(`/api/clients/${String(clientId)}/branches`)
      .send({ label: 'Quay' })
      .expect(201),
  );
});
afterAll(async () => {
  host.close();
  await server.close();
});

const save = (record: unknown, version: number) =>
  api()
    .put(`/api/branches/${String(branchId)}/record`)
    .send({ record, version })
    .expect(200);
const live = async () =>
  livePageSchema.parse(
    (
      await api()
        .post(`/api/branches/${String(branchId)}/live`)
        .expect(200)
    ).body,
  );
const pages = async () =>
  pagesSchema.parse(
    (
      await api()
        .get(`/api/clients/${String(clientId)}/pages`)
        .expect(200)
    ).body,
  ).pages;

test('a branch without a page address has no live page', async () => {
  const { body } = await api()
    .post(`/api/branches/${String(branchId)}/live`)
    .expect(422);
  expect(JSON.stringify(body)).toContain('names no page');
});

describe('a live page', () => {
  test('is proved, seen out of date, seen absent with its cause, and never changes anything here', async () => {
    await save(larkspur, 0);
    sent = `<html><body>${jsonLd(larkspur).text}</body></html>`;
    expect(await live()).toMatchObject({ state: 'as-intended', status: 200, differing: [] });
    await save({ ...larkspur, telephone: '(360) 555-0199' }, 1);
    expect(await live()).toMatchObject({
      state: 'out-of-date',
      differing: [{ fact: 'telephone', live: '+1 360 555 0142', meant: '+1 360 555 0199' }],
    });
    sent = `<html><body>${jsonLd(larkspur).text.replace(/"([^"]*)"/g, '“$1”')}</body></html>`;
    expect(await live()).toMatchObject({ state: 'absent', causes: [{ code: 'curled-quotes' }] });
    sent = '<meta name="robots" content="noindex"><p>x';
    expect((await live()).robots).toContain('noindex');
    expect(await pages()).toEqual([]);
  });
});

describe('a hand-over sheet', () => {
  test('says what to paste, of one branch or of all, and what is pasted is proved', async () => {
    const { text } = await api()
      .get(linkTo('handOver', { id: branchId }))
      .expect(200);
    const [, pasted = ''] = /<textarea[^>]*>\n([^]*?)<\/textarea>/.exec(text) ?? [];
    const code = pasted
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&quot;', '"')
      .replaceAll('&#39;', "'")
      .replaceAll('&amp;', '&');
    sent = `<html><head>${code}</head></html>`;
    expect((await live()).state).toBe('as-intended');
    sent = sent.replace('555 01', '555 09');
    expect((await live()).state).toBe('altered');
    const all = await api()
      .get(linkTo('clientHandOver', { id: clientId }))
      .expect(200);
    expect(all.headers['content-disposition']).toContain('hand-over-client');
    expect(all.text).toContain('Where code goes');
  });
});

describe('markup woven into a page', () => {
  const page =
    '<html><body><footer><b>Larkspur &amp; Vane Veterinary Care</b><br><i>214 Quay Street</i><br><a href="tel:+13605550199">(360) 555-0199</a></footer></body></html>';

  test('is placed, proved, seen out of date, and taken out byte for byte', async () => {
    const added = await api()
      .post(`/api/clients/${String(clientId)}/pages`)
      .attach('file', Buffer.from(page), 'index.html')
      .expect(201);
    const id = (added.body as { added: { id: number }[] }).added[0]?.id ?? 0;
    const place = { branchId, form: 'woven', at: 'body-end' };
    await api()
      .put(`/api/pages/${String(id)}/placements`)
      .send(place)
      .expect(200);
    expect((await pages())[0]?.placements).toMatchObject([{ form: 'woven', state: 'proved' }]);
    await save(larkspur, 2);
    expect((await pages())[0]?.placements).toMatchObject([
      { state: 'out-of-date', misread: [{ fact: 'telephone' }] },
    ]);
    const takenOut = async (): Promise<string> => {
      await api()
        .delete(`/api/pages/${String(id)}/placements/woven`)
        .expect(200);
      const answer = await api().get(linkTo('pageSource', { id })).expect(200);
      return answer.text;
    };
    expect(await takenOut()).toBe(page);
    await api()
      .put(`/api/pages/${String(id)}/placements`)
      .send({ ...place, corrects: ['telephone'] })
      .expect(200);
    expect((await pages())[0]?.placements).toMatchObject([{ state: 'proved' }]);
    expect(await takenOut()).toBe(
      page.replace('+13605550199', '+13605550142').replace('555-0199', '555-0142'),
    );
    const refused = await api()
      .put(`/api/pages/${String(id)}/placements`)
      .send({ ...place, at: 'after:' })
      .expect(400);
    expect(JSON.stringify(refused.body)).toContain('at');
  });
});
