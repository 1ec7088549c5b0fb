import { describe, expect, test } from '@jest/globals';
import { townsFor } from './index.ts';

const towns = await townsFor('"latitude"');
const leipzig = { latitude: 51.33962, longitude: 12.37129 };
const dresden = { latitude: 51.05089, longitude: 13.73832 };

test('towns are loaded only for a source with a pin', async () => {
  expect(towns).toBeDefined();
  expect(await townsFor('<p>no pin</p>')).toBeUndefined();
});

describe('a town', () => {
  test.each([
    ['Leipzig', leipzig, undefined],
    ['LEIPZIG', dresden, 100],
    ['München', { latitude: 48.14, longitude: 11.6 }, undefined],
    ['Munich', { latitude: 50.94, longitude: 6.96 }, 455],
    ['Nowhere on earth', dresden, undefined],
    ['', dresden, undefined],
    ['a;b', dresden, undefined],
  ])('%s is near its middle, or so many kilometres off', (name, point, kilometres) => {
    const beyond = towns?.beyondTown(point, name, 'DE');
    if (kilometres === undefined) expect(beyond).toBeUndefined();
    else expect(Math.abs((beyond?.distance ?? 0) / 1000 - kilometres)).toBeLessThan(5);
  });

  test('of another country, or of a country nobody knows, says nothing', () => {
    expect(towns?.beyondTown(dresden, 'Leipzig', 'FR')).toBeUndefined();
    expect(towns?.beyondTown(dresden, 'Leipzig', 'constructor')).toBeUndefined();
  });

  test('whose name several have is the nearest of them', () => {
    // There is a Portland in Maine and one in Oregon.
    expect(towns?.beyondTown({ latitude: 43.66, longitude: -70.26 }, 'Portland', 'US')).toBeUndefined();
    expect(towns?.beyondTown({ latitude: 45.52, longitude: -122.68 }, 'Portland', 'US')).toBeUndefined();
    expect(towns?.beyondTown({ latitude: 25.77, longitude: -80.19 }, 'Portland', 'US')).toBeDefined();
  });

  test('reaches farther where the land is wide, and a small one may be another', () => {
    const off = { latitude: 49.0, longitude: 13.7 };
    expect(towns?.beyondTown(off, 'Bodenmais', 'DE')?.isSmall).toBe(true);
    expect(towns?.beyondTown(dresden, 'Leipzig', 'DE')?.isSmall).toBe(false);
  });

  test('is known by its middle to some metres', () => {
    expect(towns?.isMiddle(leipzig, 'DE')).toBe(true);
    expect(towns?.isMiddle({ ...leipzig, latitude: leipzig.latitude + 0.00004 }, 'DE')).toBe(true);
    expect(towns?.isMiddle({ ...leipzig, latitude: leipzig.latitude + 0.0003 }, 'DE')).toBe(false);
    expect(towns?.isMiddle({ ...leipzig, longitude: leipzig.longitude + 0.0003 }, 'DE')).toBe(false);
    expect(towns?.isMiddle(leipzig, 'FR')).toBe(false);
  });
});

describe('a postal code', () => {
  const bellingham = { latitude: 48.75112, longitude: -122.47788 };
  test.each([
    ['98225', 'US', bellingham, false],
    ['98225', 'US', { latitude: 47.65878, longitude: -117.42605 }, true],
    ['V6B 1A1', 'CA', { latitude: 49.28, longitude: -123.11 }, false],
    ['V6B 1A1', 'CA', { latitude: 43.65, longitude: -79.38 }, true],
    ['04109', 'DE', dresden, false],
    ['', 'US', bellingham, false],
  ])('%s of %s', (code, country, point, isFar) => {
    expect(towns?.beyondPostalCode(point, code, country) !== undefined).toBe(isFar);
  });
});
