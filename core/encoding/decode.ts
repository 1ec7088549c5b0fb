import { decodeBytes, saidEncoding } from '#core/text';
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

/**
 * Reads bytes as a browser would: byte order mark, then the encoding of `contentType` (the header of a page that
 * was fetched), then the one named in the first 1024 bytes
 * (HTML Living Standard, 13.2.3.2 "Determining the character encoding"), then UTF-8 where the bytes are
 * valid UTF-8, then the likeliest by its language and letters (`guessPageEncoding`). Unknown names are passed over. Never fails.
 */
export function decodeText(bytes: Uint8Array, contentType = ''): DecodedText {
  const said = saidEncoding(bytes, contentType);
  if (said) return { ...decodeAs(bytes.subarray(said.bom), said.encoding), bom: said.bom };
  const utf8 = decodeAs(bytes, 'utf-8');
  return { ...(utf8.damaged ? decodeAs(bytes, guessPageEncoding(bytes)) : utf8), bom: 0 };
}

function decodeAs(bytes: Uint8Array, encoding: string): Omit<DecodedText, 'bom'> {
  try {
    return { text: decodeBytes(bytes, encoding, true), encoding, damaged: false };
  } catch {
    return { text: decodeBytes(bytes, encoding), encoding, damaged: true };
  }
}
