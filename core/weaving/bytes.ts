import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { carriedBy, decodeText, editBytes } from '#core/encoding';
import { corrections } from './corrections.ts';
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
  const { text, encoding } = decodeText(bytes);
  const page = readSource(text, address);
  const carries = carriedBy(encoding);
  const result = weave(page, record, { ...choices, carries });
  if (!result.ok) return { result, bytes };
  const plain = editBytes(bytes, unweaving(text, page.document));
  const corrected = editBytes(plain, corrections(result.corrected, carries));
  return { result, bytes: editBytes(corrected, result.edits) };
}
