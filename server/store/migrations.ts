import { DataTypes, type QueryInterface, type Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';

const id = { type: DataTypes.INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true };
const times = {
  created_at: { type: DataTypes.DATE, allowNull: false },
  updated_at: { type: DataTypes.DATE, allowNull: false },
};
const deleted = { deleted_at: { type: DataTypes.DATE, allowNull: true } };
const belongsTo = (table: string) => ({
  type: DataTypes.INTEGER.UNSIGNED,
  allowNull: false,
  references: { model: table, key: 'id' },
  onDelete: 'CASCADE',
});

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
];

/** Brings the database to the newest step. */
export async function migrate(database: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations,
    context: database.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize: database }),
    logger: undefined,
  });
  await umzug.up();
}
