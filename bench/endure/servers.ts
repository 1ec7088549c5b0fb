import { fork, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { freePort, startMariaDb, type MariaDb } from '../../start/mariadb.ts';

const home = join(import.meta.dirname, '../..');

/** A process that is started again whenever it is killed, on its port. */
export interface Standing {
  readonly name: string;
  /** Ends it as a power cut would; it is started again at once. */
  readonly kill: () => void;
  readonly stop: () => Promise<void>;
  /** Resident memory, MB, and for how many seconds this process of it has run; undefined between two. */
  readonly memory: () => { readonly megabytes: number; readonly seconds: number } | undefined;
}

export interface StandingServer extends Standing {
  readonly address: string;
}

const megabytesOf = (pid: number): number => {
  try {
    return (
      Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${String(pid)}/status`, 'utf8'))?.[1] ?? 0) / 1024
    );
  } catch {
    return 0; // it is gone
  }
};

/** A script that listens on a port, started again whenever it ends before it is stopped. */
export async function standingServer(
  name: string,
  script: string,
  environment: NodeJS.ProcessEnv,
): Promise<StandingServer> {
  const port = await freePort();
  let child: ChildProcess | undefined;
  let since = Date.now();
  let stopping = false;
  const start = (): Promise<void> =>
    new Promise((resolve) => {
      since = Date.now();
      child = fork(join(home, script), [], {
        cwd: home,
        execArgv: ['--import', 'tsx'],
        env: { ...process.env, ...environment, ZINC_PORT: String(port) },
        stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
      });
      child.once('message', () => {
        resolve();
      });
      child.once('exit', () => {
        if (!stopping) void start();
      });
    });
  await start();
  return {
    name,
    address: `http://127.0.0.1:${String(port)}`,
    kill: () => child?.kill('SIGKILL'),
    stop: async () => {
      stopping = true;
      const ended = new Promise((resolve) => child?.once('exit', resolve));
      child?.kill('SIGTERM');
      await ended;
    },
    memory: () =>
      child?.pid && child.exitCode === null
        ? { megabytes: megabytesOf(child.pid), seconds: (Date.now() - since) / 1000 }
        : undefined,
  };
}

/** A MariaDB that is started again whenever it is killed, on its data and its port. */
export async function standingDatabase(folder: string): Promise<Standing & { readonly url: string }> {
  let running: MariaDb = await startMariaDb(folder);
  const { url } = running;
  const port = Number(new URL(url).port);
  let stopping = false;
  let starting: Promise<MariaDb> | undefined;
  const watch = async (): Promise<void> => {
    await running.ended;
    if (stopping) return;
    starting = startMariaDb(folder, { port });
    running = await starting;
    void watch();
  };
  void watch();
  return {
    name: 'MariaDB',
    url,
    kill: () => void running.kill(),
    stop: async () => {
      stopping = true;
      await starting;
      await running.stop();
    },
    memory: () => undefined,
  };
}
