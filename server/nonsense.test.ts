/** Every endpoint of the table, asked for what nobody means: it refuses with its reason, and never fails. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import * as z from 'zod';
import { api } from '#contract/api.ts';
import { problemSchema } from '#contract';
import type { Endpoint } from '#contract/endpoint.ts';
import { larkspur } from '#sample';
import { seeded, type Random } from '../bench/mutation.ts';
import { openTestServer, type TestServer } from './testing.ts';

const WORDS = [
  '',
  ' ',
  'Bäckerei',
  'a\0b',
  '\ud800',
  'x'.repeat(3_000),
  '<script>alert(1)</script>',
  '__proto__',
  'constructor',
  'http://127.0.0.1:1/',
  'file:///etc/passwd',
  '../../etc/passwd',
  "'; drop table clients; --",
  '%00',
  '2026-13-45',
  '\r\nX: y',
  '{name',
  '_%\\',
];
const NUMBERS = [0, -1, 0.5, 2 ** 31, 2 ** 53, 1e308];
const OTHERS: readonly unknown[] = [null, true, 0, 'x', [], {}, [[[]]]];

const schema = z.looseObject({
  get anyOf() {
    return z.array(schema).optional();
  },
  get properties() {
    return z.record(z.string(), schema).optional();
  },
  get items() {
    return schema.optional();
  },
  type: z.string().optional(),
  const: z.unknown().optional(),
  enum: z.array(z.unknown()).optional(),
});
type Schema = z.infer<typeof schema>;

const one = <T>(of: readonly T[], random: Random): T | undefined => of[random(of.length)];

/** Something that is nearly what the schema wants. */
function nearly(wanted: Schema, random: Random): unknown {
  if (random(30) === 0) return one(OTHERS, random);
  if (wanted.const !== undefined) return wanted.const;
  if (wanted.enum) return one(wanted.enum, random);
  if (wanted.anyOf) return nearly(one(wanted.anyOf, random) ?? {}, random);
  if (wanted.properties)
    return Object.fromEntries(
      Object.entries(wanted.properties).flatMap(([name, inside]) =>
        random(4) === 0 ? [] : [[name, nearly(inside, random)]],
      ),
    );
  if (wanted.type === 'array')
    return Array.from({ length: random(3) }, () => nearly(wanted.items ?? {}, random));
  if (wanted.type === 'integer' || wanted.type === 'number')
    return random(4) > 0 ? 1 + random(4) : one(NUMBERS, random);
  if (wanted.type === 'boolean') return random(2) === 0;
  return one(WORDS, random);
}

const schemaOf = (of: z.ZodType): Schema =>
  schema.parse(z.toJSONSchema(of, { io: 'input', unrepresentable: 'any' }));

const MULTIPART = 'multipart/form-data; boundary=b';
const FORMS = [
  '',
  '--b\r\n\r\n',
  '--b\r\nContent-Disposition: form-data; name="file"; filename="a\0.jpg"\r\n\r\nx\r\n--b--\r\n',
  '--b\r\nContent-Disposition: form-data; name="file"; filename="a.zip"\r\n\r\nPK\x03\x04garbage\r\n--b--\r\n',
  '--b\r\nContent-Disposition: form-data; name="other"; filename="a"\r\n\r\nx\r\n--b--\r\n',
  '--b\r\nContent-Disposition: form-data; name="file"; filename="../a"\r\n\r\ncut',
  `--b\r\nX: ${'y'.repeat(100_000)}\r\n\r\nx\r\n--b--\r\n`,
];

let server: TestServer;
beforeAll(async () => {
  server = await openTestServer();
  const agent = request(server.app);
  for (const name of ['One', 'Two', 'Three', 'Four']) {
    const { body } = await agent.post('/api/clients').send({ name }).expect(201);
    const { id } = z.object({ id: z.int() }).parse(body);
    await agent
      .post(`/api/clients/${String(id)}/branches`)
      .send({ label: name, record: larkspur })
      .expect(201);
  }
});
afterAll(() => server.close());

/** Asks an endpoint for nonsense. */
async function ask(endpoint: Endpoint, random: Random): Promise<request.Response> {
  const path = endpoint.path.replace(/:\w+/g, () =>
    encodeURIComponent(
      random(10) > 0 ? String(1 + random(4)) : (one(['%00', 'x', '-1', '1e99'], random) ?? ''),
    ),
  );
  const query = nearly(schemaOf(endpoint.query), random);
  const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';
  const agent = request(server.app);
  const asked = agent[method](`/api${path}`).query(
    typeof query === 'object' && query !== null ? (JSON.parse(JSON.stringify(query)) as object) : {},
  );
  if (endpoint.files) return asked.set('content-type', MULTIPART).send(one(FORMS, random) ?? '');
  if (method === 'get') return asked;
  const body = random(20) === 0 ? '{"a":' : JSON.stringify(nearly(schemaOf(endpoint.body), random));
  return asked.set('content-type', 'application/json').send(body);
}

describe('nonsense', () => {
  const random = seeded(2026);
  test.each(Object.entries<Endpoint>(api))('is refused by %s', async (_name, endpoint) => {
    for (let round = 0; round < 8; round += 1) {
      const { status, body } = await ask(endpoint, random);
      // No address search runs here: 502 says so.
      expect([500, 503]).not.toContain(status);
      if (status >= 400) expect(problemSchema.parse(body).detail).not.toBe('');
    }
  });
});
