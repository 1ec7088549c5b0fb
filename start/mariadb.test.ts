import { execFileSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createConnection, type ConnectionConfig } from 'mariadb';
import { ownFolder } from './folder.ts';
import { startMariaDb, type MariaDb } from './mariadb.ts';

const home = mkdtempSync(join(tmpdir(), 'zinc-mariadb-'));
afterAll(() => {
  rmSync(home, { recursive: true, force: true });
});
const modeOf = (path: string): string => (statSync(path).mode & 0o777).toString(8);

describe('a MariaDB of our own', () => {
  const folder = join(home, 'old');
  let database: MariaDb;
  let port: number;

  beforeAll(async () => {
    // As an installation leaves it, and as data folders of earlier versions are.
    mkdirSync(join(folder, 'data'), { recursive: true });
    writeFileSync(join(folder, 'password'), 'not a password', { mode: 0o644 });
    execFileSync('mariadb-install-db', [
      '--no-defaults',
      `--datadir=${join(folder, 'data')}`,
      `--tmpdir=${folder}`,
      '--auth-root-authentication-method=normal',
      ...(process.getuid?.() === 0 ? ['--user=root'] : []),
    ]);
    database = await startMariaDb(folder);
    port = Number(new URL(database.url).port);
  });
  afterAll(() => database.stop());

  const enter = async (as: Partial<ConnectionConfig>): Promise<string> => {
    try {
      const connection = await createConnection({ connectTimeout: 3000, ...as });
      await connection.end();
      return 'in';
    } catch (error) {
      return error instanceof Error && 'errno' in error ? `refused ${String(error.errno)}` : String(error);
    }
  };

  test.each([
    { host: '127.0.0.1', user: 'root' },
    { host: '127.0.0.1', user: 'root', password: '' },
    { host: '127.0.0.1', user: 'zincpost' },
    { host: '127.0.0.1', user: '' },
    { host: '127.0.0.1', user: 'mariadb.sys' },
    { host: '127.0.0.1', user: 'zincpost', password: 'not a password' },
  ])('lets nobody in as %j', async (as) => {
    // 1045: access denied; 1130: no account of that name from there; 4151: the account is locked.
    expect(await enter({ ...as, port })).toMatch(/^refused (1045|1130|4151)$/);
  });

  test('lets nobody in as root through the socket without a password', async () => {
    expect(await enter({ socketPath: join(folder, 'mariadbd.sock'), user: 'root' })).toBe('refused 1045');
  });

  test('listens on loopback alone', async () => {
    expect(await enter({ host: '::1', port, user: 'root' })).not.toBe('in');
    const listening = execFileSync('cat', ['/proc/net/tcp', '/proc/net/tcp6'], { encoding: 'utf8' })
      .split('\n')
      .map((line) => line.trim().split(/\s+/))
      .filter(
        ([, local = '', , state]) =>
          state === '0A' && local.endsWith(`:${port.toString(16).toUpperCase().padStart(4, '0')}`),
      );
    expect(listening.map(([, local]) => local?.split(':')[0])).toEqual(['0100007F']);
  });

  test('gives the application its own database and nothing else', async () => {
    const { username, password } = new URL(database.url);
    const connection = await createConnection({ host: '127.0.0.1', port, user: username, password });
    const answer = (sql: string): Promise<unknown> =>
      connection.query(sql).then(
        (rows: unknown) => rows,
        (error: unknown) => error instanceof Error && 'errno' in error && error.errno,
      );
    expect(await answer('CREATE TABLE zincpost.a (b INT)')).toBeTruthy();
    expect(await answer('SELECT * FROM mysql.global_priv')).toBe(1142);
    // Where no other MariaDB of this machine takes its temporary tables away.
    expect(await answer('SELECT @@tmpdir AS folder')).toMatchObject([{ folder: join(folder, 'tmp') }]);
    expect(await answer('CREATE DATABASE zincpost_test_1')).toBe(1044);
    expect(await answer(`SELECT 1 INTO OUTFILE '${join(home, 'written')}'`)).toBe(1227);
    expect(await answer(`SELECT LOAD_FILE('/etc/passwd') AS text`)).toMatchObject([{ text: null }]);
    await connection.end();
    expect(existsSync(join(home, 'written'))).toBe(false);
  });

  test('keeps its folders and passwords for its owner', () => {
    for (const name of ['.', 'data', 'exchange', 'tmp'])
      expect([name, modeOf(join(folder, name))]).toEqual([name, '700']);
    for (const name of ['password', 'root-password', 'init.sql'])
      expect([name, modeOf(join(folder, name))]).toEqual([name, '600']);
  });
});

describe('a folder for data', () => {
  const made = (name: string, mode: number): string => {
    const folder = join(home, name);
    mkdirSync(folder);
    chmodSync(folder, mode);
    return folder;
  };

  test('is made for its owner only, or becomes it', () => {
    for (const folder of [join(home, 'new', 'deep'), made('readable', 0o755)]) {
      ownFolder(folder);
      expect(modeOf(folder)).toBe('700');
    }
  });

  test.each([0o777, 0o775, 0o1777, 0o722])(
    'that others can write to (%o) is refused and stays as it is',
    (mode) => {
      const folder = made(`open-${mode.toString(8)}`, mode);
      expect(() => {
        ownFolder(folder);
      }).toThrow(/Others can write to .*chmod 700/);
      expect(statSync(folder).mode & 0o1777).toBe(mode);
    },
  );

  test('that lies in a folder where anybody can put another in its place is refused', () => {
    const above = made('square', 0o777);
    expect(() => {
      ownFolder(join(above, 'data'));
    }).toThrow(/Anybody can write to/);
  });
});
