import { Box } from '@mui/material';
import L from 'leaflet';
import { useEffect, useRef, type RefObject } from 'react';
import type { Point } from '#core/pin';
import { colour } from '../theme.ts';
import { drawLayers } from './mapLayers.ts';

const NUDGE_PIXELS = 1;

/** Something else on the map than the pin. */
export interface MapDot {
  readonly id: number;
  readonly point: Point;
  readonly name: string;
  /** Whether it is one of those in hand. */
  readonly isChosen: boolean;
}

interface PinMapProps {
  readonly point: Point | undefined;
  /** What the map shows at first, and when it is another. */
  readonly focus: Point | undefined;
  readonly onMove: (point: Point) => void;
  readonly dots?: readonly MapDot[];
  /** A dot was pointed at. */
  readonly onDot?: (id: number) => void;
}

const NO_DOTS: readonly MapDot[] = [];

/** A map of vector layers (land, towns, streets with house numbers) with a pin to drag, or to move by arrow keys. */
export function PinMap(props: PinMapProps) {
  const frame = usePinMap(props);
  return (
    <Box sx={{ position: 'relative', minHeight: 0 }}>
      <Box
        ref={frame}
        role="application"
        aria-label="Map with the pin. Arrow keys on the pin move it, with Shift by ten pixels."
        sx={mapLook}
      />
    </Box>
  );
}

const mapLook = {
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
} as const;

const makeMap = (frame: HTMLElement, start: Point | undefined): L.Map =>
  L.map(frame, {
    preferCanvas: true,
    attributionControl: false,
    zoomAnimation: false,
    fadeAnimation: false,
    markerZoomAnimation: false,
    maxZoom: 19,
    keyboard: true,
  }).setView(start ? [start.latitude, start.longitude] : [30, 0], start ? 16 : 2);

/** Keeps a map with its pin in the element that the reference it gives is put on. */
function usePinMap({
  point,
  focus,
  onMove,
  dots = NO_DOTS,
  onDot,
}: PinMapProps): RefObject<HTMLDivElement | null> {
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
    const made = makeMap(frame.current, start.current);
    map.current = made;
    const stop = drawLayers(made);
    made.on('click', ({ latlng }) => moved.current({ latitude: latlng.lat, longitude: latlng.lng }));
    const sizes = new ResizeObserver(() => made.invalidateSize({ animate: false }));
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
      pin.current = makePin(at, (next) => moved.current(next)).addTo(here);
    }
  }, [point]);
  useDots(map, dots, onDot);
  useFollowing(map, focus);
  return frame;
}

/** Draws dots, each with its name. */
function useDots(
  map: RefObject<L.Map | undefined>,
  dots: readonly MapDot[],
  onDot: ((id: number) => void) | undefined,
): void {
  const pointed = useRef(onDot);
  useEffect(() => {
    pointed.current = onDot;
  });
  useEffect(() => {
    const here = map.current;
    if (!here || dots.length === 0) return undefined;
    const layer = L.layerGroup(
      dots.map(({ id, point, name, isChosen }) =>
        L.circleMarker([point.latitude, point.longitude], {
          radius: isChosen ? 7 : 5,
          color: isChosen ? colour.plum : colour.dark,
          weight: isChosen ? 3 : 1,
          fillColor: '#fff',
          fillOpacity: 0.9,
        })
          .bindTooltip(textOf(name))
          .on('click', (event) => {
            L.DomEvent.stop(event);
            pointed.current?.(id);
          }),
      ),
    ).addTo(here);
    return () => void layer.remove();
  }, [map, dots]);
}

/** A name as text, never as HTML. */
function textOf(name: string): HTMLElement {
  const text = document.createElement('span');
  text.textContent = name;
  return text;
}

/** The view follows what is looked for, not the hand that drags. */
function useFollowing(map: RefObject<L.Map | undefined>, focus: Point | undefined): void {
  const latitude = focus?.latitude;
  const longitude = focus?.longitude;
  useEffect(() => {
    const here = map.current;
    if (!here || latitude === undefined || longitude === undefined) return;
    const inSight = here.getBounds().pad(-0.1).contains([latitude, longitude]);
    if (!inSight) here.setView([latitude, longitude], Math.max(here.getZoom(), 15), { animate: false });
  }, [map, latitude, longitude]);
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
