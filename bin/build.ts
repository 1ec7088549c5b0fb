import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'vite';

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
  // Whoever starts this (a test runner, say) may have set another; the interface is always built as it ships.
  process.env['NODE_ENV'] = 'production';
  await build({ root: join(home, 'web'), configFile: join(home, 'vite.config.ts'), logLevel: 'warn' });
  writeFileSync(marker, sources);
}
