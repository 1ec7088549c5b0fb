import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import request from 'supertest';
import { ZipFile } from 'yazl';
import {
  addedPhotosSchema,
  branchStampSchema,
  jobSchema,
  ledgerSchema,
  photosSchema,
  photoUseSchema,
  problemSchema,
  stampsSchema,
  type Photo,
} from '#contract';
import { firstStamp } from '#core/photo';
import type { Fetcher } from '#outside/fetcher.ts';
import { larkspur } from '#sample';
import { heicIsShown } from './store/migration009.ts';
import { PhotoRow } from './store/models.ts';
import { openTestServer, type TestServer } from './testing.ts';

let server: TestServer;
/** What other hosts send, by address. */
const elsewhere = new Map<string, { readonly bytes: Buffer; readonly contentType: string }>();
const fetcher: Fetcher = {
  isStandin: () => true,
  fetch: (url) => {
    const there = elsewhere.get(url);
    const answer = { url, status: there ? 200 : 404, headers: {}, redirects: [], milliseconds: 0 };
    const { bytes = Buffer.alloc(0), contentType = 'text/html' } = there ?? {};
    return Promise.resolve({ ok: true, ...answer, bytes, contentType });
  },
};

beforeAll(async () => {
  server = await openTestServer({ fetcher });
});
afterAll(() => server.close());

const api = () => request(server.app);
const idOf = ({ body }: { body: unknown }): number => (body as { id: number }).id;
let clientId: number;
let branchId: number;

beforeEach(async () => {
  clientId = idOf(await api().post('/api/clients').send({ name: 'Larkspur & Vane' }).expect(201));
  const branches = `/api/clients/${String(clientId)}/branches`;
  branchId = idOf(await api().post(branches).send({ label: 'Quay Street' }).expect(201));
  await save(larkspur, 0);
});

const at = (path: string): string => `/api/branches/${String(branchId)}${path}`;
const save = (record: unknown, version: number) =>
  api().put(at('/record')).send({ record, version }).expect(200);
const picture = (shade: number) =>
  sharp({ create: { width: 40, height: 30, channels: 3, background: { r: shade, g: 90, b: 60 } } });
const jpeg = (shade: number): Promise<Buffer> => picture(shade).jpeg().toBuffer();
/** A HEIC of 64 by 48 pixels, its left half yellow and its right half blue. */
const heic = Buffer.from(
  [
    'AAAAHGZ0eXBoZWljAAAAAG1pZjFoZWljbWlhZgAAAa1tZXRhAAAAAAAAACFoZGxyAAAAAAAAAABwaWN0AAAAAAAAAAAAAAAAAAAA',
    'AA5waXRtAAAAAAACAAAAEGlkYXQAAAAAAEAAMAAAADhpbG9jAQAAAERAAAIAAQAAAAAAAAHRAAEAAAAAAAAAdwACAAEAAAAAAAAA',
    'AQAAAAAAAAAIAAAAOGlpbmYAAAAAAAIAAAAVaW5mZQIAAAEAAQAAaHZjMQAAAAAVaW5mZQIAAAAAAgAAZ3JpZAAAAADYaXBycAAA',
    'ALZpcGNvAAAAdmh2Y0MBA3AAAAAAAAAAAAAe8AD8/fj4AAAPAyAAAQAYQAEMAf//A3AAAAMAkAAAAwAAAwAeugJAIQABACpCAQED',
    'cAAAAwCQAAADAAADAB6gIIEFlurkprm4EBAwIAAAAwAgAAADACEiAAEABkQBwXPAiQAAABRpc3BlAAAAAAAAAEAAAABAAAAAFGlz',
    'cGUAAAAAAAAAQAAAADAAAAAQcGl4aQAAAAADCAgIAAAAGmlwbWEAAAAAAAAAAgABAoECAAICA4QAAAAaaXJlZgAAAAAAAAAOZGlt',
    'ZwACAAEAAQAAAH9tZGF0AAAAcygBrxOA9SeBO//htUf/4ZWeHootxP/+d/6j+aS5/9MFn2KvIT3kRMHmvX7XzYGS1S6E7EBCsw7n',
    'slJ3h0TLj1TtMYbP5hw6BEwdD3jr9YddF9yk+Kkm2jqBx8bl0YGb7Ve3Y9IRLE/q0KzjNc5zqe8CLVg=',
  ].join(''),
  'base64',
);
const upload = (name: string, bytes: Buffer) => api().post(at('/photos')).attach('file', bytes, name);
const listed = async (): Promise<readonly Photo[]> =>
  photosSchema.parse((await api().get(at('/photos')).expect(200)).body).photos;
const words = (photos: unknown) => api().put(at('/photos/words')).send({ photos });
const add = async (...names: readonly string[]): Promise<readonly number[]> => {
  for (const [shade, name] of names.entries()) await upload(name, await jpeg(shade * 20)).expect(201);
  return (await listed()).map(({ id }) => id);
};

/** Asks for a job of stamping; its number. */
const ask = async (photoIds: readonly number[], stamp: unknown): Promise<number> =>
  jobSchema.parse((await api().post(at('/stamps')).send({ photoIds, stamp }).expect(202)).body).id;
const job = async (id: number) => jobSchema.parse((await api().get(`/api/jobs/${String(id)}`)).body);

/** Lets a runner work until a job is no longer waiting or running. */
async function worked(id: number) {
  const runner = server.runner();
  runner.start();
  for (;;) {
    const now = await job(id);
    if (now.state !== 'waiting' && now.state !== 'running') {
      await runner.stop();
      return now;
    }
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}
const stampAll = async (stamp: unknown) =>
  worked(
    await ask(
      (await listed()).map(({ id }) => id),
      stamp,
    ),
  );

describe('words', () => {
  test('of a photo’s own are kept field by field, and wordings are filled in for each', async () => {
    const [front, ward] = await add('front.jpg', 'ward.jpg');
    await Promise.all([
      words([{ id: front, own: { subject: 'The door', keywords: ['door'] } }]).expect(204),
      words([{ id: front, own: { title: 'Own title' } }]).expect(204),
    ]);
    await words([
      { id: front, own: { keywords: [] } },
      { id: ward, own: { alt: 'A ward' } },
    ]).expect(204);
    await words([{ id: ward, own: { colour: 'red' } }]).expect(400);
    expect((await listed()).map(({ own }) => own)).toEqual([
      { subject: 'The door', title: 'Own title' },
      { alt: 'A ward' },
    ]);
    await stampAll({ wordings: { title: '{subject} in {town} {number}', caption: '{title}' } });
    expect((await listed()).map(({ state, stamped }) => [state, stamped?.title, stamped?.alt])).toEqual([
      ['stamped', 'Own title', ''],
      ['stamped', 'ward in Port Ellery 2', 'A ward'],
    ]);
  });

  test('that are typed after a stamp make the photo out of date, and are written into it again', async () => {
    const [front] = await add('front.jpg');
    await stampAll({ wordings: { title: '{subject}' } });
    await words([{ id: front, own: { title: 'Door' } }]).expect(204);
    expect((await listed())[0]?.state).toBe('out-of-date');
    await stampAll(null);
    expect((await listed())[0]).toMatchObject({ state: 'stamped', stamped: { title: 'Door' } });
  });

  test('that a picture came with stay where a stamp writes into empty fields only', async () => {
    const [front] = await add('front.jpg');
    await stampAll({ wordings: { title: 'Kept' } });
    const { body } = await api().get(`/api/photos/${String(front)}/stamped`);
    await upload('again.jpg', body as Buffer).expect(201);
    const again = (await listed())[1];
    expect(again).toMatchObject({ carried: { xmp: { title: 'Kept' } }, twin: 'front.jpg' });
    await worked(
      await ask([again?.id ?? 0], {
        wordings: { title: 'Other' },
        when: { title: 'empty', headline: 'empty' },
      }),
    );
    const proof = (await listed())[1]?.proof ?? [];
    expect((await listed())[1]?.stamped?.remarks.join(' ')).toContain('Kept what it had: title');
    expect(proof.filter(({ field }) => field === 'title')).toEqual([]);
    // What was typed for this one picture is written whatever it has.
    await words([{ id: again?.id, own: { title: 'Typed' } }]).expect(204);
    await stampAll(null);
    const titles = ((await listed())[1]?.proof ?? []).filter(({ field }) => field === 'title');
    expect(titles.map(({ read }) => read)).toEqual(['Typed', 'Typed', 'Typed']);
  });
});

describe('file names', () => {
  test('come from the wording, differ within the branch, and stay when photos are stamped again', async () => {
    const [one, two, three] = await add('a.jpg', 'b.jpg', 'c.jpg');
    const stamp = { wordings: { fileName: '{town}' } };
    await worked(await ask([one ?? 0, two ?? 0], stamp));
    await worked(await ask([three ?? 0], stamp));
    const names = async () => (await listed()).map(({ stamped }) => stamped?.name);
    const meant = ['port-ellery.jpg', 'port-ellery-2.jpg', 'port-ellery-3.jpg'];
    expect(await names()).toEqual(meant);
    await save({ ...larkspur, telephone: '(360) 555-0199' }, 1);
    expect((await listed()).map(({ state }) => state)).toEqual(Array(3).fill('out-of-date'));
    const { photos } = ledgerSchema.parse((await api().get(`/api/clients/${String(clientId)}/ledger`)).body);
    expect(photos[0]?.changes).toEqual([
      { label: 'Telephone', carried: '(360) 555-0142', now: '(360) 555-0199' },
    ]);
    await stampAll(null);
    expect(await names()).toEqual(meant);
    expect((await listed()).map(({ state }) => state)).toEqual(Array(3).fill('stamped'));
    await words([{ id: two, own: { name: 'The Door.jpg' } }]).expect(204);
    await stampAll(null);
    expect(await names()).toEqual(['port-ellery.jpg', 'the-door.jpg', 'port-ellery-3.jpg']);
  });

  test('that a record still names as they were are told, with the new one', async () => {
    await add('Front.jpg', 'other.jpg');
    const image = ['https://shop.example/img/front.jpg', 'https://shop.example/img/ward.jpg'].map((url) => ({
      url,
      caption: '',
      width: '',
      height: '',
    }));
    await save({ ...larkspur, image }, 1);
    const elsewhere = async () =>
      ledgerSchema.parse((await api().get(`/api/clients/${String(clientId)}/ledger`)).body).elsewhere;
    await stampAll({});
    expect(await elsewhere()).toEqual([]);
    await stampAll({ wordings: { fileName: '{town}-{number}' } });
    expect(await elsewhere()).toMatchObject([
      { branchId, address: image[0]?.url, state: 'renamed', now: 'port-ellery-1.jpg' },
    ]);
  });

  test('that pages still show as they were called are told at their addresses, wherever these stand', async () => {
    const other = idOf(
      await api()
        .post(`/api/clients/${String(clientId)}/branches`)
        .send({ label: 'Tallow Bay' })
        .expect(201),
    );
    await add('Front.jpg', 'My ward.jpg');
    await api()
      .post(`/api/branches/${String(other)}/photos`)
      .attach('file', await jpeg(99), 'bay.jpg')
      .expect(201);
    const page = `<!doctype html><html><head><title>x</title><meta property="og:image" content="https://shop.example/img/front.jpg?w=600">
      </head><body style="background: url('img/My%20ward.jpg')"><img src="a/other.jpg" srcset="small/FRONT.jpg 1x, big/front.jpg 2x" alt="">
      <img src="img/bay.jpg" alt=""><template><img src="inert/front.jpg" alt=""></template></body></html>`;
    const pages = `/api/clients/${String(clientId)}/pages`;
    await api().post(pages).attach('file', Buffer.from(page), 'index.html').expect(201);
    const pictures = async () =>
      ledgerSchema.parse((await api().get(`/api/clients/${String(clientId)}/ledger`)).body).pictures;
    await stampAll({});
    expect(await pictures()).toEqual([]);
    await stampAll({ wordings: { fileName: '{town}-{number}' } });
    expect(
      (await pictures()).map(({ path, branchLabel, address, now }) => [path, branchLabel, address, now]),
    ).toEqual([
      [
        'index.html',
        'Quay Street',
        'https://shop.example/img/front.jpg?w=600',
        'https://shop.example/img/port-ellery-1.jpg?w=600',
      ],
      ['index.html', 'Quay Street', 'img/My%20ward.jpg', 'img/port-ellery-2.jpg'],
      ['index.html', 'Quay Street', 'small/FRONT.jpg', 'small/port-ellery-1.jpg'],
      ['index.html', 'Quay Street', 'big/front.jpg', 'big/port-ellery-1.jpg'],
    ]);
  });

  test('and titles that other photos of the branch have are not given again', async () => {
    const [one, two] = await add('a.jpg', 'b.jpg');
    await worked(await ask([one ?? 0], { wordings: { title: '{town}' } }));
    await worked(await ask([two ?? 0], { wordings: { title: '{town}' } }));
    expect((await listed()).map(({ stamped }) => stamped?.title)).toEqual(['Port Ellery', 'Port Ellery 2']);
    expect((await listed()).map(({ state }) => state)).toEqual(['stamped', 'stamped']);
  });
});

test('a place of its own is written, and taken away again', async () => {
  const [front] = await add('front.jpg');
  const point = { latitude: 48.5, longitude: -122.6 };
  await words([{ id: front, own: { point } }]).expect(204);
  await words([{ id: front, own: { point: { latitude: 95, longitude: 0 } } }]).expect(400);
  await stampAll({});
  const read = (await listed())[0]?.proof.filter(({ field }) => field === 'latitude');
  expect(read?.map(({ read: degrees }) => Number(degrees))).toEqual([48.5, 48.5]);
  await words([{ id: front, own: { point: null } }]).expect(204);
  expect((await listed())[0]).toMatchObject({ own: {}, state: 'out-of-date' });
});

describe('what is taken in', () => {
  const zipOf = (files: Readonly<Record<string, Buffer>>): Promise<Buffer> => {
    const zip = new ZipFile();
    for (const [name, bytes] of Object.entries(files)) zip.addBuffer(bytes, name);
    zip.end();
    return new Promise((resolve) => {
      const chunks: Buffer[] = [];
      zip.outputStream.on('data', (chunk: Buffer) => chunks.push(chunk));
      zip.outputStream.on('end', () => resolve(Buffer.concat(chunks)));
    });
  };

  test('may be a zip; what in it is refused stops no other', async () => {
    const bytes = await zipOf({
      'set/a.jpg': await jpeg(1),
      'set/b.jpg': Buffer.from('no picture'),
      'notes.txt': Buffer.from('notes'),
      'set/e.bmp': Buffer.from('BM'),
      '__MACOSX/c.jpg': await jpeg(2),
      'd.png': await picture(3).png().toBuffer(),
    });
    const { photos, refused } = addedPhotosSchema.parse((await upload('set.zip', bytes).expect(201)).body);
    expect(photos.map(({ name, format }) => [name, format])).toEqual([
      ['a.jpg', 'JPEG'],
      ['d.png', 'PNG'],
    ]);
    expect(refused).toMatchObject([{ name: 'set/b.jpg' }, { name: 'set/e.bmp' }]);
    const none = await upload('none.zip', await zipOf({ 'a.txt': Buffer.from('a') })).expect(422);
    expect(problemSchema.parse(none.body).detail).toContain('holds no picture');
  });

  test('is told apart by its bytes: a disguise is told, and what is not written into gets a file beside it', async () => {
    await upload('disguised.jpg', await picture(1).png().toBuffer()).expect(201);
    await upload('one.gif', await picture(2).gif().toBuffer()).expect(201);
    expect((await listed()).map(({ format, isDisguised }) => [format, isDisguised])).toEqual([
      ['PNG', true],
      ['GIF', false],
    ]);
    await stampAll({ wordings: { title: 'T' } });
    expect((await listed()).map(({ state, stamped }) => [state, stamped?.sidecar])).toEqual([
      ['stamped', false],
      ['stamped', true],
    ]);
    const { body } = await api().get(at('/photos.zip')).responseType('blob').expect(200);
    const text = (body as Buffer).toString('latin1');
    for (const name of ['disguised.jpg', 'one.gif', 'one.xmp', 'manifest.csv', 'manifest.json'])
      expect(text).toContain(name);
  });
});

test('a selection is downloaded alone, and told of in a report', async () => {
  const [one, two] = await add('a.jpg', 'b.jpg');
  await api().get(at('/photos.zip')).expect(404);
  await stampAll({ wordings: { title: '<b>{subject}</b> {number}' } });
  const { body } = await api()
    .get(at(`/photos.zip?ids=${String(two)}`))
    .responseType('blob')
    .expect(200);
  expect((body as Buffer).toString('latin1')).toContain('b.jpg');
  expect((body as Buffer).toString('latin1')).not.toContain('a.jpg');
  await api().get(at('/photos.zip?ids=x')).expect(400);
  const report = (
    await api()
      .get(at(`/photos.html?ids=${String(one)}`))
      .expect(200)
  ).text;
  expect(report).toContain('data:image/webp;base64,');
  expect(report).toContain('&lt;b&gt;');
  expect(report).not.toContain('<b>1');
});

test('a job rests and goes on, and every photo is stamped once', async () => {
  const ids = await add('a.jpg', 'b.jpg', 'c.jpg');
  const id = await ask(ids, {});
  const post = (act: string) =>
    api()
      .post(`/api/jobs/${String(id)}/${act}`)
      .expect(200);
  await post('pause');
  expect(await worked(id)).toMatchObject({ state: 'paused', done: 0 });
  expect((await api().get(at('/jobs'))).body).toMatchObject({ jobs: [{ id, state: 'paused' }] });
  await post('resume');
  expect(await worked(id)).toMatchObject({ state: 'done', done: 3, failed: 0 });
  await post('resume');
  expect(await job(id)).toMatchObject({ state: 'done' });
});

describe('stamps', () => {
  test('are kept with the client under their names, and with the branch as the one in hand', async () => {
    const stamps = `/api/clients/${String(clientId)}/stamps`;
    const own = { ...firstStamp, name: 'Shop fronts', copyright: '' };
    expect(stampsSchema.parse((await api().get(stamps)).body).stamps).toEqual([]);
    await api()
      .put(stamps)
      .send({ stamps: [own] })
      .expect(204);
    await api()
      .put(stamps)
      .send({ stamps: [own, { ...own, name: 'shop fronts ' }] })
      .expect(400);
    await api()
      .put(stamps)
      .send({ stamps: [{ wordings: { title: '{nonsense}' } }] })
      .expect(400);
    expect(stampsSchema.parse((await api().get(stamps)).body).stamps).toEqual([own]);
    expect(branchStampSchema.parse((await api().get(at('/stamp'))).body).stamp).toEqual(firstStamp);
    await api().put(at('/stamp')).send({ stamp: own }).expect(204);
    expect(branchStampSchema.parse((await api().get(at('/stamp'))).body).stamp).toEqual(own);
  });

  test('that were kept before stamps had wordings are read as they were', async () => {
    const [id = 0] = await add('a.jpg');
    await stampAll({ wordings: { title: 'Front' } });
    const row = await PhotoRow.findByPk(id);
    const { fields, proof } = JSON.parse(row?.stamp ?? '') as { fields: unknown; proof: unknown };
    const former = {
      fields,
      wordings: { title: 'Front', caption: '', keywords: [], alt: '' },
      message: '',
      proof,
    };
    await row?.update({ stamp: JSON.stringify(former), digest: '', format: '' });
    const [shown] = await listed();
    expect(shown).toMatchObject({
      stamped: { title: 'Front', name: 'a.jpg' },
      message: '',
      format: '',
      isDisguised: false,
    });
    await stampAll(null);
    expect((await listed())[0]).toMatchObject({
      state: 'stamped',
      stamped: { title: 'Front', name: 'a.jpg' },
    });
  });
});

describe('where a photo went', () => {
  const page = 'https://shop.example/about';
  const used = async (photo: number, address: string) =>
    photoUseSchema.parse(
      (
        await api()
          .post(`/api/photos/${String(photo)}/uses`)
          .send({ kind: 'page', address, date: '2026-11-27' })
          .expect(201)
      ).body,
    ).id;
  const fetched = async (use: number) =>
    photoUseSchema.parse(
      (
        await api()
          .post(`/api/photo-uses/${String(use)}/fetch`)
          .expect(200)
      ).body,
    ).fetched;

  test('is fetched back: as it went, stripped by the host, or gone', async () => {
    const [front = 0] = await add('front.jpg');
    const use = await used(front, page);
    expect(await fetched(use)).toMatchObject({ problem: expect.stringContaining('not been stamped') });
    await stampAll({ wordings: { title: '{town}', fileName: '{town}' } });
    const { body } = await api().get(`/api/photos/${String(front)}/stamped`);
    const html = '<img src="/other.jpg"><picture><source srcset="img/port-ellery.jpg 2x"></picture>';
    elsewhere.set(page, { bytes: Buffer.from(html), contentType: 'text/html; charset=utf-8' });
    const address = 'https://shop.example/img/port-ellery.jpg';
    elsewhere.set(address, { bytes: body as Buffer, contentType: 'image/jpeg' });
    const whole = await fetched(use);
    expect(whole).toMatchObject({ problem: '', isSameImage: true });
    expect(whole?.lines.length).toBeGreaterThan(10);
    expect(whole?.lines.every(({ agrees }) => agrees)).toBe(true);
    const stripped = await sharp(body as Buffer)
      .resize(20)
      .jpeg()
      .toBuffer();
    elsewhere.set(address, { bytes: stripped, contentType: 'image/jpeg' });
    const lost = await fetched(use);
    expect(lost).toMatchObject({ problem: '', isSameImage: false });
    expect(lost?.lines.some(({ agrees }) => agrees)).toBe(false);
    elsewhere.set(page, { bytes: Buffer.from('<p>no picture</p>'), contentType: 'text/html' });
    expect((await fetched(use))?.problem).toContain('no picture that is called port-ellery.jpg or front.jpg');
    expect((await listed())[0]?.uses).toMatchObject([{ id: use, address: page, kind: 'page' }]);
    await api()
      .delete(`/api/photo-uses/${String(use)}`)
      .expect(204);
    expect((await listed())[0]?.uses).toEqual([]);
  });

  test('is an address of the web and nothing else', async () => {
    const [front = 0] = await add('front.jpg');
    for (const address of ['javascript:alert(1)', 'file:///etc/passwd', 'front.jpg'])
      await api()
        .post(`/api/photos/${String(front)}/uses`)
        .send({ kind: 'page', address, date: '2026-11-27' })
        .expect(400);
  });
});

test('a client’s archive carries words, stamps and uses of its photos', async () => {
  const [front = 0] = await add('front.gif.jpg');
  await words([{ id: front, own: { title: 'Own' } }]).expect(204);
  await api()
    .put(`/api/clients/${String(clientId)}/stamps`)
    .send({ stamps: [{ name: 'S' }] });
  await api()
    .post(`/api/photos/${String(front)}/uses`)
    .send({ kind: 'map', address: 'https://maps.example/p', date: '2026-11-01' });
  await stampAll({ wordings: { title: '{subject}' } });
  const archive = await api()
    .get(`/api/clients/${String(clientId)}/archive.zip`)
    .responseType('blob')
    .expect(200);
  const taken = await api()
    .post('/api/clients/archive')
    .attach('file', archive.body as Buffer, 'c.zip');
  const last = taken.text.trim().split('\n').at(-1) ?? '';
  const other = (JSON.parse(last) as { clientId: number }).clientId;
  const { body } = await api()
    .get(`/api/clients/${String(other)}/branches`)
    .expect(200);
  branchId = (body as { branches: { id: number }[] }).branches[0]?.id ?? 0;
  expect(await listed()).toMatchObject([
    { own: { title: 'Own' }, state: 'stamped', uses: [{ kind: 'map' }], stamped: { title: 'Own' } },
  ]);
  const stamps = await api().get(`/api/clients/${String(other)}/stamps`);
  expect(stampsSchema.parse(stamps.body).stamps).toMatchObject([{ name: 'S' }]);
});

describe('the small picture of a HEIC', () => {
  const tile = async (bytes: Buffer): Promise<readonly [left: number[], right: number[]]> => {
    const { body } = await upload('IMG_0001.HEIC', bytes).expect(201);
    const [photo] = addedPhotosSchema.parse(body).photos;
    const { body: small } = await api()
      .get(`/api/photos/${String(photo?.id)}/thumbnail`)
      .expect(200);
    const { data, info } = await sharp(small as Buffer)
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const pixel = (x: number): number[] => [...data.subarray(x * info.channels, x * info.channels + 3)];
    return [pixel(10), pixel(info.width - 10)];
  };

  test('shows its picture', async () => {
    const [left, right] = await tile(heic);
    expect((left[0] ?? 0) - (left[2] ?? 0)).toBeGreaterThan(100);
    expect((right[2] ?? 0) - (right[0] ?? 0)).toBeGreaterThan(80);
  });

  test('is made anew where a grey tile was kept before it could be decoded', async () => {
    await tile(heic);
    const kept = async (): Promise<readonly string[]> =>
      (await PhotoRow.findAll({ order: ['id'] })).map(
        ({ format, thumbnailKey }) => `${format} ${thumbnailKey && 'kept'}`,
      );
    await upload('other.jpg', await jpeg(90)).expect(201);
    await PhotoRow.update({ thumbnailKey: 'kept' }, { where: { format: 'JPEG' } });
    expect(await kept()).toContain('HEIC kept');
    await heicIsShown.up({ context: server.database.getQueryInterface() });
    const after = await kept();
    expect(after).toContain('JPEG kept');
    expect(after).not.toContain('HEIC kept');
  });

  test('is a grey tile where the picture is damaged', async () => {
    const damaged = Buffer.from(heic);
    damaged.fill(0xff, damaged.indexOf('hvcC') + 8, damaged.indexOf('hvcC') + 60);
    const [left, right] = await tile(damaged);
    expect(Math.max(...left.map((shade, at) => Math.abs(shade - (right[at] ?? 0))))).toBeLessThan(12);
  });
});
