// `npm start`: needs nothing but Node and npm. Installs packages when the lock file changed, then runs start.ts.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { install } from './install.mjs';

const PARENT_MS = 500;

/** A process's name and its parent (proc(5), fields 2 and 4 of stat); '' where it is gone or cannot be known. */
function statOf(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    const end = stat.lastIndexOf(')');
    return { name: stat.slice(stat.indexOf('(') + 1, end), of: stat.slice(end + 2).split(' ')[1] ?? '' };
  } catch {
    return { name: '', of: '' };
  }
}

install();
// When this process goes, however it goes, the channel closes, and start.ts ends everything in order.
const child = spawn(process.execPath, ['--import', 'tsx', 'start/start.ts', ...process.argv.slice(2)], {
  cwd: new URL('..', import.meta.url),
  stdio: ['inherit', 'inherit', 'inherit', 'ipc'],
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => child.kill(signal));
// npm does not hand every signal on: whoever ends npm means what npm started. Between npm and this there may be a
// shell, which outlives it.
const ancestors = () => {
  const parent = process.ppid;
  const { name, of } = statOf(parent);
  return /^(?:sh|dash|bash)$/.test(name) ? `${parent} ${of}` : String(parent);
};
const begun = ancestors();
setInterval(() => {
  if (process.env.npm_lifecycle_event === 'start' && ancestors() !== begun) child.kill('SIGTERM');
}, PARENT_MS).unref();
child.on('exit', (code, signal) => process.exit(signal ? 1 : (code ?? 1)));
