import { Router } from 'express';
import sharp from 'sharp';
import {
  boxQuerySchema,
  fetchInputSchema,
  holidaysQuerySchema,
  limits,
  placesQuerySchema,
  pointQuerySchema,
} from '#contract';
import { decodeText } from '#core/text';
import type { AddressSearch } from '../gateways/addressSearch.ts';
import type { Fetcher } from '../gateways/fetcher.ts';
import { holidaysOf } from '../gateways/holidays.ts';
import { parse, Refusal } from '../problem.ts';

/** Everything the interface asks of the world outside: places, holidays, pages and pictures elsewhere. */
export function placeRoutes(search: AddressSearch | undefined, fetcher: Fetcher): Router {
  const router = Router();
  const silent = new Refusal(
    502,
    'No answer',
    'The address search does not answer. Coordinates can be typed or pasted, and the pin can be dragged.',
  );
  router.get('/places/search', async (request, response) => {
    const { q, country } = parse(placesQuerySchema, request.query);
    const found = await search?.search(q, country);
    if (!found) throw silent;
    response.json(found);
  });
  router.get('/places/reverse', async (request, response) => {
    const { lat, lon } = parse(pointQuerySchema, request.query);
    const found = await search?.reverse(lat, lon);
    if (!found) throw silent;
    response.json(found);
  });
  for (const layer of ['towns', 'streets'] as const)
    router.get(`/places/${layer}`, async (request, response) => {
      const { bbox } = parse(boxQuerySchema, request.query);
      response.json((await search?.draw(layer, bbox)) ?? { type: 'FeatureCollection', features: [] });
    });
  router.get('/holidays', (request, response) => {
    const { country, region, year } = parse(holidaysQuerySchema, request.query);
    response.json({ holidays: holidaysOf(country.toUpperCase(), region.toUpperCase(), year) });
  });
  router.post('/fetch', async (request, response) => {
    const { url, status, contentType, headers, bytes, redirects, milliseconds } = await fetchOrRefuse(
      fetcher,
      parse(fetchInputSchema, request.body).url,
    );
    const { text, encoding } = decodeText(bytes, contentType);
    response.json({ url, status, contentType, headers, text, encoding, redirects, milliseconds });
  });
  router.post('/image-size', async (request, response) => {
    const { url } = parse(fetchInputSchema, request.body);
    const { bytes, status } = await fetchOrRefuse(fetcher, url, limits.photoBytes);
    const { width, height, format } = await sharp(bytes)
      .metadata()
      .catch(() => {
        throw new Refusal(
          422,
          'No picture',
          `${url} answers with status ${String(status)}, and what it sends is no picture.`,
        );
      });
    response.json({ width, height, bytes: bytes.length, format });
  });
  return router;
}

async function fetchOrRefuse(fetcher: Fetcher, url: string, most: number = limits.pageBytes) {
  const fetched = await fetcher.fetch(url, { most });
  if (!fetched.ok) throw new Refusal(422, 'Not fetched', fetched.message);
  return fetched;
}
