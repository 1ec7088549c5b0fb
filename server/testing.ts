/** What the tests of the server share. */
import { QueryTypes, type Sequelize } from 'sequelize';
import { openDatabase } from './store/database.ts';
import { migrate } from './store/migrations.ts';
import { defineModels } from './store/models.ts';

/** A database of the test runner's worker, ready to use: suites that run at once must not meet each other's jobs. */
export async function openTestDatabase(): Promise<Sequelize> {
  const shared = process.env['ZINC_TEST_DATABASE'] ?? '';
  const first = openDatabase(shared);
  const name = `${first.getDatabaseName()}_test_${process.env['JEST_WORKER_ID'] ?? '1'}`;
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
