import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startMariaDb, type MariaDb } from './mariadb.ts';

let database: MariaDb | undefined;
let folder = '';

/** Before the server tests: a MariaDB of their own, named by ZINC_TEST_DATABASE. */
export async function start(): Promise<void> {
  folder = mkdtempSync(join(tmpdir(), 'zinc-test-db-'));
  database = await startMariaDb(folder, {
    // Suites that run at once make databases of their own beside it.
    otherDatabases: 'zincpost\\_test\\_%',
  });
  process.env['ZINC_TEST_DATABASE'] = database.url;
}

export async function stop(): Promise<void> {
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
}
