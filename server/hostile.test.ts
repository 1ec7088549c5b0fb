/** What somebody would try who wants to lose, to see or to stop what is not his: each was possible once. */
import { randomBytes } from 'node:crypto';
import { rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { Express } from 'express';
import sharp from 'sharp';
import request from 'supertest';
import { ZipFile } from 'yazl';
import {
  addedPagesSchema,
  addedPhotosSchema,
  branchSchema,
  jobSchema,
  pagesSchema,
  photosSchema,
  problemSchema,
  shownCheckSchema,
  trashSchema,
  undoneSchema,
  type AddedPages,
} from '#contract';
import { jsonLd } from '#core/markup';
import { larkspur } from '#sample';
import { eachEntry, nameOf, openZip, readEntry } from '#outside/zip.ts';
import { sweep } from './jobs/sweeping.ts';
import { openLog } from './log.ts';
import { leaseJob, MOST_ATTEMPTS } from './store/jobs.ts';
import { CheckedPageRow, ClientRow, JobRow, PageRow, PhotoRow } from './store/models.ts';
import { keepSitePages } from './store/sitePages.ts';
import { openTestServer, type TestServer } from './testing.ts';
import { GivenUp, Threads } from './threads/threads.ts';
import { placeOn } from './threads/pageWork.ts';

let server: TestServer;
let app: Express;
let clientId: number;
let branchId: number;

beforeAll(async () => {
  server = await openTestServer();
  app = server.app;
});
afterAll(() => server.close());

const api = () => request(app);
const idOf = (response: { body: unknown }): number => (response.body as { id: number }).id;
const of = (path: string): string => `/api/clients/${String(clientId)}${path}`;
const addBranch = async (label: string, record: unknown = larkspur): Promise<number> =>
  idOf(await api().post(of('/branches')).send({ label, record }).expect(201));

beforeEach(async () => {
  clientId = idOf(await api().post('/api/clients').send({ name: 'Larkspur & Vane' }).expect(201));
  branchId = await addBranch('Quay Street');
});

const zipped = async (files: readonly (readonly [path: string, bytes: Buffer])[]): Promise<Buffer> => {
  const zip = new ZipFile();
  for (const [path, bytes] of files) zip.addBuffer(bytes, path, { compress: false });
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
  return Buffer.concat(chunks);
};
const upload = (path: string, name: string, bytes: Buffer) => api().post(path).attach('file', bytes, name);
const addPage = async (name: string, bytes: Buffer, placed = 'ask'): Promise<AddedPages> =>
  addedPagesSchema.parse((await upload(of(`/pages?placed=${placed}`), name, bytes).expect(201)).body);
const pages = async () => pagesSchema.parse((await api().get(of('/pages')).expect(200)).body).pages;
const page = (text = ''): Buffer =>
  Buffer.from(`<!doctype html><html lang="en"><head><title>x</title></head><body>${text}</body></html>`);
const place = (pageId: number, input: object) =>
  api()
    .put(`/api/pages/${String(pageId)}/placements`)
    .send({ branchId, form: 'jsonld', at: 'head', ...input });
const photosPath = () => `/api/branches/${String(branchId)}/photos`;
const jpeg = (shade = 90) =>
  sharp({ create: { width: 40, height: 30, channels: 3, background: { r: shade, g: 80, b: 60 } } })
    .jpeg()
    .toBuffer();
const stampInput = (photoIds: readonly number[]) => ({
  photoIds,
  stamp: { wordings: { title: 'Front' } },
});

/** The photo that an upload gave. */
const addedId = ({ body }: { body: unknown }): number => addedPhotosSchema.parse(body).photos[0]?.id ?? 0;

/** A check at its end. */
async function ended(checkId: number) {
  for (;;) {
    const { body } = await api()
      .get(`/api/checks/${String(checkId)}`)
      .expect(200);
    const shown = shownCheckSchema.parse(body);
    if (shown.check.state !== 'waiting' && shown.check.state !== 'running') return shown;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}

describe('a deleted client', () => {
  test('answers nothing any more, whatever of it is asked for', async () => {
    const { added } = await addPage('index.html', page());
    const pageId = String(added[0]?.id);
    const photo = addedId(await upload(photosPath(), 'a.jpg', await jpeg()).expect(201));
    const checking = await api()
      .post(of('/checks'))
      .send({ source: { kind: 'pages' } });
    const checkId = String(idOf(checking));
    const branch = `/api/branches/${String(branchId)}`;
    const job = idOf(
      await api()
        .post(`${branch}/stamps`)
        .send(stampInput([photo]))
        .expect(202),
    );
    await api()
      .delete(`/api/clients/${String(clientId)}`)
      .expect(204);
    const gets = [
      ...['', '/photos', '/photos.zip', '/jobs'].map((path) => branch + path),
      ...['pages', 'pages.zip', 'checks', 'judging', 'defaults', 'branches', 'records', 'columns'].map(
        (path) => of(`/${path}`),
      ),
      ...['branches.csv', 'changes', 'archive.zip', 'markup?shape=graph'].map((path) => of(`/${path}`)),
      ...['source', 'download'].map((path) => `/api/pages/${pageId}/${path}`),
      ...['thumbnail', 'stamped'].map((path) => `/api/photos/${String(photo)}/${path}`),
      ...['', '/report.html', '/report.csv'].map((path) => `/api/checks/${checkId}${path}`),
      `/api/jobs/${String(job)}`,
    ];
    for (const path of gets) expect([path, (await api().get(path)).status]).toEqual([path, 404]);
    const body = {
      label: 'x',
      record: larkspur,
      version: 0,
      branchId,
      form: 'jsonld',
      at: 'head',
      source: { kind: 'pages' },
      columns: [],
      branches: [{ label: 'x', record: larkspur }],
    };
    for (const [method, path] of [
      ['put', `${branch}/record`],
      ['patch', branch],
      ['delete', branch],
      ['post', `${branch}/duplicate`],
      ['post', `${branch}/restore`],
      ['put', `/api/pages/${pageId}/placements`],
      ['delete', `/api/pages/${pageId}`],
      ['delete', `/api/pages/${pageId}/placements/jsonld`],
      ['delete', `/api/photos/${String(photo)}`],
      ['delete', `/api/jobs/${String(job)}`],
      ['delete', `/api/checks/${checkId}`],
      ['post', of('/checks')],
      ['put', of('/columns')],
      ['post', of('/branches')],
      ['post', of('/branches/import')],
    ] as const)
      expect([path, (await api()[method](path).send(body)).status]).toEqual([path, 404]);
    const found = await api().get('/api/search?q=quay').expect(200);
    expect(JSON.stringify(found.body)).not.toContain(`"clientId":${String(clientId)}}`);
  });

  test('and another client: their checks are not compared', async () => {
    const check = { source: { kind: 'pages' } };
    const one = idOf(await api().post(of('/checks')).send(check).expect(202));
    clientId = idOf(await api().post('/api/clients').send({ name: 'Other' }).expect(201));
    const two = idOf(await api().post(of('/checks')).send(check).expect(202));
    await api()
      .get(`/api/checks/${String(one)}/compare/${String(two)}`)
      .expect(400);
  });
});

describe('two at once', () => {
  test('place on one page, and every placement is there', async () => {
    for (let round = 0; round < 5; round += 1) {
      const { added } = await addPage(`page-${String(round)}.html`, page());
      const id = added[0]?.id ?? 0;
      const answers = await Promise.all([
        place(id, { form: 'jsonld', at: 'head' }),
        place(id, { form: 'microdata', at: 'body-end' }),
        place(id, { form: 'rdfa', at: 'body-end' }),
      ]);
      expect(answers.map(({ status }) => status)).toEqual([200, 200, 200]);
      const placed = (await pages()).find((one) => one.id === id)?.placements ?? [];
      expect(placed.map(({ form, state }) => `${form} ${state}`).sort()).toEqual([
        'jsonld proved',
        'microdata proved',
        'rdfa proved',
      ]);
      const forms = ['jsonld', 'microdata', 'rdfa'];
      await Promise.all(
        forms.map((form) =>
          api()
            .delete(`/api/pages/${String(id)}/placements/${form}`)
            .expect(200),
        ),
      );
      expect((await api().get(`/api/pages/${String(id)}/source`)).text).toBe(page().toString());
    }
  });

  test('place and upload, and neither is lost', async () => {
    const { added } = await addPage('index.html', page('old'));
    const id = added[0]?.id ?? 0;
    const [placed, uploaded] = await Promise.all([
      place(id, {}),
      upload(of('/pages?placed=again'), 'index.html', page('new')),
    ]);
    expect([placed.status, uploaded.status]).toEqual([200, 201]);
    const { text } = await api().get(`/api/pages/${String(id)}/source`);
    expect([text.includes('>new<'), text.includes('zinc-post')]).toEqual([true, true]);
    expect((await pages())[0]?.placements).toMatchObject([{ state: 'proved' }]);
  });

  test('add a page of one path, and there is one', async () => {
    const adding = Array.from({ length: 8 }, (_, at) =>
      upload(of('/pages'), 'same.html', page(String(at))).expect(201),
    );
    await Promise.all(adding);
    expect((await pages()).map(({ path }) => path)).toEqual(['same.html']);
  });

  test('save, two hundred of them, and one save is taken', async () => {
    const saves = await Promise.all(
      Array.from({ length: 200 }, (_, at) =>
        api()
          .put(`/api/branches/${String(branchId)}/record`)
          .send({ record: { ...larkspur, name: `Save ${String(at)}` }, version: 0 }),
      ),
    );
    const others = saves.filter(({ status }) => status !== 409).map(({ status, text }) => [status, text]);
    expect(others).toMatchObject([[200, expect.anything()]]);
    expect(saves).toHaveLength(200);
    const at = saves.findIndex(({ status }) => status === 200);
    const { body } = await api().get(`/api/branches/${String(branchId)}`);
    const { record, version } = branchSchema.parse(body);
    expect([record.name, version]).toEqual([`Save ${String(at)}`, 1]);
  });
});

describe('paths', () => {
  const different = [
    'Index.html',
    'index.html',
    'caf\u00e9.html',
    'cafe\u0301.html',
    'cafe.html',
    'stra\u00dfe.html',
    'strasse.html',
    '\u{1F600}.html',
    '\u{1F601}.html',
    'a b.html',
    'a  b.html',
    '\u2160.html',
    'I.html',
  ];

  test('are their very characters', async () => {
    const { added } = await addPage(
      'site.zip',
      await zipped(different.map((path) => [path, page(path)] as const)),
    );
    expect(added).toHaveLength(different.length);
    const shown = await pages();
    expect(shown.map(({ path }) => path).sort()).toEqual([...different].sort());
    for (const { id, path } of shown)
      expect((await api().get(`/api/pages/${String(id)}/source`)).text).toBe(page(path).toString());
  });

  test('that are too long are refused by name, and the zip with them', async () => {
    const long = `${'x'.repeat(600)}.html`;
    const zip = await zipped([
      ['good.html', page()],
      [long, page()],
    ]);
    const { added, refused } = await addPage('site.zip', zip);
    expect(added).toEqual([]);
    expect(refused).toMatchObject([{ path: long.slice(0, 200) }]);
    expect(refused[0]?.reason).toContain('605 characters');
    expect((await addPage(long, page())).refused[0]?.reason).toContain('at most 500');
    expect(await pages()).toEqual([]);
  });
});

describe('a zip', () => {
  const two = () =>
    zipped([
      ['a.html', page('first')],
      ['b.html', page('second')],
    ]);

  test('with a damaged page is not taken', async () => {
    const bytes = await two();
    const at = bytes.indexOf('second');
    bytes[at] = (bytes[at] ?? 0) ^ 1;
    const { added, refused } = await addPage('site.zip', bytes);
    expect([added, refused.map(({ path }) => path)]).toEqual([[], ['b.html']]);
    expect(refused[0]?.reason).toContain('check sum');
    expect(await pages()).toEqual([]);
  });

  test('with one name twice, or cut off, is not taken', async () => {
    const twice = await zipped([
      ['a.html', page('1')],
      ['a.html', page('2')],
    ]);
    expect(await addPage('site.zip', twice)).toMatchObject({ added: [], refused: [{ path: 'a.html' }] });
    const whole = await two();
    expect((await addPage('site.zip', whole.subarray(0, whole.length - 30))).added).toEqual([]);
    expect(await pages()).toEqual([]);
  });

  test('that comes again keeps what is placed, and asks where it would be lost', async () => {
    const files = await two();
    const [a, b] = (await addPage('site.zip', files)).added.map(({ id }) => id);
    await place(a ?? 0, {}).expect(200);
    await place(b ?? 0, {}).expect(200);
    const states = async () =>
      (await pages()).map(({ placements }) => placements.map(({ state }) => state).join());
    expect(await addPage('site.zip', files)).toMatchObject({ added: [], unchanged: 2, changeId: 0 });
    expect(await states()).toEqual(['proved', 'proved']);
    const changed = await zipped([
      ['a.html', page('first')],
      ['b.html', page('anew')],
    ]);
    const asked = await addPage('site.zip', changed);
    expect(asked).toMatchObject({ added: [], asks: [{ path: 'b.html', forms: ['jsonld'] }] });
    const again = await addPage('site.zip', changed, 'again');
    expect(again).toMatchObject({ replaced: 1, unchanged: 1 });
    expect(await states()).toEqual(['proved', 'proved']);
    const undo = () => api().post(`/api/changes/${String(again.changeId)}/undo`);
    expect(undoneSchema.parse((await undo().expect(200)).body)).toEqual({ undone: 1, kept: [] });
    expect((await api().get(`/api/pages/${String(b)}/source`)).text).toContain('second');
    expect(await states()).toEqual(['proved', 'proved']);
    await undo().expect(409);
    await addPage('site.zip', changed, 'drop');
    expect(await states()).toEqual(['proved', '']);
  });
});

test('a page of several pieces comes back byte for byte, and so does the one it replaced', async () => {
  // Random bytes do not pack: what is kept of the change has several pieces too.
  const large = (size: number): Buffer =>
    Buffer.concat([page(), Buffer.from('<!-- '), randomBytes(size), Buffer.from(' -->')]);
  const [first, second] = [large(2_500_001), large(3 * 1024 * 1024)];
  const id = (await addPage('large.html', first)).added[0]?.id ?? 0;
  const comesAs = async (bytes: Buffer): Promise<boolean> =>
    bytes.equals(
      (
        await api()
          .get(`/api/pages/${String(id)}/download`)
          .responseType('blob')
      ).body as Buffer,
    );
  expect(await comesAs(first)).toBe(true);
  const { changeId } = await addPage('large.html', second);
  expect(await comesAs(second)).toBe(true);
  await api()
    .post(`/api/changes/${String(changeId)}/undo`)
    .expect(200);
  expect(await comesAs(first)).toBe(true);
});

test('a branch is not placed on another’s page unless that is meant, and it is undone', async () => {
  const url = 'https://larkspurvane.example/tallow-bay.html';
  const other = await addBranch('Tallow Bay', { ...larkspur, url });
  const id = (await addPage('tallow-bay.html', page())).added[0]?.id ?? 0;
  expect((await pages())[0]?.ownBranch).toEqual({ id: other, label: 'Tallow Bay' });
  const { body } = await place(id, {}).expect(409);
  expect(problemSchema.parse(body).detail).toContain('page of Tallow Bay');
  expect((await pages())[0]?.placements).toEqual([]);
  await place(id, { branchId: other }).expect(200);
  const meant = await place(id, { foreign: true }).expect(200);
  const { changeId } = meant.body as { changeId: number };
  await api()
    .post(`/api/changes/${String(changeId)}/undo`)
    .expect(200);
  const [shown] = await pages();
  expect(shown?.placements).toMatchObject([{ branchLabel: 'Tallow Bay', state: 'proved' }]);
});

test.each(['javascript:alert(1)', 'data:text/html,x', ' java\nscript:alert(1)'])(
  'a record with %j is not placed',
  async (address) => {
    const bad = await addBranch('Bad', { ...larkspur, url: '', hasMenu: address });
    const id = (await addPage('index.html', page())).added[0]?.id ?? 0;
    for (const [form, at] of [
      ['jsonld', 'head'],
      ['graph', 'head'],
      ['microdata', 'body-end'],
      ['rdfa', 'body-end'],
    ]) {
      const { body } = await place(id, { branchId: bad, form, at }).expect(422);
      expect(problemSchema.parse(body).detail).toContain('Menu');
    }
  },
);

describe('what is very large', () => {
  const markup = jsonLd({ ...larkspur, telephone: '' }).text;

  test('pages with embedded pictures are checked, handed in or taken from here', async () => {
    const picture = (at: number): string => {
      const noise = Uint8Array.from(
        { length: 1_500_000 },
        (_, byte) => (byte * 7919 + at * 31 + (byte >> 3)) & 255,
      );
      return `<img alt="x" src="data:image/png;base64,${Buffer.from(noise).toString('base64')}">`;
    };
    const large = Array.from({ length: 24 }, (_, at) => page(markup + picture(at)));
    const sending = api().post(of('/checks/files'));
    for (const [at, bytes] of large.entries()) sending.attach('files', bytes, `p${String(at)}.html`);
    const handedIn = idOf(await sending.expect(202));
    const runner = server.runner();
    runner.start();
    const { check } = await ended(handedIn);
    expect(check).toMatchObject({ state: 'done', total: 24, done: 24, unread: 0 });
    expect(check.summary.should + check.summary.must + check.summary.note).toBeGreaterThan(23);
    for (const [at, bytes] of large.slice(0, 6).entries()) await addPage(`p${String(at)}.html`, bytes);
    const here = await api()
      .post(of('/checks'))
      .send({ source: { kind: 'pages' } });
    expect((await ended(idOf(here))).check).toMatchObject({ state: 'done', total: 6, unread: 0 });
    await runner.stop();
  });

  test('findings of a page are kept to a number and counted beyond it', async () => {
    const names = Array.from({ length: 900 }, (_, at) => `,"x${String(at)}":"x"`);
    const store = `{"@context":"https://schema.org","@type":"Store","name":"A"${names.join('')}}`;
    const sending = api()
      .post(of('/checks/files'))
      .attach('files', page(`<script type="application/ld+json">${store}</script>`), 'many.html');
    const id = idOf(await sending.expect(202));
    const runner = server.runner();
    runner.start();
    const { check, pages: read } = await ended(id);
    await runner.stop();
    const { body } = await api().get(`/api/checks/${String(id)}/pages/${String(read[0]?.id)}/findings`);
    const { findings, leftOut } = body as { findings: unknown[]; leftOut: number };
    const { must, should, note } = check.summary;
    expect(findings).toHaveLength(500);
    expect(leftOut + 500).toBe(must + should + note);
  });

  test('JSON nested without end is refused before it is read', async () => {
    const before = process.cpuUsage();
    const deep = await api()
      .post(of('/branches/import'))
      .set('Content-Type', 'application/json')
      .send('['.repeat(30_000_000));
    expect([deep.status, problemSchema.parse(deep.body).title]).toEqual([400, 'Nested too deeply']);
    expect(process.cpuUsage(before).user).toBeLessThan(3_000_000);
    // Brackets in texts are no nesting.
    const branches = [{ label: '[{'.repeat(90), record: larkspur }];
    await api().post(of('/branches/import')).send({ branches }).expect(201);
  });

  test('a page of 8 MB is read beside the server’s own thread', async () => {
    const large = page(markup + `<p>${'word '.repeat(15)}`.repeat(100_000));
    // Others are answered all the while: as often as this thread gets its turn.
    let answered = 0;
    let isDone = false;
    const others = (async () => {
      while (!isDone) {
        await api().get('/health').expect(200);
        answered += 1;
      }
    })();
    const id = (await addPage('large.html', large)).added[0]?.id ?? 0;
    answered = 0;
    await place(id, {}).expect(200);
    isDone = true;
    await others;
    expect(answered).toBeGreaterThan(10);
    expect((await pages())[0]?.placements).toMatchObject([{ state: 'proved' }]);
  });

  test('a picture of too many pixels is refused with its size', async () => {
    const huge = await sharp({ create: { width: 16_000, height: 16_000, channels: 3, background: '#888' } })
      .jpeg({ quality: 1 })
      .toBuffer();
    const { body } = await upload(photosPath(), 'huge.jpg', huge).expect(422);
    expect(problemSchema.parse(body).detail).toContain('16000 × 16000');
  });
});

describe('one bad thing', () => {
  /** A JPEG whose XMP is this text. */
  const withXmp = async (xmp: string): Promise<Buffer> => {
    const picture = await jpeg();
    const data = Buffer.from(`http://ns.adobe.com/xap/1.0/\0${xmp}`);
    const segment = Buffer.alloc(4);
    segment.writeUInt16BE(0xffe1);
    segment.writeUInt16BE(data.length + 2, 2);
    return Buffer.concat([picture.subarray(0, 2), segment, data, picture.subarray(2)]);
  };
  const stampAll = async (photoIds: readonly number[]) => {
    const asked = await api()
      .post(`/api/branches/${String(branchId)}/stamps`)
      .send(stampInput(photoIds))
      .expect(202);
    const runner = server.runner();
    runner.start();
    for (;;) {
      const job = jobSchema.parse((await api().get(`/api/jobs/${String(idOf(asked))}`)).body);
      if (job.state !== 'waiting' && job.state !== 'running') {
        await runner.stop();
        return job;
      }
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  };

  test('among photos is named, and the others are stamped', async () => {
    const deep = await withXmp(`${'<a>'.repeat(6000)}${'</a>'.repeat(6000)}`);
    const photos = [await jpeg(), deep, await withXmp('<x:xmpmeta'), await jpeg(20), await jpeg(30)];
    const ids: number[] = [];
    for (const [at, bytes] of photos.entries())
      ids.push(addedId(await upload(photosPath(), `${String(at)}.jpg`, bytes).expect(201)));
    // One whose bytes are gone.
    const lost = await PhotoRow.findByPk(ids[3]);
    await server.photos.remove(lost?.originalKey ?? '');
    expect(await stampAll(ids)).toMatchObject({ state: 'done', done: 5, failed: 1 });
    const { photos: shown } = photosSchema.parse((await api().get(photosPath())).body);
    // Broken metadata stay as they are, and the others are written.
    expect(shown.map(({ state }) => state)).toEqual(['stamped', 'stamped', 'stamped', 'failed', 'stamped']);
    for (const { state, message } of shown) expect(message !== '').toBe(state === 'failed');
  });

  test('for a thread is given up, and the thread or its successor goes on', async () => {
    const threads = new Threads(1500);
    await expect(threads.readPhoto('/nowhere/at/all')).rejects.toBeInstanceOf(GivenUp);
    // Every placement is proved and compared with what the record yields: tens of thousands take long.
    const many = placeOn(page(), { form: 'jsonld', record: larkspur, at: 'head' });
    if (!many.ok) throw new Error(many.message);
    const placed = Array.from({ length: 30_000 }, () => ({ form: 'jsonld' as const, record: larkspur }));
    await expect(threads.read(many.bytes, placed)).rejects.toThrow(/longer than 1.5 seconds/);
    expect((await threads.read(page(jsonLd(larkspur).text), [])).items.jsonld).toBe(1);
    await threads.close();
  });

  test('that ends its job with the process each time is given up with its reason', async () => {
    const asked = await api()
      .post(of('/checks'))
      .send({ source: { kind: 'pages' } });
    const id = idOf(asked);
    const job = await JobRow.findOne({ where: { checkId: id } });
    // Each time the process is gone before its lease ends.
    let now = Date.now();
    for (let attempt = 0; attempt <= MOST_ATTEMPTS; attempt += 1) {
      now += 60_000;
      for (
        let leased = await leaseJob(server.database, new Date(now), 1000);
        leased && leased.id !== job?.id;
      )
        leased = await leaseJob(server.database, new Date(now), 3_600_000);
    }
    await job?.reload();
    expect([job?.state, job?.problem]).toEqual(['failed', expect.stringContaining('3 times')]);
    expect((await ended(id)).check.message).toContain('3 times');
  });
});

test('the log holds no statements and no values', async () => {
  const lines: string[] = [];
  const log = openLog('info', { write: (line: string) => void lines.push(line) });
  const source = Buffer.from('x'.repeat(500_000));
  const failing = PageRow.create({ clientId: 99_999_999, path: 'secret', source });
  await failing.catch((error: unknown) => log.error({ err: error }, 'failed'));
  expect(lines).toHaveLength(1);
  for (const told of ['xxxxxxxx', 'INSERT', '787878', 'secret']) expect(lines[0]).not.toContain(told);
  expect(lines[0]?.length).toBeLessThan(10_000);
});

describe('what was deleted', () => {
  const DAY = 86_400_000;

  test('lies in the trash, comes back, and goes for good with its bytes after its time', async () => {
    const photo = addedId(await upload(photosPath(), 'trash.jpg', await jpeg()).expect(201));
    const { added } = await addPage('trash.html', page());
    await api()
      .delete(`/api/photos/${String(photo)}`)
      .expect(204);
    await api()
      .delete(`/api/pages/${String(added[0]?.id)}`)
      .expect(204);
    const { things, days } = trashSchema.parse((await api().get('/api/trash').expect(200)).body);
    const mine = things.filter(({ name }) => name.startsWith('trash'));
    expect([days, mine.map(({ kind }) => kind).sort()]).toEqual([30, ['pages', 'photos']]);
    await addPage('trash.html', page('another'));
    await api()
      .post(`/api/pages/${String(added[0]?.id)}/restore`)
      .expect(409);
    const row = await PhotoRow.findByPk(photo, { paranoid: false });
    const key = row?.originalKey ?? '';
    await sweep(server.photos, new Date(Date.now() + 29 * DAY));
    expect(await server.photos.get(key)).toBeDefined();
    await sweep(server.photos, new Date(Date.now() + 31 * DAY));
    expect(await server.photos.get(key)).toBeUndefined();
    expect(await PhotoRow.findByPk(photo, { paranoid: false })).toBeNull();
    expect(await ClientRow.findByPk(clientId)).not.toBeNull();
  });

  test('with an import is undone as one, but for what was changed since', async () => {
    const branches = Array.from({ length: 30 }, (_, at) => ({
      label: `Kiosk ${String(at)}`,
      record: { ...larkspur, branchCode: `K${String(at)}` },
    }));
    const updated = {
      id: branchId,
      version: 0,
      label: 'Quay Street, new',
      record: { ...larkspur, slogan: 'New' },
    };
    const take = (input: object) => api().post(of('/branches/import')).send(input);
    const taken = await take({ title: 'kiosks.csv', branches: [...branches, updated] }).expect(201);
    const { changeId } = taken.body as { changeId: number };
    const list = async () => {
      const { body } = await api().get(of('/branches?limit=100')).expect(200);
      return (body as { branches: { id: number; label: string }[] }).branches;
    };
    const touched = (await list()).find(({ label }) => label === 'Kiosk 7');
    await api()
      .put(`/api/branches/${String(touched?.id)}/record`)
      .send({ record: larkspur, version: 0 })
      .expect(200);
    const { body } = await api()
      .post(`/api/changes/${String(changeId)}/undo`)
      .expect(200);
    expect(undoneSchema.parse(body)).toEqual({ undone: 30, kept: ['Kiosk 7'] });
    expect((await list()).map(({ label }) => label)).toEqual(['Kiosk 7', 'Quay Street']);
    // Compared with what is no longer so: nothing is taken.
    await take({ branches: [...branches, updated] }).expect(409);
    expect(await list()).toHaveLength(2);
  });
});

test('no check is kept without its pages and its job', async () => {
  const before = await CheckedPageRow.count();
  const sending = api().post(of('/checks/files')).attach('files', Buffer.from('no page'), 'a.txt');
  await sending.expect(422);
  expect(await CheckedPageRow.count()).toBe(before);
  expect(((await api().get(of('/checks'))).body as { checks: unknown[] }).checks).toEqual([]);
});

describe('the zip of a client', () => {
  const exported = async (): Promise<Buffer> => {
    const asked = api()
      .get(of('/archive.zip'))
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response
          .on('data', (chunk: Buffer) => chunks.push(chunk))
          .on('end', () => done(null, Buffer.concat(chunks)));
      });
    return (await asked.expect(200)).body as Buffer;
  };
  /** Every file of a zip by its name and its very bytes, but for when it was made. */
  const contentsOf = async (bytes: Buffer): Promise<readonly string[]> => {
    const file = join(tmpdir(), `zinc-archive-${String(process.pid)}.zip`);
    writeFileSync(file, bytes);
    const zip = await openZip(file);
    const contents: string[] = [];
    for await (const entry of eachEntry(zip)) {
      const content = (await readEntry(zip, entry)).toString('latin1');
      contents.push(`${nameOf(entry)}: ${content.replace(/"made": "[^"]*"/, '')}`);
    }
    zip.close();
    rmSync(file);
    return contents;
  };
  const takeIn = async (bytes: Buffer): Promise<Record<string, unknown>> => {
    const asked = upload('/api/clients/archive', 'client.zip', bytes)
      .buffer(true)
      .parse((response, done) => {
        let text = '';
        response.on('data', (chunk: Buffer) => (text += chunk.toString())).on('end', () => done(null, text));
      });
    const lines = String((await asked).body)
      .trim()
      .split('\n');
    return JSON.parse(lines.at(-1) ?? '{}') as Record<string, unknown>;
  };

  test('holds sites without what signs in there, with their pages, owners and rules', async () => {
    const access = { way: 'webdav', address: 'https://dav.shop.example/', user: 'x' };
    const secret = { password: 'secret-of-the-shop', privateKey: '', passphrase: '' };
    const asked = await api()
      .post(of('/sites'))
      .send({ name: 'Shop', url: 'https://shop.example/', access, secret })
      .expect(201);
    const siteId = (asked.body as { id: number }).id;
    const [{ id: pageId } = { id: 0 }] = await keepSitePages({ id: siteId, clientId }, [
      { path: 'index.html', bytes: page('on the site') },
    ]);
    await upload(of('/pages'), 'index.html', page('handed in'));
    const rule = { name: 'Own', pages: { kind: 'own' }, form: 'jsonld', at: 'head' };
    await api()
      .put(of('/rules'))
      .send({ rules: [rule] })
      .expect(204);
    await api()
      .put(of('/owners'))
      .send({ owners: [{ page: pageId, branch: null }] })
      .expect(204);
    const bytes = await exported();
    expect((await contentsOf(bytes)).join()).not.toContain('secret-of-the-shop');
    clientId = Number((await takeIn(bytes))['clientId']);
    expect(await contentsOf(await exported())).toEqual(await contentsOf(bytes));
    const kept = (await api().get(of('/sites')).expect(200)).body as { sites: unknown[] };
    expect(kept.sites).toMatchObject([{ name: 'Shop', access, hasSecret: false, pages: 1 }]);
    expect(await pages()).toMatchObject([
      { path: 'index.html', site: { name: 'Shop' }, ownBranch: null },
      { path: 'index.html', site: null },
    ]);
  });

  test('comes in again as it went out', async () => {
    const site = await zipped([['a/ü b.html', page('x')]]);
    const id = (await addPage('site.zip', site)).added[0]?.id ?? 0;
    await place(id, {}).expect(200);
    await upload(photosPath(), 'Front & back.jpg', await jpeg()).expect(201);
    const bytes = await exported();
    const made = await takeIn(bytes);
    expect(made).toMatchObject({ branches: 1, pages: 1, photos: 1 });
    const first = clientId;
    clientId = Number(made['clientId']);
    expect(clientId).not.toBe(first);
    expect(await pages()).toMatchObject([
      { path: 'a/ü b.html', placements: [{ state: 'proved', branchLabel: 'Quay Street' }] },
    ]);
    expect(await contentsOf(await exported())).toEqual(await contentsOf(bytes));
  });

  test.each<[string, () => Promise<Buffer>, RegExp]>([
    ['is no zip', () => Promise.resolve(Buffer.from('PK\u0003\u0004nonsense')), /no zip/],
    ['has no list of what it holds', () => zipped([['a.html', page()]]), /lacks manifest.json/],
    ['has a list that is none', () => zipped([['manifest.json', Buffer.from('{')]]), /not valid JSON/],
    [
      'is another program’s',
      () => zipped([['manifest.json', Buffer.from('{"format":"x"}')]]),
      /as it should/,
    ],
  ])('that %s is refused and leaves nothing', async (_, bytes, message) => {
    const before = await ClientRow.count();
    expect(String((await takeIn(await bytes()))['problem'])).toMatch(message);
    expect(await ClientRow.count()).toBe(before);
  });

  /** The zip of the client with its list of what it holds changed. */
  const changed = async (change: (manifest: { pages: { path: string }[] }) => void): Promise<Buffer> => {
    const file = join(tmpdir(), `zinc-changed-${String(process.pid)}.zip`);
    writeFileSync(file, await exported());
    const zip = await openZip(file);
    const entries: [string, Buffer][] = [];
    for await (const entry of eachEntry(zip)) entries.push([nameOf(entry), await readEntry(zip, entry)]);
    zip.close();
    rmSync(file);
    const list = entries.find(([name]) => name === 'manifest.json')?.[1].toString() ?? '';
    const manifest = JSON.parse(list) as { pages: { path: string }[] };
    change(manifest);
    return zipped(
      entries.map(([name, bytes]) => [
        name,
        name === 'manifest.json' ? Buffer.from(JSON.stringify(manifest)) : bytes,
      ]),
    );
  };

  test('that holds a page twice says so, and leaves nothing', async () => {
    await addPage('index.html', page('once'));
    const twice = await changed(({ pages: listed }) => listed.push(...listed.slice(0, 1)));
    const before = [await ClientRow.count(), await PageRow.count()];
    expect(String((await takeIn(twice))['problem'])).toMatch(/something twice.*Nothing of the archive/);
    expect([await ClientRow.count(), await PageRow.count()]).toEqual(before);
  });

  test.each(['../../x.html', '/etc/x.html', 'a/../../x.html', 'a\\..\\x.html', 'a//x.html'])(
    'whose page is to stand at %s is refused and leaves nothing',
    async (path) => {
      await addPage('index.html', page('inside'));
      const climbing = await changed(({ pages: [first] }) => {
        if (first) first.path = path;
      });
      const before = [await ClientRow.count(), await PageRow.count()];
      expect(String((await takeIn(climbing))['problem'])).toMatch(/leads out of the site/);
      expect([await ClientRow.count(), await PageRow.count()]).toEqual(before);
    },
  );

  test('that is damaged on its way leaves nothing', async () => {
    await addPage('index.html', page('here is what will be damaged'));
    const bytes = await exported();
    const before = [await ClientRow.count(), await PageRow.count()];
    // The page is packed: a changed byte in the middle of what is packed.
    const at = bytes.indexOf('pages/0001-index.html') + 'pages/0001-index.html'.length + 20;
    bytes[at] = (bytes[at] ?? 0) ^ 0xff;
    expect(await takeIn(bytes)).toMatchObject({ problem: expect.stringContaining('Nothing') as unknown });
    expect([await ClientRow.count(), await PageRow.count()]).toEqual(before);
  });
});
