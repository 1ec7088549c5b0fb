import type { Day } from '#core/hours';
import type { Agreement } from '#core/value';
import { toldRecord } from '#core/markup';
import { businessesIn, recordFromItem, placeShown, type Reading, attributeText } from '#core/reading';
import { syntaxes, itemsOf, valuesOf, type ReadItem } from '#core/item';
import { factText, type BusinessRecord } from '#core/record';
import { escapeHtml, jsonString, remembered, type Edit, type Place } from '#core/text';
import { comparedFacts, type Compared, type RowFact } from './compared.ts';
import { isSameBusiness, likeness } from './identity.ts';
import { placeOfHours } from './hoursPlace.ts';
import { seenInPicture } from './pictures.ts';
import type { Seen } from './seen.ts';
import type { VisitorSearch } from './visitor.ts';

/** One fact as three readers have it. */
export interface ThreeWayRow {
  readonly fact: RowFact;
  readonly label: string;
  /** The property of schema.org that carries the fact. */
  readonly property: string;
  /** Whether it is one of the facts that may never differ. */
  readonly core: boolean;
  /** What the record says, in the visitor's form; undefined where no record was given. */
  readonly record: string | undefined;
  readonly markup: readonly MarkupCell[];
  readonly visitor: VisitorCell;
}

export interface MarkupCell {
  readonly syntax: ReadItem['syntax'];
  readonly text: string;
  /** What a machine makes of it, in plain words; '' where the text says it all. */
  readonly understood: string;
  /** How it agrees with the record; undefined where no record was given. */
  readonly agreement: Agreement | undefined;
  readonly place: Place;
  /** Edits that make it say what the record tells; null where it is no single value. */
  readonly edits: readonly Edit[] | null;
}

interface VisitorCell {
  readonly text: string;
  /** How it agrees with the record, or with the markup where no record was given; undefined where nobody looks. */
  readonly agreement: Agreement | undefined;
  readonly place: Place | undefined;
  /** Whether it may be of something else: hours behind a label that was not understood. */
  readonly isAmongOthers?: boolean;
  /** Days with hours that the only week of the page does not name. */
  readonly unnamed?: readonly Day[];
}

/** An item with the record it describes. */
interface Described {
  readonly item: ReadItem;
  readonly read: BusinessRecord;
}

/** More items than this for one business are not set side by side. */
const MOST_ITEMS = 6;

/** The items of a source that describe the record's branch, the best match first; without a record the first business. */
export function describedBranch(
  items: readonly ReadItem[],
  record: BusinessRecord | undefined,
): readonly Described[] {
  const ranked = businessesIn(items).map((item, at) => {
    const read = recordFromItem(item);
    return { item, read, at, likeness: record ? likeness(record, read) : 0 };
  });
  ranked.sort((a, b) => b.likeness - a.likeness || a.at - b.at);
  const [best] = ranked;
  if (!best) return [];
  // The only business of another syntax is taken for the same one, however much it differs.
  const only = syntaxes.filter((syntax) => ranked.filter(({ item }) => item.syntax === syntax).length === 1);
  return ranked
    .filter((one) => one === best || isSameBusiness(best.read, one.read) || only.includes(one.item.syntax))
    .slice(0, MOST_ITEMS);
}

/** Every fact as the record, each markup of the page and a visitor have it; `onlySaid` those that markup says. */
export function threeWay(
  reading: Reading,
  record: BusinessRecord | undefined,
  described: readonly Described[],
  search: VisitorSearch | undefined,
  onlySaid = false,
): readonly ThreeWayRow[] {
  const reference = record ?? described[0]?.read;
  if (!reference) return [];
  const told = record && toldRecord(record);
  const shown = shownOnce(reference);
  return comparedFacts.flatMap((compared, at): ThreeWayRow[] => {
    const text = shown[at] ?? '';
    const said = record && text;
    const cells = described.flatMap((one) =>
      markupCell(one, compared, record, told).map((cell) => ({ ...one, cell })),
    );
    if ((!said || onlySaid) && cells.length === 0) return [];
    // Where the first item of a business says nothing of a fact, the next that does is looked for.
    const [saying] = cells;
    const sought = record || !saying ? reference : saying.read;
    const isSought = sought === reference ? text.trim() !== '' : compared.show(sought).trim() !== '';
    const inText = isSought && reading.visible && search ? compared.look?.(search, sought) : undefined;
    const { document } = reading;
    const seen =
      (inText?.agreement === 'missing' && compared.core && document
        ? seenInPicture(document, (words) => compared.look?.(words, sought))
        : undefined) ?? inText;
    const week = seen?.hours;
    const markup = cells.map(({ item, read, cell }) => ({
      ...cell,
      place: (week && placeOfHours(item, read.hours, week)) ?? cell.place,
    }));
    const { fact, label, property, core } = compared;
    return [{ fact, label, property, core, record: said, markup, visitor: visitorCell(reading, seen) }];
  });
}

/** What a record shows of each fact; one record is compared with many pages, or with one page at every letter. */
const shownOnce = remembered((record: BusinessRecord) => comparedFacts.map(({ show }) => show(record)));

function markupCell(
  { item, read }: Described,
  compared: Compared,
  record: BusinessRecord | undefined,
  told: BusinessRecord | undefined,
): MarkupCell[] {
  const text = compared.written(read);
  if (!text) return [];
  const agreement = record && told && compared.grade(told, read, record);
  return [
    {
      syntax: item.syntax,
      text,
      understood: compared.understood(read, record),
      agreement,
      place: placeOf(item, compared),
      edits: told && agreement !== 'exact' ? editsOf(item, compared, told) : null,
    },
  ];
}

function placeOf(item: ReadItem, { fact, property }: Compared): Place {
  if (property === '@type' || property === '@id') return item.typePlace;
  const inner =
    fact === 'pin'
      ? itemsOf(item, 'geo')[0]
      : fact.startsWith('address.')
        ? itemsOf(item, 'address')[0]
        : undefined;
  if (inner) {
    const [value] = valuesOf(inner, fact === 'pin' ? 'latitude' : property);
    return value?.kind === 'text' ? value.place : inner.place;
  }
  const [head = property, part] = fact.includes('.') ? fact.split('.') : [property];
  const found = item.properties.find(
    ({ name }) => name === head || (head === 'openingHoursSpecification' && name === 'openingHours'),
  );
  if (!found) return item.place;
  if (found.value.kind === 'text') return found.value.place;
  const [value] = part ? valuesOf(found.value.item, part) : [];
  return value?.kind === 'text' ? value.place : found.place;
}

/** One value exchanged for what the record tells machines; a pin has two. */
function editsOf(item: ReadItem, { fact, isMany }: Compared, told: BusinessRecord): Edit[] | null {
  // A week, and entries with several columns, are no single value.
  if (fact === 'hours' || isMany) return null;
  if (fact === 'pin') {
    const [geo] = itemsOf(item, 'geo');
    const halves = (['latitude', 'longitude'] as const).flatMap(
      (half) => editOf(geo, half, told.pin[half]) ?? [],
    );
    return halves.length === 2 ? halves : null;
  }
  const part = fact.startsWith('address.') ? fact.slice('address.'.length) : '';
  const edit = part
    ? editOf(itemsOf(item, 'address')[0], part, factText(told, fact))
    : editOf(item, fact, factText(told, fact));
  return edit ? [edit] : null;
}

function editOf(item: ReadItem | undefined, property: string, text: string): Edit | undefined {
  const values = item ? valuesOf(item, property) : [];
  const [value] = values;
  if (values.length !== 1 || value?.kind !== 'text' || !text.trim() || text.includes('\n')) return undefined;
  const { start, end } = value.place;
  // A number stays a number.
  if (value.holder === 'json')
    return { start, end, text: typeof value.json === 'number' ? text : jsonString(text) };
  return { start, end, text: value.holder === 'text' ? escapeHtml(text) : attributeText(text, value.holder) };
}

const UNLOOKED: VisitorCell = { text: '', agreement: undefined, place: undefined };

function visitorCell(reading: Reading, seen: Seen | undefined): VisitorCell {
  if (!seen || !reading.visible) return UNLOOKED;
  const { text, agreement, isAmongOthers, unnamed, link, at } = seen;
  const place = link
    ? reading.lines.place(link.start, link.end)
    : at && placeShown(reading.visible, reading, at);
  return { text, agreement, place, isAmongOthers, unnamed };
}
