/** `npm run bench`: measures what users run, which is bundled: TypeScript that is translated as it is loaded is slower. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { bundle } from '../start/program.ts';

const main = await bundle('bench/main.ts', join(import.meta.dirname, '../build/bench'));
const { status } = spawnSync(process.execPath, ['--enable-source-maps', main, ...process.argv.slice(2)], {
  stdio: 'inherit',
});
process.exit(status ?? 1);
