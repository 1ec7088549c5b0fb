import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readCoordinates, writePoint } from './index.ts';

describe('coordinates', () => {
  test.each([
    ['48.51234, -122.61230', '48.51234', '-122.61230'],
    ['(48.51234, -122.61230)', '48.51234', '-122.61230'],
    ['48.51234,-122.61230', '48.51234', '-122.61230'],
    ['48.51234 -122.61230', '48.51234', '-122.61230'],
    ['48,51234; -122,61230', '48.51234', '-122.61230'],
    ['48,51234 −122,61230', '48.51234', '-122.61230'],
    ['48.51234° N, 122.61230° W', '48.51234', '-122.61230'],
    ['33.85 S 151.21 E', '-33.85', '151.21'],
    [`48°30'44.4"N 122°36'44.3"W`, '48.512333', '-122.612306'],
    ['48° 30′ 44.4″ N, 122° 36′ 44.3″ W', '48.512333', '-122.612306'],
    ['N 48 30.74 W 122 36.738', '48.512333', '-122.612300'],
    ['geo:48.51234,-122.6123;u=35', '48.51234', '-122.6123'],
    ['https://maps.example/@48.51234,-122.6123,17z', '48.51234', '-122.6123'],
    ['https://maps.example/?q=48.51234%2C-122.6123', '48.51234', '-122.6123'],
    ['https://maps.example/?mlat=48.5123&mlon=-122.6123#map=17/1.000/2.000', '48.5123', '-122.6123'],
    ['https://maps.example/#map=17/48.5123/-122.6123', '48.5123', '-122.6123'],
  ])('%s', (text, latitude, longitude) => expect(readCoordinates(text)).toEqual({ latitude, longitude }));

  test.each([
    '',
    'hello',
    '48.5',
    '91.0, 10.0',
    '10, 181',
    `48°75'N 122°W`,
    'https://maps.example/place/quay',
    '1, 2, 3',
    'geo:x',
  ])('%s is none', (text) => expect(readCoordinates(text)).toBeUndefined());

  test('are read back as they are written', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        (latitude, longitude) => {
          const written = writePoint({ latitude, longitude });
          expect(readCoordinates(`${written.latitude}, ${written.longitude}`)).toEqual(written);
          expect(readCoordinates(`geo:${written.latitude},${written.longitude}`)).toEqual(written);
        },
      ),
    );
  });
});
