/** `npm run screenshots`: takes docs/screenshots/ anew from the running application with the demo's data. */
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';

const address = process.argv[2] ?? 'http://127.0.0.1:4600';
const folder = join(import.meta.dirname, '../docs/screenshots');

const browser = await puppeteer.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  headless: true,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const page = await browser.newPage();
await page.setViewport({ width: 1280, height: 800 });

interface Tree {
  readonly clients: readonly {
    readonly name: string;
    readonly branches: readonly { readonly id: number; readonly label: string }[];
  }[];
}
const tree = (await (await fetch(`${address}/api/clients`)).json()) as Tree;
const branchId = (label: string): string =>
  String(tree.clients.flatMap(({ branches }) => branches).find((branch) => branch.label === label)?.id ?? 0);

async function take(
  name: string,
  path: string,
  before: () => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  await page.goto(`${address}${path}`, { waitUntil: 'networkidle0' });
  await before();
  await new Promise((resolve) => setTimeout(resolve, 600));
  await page.screenshot({ path: join(folder, `${name}.png`) });
}

const quay = branchId('Quay Street');
await take('record', `/branches/${quay}/record`, () => page.hover('[data-fact="address.streetAddress"]'));
await take('check', `/branches/${branchId('Studio')}/check`, async () => {
  await page.locator('::-p-aria([name="Page of the site"][role="combobox"])').click();
  await page.locator('[role=option]:last-child').click();
  await page.waitForSelector('[data-code]');
});
await take('pages', `/branches/${branchId('Tallow Bay')}/pages`, async () => {
  await page.waitForSelector('.cm-merge-b');
});
await take('photos', `/branches/${quay}/photos`, async () => {
  const stamp = await page.waitForSelector('::-p-text(Stamp all)');
  await stamp?.click();
  await page.waitForFunction(() => !document.querySelector('[data-state="bare"]'));
});
await take('desk', '/');
await browser.close();
