import type { OutputForm } from '#core/markup';
import { binaryBytes, binaryText, decodeText } from '#core/text';
import type { Placement } from './placements.ts';
import { place, remove } from './placing.ts';

export type BytesResult =
  { readonly ok: true; readonly bytes: Uint8Array } | { readonly ok: false; readonly message: string };

/**
 * Places markup on a page as it lies on disk. Every byte that is not placed or replaced stays, whatever the
 * page's encoding: text the encoding cannot carry is written as escapes. `without` are elements, by their number on
 * the page, that go.
 */
export function placeInBytes(
  bytes: Uint8Array,
  form: OutputForm,
  markup: string,
  at?: Placement,
  without: readonly number[] = [],
): BytesResult {
  const { encoding } = decodeText(bytes);
  if (encoding.startsWith('utf-16')) {
    const result = place(readUtf16(bytes, encoding), form, markup, at, 'unicode', without);
    return result.ok ? { ok: true, bytes: writeUtf16(result.source, encoding) } : result;
  }
  // One character a byte: offsets are byte offsets, and what is not touched goes through unchanged.
  const carried = encoding === 'utf-8' ? binaryText(new TextEncoder().encode(markup)) : markup;
  const carries = encoding === 'utf-8' ? 'unicode' : 'ascii';
  const result = place(binaryText(bytes), form, carried, at, carries, without);
  return result.ok ? { ok: true, bytes: binaryBytes(result.source) } : result;
}

/** The page without what was placed, byte for byte as it was before. */
export function removeFromBytes(bytes: Uint8Array, form?: OutputForm): Uint8Array {
  const { encoding } = decodeText(bytes);
  if (encoding.startsWith('utf-16')) return writeUtf16(remove(readUtf16(bytes, encoding), form), encoding);
  return binaryBytes(remove(binaryText(bytes), form));
}

/** UTF-16 with its byte order mark as the first character, lone surrogates kept. An odd last byte is lost. */
function readUtf16(bytes: Uint8Array, encoding: string): string {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let text = '';
  for (let at = 0; at + 1 < bytes.length; at += 2)
    text += String.fromCharCode(view.getUint16(at, encoding === 'utf-16le'));
  return text;
}

function writeUtf16(text: string, encoding: string): Uint8Array {
  const bytes = new Uint8Array(text.length * 2);
  const view = new DataView(bytes.buffer);
  for (let at = 0; at < text.length; at += 1)
    view.setUint16(at * 2, text.charCodeAt(at), encoding === 'utf-16le');
  return bytes;
}
