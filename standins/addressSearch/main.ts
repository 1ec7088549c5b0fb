/**
 * An address search for the demo: GeocodeJSON over HTTP, from a street map and a gazetteer of the world.
 * `/search?q=`, `/reverse?lat=&lon=`, and for maps `/towns?bbox=` and `/streets?bbox=` (west,south,east,north).
 * Start it by itself with `npm run standin:address-search -- STREETS.geojson`.
 */
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { hit, hits } from '#core/geocode';
import { Gazetteer, type Locality } from './gazetteer.ts';
import { StreetMap, streetMapSchema, streetsOf } from './streets.ts';
import { placesOfStreets, worldPlaces } from './world.ts';

const MOST = 10;
const MOST_TOWNS = 80;

/** The search as an application over a street map. */
export function addressSearch(
  map: unknown,
  world: readonly Locality[] = worldPlaces(),
): ReturnType<typeof express> {
  const streets = streetsOf(map);
  const drawn = streetMapSchema.parse(map).features.filter(({ properties }) => properties.kind !== 'street');
  const byStreet = new StreetMap(streets);
  const gazetteer = new Gazetteer([...placesOfStreets(streets), ...world]);
  const app = express();
  app.disable('x-powered-by');
  const text = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 300) : '');
  const number = (value: unknown): number => Number(text(value) || NaN);
  const box = (value: unknown): readonly number[] => text(value).split(',').map(Number);
  app.get('/search', (request, response) => {
    const most = Math.min(MOST, number(request.query['limit']) || MOST);
    const words = text(request.query['q']);
    const doors = byStreet.search(words, most);
    const home = text(request.query['country']).toUpperCase();
    response.json(
      hits([...doors, ...gazetteer.search(words, most - Math.min(doors.length, most - 2), home)]),
    );
  });
  app.get('/reverse', (request, response) => {
    const [latitude, longitude] = [number(request.query['lat']), number(request.query['lon'])];
    const door = byStreet.nearest(latitude, longitude);
    const town = door ? undefined : gazetteer.nearest(latitude, longitude)?.place;
    const near =
      town &&
      hit('city', town.longitude, town.latitude, {
        label: town.name,
        name: town.name,
        city: town.name,
        state: town.region,
        country: town.country,
      });
    response.json(hits(door ? [door] : near ? [near] : []));
  });
  app.get('/towns', (request, response) => {
    const [west = 0, south = 0, east = 0, north = 0] = box(request.query['bbox']);
    response.json({
      type: 'FeatureCollection',
      features: gazetteer
        .within(south, west, north, east, MOST_TOWNS)
        .map(({ name, population, longitude, latitude }) => ({
          type: 'Feature',
          geometry: { type: 'Point', coordinates: [longitude, latitude] },
          properties: { kind: 'town', name, population },
        })),
    });
  });
  app.get('/streets', (request, response) => {
    const [west = 0, south = 0, east = 0, north = 0] = box(request.query['bbox']);
    const found = byStreet.within(south, west, north, east);
    response.json({ type: 'FeatureCollection', features: found.length > 0 ? [...drawn, ...found] : [] });
  });
  return app;
}

const [, script = '', file] = process.argv;
// By itself, or in the bundle of a start.
if (file && /addressSearch(?:\/main)?\.m?[jt]s$/.test(script)) {
  const server = createServer();
  server.listen(Number(process.env['PORT'] ?? 0), '127.0.0.1', () => {
    const { port } = server.address() as AddressInfo;
    process.stdout.write(`address search at http://127.0.0.1:${String(port)}/\n`);
    process.send?.({ listening: port });
    // Making the gazetteer ready takes seconds; whoever asks in the meantime waits for it, not whoever starts it.
    server.on('request', addressSearch(JSON.parse(readFileSync(file, 'utf8')) as unknown));
  });
  const stop = (): void => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  };
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
  process.on('disconnect', stop);
}
