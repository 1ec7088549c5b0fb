import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { Express } from 'express';
import type { Sequelize, Transaction } from 'sequelize';
import sharp from 'sharp';
import request from 'supertest';
import { ZipFile } from 'yazl';
import {
  branchesSchema,
  branchSchema,
  clientsSchema,
  jobSchema,
  pagesSchema,
  photosSchema,
  problemSchema,
  type Branch,
} from '#contract';
import { limits } from '#core/limits';
import { provePhoto, stampFields } from '#core/photo';
import { demoClients, sitePages } from '#demo';
import { startMariaDb } from '../start/mariadb.ts';
import { larkspur } from '#sample';
import { isDatabaseGone, isLockConflict } from './problem.ts';
import { addJob, leaseJob, noteProgress, renewLease } from './store/jobs.ts';
import { openDatabase } from './store/database.ts';
import { migrate } from './store/migrations.ts';
import { defineModels, JobRow } from './store/models.ts';
import { openTestServer, type TestServer } from './testing.ts';

let server: TestServer;
let database: Sequelize;
let app: Express;

beforeAll(async () => {
  server = await openTestServer();
  ({ database, app } = server);
});

afterAll(() => server.close());

const api = () => request(app);
const idOf = (response: { body: unknown }): number => (response.body as { id: number }).id;

let clientId: number;
let branchId: number;

beforeEach(async () => {
  clientId = idOf(await api().post('/api/clients').send({ name: 'Larkspur & Vane' }).expect(201));
  branchId = idOf(
    await api()
      .post(`/api/clients/${String(clientId)}/branches`)
      .send({ label: 'Quay Street' })
      .expect(201),
  );
});

const branch = async (): Promise<Branch> =>
  branchSchema.parse(
    (
      await api()
        .get(`/api/branches/${String(branchId)}`)
        .expect(200)
    ).body,
  );
const clients = async () => clientsSchema.parse((await api().get('/api/clients').expect(200)).body).clients;
const branches = async (query = '') =>
  branchesSchema.parse(
    (
      await api()
        .get(`/api/clients/${String(clientId)}/branches${query}`)
        .expect(200)
    ).body,
  ).branches;
const save = (record: unknown, version: number) =>
  api()
    .put(`/api/branches/${String(branchId)}/record`)
    .send({ record, version });

describe('clients and branches', () => {
  test('are added, listed, renamed, deleted and brought back', async () => {
    await api()
      .patch(`/api/clients/${String(clientId)}`)
      .send({ name: ' Renamed ' })
      .expect(204);
    await api()
      .patch(`/api/branches/${String(branchId)}`)
      .send({ label: 'Harbour' })
      .expect(204);
    expect((await clients()).find(({ id }) => id === clientId)).toMatchObject({
      name: 'Renamed',
      branches: 1,
    });
    expect(await branches()).toMatchObject([{ label: 'Harbour', steps: { record: { state: 'missing' } } }]);
    await api()
      .delete(`/api/branches/${String(branchId)}`)
      .expect(204);
    await api()
      .get(`/api/branches/${String(branchId)}`)
      .expect(404);
    await api()
      .post(`/api/branches/${String(branchId)}/restore`)
      .expect(204);
    await api()
      .delete(`/api/clients/${String(clientId)}`)
      .expect(204);
    expect((await clients()).some(({ id }) => id === clientId)).toBe(false);
    await api()
      .post(`/api/clients/${String(clientId)}/restore`)
      .expect(204);
    expect((await branch()).label).toBe('Harbour');
  });

  test('that are asked for wrongly are refused with the path of each fault', async () => {
    const { body, headers } = await api().post('/api/clients').send({ name: '  ' }).expect(400);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(problemSchema.parse(body).errors).toEqual([{ path: 'name', message: 'A name is needed.' }]);
    await api().get('/api/branches/none').expect(400);
    await api().get('/api/branches/999999').expect(404);
    await api().delete('/api/clients/999999').expect(404);
    await api().get('/api/nothing').expect(404);
    await api().post('/api/clients').set('Content-Type', 'application/json').send('{"name":').expect(400);
  });
});

describe('a record', () => {
  test('is saved whole and survives', async () => {
    await save(larkspur, 0).expect(200, { version: 1 });
    expect(await branch()).toMatchObject({ record: larkspur, version: 1 });
    expect((await branches())[0]?.steps.record.state).toBe('proved');
  });

  test('that was saved elsewhere meanwhile is not overwritten', async () => {
    await save(larkspur, 0).expect(200);
    const { body } = await save({ ...larkspur, name: 'Other' }, 0).expect(409);
    expect(problemSchema.parse(body).detail).toContain('kept');
    expect((await branch()).record.name).toBe(larkspur.name);
  });

  test('of a wrong shape is refused with the path', async () => {
    const { body } = await save({ ...larkspur, address: { streetAddress: 5 } }, 0).expect(400);
    expect(problemSchema.parse(body).errors?.map(({ path }) => path)).toContain(
      'record.address.streetAddress',
    );
    await save({ ...larkspur, description: 'x'.repeat(600_000) }, 0).expect(413);
  });
});

const upload = (path: string, name: string, bytes: Buffer) => api().post(path).attach('file', bytes, name);
const pagesPath = () => `/api/clients/${String(clientId)}/pages`;
const pages = async () => pagesSchema.parse((await api().get(pagesPath()).expect(200)).body).pages;
const zipped = async (files: Record<string, Buffer>): Promise<Buffer> => {
  const zip = new ZipFile();
  for (const [path, bytes] of Object.entries(files)) zip.addBuffer(bytes, path);
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
  return Buffer.concat(chunks);
};
const download = async (id: number): Promise<Buffer> =>
  (
    await api()
      .get(`/api/pages/${String(id)}/download`)
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response
          .on('data', (chunk: Buffer) => chunks.push(chunk))
          .on('end', () => done(null, Buffer.concat(chunks)));
      })
      .expect(200)
  ).body as Buffer;

describe('pages', () => {
  test('are placed on, proved, seen out of date, and given back byte for byte', async () => {
    await save(larkspur, 0);
    for (const domain of demoClients.map(({ site }) => site)) {
      for (const { path, bytes } of sitePages(domain)) {
        const id =
          (
            (await upload(pagesPath(), `${domain}-${path}`, bytes).expect(201)).body as {
              added: { id: number }[];
            }
          ).added[0]?.id ?? 0;
        for (const form of ['jsonld', 'microdata']) {
          const at = form === 'jsonld' ? 'head' : 'body-end';
          const { body } = await api()
            .put(`/api/pages/${String(id)}/placements`)
            .send({ branchId, form, at })
            .expect(200);
          expect(
            (body as { page: { placements: { form: string; state: string }[] } }).page.placements.find(
              (one) => one.form === form,
            )?.state,
          ).toBe('proved');
        }
        for (const form of ['jsonld', 'microdata'])
          await api()
            .delete(`/api/pages/${String(id)}/placements/${form}`)
            .expect(200);
        expect((await download(id)).equals(bytes)).toBe(true);
      }
    }
    const [first] = await pages();
    await api()
      .put(`/api/pages/${String(first?.id)}/placements`)
      .send({ branchId, form: 'jsonld', at: 'head' })
      .expect(200);
    await save({ ...larkspur, telephone: '(360) 555-0199' }, 1).expect(200);
    expect((await pages())[0]?.placements).toMatchObject([
      { state: 'out-of-date', misread: [{ fact: 'telephone' }] },
    ]);
    expect((await branches())[0]?.steps.pages.state).toBe('out-of-date');
  });

  test('come in a zip and go in a zip', async () => {
    const { body } = await upload(
      pagesPath(),
      'site.zip',
      await zipped({
        'index.html': Buffer.from('<p>1'),
        'shop/a.htm': Buffer.from('<p>2'),
        'logo.png': Buffer.from('x'),
      }),
    ).expect(201);
    expect((body as { added: { path: string }[] }).added.map(({ path }) => path)).toEqual([
      'index.html',
      'shop/a.htm',
    ]);
    const zip = await api().get(`${pagesPath()}.zip`).buffer(true).expect(200);
    expect(zip.headers['content-type']).toContain('zip');
    const again = await upload(pagesPath(), 'index.html', Buffer.from('<p>new')).expect(201);
    expect(again.body).toMatchObject({ replaced: 1 });
    expect(await pages()).toHaveLength(2);
    // Of what was changed here since it came, there is a zip of its own.
    const changed = () => api().get(`${pagesPath()}.zip?which=changed`).responseType('blob');
    await changed().expect(404);
    await save(larkspur, 0);
    const placed = (await pages()).find(({ path }) => path === 'shop/a.htm')?.id;
    const placements = `/api/pages/${String(placed)}/placements`;
    await api().put(placements).send({ branchId, form: 'jsonld', at: 'head' }).expect(200);
    const names = ((await changed().expect(200)).body as Buffer).toString('latin1');
    expect([names.includes('shop/a.htm'), names.includes('index.html')]).toEqual([true, false]);
    await api().delete(`${placements}/jsonld`).expect(200);
    await changed().expect(404);
  });

  test('that are no pages, too large, or in a hostile zip are refused, and the good ones stay', async () => {
    expect((await upload(pagesPath(), 'a.txt', Buffer.from('x'))).body).toMatchObject({
      added: [],
      refused: [{ path: 'a.txt' }],
    });
    await upload(pagesPath(), 'large.html', Buffer.alloc(20 * 1024 * 1024, 'x')).expect(413);
    await upload(pagesPath(), 'empty.html', Buffer.alloc(0)).expect(400);
    const bomb = await upload(
      pagesPath(),
      'bomb.zip',
      await zipped({ 'ok.html': Buffer.from('<p>ok'), 'bomb.html': Buffer.alloc(15 * 1024 * 1024) }),
    ).expect(201);
    // A zip is taken whole or not at all.
    expect(bomb.body).toMatchObject({
      added: [],
      refused: [{ path: 'bomb.html', reason: expect.stringContaining('swells') as unknown }],
    });
    const climbing = Buffer.from(
      (await zipped({ 'xx/xx/evil.html': Buffer.from('<p>evil'), 'good.html': Buffer.from('<p>good') }))
        .toString('latin1')
        .replaceAll('xx/xx/evil', '../../evil'),
      'latin1',
    );
    const climb = await upload(pagesPath(), 'climb.zip', climbing).expect(201);
    expect(climb.body).toMatchObject({
      added: [],
      refused: [{ path: '../../evil.html' }],
    });
    expect(
      (await upload(pagesPath(), 'broken.zip', Buffer.from('PK\u0003\u0004nonsense')).expect(201)).body,
    ).toMatchObject({ added: [], refused: [{ path: 'the zip' }] });
    expect(await pages()).toEqual([]);
  });

  test('refuse what cannot be placed and stay as they are', async () => {
    const source = Buffer.from('<body><template>x');
    const id =
      ((await upload(pagesPath(), 'odd.html', source)).body as { added: { id: number }[] }).added[0]?.id ?? 0;
    await api()
      .put(`/api/pages/${String(id)}/placements`)
      .send({ branchId, form: 'microdata', at: 'head' })
      .expect(422);
    await api()
      .put(`/api/pages/${String(id)}/placements`)
      .send({ branchId, form: 'rdfx', at: 'head' })
      .expect(400);
    expect((await download(id)).equals(source)).toBe(true);
    await api()
      .delete(`/api/pages/${String(id)}`)
      .expect(204);
    await api()
      .post(`/api/pages/${String(id)}/restore`)
      .expect(204);
    expect(await pages()).toHaveLength(1);
  });
});

const photosPath = () => `/api/branches/${String(branchId)}/photos`;
const jpeg = (shade = 120): Promise<Buffer> =>
  sharp({ create: { width: 200, height: 150, channels: 3, background: { r: shade, g: 90, b: 60 } } })
    .jpeg()
    .toBuffer();
const listed = async () => photosSchema.parse((await api().get(photosPath()).expect(200)).body).photos;

async function stampAll(wordings: Record<string, unknown>): Promise<void> {
  const photoIds = (await listed()).map(({ id }) => id);
  const { body } = await api()
    .post(`/api/branches/${String(branchId)}/stamps`)
    .send({ photoIds, stamp: { wordings } })
    .expect(202);
  const { id } = jobSchema.parse(body);
  const runner = server.runner();
  runner.start();
  for (let state = 'waiting'; state !== 'done';) {
    await new Promise((resolve) => setTimeout(resolve, 50));
    ({ state } = jobSchema.parse((await api().get(`/api/jobs/${String(id)}`)).body));
    if (state === 'failed' || state === 'cancelled') throw new Error(`the job is ${state}`);
  }
  await runner.stop();
}

describe('photos', () => {
  test('are taken, stamped by a job, proved, downloaded, and seen out of date', async () => {
    await save(larkspur, 0);
    const originals = [await jpeg(10), await jpeg(200)];
    for (const bytes of originals) await upload(photosPath(), 'front.jpg', bytes).expect(201);
    await stampAll({ title: 'Front', caption: 'Zoë’s practice' });
    const [first] = await listed();
    expect(first).toMatchObject({ state: 'stamped', message: '', carried: { width: 200, height: 150 } });
    expect(first?.proof.every(({ agrees }) => agrees)).toBe(true);
    const { body } = await api()
      .get(`/api/photos/${String(first?.id)}/stamped`)
      .expect(200);
    const words = { title: 'Front', caption: 'Zoë’s practice', keywords: [], alt: '' };
    expect(
      provePhoto(
        body as Buffer,
        originals[0] ?? Buffer.alloc(0),
        { fields: stampFields(larkspur, words) },
        (a, b) => Buffer.compare(a, b) === 0,
      ).proved,
    ).toBe(true);
    expect(
      (
        await api()
          .get(`/api/photos/${String(first?.id)}/thumbnail`)
          .expect(200)
      ).headers['content-type'],
    ).toBe('image/webp');
    await api()
      .get(`/api/branches/${String(branchId)}/photos.zip`)
      .expect(200);
    await save({ ...larkspur, telephone: '(360) 555-0199' }, 1);
    expect((await listed()).map(({ state }) => state)).toEqual(['out-of-date', 'out-of-date']);
  });

  test('that are no sound JPEG or too large are refused with the reason', async () => {
    expect(
      problemSchema.parse(
        (await upload(photosPath(), 'a.jpg', Buffer.from('not a picture')).expect(422)).body,
      ).detail,
    ).toContain('no picture');
    expect(
      problemSchema.parse(
        (await upload(photosPath(), 'cut.jpg', (await jpeg()).subarray(0, -60)).expect(422)).body,
      ).detail,
    ).toContain('cut off');
    await upload(photosPath(), 'large.jpg', Buffer.alloc(limits.photoBytes + 1)).expect(413);
    expect(await listed()).toEqual([]);
  });

  test('that are deleted come back', async () => {
    await upload(photosPath(), 'a.jpg', await jpeg()).expect(201);
    const id = (await listed())[0]?.id;
    await api()
      .delete(`/api/photos/${String(id)}`)
      .expect(204);
    expect(await listed()).toEqual([]);
    await api()
      .post(`/api/photos/${String(id)}/restore`)
      .expect(204);
    expect(await listed()).toHaveLength(1);
  });
});

describe('a job', () => {
  const input = { photoIds: [1], stamp: null };

  test('is taken by one process only, given up by none, and taken again when its lease ran out', async () => {
    const now = new Date();
    await addJob(branchId, input);
    const taken = await Promise.all([leaseJob(database, now, 1000), leaseJob(database, now, 1000)]);
    expect(taken.filter(Boolean)).toHaveLength(1);
    expect(await leaseJob(database, new Date(now.getTime() + 500), 1000)).toBeNull();
    expect(await leaseJob(database, new Date(now.getTime() + 2000), 1000)).not.toBeNull();
  });

  test('that two processes hold each other up over is left for the next time', async () => {
    const [one, two] = [await addJob(branchId, input), await addJob(branchId, input)];
    const lock = (id: number, transaction: Transaction) =>
      JobRow.findByPk(id, { lock: transaction.LOCK.UPDATE, transaction });
    const [first, second] = [await database.transaction(), await database.transaction()];
    await lock(one.id, first);
    await lock(two.id, second);
    const outcomes = await Promise.allSettled([lock(two.id, first), lock(one.id, second)]);
    const reasons = outcomes.flatMap((outcome) =>
      outcome.status === 'rejected' ? [outcome.reason as unknown] : [],
    );
    expect(reasons.map((reason) => [isLockConflict(reason), isDatabaseGone(reason)])).toEqual([
      [true, false],
    ]);
    expect(isLockConflict(new Error('deadlock'))).toBe(false);
    for (const transaction of [first, second]) await transaction.rollback().catch(() => undefined);
    for (const { id } of [one, two])
      await api()
        .delete(`/api/jobs/${String(id)}`)
        .expect(200);
  });

  test('that another process took over is given up by the one whose lease ran out', async () => {
    const now = new Date();
    await addJob(branchId, input);
    const first = await leaseJob(database, now, 1000);
    const second = await leaseJob(database, new Date(now.getTime() + 2000), 60_000);
    if (!first || !second) throw new Error('the job was not leased');
    const until = new Date(now.getTime() + 90_000);
    expect(await renewLease(first, until)).toBe(false);
    expect(await noteProgress(first, { done: 1, failed: 0 })).toBe(false);
    expect(await noteProgress(second, { done: 1, failed: 0 })).toBe(true);
    // The same again is no lost lease.
    expect(await noteProgress(second, { done: 1, failed: 0 })).toBe(true);
    expect(await renewLease(second, until)).toBe(true);
    expect(await renewLease(second, until)).toBe(true);
    await api().delete(`/api/jobs/${String(second.id)}`);
    expect(await noteProgress(second, { done: 2, failed: 0 })).toBe(false);
    expect(await renewLease(second, until)).toBe(false);
  });

  test('can be cancelled', async () => {
    const { id } = await addJob(branchId, input);
    expect((await api().get(`/api/branches/${String(branchId)}/jobs`)).body).toMatchObject({
      jobs: [{ id }],
    });
    expect(
      (
        await api()
          .delete(`/api/jobs/${String(id)}`)
          .expect(200)
      ).body,
    ).toMatchObject({ state: 'cancelled' });
    expect((await api().get(`/api/branches/${String(branchId)}/jobs`)).body).toEqual({ jobs: [] });
  });
});

describe('the door', () => {
  test('is shut to other hosts and origins, and carries its headers', async () => {
    await api().get('/api/clients').set('Host', 'evil.example').expect(403);
    await api().post('/api/clients').set('Origin', 'https://evil.example').send({ name: 'x' }).expect(403);
    for (const site of ['cross-site', 'same-site']) {
      await api().get('/api/clients').set('Sec-Fetch-Site', site).expect(403);
      await api()
        .get('/api/clients')
        .set({ 'Sec-Fetch-Site': site, 'Sec-Fetch-Mode': 'navigate' })
        .expect(200);
    }
    await api().get('/api/clients').set('Sec-Fetch-Site', 'same-origin').expect(200);
    const { headers } = await api().get('/health').expect(200, { ok: true, database: 'answers' });
    expect(headers['content-security-policy']).toContain("default-src 'self'");
    expect(headers['x-powered-by']).toBeUndefined();
  });
});

test('with the database gone in the middle a save is refused, nothing is lost, and all goes on when it is back', async () => {
  const home = mkdtempSync(join(tmpdir(), 'zinc-gone-'));
  const first = await startMariaDb(home);
  const port = Number(new URL(first.url).port);
  const other = openDatabase(first.url);
  // As two processes that start beside each other on an empty database do.
  const beside = openDatabase(first.url);
  await Promise.all([migrate(other), migrate(beside)]);
  await beside.close();
  defineModels(other);
  const { app: beginning, threads } = await openTestServer({ database: other });
  try {
    const client = idOf(await request(beginning).post('/api/clients').send({ name: 'Before' }).expect(201));
    const id = idOf(
      await request(beginning)
        .post(`/api/clients/${String(client)}/branches`)
        .send({ label: 'B' })
        .expect(201),
    );
    await first.kill();
    const { body } = await request(beginning)
      .put(`/api/branches/${String(id)}/record`)
      .send({ record: larkspur, version: 0 })
      .expect(503);
    expect(problemSchema.parse(body).detail).toContain('nothing was lost');
    await request(beginning).get('/health').expect(503);
    const second = await startMariaDb(home, { port });
    await request(beginning)
      .put(`/api/branches/${String(id)}/record`)
      .send({ record: larkspur, version: 0 })
      .expect(200);
    await second.stop();
  } finally {
    await threads.close();
    await other.close();
    defineModels(database);
    rmSync(home, { recursive: true });
  }
});
