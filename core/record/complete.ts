import type { Wanted } from './descriptor.ts';
import type { Fact } from './facts.ts';
import { knownFacts, wantedOf } from './fact.ts';
import type { BusinessRecord } from './record.ts';

export interface Completeness {
  /** Per cent of what the guidelines want, required facts counting three times. */
  readonly percent: number;
  /** What is wanted and not set, what would help most first. */
  readonly lacking: readonly { readonly fact: Fact; readonly label: string; readonly wanted: Wanted }[];
}

const WEIGHTS = { required: 3, recommended: 1, optional: 0 } as const;

/** How complete a record is, and what is missing. Hours, pin and address count once each. */
export function completeness(record: BusinessRecord): Completeness {
  const lacking: { fact: Fact; label: string; wanted: Wanted }[] = [];
  let [got, all] = [0, 0];
  for (const { rows, label, isSet } of knownFacts) {
    const row = rows.find((one) => wantedOf(one, record) !== 'optional');
    if (!row) continue;
    const wanted = wantedOf(row, record);
    all += WEIGHTS[wanted];
    if (isSet(record)) got += WEIGHTS[wanted];
    else lacking.push({ fact: row.fact, label, wanted });
  }
  lacking.sort((a, b) => WEIGHTS[b.wanted] - WEIGHTS[a.wanted]);
  return { percent: Math.round((100 * got) / all), lacking };
}
