/** A page with something woven into it looks as it did, to the pixel. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Browser, Page } from 'puppeteer-core';
import { readSource } from '#core/reading';
import { carriedBy, decodeText, editBytes } from '#core/encoding';
import { weave, wovenSyntaxes } from '#core/weaving';
import { shapes } from '../bench/corpora/shapes.ts';
import { openBrowser } from './application.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-woven-'));
let browser: Browser;
let page: Page;

beforeAll(async () => {
  browser = await openBrowser();
  page = await browser.newPage();
  await page.setViewport({ width: 640, height: 480 });
});

afterAll(async () => {
  await browser.close();
  rmSync(folder, { recursive: true, force: true });
});

async function looks(bytes: Uint8Array): Promise<Uint8Array> {
  const file = join(folder, 'page.html');
  writeFileSync(file, bytes);
  await page.goto(`file://${file}`);
  return page.screenshot();
}

test('every shape that is woven looks the same in Chromium', async () => {
  const changed: string[] = [];
  let compared = 0;
  for (const [at, { name, bytes, record }] of shapes.entries()) {
    const { text, encoding } = decodeText(bytes);
    const syntax = wovenSyntaxes[at % wovenSyntaxes.length] ?? 'microdata';
    const result = weave(readSource(text), record, { syntax, carries: carriedBy(encoding) });
    if (!result.ok) continue;
    const before = await looks(bytes);
    const after = await looks(editBytes(bytes, result.edits));
    compared += 1;
    if (Buffer.compare(before, after) !== 0) changed.push(`${name} as ${syntax}`);
  }
  expect(compared).toBeGreaterThan(150);
  expect(changed).toEqual([]);
}, 300_000);
