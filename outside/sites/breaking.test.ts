/** An SFTP host whose connection breaks off, at each of the requests that reading and writing a page take. */
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Connection, SFTPWrapper } from 'ssh2';
import { hostKeyIn, sftpServer } from '#standins/siteHost/sftp.ts';
import { demoUser } from '#standins/siteHost/siteFiles.ts';
import { digestOf, exchange, openSite, SiteProblem } from './index.ts';

const sites = mkdtempSync(join(tmpdir(), 'zinc-breaking-'));
const { key, fingerprint } = hostKeyIn(join(sites, '.key'));
const file = join(sites, 'shop.example', 'index.html');
const [was, next] = [Buffer.from('<title>was</title>'), Buffer.from('<title>next</title>'.repeat(4000))];

const REQUESTS = ['LSTAT', 'OPEN', 'READ', 'WRITE', 'FSETSTAT', 'CLOSE', 'RENAME', 'REMOVE'] as const;
const breaks = {
  'says good-bye': (client: Connection) => void client.end(),
  'is gone': (client: Connection) => {
    // The types say less than the server has.
    (client as unknown as { _sock: { destroy: () => void } })._sock.destroy();
  },
};
let heard: (request: string, client: Connection) => void = () => undefined;
const host = sftpServer(sites, key, [], (sftp: SFTPWrapper, client) => {
  for (const request of REQUESTS) sftp.on(request as 'CLOSE', () => heard(request, client));
});

beforeAll(async () => {
  mkdirSync(join(sites, 'shop.example'), { recursive: true });
  await new Promise<void>((resolve) => void host.listen(0, '127.0.0.1', () => resolve()));
});
afterAll(() => void host.close());

const cases = REQUESTS.flatMap((request) =>
  Object.entries(breaks).flatMap(([how, act]) =>
    [1, 2, 3, 4].map((time) => [request, time, how, act] as const),
  ),
);

test.each(cases)(
  'a connection that at %s no. %i %s leaves the page whole and the process alive',
  async (request, time, _, act) => {
    writeFileSync(file, was);
    let times = 0;
    heard = (name, client) => {
      if (name === request && (times += 1) === time) act(client);
    };
    const site = await openSite(
      {
        way: 'sftp',
        host: 'h.example',
        port: 22,
        user: demoUser.user,
        folder: '/shop.example',
        hostKey: fingerprint,
      },
      { password: demoUser.password, privateKey: '', passphrase: '' },
      {
        folders: [],
        standin: { http: '', ssh: `127.0.0.1:${String((host.address() as AddressInfo).port)}` },
      },
    );
    const read = await site.read('index.html').catch((error: unknown) => error);
    if (Buffer.isBuffer((read as { bytes?: unknown }).bytes)) expect(read).toMatchObject({ bytes: was });
    else expect(read).toBeInstanceOf(SiteProblem);
    const put: unknown = await exchange(site, 'index.html', next, digestOf(was)).catch(
      (error: unknown) => error,
    );
    const now = readFileSync(file);
    if (put instanceof SiteProblem) expect([was, next]).toContainEqual(now);
    else expect({ put, now }).toMatchObject({ put: { state: 'written' }, now: next });
    await site.close();
  },
);
