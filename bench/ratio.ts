/** The middle of several timings of a piece of work, in milliseconds. */
export async function median(times: number, work: () => unknown): Promise<number> {
  const taken: number[] = [];
  for (let round = 0; round < times; round += 1) {
    const begun = performance.now();
    await work();
    taken.push(performance.now() - begun);
  }
  return taken.sort((a, b) => a - b)[Math.floor(times / 2)] ?? 0;
}

export interface Figure {
  readonly what: string;
  readonly value: number;
  readonly unit: 'ms' | '×' | 'KB' | '%' | '/s';
  /** At most this, or at least; undefined for a figure that is only told. */
  readonly target: number | undefined;
  readonly atLeast?: boolean;
}

export function tell({ what, value, unit, target, atLeast = false }: Figure): string {
  const shown = `${value < 10 ? value.toFixed(2) : value.toFixed(1)} ${unit}`.padStart(10);
  if (target === undefined) return `told    ${shown}  (no target)  ${what}`;
  const met = atLeast ? value >= target : value <= target;
  return `${met ? 'met   ' : 'MISSED'}  ${shown}  (target at ${atLeast ? 'least' : 'most'} ${String(target)} ${unit})  ${what}`;
}
