import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { larkspur } from '#sample';
import { openBrowser, startApplication } from '../e2e/application.ts';
import type { Figure } from './ratio.ts';

const LETTERS = 100;
const FOREIGN = 40;
const KEYSTROKE = 'from a keystroke to the repainted tray, record with every fact and 40 foreign properties';

/** Gives a branch every fact of the sample, and properties that no fact is for. */
async function fill(branch: string): Promise<void> {
  const { version } = (await (await fetch(branch)).json()) as { version: number };
  const kept = Array.from({ length: FOREIGN }, (_, at) => ({
    property: `foreignProperty${String(at)}`,
    value: `{"@type": "Thing", "name": "Number ${String(at)}"}`,
    was: '',
  }));
  const answer = await fetch(`${branch}/record`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', origin: new URL(branch).origin },
    body: JSON.stringify({ record: { ...larkspur, kept }, version }),
  });
  if (!answer.ok) throw new Error(`the record could not be filled: ${await answer.text()}`);
}

/** What the interface takes, in headless Chromium with the demo's data: the first view, and a letter typed in a full record. */
export async function benchInterface(): Promise<readonly Figure[]> {
  const folder = mkdtempSync(join(tmpdir(), 'zinc-bench-'));
  const application = await startApplication(folder);
  const browser = await openBrowser();
  try {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    await page.goto(`${application.address}/`, { waitUntil: 'networkidle0' });
    const bytes = await page.evaluate(() =>
      performance
        .getEntriesByType('resource')
        .reduce(
          (sum, entry) =>
            sum + (entry.name.endsWith('.js') ? (entry as PerformanceResourceTiming).encodedBodySize : 0),
          0,
        ),
    );
    const found = (await (await fetch(`${application.address}/api/search?q=quay+street`)).json()) as {
      branches: { id: number; label: string }[];
    };
    const id = found.branches.find(({ label }) => label === 'Quay Street')?.id ?? 0;
    await fill(`${application.address}/api/branches/${String(id)}`);
    await page.goto(`${application.address}/branches/${String(id)}/record`, { waitUntil: 'networkidle0' });
    await page.focus('[id="fact-description"]');
    await page.evaluate(() => {
      const taken: number[] = [];
      Reflect.set(window, 'taken', taken);
      let pressed = 0;
      window.addEventListener('keydown', () => (pressed = performance.now()), true);
      const tray = document.querySelector('pre[aria-label="JSON-LD"]');
      if (!tray) return;
      new MutationObserver(() => {
        if (pressed === 0) return;
        const from = pressed;
        pressed = 0;
        // Behind the next frame the tray is on the screen.
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => taken.push(performance.now() - from);
          channel.port2.postMessage(0);
        });
      }).observe(tray, { subtree: true, characterData: true, childList: true });
    });
    for (let at = 0; at < LETTERS; at += 1) {
      await page.keyboard.type('abcdefghij'[at % 10] ?? 'a');
      await new Promise((resolve) => setTimeout(resolve, 120));
    }
    const sorted = (await page.evaluate(() => Reflect.get(window, 'taken') as number[])).sort(
      (a, b) => a - b,
    );
    const share = (part: number): number => sorted[Math.floor(sorted.length * part)] ?? 0;
    return [
      { what: 'script of the first view, gzip', value: bytes / 1000, unit: 'KB', target: 240 },
      { what: `${KEYSTROKE}, median`, value: share(0.5), unit: 'ms', target: 35 },
      { what: `${KEYSTROKE}, 95 of 100`, value: share(0.95), unit: 'ms', target: 50 },
    ];
  } finally {
    await browser.close();
    await application.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
