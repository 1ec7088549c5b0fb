/** Photos of two branches with words of their own, as a technician works with them. */
import { execFileSync } from 'node:child_process';
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import type { Hand } from './hand.ts';
import { workbench } from './workbench.ts';

const bench = workbench('photos-e2e');
const { folder } = bench;
let hand: Hand;

bench.opened((one) => {
  hand = one;
});
const ask = async (method: string, path: string, body?: unknown): Promise<Response> =>
  fetch(`${hand.address}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
/** Pictures that differ from one another, as files. */
async function pictures(count: number, from: number): Promise<readonly string[]> {
  const files: string[] = [];
  for (let at = 0; at < count; at += 1) {
    const file = join(folder, `IMG_${String(from + at).padStart(4, '0')}.jpg`);
    const background = { r: (from + at) % 256, g: 40 + at, b: 90 };
    await sharp({ create: { width: 320, height: 240, channels: 3, background } })
      .jpeg()
      .toFile(file);
    files.push(file);
  }
  return files;
}
const tiles = (state: string): Promise<number> =>
  hand.page.$$eval(`[data-photo][data-state="${state}"]`, (all) => all.length);
/** Photos of the branch in hand by their states, asked of the server. */
async function states(branch: number): Promise<Readonly<Record<string, number>>> {
  const { photos } = (await (await ask('GET', `/branches/${String(branch)}/photos`)).json()) as {
    photos: { state: string }[];
  };
  const counts: Record<string, number> = {};
  for (const { state } of photos) counts[state] = (counts[state] ?? 0) + 1;
  return counts;
}
const settled = async (branch: number, state: string, count: number): Promise<void> => {
  for (let attempt = 0; attempt < 600; attempt += 1) {
    if ((await states(branch))[state] === count) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${JSON.stringify(await states(branch))} instead of ${String(count)} ${state}`);
};

/** A branch of the demo's without its photos. */
async function emptied(label: string): Promise<number> {
  const id = await hand.branchNamed(label);
  const { photos } = (await (await ask('GET', `/branches/${String(id)}/photos`)).json()) as {
    photos: { id: number }[];
  };
  for (const photo of photos) await ask('DELETE', `/photos/${String(photo.id)}`);
  return id;
}

describe('sixty pictures of two branches', () => {
  const wordings = {
    title: '{subject}, {town}',
    alt: '{subject} at {name}',
    fileName: '{subject}-{town}-{number}',
  };
  let [quay, saltby]: [number, number] = [0, 0];

  test('are taken in, given subjects by hand, by range and evenly, named and stamped', async () => {
    [quay, saltby] = [await emptied('Quay Street'), await emptied('Saltby')];
    await hand.go(`/branches/${String(quay)}/photos`);
    await hand.see('No photos of this branch yet');
    await hand.upload('Photos to add', ...(await pictures(30, 0)));
    await hand.see('30 photos added');
    // The stamp is made once, and kept with the client.
    await hand.click('button', 'Wordings …');
    for (const [label, text] of [
      ['Title', wordings.title],
      ['Alternative text', wordings.alt],
      ['File name', '{subject}-{twon}'],
    ] as const) {
      await hand.page.locator(`::-p-aria([name="${label}"][role="textbox"])`).click({ count: 3 });
      await hand.page.keyboard.press('Backspace');
      await hand.page.keyboard.sendCharacter(text);
    }
    await hand.see('There is no placeholder {twon} (at character 11).');
    await hand.page.locator('::-p-aria([name="File name"][role="textbox"])').click({ count: 3 });
    await hand.page.keyboard.sendCharacter('{subject}-{town}-');
    await hand.click('button', 'Insert … into File name');
    await hand.page.locator('::-p-text(the number of the picture in its set)').click();
    await hand.accessible();
    await hand.page.locator('::-p-aria([name="Name, to keep it for other branches"])').fill('Shop');
    await hand.click('button', 'Keep');
    await hand.page.waitForSelector('::-p-aria([name="Kept with this client"])');
    await hand.click('button', 'Use it for Quay Street');
    await hand.see(`Title: ${wordings.title}`);
    // Subjects: the first ten by a range of keys, the others evenly.
    await hand.page.click('[data-photo="IMG_0000.jpg"]');
    await hand.page.keyboard.down('Shift');
    for (let step = 0; step < 9; step += 1) await hand.page.keyboard.press('ArrowRight');
    await hand.page.keyboard.up('Shift');
    await hand.see('10 selected');
    await hand.type('[aria-label="Subject of the selected photos"]', 'Front door');
    await hand.page.keyboard.press('Enter');
    await hand.see('Front door', '[data-photo="IMG_0009.jpg"]');
    await hand.page.click('[data-photo="IMG_0010.jpg"]');
    await hand.page.keyboard.down('Shift');
    await hand.page.keyboard.press('End');
    await hand.page.keyboard.up('Shift');
    await hand.see('20 selected');
    await hand.type('[aria-label="Subject of the selected photos"]', 'X-ray, Ward');
    await hand.click('button', 'Spread evenly');
    await hand.see('Ward', '[data-photo="IMG_0029.jpg"]');
    await hand.accessible();
    await hand.click('button', 'Select all');
    await hand.click('button', 'Stamp all 30');
    await settled(quay, 'stamped', 30);
    await hand.see('front-door-port-ellery-1.jpg', '[data-photo="IMG_0000.jpg"]');
  });

  test('are stamped in the other branch by a stamp that another client keeps for itself', async () => {
    await hand.go(`/branches/${String(saltby)}/photos`);
    await hand.upload('Photos to add', ...(await pictures(30, 100)));
    await hand.see('30 photos added');
    await ask('PUT', `/branches/${String(saltby)}/stamp`, { stamp: { wordings } });
    await hand.go(`/branches/${String(saltby)}/photos`);
    await hand.click('button', 'Stamp all 30');
    await settled(saltby, 'stamped', 30);
  });

  test('are downloaded under their new names, and a second program reads the same in each', async () => {
    const zip = join(folder, 'stamped.zip');
    writeFileSync(zip, await hand.fetchBytes(`/api/branches/${String(quay)}/photos.zip`));
    const out = join(folder, 'out');
    mkdirSync(out);
    execFileSync('unzip', ['-q', zip, '-d', out]);
    expect(readdirSync(out)).toHaveLength(32);
    const read = JSON.parse(
      execFileSync('exiftool', ['-json', '-XMP-dc:Title', '-XMP:AltTextAccessibility', '-ext', 'jpg', out], {
        encoding: 'utf8',
        maxBuffer: 1 << 24,
      }),
    ) as { Title: string; AltTextAccessibility: string; SourceFile: string }[];
    expect(new Set(read.map(({ Title }) => Title)).size).toBe(30);
    const one = read.find(({ SourceFile }) => SourceFile.endsWith('/front-door-port-ellery-1.jpg'));
    expect(one).toMatchObject({
      Title: 'Front door, Port Ellery',
      AltTextAccessibility: 'Front door at Larkspur & Vane Veterinary Care',
    });
  });

  test('are redone in one step when the number changes, and keep their names', async () => {
    const branch = (await (await ask('GET', `/branches/${String(quay)}`)).json()) as {
      record: object;
      version: number;
    };
    const record = { ...branch.record, telephone: '(360) 555-0177' };
    await ask('PUT', `/branches/${String(quay)}/record`, { record, version: branch.version });
    await hand.go(`/branches/${String(quay)}/photos`);
    await hand.click('button', 'Stamp again what is out of date (30)');
    await settled(quay, 'stamped', 30);
    await hand.page.waitForFunction(() => !document.querySelector('[data-state="out-of-date"]'));
    await hand.see('front-door-port-ellery-1.jpg', '[data-photo="IMG_0000.jpg"]');
    expect(await tiles('stamped')).toBeGreaterThan(3);
  });
});

describe('one photo', () => {
  test('is filtered for, given a place of its own on the map, and that is undone', async () => {
    const quay = await hand.branchNamed('Quay Street');
    await hand.go(`/branches/${String(quay)}/photos`);
    await hand.page.click('[data-photo="IMG_0003.jpg"]');
    await hand.click('tab', 'Map');
    await hand.see('1 photo in hand: the pin of the branch.');
    await hand.page.waitForSelector('.map-pin');
    await hand.accessible();
    await hand.page.focus('.map-pin');
    await hand.page.keyboard.press('ArrowRight');
    await hand.see('1 photo in hand: a place of their own.');
    await settled(quay, 'out-of-date', 1);
    await hand.click('combobox', 'Which photos are shown');
    await hand.click('option', 'Out of date');
    await hand.see('1 of 30');
    await hand.click('button', 'The branch’s pin');
    await settled(quay, 'stamped', 30);
    await hand.see('None of the photos is like that.');
  });

  test('is fetched back from where it went', async () => {
    const quay = await hand.branchNamed('Quay Street');
    await hand.go(`/branches/${String(quay)}/photos`);
    await hand.page.click('[data-photo="IMG_0000.jpg"]');
    await hand.click('tab', 'Where it went');
    await hand.page
      .locator('::-p-aria([name="Address of the picture there, or of its page"])')
      .fill('https://larkspurvane.example/quay-street.html');
    await hand.click('button', 'Note it');
    await hand.click('button', 'Fetch back IMG_0000.jpg');
    await hand.see('The page shows no picture that is called front-door-port-ellery-1.jpg or IMG_0000.jpg');
    await hand.accessible();
    await hand.click('button', 'Forget that IMG_0000.jpg went there');
    await hand.see('Nobody has said yet where these photos went');
  });

  test('is deleted and brought back', async () => {
    const saltby = await hand.branchNamed('Saltby');
    await hand.go(`/branches/${String(saltby)}/photos`);
    await hand.page.click('[data-photo="IMG_0100.jpg"]');
    await hand.act('1 selected photo', 'Delete');
    await hand.page.waitForFunction(() => !document.querySelector('[data-photo="IMG_0100.jpg"]'));
    await hand.click('button', 'Undo');
    await hand.page.waitForSelector('[data-photo="IMG_0100.jpg"]');
  });
});
