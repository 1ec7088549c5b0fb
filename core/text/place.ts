import * as z from 'zod';

/** A stretch of a source: offsets in UTF-16 code units, end exclusive; line and column of the start, from 1. */
export const placeSchema = z.object({
  start: z.number().int().nonnegative(),
  end: z.number().int().nonnegative(),
  line: z.number().int().positive(),
  column: z.number().int().positive(),
});
export type Place = Readonly<z.infer<typeof placeSchema>>;

/** Turns offsets of one source into places. Lines end with LF, CR LF or CR. */
export class Lines {
  readonly #starts: number[] = [0];
  readonly #length: number;

  constructor(source: string) {
    this.#length = source.length;
    if (source.includes('\r')) {
      for (const { index, 0: end } of source.matchAll(/\r\n|\n|\r/g)) this.#starts.push(index + end.length);
    } else {
      for (let at = source.indexOf('\n'); at >= 0; at = source.indexOf('\n', at + 1))
        this.#starts.push(at + 1);
    }
  }

  /** The place from `start` to `end`; both are kept inside the source. */
  place(start: number, end: number): Place {
    const from = Math.max(0, Math.min(start, this.#length));
    const to = Math.max(from, Math.min(end, this.#length));
    let low = 0;
    let high = this.#starts.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if ((this.#starts[middle] ?? 0) <= from) low = middle;
      else high = middle - 1;
    }
    return { start: from, end: to, line: low + 1, column: from - (this.#starts[low] ?? 0) + 1 };
  }
}
