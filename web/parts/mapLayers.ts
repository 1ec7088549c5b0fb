import L from 'leaflet';
import { feature } from 'topojson-client';
import statesAddress from 'us-atlas/states-10m.json?url';
import countriesAddress from 'world-atlas/countries-50m.json?url';
import * as z from 'zod';
import { linkTo } from '#contract';
import { colour } from '../theme.ts';

/** Zoom from which the streets of a town are drawn, and towns are named. */
const STREETS_FROM = 13;
const TOWNS_FROM = 5;

const collectionSchema = z.looseObject({
  features: z.array(
    z.looseObject({
      geometry: z.looseObject({ type: z.string() }),
      properties: z.looseObject({ kind: z.string(), name: z.string().optional() }),
    }),
  ),
});

/** Draws land once, and towns and streets anew for each view; returns what stops it. */
export function drawLayers(map: L.Map): () => void {
  const stopped = new AbortController();
  // Panes of their own keep the land below, whichever comes first from the network.
  const pane = (name: string, level: number): L.Canvas => {
    map.createPane(name).style.zIndex = String(level);
    return L.canvas({ pane: name });
  };
  const onLand = pane('land', 200);
  const onTop = pane('streets', 300);
  const land = L.geoJSON(undefined, {
    interactive: false,
    pane: 'land',
    style: {
      renderer: onLand,
      fillColor: '#f4f2ec',
      fillOpacity: 1,
      color: colour.line,
      weight: 1,
    } as L.PathOptions,
  }).addTo(map);
  const near = L.geoJSON(undefined, {
    interactive: false,
    pane: 'streets',
    style: (one) => ({ ...areaStyle(kindOf(one)), renderer: onTop }),
  }).addTo(map);
  const names = L.layerGroup().addTo(map);
  void drawLand(land, stopped.signal);
  let latest = 0;
  const draw = async (): Promise<void> => {
    const ticket = (latest += 1);
    const zoom = map.getZoom();
    const bounds = map.getBounds().pad(0.2);
    const box = [bounds.getWest(), bounds.getSouth(), bounds.getEast(), bounds.getNorth()]
      .map((degrees) => Math.max(-180, Math.min(180, degrees)).toFixed(5))
      .join(',');
    const streets = zoom >= STREETS_FROM ? await ask('streets', box, stopped.signal) : undefined;
    const towns = zoom >= TOWNS_FROM && zoom < 15 ? await ask('towns', box, stopped.signal) : undefined;
    if (ticket !== latest || stopped.signal.aborted) return;
    near.clearLayers();
    names.clearLayers();
    if (streets) {
      near.addData(streets as unknown as GeoJSON.FeatureCollection);
      if (zoom >= 15) nameStreets(streets, names, zoom);
    }
    if (towns) nameTowns(towns, names);
  };
  const redraw = (): void => void draw();
  map.on('moveend', redraw);
  redraw();
  return () => {
    stopped.abort();
    map.off('moveend', redraw);
  };
}

async function drawLand(layer: L.GeoJSON, signal: AbortSignal): Promise<void> {
  for (const [address, key] of [
    [countriesAddress, 'countries'],
    [statesAddress, 'states'],
  ] as const) {
    const topology = (await read(address, signal)) as Parameters<typeof feature>[0] | undefined;
    const object = topology?.objects[key];
    if (topology && object) layer.addData(feature(topology, object));
  }
}

async function read(address: string, signal: AbortSignal): Promise<unknown> {
  try {
    const response = await fetch(address, { signal });
    return response.ok ? await response.json() : undefined;
  } catch {
    return undefined; // a map without this layer still holds the pin
  }
}

type Drawn = z.infer<typeof collectionSchema>;

const ask = async (
  layer: 'towns' | 'streets',
  bbox: string,
  signal: AbortSignal,
): Promise<Drawn | undefined> =>
  collectionSchema.safeParse(await read(linkTo('mapLayer', { layer }, { bbox }), signal)).data;

const kindOf = (feature: GeoJSON.Feature<GeoJSON.Geometry, unknown> | undefined): string => {
  const { data } = z.looseObject({ kind: z.string() }).safeParse(feature?.properties);
  return data?.kind ?? '';
};

function areaStyle(kind: string): L.PathOptions {
  if (kind === 'water') return { fillColor: '#d6dde0', fillOpacity: 1, color: '#b3bfc4', weight: 1 };
  if (kind === 'park') return { fillColor: '#dfe6d6', fillOpacity: 1, stroke: false };
  if (kind === 'pier') return { fillColor: '#c9bfae', fillOpacity: 1, stroke: false };
  return { color: '#8d979c', weight: 4, opacity: 1, lineCap: 'round' };
}

const pairsSchema = z.array(z.tuple([z.number(), z.number()])).min(2);
const numbersSchema = z.looseObject({
  left: z.object({ from: z.number(), to: z.number() }),
  right: z.object({ from: z.number(), to: z.number() }),
});

/** Street names at a third of their lines, where fewer of them cross, and from close by the house numbers at their ends. */
function nameStreets({ features }: Drawn, names: L.LayerGroup, zoom: number): void {
  const seen = new Set<string>();
  for (const { geometry, properties } of features) {
    const line = pairsSchema.safeParse(geometry['coordinates']).data;
    if (properties.kind !== 'street' || !line || !properties.name) continue;
    const [first, last] = [line[0], line.at(-1)];
    const middle = line[Math.floor(line.length / 2)];
    if (!first || !last || !middle) continue;
    const at: L.LatLngTuple =
      line.length === 2
        ? [first[1] + (last[1] - first[1]) * 0.35, first[0] + (last[0] - first[0]) * 0.35]
        : [middle[1], middle[0]];
    if (!seen.has(properties.name)) names.addLayer(nameAt(at, properties.name));
    seen.add(properties.name);
    const numbers = numbersSchema.safeParse(properties).data;
    if (zoom >= 17 && numbers) {
      names.addLayer(
        nameAt([first[1], first[0]], `${String(numbers.left.from)}/${String(numbers.right.from)}`),
      );
      names.addLayer(nameAt([last[1], last[0]], `${String(numbers.left.to)}/${String(numbers.right.to)}`));
    }
  }
}

function nameTowns({ features }: Drawn, names: L.LayerGroup): void {
  for (const { geometry, properties } of features.slice(0, 40)) {
    const at = z.tuple([z.number(), z.number()]).safeParse(geometry['coordinates']).data;
    if (!at || !properties.name) continue;
    names.addLayer(
      L.circleMarker([at[1], at[0]], {
        radius: 2.5,
        color: colour.dark,
        fillColor: colour.dark,
        fillOpacity: 1,
        interactive: false,
      }),
    );
    names.addLayer(nameAt([at[1], at[0]], properties.name));
  }
}

/** A name on the map; as text, never as HTML. */
function nameAt(at: L.LatLngTuple, name: string): L.Tooltip {
  const text = document.createElement('span');
  text.textContent = name;
  return L.tooltip({ permanent: true, direction: 'center', className: 'map-name', interactive: false })
    .setLatLng(at)
    .setContent(text);
}
