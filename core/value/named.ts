import { itemValue, linkValue, textValue } from '#core/item';
import type { Entry } from './entries.ts';

/** A thing with its name, and the address that says which is meant. */
export const namedItem = (
  type: string,
  { name, url: address }: Entry<'name' | 'url'>,
  facts: readonly string[],
) =>
  itemValue(
    type,
    [
      ['name', [textValue(name)]],
      ['sameAs', [linkValue(address)]],
    ],
    facts,
  );
