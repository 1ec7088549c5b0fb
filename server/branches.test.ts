import { afterAll, beforeAll, beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { Express } from 'express';
import request from 'supertest';
import { branchSchema, branchesSchema, clientsSchema, foundBranchesSchema, problemSchema } from '#contract';
import { businessesIn, readSource } from '#core/reading';
import { emptyRecord, recordSchema } from '#core/record';
import { larkspur } from '#sample';
import { BranchRow } from './store/models.ts';
import { openTestServer, type TestServer } from './testing.ts';

let server: TestServer;
let app: Express;
let clientId: number;

beforeAll(async () => {
  server = await openTestServer();
  app = server.app;
});

afterAll(() => server.close());

const api = () => request(app);
const idOf = ({ body }: { body: unknown }): number => (body as { id: number }).id;
const at = (path: string): string => `/api/clients/${String(clientId)}${path}`;

beforeEach(async () => {
  clientId = idOf(await api().post('/api/clients').send({ name: 'Kiosks of the coast' }).expect(201));
});

const list = async (query = '') =>
  branchesSchema.parse(
    (
      await api()
        .get(at(`/branches${query}`))
        .expect(200)
    ).body,
  );
const show = async (id: number) =>
  branchSchema.parse(
    (
      await api()
        .get(`/api/branches/${String(id)}`)
        .expect(200)
    ).body,
  );
const kiosks = (count: number) =>
  Array.from({ length: count }, (_, number) => ({
    label: `Kiosk ${String(number).padStart(4, '0')}`,
    record: recordSchema.parse({
      name: 'Kiosk',
      branchCode: `K-${String(number)}`,
      address: { ...emptyRecord.address, addressLocality: number % 2 ? 'Saltby' : 'Port Ellery' },
    }),
  }));

describe('many branches', () => {
  test('are taken in together and asked for by pages and words', async () => {
    await api()
      .post(at('/branches/import'))
      .send({ branches: kiosks(5000) })
      .expect(201);
    const { total, branches } = await list('?offset=4900&limit=200');
    expect(total).toBe(5000);
    expect(branches).toHaveLength(100);
    expect(branches[0]).toMatchObject({ label: 'Kiosk 4900', town: 'Port Ellery' });
    expect((await list('?q=saltby')).total).toBe(2500);
    expect((await list('?q=k+4711+saltby')).branches.map(({ label }) => label)).toEqual(['Kiosk 4711']);
    expect((await list('?q=nowhere')).total).toBe(0);
    const { clients } = clientsSchema.parse((await api().get('/api/clients?q=kiosk+12').expect(200)).body);
    expect(clients.find(({ id }) => id === clientId)?.branches).toBe(
      // Words are found from their beginning on.
      kiosks(5000).filter(({ label, record }) => /[ -]12/.test(`${label} ${record.branchCode}`)).length,
    );
    const found = foundBranchesSchema.parse(
      (
        await api()
          .get(`/api/search?q=kiosk+0042&client=${String(clientId)}`)
          .expect(200)
      ).body,
    );
    expect(found.branches).toMatchObject([{ label: 'Kiosk 0042', clientName: 'Kiosks of the coast' }]);
    const { body } = await api().get(at('/markup?shape=graph')).expect(422);
    expect(problemSchema.parse(body).detail).toContain('500 branches');
  });

  test('are taken in whole or not at all', async () => {
    const wrong = [...kiosks(600), { label: 'x'.repeat(201), record: emptyRecord }];
    const { body } = await api().post(at('/branches/import')).send({ branches: wrong }).expect(400);
    expect(problemSchema.parse(body).errors?.[0]?.path).toBe('branches.600.label');
    expect((await list()).total).toBe(0);
    // A fault of the database in the middle takes the first rows with it.
    const real = BranchRow.bulkCreate.bind(BranchRow);
    const create = jest.spyOn(BranchRow, 'bulkCreate');
    create.mockImplementationOnce((rows, options) => real(rows, options));
    create.mockRejectedValueOnce(new Error('disk full'));
    await api()
      .post(at('/branches/import'))
      .send({ branches: kiosks(600) })
      .expect(500);
    create.mockRestore();
    expect((await list()).total).toBe(0);
  });
});

describe('a client’s defaults', () => {
  test('stand in every branch that inherits them, and change with one save', async () => {
    await api()
      .put(at('/defaults'))
      .send({
        record: { ...emptyRecord, telephone: '(360) 555-0100', address: larkspur.address },
        version: 0,
      })
      .expect(200, { version: 1 });
    const id = idOf(
      await api()
        .post(at('/branches'))
        .send({ label: 'A', record: { ...emptyRecord, name: 'A', types: ['Store'] } })
        .expect(201),
    );
    const own = idOf(
      await api()
        .post(at('/branches'))
        .send({ label: 'B', record: { ...larkspur, telephone: '(360) 555-0111' } })
        .expect(201),
    );
    expect((await show(id)).defaults.telephone).toBe('(360) 555-0100');
    const telephones = async (): Promise<string[]> => {
      const { text } = await api().get(at('/markup?shape=organization')).expect(200);
      return text.match(/"telephone": "\+1 360 555 01(00|11|22)"/g) ?? [];
    };
    expect(await telephones()).toEqual(['"telephone": "+1 360 555 0100"', '"telephone": "+1 360 555 0111"']);
    await api()
      .put(at('/defaults'))
      .send({ record: { ...emptyRecord, telephone: '+1 360 555 0122' }, version: 1 })
      .expect(200);
    expect(await telephones()).toEqual(['"telephone": "+1 360 555 0122"', '"telephone": "+1 360 555 0111"']);
    expect((await show(own)).record.telephone).toBe('(360) 555-0111');
    await api().put(at('/defaults')).send({ record: emptyRecord, version: 1 }).expect(409);
  });

  test('make a placed page out of date when they change', async () => {
    const defaults = { ...larkspur };
    await api().put(at('/defaults')).send({ record: defaults, version: 0 }).expect(200);
    const id = idOf(await api().post(at('/branches')).send({ label: 'A' }).expect(201));
    await api()
      .post(at('/pages'))
      .attach('file', Buffer.from('<!doctype html><html><head></head><body></body></html>'), 'index.html')
      .expect(201);
    const { body } = await api().get(at('/pages')).expect(200);
    const [page] = (body as { pages: { id: number }[] }).pages;
    await api()
      .put(`/api/pages/${String(page?.id)}/placements`)
      .send({ branchId: id, form: 'graph', at: 'head' })
      .expect(200);
    expect((await list()).branches[0]?.steps.pages.state).toBe('proved');
    await api()
      .put(at('/defaults'))
      .send({ record: { ...defaults, priceRange: '$$$' }, version: 1 })
      .expect(200);
    expect((await list()).branches[0]?.steps.pages.state).toBe('out-of-date');
  });
});

test('a duplicate has the facts but not what is one branch’s alone, and all branches make one graph', async () => {
  const id = idOf(await api().post(at('/branches')).send({ label: 'A', record: larkspur }).expect(201));
  const copy = await show(
    idOf(
      await api()
        .post(`/api/branches/${String(id)}/duplicate`)
        .send({ label: 'A two' })
        .expect(201),
    ),
  );
  expect(copy).toMatchObject({
    label: 'A two',
    record: { name: larkspur.name, hours: larkspur.hours, url: '', id: '', hasMap: '', pin: emptyRecord.pin },
  });
  const { text } = await api().get(at('/markup?shape=graph')).expect(200);
  const { items, faults } = readSource(text);
  expect(faults).toEqual([]);
  expect(businessesIn(items).filter(({ types }) => types.includes('LocalBusiness'))).toHaveLength(2);
  expect(items.filter(({ types }) => types.includes('Organization'))).toHaveLength(1);
});
