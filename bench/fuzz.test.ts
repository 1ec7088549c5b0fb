import { expect, test } from '@jest/globals';
import { larkspur } from '#sample';
import { fuzz } from './fuzz.ts';
import { seeded } from './mutation.ts';
import { fuzzPhotos } from './photoFuzz.ts';

test('mutated sources neither crash nor hang the checker, its places lie inside, and its mends mend', () => {
  expect(fuzz(1500, seeded(2026), larkspur)).toEqual([]);
});

test('mutated pictures neither crash nor hang the stamper, and what is written has the same image and is proved', async () => {
  const { complaints, written } = await fuzzPhotos(2500, seeded(2026));
  expect(complaints).toEqual([]);
  expect(written).toBeGreaterThan(500);
});
