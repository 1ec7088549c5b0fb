import { spawn, type ChildProcess } from 'node:child_process';
import puppeteer, { type Browser } from 'puppeteer-core';

/** Tests and benches run in the project's folder; a bench is bundled, and lies elsewhere itself. */
const home = process.cwd();
const START_MS = 240_000;

/** The application as `npm start` starts it, on data of its own. */
export interface Application {
  readonly process: ChildProcess;
  /** http://127.0.0.1:port */
  readonly address: string;
  /** Everything it has printed. */
  readonly printed: () => string;
  /** Ends it with a signal; its exit status. */
  readonly stop: (signal?: NodeJS.Signals) => Promise<number | null>;
}

/** Starts the application; resolves when it tells its address or has ended. */
export async function startApplication(data: string, words: readonly string[] = []): Promise<Application> {
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', 'start/start.ts', '--data', data, '--port', '0', ...words],
    { cwd: home, env: { ...process.env, NODE_OPTIONS: '' } },
  );
  let text = '';
  const ended = new Promise<number | null>((resolve) => child.once('exit', resolve));
  const address = await new Promise<string>((resolve, reject) => {
    const timer = setTimeout(() => {
      reject(new Error(`The application did not start:\n${text}`));
    }, START_MS);
    const read = (chunk: Buffer): void => {
      text += chunk.toString();
      const found = /Zinc Post is at (http:\/\/[\d.:]+)\//.exec(text)?.[1];
      if (found) {
        clearTimeout(timer);
        resolve(found);
      }
    };
    child.stdout.on('data', read);
    child.stderr.on('data', read);
    void ended.then(() => {
      clearTimeout(timer);
      resolve('');
    });
  });
  return {
    process: child,
    address,
    printed: () => text,
    stop: (signal = 'SIGINT') => {
      child.kill(signal);
      return ended;
    },
  };
}

/** Headless Chromium of Debian's package, kept from looking for anything outside this machine. */
export const openBrowser = (): Promise<Browser> =>
  puppeteer.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    headless: true,
    timeout: START_MS,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
