// `npm start`: needs nothing but Node and npm. Installs packages when the lock file changed, then runs start.ts.
import { spawn } from 'node:child_process';
import { install } from './install.mjs';

install();
const child = spawn(process.execPath, ['--import', 'tsx', 'bin/start.ts', ...process.argv.slice(2)], {
  cwd: new URL('..', import.meta.url),
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code, signal) => process.exit(signal ? 1 : (code ?? 1)));
