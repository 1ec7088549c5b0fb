import { countryName } from '#core/address';
import { gradeAddressPart, gradePin, gradeTelephone, gradeText, type Agreement } from '#core/listing';
import { markupTelephone } from '#core/markup';
import { readTelephone } from '#core/phone';
import {
  businessesIn,
  itemsOf,
  recordFromItem,
  sourceOf,
  valuesOf,
  type ReadItem,
  type Reading,
} from '#core/reading';
import { countryOf, factLabel, factText, type BusinessRecord, type Fact } from '#core/record';
import type { Place } from '#core/text';
import { VisitorSearch, type Seen } from './visitor.ts';

/** One fact as three readers have it. */
export interface ThreeWayRow {
  readonly fact: Fact | 'pin';
  readonly label: string;
  /** What the record says, in the visitor's form; undefined where no record was given. */
  readonly record: string | undefined;
  readonly markup: readonly MarkupCell[];
  readonly visitor: VisitorCell;
}

export interface MarkupCell {
  readonly syntax: ReadItem['syntax'];
  readonly text: string;
  /** How it agrees with the record; undefined where no record was given. */
  readonly agreement: Agreement | undefined;
  readonly place: Place;
}

export interface VisitorCell {
  readonly text: string;
  /** How it agrees with the record, or with the markup where no record was given; undefined where nobody looks. */
  readonly agreement: Agreement | undefined;
  readonly place: Place | undefined;
}

const ROWS = [
  'name',
  'telephone',
  'address.streetAddress',
  'address.addressLocality',
  'address.addressRegion',
  'address.postalCode',
  'address.addressCountry',
  'pin',
] as const;

/** An item with the record it describes. */
interface Described {
  readonly item: ReadItem;
  readonly read: BusinessRecord;
}

/** The businesses of a source that describe the record's branch, one a syntax, the best match first. */
function describedBranch(
  items: readonly ReadItem[],
  record: BusinessRecord | undefined,
): readonly Described[] {
  const likeness = (read: BusinessRecord): number => {
    if (!record) return 0;
    return (
      (record.id && read.id === record.id ? 8 : 0) +
      (record.url && read.url === record.url ? 4 : 0) +
      (read.address.postalCode === record.address.postalCode ? 2 : 0) +
      (gradeText(record.name, read.name) !== 'different' ? 1 : 0)
    );
  };
  const ranked = businessesIn(items).map((item, at) => {
    const read = recordFromItem(item);
    return { item, read, at, likeness: likeness(read) };
  });
  ranked.sort((a, b) => b.likeness - a.likeness || a.at - b.at);
  const syntaxes = new Set<string>();
  return ranked.flatMap(({ item, read }) => {
    if (syntaxes.has(item.syntax)) return [];
    syntaxes.add(item.syntax);
    return [{ item, read }];
  });
}

/** Name, telephone, address and coordinates as the record, the markup and a visitor have them. */
export function threeWay(reading: Reading, record: BusinessRecord | undefined): readonly ThreeWayRow[] {
  const described = describedBranch(reading.items, record);
  const reference = record ?? described[0]?.read;
  if (!reference) return [];
  const search = reading.visible && new VisitorSearch(reading.visible);
  return ROWS.map((fact) => ({
    fact,
    label: fact === 'pin' ? 'Coordinates' : factLabel(fact),
    record: record && shown(record, fact),
    markup: described.flatMap((one) => markupCell(one, fact, record)),
    visitor: visitorCell(reading, search, reference, fact),
  })).filter(({ record: said, markup, visitor }) => said || markup.length > 0 || visitor.text);
}

function shown(record: BusinessRecord, fact: (typeof ROWS)[number]): string {
  if (fact === 'pin')
    return [record.pin.latitude, record.pin.longitude].filter((half) => half.trim()).join(', ');
  if (fact === 'telephone')
    return readTelephone(record.telephone, countryOf(record)).telephone?.national ?? record.telephone;
  return factText(record, fact);
}

function markupCell(
  { item, read }: Described,
  fact: (typeof ROWS)[number],
  record: BusinessRecord | undefined,
): MarkupCell[] {
  const text = fact === 'telephone' ? read.telephone : shown(read, fact);
  if (!text) return [];
  return [
    {
      syntax: item.syntax,
      text,
      agreement: record && agreementOf(record, read, fact),
      place: placeOf(item, fact),
    },
  ];
}

function agreementOf(record: BusinessRecord, read: BusinessRecord, fact: (typeof ROWS)[number]): Agreement {
  if (fact === 'pin') return gradePin(record.pin, read.pin);
  const [reference, other] = [factText(record, fact), factText(read, fact)];
  if (fact === 'telephone')
    return gradeTelephone(reference, other, countryOf(record), [markupTelephone(record)]);
  if (fact === 'name') return gradeText(reference, other);
  if (fact === 'address.addressCountry') return countryOf(record) === countryOf(read) ? 'exact' : 'different';
  return gradeAddressPart(reference, other);
}

function placeOf(item: ReadItem, fact: string): Place {
  const [head = '', part = head] = fact === 'pin' ? ['geo', 'latitude'] : fact.split('.');
  const [inner] = head === part ? [item] : itemsOf(item, head);
  const [value] = inner ? valuesOf(inner, part) : [];
  return value?.kind === 'text' ? value.place : (inner ?? item).place;
}

function visitorCell(
  reading: Reading,
  search: VisitorSearch | undefined,
  reference: BusinessRecord,
  fact: (typeof ROWS)[number],
): VisitorCell {
  const text = fact === 'pin' ? '' : factText(reference, fact).trim();
  if (!search || !reading.visible || !text || fact === 'pin')
    return { text: '', agreement: undefined, place: undefined };
  const seen = look(search, reference, fact, text);
  const at = seen.at && sourceOf(reading.visible, seen.at.start, seen.at.end);
  // Few pages name their country or region to visitors; that they do not is no disagreement.
  const optional =
    seen.agreement === 'missing' && (fact === 'address.addressCountry' || fact === 'address.addressRegion');
  return {
    text: seen.text,
    agreement: optional ? undefined : seen.agreement,
    place: at && reading.lines.place(at.start, at.end),
  };
}

function look(
  search: VisitorSearch,
  reference: BusinessRecord,
  fact: Exclude<(typeof ROWS)[number], 'pin'>,
  text: string,
): Seen {
  if (fact === 'telephone') return search.findTelephone(text, countryOf(reference));
  if (fact === 'address.streetAddress') return search.findStreet(text);
  if (fact === 'address.addressRegion') return search.findExactly(text);
  if (fact !== 'address.addressCountry') return search.find(text);
  const named = search.findExactly(countryName(countryOf(reference)));
  return named.agreement === 'missing' ? search.findExactly(text) : named;
}
