import { usualOutput, type BusinessRecord } from '#core/record';
import type { ItemChoices } from './item.ts';

/** What the record itself says of how its JSON-LD is written. */
export function jsonLdChoicesOf({ output }: BusinessRecord): ItemChoices {
  const { leftOut, hoursForm } = output ?? usualOutput;
  return { leftOut: leftOut.jsonld, hoursForm };
}
