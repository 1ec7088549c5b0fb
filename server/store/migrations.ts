import { DataTypes, QueryTypes, type QueryInterface, type Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { belongsTo, deleted, id, times } from './columns.ts';
import { nothingLost } from './migration004.ts';
import { statesOnRows } from './migration005.ts';
import { placesAndWords } from './migration006.ts';
import { sitesAndRuns } from './migration007.ts';
import { photosOfTheirOwn } from './migration008.ts';
import { heicIsShown } from './migration009.ts';

/** Every step the database has taken, oldest first. A step that has landed is never changed. */
const migrations = [
  {
    name: '001-clients-branches-pages-photos-jobs',
    up: async ({ context: to }: { context: QueryInterface }) => {
      await to.createTable('clients', {
        id,
        name: { type: DataTypes.STRING(200), allowNull: false },
        ...times,
        ...deleted,
      });
      await to.createTable('branches', {
        id,
        client_id: belongsTo('clients'),
        label: { type: DataTypes.STRING(200), allowNull: false },
        record: { type: DataTypes.TEXT('medium'), allowNull: false },
        version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
        ...times,
        ...deleted,
      });
      await to.createTable('pages', {
        id,
        client_id: belongsTo('clients'),
        path: { type: DataTypes.STRING(500), allowNull: false },
        source: { type: DataTypes.BLOB('long'), allowNull: false },
        ...times,
        ...deleted,
      });
      await to.createTable('placements', {
        id,
        page_id: belongsTo('pages'),
        branch_id: belongsTo('branches'),
        form: { type: DataTypes.STRING(20), allowNull: false },
        ...times,
      });
      await to.addIndex('placements', ['page_id', 'form'], { unique: true });
      await to.createTable('photos', {
        id,
        branch_id: belongsTo('branches'),
        name: { type: DataTypes.STRING(255), allowNull: false },
        size: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
        original_key: { type: DataTypes.STRING(100), allowNull: false },
        stamped_key: { type: DataTypes.STRING(100), allowNull: false, defaultValue: '' },
        carried: { type: DataTypes.TEXT('medium'), allowNull: false },
        stamp: { type: DataTypes.TEXT('medium'), allowNull: false },
        ...times,
        ...deleted,
      });
      await to.createTable('jobs', {
        id,
        branch_id: belongsTo('branches'),
        state: { type: DataTypes.STRING(20), allowNull: false },
        input: { type: DataTypes.TEXT('medium'), allowNull: false },
        done: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
        failed: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
        total: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
        leased_until: { type: DataTypes.DATE(3), allowNull: true },
        ...times,
      });
      await to.addIndex('jobs', ['state', 'leased_until']);
    },
    down: async ({ context: to }: { context: QueryInterface }) => {
      for (const table of ['jobs', 'photos', 'placements', 'pages', 'branches', 'clients'])
        await to.dropTable(table);
    },
  },
  {
    name: '002-client-defaults-and-branch-search',
    up: async ({ context: to }: { context: QueryInterface }) => {
      await to.addColumn('clients', 'defaults', {
        type: DataTypes.TEXT('medium'),
        allowNull: false,
        defaultValue: '{}',
      });
      await to.addColumn('clients', 'defaults_version', {
        type: DataTypes.INTEGER.UNSIGNED,
        allowNull: false,
        defaultValue: 0,
      });
      // What is here already is found by its label until it is saved again.
      await to.addColumn('branches', 'search', {
        type: DataTypes.STRING(1000),
        allowNull: false,
        defaultValue: '',
      });
      await to.sequelize.query('UPDATE branches SET search = LOWER(label)', { type: QueryTypes.UPDATE });
      await to.addIndex('branches', ['client_id', 'label']);
    },
    down: async ({ context: to }: { context: QueryInterface }) => {
      await to.removeIndex('branches', ['client_id', 'label']);
      await to.removeColumn('branches', 'search');
      await to.removeColumn('clients', 'defaults_version');
      await to.removeColumn('clients', 'defaults');
    },
  },
  {
    name: '003-checks',
    up: async ({ context: to }: { context: QueryInterface }) => {
      const count = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 };
      const json = { type: DataTypes.TEXT('medium'), allowNull: false };
      await to.createTable('checks', {
        id,
        client_id: belongsTo('clients'),
        title: { type: DataTypes.STRING(300), allowNull: false },
        kind: { type: DataTypes.STRING(20), allowNull: false },
        profile: { type: DataTypes.STRING(40), allowNull: false },
        input: json,
        message: { type: DataTypes.STRING(500), allowNull: false, defaultValue: '' },
        site_findings: json,
        ...times,
        ...deleted,
      });
      await to.createTable('checked_pages', {
        id,
        check_id: belongsTo('checks'),
        url: { type: DataTypes.STRING(2000), allowNull: false },
        final_url: { type: DataTypes.STRING(2000), allowNull: false, defaultValue: '' },
        state: { type: DataTypes.STRING(20), allowNull: false },
        status: count,
        problem: { type: DataTypes.STRING(500), allowNull: false, defaultValue: '' },
        headers: { type: DataTypes.TEXT, allowNull: false, defaultValue: '{}' },
        size: count,
        milliseconds: count,
        source: { type: DataTypes.BLOB('long'), allowNull: true },
        must: count,
        should: count,
        note: count,
        ignored: count,
        codes: { type: DataTypes.TEXT, allowNull: false, defaultValue: '{}' },
        own_branch_id: { type: DataTypes.INTEGER.UNSIGNED, allowNull: true },
        carries: { type: DataTypes.TEXT('medium'), allowNull: false, defaultValue: '[]' },
        findings: { type: DataTypes.TEXT('medium'), allowNull: false, defaultValue: '[]' },
        ...times,
      });
      await to.addIndex('checked_pages', ['check_id', 'state']);
      await to.createTable('ignores', {
        id,
        client_id: belongsTo('clients'),
        code: { type: DataTypes.STRING(100), allowNull: false },
        page: { type: DataTypes.STRING(2000), allowNull: false, defaultValue: '' },
        excerpt: { type: DataTypes.STRING(200), allowNull: false, defaultValue: '' },
        reason: { type: DataTypes.STRING(500), allowNull: false },
        ...times,
      });
      await to.addColumn('clients', 'judging', {
        type: DataTypes.TEXT('medium'),
        allowNull: false,
        defaultValue: '{}',
      });
      await to.changeColumn('jobs', 'branch_id', { type: DataTypes.INTEGER.UNSIGNED, allowNull: true });
      await to.addColumn('jobs', 'check_id', {
        type: DataTypes.INTEGER.UNSIGNED,
        allowNull: true,
        references: { model: 'checks', key: 'id' },
        onDelete: 'CASCADE',
      });
    },
    down: async ({ context: to }: { context: QueryInterface }) => {
      await to.removeColumn('jobs', 'check_id');
      await to.removeColumn('clients', 'judging');
      for (const table of ['ignores', 'checked_pages', 'checks']) await to.dropTable(table);
    },
  },
  nothingLost,
  statesOnRows,
  placesAndWords,
  sitesAndRuns,
  photosOfTheirOwn,
  heicIsShown,
];

/** Brings the database to the newest step. */
export async function migrate(database: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations,
    context: database.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize: database }),
    logger: undefined,
  });
  // Of processes that start beside each other one brings it there, and the others wait for it.
  await database.transaction(async (transaction) => {
    const words = {
      transaction,
      type: QueryTypes.SELECT,
      replacements: { name: 'zinc-post migrations' },
    } as const;
    const [row] = await database.query<{ taken: number | null }>(
      'SELECT GET_LOCK(:name, 120) AS taken',
      words,
    );
    if (row?.taken !== 1)
      throw new Error(
        'Another process has been bringing the database up for two minutes; start again when it is done.',
      );
    try {
      await umzug.up();
    } finally {
      await database.query('SELECT RELEASE_LOCK(:name)', words);
    }
  });
}
