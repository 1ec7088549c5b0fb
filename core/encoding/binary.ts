/** What files that are no text begin with (WHATWG MIME Sniffing, 6 and 7; RFC 1952 for gzip). */
const BEGINNINGS: readonly (readonly [beginning: string, what: string])[] = [
  ['\xff\xd8\xff', 'a JPEG picture'],
  ['\x89PNG', 'a PNG picture'],
  ['GIF8', 'a GIF picture'],
  ['RIFF', 'a picture or a recording'],
  ['%PDF-', 'a PDF document'],
  ['PK\x03\x04', 'a zip archive or a document of an office program'],
  ['\x1f\x8b', 'packed with gzip'],
];
/** Bytes that are looked at, and how many of them may be zero in a page that was damaged. */
const LOOKED_AT = 4096;
const MOST_ZEROS = 8;

/** What a file is that is no text, in words behind "is": "a JPEG picture"; '' for a text in any encoding. */
export function noText(bytes: Uint8Array): string {
  const begins = (text: string): boolean =>
    Array.from(text).every((sign, at) => bytes[at] === sign.charCodeAt(0));
  const known = BEGINNINGS.find(([beginning]) => begins(beginning));
  if (known) return known[1];
  // A byte order mark says UTF-16, in which half of the bytes are zero.
  if (begins('\xff\xfe') || begins('\xfe\xff')) return '';
  const zeros = bytes.subarray(0, LOOKED_AT).filter((byte) => byte === 0).length;
  if (zeros <= MOST_ZEROS) return '';
  return begins('<\0') || begins('\0<')
    ? 'in UTF-16 without a byte order mark, which no browser reads'
    : 'no text but other data';
}
