import { mkdtempSync, rmSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { Readable } from 'node:stream';
import { afterAll, expect, test } from '@jest/globals';
import { pagesInZip, zipOf } from './zip.ts';

const folder = mkdtempSync(join(tmpdir(), 'zip-'));
afterAll(() => {
  rmSync(folder, { recursive: true });
});

test('a zip holds pages of whatever path, and none of them leads anywhere', async () => {
  const paths = [
    'C:/a.html',
    '/b.html',
    '../c.html',
    'd/../../e.html',
    'f\\..\\g.html',
    'h/..i.html',
    'j.html',
  ];
  const files = paths.map((path) => ({ path, open: () => Promise.resolve(Readable.from([path])) }));
  const zip = join(folder, 'pages.zip');
  await writeFile(zip, await buffer(zipOf(files)));
  const read: [string, string][] = [];
  for await (const page of pagesInZip(zip, true))
    read.push([page.path, 'bytes' in page ? page.bytes.toString() : page.reason]);
  expect(read).toEqual([
    ['C%3A/a.html', 'C:/a.html'],
    ['%2Fb.html', '/b.html'],
    ['%2E%2E/c.html', '../c.html'],
    ['d/%2E%2E/%2E%2E/e.html', 'd/../../e.html'],
    ['f%5C..%5Cg.html', 'f\\..\\g.html'],
    ['h/..i.html', 'h/..i.html'],
    ['j.html', 'j.html'],
  ]);
});
