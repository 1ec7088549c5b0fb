import { decodeHTML } from 'entities';
import type { HtmlText } from './document.ts';

/** What becomes one piece of text: a character reference, a line end, a tag or comment that leaves none, a character. */
const UNIT =
  /&(?:#[xX][0-9a-fA-F]+|#[0-9]+|[A-Za-z][A-Za-z0-9]*);?|\r\n?|<!--[\s\S]*?-->|<[A-Za-z!/?][^>]*>|[\s\S]/g;

/**
 * For each character of a text its offset in the source, and behind the last one the offset where it ends; undefined
 * where the text does not stand in the source as one stretch.
 */
export function textOffsets(source: string, { text, start, end }: HtmlText): Uint32Array | undefined {
  const offsets = new Uint32Array(text.length + 1);
  offsets[text.length] = end;
  if (end - start === text.length) {
    for (let at = 0; at < text.length; at += 1) offsets[at] = start + at;
    return offsets;
  }
  let length = 0;
  for (const { 0: unit, index } of source.slice(start, end).matchAll(UNIT)) {
    const said = saidBy(unit);
    if (!text.startsWith(said, length)) return undefined;
    offsets.fill(start + index, length, length + said.length);
    length += said.length;
  }
  return length === text.length ? offsets : undefined;
}

function saidBy(unit: string): string {
  if (unit.length === 1) return unit === '\r' ? '\n' : unit;
  if (unit.startsWith('&')) return decodeHTML(unit);
  return unit.startsWith('\r') ? '\n' : '';
}
