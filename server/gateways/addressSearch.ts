import { hitsSchema, type Hits } from '#core/geocode';

/** An address search that speaks GeocodeJSON over HTTP. Which one it is, is a setting. */
export interface AddressSearch {
  readonly search: (words: string, country: string) => Promise<Hits | undefined>;
  /** What a map draws within a box "west,south,east,north": GeoJSON; undefined where the provider has none. */
  readonly draw: (layer: 'towns' | 'streets', box: string) => Promise<unknown>;
}

const TIMEOUT_MS = 5000;

/** The provider at an address from the settings; undefined answers mean it did not answer as it should. */
export function addressSearchAt(address: string): AddressSearch {
  const ask = async (path: string, query: Record<string, string>): Promise<unknown> => {
    const url = new URL(path, address.endsWith('/') ? address : `${address}/`);
    for (const [name, value] of Object.entries(query)) if (value) url.searchParams.set(name, value);
    try {
      const response = await fetch(url, { signal: AbortSignal.timeout(TIMEOUT_MS) });
      return response.ok ? await response.json() : undefined;
    } catch {
      return undefined; // whoever asks says so in words
    }
  };
  const hits = async (path: string, query: Record<string, string>): Promise<Hits | undefined> =>
    hitsSchema.safeParse(await ask(path, query)).data;
  return {
    search: (words, country) => hits('search', { q: words, country, limit: '10' }),
    draw: (layer, box) => ask(layer, { bbox: box }),
  };
}
