// What a fresh clone needs: npm packages when the lock file changed, Debian packages when they are missing.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const home = fileURLToPath(new URL('..', import.meta.url));

/** Installs npm packages unless the lock file is the one they were installed from. */
export function install() {
  const lock = createHash('sha256')
    .update(readFileSync(join(home, 'package-lock.json')))
    .digest('hex');
  const marker = join(home, 'node_modules', '.installed-from');
  if (existsSync(marker) && readFileSync(marker, 'utf8') === lock) return;
  console.log('Installing packages …');
  execFileSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: home, stdio: 'inherit' });
  mkdirSync(join(home, 'node_modules'), { recursive: true });
  writeFileSync(marker, lock);
}

/** A command, or a file by its whole path. */
const isInstalled = (command) =>
  existsSync(command.startsWith('/') ? command : '') ||
  ['/usr/sbin', ...(process.env.PATH ?? '').split(':')].some((folder) => existsSync(join(folder, command)));

/** Installs the Debian packages whose commands are missing: by itself as root, otherwise it says how. */
export function installDebian(packages) {
  const missing = Object.entries(packages)
    .filter(([command]) => !isInstalled(command))
    .map(([, name]) => name);
  if (missing.length === 0) return;
  const commands = [
    ['apt-get', 'update', '-qq'],
    ['apt-get', 'install', '-y', '-qq', '--no-install-recommends', ...missing],
  ];
  if (process.getuid?.() !== 0) {
    console.error(
      `Debian packages are missing. Install them with:\n\n  sudo apt-get update && sudo apt-get install ${missing.join(' ')}\n`,
    );
    process.exit(1);
  }
  console.log(`Installing ${missing.join(', ')} …`);
  for (const [command, ...words] of commands)
    execFileSync(command, words, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
}
