import { asciiHtml, type Edit } from '#core/text';
import { decodeText, type DecodedText } from './decode.ts';

/** What a page's encoding can hold: `ascii` means that everything else is written as character references. */
export const carriedBy = (encoding: string): 'unicode' | 'ascii' =>
  encoding === 'utf-8' || encoding.startsWith('utf-16') ? 'unicode' : 'ascii';

/**
 * Does edits of a page's text on its bytes, so that every byte outside of them stays as it is, whatever the encoding,
 * damaged bytes included. Inserted HTML is written in the page's encoding, or in ASCII with character references.
 */
export function editBytes(bytes: Uint8Array, edits: readonly Edit[], contentType = ''): Uint8Array {
  const decoded = decodeText(bytes, contentType);
  const offsets = byteOffsets(bytes, decoded, [...new Set(edits.flatMap(({ start, end }) => [start, end]))]);
  const at = (offset: number): number => offsets.get(offset) ?? bytes.length;
  const ordered = edits.toSorted((a, b) => a.start - b.start || a.end - b.end);
  const parts: Uint8Array[] = [];
  let done = 0;
  for (const { start, end, text } of ordered) {
    if (at(start) < done) continue;
    parts.push(bytes.subarray(done, at(start)), bytesOf(text, decoded.encoding));
    done = at(end);
  }
  parts.push(bytes.subarray(done));
  return joined(parts);
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

function bytesOf(html: string, encoding: string): Uint8Array {
  if (encoding === 'utf-8') return new TextEncoder().encode(html);
  if (!encoding.startsWith('utf-16')) return new TextEncoder().encode(asciiHtml(html));
  const bytes = new Uint8Array(html.length * 2);
  const view = new DataView(bytes.buffer);
  for (let at = 0; at < html.length; at += 1)
    view.setUint16(at * 2, html.charCodeAt(at), encoding === 'utf-16le');
  return bytes;
}

/** For offsets of the text (UTF-16 code units, without byte order mark) those in the bytes. */
function byteOffsets(
  bytes: Uint8Array,
  { text, encoding, bom, damaged }: DecodedText,
  wanted: readonly number[],
): ReadonlyMap<number, number> {
  if (encoding.startsWith('utf-16')) return new Map(wanted.map((offset) => [offset, bom + offset * 2]));
  if (encoding === 'utf-8' && !damaged) return inUtf8(text, bom, wanted);
  if (text.length === bytes.length - bom) return new Map(wanted.map((offset) => [offset, bom + offset]));
  return byteByByte(bytes, encoding, bom, wanted);
}

function inUtf8(text: string, bom: number, wanted: readonly number[]): ReadonlyMap<number, number> {
  const found = new Map<number, number>();
  let [at, length] = [0, bom];
  for (const offset of wanted.toSorted((a, b) => a - b)) {
    length += new TextEncoder().encode(text.slice(at, offset)).length;
    found.set(offset, length);
    at = offset;
  }
  return found;
}

/** Decodes one byte after the other, and notes where each character begins. */
function byteByByte(
  bytes: Uint8Array,
  encoding: string,
  bom: number,
  wanted: readonly number[],
): ReadonlyMap<number, number> {
  const decoder = new TextDecoder(encoding, { ignoreBOM: true });
  const asked = new Set(wanted);
  const found = new Map<number, number>();
  let [length, begin] = [0, bom];
  for (let at = bom; at < bytes.length; at += 1) {
    if (asked.has(length)) found.set(length, begin);
    const said = decoder.decode(bytes.subarray(at, at + 1), { stream: true });
    if (said === '') continue;
    // A byte that breaks off the character before it is a character of its own.
    const isBroken = said.length > 1 && said.startsWith('\uFFFD');
    if (isBroken && asked.has(length + 1)) found.set(length + 1, at);
    length += said.length;
    begin = at + 1;
  }
  if (asked.has(length)) found.set(length, bytes.length);
  return found;
}
