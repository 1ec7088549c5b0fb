import { itemValue, linkValue, textOf, textValue, valuesOf, type ReadItem } from '#core/item';
import type { Entry } from './entries.ts';

/** Values that are a text, or an item with a name and an address. */
export function namedOf(item: ReadItem, property: string): readonly { name: string; url: string }[] {
  return valuesOf(item, property).flatMap((value) => {
    const entry =
      value.kind === 'text'
        ? { name: value.text.trim(), url: '' }
        : {
            name: textOf(value.item, 'name').trim(),
            url: (textOf(value.item, 'sameAs') || textOf(value.item, 'url')).trim(),
          };
    return entry.name || entry.url ? [entry] : [];
  });
}

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
