import { describe, expect, test } from '@jest/globals';
import { distance, distanceText, readDegrees, readPin, writeDegrees } from './index.ts';

const codes = (latitude: string, longitude: string): string[] =>
  readPin({ latitude, longitude }).faults.map(({ code }) => code);

describe('a pin', () => {
  test('is read from decimal degrees with point or comma, and keeps its decimals', () => {
    expect(readPin({ latitude: '47,60621', longitude: '-122.33200' })).toEqual({
      point: { latitude: 47.60621, longitude: -122.332 },
      faults: [],
    });
    expect(writeDegrees(' +47,60620')).toBe('47.60620');
    expect(readDegrees('47.6N')).toBeUndefined();
  });

  test.each([
    ['', '', []],
    ['47.60621', '', ['value/coordinates-incomplete']],
    ['north', '-122.33207', ['value/coordinate']],
    ['-122.33207', '47.60621', ['value/coordinates-swapped']],
    ['91.00001', '170.00001', ['value/coordinate-range']],
    ['47.60621', '-182.33207', ['value/coordinate-range']],
    ['0', '0.0', ['value/coordinates-zero']],
    ['47.61', '-122.33207', ['value/coordinates-coarse']],
    // 47.60600, written as a number
    ['47.606', '-122.33207', []],
    ['47.606', '-122.332', ['value/coordinates-coarse', 'value/coordinates-coarse']],
  ])('%s, %s has the faults %j', (latitude, longitude, expected) =>
    expect(codes(latitude, longitude)).toEqual(expected),
  );
});

test('distances are great-circle distances in metres', () => {
  const pole = distance({ latitude: 0, longitude: 0 }, { latitude: 90, longitude: 0 });
  expect(Math.round(pole / 1000)).toBe(10_008);
  expect(distance({ latitude: 10, longitude: 179.999 }, { latitude: 10, longitude: -179.999 })).toBeLessThan(
    250,
  );
  expect([distanceText(12.4), distanceText(3420), distanceText(120_400)]).toEqual([
    '12 m',
    '3.4 km',
    '120 km',
  ]);
});
