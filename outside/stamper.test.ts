/** What is taken for a photo, and what is refused before anything unpacks it. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { readPhoto } from './stamper.ts';

const folder = mkdtempSync(join(tmpdir(), 'zinc-taken-'));
afterAll(() => rmSync(folder, { recursive: true }));

const small = sharp({ create: { width: 30, height: 20, channels: 3, background: '#456' } });

/** A picture whose header says that it is much larger. */
const swollen: Readonly<Record<string, (bytes: Buffer) => void>> = {
  png: (bytes) => void (bytes.writeUInt32BE(50_000, 16), bytes.writeUInt32BE(50_000, 20)),
  gif: (bytes) => void (bytes.writeUInt16LE(60_000, 6), bytes.writeUInt16LE(60_000, 8)),
  jpeg: (bytes) =>
    void bytes.fill(
      0xff,
      bytes.indexOf(Buffer.from([0xff, 0xc0])) + 5,
      bytes.indexOf(Buffer.from([0xff, 0xc0])) + 9,
    ),
};

test.each(Object.keys(swollen))('a %s of too many pixels is refused with its size', async (format) => {
  const bytes = await small.toFormat(format as 'png').toBuffer();
  const path = join(folder, `a.${format}`);
  writeFileSync(path, bytes);
  expect(readPhoto(path)).toMatchObject({ ok: true, carried: { width: 30, height: 20 } });
  swollen[format]?.(bytes);
  writeFileSync(path, bytes);
  const read = readPhoto(path);
  expect(read).toMatchObject({ ok: false });
  expect(!read.ok && read.message).toMatch(/\d{5} × \d{5} pixels; at most 80 megapixels/);
});
