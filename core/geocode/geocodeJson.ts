import * as z from 'zod';
import type { Exactness } from '#core/pin';

/** What an address search answers (GeocodeJSON 0.1 on GeoJSON, RFC 7946: longitude first, degrees WGS-84). */
const hitSchema = z.object({
  type: z.literal('Feature'),
  geometry: z.object({ type: z.literal('Point'), coordinates: z.tuple([z.number(), z.number()]) }),
  properties: z.object({
    geocoding: z.looseObject({
      type: z.string(),
      label: z.string().default(''),
      name: z.string().optional(),
      /** Metres by which the point may be off. */
      accuracy: z.number().optional(),
      housenumber: z.string().optional(),
      street: z.string().optional(),
      postcode: z.string().optional(),
      city: z.string().optional(),
      state: z.string().optional(),
      /** ISO 3166-1 alpha-2 or a name. */
      country: z.string().optional(),
      /** An address that says which place is meant, such as GeoNames has. */
      reference: z.string().optional(),
    }),
  }),
});
export type Hit = z.infer<typeof hitSchema>;

export const hitsSchema = z.object({
  type: z.literal('FeatureCollection'),
  geocoding: z.looseObject({ version: z.string() }).optional(),
  features: z.array(hitSchema).max(100),
});
export type Hits = z.infer<typeof hitsSchema>;

/** How exact a hit of a GeocodeJSON type is. What is not known is taken for the coarsest. */
export function exactnessOf({ properties: { geocoding } }: Hit): Exactness {
  if (geocoding.type === 'house') return 'door';
  if (geocoding.type === 'street') return 'street';
  return geocoding.type === 'postcode' || (geocoding.type === 'locality' && geocoding.postcode)
    ? 'postcode'
    : 'town';
}

/** A hit as the search writes it. */
export function hit(
  type: 'house' | 'street' | 'postcode' | 'city',
  longitude: number,
  latitude: number,
  rest: { readonly label: string; readonly [part: string]: string | number },
): Hit {
  return {
    type: 'Feature',
    geometry: { type: 'Point', coordinates: [longitude, latitude] },
    properties: { geocoding: { type, ...rest } },
  };
}

export const hits = (features: readonly Hit[]): Hits => ({
  type: 'FeatureCollection',
  geocoding: { version: '0.1.0' },
  features: [...features],
});
