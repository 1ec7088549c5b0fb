import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize';
import { belongsTo, id, times } from './columns.ts';
import { wordsOf } from './words.ts';

const count = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 };
const string = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false, defaultValue: '' });
const run = (to: QueryInterface, sql: string) => to.sequelize.query(sql, { type: QueryTypes.RAW });

/** Pages by their exact path, jobs that end, searches by an index, thumbnails kept, and changes that can be undone. */
export const nothingLost = {
  name: '004-nothing-lost',
  up: async ({ context: to }: { context: QueryInterface }) => {
    await to.addColumn('clients', 'demo', string(100));
    await to.addColumn('clients', 'columns', {
      type: DataTypes.TEXT('medium'),
      allowNull: false,
      defaultValue: '{}',
    });
    await to.addColumn('jobs', 'attempts', count);
    await to.addColumn('jobs', 'lease', string(36));
    await to.addColumn('jobs', 'problem', string(500));
    await to.addColumn('photos', 'thumbnail_key', string(100));
    await to.addColumn('placements', 'at', string(20));
    await run(to, "UPDATE placements SET at = IF(form IN ('jsonld', 'graph'), 'head', 'body-end')");
    await to.addColumn('checked_pages', 'left_out', count);
    await to.changeColumn('checked_pages', 'headers', {
      type: DataTypes.TEXT('medium'),
      allowNull: false,
      defaultValue: '{}',
    });
    await pagesByPath(to);
    await branchWords(to);
    await changes(to);
  },
  down: async ({ context: to }: { context: QueryInterface }) => {
    for (const table of ['change_parts', 'changes', 'branch_words']) await to.dropTable(table);
    await run(to, 'ALTER TABLE pages DROP INDEX pages_live_path, DROP COLUMN live, DROP COLUMN version');
    for (const [table, column] of [
      ['checked_pages', 'left_out'],
      ['placements', 'at'],
      ['photos', 'thumbnail_key'],
      ['jobs', 'problem'],
      ['jobs', 'lease'],
      ['jobs', 'attempts'],
      ['clients', 'columns'],
      ['clients', 'demo'],
    ] as const)
      await to.removeColumn(table, column);
  },
};

/** A path is its very characters, and a client has one live page of each. */
async function pagesByPath(to: QueryInterface): Promise<void> {
  await to.addColumn('pages', 'version', count);
  await run(
    to,
    'ALTER TABLE pages MODIFY path VARCHAR(500) CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin NOT NULL',
  );
  // Of pages that came twice at once the newest stays; the others lie in the trash.
  await run(
    to,
    `UPDATE pages older JOIN pages newer
       ON newer.client_id = older.client_id AND newer.path = older.path AND newer.id > older.id
      AND newer.deleted_at IS NULL
     SET older.deleted_at = UTC_TIMESTAMP() WHERE older.deleted_at IS NULL`,
  );
  await run(
    to,
    `ALTER TABLE pages ADD COLUMN live TINYINT AS (IF(deleted_at IS NULL, 1, NULL)) VIRTUAL,
       ADD UNIQUE INDEX pages_live_path (client_id, path, live)`,
  );
}

/** The words a branch is found by, each from its beginning on. */
async function branchWords(to: QueryInterface): Promise<void> {
  await run(
    to,
    `CREATE TABLE branch_words (
       word VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin NOT NULL,
       branch_id INTEGER UNSIGNED NOT NULL,
       PRIMARY KEY (word, branch_id),
       INDEX branch_words_branch (branch_id),
       FOREIGN KEY (branch_id) REFERENCES branches (id) ON DELETE CASCADE
     ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
  );
  const branches = await to.sequelize.query<{ id: number; search: string }>(
    'SELECT id, search FROM branches',
    { type: QueryTypes.SELECT },
  );
  const rows = branches.flatMap(({ id: branch, search }) =>
    wordsOf(search).map((word) => ({ word, branch_id: branch })),
  );
  const CHUNK = 5000;
  for (let at = 0; at < rows.length; at += CHUNK)
    await to.bulkInsert('branch_words', rows.slice(at, at + CHUNK));
}

/** What was done to many things at once, with what they were before. */
async function changes(to: QueryInterface): Promise<void> {
  await to.createTable('changes', {
    id,
    client_id: belongsTo('clients'),
    title: { type: DataTypes.STRING(300), allowNull: false },
    undone_at: { type: DataTypes.DATE, allowNull: true },
    ...times,
  });
  await to.createTable('change_parts', {
    id,
    change_id: belongsTo('changes'),
    subject: { type: DataTypes.STRING(20), allowNull: false },
    subject_id: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    // Which version the change made of it: one that has changed since is not undone.
    version: count,
    before: { type: DataTypes.BLOB('long'), allowNull: true },
  });
}
