const { imul } = Math;

/**
 * A short digest of a text, eight hexadecimal digits: FNV-1a of 32 bits (draft-eastlake-fnv) over its UTF-16 code units.
 * It tells that a text is another one; it keeps nobody from making one on purpose.
 */
export function shortDigest(text: string): string {
  let hash = 0x811c9dc5;
  for (let at = 0; at < text.length; at += 1) {
    hash ^= text.charCodeAt(at);
    hash = imul(hash, 0x01000193);
  }
  return (hash >>> 0).toString(16).padStart(8, '0');
}
