/** `npm start`: sets everything up that is missing, starts it, and stops it in order. */
import { fork, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { folderPhotoStore } from '#server/gateways/photoStore.ts';
import { openDatabase } from '#server/store/database.ts';
import { migrate } from '#server/store/migrations.ts';
import { defineModels } from '#server/store/models.ts';
import { streetMapFile } from '#demo';
import { buildWeb, webFolder } from './build.ts';
import { installDebian } from './install.mjs';
import { isRunning, startMariaDb, type MariaDb } from './mariadb.ts';
import { layOutSites, removeDemo, seedDemo } from './seed.ts';

const home = join(import.meta.dirname, '..');
const options = readOptions();
const files = {
  running: join(options.data, 'running.json'),
  begun: join(options.data, 'begun'),
  photos: join(options.data, 'photos'),
  mariadb: join(options.data, 'mariadb'),
  sites: join(options.data, 'sites'),
};
const say = (line: string): boolean => process.stdout.write(`${line}\n`);

refuseSecondStart();
mkdirSync(options.data, { recursive: true });
writeFileSync(files.running, JSON.stringify({ pid: process.pid, address: '' }));

const children: ChildProcess[] = [];
let mariadb: MariaDb | undefined;
let stopping = false;
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop(0));

try {
  await begin();
} catch (error) {
  if (!stopping) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
    await stop(1);
  }
}

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        empty: { type: 'boolean', default: false },
        'reset-demo': { type: 'boolean', default: false },
        port: { type: 'string', default: process.env['ZINC_PORT'] ?? '4600' },
        data: { type: 'string', default: process.env['ZINC_DATA'] ?? join(home, '.data') },
      },
    });
    return values;
  } catch (error) {
    process.stderr.write(
      `${error instanceof Error ? error.message : String(error)}\nnpm start -- [--empty] [--reset-demo] [--port PORT] [--data DIR]\n`,
    );
    process.exit(2);
  }
}

function refuseSecondStart(): void {
  if (!existsSync(files.running)) return;
  const { pid, address } = JSON.parse(readFileSync(files.running, 'utf8') || '{}') as {
    pid?: number;
    address?: string;
  };
  if (pid === undefined || pid === process.pid || !isRunning(pid, 'bin/start.ts')) return; // left over from a start that was killed
  say(
    address
      ? `Zinc Post is already running at ${address} (process ${String(pid)}).`
      : `Zinc Post is already starting (process ${String(pid)}).`,
  );
  process.exit(1);
}

async function begin(): Promise<void> {
  installDebian({ mariadbd: 'mariadb-server' });
  say('Starting MariaDB …');
  mariadb = await startMariaDb(files.mariadb);
  await buildWeb();
  await prepareDatabase(mariadb.url);
  if (options['reset-demo'] || !existsSync(files.sites)) await layOutSites(files.sites);
  const host = await startChild('standins/siteHost/main.ts', [files.sites], {});
  const search = await startChild('standins/addressSearch/main.ts', [streetMapFile], {});
  const environment = {
    ZINC_DATABASE: mariadb.url,
    ZINC_PHOTOS: files.photos,
    ZINC_WEB: webFolder,
    ZINC_PORT: options.port,
    ZINC_STANDIN_HOST: `127.0.0.1:${String(host)}`,
    ZINC_ADDRESS_SEARCH: process.env['ZINC_ADDRESS_SEARCH'] ?? `http://127.0.0.1:${String(search)}/`,
    ZINC_LOG: process.env['ZINC_LOG'] ?? 'warn',
  };
  const port = await startChild('server/main.ts', [], environment);
  const address = `http://127.0.0.1:${String(port)}/`;
  writeFileSync(files.running, JSON.stringify({ pid: process.pid, address }));
  say(`The demo’s sites stand at http://127.0.0.1:${String(host)}/larkspurvane.example/`);
  say(`Zinc Post is at ${address}   (Ctrl-C stops it)`);
}

async function prepareDatabase(url: string): Promise<void> {
  const database = openDatabase(url);
  await migrate(database);
  defineModels(database);
  const first = !existsSync(files.begun);
  if (options['reset-demo']) await removeDemo();
  if (options['reset-demo'] || (first && !options.empty)) {
    say('Putting the demo in …');
    await seedDemo(folderPhotoStore(files.photos));
  }
  if (first) writeFileSync(files.begun, options.empty ? 'empty' : 'demo');
  await database.close();
}

/** Starts a process that tells its port when it listens; the port. When it ends by itself, everything does. */
function startChild(
  script: string,
  words: readonly string[],
  environment: NodeJS.ProcessEnv,
): Promise<number> {
  const child = fork(join(home, script), words, {
    cwd: home,
    execArgv: ['--import', 'tsx'],
    env: { ...process.env, ...environment },
    stdio: ['ignore', script.startsWith('standins') ? 'ignore' : 'inherit', 'inherit', 'ipc'],
  });
  children.push(child);
  return new Promise((resolve, reject) => {
    child.once('message', (message: { listening: number }) => {
      resolve(message.listening);
    });
    child.once('exit', (code) => {
      reject(
        new Error(
          `${script} did not start (status ${String(code)}). Is port ${options.port} in use? Another one: npm start -- --port 4601`,
        ),
      );
      if (!stopping) void stop(1);
    });
  });
}

/** Ends the processes in the order they need each other: server and stand-ins first, then MariaDB. */
async function stop(status: number): Promise<void> {
  if (stopping) return;
  stopping = true;
  const ended = children
    .filter(({ exitCode, signalCode }) => exitCode === null && signalCode === null)
    .map(
      (child) =>
        new Promise((resolve) => {
          child.once('exit', resolve);
          child.kill('SIGTERM');
        }),
    );
  await Promise.all(ended);
  await mariadb?.stop();
  rmSync(files.running, { force: true });
  process.exit(status);
}
