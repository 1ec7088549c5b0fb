/** Hosts that answer slowly, wrongly, endlessly or not at all. */
import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { brotliCompressSync, deflateRawSync, deflateSync, gzipSync } from 'node:zlib';
import { afterAll, afterEach, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { shownCheckSchema } from '#contract';
import { guardedFetcher } from '#outside/fetcher.ts';
import { isClosedAddress } from '#outside/publicAddress.ts';
import { robotsOf } from '#outside/robots.ts';
import { openTestServer } from './testing.ts';

/** A host that does what it likes with a connection. */
let host: Server;
let answer: (socket: Socket) => void = () => undefined;
const sockets = new Set<Socket>();

beforeAll(async () => {
  host = createServer((socket) => {
    sockets.add(socket);
    socket.on('error', () => undefined).on('close', () => sockets.delete(socket));
    socket.once('data', () => answer(socket));
  });
  await new Promise<void>((resolve) => host.listen(0, '127.0.0.1', resolve));
});
afterEach(() => {
  for (const socket of sockets) socket.destroy();
});
afterAll(() => {
  host.close();
});

const fetcher = (deadline = 1500) =>
  guardedFetcher(`127.0.0.1:${String((host.address() as AddressInfo).port)}`, deadline);
const PATIENT = 60_000;
const head = (status: string, fields: readonly string[] = []): string =>
  [`HTTP/1.1 ${status}`, ...fields, '', ''].join('\r\n');
const send =
  (body: Buffer | string, fields: readonly string[] = [], status = '200 OK') =>
  (socket: Socket): void => {
    socket.write(head(status, [`Content-Length: ${String(Buffer.byteLength(body))}`, ...fields]));
    socket.end(body);
  };
const again = (socket: Socket, words: string): void => {
  const timer = setInterval(() => socket.write(words), 50);
  socket.once('close', () => clearInterval(timer));
};
const switching = (socket: Socket): void =>
  void socket.write(head('101 Switching Protocols', ['Upgrade: x', 'Connection: Upgrade']));

test.each<[string, (socket: Socket) => void]>([
  ['changes the protocol', switching],
  ['closes without a word', (socket) => socket.end()],
  ['breaks the connection', (socket) => socket.resetAndDestroy()],
  ['says nothing', () => undefined],
  ['stops in its head', (socket) => socket.write('HTTP/1.1 200 OK\r\nContent-')],
  ['stops in its content', (socket) => socket.write(`${head('200 OK', ['Content-Length: 1000'])}half`)],
  [
    'sends a byte now and then',
    (socket) => {
      socket.write(head('200 OK', ['Content-Length: 100000']));
      again(socket, 'x');
    },
  ],
  ['only says that it will go on', (socket) => again(socket, head('103 Early Hints'))],
  ['redirects for ever', send('', ['Location: /again'], '302 Found')],
  ['sends no HTTP', (socket) => socket.end('220 mail.example ESMTP\r\n')],
  ['sends a head without end', (socket) => socket.end(`HTTP/1.1 200 OK\r\n${'X: y\r\n'.repeat(200_000)}`)],
])('a fetch comes to its end with a host that %s', async (_, behave) => {
  answer = behave;
  const fetched = await fetcher().fetch('http://shop.example/');
  expect(fetched.ok ? 'fetched' : fetched.message).toMatch(/cannot be fetched|redirects/);
});

describe('content', () => {
  const text = '<p>café '.repeat(50);

  test.each<[string, Buffer]>([
    ['gzip', gzipSync(text)],
    ['x-gzip', gzipSync(text)],
    ['GZip', gzipSync(text)],
    ['deflate', deflateSync(text)],
    ['deflate', deflateRawSync(text)],
    ['br', brotliCompressSync(text)],
    ['gzip, br', brotliCompressSync(gzipSync(text))],
    ['gzip, gzip', gzipSync(gzipSync(text))],
    ['identity', Buffer.from(text)],
    ['', Buffer.from(text)],
  ])('packed as %j is read', async (coding, body) => {
    answer = send(body, coding ? [`Content-Encoding: ${coding}`] : []);
    const fetched = await fetcher(PATIENT).fetch('http://shop.example/');
    expect(fetched.ok && fetched.bytes.toString()).toBe(text);
  });

  test.each<[string, Buffer]>([
    ['zstd', Buffer.from('x')],
    ['nonsense', Buffer.from('x')],
    ['constructor', Buffer.from('x')],
    ['gzip', Buffer.from('no gzip')],
    ['gzip, gzip, gzip, gzip', gzipSync('x')],
    ['gzip', gzipSync(Buffer.alloc(64 * 1024 * 1024))],
  ])('packed as %j that cannot be unpacked is refused', async (coding, body) => {
    answer = send(body, [`Content-Encoding: ${coding}`]);
    expect((await fetcher(PATIENT).fetch('http://shop.example/')).ok).toBe(false);
  });
});

test('304 and 300 are no redirects', async () => {
  for (const status of ['304 Not Modified', '300 Multiple Choices']) {
    answer = (socket) =>
      socket.end(head(status, ['Location: http://shop.example/other', 'Content-Length: 0']));
    const fetched = await fetcher(PATIENT).fetch('http://shop.example/');
    expect(fetched).toMatchObject({ ok: true, status: Number(status.slice(0, 3)), redirects: [] });
  }
});

test('addresses that are too long are refused and not cut, redirects too', async () => {
  const refused = { ok: false, message: expect.stringContaining('characters') as unknown };
  expect(await fetcher().fetch(`http://shop.example/${'x'.repeat(3000)}`)).toMatchObject(refused);
  answer = send('', [`Location: /${'y'.repeat(3000)}`], '302 Found');
  expect(await fetcher(PATIENT).fetch('http://shop.example/')).toMatchObject(refused);
});

test('a robots.txt is read to its size; 5xx and silence are a no, 4xx is none', async () => {
  answer = send(`User-agent: *\nDisallow: /private\n${'# x\n'.repeat(300_000)}`);
  const large = robotsOf(fetcher(PATIENT));
  expect(await large.refusal('http://shop.example/private')).toContain('asks not to');
  expect(await large.refusal('http://shop.example/open')).toBe('');
  // Packed it is read as far too, and what is packed in it beyond that is nobody's business.
  const rules = `User-agent: *\nDisallow: /private\n${'# x\n'.repeat(3_000_000)}`;
  for (const packed of [gzipSync(rules), brotliCompressSync(rules), gzipSync(rules).subarray(0, 3000)]) {
    const coding = packed[0] === 0x1f ? 'gzip' : 'br';
    answer = send(packed, [`Content-Encoding: ${coding}`]);
    expect(await robotsOf(fetcher(PATIENT)).refusal('http://shop.example/private')).toContain('asks not to');
  }
  const refusal = () => robotsOf(fetcher(PATIENT)).refusal('http://shop.example/');
  answer = send('', [], '503 Service Unavailable');
  expect(await refusal()).toContain('503');
  answer = (socket) => socket.destroy();
  expect(await refusal()).toContain('cannot be read');
  answer = send('', [], '404 Not Found');
  expect(await refusal()).toBe('');
});

test('hosts that never answer hold up no job', async () => {
  answer = switching;
  const server = await openTestServer({ fetcher: fetcher() });
  const api = () => request(server.app);
  const { id: clientId } = (await api().post('/api/clients').send({ name: 'x' })).body as { id: number };
  const urls = ['a', 'b', 'c', 'd', 'e'].map((name) => `http://${name}.example/`);
  const asked = await api()
    .post(`/api/clients/${String(clientId)}/checks`)
    .send({ source: { kind: 'urls', urls } });
  const { id } = asked.body as { id: number };
  const runner = server.runner();
  runner.start();
  for (;;) {
    const { check } = shownCheckSchema.parse((await api().get(`/api/checks/${String(id)}`)).body);
    if (check.state === 'waiting' || check.state === 'running') {
      await new Promise((resolve) => setTimeout(resolve, 100));
      continue;
    }
    expect(check).toMatchObject({ state: 'done', unread: 5 });
    break;
  }
  await runner.stop();
  await server.close();
});

test.each(
  `64:ff9b:1::1 fec0::1 5f00::1 3fff::1 2001:db8::1 2001::1 2002:7f00:1:: ::ffff:127.0.0.1 ::127.0.0.1
   64:ff9b::7f00:1 fc00::1 fe80::1 ff02::1 ::1 :: 100::1 4000::1 e000::1 0.0.0.0 10.0.0.1 100.64.0.1 127.1.2.3
   169.254.1.1 172.31.0.1 192.0.0.1 192.0.2.1 192.88.99.1 192.168.0.1 198.18.0.1 198.51.100.1 203.0.113.1
   224.0.0.1 240.0.0.1 255.255.255.255 nonsense`.split(/\s+/),
)('%s is no address of the public web', (address) => expect(isClosedAddress(address)).toBe(true));

test.each(['8.8.8.8', '93.184.216.34', '2606:2800:220:1::1', '2a00:1450::1', '::ffff:8.8.8.8'])(
  '%s is an address of the public web',
  (address) => expect(isClosedAddress(address)).toBe(false),
);
