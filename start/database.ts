import { execFile, spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { promisify } from 'node:util';
import { replaceFile } from './folder.ts';
import { startMariaDb } from './mariadb.ts';
import { whoRuns } from './running.ts';

const run = promisify(execFile);
const NAME = 'zincpost';
const RESTORED = 'zincpost_restore';
const REPLACED = 'zincpost_before_restore';

/** The database of a data folder, for whoever looks after it: through its socket, whether it runs or not. */
export class HouseDatabase {
  readonly #folder: string;

  private constructor(folder: string) {
    this.#folder = folder;
  }

  /** Does something with the database of a data folder; it is started for that when it does not run. */
  static async with<T>(data: string, work: (database: HouseDatabase) => Promise<T>): Promise<T> {
    const folder = join(data, 'mariadb');
    if (!existsSync(join(folder, 'data', 'mysql'))) throw new Error(`${data} holds no data of Zinc Post.`);
    if (whoRuns(join(data, 'running.json'))) return work(new HouseDatabase(folder));
    const mariadb = await startMariaDb(folder);
    try {
      return await work(new HouseDatabase(folder));
    } finally {
      await mariadb.stop();
    }
  }

  /** Writes everything as SQL into a file, as it is at one instant. */
  async dump(file: string): Promise<void> {
    await this.#asRoot(async (access) => {
      const child = spawn(
        'mariadb-dump',
        [
          access,
          '--single-transaction',
          '--hex-blob',
          '--default-character-set=utf8mb4',
          '--max-allowed-packet=64M',
          NAME,
        ],
        { stdio: ['ignore', 'pipe', 'inherit'] },
      );
      const ended = new Promise<number | null>((resolve) => child.once('close', resolve));
      await pipeline(child.stdout, createWriteStream(file, { mode: 0o600 }));
      if ((await ended) !== 0) throw new Error('mariadb-dump failed; what it said stands above.');
    });
  }

  /**
   * Puts a dump in the place of everything, at once: it is read beside what is there and then exchanged for it.
   * What was there is kept in a database of its own until the next time. The dump is read with the rights of the
   * application alone.
   */
  async restore(file: string): Promise<void> {
    const account = `'${NAME}'@'127.0.0.1', '${NAME}'@'localhost'`;
    await this.#asRoot(async (access) => {
      const sql = (statement: string) =>
        run('mariadb', [access, '--batch', '--skip-column-names', '-e', statement]);
      const password = readFileSync(join(this.#folder, 'password'), 'utf8');
      await sql(
        `DROP DATABASE IF EXISTS ${RESTORED}; CREATE DATABASE ${RESTORED} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
         CREATE USER IF NOT EXISTS '${NAME}'@'localhost' IDENTIFIED BY '${password}';
         GRANT ALL ON ${RESTORED}.* TO ${account};`,
      );
      try {
        await this.#as(NAME, password, (own) => load(own, file));
        const tables = await namesOf(sql, RESTORED);
        if (!tables.includes('clients')) throw new Error('The backup holds no data of Zinc Post.');
        const present = await namesOf(sql, NAME);
        const away = present.map((table) => `${NAME}.\`${table}\` TO ${REPLACED}.\`${table}\``);
        const here = tables.map((table) => `${RESTORED}.\`${table}\` TO ${NAME}.\`${table}\``);
        await sql(
          `DROP DATABASE IF EXISTS ${REPLACED}; CREATE DATABASE ${REPLACED}; RENAME TABLE ${[...away, ...here].join(', ')}`,
        );
      } finally {
        await sql(
          `DROP DATABASE IF EXISTS ${RESTORED}; REVOKE ALL ON ${RESTORED}.* FROM '${NAME}'@'127.0.0.1'; DROP USER IF EXISTS '${NAME}'@'localhost'`,
        );
      }
    });
  }

  #asRoot<T>(work: (access: string) => Promise<T>): Promise<T> {
    return this.#as('root', readFileSync(join(this.#folder, 'root-password'), 'utf8'), work);
  }

  /** Runs clients as an account, whose password they read from a file of its owner's and not from their command line. */
  async #as<T>(user: string, password: string, work: (access: string) => Promise<T>): Promise<T> {
    const file = join(this.#folder, `access-${user}-${String(process.pid)}`);
    const socket = readFileSync(join(this.#folder, 'socket'), 'utf8');
    replaceFile(file, `[client]\nuser=${user}\npassword=${password}\nsocket=${socket}\n`);
    try {
      return await work(`--defaults-file=${file}`);
    } finally {
      rmSync(file, { force: true });
    }
  }
}

async function load(access: string, file: string): Promise<void> {
  const child = spawn(
    'mariadb',
    [access, '--default-character-set=utf8mb4', '--max-allowed-packet=64M', '--binary-mode', RESTORED],
    { stdio: ['pipe', 'ignore', 'inherit'] },
  );
  const ended = new Promise<number | null>((resolve) => child.once('close', resolve));
  await pipeline(createReadStream(file), child.stdin).catch(() => undefined); // its status says what was wrong
  if ((await ended) !== 0) throw new Error('The backup’s database cannot be read; everything is as it was.');
}

const namesOf = async (
  sql: (statement: string) => Promise<{ stdout: string }>,
  database: string,
): Promise<readonly string[]> =>
  (await sql(`SELECT table_name FROM information_schema.tables WHERE table_schema = '${database}'`)).stdout
    .split('\n')
    .filter(Boolean);
