import { expect, test } from '@jest/globals';
import { exactnessOf, hitsSchema } from './index.ts';

const found = (type: string, more: object = {}) =>
  hitsSchema.parse({
    type: 'FeatureCollection',
    features: [
      {
        type: 'Feature',
        geometry: { type: 'Point', coordinates: [8, 47] },
        properties: { geocoding: { type, ...more } },
      },
    ],
  }).features;

test.each([
  ['house', {}, 'door'],
  ['street', {}, 'street'],
  ['postcode', {}, 'postcode'],
  ['locality', { postcode: '8001' }, 'postcode'],
  ['locality', {}, 'town'],
  ['city', { postcode: '8001' }, 'town'],
  ['anything', {}, 'town'],
])('a hit of the type %s %j is as exact as the %s', (type, more, exactness) => {
  expect(found(type, more).map(exactnessOf)).toEqual([exactness]);
});

test('what is no hit is refused', () => {
  expect(() => found('house', { accuracy: 'near' })).toThrow();
  expect(hitsSchema.safeParse({ type: 'FeatureCollection', features: [{}] }).success).toBe(false);
});
