import { gunzipSync } from 'node:zlib';
import type { CheckedSource } from '#contract';
import { limits } from '#core/limits';
import { decodeText } from '#core/encoding';
import { utf8Bytes } from '#core/text';

/** The text of a page, as UTF-8. */
export const readText = (bytes: Uint8Array): Uint8Array => utf8Bytes(decodeText(bytes).text);

/** What was fetched of a page (packed) with what is known of it, as JSON in UTF-8. */
export function showSource(
  packed: Uint8Array | null,
  known: Pick<CheckedSource, 'url' | 'headers' | 'fetched'>,
): Uint8Array {
  const bytes = packed ? gunzipSync(packed, { maxOutputLength: limits.unpackedBytes }) : new Uint8Array();
  const { text, encoding } = decodeText(bytes, known.headers['content-type'] ?? '');
  return utf8Bytes(JSON.stringify({ ...known, text, encoding } satisfies CheckedSource));
}
