import type { ReadProperty } from '#core/item';
import type { Edit } from '#core/text';

/**
 * Puts what machines should read apart from what an element shows: its `itemprop` or `property` goes, and `write`
 * gives its new content from the HTML that it shows. None where the text is no plain text of that one property.
 */
export function apartFromShown(
  { name, value, place: { start } }: ReadProperty,
  source: string,
  write: (html: string) => string,
): readonly Edit[] {
  if (value.kind !== 'text' || value.holder !== 'text') return [];
  const { start: from, end } = value.place;
  const attribute = new RegExp(`\\s+(?:itemprop|property)\\s*=\\s*(["']?)${name}\\1(?=[\\s>/])`, 'i');
  const found = attribute.exec(source.slice(start, from));
  const html = source.slice(from, end);
  if (!found || html.includes('<')) return [];
  const at = start + found.index;
  return [
    { start: at, end: at + found[0].length, text: '' },
    { start: from, end, text: write(html) },
  ];
}
