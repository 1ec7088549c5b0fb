import { factHead, withFact, type BusinessRecord, type Fact } from '#core/record';
import { emptyRecord } from '#core/record';

/** The record with the given facts set. What belongs to the same whole (hours, pin, address) and is not given is cleared. */
export function accept(
  record: BusinessRecord,
  values: readonly { readonly fact: Fact; readonly text: string }[],
): BusinessRecord {
  const heads = new Set(values.map(({ fact }) => factHead(fact)));
  const cleared = { ...record };
  for (const head of heads) Object.assign(cleared, { [head]: emptyRecord[head] });
  return values.reduce<BusinessRecord>((next, { fact, text }) => withFact(next, fact, text), cleared);
}
