import {
  cpSync,
  constants,
  existsSync,
  mkdtempSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startApplication, type Application } from './application.ts';

/** Where the demo's data are made for all suites, and what is said where that failed. */
const files = (folder: string) => ({
  making: join(folder, 'making'),
  data: join(folder, 'data'),
  problem: join(folder, 'problem'),
});
const WAIT_MS = 240_000;

let folder = '';
let application: Promise<Application> | undefined;

/**
 * Before the browser tests: begins to make a folder of data with the demo in it, named by ZINC_TEST_SEEDED. It is not
 * waited for here: the suites that begin with the demo do, and others go ahead.
 */
export function begin(): void {
  folder = mkdtempSync(join(tmpdir(), 'zinc-seeded-'));
  process.env['ZINC_TEST_SEEDED'] = folder;
  const { making, data, problem } = files(folder);
  application = startApplication(making);
  void application
    .then(async ({ address, printed, stop }) => {
      if (!address || (await stop()) !== 0) throw new Error(printed());
      renameSync(making, data);
    })
    .catch((error: unknown) => {
      if (existsSync(folder)) writeFileSync(problem, String(error));
    });
}

/** After them: takes it away. */
export async function end(): Promise<void> {
  await application?.then(
    ({ stop }) => stop(),
    () => undefined, // it never started: whoever waited for it was told
  );
  rmSync(folder, { recursive: true, force: true });
}

/** A copy of the data with the demo in it: an application begins on it as at its second start. */
export async function copySeeded(to: string): Promise<void> {
  const { data, problem } = files(process.env['ZINC_TEST_SEEDED'] ?? '');
  for (const end = Date.now() + WAIT_MS; !existsSync(data);) {
    if (existsSync(problem))
      throw new Error(`The demo could not be put in:\n${readFileSync(problem, 'utf8')}`);
    if (Date.now() > end) throw new Error('The demo was not put in.');
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  cpSync(data, to, { recursive: true, mode: constants.COPYFILE_FICLONE });
}
