import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize';
import { belongsTo, deleted, id, times } from './columns.ts';

const text = { type: DataTypes.TEXT('medium'), allowNull: false };
const number = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false };
const optional = { type: DataTypes.INTEGER.UNSIGNED, allowNull: true };
const words = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false, defaultValue: '' });
const created = { created_at: times.created_at };

/** A client has sites, whose pages are changed in runs; every version of them is kept, and live pages are verified. */
export const sitesAndRuns = {
  name: '007-sites-and-runs',
  up: async ({ context: to }: { context: QueryInterface }) => {
    await to.createTable('sites', {
      id,
      client_id: belongsTo('clients'),
      name: words(200),
      url: words(2000),
      access: text,
      secret: { type: DataTypes.BLOB, allowNull: true },
      read_at: { type: DataTypes.DATE, allowNull: true },
      ...times,
      ...deleted,
    });
    await pagesOfSites(to);
    await to.addColumn('placements', 'output', { type: DataTypes.TEXT('medium'), allowNull: true });
    await to.addColumn('clients', 'rules', { ...text, defaultValue: '[]' });
    await to.addColumn('clients', 'verifies', words(10));
    await to.createTable('runs', {
      id,
      client_id: belongsTo('clients'),
      site_id: optional,
      title: words(300),
      state: words(20),
      input: text,
      problem: words(500),
      undoes: optional,
      ...times,
    });
    await to.createTable('run_pages', {
      id,
      run_id: belongsTo('runs'),
      page_id: belongsTo('pages'),
      state: words(20),
      acts: text,
      before_digest: words(64),
      after_digest: words(64),
      theirs_digest: words(64),
      placed_before: text,
      placed_after: text,
      told: text,
      problem: words(500),
      judged: text,
    });
    await to.addIndex('run_pages', ['run_id', 'state']);
    await to.createTable('versions', {
      id,
      page_id: belongsTo('pages'),
      digest: words(64),
      size: number,
      packed: { type: DataTypes.BLOB('long'), allowNull: false },
      ...created,
    });
    await to.addIndex('versions', ['page_id', 'digest'], { unique: true });
    await to.createTable('verifications', {
      id,
      branch_id: belongsTo('branches'),
      state: words(20),
      digest: words(64),
      of: words(100),
      result: text,
      ...created,
    });
    await to.createTable('hand_overs', {
      id,
      branch_id: belongsTo('branches'),
      digest: words(64),
      ...created,
    });
    for (const [column, table] of [
      ['run_id', 'runs'],
      ['client_id', 'clients'],
    ] as const)
      await to.addColumn('jobs', column, { ...belongsTo(table), allowNull: true });
  },
  down: async ({ context: to }: { context: QueryInterface }) => {
    for (const column of ['client_id', 'run_id']) await to.removeColumn('jobs', column);
    for (const table of ['hand_overs', 'verifications', 'versions', 'run_pages', 'runs'])
      await to.dropTable(table);
    await to.removeColumn('clients', 'verifies');
    await to.removeColumn('clients', 'rules');
    await to.removeColumn('placements', 'output');
    await run(to, 'ALTER TABLE pages DROP INDEX pages_live_path');
    await run(to, 'ALTER TABLE pages ADD UNIQUE INDEX pages_live_path (client_id, path, live)');
    for (const column of ['match', 'owner_id', 'site_id']) await to.removeColumn('pages', column);
    await to.dropTable('sites');
  },
};

/** Two sites of a client may have pages of one path. */
async function pagesOfSites(to: QueryInterface): Promise<void> {
  await to.addColumn('pages', 'site_id', { ...number, defaultValue: 0 });
  await to.addColumn('pages', 'owner_id', optional);
  await to.addColumn('pages', 'match', { type: DataTypes.TEXT, allowNull: true });
  // The new key stands before the old one goes, which the reference to the client leans on.
  await run(to, 'ALTER TABLE pages ADD UNIQUE INDEX pages_live_site_path (client_id, site_id, path, live)');
  await run(to, 'ALTER TABLE pages DROP INDEX pages_live_path');
  await run(to, 'ALTER TABLE pages RENAME INDEX pages_live_site_path TO pages_live_path');
}

const run = async (to: QueryInterface, sql: string): Promise<void> => {
  await to.sequelize.query(sql, { type: QueryTypes.RAW });
};
