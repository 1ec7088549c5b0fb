import { execFileSync } from 'node:child_process';
import { copyFileSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, describe, expect, test } from '@jest/globals';
import { ZipFile } from 'yazl';
import { drawPhoto, sitesFolder } from '#demo';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import type { Hand } from './hand.ts';
import { startApplication } from './application.ts';
import { workbench } from './workbench.ts';

const bench = workbench('e2e');
const { folder } = bench;
const zinc = join(import.meta.dirname, '../bin/zinc');
const demoPage = join(sitesFolder, 'tinderboxkiln.example/index.html');
let hand: Hand;
const faults: string[] = [];

bench.opened((one) => {
  hand = one;
  hand.page.on('pageerror', (error) => faults.push(error instanceof Error ? error.message : String(error)));
  hand.page.on('console', (message) => {
    // A request that is meant to be refused is told in the console too.
    if (message.type() === 'error' && !message.text().includes('Failed to load resource'))
      faults.push(message.text());
  });
});

afterEach(() => {
  expect(faults.splice(0)).toEqual([]);
});

let branchPath = '';

const placeOf = (button: string): Promise<readonly number[]> =>
  hand.page.$eval(`::-p-aria([name="${button}"][role="button"])`, (element) => {
    const { left, top, width, height } = element.getBoundingClientRect();
    return [left, top, width, height];
  });
const syntaxFaults = async (): Promise<number> => (await hand.page.$$('[data-code^="syntax/"]')).length;

describe('the whole job, once', () => {
  test('1: clients and branches are listed, added, renamed, deleted and brought back', async () => {
    await hand.go('/');
    for (const name of ['Larkspur & Vane Veterinary Care', 'Tinderbox Kiln Works', 'Hollins Row Opticians'])
      await hand.see(name);
    await hand.accessible();
    await hand.click('button', 'Add client');
    await hand.fill('[role=dialog] input', 'Harbor Books');
    await hand.click('button', 'Add');
    await hand.act('Harbor Books', 'Rename');
    await hand.fill('[role=dialog] input', 'Harbour Books');
    await hand.click('button', 'Rename');
    await hand.see('Harbour Books');
    await hand.act('Harbour Books', 'Delete');
    await hand.see('was deleted');
    await hand.click('button', 'Undo');
    await hand.see('is back');
    await hand.act('Harbour Books', 'Add branch');
    await hand.fill('[role=dialog] input', 'Ropewalk');
    await hand.click('button', 'Add');
    await hand.page.waitForFunction(() => /branches\/\d+\/record/.test(location.pathname));
    branchPath = new URL(hand.page.url()).pathname.replace(/record$/, '');
  });

  test('2: the record is typed, judged while it is typed, saved by itself, and still there after a reload', async () => {
    const facts: [string, string][] = [
      ['name', 'Harbour <b>Books</b> & "Maps"</script>'],
      ['url', 'https://harbourbooks.example/'],
      ['address.streetAddress', '12 Ropewalk Alley'],
      ['address.addressLocality', 'Port Ellery'],
      ['address.addressRegion', 'WA'],
      ['address.postalCode', '98299'],
      ['address.addressCountry', 'US'],
      ['pin.latitude', '48.51611'],
      ['pin.longitude', '-122.61477'],
      ['hours.Monday', '9am-5:30pm'],
      ['hours.Sunday', 'closed'],
      ['telephone', '555'],
      ['priceRange', '$$'],
      ['sameAs', 'https://social.example/harbourbooks'],
      ['description', 'Books and charts by the harbour.'],
    ];
    for (const [fact, text] of facts) await hand.fill(`[id="fact-${fact}"]`, text);
    await hand.click('button', 'Add to Images');
    await hand.fill('[aria-label="Images 1: Address"]', 'https://harbourbooks.example/front.jpg');
    await hand.see('not a telephone number', '[data-fact=telephone]');
    await hand.type('[id="fact-telephone"]', '(360) 555-0166');
    await hand.see('+1 360 555 0166', '[data-fact=telephone]');
    await hand.page.type('#fact-types', 'books');
    await hand.see('Book store', '[role=listbox]');
    await hand.page.keyboard.press('Enter');
    await hand.see('BookStore', '[data-fact=types]');
    // Enter again takes nothing away, and going on by Tab takes what was typed.
    await hand.page.keyboard.press('Enter');
    await hand.page.keyboard.type('library');
    await hand.see('Library', '[role=listbox]');
    await hand.page.keyboard.press('Tab');
    await hand.page.waitForFunction(
      () => document.querySelectorAll('[data-fact=types] .MuiChip-root').length === 2,
    );
    await hand.page.focus('#fact-types');
    await hand.page.keyboard.press('Backspace');
    await hand.page.waitForFunction(
      () => document.querySelectorAll('[data-fact=types] .MuiChip-root').length === 1,
    );
    // A row that is being emptied stays where it is.
    await hand.fill('[id="fact-email"]', 'x@y.example');
    await hand.fill('[id="fact-email"]', '');
    await hand.page.keyboard.type('desk@harbourbooks.example');
    await hand.see('All saved');
    await hand.see('All saved');
    await hand.accessible();
    await hand.go(`${branchPath}record`);
    expect(await hand.page.$eval('[id="fact-name"]', (input) => (input as HTMLInputElement).value)).toBe(
      'Harbour <b>Books</b> & "Maps"</script>',
    );
    await hand.see('BookStore', '[data-fact=types]');
    await hand.page.focus('[id="fact-priceRange"]');
    await hand.page.keyboard.type('$');
    await hand.click('button', 'Undo');
    expect(
      await hand.page.$eval('[id="fact-priceRange"]', (input) => (input as HTMLInputElement).value),
    ).toBe('$$');
    await hand.see('All saved');
  });

  test('2: what is typed while nothing answers is kept over a reload and saved when it answers again', async () => {
    await hand.page.setRequestInterception(true);
    const block = (request: {
      method: () => string;
      abort: () => Promise<void>;
      continue: () => Promise<void>;
    }): void => void (request.method() === 'PUT' ? request.abort() : request.continue());
    hand.page.on('request', block);
    await hand.fill('[id="fact-priceRange"]', '$$$');
    await hand.see('Not saved');
    await hand.see('kept in this browser');
    hand.page.off('request', block);
    await hand.page.setRequestInterception(false);
    await hand.go(`${branchPath}record`);
    await hand.see('All saved');
    expect(
      await hand.page.$eval('[id="fact-priceRange"]', (input) => (input as HTMLInputElement).value),
    ).toBe('$$$');
    await hand.go(`${branchPath}record`);
    expect(
      await hand.page.$eval('[id="fact-priceRange"]', (input) => (input as HTMLInputElement).value),
    ).toBe('$$$');
  });

  test('3: the tray shows markup and block, which say the same and break nothing', async () => {
    const jsonld = await hand.text('pre[aria-label="JSON-LD"]');
    await hand.click('button', 'HTML');
    const block = await hand.text('pre[aria-label="NAP block"]');
    const [one, other] = [jsonld, block].map((text) => {
      const [item] = businessesIn(readSource(text).items);
      return item && recordFromItem(item);
    });
    expect(one).toEqual(other);
    expect(one).toMatchObject({
      name: 'Harbour <b>Books</b> & "Maps"</script>',
      telephone: '+1 360 555 0166',
      types: ['BookStore'],
    });
    await hand.page.hover('[data-fact="telephone"]');
    const lit = await hand.page.$$eval('pre[aria-label="JSON-LD"] span', (lines) =>
      lines.filter((line) => getComputedStyle(line).boxShadow !== 'none').map((line) => line.textContent),
    );
    expect(lit).toEqual([expect.stringContaining('+1 360 555 0166')]);
  });

  test('4: a page is read, judged and mended, and compared with the record', async () => {
    await hand.go(`${branchPath}check`);
    await hand.see('Nothing to check yet');
    await hand.accessible();
    await hand.upload('File to check', demoPage);
    await hand.see('A colon is missing', '[data-code="syntax/missing-colon"]');
    const cli = runZinc('check', demoPage, '--json');
    expect(cli.status).toBe(1);
    const codes = await hand.page.$$eval('[data-code]', (rows) =>
      rows.map((row) => row.getAttribute('data-code')),
    );
    const told = (JSON.parse(cli.output) as { findings: { code: string }[] }).findings.map(
      ({ code }) => code,
    );
    expect(codes.filter((code) => !code?.startsWith('agreement/')).sort()).toEqual(
      told.filter((code) => !code.startsWith('agreement/')).sort(),
    );
    await hand.see('different', '[data-row="name"]');
    await hand.see('different', '[data-row="telephone"]');
    await hand.page.$eval('[data-code="syntax/missing-colon"] button[aria-expanded]', (button) => {
      button.click();
    });
    await hand.click('button', 'Mend this');
    await hand.page.waitForFunction(() => !document.querySelector('[data-code="syntax/missing-colon"]'));
    await hand.page.$$eval('button', (buttons) => {
      buttons.find((button) => button.innerText.startsWith('Mend all'))?.click();
    });
    // Quotes inside a text are a guess, so they are proposals, taken one by one.
    await hand.page.waitForFunction(
      () => !document.querySelector('[data-code^="syntax/"]:not([data-code="syntax/unexpected-text"])'),
    );
    for (let left = await syntaxFaults(); left > 0; left = await syntaxFaults()) {
      await hand.page.waitForSelector('[role=status][data-busy=false]');
      await hand.page.$eval('[data-code="syntax/unexpected-text"] button[aria-expanded]', (button) => {
        button.click();
      });
      await hand.click('button', 'Take the proposal');
      await hand.page.waitForFunction(
        (before) => document.querySelectorAll('[data-code^="syntax/"]').length < before,
        {},
        left,
      );
    }
    await hand.accessible();
  });

  test('5: markup is placed on a page, proved, seen out of date, placed again, and taken off byte for byte', async () => {
    await hand.go(`${branchPath}pages`);
    await hand.see('no pages here yet');
    await hand.upload('Pages or a zip to add', demoPage);
    await hand.see('index.html');
    await hand.see('zinc-post jsonld begin', '.cm-merge-b');
    await hand.click('button', 'Place');
    await hand.page.waitForSelector('[data-placement="jsonld"][data-state="proved"]');
    await hand.accessible();
    await hand.go(`${branchPath}record`);
    await hand.fill('[id="fact-telephone"]', '(360) 555-0167');
    await hand.see('All saved');
    await hand.go(`${branchPath}pages`);
    await hand.page.waitForSelector('[data-placement="jsonld"][data-state="out-of-date"]');
    await hand.click('button', 'Place again');
    await hand.page.waitForSelector('[data-placement="jsonld"][data-state="proved"]');
    const id = await hand.page.$eval(
      'a[aria-label="Download index.html"]',
      (link) => link.getAttribute('href') ?? '',
    );
    expect((await hand.fetchBytes(id)).toString().match(/zinc-post jsonld begin/g)).toHaveLength(1);
    await hand.click('button', 'Remove');
    await hand.page.waitForFunction(() => !document.querySelector('[data-placement]'));
    expect((await hand.fetchBytes(id)).equals(readFileSync(demoPage))).toBe(true);
  });

  test('6: photos are stamped, proved and downloaded, and a second program reads the same', async () => {
    const files: string[] = [];
    for (const [at, scene] of ['front', 'shelf', 'kiln'].entries()) {
      const file = join(folder, `${scene}.jpg`);
      writeFileSync(file, await drawPhoto(scene, at === 0));
      files.push(file);
    }
    writeFileSync(join(folder, 'notes.jpg'), 'these are notes');
    await hand.go(`${branchPath}photos`);
    await hand.see('No photos of this branch yet');
    await hand.upload('Photos to add', ...files, join(folder, 'notes.jpg'));
    await hand.see('3 photos added');
    await hand.see('notes.jpg was not taken');
    await hand.page.waitForFunction(() => document.querySelectorAll('[data-photo]').length === 3);
    await hand.click('button', 'Wordings …');
    await hand.page.locator('::-p-aria([name="Caption"][role="textbox"])').fill('Zoë’s shelf of charts');
    await hand.page.keyboard.press('Enter');
    await hand.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await hand.click('button', 'Stamp all 3');
    await hand.page.waitForFunction(() => document.querySelectorAll('[data-state="stamped"]').length === 3);
    await hand.accessible();
    const address = await hand.page.$eval(
      'a[aria-label="Download front.jpg"]',
      (link) => link.getAttribute('href') ?? '',
    );
    const stamped = join(folder, 'stamped.jpg');
    writeFileSync(stamped, await hand.fetchBytes(address));
    const [tags] = JSON.parse(
      execFileSync('exiftool', ['-json', '-n', '-G1', stamped], { encoding: 'utf8' }),
    ) as Record<string, unknown>[];
    expect(tags).toMatchObject({
      'XMP-dc:Description': 'Zoë’s shelf of charts',
      'IPTC:City': 'Port Ellery',
      'IFD0:Make': 'Harbour Optics',
      'GPS:GPSLongitudeRef': 'W',
    });
    expect(tags?.['GPS:GPSLatitude']).toBeCloseTo(48.51611, 6);
    expect((await hand.fetchBytes(`/api${branchPath}photos.zip`)).subarray(0, 2).toString()).toBe('PK');
  });

  test('7: the command line does the same on the same input', () => {
    const record = join(folder, 'record.json');
    writeFileSync(
      record,
      '{"@context":"https://schema.org","@type":"BookStore","name":"Harbour Books","address":{"@type":"PostalAddress","streetAddress":"12 Ropewalk Alley","addressLocality":"Port Ellery","addressRegion":"WA","postalCode":"98299","addressCountry":"US"},"geo":{"@type":"GeoCoordinates","latitude":48.51611,"longitude":-122.61477}}',
    );
    const [placed, removed] = [join(folder, 'placed.html'), join(folder, 'removed.html')];
    expect(
      runZinc('place', demoPage, '--record', record, '--format', 'microdata', '--out', placed).status,
    ).toBe(0);
    expect(runZinc('remove', placed, '--out', removed).status).toBe(0);
    expect(readFileSync(removed).equals(readFileSync(demoPage))).toBe(true);
    const stamp = runZinc(
      'stamp',
      join(folder, 'front.jpg'),
      '--record',
      record,
      '--title',
      'Front',
      '--out',
      join(folder, 'out'),
      '--json',
    );
    expect(JSON.parse(stamp.output)).toMatchObject({ photos: [{ proved: true }] });
  });

  test('4: a page of the site can be chosen, and text pasted, and what is in hand survives a reload', async () => {
    await hand.go(`${branchPath}check`);
    await hand.page.waitForSelector('[role=status][data-busy=false]');
    const place = await placeOf('Clear');
    await hand.click('button', 'Clear');
    await hand.see('Nothing to check yet');
    // Nothing moves under the hand when a check comes or goes.
    expect(await placeOf('Clear')).toEqual(place);
    await hand.click('combobox', 'Page of the site');
    await hand.click('option', 'index.html');
    await hand.see('A colon is missing', '[data-code="syntax/missing-colon"]');
    // Its address is known from the record, so relative addresses have a mend.
    expect(await hand.page.$eval('input[aria-label="Address of the page"]', (input) => input.value)).toBe(
      'https://harbourbooks.example/',
    );
    await hand.page.focus('.cm-content');
    await hand.page.keyboard.down('Control');
    await hand.page.keyboard.press('a');
    await hand.page.keyboard.up('Control');
    await hand.page.keyboard.sendCharacter(
      '{"@context":"https://schema.org","@type":"BookStore","name":"Harbour",}',
    );
    await hand.see('The comma before', '[data-code="syntax/trailing-comma"]');
    await hand.go(`${branchPath}check`);
    await hand.see('The comma before', '[data-code="syntax/trailing-comma"]');
  });

  test('5: a zip brings its pages, and is taken whole or not at all, and keeps what is placed', async () => {
    const zip = new ZipFile();
    zip.addBuffer(Buffer.from('<!doctype html><title>a</title><p>One'), 'shop/one.html');
    zip.addBuffer(Buffer.alloc(12_000_000), 'bomb.html');
    zip.end();
    const chunks: Buffer[] = [];
    for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
    writeFileSync(join(folder, 'site.zip'), Buffer.concat(chunks));
    writeFileSync(join(folder, 'notes.txt'), 'notes');
    await hand.go(`${branchPath}pages`);
    await hand.upload('Pages or a zip to add', join(folder, 'site.zip'), join(folder, 'notes.txt'));
    await hand.see('swells to hundreds of times');
    await hand.see('Nothing of site.zip was taken');
    await hand.see('notes.txt was not taken');
    expect(await hand.text('[role=grid]')).not.toContain('shop/one.html');
    const sound = new ZipFile();
    sound.addBuffer(Buffer.from('<!doctype html><title>a</title><p>One'), 'shop/one.html');
    sound.end();
    const pieces: Buffer[] = [];
    for await (const chunk of sound.outputStream) pieces.push(Buffer.from(chunk as Uint8Array));
    writeFileSync(join(folder, 'sound.zip'), Buffer.concat(pieces));
    await hand.upload('Pages or a zip to add', join(folder, 'sound.zip'));
    await hand.see('sound.zip: 1 page added');
    await hand.see('shop/one.html', '[role=grid]');
    // What is placed is not lost without a word when the page comes again.
    await hand.click('button', 'shop/one.html');
    await hand.click('button', 'Place');
    await hand.see('placed on shop/one.html');
    copyFileSync(join(folder, 'sound.zip'), join(folder, 'again.zip'));
    await hand.upload('Pages or a zip to add', join(folder, 'again.zip'));
    await hand.see('again.zip: 1 page unchanged, with what is placed on it');
  });

  test('the keyboard finds every view', async () => {
    await hand.go('/');
    await hand.page.keyboard.down('Control');
    await hand.page.keyboard.press('k');
    await hand.page.keyboard.up('Control');
    await hand.page.waitForSelector('[role=dialog] input');
    await hand.page.keyboard.type('saltby photos');
    await hand.page.keyboard.press('Enter');
    await hand.page.waitForFunction(() => location.pathname.endsWith('/photos'));
    await hand.see('Saltby');
  });
});

function runZinc(...words: string[]): { status: number; output: string } {
  try {
    return {
      status: 0,
      output: execFileSync(zinc, words, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'ignore'] }),
    };
  } catch (error) {
    const { status, stdout } = error as { status: number; stdout: string };
    return { status, output: stdout };
  }
}

describe('starting and stopping', () => {
  const data = join(folder, 'other');

  test('a second start says that one is running; after kill -9 the next start recovers and keeps all; Ctrl-C stops everything', async () => {
    const first = await startApplication(data, ['--empty']);
    expect(await (await fetch(`${first.address}/api/clients`)).json()).toEqual({ clients: [] });
    await fetch(`${first.address}/api/clients`, {
      method: 'POST',
      body: JSON.stringify({ name: 'Kept' }),
      headers: { 'Content-Type': 'application/json' },
    });
    const second = await startApplication(data);
    expect(second.printed()).toContain('already running at');
    await first.stop('SIGKILL');
    const third = await startApplication(data);
    expect(await (await fetch(`${third.address}/api/clients`)).json()).toMatchObject({
      clients: [{ name: 'Kept' }],
    });
    expect(await third.stop('SIGINT')).toBe(0);
    expect(execFileSync('ps', ['-eo', 'args'], { encoding: 'utf8' })).not.toContain(data);
  });
});
