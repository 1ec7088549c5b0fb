/**
 * `npm run screenshots`: takes docs/screenshots/ anew from the running application with the demo's data: all of them, or
 * those whose names are given behind the address.
 */
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';

const [address = 'http://127.0.0.1:4600', ...wanted] = process.argv.slice(2);
const folder = join(import.meta.dirname, '../docs/screenshots');

const browser = await puppeteer.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  headless: true,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const page = await browser.newPage();
await page.setViewport({ width: 1280, height: 800 });

const found = (await (await fetch(`${address}/api/search`)).json()) as {
  readonly branches: readonly { readonly id: number; readonly label: string }[];
};
const clientOf = async (label: string): Promise<string> => {
  const answer = await fetch(`${address}/api/branches/${branchId(label)}`);
  return String(((await answer.json()) as { clientId: number }).clientId);
};
const branchId = (label: string): string =>
  String(found.branches.find((branch) => branch.label === label)?.id ?? 0);

async function take(
  name: string,
  path: string,
  before: () => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  if (wanted.length > 0 && !wanted.includes(name)) return;
  await page.goto(`${address}${path}`, { waitUntil: 'networkidle0' });
  await before();
  await new Promise((resolve) => setTimeout(resolve, 600));
  await page.screenshot({ path: join(folder, `${name}.png`) });
}

const quay = branchId('Quay Street');
const showGroup = (group: string): Promise<void> =>
  page.$eval(`#group-${group}`, (element) => {
    element.scrollIntoView();
  });
await take('record', `/branches/${quay}/record`, async () => {
  await page.hover('[data-fact="description"]');
});
await take('record-hours', `/branches/${branchId('Tallow Bay')}/record`, async () => {
  await showGroup('hours');
  await page.type('#week-text', 'Mon–Thu 9-5.30, Sat 10 to noon, closed Sundays');
});
await take('record-pin', `/branches/${branchId('Head office')}/record`, async () => {
  await showGroup('place');
  await page.locator('::-p-aria([name="Search, or set on the map"][role="button"])').click();
  await page.waitForSelector('.map-pin');
  await page.waitForSelector('[data-distance]');
});
await take('record-start', `/branches/${branchId('Saltby')}/record?start`, async () => {
  await page.waitForSelector('[aria-label="Address, HTML or JSON-LD"]');
  await page.type('[aria-label="Address, HTML or JSON-LD"]', 'https://hollinsrow.example/saltby.html');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[aria-label="Proposed facts"]');
});
await take('check', `/branches/${branchId('Studio')}/check`, async () => {
  await page.type('[aria-label="Address of the page"]', 'https://tinderboxkiln.example/');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[data-code]');
  await page.waitForSelector('[role=status][data-busy=false]');
  await page.waitForNetworkIdle();
  await page.keyboard.press('F8');
});
await take('check-mends', `/branches/${branchId('Marl Cross')}/check`, async () => {
  await page.type('[aria-label="Address of the page"]', 'https://hollinsrow.example/marl-cross.html');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[data-code]');
  await page.locator('::-p-aria([name="Mends and proposals …"][role="button"])').click();
  await page.waitForSelector('[role=dialog] [role=status][aria-busy=false] b');
});
const checkSite = async (): Promise<void> => {
  await page.locator('::-p-aria([name="Check"][role="button"])').click();
  await page.waitForFunction(
    () => document.querySelector('[data-state=waiting], [data-state=running]') !== null,
  );
  await page.waitForSelector('[role=status][data-state=done]');
};
await take('check-site', `/branches/${quay}/check?tab=site`, async () => {
  await checkSite();
  await page.locator('[data-page] button[aria-expanded]').click();
  await page.waitForSelector('[aria-label^="Findings of https"]');
});
await take('pages', `/branches/${branchId('Tallow Bay')}/pages`, async () => {
  await page.waitForSelector('.cm-merge-b');
  await page.locator('::-p-aria([name="Prove the live page"][role="button"])').click();
  await page.waitForSelector('[data-live]');
});
await take('pages-outdated', `/branches/${branchId('Saltby')}/pages?tab=ledger`, async () => {
  await page.waitForSelector('[data-outdated]');
});
await take('pages-run', `/branches/${quay}/pages`, async () => {
  await page.locator('::-p-aria([name="Place by a rule"][role="button"])').click();
  await page.locator('[role=dialog] button[type=submit]').click();
  await page.waitForSelector('[data-run="ready"]');
  await page.waitForSelector('.cm-merge-b');
});
await take('pages-woven', `/branches/${branchId('Saltby')}/pages`, async () => {
  await page.locator('::-p-aria([name="What to place, and where"][role="combobox"])').click();
  await page.locator('::-p-aria([name="Woven into the text that stands there"][role="option"])').click();
  await page.waitForSelector('::-p-text(Found in the text)');
});
await take('photos-words', `/branches/${quay}/photos`, async () => {
  const { photos } = (await (await fetch(`${address}/api/branches/${quay}/photos`)).json()) as {
    photos: { id: number }[];
  };
  const subjects = ['The front', 'Reception', 'The ward', 'Surgery'];
  const words = photos.map(({ id }, at) => ({
    id,
    own: { subject: subjects[at] ?? '', alt: `${subjects[at] ?? ''} by day` },
  }));
  await fetch(`${address}/api/branches/${quay}/photos/words`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ photos: words }),
  });
  await page.reload({ waitUntil: 'networkidle0' });
  await page.locator('::-p-aria([name="How the photos are shown"][role="combobox"])').click();
  await page.locator('::-p-aria([name="Words, photo by photo"][role="option"])').click();
  await page.waitForSelector('::-p-text(The ward by day)');
});
await take('photos', `/branches/${quay}/photos`, async () => {
  const stamp = await page.waitForSelector('::-p-text(Stamp all)');
  await stamp?.click();
  await page.waitForFunction(() => !document.querySelector('[data-state="bare"]'));
});
await take('photos-wordings', `/branches/${quay}/photos`, async () => {
  await page.locator('::-p-aria([name="Wordings …"][role="button"])').click();
  await page.locator('::-p-aria([name="Caption"][role="textbox"])').fill('{subject} of {name}, {street}');
  await page.locator('::-p-aria([name="File name"][role="textbox"])').fill('{subject}-{town}-{number}');
  await page.waitForSelector('::-p-text(→ the-front-port-ellery-1.jpg)');
});
await take('photos-uses', `/branches/${quay}/photos`, async () => {
  const branch = (await (await fetch(`${address}/api/branches/${quay}`)).json()) as {
    record: { image: { url: string }[] };
  };
  const { photos } = (await (await fetch(`${address}/api/branches/${quay}/photos`)).json()) as {
    photos: { id: number }[];
  };
  for (const [at, use] of [
    { kind: 'page', address: branch.record.image[0]?.url, date: '2026-11-20' },
    { kind: 'directory', address: 'https://harbourlist.example/larkspur-vane', date: '2026-11-24' },
  ].entries())
    await fetch(`${address}/api/photos/${photos[at]?.id}/uses`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: address },
      body: JSON.stringify(use),
    });
  await page.reload({ waitUntil: 'networkidle0' });
  await page.locator('::-p-aria([name="Where it went"][role="tab"])').click();
  await page.locator('button[aria-label^="Fetch back"]').click();
  await page.waitForSelector('::-p-text(field)');
});
await take('desk', '/');
await take('import', '/', async () => {
  // The sheet of the vets comes again with a number and a street changed, and a branch more.
  const clientId = await clientOf('Quay Street');
  const sheet = await (await fetch(`${address}/api/clients/${clientId}/branches.csv`)).text();
  const [head = '', first = '', ...rest] = sheet.split('\r\n');
  const changed = first
    .replace('(360) 555-0142', '(360) 555-0151')
    .replace('214 Quay Street', '216 Quay Street');
  const more = first.replace('LV-01', 'LV-09').replaceAll('Quay Street', 'Net Loft').replace('98299', '9829');
  const file = join(tmpdir(), 'branches.csv');
  writeFileSync(file, [head, changed, more, ...rest].join('\r\n'));
  await page
    .locator('::-p-aria([name="Actions for Larkspur & Vane Veterinary Care"][role="button"])')
    .click();
  await page.locator('::-p-aria([name="Branches from a spreadsheet …"][role="menuitem"])').click();
  const input = await page.waitForSelector('input[aria-label="CSV file of branches"]');
  await input?.uploadFile(file);
  await page.waitForSelector('[data-row="changes"]');
});
await take('record-kept', `/branches/${branchId('Marl Cross')}/record`, async () => {
  await page.type('[aria-label="Add fact"]', 'Other properties');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  for (const [name, value] of [
    ['hasCredential', 'Registered since 1974'],
    ['acceptedPaymentMethod', 'Cash'],
  ] as const) {
    await page.waitForSelector('[aria-label="Add to Other properties"]');
    await page.type('[aria-label="Add to Other properties"]', name);
    await page.keyboard.press('Enter');
    await page.type(`[aria-label$="${name}"]`, value);
  }
  await page.locator('::-p-aria([name="Choices"][role="button"])').click();
});
await take('branches', '/', async () => {
  await page
    .locator('::-p-aria([name="Actions for Larkspur & Vane Veterinary Care"][role="button"])')
    .click();
  await page.locator('::-p-aria([name="Facts of many branches …"][role="menuitem"])').click();
  await page.waitForSelector('[role=dialog] select');
  await page.select('[role=dialog] select', 'replace');
  await page.locator('::-p-aria([name="Find"][role="textbox"])').fill('(360) 555');
  await page.locator('::-p-aria([name="Replace by"][role="textbox"])').fill('360-555');
  await page.waitForSelector('[aria-label="What would change"]');
});
await browser.close();
