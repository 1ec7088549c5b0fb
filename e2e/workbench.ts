import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll } from '@jest/globals';
import type { Browser } from 'puppeteer-core';
import { openBrowser, startApplication, type Application } from './application.ts';
import { Hand } from './hand.ts';
import { copySeeded } from './seeded.ts';

/** What a suite works with: the application with the demo on data of its own, a browser, and a hand in it. */
interface Workbench {
  /** A folder of the suite's own, gone when it ends. */
  readonly folder: string;
  /** The data of the application, in that folder. */
  readonly data: string;
  /** Does something with the hand before the first test. */
  readonly opened: (use: (hand: Hand, browser: Browser) => unknown) => void;
}

/** Sets a suite up, and clears it away when it is over. */
export function workbench(name: string): Workbench {
  const folder = mkdtempSync(join(tmpdir(), `zinc-${name}-`));
  const data = join(folder, 'data');
  let open: { readonly application: Application; readonly browser: Browser; readonly hand: Hand } | undefined;
  beforeAll(async () => {
    await copySeeded(data);
    const application = await startApplication(data);
    if (!application.address) throw new Error(`The application ended:\n${application.printed()}`);
    const browser = await openBrowser();
    open = { application, browser, hand: await Hand.open(browser, application.address) };
  });
  afterAll(async () => {
    await open?.browser.close();
    await open?.application.stop();
    rmSync(folder, { recursive: true, force: true });
  });
  return {
    folder,
    data,
    opened: (use) =>
      beforeAll(async () => {
        if (open) await use(open.hand, open.browser);
      }),
  };
}
