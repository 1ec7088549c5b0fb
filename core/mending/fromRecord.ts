import { insertionPoint, isWritten } from '#core/html';
import { writeWeek } from '#core/hours';
import { jsonLd, propertyMarkup } from '#core/markup';
import { readJson, type JsonNode, type Reading } from '#core/reading';
import type { ReadItem } from '#core/item';
import { countryOf, type BusinessRecord } from '#core/record';
import { escapeHtml, type Edit } from '#core/text';
import type { Finding } from '#core/fault';
import { apartFromShown, shownInstead } from './shown.ts';
import type { ThreeWayRow } from '#core/agreement';

/** What a proposal from the record may draw on. */
export interface KnownBranch {
  readonly reading: Reading;
  readonly record: BusinessRecord;
  /** The items that describe the branch. */
  readonly items: readonly ReadItem[];
  readonly rows: readonly ThreeWayRow[];
}

type Propose = (one: Finding, branch: KnownBranch) => readonly Edit[];

/**
 * The finding with what the record would write there as a proposal, where it has no other mend: a property that
 * is missing is put in, hours are exchanged, a shown text is corrected, and a page without markup gets it.
 */
export function withRecordMend(one: Finding, branch: KnownBranch): Finding {
  // What the record says of the country is not overruled by what stands beside it on the page.
  if (one.code === 'value/country-elsewhere' && !says(one, countryOf(branch.record)))
    return { ...one, mend: null };
  const propose = one.mend === null ? PROPOSALS[one.code] : undefined;
  const edits = propose?.(one, branch) ?? [];
  return edits.length > 0 ? { ...one, mend: { edits: [...edits], certain: false } } : one;
}

const says = ({ mend }: Finding, country: string): boolean =>
  mend !== null && mend.edits.some(({ text }) => text.replace(/\W/g, '') === country);

const PROPOSALS: Readonly<Partial<Record<Finding['code'], Propose>>> = {
  'guideline/required': addProperty,
  'guideline/recommended': addProperty,
  'guideline/worth-having': addProperty,
  'value/address-part': addAddressPart,
  'agreement/record': exchangeHours,
  'agreement/visitor': correctShown,
  'structure/no-business': addMarkup,
  'structure/other-markup': addMarkup,
};

function addProperty({ property, place }: Finding, { items, record, reading }: KnownBranch): readonly Edit[] {
  const item = items.find(({ typePlace }) => typePlace.start === place.start);
  return item && property ? putIn(item, property, record, reading) : [];
}

function addAddressPart(
  { property, place }: Finding,
  { items, record, reading }: KnownBranch,
): readonly Edit[] {
  const addresses = items.flatMap(({ properties }) =>
    properties.flatMap(({ name, value }) =>
      name === 'address' && value.kind === 'item' ? [value.item] : [],
    ),
  );
  const address = addresses.find((item) => item.place.start <= place.start && place.end <= item.place.end);
  if (!address || !property || address.properties.some(({ name }) => name === property)) return [];
  return putIn(address, property, record, reading);
}

/** A property behind the last one that the item has, written as its neighbours are. */
function putIn(
  item: ReadItem,
  property: string,
  record: BusinessRecord,
  { source, document }: Reading,
): readonly Edit[] {
  if (item.syntax !== 'jsonld') {
    const element = document?.marked.find(({ start }) => start === item.place.start);
    const text = propertyMarkup(record, property, item.syntax);
    if (!element || !text || element.contentEnd <= element.contentStart) return [];
    // What visitors read of it stands apart from what they read before.
    const isShown = />[^<\s]/.test(text);
    return [{ start: element.contentEnd, end: element.contentEnd, text: isShown ? ` ${text}` : text }];
  }
  const members = objectAt(item, source)?.members ?? [];
  const last = members.at(-1);
  if (!last) return [];
  const indent = indentAt(source, last.nameStart);
  const text = prefixed(propertyMarkup(record, property, 'jsonld', indent ?? ''), prefixOf(members));
  if (!text) return [];
  const { end } = last.value;
  return [{ start: end, end, text: withBreaks(indent === undefined ? `, ${text}` : `,\n${text}`, source) }];
}

type JsonObject = Extract<JsonNode, { kind: 'object' }>;

/** What the names of an object's properties all begin with, as the context has it: "schema:"; '' where they are bare. */
function prefixOf(members: JsonObject['members']): string {
  const names = members.map(({ name }) => name).filter((name) => !name.startsWith('@'));
  const [prefix = ''] = /^\w+:(?!\/\/)/.exec(names[0] ?? '') ?? [];
  return names.every((name) => name.startsWith(prefix)) ? prefix : '';
}

/** JSON whose names, and the types it gives, begin with a prefix. */
function prefixed(json: string, prefix: string): string {
  let name = '';
  return prefix === ''
    ? json
    : json.replace(/"((?:[^"\\]|\\.)*)"(\s*:)?/g, (whole, text: string, colon?: string) => {
        if (colon) name = text;
        const isOfVocabulary = colon ? !text.startsWith('@') : name === '@type';
        return isOfVocabulary ? `"${prefix}${text}"${colon ?? ''}` : whole;
      });
}

/** The object of an item as it is written; undefined where its JSON is broken. */
function objectAt({ place }: ReadItem, source: string): JsonObject | undefined {
  const { values, faults } = readJson(source, place.start, place.end);
  const [node] = values;
  return node?.kind === 'object' && faults.length === 0 ? node : undefined;
}

/** The white space before a name that begins its line; undefined where something stands before it. */
function indentAt(source: string, offset: number): string | undefined {
  const before = source.slice(source.lastIndexOf('\n', offset - 1) + 1, offset);
  return /^[ \t]*$/.test(before) ? before : undefined;
}

const withBreaks = (text: string, source: string): string =>
  source.includes('\r\n') ? text.replaceAll('\n', '\r\n') : text;

const HOURS = new Set(['openingHours', 'openingHoursSpecification']);

/** The week of an item exchanged for the record's, where it is written in one place and in nothing visitors see. */
function exchangeHours(
  { property, place }: Finding,
  { items, record, reading: { source } }: KnownBranch,
): readonly Edit[] {
  if (property !== 'openingHoursSpecification') return [];
  const item = items.find((one) => one.place.start <= place.start && place.end <= one.place.end);
  const written = item?.properties.filter(({ name }) => HOURS.has(name)) ?? [];
  const [first] = written;
  if (!item || !first) return [];
  if (item.syntax === 'jsonld') {
    const members = objectAt(item, source)?.members.filter(({ name }) => HOURS.has(name)) ?? [];
    const [member] = members;
    if (!member || members.length !== 1) return [];
    const text = propertyMarkup(record, property, 'jsonld', indentAt(source, member.nameStart) ?? '');
    const edit = {
      start: member.nameStart,
      end: member.value.end,
      text: withBreaks(text.trimStart(), source),
    };
    return text ? [edit] : [];
  }
  const text = propertyMarkup(record, property, item.syntax);
  if (!text) return [];
  if (written.every(({ place: { start } }) => /^<meta\b/i.test(source.slice(start, start + 6))))
    return written.map(({ place: { start, end } }, at) => ({ start, end, text: at === 0 ? text : '' }));
  if (written.length > 1) return [];
  // Hours that stand as text go on to be shown, and what machines read is written beside.
  const shown = text + escapeHtml(writeWeek(record.hours));
  const { start, end } = first.place;
  if (/^<(data|time)\b[^>]*>[^<]*<\/\1\s*>$/i.test(source.slice(start, end)))
    return [{ start, end, text: shown }];
  return apartFromShown(first, source, () => shown);
}

/** What visitors read, exchanged for the record's, where the markup says what the record does. */
function correctShown({ property, place }: Finding, { rows, record, reading }: KnownBranch): readonly Edit[] {
  const row = rows.find((one) => one.property === property && one.visitor.place?.start === place.start);
  const isRecord = row?.markup.some(
    ({ agreement }) => agreement === 'exact' || agreement === 'written-differently',
  );
  return row?.record && isRecord
    ? shownInstead(reading, { place, text: row.visitor.text.trim() }, row.record, countryOf(record))
    : [];
}

/** All of the record's markup at the end of the head, on a page that has none. */
function addMarkup(_: Finding, { items, record, reading }: KnownBranch): readonly Edit[] {
  const { document, source } = reading;
  if (items.length > 0 || !record.name || !document?.elements.some(isWritten)) return [];
  const at = insertionPoint(document, { at: 'head' });
  return [{ start: at, end: at, text: withBreaks(`${jsonLd(record).text}\n`, source) }];
}
