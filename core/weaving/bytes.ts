import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { carriedBy, decodeText, editBytes } from '#core/encoding';
import { unweaving } from './marks.ts';
import { weave, type WeaveChoices, type WeaveResult } from './weaving.ts';

/** What came of weaving into a page's bytes; they are the page's own where nothing was woven. */
export interface WovenBytes {
  readonly result: WeaveResult;
  readonly bytes: Uint8Array;
}

/**
 * Weaves into a page as it lies on disk, whatever its encoding. What was woven before is taken out first. `address` is where
 * the page stands on the web, '' for unknown.
 */
export function weaveBytes(
  bytes: Uint8Array,
  record: BusinessRecord,
  choices: Omit<WeaveChoices, 'carries'>,
  address = '',
): WovenBytes {
  const plain = editBytes(bytes, unweaving(decodeText(bytes).text));
  const { text, encoding } = decodeText(plain);
  const result = weave(readSource(text, address), record, { ...choices, carries: carriedBy(encoding) });
  return { result, bytes: result.ok ? editBytes(plain, result.edits) : bytes };
}
