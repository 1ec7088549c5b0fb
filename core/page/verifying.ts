import { eachItem, valuesOf, type ReadItem } from '#core/item';
import {
  branchId,
  businessItem,
  isClientForm,
  isScript,
  leftOutOf,
  markupForms,
  outputForms,
  toldRecord,
  writeClientMarkup,
  writeMarkup,
  type ClientForm,
  type MarkedForm,
  type OutputForm,
} from '#core/markup';
import { businessesIn, readSource, recordFromItem, type Reading } from '#core/reading';
import { factRows, factText, type BusinessRecord, type Fact } from '#core/record';
import { remembered, type Place } from '#core/text';
import { isWoven } from '#core/weaving';
import { isWovenForm, wovenSyntaxOf, type PlacedForm, type WovenForm } from './placements.ts';
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
const ours = ({ source, document }: Reading, form: MarkedForm): Placed | undefined =>
  document && placedOn(source, document).find((placed) => placed.form === form);

/** The businesses a machine reads on a page in the syntax of a form, by whether any of them stands within our marks. */
function beside(reading: Reading, form: OutputForm, within: boolean): ReadItem[] {
  const region = ours(reading, form);
  const syntax = isScript(form) ? 'jsonld' : form;
  return businessesIn(reading.items).filter(
    (item) => item.syntax === syntax && region !== undefined && standsIn(region, item) === within,
  );
}

const isInside = (region: Placed, { start, end }: Place): boolean =>
  start >= region.start && end <= region.end;

/** Whether some of an item stands in a region: all that names one node is read as one, wherever on the page it says so. */
const standsIn = (region: Placed, { place, properties }: ReadItem): boolean =>
  isInside(region, place) || properties.some((property) => isInside(region, property.place));

/** How many businesses a page carries besides what we placed on it, in the same syntax: a machine reads both. */
export const othersBeside = (reading: Reading, form: PlacedForm): number =>
  isWovenForm(form) || isClientForm(form) ? 0 : beside(reading, form, false).length;

/** The forms that tell all of a branch under its name for machines; two of them on one page tell it twice. */
const NAMING = ['jsonld', 'graph'] as const;

/** Whether what we placed on a page in another form tells of a branch under the name for machines that a form gives it. */
export const isNamedByOthers = (reading: Reading, form: PlacedForm, record: BusinessRecord): boolean =>
  NAMING.some((one) => one === form) &&
  NAMING.some((other) => other !== form && ours(reading, other) !== undefined) &&
  businessesIn(reading.items).some(({ id }) => id === branchId(record));

/**
 * What a record tells machines in a form; one record is placed on many pages. Where it has no name of its own for
 * machines one is made, and in a graph every item needs one.
 */
function meantBy(form: OutputForm): (record: BusinessRecord) => BusinessRecord {
  return remembered((record: BusinessRecord) => {
    const left = leftOutOf(record, form);
    const id = form === 'graph' ? branchId(record) : businessItem(record, { leftOut: left }).id;
    return { ...toldRecord(record, left), id };
  });
}
const meantIn = byForm(meantBy);

/** What a record yields in a form. */
const markupIn = byForm((form) => remembered((record: BusinessRecord) => writeMarkup(record, form).text));

function byForm<T>(make: (form: OutputForm) => T): Readonly<Record<OutputForm, T>> {
  return Object.fromEntries(outputForms.map((form) => [form, make(form)])) as Record<OutputForm, T>;
}

/** What all branches of a client yield together; of one client at a time nothing is worked out twice. */
const clientMarkupIn = {
  organization: remembered((all: readonly BusinessRecord[]) => writeClientMarkup(all, 'organization').text),
  branches: remembered((all: readonly BusinessRecord[]) => writeClientMarkup(all, 'branches').text),
};

/** What stands on a page in a form: of a record, or of `all` branches of its client. */
export const markupOf = (form: MarkedForm, record: BusinessRecord, all: readonly BusinessRecord[]): string =>
  isClientForm(form) ? clientMarkupIn[form](all) : markupIn[form](record);

/**
 * Compares what a machine reads of what was placed on a page with what the record says now; `all` are the branches of
 * its client, for the forms that tell of all of them.
 */
export function prove(
  reading: Reading,
  form: PlacedForm,
  record: BusinessRecord,
  all: readonly BusinessRecord[] = [record],
): Proof {
  if (isWovenForm(form)) return proveWoven(reading, form, record);
  if (isClientForm(form)) return proveClient(reading, form, all);
  if (!isForMachines(form)) return { state: isSeen(reading, form) ? 'proved' : 'absent', misread: [] };
  const [item] = beside(reading, form, true);
  if (!item) return { state: 'absent', misread: [] };
  const [meant, read] = [meantIn[form](record), recordFromItem(item)];
  const misread = factRows.flatMap(({ fact }) => {
    const [one, other] = [factText(meant, fact), factText(read, fact)];
    return one === other ? [] : [{ fact, meant: one, read: other }];
  });
  return { state: misread.length === 0 ? 'proved' : 'misread', misread };
}

/** The organisation is read with all of its branches; the list of them is seen. */
function proveClient(reading: Reading, form: ClientForm, all: readonly BusinessRecord[]): Proof {
  const region = ours(reading, form);
  if (form === 'branches') return { state: isSeen(reading, form) ? 'proved' : 'absent', misread: [] };
  // A branch that stands on the page too may name it as what it belongs to, and is then where it is met first.
  const item = eachItem(reading.items).find(
    (met) =>
      met.item.syntax === 'jsonld' &&
      met.item.properties.some(
        ({ name, place }) => name === 'subOrganization' && region !== undefined && isInside(region, place),
      ),
  )?.item;
  if (!item) return { state: 'absent', misread: [] };
  const isWhole = valuesOf(item, 'subOrganization').length === all.length;
  return { state: isWhole ? 'proved' : 'misread', misread: [] };
}

/** What is woven says less than the record, and nothing else. */
function proveWoven(reading: Reading, form: WovenForm, record: BusinessRecord): Proof {
  const syntax = wovenSyntaxOf[form];
  const item = isWoven(reading.source, reading.document)
    ? businessesIn(reading.items).find((one) => one.syntax === syntax)
    : undefined;
  if (!item) return { state: 'absent', misread: [] };
  const [told, read] = [toldRecord(record), recordFromItem(item)];
  const misread = factRows.flatMap(({ fact }) => {
    const [one, other] = [factText(told, fact), factText(read, fact)];
    return other === '' || one === other ? [] : [{ fact, meant: one, read: other }];
  });
  return { state: misread.length === 0 ? 'proved' : 'misread', misread };
}

const isForMachines = (form: OutputForm): boolean => markupForms.some((one) => one === form);

/** Whether visitors see all of what was placed for them. */
function isSeen(reading: Reading, form: MarkedForm): boolean {
  const region = ours(reading, form);
  const meant = region && readSource(region.text).visible?.text;
  return meant ? (reading.visible?.text.includes(meant) ?? false) : false;
}

/** Whether what was placed is, to the letter, what the record yields now. */
export function isCurrent(
  reading: Reading,
  form: PlacedForm,
  record: BusinessRecord,
  all: readonly BusinessRecord[] = [record],
): boolean {
  if (isWovenForm(form)) return proveWoven(reading, form, record).state === 'proved';
  const region = ours(reading, form);
  if (!region) return false;
  const placed = region.text.replace(/\r\n/g, '\n');
  const markup = markupOf(form, record, all);
  return placed === markup || placed === asciiMarkup(markup, form);
}
