import { describe, expect, test } from '@jest/globals';
import { townsFor } from './index.ts';
import { postTowns } from './postTowns.ts';

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

  test('goes by the beginning of its name, where no other does, and may be another then', () => {
    const off = { latitude: 24.1222, longitude: -101.6833 };
    expect(towns?.beyondTown(off, 'León', 'MX')).toMatchObject({ name: 'leon de los aldama', isSmall: true });
    expect(towns?.reaches({ latitude: 21.1222, longitude: -101.6833 }, 'León', 'MX')).toBe(true);
    expect(towns?.beyondTown(off, 'Xyz', 'MX')).toBeUndefined();
    // There is a Port Arthur, and no Port.
    expect(towns?.beyondTown({ latitude: 48.51, longitude: -122.61 }, 'Port', 'US')).toBeUndefined();
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

describe('a postal code by the town that it is led through', () => {
  const at = (latitude: number, longitude: number): { latitude: number; longitude: number } => ({
    latitude,
    longitude,
  });
  const isFar = (code: string, country: string, point: { latitude: number; longitude: number }): boolean =>
    towns?.beyondPostalCode(point, code, country) !== undefined;

  test.each(Object.keys(postTowns))('is one that the list of towns knows: %s', (country) => {
    const towned = (postTowns[country]?.areas ?? '').split(/;\s*/).map((area) => area.replace(/^\S+ /, ''));
    expect(towned.length).toBeGreaterThan(10);
    expect(towned.filter((town) => !towns?.beyondTown(at(-80, 0), town, country))).toEqual([]);
  });

  test.each([
    ['DL8 3RD', 'GB', at(54.30412, -2.19611)],
    ['IV51 9EH', 'GB', at(57.41272, -6.19431)],
    ['TR21 0LW', 'GB', at(49.91372, -6.31521)],
    ['SA61 1TU', 'GB', at(51.80212, -4.96931)],
    ['KW17 2LS', 'GB', at(59.35, -2.95)],
    ['EX39 5TQ', 'GB', at(51.01, -4.53)],
    ['DG9 7RT', 'GB', at(54.90272, -5.02731)],
    ['23030', 'IT', at(46.53862, 10.13562)],
    ['91017', 'IT', at(36.83232, 11.94572)],
    ['92031', 'IT', at(35.50142, 12.60922)],
    ['35500', 'ES', at(28.96302, -13.54772)],
    ['07701', 'ES', at(39.88853, 4.26583)],
    ['59140', 'FR', at(51.03432, 2.37682)],
    ['64200', 'FR', at(43.48322, -1.55862)],
    ['20137', 'FR', at(41.59132, 9.27952)],
    ['97400', 'FR', at(-20.8772, 55.4489)],
    ['25980', 'DE', at(54.90742, 8.31912)],
    ['87561', 'DE', at(47.40992, 10.27932)],
    ['086-1834', 'JP', at(44.02212, 145.18932)],
    ['907-1801', 'JP', at(24.46792, 123.00522)],
    ['40240', 'KR', at(37.48442, 130.90572)],
    ['nonsense', 'GB', at(51.5, -0.1)],
  ])('%s of %s reaches there', (code, country, point) => expect(isFar(code, country, point)).toBe(false));

  test.each([
    ['DL8 3RD', 'GB', at(56.80412, -2.19611)],
    ['SW1A 1AA', 'GB', at(53.48, -2.24)],
    ['21000', 'FR', at(49.82, 5.04)],
    ['06108', 'DE', at(52.05, 8.36)],
    ['43121', 'IT', at(42.3, 10.3)],
    ['29400', 'ES', at(39.2, -5.2)],
    ['250-0311', 'JP', at(37.73, 139.1)],
    ['55042', 'KR', at(37.5, 127.0)],
  ])('%s of %s does not', (code, country, point) => expect(isFar(code, country, point)).toBe(true));
});
