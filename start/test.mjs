// `npm test`: set-up, lint, unit tests, server tests on a MariaDB of their own, browser tests on the built application.
import { spawn } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { install, installDebian } from './install.mjs';

const home = fileURLToPath(new URL('..', import.meta.url));
install();
installDebian({
  mariadbd: 'mariadb-server',
  chromium: 'chromium',
  exiftool: 'libimage-exiftool-perl',
  extruct: 'python3-extruct',
  '/usr/share/gocode/src/golang.org/x/net/html/testdata/webkit/tests1.dat': 'golang-golang-x-net-dev',
  '/usr/share/perl5/HTML/HTML5/Microdata/Parser.pm': 'libhtml-html5-microdata-parser-perl',
});

const results = join(tmpdir(), `zinc-test-${process.pid}.json`);
/** The exit status of a command; what it prints is shown, or given to `told` where there is one. */
const run = (command, words, told) =>
  new Promise((resolve) => {
    const child = spawn(command, words, { cwd: home, stdio: told ? 'pipe' : 'inherit' });
    for (const stream of told ? [child.stdout, child.stderr] : [])
      stream.on('data', (chunk) => told.push(chunk));
    child.once('close', (status) => resolve(status ?? 1));
  });

// The linter takes one processor of two for a minute or two: it runs beside the others and is told of at the end.
const complaints = [];
const linting = run('npm', ['run', '--silent', 'lint'], complaints);
const build = await run(process.execPath, [
  '--import',
  'tsx',
  '-e',
  "const { buildWeb } = await import('./start/interface.ts'); await buildWeb();",
]);
const jest = await run(process.execPath, [
  '--experimental-vm-modules',
  '--no-warnings',
  'node_modules/jest/bin/jest.js',
  '--json',
  `--outputFile=${results}`,
  ...process.argv.slice(2),
]);

const lint = await linting;
console.log(complaints.join('').trim());
console.log(lint === 0 ? 'lint: clean' : 'lint: faults, see above');
let { passed, failed } = { passed: 0, failed: 0 };
try {
  const summary = JSON.parse(readFileSync(results, 'utf8'));
  passed = summary.numPassedTests;
  failed = summary.numFailedTests + summary.numRuntimeErrorTestSuites;
} catch (error) {
  console.error(`The test runner left no results: ${error.message}`);
}
rmSync(results, { force: true });
// Lint and build count as one check each.
for (const status of [lint, build]) {
  if (status === 0) passed += 1;
  else failed += 1;
}
if (jest !== 0 && failed === 0) failed = 1;
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 2 ? 0 : 1);
