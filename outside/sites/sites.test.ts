import {
  chmodSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import ssh2 from 'ssh2';
import type { SiteAccess } from '#core/site';
import { siteHost } from '#standins/siteHost/main.ts';
import { hostKeyIn, newKeys, sftpServer } from '#standins/siteHost/sftp.ts';
import { demoUser } from '#standins/siteHost/siteFiles.ts';
import {
  digestOf,
  exchange,
  openSite,
  SiteProblem,
  UnknownHostKey,
  type SiteConnection,
  type SiteSettings,
} from './index.ts';

const sites = mkdtempSync(join(tmpdir(), 'zinc-sites-'));
const root = join(sites, 'shop.example');
const secret = { password: demoUser.password, privateKey: '', passphrase: '' };
const { key, fingerprint } = hostKeyIn(join(sites, '.key'));
const http = createServer(siteHost(sites));
const plainKey = newKeys();
const lockedKey = newKeys('a phrase of words');
const ssh = sftpServer(sites, key, [plainKey.public, lockedKey.public]);
let settings: SiteSettings;

const at = (server: { address: () => unknown }): string =>
  `127.0.0.1:${String((server.address() as AddressInfo).port)}`;
const listening = (server: Server | typeof ssh): Promise<void> =>
  new Promise((resolve) => void server.listen(0, '127.0.0.1', () => resolve()));

beforeAll(async () => {
  await Promise.all([listening(http), listening(ssh)]);
  settings = { folders: [sites], standin: { http: at(http), ssh: at(ssh) } };
});
afterAll(() => {
  http.close();
  http.closeAllConnections();
  ssh.close();
});

const folder: SiteAccess = { way: 'folder', folder: root };
const sftp: SiteAccess = {
  way: 'sftp',
  host: 'files.shop.example',
  port: 22,
  user: demoUser.user,
  folder: '/shop.example',
  hostKey: fingerprint,
};
const webdav: SiteAccess = { way: 'webdav', address: 'https://dav.shop.example/', user: demoUser.user };
const ways = [
  ['a folder', folder],
  ['SFTP', sftp],
  ['WebDAV', webdav],
] as const;

const page = (words: string): Buffer =>
  Buffer.from(`<!doctype html>\r\n<title>${words}</title>\r\n<p>\xe9`, 'latin1');

function layOut(): void {
  mkdirSync(join(root, 'deep', 'er'), { recursive: true });
  writeFileSync(join(root, 'index.html'), page('Home'));
  writeFileSync(join(root, 'deep', 'er', 'a b & c.html'), page('Deep'));
  writeFileSync(join(root, 'style.css'), 'p{}');
}

describe.each(ways)('a site over %s', (_, access) => {
  beforeAll(layOut);

  test('lists its pages, and nothing else', async () => {
    const site = await openSite(access, secret, settings);
    expect(await site.list()).toEqual(['deep/er/a b & c.html', 'index.html']);
    await site.close();
  });

  test('gives a page to the byte, and none where there is none', async () => {
    const site = await openSite(access, secret, settings);
    expect((await site.read('deep/er/a b & c.html'))?.bytes).toEqual(page('Deep'));
    expect(await site.read('none.html')).toBeUndefined();
    await site.close();
  });

  test('takes a page in the place of the one that was read, and leaves nothing beside it', async () => {
    const site = await openSite(access, secret, settings);
    const [was, next] = [page('Deep'), page('Deeper'.repeat(40_000))];
    chmodSync(join(root, 'deep/er/a b & c.html'), 0o640);
    expect(await exchange(site, 'deep/er/a b & c.html', next, digestOf(was))).toMatchObject({
      state: 'written',
    });
    expect(readFileSync(join(root, 'deep/er/a b & c.html'))).toEqual(next);
    expect(readdirSync(join(root, 'deep/er'))).toEqual(['a b & c.html']);
    // Once more, as after a process that was killed behind the writing.
    expect(await exchange(site, 'deep/er/a b & c.html', next, digestOf(was))).toMatchObject({
      state: 'written',
    });
    expect(await exchange(site, 'deep/er/a b & c.html', was, digestOf(next))).toMatchObject({
      state: 'written',
    });
    await site.close();
  });

  test('clears away what a killed process has left of the same page', async () => {
    if (access.way === 'webdav') return; // the host writes beside
    const [next, was] = [page('Killed'), page('Deep')];
    const left = join(root, `deep/er/.a b & c.html.${digestOf(next).slice(0, 12)}.zinc-part`);
    writeFileSync(left, next.subarray(0, 20));
    const site = await openSite(access, secret, settings);
    await exchange(site, 'deep/er/a b & c.html', next, digestOf(was));
    expect(readFileSync(join(root, 'deep/er/a b & c.html'))).toEqual(next);
    expect(readdirSync(join(root, 'deep/er'))).toEqual(['a b & c.html']);
    await exchange(site, 'deep/er/a b & c.html', was, digestOf(next));
    await site.close();
  });

  test('never writes over a page that somebody changed meanwhile, and shows theirs', async () => {
    const site = await openSite(access, secret, settings);
    writeFileSync(join(root, 'index.html'), page('Theirs'));
    expect(await exchange(site, 'index.html', page('Ours'), digestOf(page('Home')))).toEqual({
      state: 'changed',
      theirs: page('Theirs'),
    });
    expect(readFileSync(join(root, 'index.html'))).toEqual(page('Theirs'));
    const read = { bytes: page('Home'), tag: '"an older one"' };
    expect(await site.put('index.html', page('Ours'), read)).toBe(false);
    expect(readFileSync(join(root, 'index.html'))).toEqual(page('Theirs'));
    expect(readdirSync(root).filter((name) => name.includes('zinc-part'))).toEqual([]);
    await site.close();
    writeFileSync(join(root, 'index.html'), page('Home'));
  });

  test('counts a page as written that an earlier attempt, given up, brings to its end meanwhile', async () => {
    const site = await openSite(access, secret, settings);
    let reads = 0;
    const overtaken: SiteConnection = {
      list: () => site.list(),
      put: (path, bytes, was) => site.put(path, bytes, was),
      close: () => site.close(),
      read: async (path) => {
        const there = await site.read(path);
        reads += 1;
        if (reads === 1) writeFileSync(join(root, 'index.html'), page('Ours'));
        return there;
      },
    };
    expect(await exchange(overtaken, 'index.html', page('Ours'), digestOf(page('Home')))).toEqual({
      state: 'written',
      bytes: page('Ours'),
    });
    expect(reads).toBe(2);
    await site.close();
    writeFileSync(join(root, 'index.html'), page('Home'));
  });

  test.each([
    '../secret.html',
    '/etc/passwd',
    'a/../../secret.html',
    'a//b.html',
    'a\\b.html',
    './index.html',
    'a\0.html',
  ])('refuses the path %j', async (path) => {
    const site = await openSite(access, secret, settings);
    await expect(site.read(path)).rejects.toThrow(SiteProblem);
    await expect(site.put(path, page('x'), { bytes: page('x'), tag: '' })).rejects.toThrow(SiteProblem);
    await site.close();
  });
});

test('of two that write the same page at once over one version one is told that it changed', async () => {
  layOut();
  for (const [, access] of ways.slice(1)) {
    writeFileSync(join(root, 'index.html'), page('Home'));
    const both = await Promise.all([openSite(access, secret, settings), openSite(access, secret, settings)]);
    const outcomes = await Promise.all(
      both.map((site, one) =>
        exchange(site, 'index.html', page(`Version ${String(one)}`), digestOf(page('Home'))),
      ),
    );
    const states = outcomes.map(({ state }) => state);
    expect(states).toContain('written');
    // What stands there is whole, and one of theirs.
    const there = readFileSync(join(root, 'index.html'));
    expect([page('Version 0'), page('Version 1')]).toContainEqual(there);
    await Promise.all(both.map((site) => site.close()));
  }
});

describe('a folder', () => {
  beforeAll(layOut);

  test('keeps the rights that a page’s file has', async () => {
    chmodSync(join(root, 'index.html'), 0o664);
    const site = await openSite(folder, secret, settings);
    await exchange(site, 'index.html', page('Rights'), digestOf(page('Home')));
    expect(statSync(join(root, 'index.html')).mode & 0o777).toBe(0o664);
    writeFileSync(join(root, 'index.html'), page('Home'));
  });

  test('is one that the settings allow, whatever it is called', async () => {
    const open = (path: string, folders = [root]) =>
      openSite({ way: 'folder', folder: path }, secret, { ...settings, folders });
    await expect(open('/etc')).rejects.toThrow('ZINC_SITE_FOLDERS');
    await expect(open(join(root, '..'))).rejects.toThrow(SiteProblem);
    await expect(open(root, [])).rejects.toThrow('No folder is allowed');
    symlinkSync('/etc', join(root, 'link'));
    await expect(open(join(root, 'link'))).rejects.toThrow(SiteProblem);
    await expect(open(join(root, 'deep'))).resolves.toBeDefined();
  });

  test('follows no link out of the site', async () => {
    const outside = join(sites, 'secret.html');
    writeFileSync(outside, page('Secret'));
    symlinkSync(outside, join(root, 'linked.html'));
    const site = await openSite(folder, secret, settings);
    await expect(site.read('linked.html')).rejects.toThrow('leads out');
    await expect(site.read('link/passwd')).rejects.toThrow('leads out');
    expect(await site.list()).not.toContain('linked.html');
    expect(readFileSync(outside)).toEqual(page('Secret'));
  });
});

describe('signing in', () => {
  test('keys that are made can all be read', () => {
    for (let at = 0; at < 300; at += 1)
      expect(ssh2.utils.parseKey(newKeys().private)).not.toBeInstanceOf(Error);
  });

  test.each(ways.slice(1))(
    'with a wrong password over %s says so, without the password',
    async (_, access) => {
      const wrong = { ...secret, password: 'hunter-2-secret' };
      const problem: unknown = await openSite(access, wrong, settings)
        .then((site) => site.list())
        .catch((error: unknown) => error);
      expect(String(problem)).toMatch(/does not take the user/);
      expect(String(problem)).not.toContain('hunter-2');
    },
  );

  test('works with a key instead of a password, locked or not, and with no other', async () => {
    const by = (privateKey: string, passphrase = '') =>
      openSite(sftp, { password: '', privateKey, passphrase }, settings);
    for (const site of [await by(plainKey.private), await by(lockedKey.private, 'a phrase of words')]) {
      expect(await site.list()).toContain('index.html');
      await site.close();
    }
    await expect(by(lockedKey.private, 'another')).rejects.toThrow('key cannot be read');
    await expect(by(lockedKey.private)).rejects.toThrow('passphrase');
    await expect(by('no key at all')).rejects.toThrow('key cannot be read');
    const stranger = newKeys().private;
    await expect(by(stranger)).rejects.toThrow('does not take the user');
  });

  test('shows an unknown host’s key before anything is sent, and refuses another one', async () => {
    const unseen: unknown = await openSite({ ...sftp, hostKey: '' }, secret, settings).catch(
      (error: unknown) => error,
    );
    expect(unseen).toBeInstanceOf(UnknownHostKey);
    expect((unseen as UnknownHostKey).hostKey).toBe(fingerprint);
    await expect(openSite({ ...sftp, hostKey: 'another' }, secret, settings)).rejects.toThrow(
      'another machine',
    );
  });

  test.each([
    [{ ...sftp, host: '127.0.0.1' }, 'closed network'],
    [{ ...sftp, host: '169.254.169.254' }, 'closed network'],
    [{ ...sftp, host: 'no-such-host.invalid' }, 'no host'],
    [{ ...webdav, address: 'https://127.0.0.1/' }, 'closed network'],
    [{ ...webdav, address: 'https://[::1]:8443/' }, 'closed network'],
  ] as const)('leads into no closed network: %j', async (access, words) => {
    const asked = openSite(access as SiteAccess, secret, settings).then((site) => site.list());
    await expect(asked).rejects.toThrow(words);
  });
});

describe('a host that behaves badly', () => {
  const hostile = createServer((request, response) => {
    if (request.method === 'PROPFIND' && request.url === '/climb/')
      response
        .writeHead(207)
        .end(
          '<D:multistatus xmlns:D="DAV:"><D:response><D:href>/climb/</D:href><D:propstat><D:prop><D:resourcetype><D:collection/></D:resourcetype></D:prop><D:status>HTTP/1.1 200 OK</D:status></D:propstat></D:response><D:response><D:href>/climb/..%2Fup.html</D:href><D:propstat><D:prop><D:resourcetype/></D:prop><D:status>HTTP/1.1 200 OK</D:status></D:propstat></D:response><D:response><D:href>/elsewhere/x.html</D:href><D:propstat><D:prop><D:resourcetype/></D:prop><D:status>HTTP/1.1 200 OK</D:status></D:propstat></D:response></D:multistatus>',
        );
    else if (request.url === '/nonsense/') response.writeHead(207).end('<not xml');
    else if (request.url?.endsWith('endless.html')) {
      response.writeHead(200);
      const send = (): void => {
        while (!response.destroyed && response.write(Buffer.alloc(65_536)));
        response.once('drain', send);
      };
      send();
    } else response.writeHead(500).end();
  });
  beforeAll(() => listening(hostile));
  afterAll(() => {
    hostile.close();
    hostile.closeAllConnections();
  });
  const open = (path: string) =>
    openSite({ ...webdav, address: `https://dav.shop.example/${path}` }, secret, {
      folders: [],
      standin: { http: at(hostile), ssh: at(ssh) },
    });

  test('leads to no file outside of the folder', async () => {
    expect(await (await open('climb')).list()).toEqual([]);
  });
  test('is told where its list is none, or it fails', async () => {
    await expect((await open('nonsense')).list()).rejects.toThrow(SiteProblem);
    await expect((await open('broken')).list()).rejects.toThrow('status 500');
  });
  test('sends without an end, and is cut off', async () => {
    await expect((await open('')).read('endless.html')).rejects.toThrow('more than 16 MB');
  });
});

test('a host that is not there is told, over SFTP and WebDAV', async () => {
  const nowhere = { folders: [], standin: { http: '127.0.0.1:9', ssh: '127.0.0.1:9' } };
  await expect(openSite(sftp, secret, nowhere)).rejects.toThrow('refuses the connection');
  const site = await openSite(webdav, secret, nowhere);
  await expect(site.list()).rejects.toThrow('refuses the connection');
});
