import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { distance } from '#core/pin';
import { exactnessOf, hit, hits, hitsSchema } from '#core/geocode';
import { Gazetteer, type Locality } from './gazetteer.ts';
import { StreetMap, streetsOf } from './streets.ts';

const place = (name: string, rest: Partial<Locality> = {}): Locality => ({
  kind: 'town',
  name,
  town: '',
  region: '',
  country: 'US',
  latitude: 10,
  longitude: 20,
  population: 100,
  reference: '',
  ...rest,
});

const gazetteer = new Gazetteer([
  place('Salt'),
  place('Saltby', { country: 'GB', population: 900, latitude: 50.4, longitude: -3.5 }),
  place('Saltash', { country: 'GB', population: 5000 }),
  place('Springfield', { region: 'IL', population: 10 }),
  place('Springfield', { region: 'MO', population: 20 }),
  place('São Tomé', { country: 'ST' }),
  place('98299', { kind: 'postcode', town: 'Port Ellery', region: 'WA', population: 0 }),
]);
const labels = (words: string, home = ''): readonly string[] =>
  gazetteer.search(words, 3, home).map(({ properties }) => properties.geocoding.label);

describe('the gazetteer', () => {
  test('takes whole names before beginnings, large towns before small ones, the home country first', () => {
    expect(labels('salt')).toEqual([
      'Salt, United States',
      'Saltash, United Kingdom',
      'Saltby, United Kingdom',
    ]);
    expect(labels('salt', 'GB')[0]).toBe('Salt, United States');
    expect(labels('spring')).toEqual([
      'Springfield, Missouri, United States',
      'Springfield, Illinois, United States',
    ]);
  });

  test('knows regions and countries behind a comma or a blank, and names without their accents', () => {
    expect(labels('Springfield, IL')).toEqual(['Springfield, Illinois, United States']);
    expect(labels('springfield missouri')).toEqual(['Springfield, Missouri, United States']);
    expect(labels('Saltby, France')).toEqual([]);
    expect(labels('sao tome')).toEqual(['São Tomé, São Tomé & Príncipe']);
    expect(labels('98299')).toEqual(['98299 Port Ellery, Washington, United States']);
  });

  test('says how exact a hit is, and takes what it does not know for the coarsest', () => {
    const [town] = gazetteer.search('saltby', 1);
    const [code] = gazetteer.search('98299', 1);
    expect([town && exactnessOf(town), code && exactnessOf(code)]).toEqual(['town', 'postcode']);
    expect(exactnessOf(hit('house', 0, 0, { label: '' }))).toBe('door');
    expect(
      exactnessOf({
        ...hit('city', 0, 0, { label: '' }),
        properties: { geocoding: { type: 'galaxy', label: '' } },
      }),
    ).toBe('town');
    expect(hitsSchema.parse(hits(gazetteer.search('s', 3))).features).toHaveLength(3);
  });

  test('finds towns in a box and the nearest one to a point', () => {
    expect(gazetteer.within(50, -4, 51, -3, 5).map(({ name }) => name)).toEqual(['Saltby']);
    expect(gazetteer.within(-90, -180, 90, 180, 2).map(({ name }) => name)).toEqual(['Saltash', 'Saltby']);
    expect(gazetteer.nearest(50.41, -3.51)?.place.name).toBe('Saltby');
    expect(gazetteer.nearest(-60, 100)).toBeUndefined();
  });

  test('answers any question with places or nothing', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (words) => {
        expect(gazetteer.search(words, 2).length).toBeLessThanOrEqual(2);
      }),
    );
  });
});

describe('a street map', () => {
  const street = (name: string, left: readonly [number, number], right: readonly [number, number]) => ({
    type: 'Feature',
    geometry: {
      type: 'LineString',
      coordinates: [
        [0, 0],
        [0.005, 0],
        [0.01, 0],
      ],
    },
    properties: {
      kind: 'street',
      name,
      town: 'Saltby',
      region: '',
      postcode: 'TQ1 2AB',
      country: 'GB',
      left: { from: left[0], to: left[1] },
      right: { from: right[0], to: right[1] },
    },
  });
  const streets = streetsOf({
    type: 'FeatureCollection',
    features: [
      street('Hollins Row', [1, 99], [2, 100]),
      { type: 'Feature', geometry: { type: 'Polygon', coordinates: [] }, properties: { kind: 'park' } },
    ],
  });
  const map = new StreetMap(streets);

  test('finds each number on its side, at its part of the way', () => {
    expect(streets).toHaveLength(1);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100 }), (number) => {
        const [found] = map.search(`${String(number)} Hollins Row, Saltby`, 1);
        const [longitude = 0, latitude = 0] = found?.geometry.coordinates ?? [];
        expect(found && exactnessOf(found)).toBe('door');
        expect(Math.sign(latitude)).toBe(number % 2 === 1 ? 1 : -1);
        expect(Math.abs(longitude - (0.01 * (number - (number % 2 === 1 ? 1 : 2))) / 98)).toBeLessThan(1e-5);
        expect(distance({ latitude, longitude }, { latitude: 0, longitude })).toBeLessThan(10);
        // and back
        expect(map.nearest(latitude, longitude)?.properties.geocoding.housenumber).toBe(String(number));
      }),
    );
  });

  test('gives the street where the number is none of its own, and nothing for other towns', () => {
    const [outside] = map.search('400 hollins row', 1);
    expect(outside?.properties.geocoding).toMatchObject({
      type: 'street',
      label: 'Hollins Row, Saltby TQ1 2AB',
    });
    expect(map.search('9 Hollins Row, Marl Cross', 1)).toEqual([]);
    expect(map.search('', 1)).toEqual([]);
    expect(map.nearest(1, 1)).toBeUndefined();
    expect(map.within(-1, -1, 1, 1)).toHaveLength(1);
    expect(map.within(2, 2, 3, 3)).toHaveLength(0);
  });
});
