import { isLink } from '#core/link';
import { factLabel, isFact, knownFacts } from './fact.ts';
import type { Fact } from './facts.ts';
import type { BusinessRecord } from './record.ts';

/** An address of the record that no visitor may be led by. */
export interface RefusedAddress {
  readonly fact: Fact;
  readonly address: string;
}

/** The addresses of a record that may not become links (see `isLink`): script, content and the like. */
export function refusedAddresses(record: BusinessRecord): readonly RefusedAddress[] {
  const refused: RefusedAddress[] = [];
  for (const { key, withLinks } of knownFacts)
    withLinks(record, (address, part) => {
      const named = `${key}.${part}`;
      const fact = isFact(named) ? named : key;
      if (address.trim() && !isLink(address) && isFact(fact)) refused.push({ fact, address });
      return address;
    });
  return refused;
}

/** The record without them, for whatever comes from elsewhere: entries keep what else they say, lists lose the address. */
export function withoutRefused(record: BusinessRecord): BusinessRecord {
  if (refusedAddresses(record).length === 0) return record;
  return knownFacts.reduce(
    (kept, { withLinks }) => withLinks(kept, (address) => (isLink(address) ? address : '')),
    record,
  );
}

/** Why a record is not placed, in words; '' where nothing stands against it. */
export function refusalOfAddresses(record: BusinessRecord): string {
  const [first] = refusedAddresses(record);
  if (!first) return '';
  const shown = first.address.trim().slice(0, 60);
  return `${factLabel(first.fact)} is “${shown}”, which no visitor may be led by: only web addresses, telephone numbers, mail, text messages and map points become links. Mend the record first; nothing was placed.`;
}
