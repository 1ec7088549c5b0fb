/** The server process. Holds no state of its own: a second one can be started beside it. */
import type { AddressInfo } from 'node:net';
import { createApp } from './app.ts';
import { addressSearchAt } from './gateways/addressSearch.ts';
import { guardedFetcher } from '#outside/fetcher.ts';
import { folderPhotoStore } from './gateways/photoStore.ts';
import { SiteGateway } from './gateways/sites.ts';
import { Clock } from './jobs/clock.ts';
import { JobRunner } from './jobs/runner.ts';
import { Sweeper } from './jobs/sweeping.ts';
import { openLog } from './log.ts';
import { readSettings } from './settings.ts';
import { openDatabase } from './store/database.ts';
import { migrate } from './store/migrations.ts';
import { defineModels } from './store/models.ts';
import { Threads } from './threads/threads.ts';

const GRACE_MS = 8000;

process.umask(0o077); // whatever is written is for its owner alone
const settings = readSettings(process.env);
const log = openLog(settings.ZINC_LOG);
const database = openDatabase(settings.ZINC_DATABASE);
await migrate(database);
defineModels(database);
const photos = folderPhotoStore(settings.ZINC_PHOTOS);
const search = settings.ZINC_ADDRESS_SEARCH ? addressSearchAt(settings.ZINC_ADDRESS_SEARCH) : undefined;
const fetcher = guardedFetcher(settings.ZINC_STANDIN_HOST || undefined);
const threads = new Threads();
const standin = settings.ZINC_STANDIN_HOST
  ? { http: settings.ZINC_STANDIN_HOST, ssh: settings.ZINC_STANDIN_SSH }
  : undefined;
const gateway = new SiteGateway(Buffer.from(settings.ZINC_KEY, 'base64'), {
  folders: settings.ZINC_SITE_FOLDERS,
  standin,
});
const jobs = new JobRunner(database, { photos, fetcher, threads, gateway }, log);
const clock = new Clock(log);
const sweeper = new Sweeper(photos, log);
const server = createApp({
  database,
  photos,
  threads,
  spool: settings.ZINC_SPOOL,
  search,
  fetcher,
  gateway,
  log,
  web: settings.ZINC_WEB,
}).listen(settings.ZINC_PORT, '127.0.0.1', (error) => {
  if (error) {
    refuse(error);
    return;
  }
  const { port } = server.address() as AddressInfo;
  log.info({ port }, 'listening');
  process.send?.({ listening: port });
  jobs.start();
});

/** Says in a sentence why the server cannot listen, to whoever started it, and ends. */
function refuse(error: Error & { code?: string }): void {
  const port = String(settings.ZINC_PORT);
  const problem =
    error.code === 'EADDRINUSE'
      ? `Port ${port} is in use by another program. Choose another one: npm start -- --port ${String(settings.ZINC_PORT + 1)}`
      : `The server cannot listen on port ${port}: ${error.message}`;
  if (process.send) process.send({ problem }, () => process.exit(1));
  else {
    process.stderr.write(`${problem}\n`);
    process.exit(1);
  }
}

let stopping = false;
/** Lets requests and the photo in hand come to their end, then leaves. */
async function stop(why: string): Promise<void> {
  if (stopping) return;
  stopping = true;
  log.info({ why }, 'stopping');
  setTimeout(() => process.exit(1), GRACE_MS).unref();
  sweeper.stop();
  clock.stop();
  server.closeIdleConnections();
  await Promise.all([new Promise((resolve) => server.close(resolve)), jobs.stop()]);
  await threads.close();
  await database.close();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop(signal));
// Started by `npm start`: when that is gone, so is the reason to run.
process.on('disconnect', () => void stop('the starter is gone'));
