import { fork, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import * as z from 'zod';
import { exactnessOf, hitsSchema } from '#core/geocode';
import { distance } from '#core/pin';
import { demoClients, streetMapFile } from '#demo';

// As the application starts it: the world is read in seconds there, and in a minute within the test runner.
let server: ChildProcess;
let address = '';
beforeAll(async () => {
  server = fork(join(import.meta.dirname, 'main.ts'), [streetMapFile], {
    execArgv: ['--import', 'tsx'],
    stdio: 'ignore',
    env: { ...process.env, NODE_OPTIONS: '' },
  });
  const message = await new Promise((resolve, reject) => {
    server.once('message', resolve);
    server.once('exit', reject);
  });
  address = `http://127.0.0.1:${String(z.object({ listening: z.number() }).parse(message).listening)}`;
});
afterAll(() => {
  server.kill();
});

const ask = async (path: string, query: Record<string, string> = {}): Promise<unknown> => {
  const answer = await fetch(`${address}${path}?${new URLSearchParams(query).toString()}`);
  expect(answer.status).toBe(200);
  return answer.json();
};
const search = async (q: string, country = '') =>
  hitsSchema.parse(await ask('/search', { q, country })).features;
const featuresSchema = z.object({
  features: z.array(z.object({ properties: z.object({ kind: z.string() }) })),
});
const labels = async (q: string, country = ''): Promise<string[]> =>
  (await search(q, country)).map(({ properties }) => properties.geocoding.label);

describe('the address search', () => {
  test('finds the door of every demo branch, near its pin', async () => {
    for (const { branches } of demoClients)
      for (const { record } of branches) {
        const { streetAddress, addressLocality, postalCode } = record.address;
        const [first] = await search(`${streetAddress}, ${addressLocality}, ${postalCode}`);
        expect([streetAddress, first && exactnessOf(first)]).toEqual([streetAddress, 'door']);
        const [longitude = 0, latitude = 0] = first?.geometry.coordinates ?? [];
        const pin = { latitude: Number(record.pin.latitude), longitude: Number(record.pin.longitude) };
        expect(distance(pin, { latitude, longitude })).toBeLessThan(120);
      }
  });

  test('puts even and odd numbers on their sides, in the order of the street', async () => {
    const [a] = await search('110 Quay Street, Port Ellery');
    const [b] = await search('111 Quay Street, Port Ellery');
    const [c] = await search('290 Quay St., Port Ellery, WA');
    const [x = 0, y = 0] = a?.geometry.coordinates ?? [];
    expect(y).toBeLessThan(b?.geometry.coordinates[1] ?? 0);
    expect(x).toBeLessThan(c?.geometry.coordinates[0] ?? -180);
    const [none] = await search('9999 Quay Street, Port Ellery');
    expect(none && exactnessOf(none)).toBe('street');
    const [suite] = await search('9 gull ln suite 2, port ellery, WA 98299');
    expect(suite?.properties.geocoding.housenumber).toBe('9');
  });

  test.each([
    ['Springfield, IL', '', 'Springfield, Illinois, United States'],
    ['springfield illinois', '', 'Springfield, Illinois, United States'],
    ['98101', '', '98101 Seattle, Washington, United States'],
    ['V5K 0A1', '', 'V5K Vancouver (north Hastings- Sunrise), British Columbia, Canada'],
    ['Paris', '', 'Paris, France'],
    ['Paris', 'US', 'Paris, Texas, United States'],
    ['Zürich', '', 'Zürich, Switzerland'],
    ['zurich', '', 'Zürich, Switzerland'],
  ])('finds %s (%s) in the world', async (q, country, label) => {
    expect((await labels(q, country))[0]).toBe(label);
  });

  test('says by an address which town is meant, where the gazetteer has one', async () => {
    const [berlin] = await search('Berlin', 'DE');
    expect(berlin?.properties.geocoding.reference).toBe('https://sws.geonames.org/2950159/');
    const [home] = await search('Port Ellery', 'US');
    expect(home?.properties.geocoding.reference).toBeUndefined();
  });

  test('answers nonsense with nothing, and points with the nearest door or town', async () => {
    expect(await labels('qqqqqqzz')).toEqual([]);
    expect(await labels('')).toEqual([]);
    expect(await labels(',,,')).toEqual([]);
    const near = async (lat: number, lon: number) =>
      hitsSchema.parse(await ask('/reverse', { lat: String(lat), lon: String(lon) })).features[0]?.properties
        .geocoding.label;
    expect(await near(48.51234, -122.6123)).toMatch(/^21\d Quay Street, Port Ellery/);
    expect(await near(47.6, -122.33)).toBe('Seattle');
    const drawn = await ask('/streets', { bbox: '-122.62,48.51,-122.6,48.52' });
    const kinds = featuresSchema.parse(drawn).features.map(({ properties }) => properties.kind);
    expect(new Set(kinds)).toEqual(new Set(['water', 'pier', 'park', 'street']));
    const towns = await ask('/towns', { bbox: '-180,-90,180,90' });
    expect(featuresSchema.parse(towns).features).toHaveLength(80);
  });
});
