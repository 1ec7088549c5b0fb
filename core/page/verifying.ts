import { branchId, isScript, leftOutOf, toldRecord, writeMarkup, type MarkupForm } from '#core/markup';
import { businessesIn, readSource, recordFromItem } from '#core/reading';
import { factRows, factText, type BusinessRecord, type Fact } from '#core/record';
import { asciiMarkup, placedOn } from './placing.ts';

/** A fact that a machine reads otherwise than it was meant. */
export interface Misread {
  readonly fact: Fact;
  readonly meant: string;
  readonly read: string;
}

/** What was found when a page was read back. */
export type Proof =
  | { readonly state: 'proved'; readonly misread: readonly Misread[] }
  | { readonly state: 'misread'; readonly misread: readonly Misread[] }
  | { readonly state: 'absent'; readonly misread: readonly Misread[] };

/** Reads a page as a machine would and compares what was placed on it with what the record says now. */
export function prove(source: string, form: MarkupForm, record: BusinessRecord, url = ''): Proof {
  const region = placedOn(source).find((placed) => placed.form === form);
  if (!region) return { state: 'absent', misread: [] };
  const item = businessesIn(readSource(source, url).items).find(
    ({ syntax, place }) =>
      syntax === (isScript(form) ? 'jsonld' : form) && place.start >= region.start && place.end <= region.end,
  );
  if (!item) return { state: 'absent', misread: [] };
  const told = toldRecord(record, leftOutOf(record, form));
  // In a graph every item needs a name of its own; where the record has none it is made.
  const [meant, read] = [form === 'graph' ? { ...told, id: branchId(record) } : told, recordFromItem(item)];
  const misread = factRows.flatMap(({ fact }) => {
    const [one, other] = [factText(meant, fact), factText(read, fact)];
    return one === other ? [] : [{ fact, meant: one, read: other }];
  });
  return { state: misread.length === 0 ? 'proved' : 'misread', misread };
}

/** Whether what was placed is, to the letter, what the record yields now. */
export function isCurrent(source: string, form: MarkupForm, record: BusinessRecord): boolean {
  const region = placedOn(source).find((placed) => placed.form === form);
  if (!region) return false;
  const placed = region.text.replace(/\r\n/g, '\n');
  const markup = writeMarkup(record, form).text;
  return placed === markup || placed === asciiMarkup(markup, form);
}
