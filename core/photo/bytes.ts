/** Several stretches of bytes as one. */
export function concat(parts: readonly Uint8Array[]): Uint8Array {
  const bytes = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    bytes.set(part, at);
    at += part.length;
  }
  return bytes;
}

/** Bytes as the characters of the same numbers (Latin-1): names of chunks and keywords. */
export const latin1 = (bytes: Uint8Array): string => String.fromCharCode(...bytes);

/** Whether bytes begin with the characters of a text. */
export function startsWith(bytes: Uint8Array, text: string, from = 0): boolean {
  for (let at = 0; at < text.length; at += 1) if (bytes[from + at] !== text.charCodeAt(at)) return false;
  return bytes.length >= from + text.length;
}
