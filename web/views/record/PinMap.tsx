import { Box } from '@mui/material';
import L from 'leaflet';
import { useEffect, useRef } from 'react';
import { feature } from 'topojson-client';
import statesAddress from 'us-atlas/states-10m.json?url';
import countriesAddress from 'world-atlas/countries-50m.json?url';
import * as z from 'zod';
import { linkTo } from '#contract';
import type { Point } from '#core/pin';
import { colour } from '../../theme.ts';

/** Zoom from which the streets of a town are drawn, and towns are named. */
const STREETS_FROM = 13;
const TOWNS_FROM = 5;
const NUDGE_PIXELS = 1;

const collectionSchema = z.looseObject({
  features: z.array(
    z.looseObject({
      geometry: z.looseObject({ type: z.string() }),
      properties: z.looseObject({ kind: z.string(), name: z.string().optional() }),
    }),
  ),
});

/** A map of vector layers (land, towns, streets with house numbers) with a pin to drag, or to move by arrow keys. */
export function PinMap({
  point,
  focus,
  onMove,
}: {
  point: Point | undefined;
  focus: Point | undefined;
  onMove: (point: Point) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const map = useRef<L.Map>(undefined);
  const pin = useRef<L.Marker>(undefined);
  const moved = useRef(onMove);
  useEffect(() => {
    moved.current = onMove;
  });
  const start = useRef(focus);

  useEffect(() => {
    if (!frame.current) return undefined;
    const made = L.map(frame.current, {
      preferCanvas: true,
      attributionControl: false,
      zoomAnimation: false,
      fadeAnimation: false,
      markerZoomAnimation: false,
      maxZoom: 19,
      keyboard: true,
    });
    made.setView(
      start.current ? [start.current.latitude, start.current.longitude] : [30, 0],
      start.current ? 16 : 2,
    );
    map.current = made;
    const stop = drawLayers(made);
    made.on('click', ({ latlng }) => {
      moved.current({ latitude: latlng.lat, longitude: latlng.lng });
    });
    const sizes = new ResizeObserver(() => {
      made.invalidateSize({ animate: false });
    });
    sizes.observe(frame.current);
    return () => {
      sizes.disconnect();
      stop();
      made.remove();
      map.current = undefined;
      pin.current = undefined;
    };
  }, []);

  useEffect(() => {
    const here = map.current;
    if (!here) return;
    if (!point) {
      pin.current?.remove();
      pin.current = undefined;
      return;
    }
    const at: L.LatLngTuple = [point.latitude, point.longitude];
    if (pin.current) pin.current.setLatLng(at);
    else {
      pin.current = makePin(at, (next) => {
        moved.current(next);
      }).addTo(here);
    }
  }, [point]);

  // The view follows what is looked for, not the hand that drags.
  const latitude = focus?.latitude;
  const longitude = focus?.longitude;
  useEffect(() => {
    const here = map.current;
    if (!here || latitude === undefined || longitude === undefined) return;
    const inSight = here.getBounds().pad(-0.1).contains([latitude, longitude]);
    if (!inSight) here.setView([latitude, longitude], Math.max(here.getZoom(), 15), { animate: false });
  }, [latitude, longitude]);

  return (
    <Box sx={{ position: 'relative', minHeight: 0 }}>
      <Box
        ref={frame}
        role="application"
        aria-label="Map with the pin. Arrow keys on the pin move it, with Shift by ten pixels."
        sx={{
          position: 'absolute',
          inset: 0,
          backgroundColor: '#d6dde0',
          font: 'inherit',
          '& .leaflet-control-zoom a': {
            color: colour.ink,
            borderRadius: '3px',
            lineHeight: '24px',
            width: 24,
            height: 24,
          },
          '& .leaflet-bar': { border: `1px solid ${colour.middle}`, boxShadow: 'none', borderRadius: '3px' },
          '& .map-name': {
            fontSize: 11.5,
            color: colour.dark,
            whiteSpace: 'nowrap',
            textShadow: '0 0 2px #fff, 0 0 2px #fff',
            background: 'none',
            border: 0,
            boxShadow: 'none',
            p: 0,
            '&::before': { display: 'none' },
          },
          '& .map-pin:focus-visible': { outline: `3px solid ${colour.plum}` },
        }}
      />
    </Box>
  );
}

/** The pin: a plumb bob whose tip is the place. */
function makePin(at: L.LatLngTuple, onMove: (point: Point) => void): L.Marker {
  const icon = L.divIcon({
    className: 'map-pin',
    iconSize: [22, 34],
    iconAnchor: [11, 34],
    html: `<svg width="22" height="34" viewBox="0 0 22 34" aria-hidden="true"><path d="M11 34 2 12 5 3h12l3 9z" fill="${colour.plum}" stroke="#fff" stroke-width="1.5"/><path d="M5 12h12" stroke="#fff" stroke-width="1.5"/></svg>`,
  });
  const marker = L.marker(at, {
    icon,
    draggable: true,
    autoPan: true,
    keyboard: true,
    title: 'The pin',
    alt: 'The pin',
  });
  const tell = (): void => {
    const { lat, lng } = marker.getLatLng();
    onMove({ latitude: lat, longitude: lng });
  };
  marker.on('dragend', tell);
  marker.on('add', () => {
    marker.getElement()?.addEventListener('keydown', (event) => {
      const step = NUDGE_PIXELS * (event.shiftKey ? 10 : 1);
      const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
        event.key
      ];
      const here = (marker as unknown as { _map?: L.Map })._map;
      if (!by || !here) return;
      event.preventDefault();
      event.stopPropagation();
      const pixel = here.latLngToContainerPoint(marker.getLatLng()).add(L.point(by[0] ?? 0, by[1] ?? 0));
      marker.setLatLng(here.containerPointToLatLng(pixel));
      tell();
    });
  });
  return marker;
}

/** Draws land once, and towns and streets anew for each view; returns what stops it. */
function drawLayers(map: L.Map): () => void {
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
