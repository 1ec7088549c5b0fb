import type { Edit } from '#core/text';
import { repaired, type Repaired } from './jsonFault.ts';

/** Signs that keyboards of East Asia and of Arabic write, and what JSON has for them. */
const SIGNS: ReadonlyMap<string, string> = new Map(
  [
    '［[',
    '］]',
    '【[',
    '】]',
    '〔[',
    '〕]',
    '｛{',
    '｝}',
    '，,',
    '、,',
    '；,',
    '،,',
    '؛,',
    '：:',
    '「"',
    '」"',
    '『"',
    '』"',
  ].map((pair) => [pair.charAt(0), pair.charAt(1)] as const),
);
const WIDE = new RegExp(`[${[...SIGNS.keys()].join('')}０-９．－]`, 'g');
/** Commas and colons alone are told one by one, where they stand. */
const TOLD_ALONE = /^[，、；：]$/;
const TEXT = /"(?:[^"\\]|\\.)*"|[“”„][^“”"]*[“”]/g;

/**
 * JSON with brackets, commas or digits of another keyboard outside its texts, as they were meant; undefined where there
 * are none.
 */
export function withoutWideSigns(source: string, start: number, end: number): Repaired | undefined {
  const given = source.slice(start, end);
  if (given.search(WIDE) < 0) return undefined;
  const hidden = given.replace(TEXT, (text) => ' '.repeat(text.length));
  const edits: Edit[] = [];
  let first = '';
  const meant = [...hidden.matchAll(WIDE)].map(({ 0: sign, index }) => {
    const text = SIGNS.get(sign) ?? sign.normalize('NFKC');
    if (!first && !TOLD_ALONE.test(sign)) first = sign;
    edits.push({ start: start + index, end: start + index + 1, text });
    return { index, text };
  });
  if (!first) return undefined;
  const characters = given.split('');
  for (const { index, text } of meant) characters[index] = text;
  const message = `“${first}” is no sign of JSON: an input method for another script wrote it. A machine stops there. Write “${SIGNS.get(first) ?? first.normalize('NFKC')}”.`;
  return repaired(source, { start, end }, characters.join(''), 'syntax/unexpected-text', message, edits);
}
