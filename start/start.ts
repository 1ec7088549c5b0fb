/** `npm start`: sets everything up that is missing, starts it, and stops it in order. */
import { fork, type ChildProcess } from 'node:child_process';
import { existsSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { sitePages, streetMapFile } from '#demo';
import { ownFolder, replaceFile, secretsKey } from './folder.ts';
import { installDebian } from './install.mjs';
import { buildWeb, webFolder } from './interface.ts';
import { startMariaDb, type MariaDb } from './mariadb.ts';
import { bundleProgram, type Program } from './program.ts';
import { takeFolder, tellAddress } from './running.ts';

const home = join(import.meta.dirname, '..');
const options = readOptions();
const files = {
  running: join(options.data, 'running.json'),
  begun: join(options.data, 'begun'),
  photos: join(options.data, 'photos'),
  mariadb: join(options.data, 'mariadb'),
  sites: join(options.data, 'sites'),
  backups: join(options.data, 'backups'),
  spool: join(options.data, 'spool'),
  key: join(options.data, 'key'),
  hostKey: join(options.data, 'site-host.key'),
};
const say = (line: string): boolean => process.stdout.write(`${line}\n`);

/** So often MariaDB is started again within an hour; ending more often than that it would only end again. */
const MOST_RESTARTS = 5;
const HOUR_MS = 3_600_000;

// Whatever is written is for the owner of the data alone.
process.umask(0o077);
const children: ChildProcess[] = [];
/** The MariaDB that runs or is being started. */
let mariadb: Promise<MariaDb> | undefined;
let program: Program | undefined;
let stopping = false;
/** Asked anew each time: signals change it while others wait. */
const isStopping = (): boolean => stopping;
let holdsFolder = false;
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop(0));
// Started by start.mjs: when that is gone, nobody is left to stop this.
process.on('disconnect', () => void stop(0));

try {
  await begin();
} catch (error) {
  if (!isStopping()) {
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
    return { ...values, data: resolve(values.data) };
  } catch (error) {
    process.stderr.write(
      `${error instanceof Error ? error.message : String(error)}\nnpm start -- [--empty] [--reset-demo] [--port PORT] [--data DIR]\n`,
    );
    process.exit(2);
  }
}

async function begin(): Promise<void> {
  for (const folder of [options.data, files.photos, files.backups]) ownFolder(folder);
  const other = takeFolder(files.running);
  if (other) {
    const state = other.address ? `already running at ${other.address}` : 'already starting';
    say(`Zinc Post is ${state} (process ${String(other.pid)}).`);
    process.exit(1);
  }
  holdsFolder = true;
  rmSync(files.spool, { recursive: true, force: true }); // uploads that were cut off
  installDebian({ mariadbd: 'mariadb-server' });
  say('Starting MariaDB …');
  mariadb = startMariaDb(files.mariadb);
  if (options['reset-demo'] || !existsSync(files.sites))
    await import('./demoSites.ts').then(({ layOutSites }) => layOutSites(files.sites));
  const built = (program = await bundleProgram());
  if (isStopping()) {
    built.remove();
    return;
  }
  // What need not wait for another is started with it.
  const [running, host, search] = await Promise.all([
    mariadb,
    startChild(built.siteHost, [files.sites, files.hostKey], {}, 'ignore'),
    process.env['ZINC_ADDRESS_SEARCH'] ??
      startChild(built.addressSearch, [streetMapFile], {}, 'ignore').then(
        ({ listening }) => `http://127.0.0.1:${String(listening)}/`,
      ),
    buildWeb(),
  ]);
  const { url } = running;
  void watchMariaDb(running);
  await putDemoIn(url, built);
  if (isStopping()) return; // the bundle is gone
  const environment = {
    ZINC_DATABASE: url,
    ZINC_PHOTOS: files.photos,
    ZINC_SPOOL: files.spool,
    ZINC_WEB: webFolder,
    ZINC_PORT: options.port,
    ZINC_KEY: secretsKey(files.key),
    ZINC_SITE_FOLDERS: process.env['ZINC_SITE_FOLDERS'] ?? '',
    ZINC_STANDIN_HOST: `127.0.0.1:${String(host.listening)}`,
    ZINC_STANDIN_SSH: `127.0.0.1:${String(host.ssh)}`,
    ZINC_ADDRESS_SEARCH: search,
    ZINC_LOG: process.env['ZINC_LOG'] ?? 'warn',
  };
  const { listening: port } = await startChild(built.main, [], environment);
  const address = `http://127.0.0.1:${String(port)}/`;
  tellAddress(files.running, address);
  say(`The demo’s sites stand at http://127.0.0.1:${String(host.listening)}/larkspurvane.example/`);
  say(`Zinc Post is at ${address}   (Ctrl-C stops it)`);
}

/** Puts the demo in at the first start, or where it is asked for. */
async function putDemoIn(url: string, { seed }: Program): Promise<void> {
  const first = !existsSync(files.begun);
  if (options['reset-demo'] || (first && !options.empty)) {
    say('Putting the demo in …');
    const { seedDatabase } = await seed();
    await seedDatabase(url, files, sitePages);
  }
  if (first) replaceFile(files.begun, options.empty ? 'empty' : 'demo');
}

/** Starts MariaDB again, on its data and its port, when it ends by itself; when it keeps ending, everything does. */
async function watchMariaDb(first: MariaDb): Promise<void> {
  const restarts: number[] = [];
  for (let running = first; ;) {
    await running.ended;
    if (isStopping()) return;
    const now = Date.now();
    restarts.push(now);
    if (restarts.filter((at) => now - at < HOUR_MS).length > MOST_RESTARTS) {
      process.stderr.write(
        `MariaDB has ended ${String(MOST_RESTARTS)} times within an hour; its log is ${join(files.mariadb, 'mariadbd.log')}. Everything that was saved is kept.\n`,
      );
      return stop(1);
    }
    say('MariaDB has ended and is started again …');
    try {
      mariadb = startMariaDb(files.mariadb, { port: Number(new URL(running.url).port) });
      running = await mariadb;
      say('MariaDB answers again.');
    } catch (error) {
      if (isStopping()) return;
      process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
      return stop(1);
    }
  }
}

/** Where a process listens; the site host over SSH as well. */
interface Listening {
  readonly listening: number;
  readonly ssh?: number;
}

/** Starts a process that tells its ports when it listens. When it ends by itself, everything does. */
function startChild(
  script: string,
  words: readonly string[],
  environment: NodeJS.ProcessEnv,
  printed: 'ignore' | 'inherit' = 'inherit',
): Promise<Listening> {
  const child = fork(script, words, {
    cwd: home,
    execArgv: ['--enable-source-maps'],
    env: { ...process.env, ...environment },
    stdio: ['ignore', printed, 'inherit', 'ipc'],
  });
  children.push(child);
  return new Promise((resolve, reject) => {
    child.once('message', (message: Partial<Listening> & { problem?: string }) => {
      const { listening, ssh } = message;
      if (listening === undefined) reject(new Error(message.problem));
      else resolve(ssh === undefined ? { listening } : { listening, ssh });
    });
    child.once('exit', (code) => {
      reject(new Error(`${script} did not start (status ${String(code)}).`));
      if (!stopping) void stop(1);
    });
  });
}

/** Ends the processes in the order they need each other: server and stand-ins first, then MariaDB. */
async function stop(status: number): Promise<void> {
  if (isStopping()) return;
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
  // One that is still being started is waited for, so that it does not stay behind.
  await mariadb?.then(
    (running) => running.stop(),
    () => undefined,
  );
  program?.remove();
  if (holdsFolder) rmSync(files.running, { force: true });
  process.exit(status);
}
