import { createHash } from 'node:crypto';
import { Router } from 'express';
import sharp from 'sharp';
import { api } from '#contract';
import { limits } from '#core/limits';
import { decodeText } from '#core/encoding';
import type { AddressSearch } from '../gateways/addressSearch.ts';
import type { Fetcher } from '#outside/fetcher.ts';
import { holidaysOf } from '../gateways/holidays.ts';
import { Refusal } from '../problem.ts';
import { serve } from './serve.ts';

/** Everything the interface asks of the world outside: places, holidays, pages and pictures elsewhere. */
export function placeRoutes(search: AddressSearch | undefined, fetcher: Fetcher): Router {
  const router = Router();
  const silent = new Refusal(
    502,
    'No answer',
    'The address search does not answer. Coordinates can be typed or pasted, and the pin can be dragged.',
  );
  serve(router, api.places, async ({ query: { q, country } }) => {
    const found = await search?.search(q, country);
    if (!found) throw silent;
    return found;
  });
  serve(
    router,
    api.mapLayer,
    async ({ parameters: { layer }, query: { bbox } }) =>
      (await search?.draw(layer, bbox)) ?? { type: 'FeatureCollection', features: [] },
  );
  serve(router, api.holidays, ({ query: { country, region, year } }) =>
    Promise.resolve({ holidays: holidaysOf(country.toUpperCase(), region.toUpperCase(), year) }),
  );
  serve(router, api.fetch, async ({ body }) => {
    const { url, status, contentType, headers, bytes, redirects, milliseconds } = await fetchOrRefuse(
      fetcher,
      body.url,
    );
    const { text, encoding } = decodeText(bytes, contentType);
    return { url, status, contentType, headers, text, encoding, redirects, milliseconds };
  });
  serve(router, api.imageSize, async ({ body: { url } }) => {
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
    const digest = createHash('sha256').update(bytes).digest('hex');
    return { width, height, bytes: bytes.length, format, digest };
  });
  return router;
}

async function fetchOrRefuse(fetcher: Fetcher, url: string, most: number = limits.pageBytes) {
  const fetched = await fetcher.fetch(url, { most });
  if (!fetched.ok) throw new Refusal(422, 'Not fetched', fetched.message);
  return fetched;
}
