/**
 * Mutants of `core`: a sample of small faults, each planted alone where Node loads the file, and the tests of `core`
 * run over it. A fault that no test notices is told with its place: there a test passes whatever the code says.
 *
 *   npx tsx tools/mutants/main.ts [how many] [seed] [folder or file under core/ …]
 */
import { fork } from 'node:child_process';
import { readdir, readFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { mutantsOf, type Mutant } from './plant.ts';
import type { Trial } from './trial.ts';

const home = fileURLToPath(new URL('../..', import.meta.url));
const AT_ONCE = 2;
/** Milliseconds without a test's end after which a trial is taken to hang, and the fault to be noticed by that. */
const PATIENCE = 180_000;
/** What judges whole pages and documents, and so notices most of what the tests beside a file do not. */
const WIDE = ['bench/corpora/corpora.test.ts', 'bench/jsonld.test.ts', 'bench/rdfa.test.ts'];
const WIDEST = ['bench/outputs.test.ts'];

async function files(folder: string): Promise<string[]> {
  const entries = await readdir(join(home, folder), { recursive: true });
  return entries
    .filter((name) => name.endsWith('.ts'))
    .map((name) => join(folder, name))
    .sort();
}

/** The files of tests, those nearest to a file first: most faults are noticed there. */
function nearestFirst(tests: readonly string[], file: string): string[] {
  const distance = (test: string): number => {
    if (dirname(test) === dirname(file)) return 0;
    return WIDE.includes(test) ? 1 : WIDEST.includes(test) ? 3 : 2;
  };
  return [...tests].sort((a, b) => distance(a) - distance(b));
}

/** Numbers from 0 to 1 that a seed decides: a sample can be drawn again. */
function drawing(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Whether the tests, without a fault or with one, fail or hang. */
function fails(tests: readonly string[], mutant?: Mutant): Promise<boolean> {
  return new Promise((resolve) => {
    const trial: Trial = { tests, ...(mutant && { mutant }) };
    const child = fork(join(home, 'tools/mutants/trial.ts'), [JSON.stringify(trial)], {
      cwd: home,
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      execArgv: ['--import', 'tsx', '--no-warnings', '--max-old-space-size=2000'],
    });
    const giveUp = (): boolean => child.kill('SIGKILL');
    let waiting = setTimeout(giveUp, PATIENCE);
    child.on('message', () => {
      clearTimeout(waiting);
      waiting = setTimeout(giveUp, PATIENCE);
    });
    child.once('close', (status) => {
      clearTimeout(waiting);
      resolve(status !== 0);
    });
  });
}

const [many = '200', seed = '1', ...only] = process.argv.slice(2);
const core = await files('core');
const tests = [...core.filter((name) => name.endsWith('.test.ts')), ...WIDE, ...WIDEST];
const chosen = core.filter(
  (name) =>
    !/(?:\.test|terms|cells|rows)\.ts$/.test(name) &&
    (only.length === 0 || only.some((start) => name.startsWith(join('core', start)))),
);
const all = (
  await Promise.all(chosen.map(async (name) => mutantsOf(name, await readFile(join(home, name), 'utf8'))))
).flat();
const random = drawing(Number(seed));
const sample = all
  .map((mutant) => ({ mutant, at: random() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, Number(many))
  .map(({ mutant }) => mutant);
console.log(`${sample.length} of ${all.length} mutants in ${chosen.length} files, seed ${seed}`);

// Tests that fail without a fault would notice every one.
if (await fails(tests)) {
  console.error(
    'The tests fail without any fault: nothing can be told. Try: npm run jest -- --selectProjects core',
  );
  process.exit(1);
}

let noticed = 0;
let tried = 0;
const queue = [...sample];
await Promise.all(
  Array.from({ length: AT_ONCE }, async () => {
    for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
      const seen = await fails(nearestFirst(tests, mutant.file), mutant);
      tried += 1;
      if (seen) noticed += 1;
      else console.log(`survived: ${mutant.file}:${mutant.line} ${mutant.kind}`);
      if (tried % 20 === 0) console.log(`  ${noticed} of ${tried} noticed`);
    }
  }),
);
console.log(`${noticed} of ${tried} noticed: ${((100 * noticed) / Math.max(tried, 1)).toFixed(1)} %`);
