import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { beginningOf } from './running.ts';
import type * as seed from './seed.ts';

const home = join(import.meta.dirname, '..');
const builds = join(home, 'build', 'server');

/** What `npm start` runs, as a bundle of one start. */
export interface Program {
  /** The script that runs the server. */
  readonly main: string;
  /** The stand-ins' own scripts. */
  readonly siteHost: string;
  readonly addressSearch: string;
  /** Puts the demo into a database. */
  readonly seed: () => Promise<typeof seed>;
  /** Takes the bundle away. */
  readonly remove: () => void;
}

/**
 * Bundles the server with its threads, the stand-ins and the demo, which takes half a second and saves each of them
 * several. Every start has a bundle of its own, so that what runs stays as it was when the sources change; those of
 * starts that are gone are taken away.
 */
export async function bundleProgram(): Promise<Program> {
  for (const name of readBuilds()) {
    const [pid, begun] = name.split('-');
    if (beginningOf(Number(pid)) !== begun) rmSync(join(builds, name), { recursive: true, force: true });
  }
  const folder = join(builds, `${String(process.pid)}-${beginningOf(process.pid)}`);
  const main = await bundle('server/main.ts', folder, {
    seed: 'start/seed.ts',
    siteHost: 'standins/siteHost/main.ts',
    addressSearch: 'standins/addressSearch/main.ts',
  });
  return {
    main,
    siteHost: join(folder, 'siteHost.mjs'),
    addressSearch: join(folder, 'addressSearch.mjs'),
    seed: () => import(join(folder, 'seed.mjs')) as Promise<typeof seed>,
    remove: () => {
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Bundles a script that runs the server's parts, their threads, and others by name; the script in the folder. */
export async function bundle(
  main: string,
  folder: string,
  others: Readonly<Record<string, string>> = {},
): Promise<string> {
  await build({
    absWorkingDir: home,
    // The threads are looked for beside whatever starts them.
    entryPoints: {
      main,
      threads: 'server/threads/work.ts',
      checkWorker: 'server/jobs/checkWorker.ts',
      ...others,
    },
    outdir: folder,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    logLevel: 'error',
  });
  return join(folder, 'main.mjs');
}

function readBuilds(): readonly string[] {
  try {
    return readdirSync(builds);
  } catch {
    return [];
  }
}
