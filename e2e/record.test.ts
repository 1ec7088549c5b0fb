/** The record in full, in the real interface: facts, inheritance, hours, pin, types, import, output. */
import { truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import type { Browser } from 'puppeteer-core';
import { intakeCsv, intakeQuestions } from '#core/intake';
import { jsonLdGraph } from '#core/markup';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { emptyRecord } from '#core/record';
import { larkspur } from '#sample';
import { Hand } from './hand.ts';
import { workbench } from './workbench.ts';

const bench = workbench('record');
const { folder } = bench;
let browser: Browser;
let hand: Hand;

bench.opened((one, chromium) => {
  hand = one;
  browser = chromium;
});

const value = (selector: string): Promise<string> =>
  hand.page.$eval(selector, (input) => (input as HTMLInputElement).value);
const fact = (name: string): string => `[id="fact-${name}"]`;
const record = async (label: string): Promise<void> => {
  await hand.go(`/branches/${String(await hand.branchNamed(label))}/record`);
  await hand.find(fact('name'));
};
const jsonLd = (): Promise<string> => hand.text('pre[aria-label="JSON-LD"]');
const told = async () => {
  const [item] = businessesIn(readSource(await jsonLd()).items);
  return item ? recordFromItem(item) : emptyRecord;
};

/** A sheet as Excel saves it in Japan: code, store name, telephone, postal code, town, address, hours. */
const SHIFT_JIS =
  'k1iV3INSgVuDaCyTWJXclrwsk2SYYpTUjYYsl1iV1pTUjYYsjnOL5pKskbosj1qPiiyJY4vGjp6K1A0KSzAyLILdgseC6I6VicgglmuOUiwwNzUtNzExLTIyMzMsNjAzLTgwNTMsi56Tc45zlmuL5iyP44nqls6K4oNQil+T4JKsNS0yLDEwOjAwgWAxOTowMCCQhZdqkuiLeA0K';

describe('the record in full', () => {
  test('every demo branch has a full record, without must and nearly complete', async () => {
    await hand.go('/');
    for (const label of [
      'Quay Street',
      'Night clinic, Gull Lane',
      'Tallow Bay',
      'Studio',
      'Saltby',
      'Marl Cross',
    ]) {
      await record(label);
      expect([
        label,
        await hand.page.$eval('[role=meter]', (meter) => meter.getAttribute('aria-valuenow')),
      ]).toEqual([label, '100']);
    }
    await hand.accessible();
  });

  test('a new branch is made from a page of the site: markup first, then what it shows', async () => {
    await hand.go('/');
    await hand.act('Hollins Row Opticians', 'Add branch');
    await hand.fill('[role=dialog] input', 'Saltby again');
    await hand.click('button', 'Add');
    await hand.find(fact('name'));
    await hand.click('button', 'More');
    await hand.click('menuitem', 'Start from a page or markup …');
    await hand.fill('[aria-label="Address, HTML or JSON-LD"]', 'https://hollinsrow.example/saltby.html');
    await hand.page.keyboard.press('Enter');
    await hand.see('microdata, line 17', '[role=dialog]');
    await hand.accessible();
    // The page shows another number than its markup says: take what it shows.
    await hand.page.click('[role=dialog] input[aria-label="Telephone: 020 7946 0321"]');
    await hand.click('button', 'Take 6');
    await hand.page.waitForSelector('[role=dialog]', { hidden: true });
    expect(await value(fact('telephone'))).toBe('020 7946 0321');
    expect(await value(fact('address.streetAddress'))).toBe('9 Hollins Row');
    expect(await value(fact('hours.Saturday'))).toBe('09:00-17:30');
    expect(await value(fact('name'))).toBe('Hollins Row Opticians');
    await hand.see('All saved');
    await hand.click('button', 'Undo');
    expect(await value(fact('telephone'))).toBe('');
    await hand.click('button', 'Redo');
    await hand.see('All saved');
    expect((await told()).email).toBe('hello@hollinsrow.example');
  });

  test('a page that cannot be fetched is told, and changes nothing', async () => {
    await hand.click('button', 'More');
    await hand.click('menuitem', 'Start from a page or markup …');
    for (const [address, words] of [
      ['https://hollinsrow.example/none.html', 'answers with status 404'],
      ['http://127.0.0.1/', 'no place on the public web'],
    ] as const) {
      await hand.fill('[aria-label="Address, HTML or JSON-LD"]', address);
      await hand.page.keyboard.press('Enter');
      await hand.see(words, '[role=dialog]');
    }
    await hand.see('Nothing in the record was changed', '[role=dialog]');
    await hand.click('button', 'Cancel');
  });

  test('a default that is changed changes every branch that inherits it, and no other', async () => {
    await record('Tallow Bay');
    expect(await hand.page.$eval('[data-fact=priceRange]', (row) => row.getAttribute('data-origin'))).toBe(
      'client',
    );
    await hand.page.click('[title="The client’s defaults"]');
    await hand.see('stands for every branch of Larkspur & Vane');
    await hand.accessible();
    await hand.fill(fact('priceRange'), '$$$');
    await hand.see('All saved');
    await record('Tallow Bay');
    expect(await value(fact('priceRange'))).toBe('$$$');
    await hand.fill(fact('priceRange'), '$');
    await hand.see('All saved');
    await record('Quay Street');
    expect((await told()).priceRange).toBe('$$$');
    await record('Tallow Bay');
    expect((await told()).priceRange).toBe('$');
    // What is inherited is told everywhere: here beside what a page of the site says.
    await hand.go(`/branches/${String(await hand.branchNamed('Tallow Bay'))}/check`);
    await hand.click('combobox', 'Page of the site');
    await hand.click('option', 'tallow-bay.html');
    await hand.page.waitForFunction(() =>
      /Name\s+Larkspur & Vane Veterinary Care/.test(document.querySelector('table')?.innerText ?? ''),
    );
    await hand.go(`/branches/${String(await hand.branchNamed('Tallow Bay'))}/pages`);
    await hand.see('Night clinic, Gull Lane: out of date (Price range)');
    await record('Tallow Bay');
    await hand.page.click('[aria-label="Price range: use the client’s"]');
    expect((await told()).priceRange).toBe('$$$');
    await hand.page.click('[aria-label="Price range: leave out"]');
    expect((await told()).priceRange).toBe('');
  });

  test('what a check would tell of the markup stands beside the fact it is of', async () => {
    await record('Tallow Bay');
    await hand.fill(fact('telephone'), '+49 30 901820');
    await hand.see('is a number of Germany, the address is in United States', '[data-fact=telephone]');
    await hand.see('1 finding');
    await hand.click('button', 'Undo');
    await hand.see('no findings');
  });

  test('a week is typed in words, drawn on the strip, and moved by keyboard', async () => {
    await record('Quay Street');
    await hand.fill('#week-text', 'Mon–Thu 9-5.30, Sat 10 to noon, closed Sundays');
    await hand.see('Daytime assumed: Mon–Thu 9:00 AM – 5:30 PM', '#week-reading');
    await hand.page.keyboard.press('Enter');
    expect(await value(fact('hours.Thursday'))).toBe('09:00-17:30');
    expect(await value(fact('hours.Friday'))).toBe('08:00-18:00');
    const strip = await hand.page.waitForSelector('[data-strip=Sunday]');
    await strip?.evaluate((element) => {
      element.scrollIntoView({ block: 'center' });
    });
    const box = await strip?.boundingBox();
    if (!box) throw new Error('the strip is not in sight');
    const x = (hour: number): number => box.x + (box.width * hour) / 24;
    await hand.page.mouse.move(x(10), box.y + 9);
    await hand.page.mouse.down();
    await hand.page.mouse.move(x(13), box.y + 9, { steps: 5 });
    await hand.page.mouse.move(x(15), box.y + 9, { steps: 5 });
    await hand.page.mouse.up();
    expect(await value(fact('hours.Sunday'))).toBe('10:00-15:00');
    await hand.page.focus('[aria-label^="Sunday 10:00 to 15:00"]');
    await hand.page.keyboard.press('ArrowRight');
    expect(await value(fact('hours.Sunday'))).toBe('10:15-15:00');
    expect((await told()).hours.Sunday).toBe('10:15-15:00');
  });

  test('holidays of the country are offered, and tell whether it is open at an instant', async () => {
    await record('Quay Street');
    const chooseTime = (time: string): Promise<void> =>
      hand.page.evaluate((chosen) => {
        const input = document.querySelector<HTMLInputElement>('[aria-label="At which time"]');
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(input, chosen);
        input?.dispatchEvent(new Event('input', { bubbles: true }));
      }, time);
    await chooseTime('2026-12-25T12:00');
    await hand.see('Closed, opens in', '[data-fact=timeZone]');
    // Labor Day is a Monday like others until the hours of public holidays are said.
    await chooseTime('2026-09-07T12:00');
    await hand.see('Open, closes in', '[data-fact=timeZone]');
    await hand.fill('[aria-label="Add fact"]', 'public holidays');
    await hand.see('Opening hours of every public holiday', '[role=listbox]');
    await hand.page.keyboard.press('ArrowDown');
    await hand.page.keyboard.press('Enter');
    await hand.fill(fact('publicHolidays'), 'closed');
    await hand.see('Closed, opens in', '[data-fact=timeZone]');
    await hand.click('button', 'Holidays of United States …');
    await hand.see('Labor Day', '[role=dialog]');
    await hand.accessible();
    await hand.page.click('::-p-xpath(//label[contains(., "Labor Day")]//input)');
    await hand.click('button', 'Add as closed');
    expect((await told()).specialHours.map(({ name }) => name)).toContain('Labor Day');
    // The client's own exceptions were taken along when the list became the branch's.
    expect((await told()).specialHours.map(({ name }) => name)).toContain('Christmas Day');
  });

  test('the pin is searched, dragged, nudged and pasted, and far away it is not plausible', async () => {
    await record('Marl Cross');
    await hand.click('button', 'Search, or set on the map');
    await hand.see('The pin is', '[role=status][data-distance]');
    await hand.click('button', 'Set pin: 3 Market Place, Marl Cross TQ13 7QP');
    await hand.see('marks the door');
    await hand.page.waitForSelector('.map-pin');
    await hand.accessible();
    const latitude = (): Promise<string> => value(fact('pin.latitude'));
    const searched = await latitude();
    await hand.page.focus('.map-pin');
    await hand.page.keyboard.press('ArrowUp');
    await hand.see('was set on the map');
    expect(Number(await latitude())).toBeGreaterThan(Number(searched));
    const nudged = await latitude();
    const pin = await (await hand.page.$('.map-pin'))?.boundingBox();
    if (!pin) throw new Error('the pin is not in sight');
    await hand.page.mouse.move(pin.x + 11, pin.y + 15);
    await hand.page.mouse.down();
    await hand.page.mouse.move(pin.x + 40, pin.y + 45, { steps: 8 });
    await hand.page.mouse.up();
    expect(Number(await latitude())).toBeLessThan(Number(nudged));
    await hand.fill('#pin-paste', `48°30'44.4"N 122°36'44.3"W`);
    await hand.page.keyboard.press('Enter');
    expect(await latitude()).toBe('48.512333');
    await hand.page.waitForSelector('[data-distance=implausible]');
    await hand.see('that cannot be right');
  });

  test('types are found by trade words in their tree', async () => {
    await record('Studio');
    await hand.click('button', 'Tree …');
    await hand.fill('[aria-label="Search types"]', 'van hire');
    await hand.see('AutoRental', '[role=dialog]');
    await hand.accessible();
    // A vet is no LocalBusiness to schema.org; whoever looks for one finds it all the same, and is told.
    await hand.fill('[aria-label="Search types"]', 'vet');
    await hand.see('LocalBusiness is written beside it', '[role=dialog]');
    await hand.fill('[aria-label="Search types"]', 'zzqq xx');
    await hand.see('No type fits these words', '[role=dialog]');
    await hand.fill('[aria-label="Search types"]', 'pottery');
    await hand.see('Take this type away', '[role=dialog]');
    await hand.click('button', 'Done');
  });

  test('a fact without a row is added by name, and output choices leave facts out', async () => {
    await record('Studio');
    expect(await hand.page.$(fact('faxNumber'))).toBeNull();
    await hand.page.type('[aria-label="Add fact"]', 'fax');
    await hand.see('Fax number', '[role=listbox]');
    await hand.page.keyboard.press('ArrowDown');
    await hand.page.keyboard.press('Enter');
    await hand.fill(fact('faxNumber'), '(360) 555-0178');
    expect((await told()).faxNumber).toBe('+1 360 555 0178');
    await hand.click('button', 'Choices');
    await hand.accessible();
    await hand.page.click('[aria-label="Fax in JSON-LD"]');
    await hand.fill('[role=dialog] input[type=text]', 'nap');
    await hand.page.keyboard.press('Escape');
    expect((await told()).faxNumber).toBe('');
    await hand.click('button', 'HTML');
    await hand.see('class="nap-faxNumber"', 'pre[aria-label="NAP block"]');
    await hand.click('combobox', 'Which block');
    await hand.click('option', 'Block with RDFa');
    await hand.see('vocab="https://schema.org/"', 'pre[aria-label="NAP block"]');
    await hand.click('combobox', 'Which script');
    await hand.click('option', 'JSON-LD, organisation with all branches');
    await hand.see('subOrganization', 'pre[aria-label="JSON-LD"]');
  });

  test('an intake sheet is filled in and read back', async () => {
    await record('Saltby again');
    const questions = intakeQuestions({ ...emptyRecord, types: ['Optician'] }, true).map((one) => ({
      ...one,
      known: { slogan: 'Seeing is believing', hours: 'whenever', description: '' }[one.key as string] ?? '',
    }));
    const sheet = join(folder, 'intake.csv');
    writeFileSync(sheet, intakeCsv(questions));
    await hand.click('button', 'More');
    await hand.click('menuitem', 'Intake sheet for the client …');
    await hand.see('questions for the client', '[role=dialog]');
    await hand.accessible();
    await hand.upload('Filled-in intake sheet', sheet);
    await hand.see('Seeing is believing', '[role=dialog]');
    await hand.see('cannot be read with certainty', '[role=dialog]');
    await hand.click('button', 'Take 1');
    expect((await told()).slogan).toBe('Seeing is believing');
  });

  test('two tabs edit one record: different facts are merged, of the same one both are shown', async () => {
    await record('Saltby');
    const other = await Hand.open(browser, hand.address);
    await other.page.bringToFront();
    await other.page.goto(hand.page.url(), { waitUntil: 'networkidle0' });
    const valueIn = (tab: Hand, name: string): Promise<string> =>
      tab.page.$eval(fact(name), (input) => (input as HTMLInputElement).value);
    // A tab behind another draws nothing: each is brought to the front for its turn.
    await hand.page.bringToFront();
    await hand.fill(fact('priceRange'), '£');
    await hand.see('All saved');
    await other.page.bringToFront();
    await other.fill(fact('telephone'), '020 7946 0999');
    await other.see('All saved');
    await other.page.waitForFunction(
      (name) => document.querySelector<HTMLInputElement>(name)?.value === '£',
      {},
      fact('priceRange'),
    );
    expect(await valueIn(other, 'telephone')).toBe('020 7946 0999');
    // The first tab does not know of that yet, and changes the same fact.
    await hand.page.bringToFront();
    await hand.fill(fact('telephone'), '020 7946 0111');
    await hand.see('Saved elsewhere');
    await hand.see('Telephone: mine 020 7946 0111, theirs 020 7946 0999');
    await hand.accessible();
    await hand.click('button', 'Take theirs');
    await hand.see('All saved');
    expect(await valueIn(hand, 'telephone')).toBe('020 7946 0999');
    await hand.click('button', 'Undo');
    expect(await valueIn(hand, 'telephone')).toBe('020 7946 0111');
    await hand.see('All saved');
    await other.page.close();
    await hand.page.bringToFront();
  });
});

describe('many branches', () => {
  const spreadsheet = (rows: number): string =>
    [
      'Store code;Store name;Type;Street;City;ZIP;Phone;Opening hours;Shoe size',
      ...Array.from({ length: rows }, (_, at) =>
        [
          `K-${String(at)}`,
          `Kiosk ${String(at).padStart(4, '0')}`,
          'ConvenienceStore',
          `${String(100 + (at % 100))} Quay Street`,
          'Port Ellery',
          at === 7 ? '9829' : '98299',
          at === 9 ? '12' : `(360) 555-01${String(at % 100).padStart(2, '0')}`,
          'Mon-Fri 9-5, Sat closed',
          '42',
        ].join(';'),
      ),
    ].join('\r\n');

  test('come from a spreadsheet: columns mapped, rows judged, all taken in at once', async () => {
    await hand.go('/');
    await hand.click('button', 'Add client');
    await hand.fill('[role=dialog] input', 'Kiosks of the coast');
    await hand.click('button', 'Add');
    await hand.act('Kiosks of the coast', 'Branches from a spreadsheet …');
    const broken = join(folder, 'broken.csv');
    writeFileSync(broken, 'Name,Town\n"Kiosk,Port Ellery\n');
    await hand.upload('CSV file of branches', broken);
    await hand.see('never closed', '[role=dialog]');
    const huge = join(folder, 'huge.csv');
    writeFileSync(huge, 'a,b\n');
    truncateSync(huge, 100 * 1024 * 1024);
    await hand.upload('CSV file of branches', huge);
    await hand.see('huge.csv has 100 MB; at most 32 MB are read', '[role=dialog]');
    const file = join(folder, 'kiosks.csv');
    writeFileSync(file, Buffer.from(spreadsheet(5000), 'latin1'));
    await hand.upload('CSV file of branches', file);
    await hand.see('5,000 rows', '[role=dialog]');
    await hand.page.select('[role=dialog] label:nth-of-type(3) select', 'US').catch(async () => {
      const selects = await hand.page.$$('[role=dialog] select');
      await selects.at(-1)?.select('US');
    });
    await hand.see('1 with something to mend', '[role=dialog]');
    await hand.see('is not a telephone number of US', '[role=dialog]');
    await hand.accessible();
    await hand.page.click('::-p-xpath(//label[contains(., "Leave those out")]//input)');
    await hand.click('button', 'Take in 4,999');
    await hand.see('4,999 branches of Kiosks of the coast taken in');
    await hand.see('4,999 branches, 0 pages');
    // The same sheet again says nothing new but where it was changed; the client's columns are known.
    const moved = spreadsheet(5000).replace('(360) 555-0103;', '(360) 555-0199;');
    writeFileSync(file, Buffer.from(moved, 'latin1'));
    await hand.act('Kiosks of the coast', 'Branches from a spreadsheet …');
    await hand.upload('CSV file of branches', file);
    await hand.page.waitForSelector('[role=dialog] select');
    await (await hand.page.$$('[role=dialog] select')).at(-1)?.select('US');
    await hand.see('4,998 the same as here', '[role=dialog]');
    await hand.see('Telephone: (360) 555-0103 → (360) 555-0199', '[role=dialog]');
    // The row that was left out is mended here and comes in with the change.
    await hand.click('button', 'Edit row 11');
    await hand.page.waitForSelector('[aria-label="Cells of row 11"]');
    await hand.fill('[role=dialog] section input[value="12"]', '(360) 555-0109');
    await hand.page.keyboard.press('Tab');
    await hand.see('0 with something to mend', '[role=dialog]');
    await hand.click('button', 'Take in 2');
    await hand.see('1 branch of Kiosks of the coast taken in, 1 branch brought up to date');
    await hand.see('5,000 branches, 0 pages');
    // Of two messages that can be undone the one of this import.
    await hand.click(
      'button',
      'Undo: 1 branch of Kiosks of the coast taken in, 1 branch brought up to date.',
    );
    await hand.see('4,999 branches, 0 pages');
  });

  test('come from a sheet of another country, in its encoding, its words and its ways', async () => {
    await hand.go('/');
    await hand.act('Kiosks of the coast', 'Branches from a spreadsheet …');
    const file = join(folder, 'midori.csv');
    writeFileSync(file, Buffer.from(SHIFT_JIS, 'base64'));
    await hand.upload('CSV file of branches', file);
    await hand.see('上賀茂岩ケ垣内町5-2, 京都市北区', '[role=dialog]');
    const chosen = await hand.page.$$eval('[role=dialog] select', (all) => all.map(({ value }) => value));
    expect(chosen).toEqual(['shift_jis', 'JP']);
    expect(await hand.page.$eval('[role=dialog]', (dialog) => dialog.textContent)).not.toMatch(
      /dialled|certainty/,
    );
    await hand.click('button', 'Cancel');
  });

  test('stay usable: filtered on the server, only the rows in sight drawn', async () => {
    await hand.fill('[aria-label="Filter branches"]', 'kiosk 4711');
    await hand.see('Kiosk 4711');
    await hand.accessible();
    const drawn = await hand.page.$$eval('table tr', (rows) => rows.length);
    expect(drawn).toBeLessThan(80);
    await hand.fill('[aria-label="Filter branches"]', 'nobody at all');
    await hand.see('No client or branch fits');
    await hand.fill('[aria-label="Filter branches"]', '');
    await hand.page.waitForSelector('[aria-label="Clients and branches, scrollable"]');
    await hand.see('4,999 branches, 0 pages');
    await hand.page.$eval('[aria-label="Clients and branches, scrollable"]', (surface) => {
      surface.scrollTop = surface.scrollHeight / 2;
    });
    await hand.page.waitForFunction(() => /Kiosk 2[34]\d\d/.test(document.body.innerText));
    expect(await hand.page.$$eval('table tr', (rows) => rows.length)).toBeLessThan(80);
    await hand.page.keyboard.down('Control');
    await hand.page.keyboard.press('k');
    await hand.page.keyboard.up('Control');
    await hand.page.waitForSelector('[role=dialog] input');
    await hand.page.type('[role=dialog] input', 'kiosk 3210 rec');
    await hand.see('Kiosk 3210: Record', '[role=listbox]');
    await hand.page.keyboard.press('Enter');
    await hand.page.waitForSelector(fact('telephone'));
    expect(await value(fact('telephone'))).toBe('(360) 555-0110');
    await hand.page.waitForSelector('[aria-label="Branch"]');
    await hand.page.click('[aria-label="Branch"]', { count: 3 });
    await hand.page.type('[aria-label="Branch"]', 'kiosk 0042');
    // Enter takes what these words find, though the answer may not have come yet.
    await hand.page.keyboard.press('Enter');
    await hand.page.waitForFunction(
      (name) => document.querySelector<HTMLInputElement>(name)?.value === '(360) 555-0142',
      {},
      fact('telephone'),
    );
  });

  test('come from JSON-LD too, each business a branch', async () => {
    const file = join(folder, 'branches.jsonld');
    writeFileSync(
      file,
      jsonLdGraph([
        larkspur,
        {
          ...larkspur,
          id: '#two',
          url: '',
          name: 'Second',
          address: { ...larkspur.address, addressLocality: 'Tallow Bay' },
        },
      ]).text.replace(/<\/?script[^>]*>/g, ''),
    );
    await hand.go('/');
    await hand.click('button', 'Add client');
    await hand.fill('[role=dialog] input', 'From markup');
    await hand.click('button', 'Add');
    await hand.act('From markup', 'Branches from a spreadsheet …');
    await hand.upload('CSV file of branches', file);
    await hand.see('2 rows', '[role=dialog]');
    await hand.see('Tallow Bay', '[role=dialog]');
    await hand.click('button', 'Take in 2');
    await hand.see('2 branches, 0 pages');
    await record('Tallow Bay, 214 Quay Street');
    expect((await told()).makesOffer).toEqual(larkspur.makesOffer);
  });
});
