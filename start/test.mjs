// `npm test`: set-up; types, lint and the core's tests at once; then the other tests, those of the server on a
// MariaDB of their own and those of the browser on the built application.
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
  '/usr/lib/python3/dist-packages/pyld': 'python3-pyld',
  '/usr/lib/python3/dist-packages/pyRdfa': 'python3-pyrdfa',
  '/usr/share/gocode/src/golang.org/x/net/html/testdata/webkit/tests1.dat': 'golang-golang-x-net-dev',
  '/usr/share/perl5/HTML/HTML5/Microdata/Parser.pm': 'libhtml-html5-microdata-parser-perl',
});

const results = join(tmpdir(), `zinc-test-${process.pid}.json`);
let passed = 0;
let failed = 0;

/** The exit status of a command; what it prints is shown, or given to `told` where there is one. */
const run = (command, words, told) =>
  new Promise((resolve) => {
    const child = spawn(command, words, { cwd: home, stdio: told ? 'pipe' : 'inherit' });
    for (const stream of told ? [child.stdout, child.stderr] : [])
      stream.on('data', (chunk) => told.push(chunk));
    child.once('close', (status) => resolve(status ?? 1));
  });

/** One command that counts as one check: what it prints is shown when it has ended. */
const check = async (name, command, words) => {
  const told = [];
  const begun = Date.now();
  const status = await run(command, words, told);
  if (status === 0) passed += 1;
  else failed += 1;
  const seconds = Math.round((Date.now() - begun) / 1000);
  const text = status === 0 ? '' : `${told.map(String).join('').trim()}\n`;
  console.log(`${text}${name}: ${status === 0 ? 'clean' : 'faults, see above'} (${seconds} s)`);
};

/** Tests as the words given to the runner choose them; their numbers are added to the sum. */
const tests = async (...words) => {
  const status = await run('npm', [
    'run',
    '--silent',
    'jest',
    '--',
    // A snapshot that is not there yet is a fault, not written.
    '--ci',
    '--json',
    `--outputFile=${results}`,
    ...words,
  ]);
  try {
    const summary = JSON.parse(readFileSync(results, 'utf8'));
    passed += summary.numPassedTests;
    failed += summary.numFailedTests + summary.numRuntimeErrorTestSuites;
    if (status !== 0 && summary.success) failed += 1;
  } catch (error) {
    console.error(`The test runner left no results: ${error.message}`);
    failed += 1;
  }
  rmSync(results, { force: true });
};

/** Does things two at a time, in their order. */
const twoAtOnce = async (things) => {
  const waiting = [...things];
  const lane = async () => {
    for (let thing = waiting.shift(); thing; thing = waiting.shift()) await thing();
  };
  await Promise.all([lane(), lane()]);
};
const COVERED = JSON.stringify({ global: { lines: 98 } });
const npm = (script) => () => check(script, 'npm', ['run', '--silent', script]);
await twoAtOnce([
  npm('lint'),
  () =>
    tests(
      '--config=start/coreTogether.jest.js',
      '--maxWorkers=1',
      '--coverage',
      // Counted by the engine itself: code that counts for it takes a fifth longer.
      '--coverageProvider=v8',
      `--coverageThreshold=${COVERED}`,
    ),
  npm('types'),
  npm('types:core'),
  npm('types:web'),
  npm('types:server'),
  npm('imports'),
  () =>
    check('interface', process.execPath, [
      '--import',
      'tsx',
      '-e',
      "const { buildWeb } = await import('./start/interface.ts'); await buildWeb();",
    ]),
]);
console.log(`fast lane: ${Math.round(process.uptime())} s`);

// Browsers, databases and hosts are waited for: two processors have time for a third worker.
await tests('--maxWorkers=3', '--selectProjects', 'node', 'web', 'server', 'e2e');
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 8 ? 0 : 1);
