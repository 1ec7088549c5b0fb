import { isSubtype } from '#core/vocabulary';
import { factHead, factRows, factText, isSet, type Fact, type FactRow, type Wanted } from './fact.ts';
import type { BusinessRecord } from './record.ts';

/** How much the guidelines want a fact of this record: some facts are wanted of certain types only. */
export function wantedOf(row: FactRow, record: BusinessRecord): Wanted {
  const { of } = row;
  return of && !record.types.some((type) => isSubtype(type, of)) ? 'optional' : row.wanted;
}

export interface Completeness {
  /** Per cent of what the guidelines want, required facts counting three times. */
  readonly percent: number;
  /** What is wanted and not set, what would help most first. */
  readonly lacking: readonly { readonly fact: Fact; readonly label: string; readonly wanted: Wanted }[];
}

/** Facts that count as one, with the name of the whole. */
const wholes: Partial<Record<string, string>> = { hours: 'Hours', pin: 'Coordinates', address: 'Address' };

/** How complete a record is, and what is missing. Hours, pin and address count once each. */
export function completeness(record: BusinessRecord): Completeness {
  const weights = { required: 3, recommended: 1, optional: 0 } as const;
  const seen = new Set<string>();
  const lacking: { fact: Fact; label: string; wanted: Wanted }[] = [];
  let [got, all] = [0, 0];
  for (const row of factRows) {
    const wanted = wantedOf(row, record);
    const head = factHead(row.fact);
    if (wanted === 'optional' || seen.has(head)) continue;
    seen.add(head);
    all += weights[wanted];
    if (wholes[head] ? isSet(record, head) : factText(record, row.fact).trim()) got += weights[wanted];
    else lacking.push({ fact: row.fact, label: wholes[head] ?? row.label, wanted });
  }
  const order: readonly Wanted[] = ['required', 'recommended'];
  lacking.sort((a, b) => order.indexOf(a.wanted) - order.indexOf(b.wanted));
  return { percent: Math.round((100 * got) / all), lacking };
}
