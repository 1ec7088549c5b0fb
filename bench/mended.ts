import { check, type CheckOptions } from '#core/checking';
import type { Finding } from '#core/fault';
import type { ReadItem } from '#core/item';
import { readSource } from '#core/reading';
import { applyEdits } from '#core/text';

/** What a mend must not touch: what visitors read, and where links lead. */
function shown(source: string): readonly [text: string, links: readonly string[]] {
  const { visible, document } = readSource(source);
  const links = (document?.elements ?? []).flatMap(({ name, inert, attributes }) =>
    (name === 'a' || name === 'area') && !inert ? [attributes['href'] ?? ''] : [],
  );
  return [visible?.text ?? '', links];
}

/** All texts that a machine reads, with their properties. */
function leaves(source: string, url: string): readonly string[] {
  const found: string[] = [];
  const seen = new Set<number>();
  const visit = (item: ReadItem): void => {
    if (seen.has(item.place.start)) return;
    seen.add(item.place.start);
    for (const { name, value } of item.properties)
      if (value.kind === 'item') visit(value.item);
      else found.push(`${name}=${value.text}`);
  };
  for (const item of readSource(source, url).items) visit(item);
  return found;
}

/** What is in one list and not in the other, each as often as it is too much. */
function beyond(one: readonly string[], other: readonly string[]): readonly string[] {
  const left = [...other];
  return one.filter((text) => {
    const at = left.indexOf(text);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
}

const count = (findings: readonly Finding[], code: string, property?: string | null): number =>
  findings.reduce(
    (sum, one) =>
      sum +
      (one.code === code && (property === undefined || one.property === property)
        ? 1 + one.related.length
        : 0),
    0,
  );

/** Faults behind which more comes to light once they are gone: what could not be read can be judged then. */
const HIDING = /^(?:syntax|structure)\/|^vocabulary\/(?:unknown|capitals|superseded|no-local)/;

/** What is wrong with the mend of one of a source's findings; '' where it takes the finding away and nothing else. */
export function spoiled(
  source: string,
  one: Finding,
  before: readonly Finding[],
  options: CheckOptions,
): string {
  if (!one.mend) return '';
  const { edits, certain } = one.mend;
  const mended = applyEdits(source, edits);
  const after = check(mended, options).findings;
  if (count(after, one.code, one.property) >= count(before, one.code, one.property))
    return 'it does not take its finding away';
  const isHiding = HIDING.test(one.code);
  const brought = after.find(
    ({ code, grade }) => grade !== 'note' && count(after, code) > count(before, code),
  );
  if (brought && !isHiding) return `it brings ${brought.code}: ${brought.message}`;
  if (!certain) return '';
  if (JSON.stringify(shown(source)) !== JSON.stringify(shown(mended)))
    return 'it changes what visitors see, or where a link leads';
  if (isHiding) return '';
  const others = (all: readonly string[]): readonly string[] =>
    all.filter((leaf) => !leaf.startsWith(`${one.property ?? ''}=`));
  const [old, now] = [source, mended].map((text) => others(leaves(text, options.url ?? '')));
  if (!old || !now) return '';
  const most = edits.length;
  return beyond(old, now).length > most || beyond(now, old).length > most
    ? 'it changes what else is read'
    : '';
}
