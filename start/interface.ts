import { spawn } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const home = join(import.meta.dirname, '..');

/** Folder of the built interface. */
export const webFolder = join(home, 'build', 'web');

function newest(path: string): number {
  if (!statSync(path).isDirectory()) return statSync(path).mtimeMs;
  return readdirSync(path).reduce((latest, name) => Math.max(latest, newest(join(path, name))), 0);
}

/** Builds the interface unless the build is newer than everything it is made from. */
export async function buildWeb(): Promise<void> {
  const marker = join(webFolder, 'built-from');
  const sources = String(
    Math.max(
      ...['web', 'core', 'contract', 'vite.config.ts', 'package-lock.json'].map((room) =>
        newest(join(home, room)),
      ),
    ),
  );
  if (existsSync(marker) && readFileSync(marker, 'utf8') === sources) return;
  process.stdout.write('Building the interface …\n');
  const status = await new Promise<number | null>((resolve, reject) => {
    spawn(process.execPath, ['--import', 'tsx', join(home, 'start', 'build.ts')], {
      cwd: home,
      stdio: 'inherit',
    })
      .once('error', reject)
      .once('exit', resolve);
  });
  if (status !== 0) throw new Error('The interface could not be built; what was wrong stands above.');
  writeFileSync(marker, sources);
}
