// `npm start`: needs nothing but Node and npm. Installs packages when the lock file changed, then runs start.ts.
import { spawn } from 'node:child_process';
import { install } from './install.mjs';

const PARENT_MS = 500;

install();
// When this process goes, however it goes, the channel closes, and start.ts ends everything in order.
const child = spawn(process.execPath, ['--import', 'tsx', 'bin/start.ts', ...process.argv.slice(2)], {
  cwd: new URL('..', import.meta.url),
  stdio: ['inherit', 'inherit', 'inherit', 'ipc'],
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => child.kill(signal));
// npm does not hand every signal on: whoever ends npm means what npm started.
const parent = process.ppid;
setInterval(() => {
  if (process.ppid !== parent) child.kill('SIGTERM');
}, PARENT_MS).unref();
child.on('exit', (code, signal) => process.exit(signal ? 1 : (code ?? 1)));
