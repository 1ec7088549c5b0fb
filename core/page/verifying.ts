import type { ReadItem } from '#core/item';
import {
  branchId,
  businessItem,
  isScript,
  leftOutOf,
  markupForms,
  toldRecord,
  writeMarkup,
  type OutputForm,
} from '#core/markup';
import { businessesIn, readSource, recordFromItem, type Reading } from '#core/reading';
import { factRows, factText, type BusinessRecord, type Fact } from '#core/record';
import { asciiMarkup, placedOn, type Placed } from './placing.ts';

/** A fact that a machine reads otherwise than it was meant. */
interface Misread {
  readonly fact: Fact;
  readonly meant: string;
  readonly read: string;
}

/** What was found when a page was read back. */
export type Proof =
  | { readonly state: 'proved'; readonly misread: readonly Misread[] }
  | { readonly state: 'misread'; readonly misread: readonly Misread[] }
  | { readonly state: 'absent'; readonly misread: readonly Misread[] };

/** What of ours, in one form, stands on a page. */
const ours = ({ source, document }: Reading, form: OutputForm): Placed | undefined =>
  document && placedOn(source, document).find((placed) => placed.form === form);

/** The businesses a machine reads on a page in the syntax of a form, by whether they stand within our marks. */
function beside(reading: Reading, form: OutputForm, within: boolean): ReadItem[] {
  const region = ours(reading, form);
  const syntax = isScript(form) ? 'jsonld' : form;
  return businessesIn(reading.items).filter(
    (item) =>
      item.syntax === syntax &&
      region !== undefined &&
      (item.place.start >= region.start && item.place.end <= region.end) === within,
  );
}

/** How many businesses a page carries besides what we placed on it, in the same syntax: a machine reads both. */
export const othersBeside = (reading: Reading, form: OutputForm): number =>
  beside(reading, form, false).length;

/** Compares what a machine reads of what was placed on a page with what the record says now. */
export function prove(reading: Reading, form: OutputForm, record: BusinessRecord): Proof {
  if (!isForMachines(form)) return { state: isSeen(reading, form) ? 'proved' : 'absent', misread: [] };
  const [item] = beside(reading, form, true);
  if (!item) return { state: 'absent', misread: [] };
  // Where the record has no name of its own for machines it is made; in a graph every item needs one.
  const left = leftOutOf(record, form);
  const id = form === 'graph' ? branchId(record) : businessItem(record, { leftOut: left }).id;
  const [meant, read] = [{ ...toldRecord(record, left), id }, recordFromItem(item)];
  const misread = factRows.flatMap(({ fact }) => {
    const [one, other] = [factText(meant, fact), factText(read, fact)];
    return one === other ? [] : [{ fact, meant: one, read: other }];
  });
  return { state: misread.length === 0 ? 'proved' : 'misread', misread };
}

const isForMachines = (form: OutputForm): boolean => markupForms.some((one) => one === form);

/** Whether visitors see all of what was placed for them. */
function isSeen(reading: Reading, form: OutputForm): boolean {
  const region = ours(reading, form);
  const meant = region && readSource(region.text).visible?.text;
  return meant ? (reading.visible?.text.includes(meant) ?? false) : false;
}

/** Whether what was placed is, to the letter, what the record yields now. */
export function isCurrent(reading: Reading, form: OutputForm, record: BusinessRecord): boolean {
  const region = ours(reading, form);
  if (!region) return false;
  const placed = region.text.replace(/\r\n/g, '\n');
  const markup = writeMarkup(record, form).text;
  return placed === markup || placed === asciiMarkup(markup, form);
}
