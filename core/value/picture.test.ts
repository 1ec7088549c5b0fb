import { expect, test } from '@jest/globals';
import { judgePicture, pictureInWords, samePictures, type Picture } from './index.ts';

const picture = (width: number, height: number, more: Partial<Picture> = {}): Picture => ({
  width,
  height,
  bytes: 240_000,
  format: 'jpeg',
  digest: 'a',
  ...more,
});

test('a picture is told with size, format and weight', () => {
  expect(pictureInWords(picture(1600, 1200))).toBe('1600 × 1200, JPEG, 240 KB');
  expect(pictureInWords(picture(1, 1, { bytes: 90 }))).toBe('1 × 1, JPEG, 90 bytes');
  expect(pictureInWords(picture(9, 9, { bytes: 2_340_000, format: 'png' }))).toBe('9 × 9, PNG, 2.3 MB');
});

test.each([
  [picture(1600, 1200), 'image', 0],
  [picture(200, 200), 'image', 1],
  [picture(500, 100), 'image', 0],
  [picture(1600, 1200, { format: 'tiff' }), 'image', 1],
  [picture(1600, 1200, { bytes: 3_000_000 }), 'image', 1],
  [picture(112, 112), 'logo', 0],
  [picture(111, 200), 'logo', 1],
  [picture(900, 200), 'logo', 1],
  [picture(600, 200), 'logo', 0],
] as const)('is judged for its use: %j as %s', (one, use, faults) => {
  expect(judgePicture(one, use)).toHaveLength(faults);
});

test('the same picture twice is known by its digest', () => {
  const [one, other] = [picture(1, 1), picture(1, 1, { digest: 'b' })];
  expect(samePictures([one, undefined, other, one, undefined])).toEqual([[3, 0]]);
});
