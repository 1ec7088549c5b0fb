import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { beginningOf } from './running.ts';

const home = join(import.meta.dirname, '..');
const builds = join(home, 'build', 'server');

/** The server as a bundle of one start. */
export interface Program {
  /** The script that runs it. */
  readonly main: string;
  /** Takes the bundle away. */
  readonly remove: () => void;
}

/**
 * Bundles the server and its threads, which takes a third of a second and saves each of them several. Every start
 * has a bundle of its own, so that what runs stays as it was when the sources change; those of starts that are gone
 * are taken away.
 */
export async function bundleServer(): Promise<Program> {
  for (const name of readBuilds()) {
    const [pid, begun] = name.split('-');
    if (beginningOf(Number(pid)) !== begun) rmSync(join(builds, name), { recursive: true, force: true });
  }
  const folder = join(builds, `${String(process.pid)}-${beginningOf(process.pid)}`);
  return {
    main: await bundle('server/main.ts', folder),
    remove: () => {
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Bundles a script that runs the server's parts, and their threads, into a folder; the script there. */
export async function bundle(main: string, folder: string): Promise<string> {
  await build({
    absWorkingDir: home,
    // The threads are looked for beside whatever starts them.
    entryPoints: { main, threads: 'server/threads/work.ts', checkWorker: 'server/jobs/checkWorker.ts' },
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
