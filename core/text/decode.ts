import { binaryText, decodeBytes } from './encoding.ts';
import { guessPageEncoding } from './guess.ts';

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
 * Reads bytes as a browser would: byte order mark, then the encoding of `contentType` (the header of a page that
 * was fetched), then the one named in the first 1024 bytes
 * (HTML Living Standard, 13.2.3.2 "Determining the character encoding"), then UTF-8 where the bytes are
 * valid UTF-8, then the likeliest by its language and letters (`guessPageEncoding`). Unknown names are passed over. Never fails.
 */
export function decodeText(bytes: Uint8Array, contentType = ''): DecodedText {
  const bom = byteOrderMark(bytes);
  if (bom) return { ...decodeAs(bytes.subarray(bom.length), bom.encoding), bom: bom.length };
  const named =
    encodingNamed(/charset\s*=\s*["']?\s*([\w:.-]+)/i.exec(contentType)?.[1]) ?? namedEncoding(bytes);
  if (named) return { ...decodeAs(bytes, named), bom: 0 };
  const utf8 = decodeAs(bytes, 'utf-8');
  return { ...(utf8.damaged ? decodeAs(bytes, guessPageEncoding(bytes)) : utf8), bom: 0 };
}

function byteOrderMark(bytes: Uint8Array): { encoding: string; length: number } | undefined {
  if (bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf) return { encoding: 'utf-8', length: 3 };
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return { encoding: 'utf-16be', length: 2 };
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return { encoding: 'utf-16le', length: 2 };
  return undefined;
}

function namedEncoding(bytes: Uint8Array): string | undefined {
  const head = binaryText(bytes.subarray(0, PRESCAN_BYTES)).replace(/<!--[\s\S]*?-->/g, '');
  const named = encodingNamed(/<meta\b[^>]*?\bcharset\s*=\s*["']?\s*([\w:.-]+)/i.exec(head)?.[1]);
  return named?.startsWith('utf-16') ? 'utf-8' : named;
}

function encodingNamed(label: string | undefined): string | undefined {
  if (!label) return undefined;
  try {
    return new TextDecoder(label).encoding;
  } catch {
    return undefined; // a label the Encoding Standard does not know: as if none had been given
  }
}

function decodeAs(bytes: Uint8Array, encoding: string): Omit<DecodedText, 'bom'> {
  try {
    return { text: decodeBytes(bytes, encoding, true), encoding, damaged: false };
  } catch {
    return { text: decodeBytes(bytes, encoding), encoding, damaged: true };
  }
}

/**
 * A text as UTF-8 bytes that are read as the same text again: with a byte order mark where the text names
 * another encoding for itself, as a page does that was read as windows-1252.
 */
export function utf8Bytes(text: string): Uint8Array<ArrayBuffer> {
  const bytes = new TextEncoder().encode(text);
  return decodeText(bytes).text === text ? bytes : new TextEncoder().encode(`\uFEFF${text}`);
}
