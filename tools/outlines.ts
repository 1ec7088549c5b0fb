/** `npm run outlines`: makes core/outline/cells.ts anew, the countries as the degrees of latitude and longitude they touch. */
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import countries from 'i18n-iso-countries/index.js';
import { feature } from 'topojson-client';
import * as z from 'zod';

type Ring = readonly (readonly [number, number])[];
const ringSchema = z.array(
  z
    .tuple([z.number(), z.number()])
    .rest(z.number())
    .transform(([x, y]) => [x, y] as const),
);
const geometrySchema = z.discriminatedUnion('type', [
  z.object({ type: z.literal('Polygon'), coordinates: z.array(ringSchema) }),
  z.object({ type: z.literal('MultiPolygon'), coordinates: z.array(z.array(ringSchema)) }),
]);
/** Samples of a cell on each side. */
const SAMPLES = 6;

function isInside([x, y]: readonly [number, number], ring: Ring): boolean {
  let inside = false;
  for (let at = 0, before = ring.length - 1; at < ring.length; before = at, at += 1) {
    const [one, other] = [ring[at], ring[before]];
    if (!one || !other) continue;
    if (
      one[1] > y !== other[1] > y &&
      x < ((other[0] - one[0]) * (y - one[1])) / (other[1] - one[1]) + one[0]
    )
      inside = !inside;
  }
  return inside;
}

/** The cells, "latitude longitude" of their south-western corners, that a polygon touches. */
function touched(ring: Ring, cells: Set<string>): void {
  const cell = (x: number, y: number): string => `${String(Math.floor(y))} ${String(Math.floor(x))}`;
  for (const [x, y] of ring) cells.add(cell(Math.min(x, 179.999), Math.min(y, 89.999)));
  const [xs, ys] = [ring.map(([x]) => x), ring.map(([, y]) => y)];
  for (let y = Math.floor(Math.min(...ys)); y <= Math.max(...ys); y += 1)
    for (let x = Math.floor(Math.min(...xs)); x <= Math.max(...xs); x += 1) {
      if (cells.has(cell(x, y))) continue;
      sampling: for (let down = 0; down < SAMPLES; down += 1)
        for (let right = 0; right < SAMPLES; right += 1)
          if (isInside([x + (right + 0.5) / SAMPLES, y + (down + 0.5) / SAMPLES], ring)) {
            cells.add(cell(x, y));
            break sampling;
          }
    }
}

/** "48:-125--120,..": for each degree of latitude the runs of degrees of longitude. */
function runsOf(cells: ReadonlySet<string>): string {
  const rows = new Map<number, number[]>();
  for (const one of cells) {
    const [y = 0, x = 0] = one.split(' ').map(Number);
    rows.set(y, [...(rows.get(y) ?? []), x]);
  }
  return [...rows]
    .sort(([a], [b]) => a - b)
    .map(([y, xs]) => {
      const runs: number[][] = [];
      for (const x of xs.sort((a, b) => a - b)) {
        const last = runs.at(-1);
        if (last && last[1] === x - 1) last[1] = x;
        else runs.push([x, x]);
      }
      return `${String(y)}:${runs.map(([from, until]) => (from === until ? String(from) : `${String(from)}_${String(until)}`)).join(',')}`;
    })
    .join(';');
}

const require = createRequire(import.meta.url);
const topology = JSON.parse(
  readFileSync(require.resolve('world-atlas/countries-50m.json'), 'utf8'),
) as Parameters<typeof feature>[0];
const object = topology.objects['countries'];
if (!object) throw new Error('The atlas has no countries.');
const collection = z
  .object({ features: z.array(z.object({ id: z.unknown().optional(), geometry: z.unknown().optional() })) })
  .parse(feature(topology, object));
const cells = new Map<string, Set<string>>();
for (const { id, geometry } of collection.features) {
  const code = typeof id === 'string' ? countries.numericToAlpha2(id) : undefined;
  const shape = geometrySchema.safeParse(geometry).data;
  if (!code || !shape) continue;
  const own = cells.get(code) ?? new Set<string>();
  cells.set(code, own);
  for (const [outer] of shape.type === 'Polygon' ? [shape.coordinates] : shape.coordinates)
    if (outer) touched(outer, own);
}
const lines = [...cells]
  .sort(([a], [b]) => (a < b ? -1 : 1))
  .map(([code, own]) => `  ${code}: '${runsOf(own)}',`);
writeFileSync(
  join(import.meta.dirname, '../core/outline/cells.ts'),
  `/** Made by \`npm run outlines\` from world-atlas (Natural Earth, 1:50m): do not edit. */\nexport const cells: Readonly<Record<string, string>> = {\n${lines.join('\n')}\n};\n`,
);
console.log(`${String(cells.size)} countries`);
