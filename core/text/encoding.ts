/** Bytes of a page or file as text, with how they were read. */
export interface DecodedText {
  readonly text: string;
  /** The encoding's name in lower case (Encoding Standard, 4.2 "Names and labels"). */
  readonly encoding: string;
  /** Length of the byte order mark in bytes, 0 where there is none. The mark is not part of `text`. */
  readonly bom: number;
  /** Whether some bytes were not valid in this encoding and read as U+FFFD. */
  readonly damaged: boolean;
}

const PRESCAN_BYTES = 1024;

/**
 * Reads bytes as a browser would: byte order mark, then the encoding named in the first 1024 bytes
 * (HTML Living Standard, 13.2.3.2 "Determining the character encoding"), then UTF-8 where the bytes are
 * valid UTF-8, then windows-1252. Unknown names are passed over. Never fails.
 */
export function decodeText(bytes: Uint8Array): DecodedText {
  const bom = byteOrderMark(bytes);
  if (bom) return { ...decodeAs(bytes.subarray(bom.length), bom.encoding), bom: bom.length };
  const named = namedEncoding(bytes);
  if (named) return { ...decodeAs(bytes, named), bom: 0 };
  const utf8 = decodeAs(bytes, 'utf-8');
  return { ...(utf8.damaged ? decodeAs(bytes, 'windows-1252') : utf8), bom: 0 };
}

function byteOrderMark(bytes: Uint8Array): { encoding: string; length: number } | undefined {
  if (bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf) return { encoding: 'utf-8', length: 3 };
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return { encoding: 'utf-16be', length: 2 };
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return { encoding: 'utf-16le', length: 2 };
  return undefined;
}

function namedEncoding(bytes: Uint8Array): string | undefined {
  const head = binaryText(bytes.subarray(0, PRESCAN_BYTES)).replace(/<!--[\s\S]*?-->/g, '');
  const label = /<meta\b[^>]*?\bcharset\s*=\s*["']?\s*([\w:.-]+)/i.exec(head)?.[1];
  if (!label) return undefined;
  try {
    const { encoding } = new TextDecoder(label);
    return encoding.startsWith('utf-16') ? 'utf-8' : encoding;
  } catch {
    return undefined; // a label the Encoding Standard does not know: as if none had been given
  }
}

function decodeAs(bytes: Uint8Array, encoding: string): Omit<DecodedText, 'bom'> {
  try {
    return {
      text: new TextDecoder(encoding, { fatal: true, ignoreBOM: true }).decode(bytes),
      encoding,
      damaged: false,
    };
  } catch {
    return { text: new TextDecoder(encoding, { ignoreBOM: true }).decode(bytes), encoding, damaged: true };
  }
}

/** Every byte as the character of the same number (ISO-8859-1 proper), so that offsets are byte offsets. */
export function binaryText(bytes: Uint8Array): string {
  const parts: string[] = [];
  for (let at = 0; at < bytes.length; at += 8192) {
    parts.push(String.fromCharCode(...bytes.subarray(at, at + 8192)));
  }
  return parts.join('');
}

/** The inverse of `binaryText`. Characters above U+00FF are cut to their lower byte. */
export function binaryBytes(text: string): Uint8Array {
  const bytes = new Uint8Array(text.length);
  for (let at = 0; at < text.length; at += 1) bytes[at] = text.charCodeAt(at) & 0xff;
  return bytes;
}
