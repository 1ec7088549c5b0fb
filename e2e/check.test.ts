/** The checker in the real interface: sources, mends, sites, kept checks, what is wanted and what is ignored. */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { recordSchema } from '#core/record';
import type { Hand } from './hand.ts';
import { workbench } from './workbench.ts';

const bench = workbench('check');
const { folder } = bench;
const freshFolder = join(folder, 'data', 'sites', 'fresh.example');
let hand: Hand;

/** A page with faults of every family, each of which can be mended. */
const FRESH = `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>Fresh Fish of Saltby</title>
<script type="application/ld+json">
{
  "@context": "https://schema.org",
  "@type": "Fishmonger" "name": "Fresh Fish of Saltby",
  "Telephone": "020 7946 0355",
  "url": "https://fresh.example/",
  "image": "/front.jpg",
  "priceRange": "££",
  "address": { "@type": "PostalAddress", "streetAddress": "2 Slipway", "addressLocality": "Saltby", "postalCode": "TQ1 2AB", "addressCountry": "England" },
  "geo": { "@type": "GeoCoordinates", "latitude": 50.46191, "longitude": -3.52531 },
  "openingHours": "Mon-Fri 9am-5pm",
}
</script></head>
<body><h1>Fresh Fish of Saltby</h1><p>2 Slipway, Saltby TQ1 2AB</p><p>020 7946 0355</p><p>Mon–Fri 09:00–17:00</p></body></html>
`;

bench.opened((one) => {
  mkdirSync(freshFolder, { recursive: true });
  writeFileSync(join(freshFolder, 'index.html'), FRESH);
  hand = one;
});

const post = async (path: string, body: unknown): Promise<number> => {
  const answer = await fetch(`${hand.address}/api${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return ((await answer.json()) as { id: number }).id;
};
const checkPath = (id: number, query = ''): string => `/branches/${String(id)}/check${query}`;
const fetchSource = async (url: string): Promise<void> => {
  // What a test before left in hand would pass for what is fetched.
  if (await hand.page.$('::-p-xpath(//button[text()="Clear" and not(@disabled)])')) {
    await hand.click('button', 'Clear');
    await hand.see('Nothing to check yet');
  }
  await hand.fill('[aria-label="Address of the page"]', url);
  await hand.click('button', 'Fetch');
  await hand.see(`Source: ${url}`);
  await settled();
};
const settled = async (): Promise<void> => {
  await hand.rest();
  await hand.page.waitForSelector('[role=status][data-busy=false]');
};
const summary = (): Promise<string> => hand.text('[role=status][data-busy=false]');
const codes = (): Promise<string[]> =>
  hand.page.$$eval('[aria-label="Findings"] [data-code]', (rows) =>
    rows.map((row) => row.getAttribute('data-code') ?? ''),
  );
/** Takes the first mend or proposal of a code; whether there was one. */
async function takeMend(code: string): Promise<boolean> {
  const opened = await hand.page.evaluate((wanted) => {
    for (const row of document.querySelectorAll(`[data-code="${wanted}"]`)) {
      const button = [...row.querySelectorAll('button')].find((one) =>
        /^(Mend|Proposal) …/.test(one.innerText),
      );
      if (button) {
        button.click();
        return true;
      }
    }
    return false;
  }, code);
  if (!opened) return false;
  const take = await hand.page.waitForSelector(
    '::-p-xpath(//button[text()="Take the proposal" or text()="Mend this"])',
  );
  const before = await editorText();
  await take?.click();
  await hand.page.waitForFunction(
    (text) => document.querySelector('.cm-content')?.textContent !== text,
    {},
    before,
  );
  await settled();
  return true;
}
const editorText = (): Promise<string> => hand.page.$eval('.cm-content', (element) => element.textContent);

describe('a source', () => {
  let freshBranch = 0;

  test('goes from a fresh address to a clean second check', async () => {
    const client = await post('/clients', { name: 'Fresh Fish' });
    freshBranch = await post(`/clients/${String(client)}/branches`, {
      label: 'Slipway',
      record: recordSchema.parse({
        name: 'Fresh Fish of Saltby',
        types: ['GroceryStore'],
        url: 'https://fresh.example/',
        telephone: '020 7946 0355',
        priceRange: '££',
        address: {
          streetAddress: '2 Slipway',
          addressLocality: 'Saltby',
          addressRegion: '',
          postalCode: 'TQ1 2AB',
          addressCountry: 'GB',
        },
        pin: { latitude: '50.46191', longitude: '-3.52531', origin: 'typed', exactness: 'door' },
        hours: Object.fromEntries(
          ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'].map((day) => [
            day,
            /^S/.test(day) ? 'closed' : '09:00-17:00',
          ]),
        ),
        image: [{ url: 'https://fresh.example/front.jpg', caption: '', width: '', height: '' }],
      }),
    });
    await hand.go(checkPath(freshBranch));
    await hand.see('Nothing to check yet');
    await hand.accessible();
    await fetchSource('https://fresh.example/');
    const found = await codes();
    for (const code of [
      'syntax/missing-comma',
      'syntax/trailing-comma',
      'vocabulary/unknown-type',
      'vocabulary/capitals',
      'value/url-relative',
      'value/country',
      'value/hours',
    ])
      expect(found).toContain(code);
    await hand.accessible();
    // Syntax first; what it hid is found then.
    for (let round = 0; round < 4; round += 1) {
      const button = await hand.page.$('::-p-xpath(//button[starts-with(., "Mend all")])');
      if (!button) break;
      await button.click();
      await settled();
    }
    for (const code of ['value/hours', 'vocabulary/unknown-type']) expect(await takeMend(code)).toBe(true);
    expect(await summary()).toMatch(/^0 must, \d should/);
    // The finder offers what the trade word suggests; the type that is wanted is typed.
    const kept = `source:${String(freshBranch)}`;
    await hand.page.waitForFunction(
      (key) => localStorage.getItem(key)?.includes('Fishmonger') === false,
      {},
      kept,
    );
    const mended = await hand.page.evaluate((key) => localStorage.getItem(key) ?? '', kept);
    writeFileSync(
      join(freshFolder, 'index.html'),
      mended.replace(/"@type": "\w+",/, '"@type": "GroceryStore",'),
    );
    await fetchSource('https://fresh.example/');
    expect(await summary()).toBe('0 must, 0 should, 1 note');
  });

  test('takes a mend back, and leads from a finding to its lines and from a line to its finding', async () => {
    const studio = await hand.branchNamed('Studio');
    await hand.go(checkPath(studio));
    await fetchSource('https://tinderboxkiln.example/');
    const before = await summary();
    await hand.page.click('::-p-xpath(//button[starts-with(., "Mend all")])');
    await hand.page.waitForFunction(
      (was) => document.querySelector('[role=status]')?.textContent.replace(/\s+/g, ' ') !== was,
      {},
      before,
    );
    await settled();
    expect(await summary()).not.toBe(before);
    await hand.click('button', 'Undo');
    await hand.page.waitForFunction(
      (was) =>
        document.querySelector('[role=status][data-busy=false]')?.textContent.replace(/\s+/g, ' ') === was,
      {},
      before,
    );
    await hand.page.keyboard.press('F8');
    await hand.page.waitForSelector('[aria-label="Findings"] [aria-current=true]');
    const first = await hand.page.$eval('[aria-current=true]', (row) => row.getAttribute('data-code'));
    expect(first).toBe((await codes())[0]);
    // On to the next and back again.
    const current = (index: number) =>
      hand.page.waitForFunction(
        (at) =>
          [...document.querySelectorAll('[aria-label="Findings"] [data-code]')].findIndex(
            (row) => row.getAttribute('aria-current') === 'true',
          ) === at,
        {},
        index,
      );
    await hand.page.keyboard.press('F8');
    await current(1);
    await hand.page.keyboard.down('Shift');
    await hand.page.keyboard.press('F8');
    await hand.page.keyboard.up('Shift');
    await current(0);
    // The caret in the line of the missing colon brings its finding.
    await hand.page.evaluate(() => {
      const line = [...document.querySelectorAll<HTMLElement>('.cm-line')].find((one) =>
        one.innerText.includes('"telephone"'),
      );
      line?.scrollIntoView({ block: 'center' });
    });
    // The editor measures its lines anew when it is scrolled: until it has, they move.
    await hand.page.waitForFunction(
      () => {
        const line = [...document.querySelectorAll('.cm-line')].find((one) =>
          one.textContent.includes('"telephone"'),
        );
        const top = line?.getBoundingClientRect().top;
        const stands = top === Reflect.get(window, 'lineTop');
        Reflect.set(window, 'lineTop', top);
        return stands;
      },
      { polling: 250 },
    );
    const at = await hand.page.evaluate(() => {
      const line = [...document.querySelectorAll('.cm-line')].find((one) =>
        one.textContent.includes('"telephone"'),
      );
      const { left = 0, top = 0, height = 0 } = line?.getBoundingClientRect() ?? {};
      return { x: left + 60, y: top + height / 2 };
    });
    await hand.page.mouse.click(at.x, at.y);
    await hand.page.waitForSelector('[aria-label="Findings"] [aria-current=true]');
  });

  test('brings a page of the demo to nothing but notes, with what the record proposes', async () => {
    await hand.go(checkPath(await hand.branchNamed('Saltby')));
    await fetchSource('https://hollinsrow.example/saltby.html');
    expect(await summary()).toMatch(/^[1-9]\d* must/);
    const before = await summary();
    await hand.click('button', 'Mends and proposals …');
    const read = async (): Promise<string> => {
      await hand.page.waitForSelector('[role=dialog] [role=status][aria-busy=false] b');
      return hand.text('[role=dialog] [role=status]');
    };
    expect(await read()).toContain('Left then: 0 must, 0 should');
    await hand.accessible();
    // A fact that is not to be changed is left, and then taken after all.
    await hand.page.click('[role=dialog] li input');
    await hand.page.waitForSelector('[role=dialog] [aria-label="Left as it is"]');
    await hand.rest();
    expect(await read()).not.toContain('0 must');
    await hand.page.click('[role=dialog] [aria-label="Left as it is"] li input');
    await hand.rest();
    expect(await read()).toContain('Left then: 0 must, 0 should');
    await hand.page.click('::-p-xpath(//*[@role="dialog"]//button[starts-with(., "Take ")])');
    await hand.page.waitForSelector('[role=dialog]', { hidden: true });
    await settled();
    expect(await summary()).toMatch(/^0 must, 0 should/);
    expect(await editorText()).toContain('addressCountry');
    // It was one change, and is taken back as one.
    await hand.click('button', 'Undo');
    await settled();
    expect(await summary()).toBe(before);
  });

  test('shows the three-way reading over all facts, and what a machine understands', async () => {
    await hand.go(checkPath(await hand.branchNamed('Quay Street')));
    await fetchSource('https://larkspurvane.example/quay-street.html');
    await hand.see('dials +13605550119', '[data-row="telephone"]');
    await hand.see('from the pin', '[data-row="pin"]');
    await hand.page.waitForSelector('[data-row="hours"]');
    const rows = async (): Promise<number> =>
      (await hand.page.$$('[aria-label="Three-way reading"] [data-row]')).length;
    const few = await rows();
    await hand.page.click('::-p-xpath(//button[starts-with(., "Show the other")])');
    expect(await rows()).toBeGreaterThan(few);
  });

  test('is kept, and ignoring a finding holds until it is taken back', async () => {
    const saltby = await hand.branchNamed('Saltby');
    await hand.go(checkPath(saltby));
    await fetchSource('https://hollinsrow.example/saltby.html');
    const before = (await codes()).filter((code) => code === 'guideline/recommended').length;
    expect(before).toBeGreaterThan(0);
    await hand.page.evaluate(() => {
      const row = document.querySelector('[data-code="guideline/recommended"]');
      [...(row?.querySelectorAll('button') ?? [])].find((one) => one.innerText.startsWith('Ignore'))?.click();
    });
    await hand.click('combobox', 'Where to ignore it');
    await hand.click('option', 'on the whole site');
    await hand.fill('[aria-label="Reason"]', 'The client wants it lean');
    await hand.click('button', 'Ignore it');
    await hand.page.waitForFunction(
      () => document.querySelector('[data-code="guideline/recommended"]') === null,
    );
    await hand.see('The client wants it lean');
    await hand.click('tab', 'How it is judged');
    await hand.see('The client wants it lean', '[aria-label="Ignored findings"]');
    await hand.fill('[aria-label="Property wanted"]', 'faxNumber');
    await hand.click('button', 'Add');
    await hand.see('faxNumber', '[aria-label="Wanted besides"]');
    await hand.accessible();
    await hand.page.click('::-p-xpath(//table[@aria-label="Ignored findings"]//button[text()="Take back"])');
    await hand.see('Nothing is ignored');
    await hand.click('tab', 'Source');
    await hand.see('faxNumber is missing');
    await hand.click('button', 'Keep this check');
    await hand.page.waitForSelector('[role=status][data-state=done]');
    await hand.see('saltby.html', '[aria-label="Pages checked"]');
  });
});

describe('a site', () => {
  test('is checked link by link, the worst first, from a page to its source', async () => {
    const quay = await hand.branchNamed('Quay Street');
    await hand.go(checkPath(quay, '?tab=site'));
    await hand.accessible();
    await hand.click('button', 'Check');
    await hand.page.waitForSelector('[role=status][data-state=done]');
    await hand.see(
      'No page of the site carries the markup of Tallow Bay',
      '[aria-label="Findings of the whole site"]',
    );
    const pages = await hand.page.$$eval('[data-page]', (rows) =>
      rows.map((row) => row.getAttribute('data-page')),
    );
    expect(pages[0]).toBe('https://larkspurvane.example/quay-street.html');
    expect(pages.length).toBeGreaterThanOrEqual(4);
    await hand.accessible();
    await hand.page.click('::-p-xpath(//button[text()="https://larkspurvane.example/quay-street.html"])');
    await hand.see('the record', '[aria-label="Findings of https://larkspurvane.example/quay-street.html"]');
    await hand.fill('[aria-label="Filter pages"]', 'tallow');
    expect((await hand.page.$$('[data-page]')).length).toBe(1);
    await hand.page.click('::-p-xpath(//button[text()="Open source"])');
    await hand.see('Source: https://larkspurvane.example/tallow-bay.html');
    await hand.see('no markup of a business');
  });

  test('is kept, compared with the check before, and reported', async () => {
    const quay = await hand.branchNamed('Quay Street');
    const site = join(folder, 'data', 'sites', 'larkspurvane.example', 'quay-street.html');
    writeFileSync(
      site,
      readFileSync(site, 'utf8').replace('"48.51"', '"48.51234"').replace('48.51,', '48.51234,'),
    );
    await hand.go(checkPath(quay, '?tab=site'));
    await hand.click('button', 'Check');
    await hand.page.waitForSelector('[role=status][data-state=done]');
    const report = await hand.page.$eval(
      '::-p-xpath(//a[text()="Report"])',
      (link) => (link as HTMLAnchorElement).href,
    );
    const html = await (await fetch(report)).text();
    expect(html).toContain('quay-street.html');
    await hand.click('tab', 'Kept checks');
    await hand.page.waitForSelector('[data-check]');
    await hand.accessible();
    const boxes = await hand.page.$$('[data-check] input[type=checkbox]');
    for (const box of boxes.slice(0, 2)) await box.click();
    await hand.click('button', 'Compare');
    await hand.page.waitForSelector('section[aria-label="Gone"]');
    await hand.see('value/coordinates-coarse', 'section[aria-label="Gone"]');
    await hand.page.waitForSelector('section[aria-label="Still there"] li');
    await hand.accessible();
    await hand.click('button', 'Back');
    await hand.page.waitForSelector('[data-check]');
    const count = (await hand.page.$$('[data-check]')).length;
    await hand.page.click('[data-check] button[aria-label^="Delete"]');
    await hand.page.waitForFunction(
      (most) => document.querySelectorAll('[data-check]').length < most,
      {},
      count,
    );
    await hand.click('button', 'Undo');
    await hand.page.waitForFunction(
      (most) => document.querySelectorAll('[data-check]').length === most,
      {},
      count,
    );
  });

  test('of single addresses tells which cannot be read, and why', async () => {
    const quay = await hand.branchNamed('Quay Street');
    await hand.go(checkPath(quay, '?tab=site'));
    await hand.click('combobox', 'What to check');
    await hand.click('option', 'These addresses');
    await hand.page.type(
      'textarea[aria-label="Addresses, one a line"]',
      'https://larkspurvane.example/none.html\nhttp://127.0.0.1:1/',
    );
    await hand.click('button', 'Check');
    await hand.see('It answers with status 404');
    await hand.see('is no place on the public web');
  });
});
