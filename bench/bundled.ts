/** `npm run bench`: measures what users run, which is bundled: TypeScript that is translated as it is loaded is slower. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { bundle } from '../start/program.ts';

const home = join(import.meta.dirname, '..');
const main = await bundle('bench/main.ts', join(home, 'build/bench'));
const { status } = spawnSync(process.execPath, ['--enable-source-maps', main, ...process.argv.slice(2)], {
  cwd: home,
  stdio: 'inherit',
});
process.exit(status ?? 1);
