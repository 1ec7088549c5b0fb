/** Sites over SFTP, WebDAV and by hand, as a technician works with them. */
import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { markedMarkup } from '#core/page';
import { jsonLd } from '#core/markup';
import { effectiveRecord } from '#core/record';
import { branchSchema } from '#contract';
import type { Hand } from './hand.ts';
import { workbench } from './workbench.ts';

const bench = workbench('sites-e2e');
const { data } = bench;
let hand: Hand;

bench.opened((one) => {
  hand = one;
});
const onSite = (domain: string, path: string): string => join(data, 'sites', domain, path);
const pagesOf = async (label: string, query = ''): Promise<void> =>
  hand.go(`/branches/${String(await hand.branchNamed(label))}/pages${query}`);
const post = async (path: string, body: object): Promise<number> => {
  const answer = await fetch(`${hand.address}/api${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return ((await answer.json()) as { id: number }).id;
};
/** The process of the application's site host. */
const siteHost = (): number =>
  Number(execFileSync('pgrep', ['-f', `siteHost.mjs.*${data}`], { encoding: 'utf8' }).split('\n')[0]);
/** Waits until the run in sight has come to its end. */
const settled = (state: string) => hand.page.waitForSelector(`[data-run="${state}"]`);

describe('an old number', () => {
  const file = onSite('hollinsrow.example', 'marl-cross.html');
  let before = '';

  test('is found on the list of what is out of date, with what it is now', async () => {
    before = readFileSync(file, 'latin1');
    await pagesOf('Quay Street', '?tab=ledger');
    await hand.see('was changed by somebody else', '[aria-label="Live pages"]');
    await hand.see('is no longer on the page', '[aria-label="Pages"]');
    await pagesOf('Saltby', '?tab=ledger');
    await hand.see('marl-cross.html', '[aria-label="Pages"]');
    await hand.see('+44 117 496 0180', '[aria-label="Pages"]');
    await hand.see('+44 117 496 0188', '[aria-label="Pages"]');
    await hand.accessible();
  });

  test('is brought up to date in one run, seen before it is published', async () => {
    await hand.click('button', 'Bring 1 page up to date');
    await settled('ready');
    await hand.see('1 page to be changed', '[role=status]');
    await hand.accessible();
    expect(readFileSync(file, 'latin1')).toBe(before);
    await hand.click('button', 'Publish 1 page');
    await settled('done');
    await hand.see('1 page changed', '[role=status]');
    expect(readFileSync(file, 'latin1')).toContain('+44 117 496 0188');
    expect(readFileSync(file, 'latin1')).toContain('Telephone 0117 496 0188');
    expect(readFileSync(file, 'latin1')).not.toContain('496 0180');
  });

  test('is proved on the live pages, for all branches at once', async () => {
    await hand.click('tab', 'Live pages');
    await hand.click('button', 'Read all now');
    await hand.page.waitForFunction(
      () => document.querySelectorAll('[data-live="as-intended"]').length === 1,
    );
    await hand.accessible();
    // What is left is markup of Saltby’s own page, which nobody of us wrote.
    await hand.see('Out of date (1)', '[role=tablist]');
  });

  test('comes back when the run is taken back, to the byte', async () => {
    await hand.click('tab', 'Runs');
    await hand.click('button', 'Bring pages up to date');
    await settled('done');
    await hand.click('button', 'Take all back');
    await hand.see('Take back: Bring pages up to date', 'h1');
    await settled('done');
    expect(readFileSync(file, 'latin1')).toBe(before);
  });
});

describe('one page of a site', () => {
  test('is placed on with one click, over SFTP, and taken back from the message', async () => {
    const file = onSite('larkspurvane.example', 'quay-street.html');
    const before = readFileSync(file);
    await pagesOf('Quay Street');
    await hand.see('zinc-post jsonld begin', '.cm-merge-b');
    await hand.click('button', 'Place');
    await hand.see('Quay Street placed on quay-street.html, published and read back.');
    expect(readFileSync(file, 'utf8')).toContain('zinc-post jsonld begin');
    await hand.page.locator('::-p-xpath(//button[normalize-space(.)="Undo"])').click();
    await hand.see('Undone.');
    expect(readFileSync(file).equals(before)).toBe(true);
  });
});

describe('forty branches', () => {
  const domain = 'millpond.example';
  const towns = Array.from({ length: 40 }, (_, at) => `Town ${String(at + 1)}`);
  const html = (town: string): string =>
    `<!doctype html><html lang="en"><head><title>Millpond ${town}</title></head><body><h1>${town}</h1></body></html>`;
  const path = (town: string): string => `shops/${town.replace(' ', '-').toLowerCase()}.html`;

  test('have their pages from a site that is added in the browser, its key confirmed', async () => {
    mkdirSync(onSite(domain, 'shops'), { recursive: true });
    for (const town of towns) writeFileSync(onSite(domain, path(town)), html(town));
    const client = await post('/clients', { name: 'Millpond Bakers' });
    for (const town of towns) {
      const address = {
        streetAddress: '1 High Street',
        addressLocality: town,
        addressRegion: 'WA',
        postalCode: '98299',
        addressCountry: 'US',
      };
      const record = {
        name: `Millpond ${town}`,
        types: ['Bakery'],
        url: `https://${domain}/${path(town)}`,
        address,
      };
      await post(`/clients/${String(client)}/branches`, { label: town, record });
    }
    await pagesOf('Town 7');
    await hand.click('button', 'Add a site');
    const type = (label: string, text: string): Promise<void> =>
      hand.page.locator(`::-p-aria([name="${label}"][role="textbox"])`).fill(text);
    await type('Name', domain);
    await type('Address where visitors see it', `https://${domain}/`);
    await type('Host', `files.${domain}`);
    await type('User', 'demo');
    await type('Folder of the site', `/${domain}`);
    await hand.page.locator('input[type=password]').fill('zinc-demo');
    await hand.accessible();
    await hand.click('button', 'Keep it');
    await hand.see('shows a key that nobody has confirmed yet', '[role=alert]');
    await hand.click('button', 'This is the host’s key; go on');
    await hand.see('It answers: 40 pages lie there');
    await hand.click('button', 'Keep it');
    await hand.see('The pages are here as the site has them now');
    await hand.see('40 pages', `[data-site="${domain}"]`);
  });

  test('are placed by one rule, paused, published to the end, and all of it taken back', async () => {
    await hand.click('button', 'Place by a rule');
    await hand.accessible();
    await hand.click('button', 'Preview on 40 pages');
    await settled('ready');
    // The host stands still until the pause is asked for, so that it comes before the last page.
    process.kill(siteHost(), 'SIGSTOP');
    await hand.click('button', 'Publish 40 pages');
    await hand.click('button', 'Pause');
    process.kill(siteHost(), 'SIGCONT');
    await settled('paused');
    await hand.accessible();
    const changed = towns.filter((town) => readFileSync(onSite(domain, path(town)), 'utf8') !== html(town));
    expect(changed.length).toBeLessThan(40);
    await hand.page.locator('::-p-xpath(//button[starts-with(normalize-space(.), "Go on with")])').click();
    await settled('done');
    await hand.see('40 pages changed', '[role=status]');
    for (const town of towns)
      expect(readFileSync(onSite(domain, path(town)), 'utf8')).toContain(`"name": "Millpond ${town}"`);
    await hand.click('button', 'Take all back');
    await hand.see('Take back:', 'h1');
    await settled('done');
    for (const town of towns) expect(readFileSync(onSite(domain, path(town)), 'utf8')).toBe(html(town));
  });
});

describe('a site by hand', () => {
  const file = onSite('tinderboxkiln.example', 'index.html');

  test('is done when its live page is proved, and caught when pasting curled its quotes', async () => {
    const page = readFileSync(file, 'utf8').replace(
      /<script type="application\/ld\+json">[\s\S]*?<\/script>/g,
      '',
    );
    const id = await hand.branchNamed('Studio');
    const branch = branchSchema.parse(
      await (await fetch(`${hand.address}/api/branches/${String(id)}`)).json(),
    );
    const code = markedMarkup('jsonld', jsonLd(effectiveRecord(branch.record, branch.defaults)).text);
    const paste = (text: string): void =>
      writeFileSync(
        file,
        page.replace(/<\/head>|<body/, (end) => `${text}${end}`),
      );
    await pagesOf('Studio');
    await hand.see('By hand', '[data-site="tinderboxkiln.example"]');
    paste(code.replaceAll('"', '”'));
    await hand.click('button', 'Prove the live page');
    await hand.see('The quotes were curled', '[data-live="absent"]');
    paste(code);
    await hand.click('button', 'Prove the live page');
    await hand.see('says what the record says', '[data-live="as-intended"]');
    await hand.accessible();
    await hand.go('/');
    await hand.fill('[aria-label="Filter branches"]', 'Studio');
    await hand.see('live page proved');
  });
});
