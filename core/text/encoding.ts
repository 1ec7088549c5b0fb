const PRESCAN_BYTES = 1024;

/**
 * The encoding that a page's bytes say they have: by their byte order mark, else `contentType` (the header of a page that
 * was fetched), else what is named in the first 1024 bytes (HTML Living Standard, 13.2.3.2). `bom` is the length of the
 * mark in bytes. undefined where nothing says so, or names one that the Encoding Standard does not know.
 */
export function saidEncoding(
  bytes: Uint8Array,
  contentType = '',
): { readonly encoding: string; readonly bom: number } | undefined {
  const mark = byteOrderMark(bytes);
  if (mark) return { encoding: mark.encoding, bom: mark.length };
  const named =
    encodingNamed(/charset\s*=\s*["']?\s*([\w:.-]+)/i.exec(contentType)?.[1]) ?? namedEncoding(bytes);
  return named ? { encoding: named, bom: 0 } : undefined;
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

/** What windows-1252 has where ISO 8859-1 has control characters, from 0x80 on (Encoding Standard, index). */
const WINDOWS_1252 = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008DŽ\u008F\u0090‘’“”•–—˜™š›œ\u009DžŸ';

/**
 * Bytes as text in an encoding of the Encoding Standard, a byte order mark kept. Some decoders read
 * windows-1252 as ISO 8859-1; what they leave as control characters is put right. Throws where `fatal` is set
 * and the bytes are not valid.
 */
export function decodeBytes(bytes: Uint8Array, encoding: string, fatal = false): string {
  const text = new TextDecoder(encoding, { fatal, ignoreBOM: true }).decode(bytes);
  if (encoding !== 'windows-1252') return text;
  return text.replace(/[\u0080-\u009F]/g, (control) => WINDOWS_1252[control.charCodeAt(0) - 0x80] ?? control);
}

/**
 * A text as UTF-8 bytes that are read as the same text again: with a byte order mark where the text names
 * another encoding for itself, as a page does that was read as windows-1252.
 */
export function utf8Bytes(text: string): Uint8Array<ArrayBuffer> {
  const bytes = new TextEncoder().encode(text);
  const { encoding, bom } = saidEncoding(bytes) ?? { encoding: 'utf-8', bom: 0 };
  return encoding === 'utf-8' && bom === 0 ? bytes : new TextEncoder().encode(`\uFEFF${text}`);
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

/**
 * The text that was meant where UTF-8 was read as windows-1252 ("BÃ¤ckerei"); '' where it was damaged beyond that
 * (U+FFFD); undefined where it is sound.
 */
export function repairEncoding(text: string): string | undefined {
  return wholeRepaired(text) ?? partsRepaired(text);
}

/** Small letters of Latin-1 that were damaged among sound ones; a blank for the last of "Ã ". */
function partsRepaired(text: string): string | undefined {
  if (!/Ã[\u00A1-\u00BFŸ]/.test(text)) return undefined;
  return text
    .replace(/Ã([\u00A0-\u00BFŸ])/g, (_, second: string) =>
      second === 'Ÿ' ? 'ß' : String.fromCharCode(0xc0 + second.charCodeAt(0) - 0x80),
    )
    .replace(/Ã {1,2}(?=\S)/g, 'à ')
    .replace(/Â(?=[\u00A0-\u00BF])/g, '');
}

function wholeRepaired(text: string): string | undefined {
  if (text.includes('\uFFFD')) return '';
  if (!/[ÂÃâÅÄÎÏÐÑ][\u0080-\u00BF€‚ƒ„…†‡ˆ‰Š‹ŒŽ‘’“”•–—˜™š›œžŸ]/.test(text)) return undefined;
  const bytes: number[] = [];
  for (const character of text) {
    const code = character.codePointAt(0) ?? 0;
    const special = WINDOWS_1252.indexOf(character);
    if (code < 256) bytes.push(code);
    else if (special >= 0) bytes.push(0x80 + special);
    else return undefined;
  }
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(Uint8Array.from(bytes));
  } catch {
    return undefined; // these letters stand side by side in sound words as well
  }
}
