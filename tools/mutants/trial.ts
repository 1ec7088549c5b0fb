/**
 * One trial: a fault is planted where Node loads its file, and files of tests run in one process, one after another,
 * up to the first that fails. They share what is loaded, and so take a fifth of the time a runner needs that starts
 * anew for each.
 */
import { register } from 'node:module';
import { readFile } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { transform } from '@swc/core';
import { jestExpect } from '@jest/expect';
import * as circus from 'jest-circus';
import { SnapshotState } from 'jest-snapshot';
import { planted, type Mutant } from './plant.ts';

/** What a trial is told: files of tests below the house's folder, and the fault, if any. */
export type Trial = { tests: readonly string[]; mutant?: Mutant };

const home = fileURLToPath(new URL('../..', import.meta.url));
const { tests, mutant } = JSON.parse(process.argv[2] ?? '') as Trial;
const inModule = (code: string): string => `data:text/javascript,${encodeURIComponent(code)}`;

/** The mutated file as a module: what Node loads in the place of the one on the disk. */
async function faulty({ file, ...rest }: Mutant): Promise<{ url: string; source: string }> {
  const path = join(home, file);
  const source = planted(await readFile(path, 'utf8'), { file, ...rest });
  const { code } = await transform(source, {
    jsc: { target: 'es2022', parser: { syntax: 'typescript' } },
    module: { type: 'es6' },
  });
  return { url: pathToFileURL(path).href, source: code };
}

const { describe, it, test, beforeAll, beforeEach, afterAll, afterEach } = circus;
Object.assign(globalThis, {
  testing: { describe, it, test, beforeAll, beforeEach, afterAll, afterEach, expect: jestExpect },
});
const globals = inModule(
  'export const { describe, it, test, beforeAll, beforeEach, afterAll, afterEach, expect } = globalThis.testing;',
);
register(
  inModule(`
    let fault;
    export function initialize(data) { fault = data; }
    export const resolve = (name, context, next) =>
      name === '@jest/globals' ? { url: ${JSON.stringify(globals)}, shortCircuit: true } : next(name, context);
    export const load = (url, context, next) =>
      url.split('?')[0] === fault?.url
        ? { format: 'module', source: fault.source, shortCircuit: true }
        : next(url, context);
  `),
  { data: mutant && (await faulty(mutant)) },
);

/** Whether all tests of a file pass; a snapshot that it has is only read. */
async function passes(file: string): Promise<boolean> {
  circus.resetState();
  circus.setState({ ...circus.getState(), testTimeout: 600_000 });
  const path = join(home, file);
  const state = {
    testPath: path,
    snapshotState: new SnapshotState(join(dirname(path), '__snapshots__', `${basename(path)}.snap`), {
      updateSnapshot: 'none',
      rootDir: home,
      prettierPath: null,
      snapshotFormat: { escapeString: false, printBasicPrototype: false },
    }),
  };
  jestExpect.setState(state);
  await import(pathToFileURL(path).href);
  const { testResults, unhandledErrors } = await circus.run();
  return unhandledErrors.length === 0 && testResults.every(({ errors }) => errors.length === 0);
}

/** A test's name behind the names of the blocks it stands in, as snapshots are kept. */
function nameOf({ name, parent }: { name: unknown; parent?: Named }): string {
  const own = String(name);
  return parent?.parent ? `${nameOf(parent)} ${own}` : own;
}
type Named = { name: unknown; parent?: Named };

circus.addEventHandler((event) => {
  if (event.name === 'test_start') jestExpect.setState({ currentTestName: nameOf(event.test) });
  if (event.name === 'test_done') process.send?.('on');
});

for (const file of tests)
  if (!(await passes(file))) {
    console.error(file);
    process.exit(1);
  }
process.exit(0);
