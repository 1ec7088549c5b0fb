import { expect, test } from '@jest/globals';
import { larkspur } from '#sample';
import { fuzz } from './fuzz.ts';
import { seeded } from './mutation.ts';

test('mutated sources neither crash nor hang the checker, its places lie inside, and its mends mend', () => {
  expect(fuzz(1500, seeded(2026), larkspur)).toEqual([]);
});
