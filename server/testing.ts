/** What the tests of the server share. */
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import pino from 'pino';
import { QueryTypes, type Sequelize } from 'sequelize';
import { createApp, type AppParts } from './app.ts';
import { guardedFetcher } from '#outside/fetcher.ts';
import { folderPhotoStore, type PhotoStore } from './gateways/photoStore.ts';
import { KEY_BYTES, SiteGateway } from './gateways/sites.ts';
import { JobRunner } from './jobs/runner.ts';
import { openDatabase } from './store/database.ts';
import { migrate } from './store/migrations.ts';
import { defineModels } from './store/models.ts';
import { Threads } from './threads/threads.ts';

/**
 * A database that nobody used before: suites must meet neither each other's jobs nor what another left behind,
 * whichever ran first.
 */
async function openTestDatabase(): Promise<Sequelize> {
  const shared = process.env['ZINC_TEST_DATABASE'] ?? '';
  const first = openDatabase(shared);
  const name = `${first.getDatabaseName()}_test_${randomBytes(8).toString('hex')}`;
  await first.query(
    `CREATE DATABASE IF NOT EXISTS ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`,
    { type: QueryTypes.RAW },
  );
  await first.close();
  const database = openDatabase(shared.replace(/\/[^/]*$/, `/${name}`));
  await migrate(database);
  defineModels(database);
  return database;
}

/** The application as the server process puts it together, on a database and a folder of the test's own. */
export interface TestServer {
  readonly app: Express;
  readonly database: Sequelize;
  readonly photos: PhotoStore;
  readonly threads: Threads;
  /** Whoever works on the jobs; started and stopped by the test. */
  readonly runner: () => JobRunner;
  readonly close: () => Promise<void>;
}

export async function openTestServer(parts: Partial<AppParts> = {}): Promise<TestServer> {
  const folder = mkdtempSync(join(tmpdir(), 'zinc-server-test-'));
  const database = parts.database ?? (await openTestDatabase());
  const photos = folderPhotoStore(join(folder, 'photos'));
  const threads = new Threads();
  const log = parts.log ?? pino({ level: process.env['ZINC_LOG'] ?? 'silent' });
  const fetcher = parts.fetcher ?? guardedFetcher();
  const spool = join(folder, 'spool');
  const gateway =
    parts.gateway ?? new SiteGateway(Buffer.alloc(KEY_BYTES, 7), { folders: [], standin: undefined });
  return {
    app: createApp({ photos, threads, spool, ...parts, database, log, fetcher, gateway }),
    database,
    photos,
    threads,
    runner: () => new JobRunner(database, { photos, fetcher, threads, gateway }, log),
    close: async () => {
      await threads.close();
      await database.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
