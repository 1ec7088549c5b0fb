import { addressText, countryNamed, isEmptyAddress } from '#core/address';
import { fault, gradeOf, gradeOrder } from '#core/fault';
import { days, writeWeek } from '#core/hours';
import {
  effectiveRecord,
  emptyRecord,
  factRows,
  factText,
  judgeRecord,
  refusedAddresses,
  withFact,
  withoutRefused,
  type BusinessRecord,
  type Fact,
  type FactFault,
} from '#core/record';
import { takeInEach } from '#core/proposal';
import { businessesIn, readSource } from '#core/reading';
import { fold } from '#core/text';
import { areOf } from '#core/vocabulary';
import { daysOfRun, isRun, type Column, type RunOfDays } from './column.ts';
import { columnsOfHeadings, saysName } from './headings.ts';
import { isShared, readRow, type RowReading } from './row.ts';

/** Headings that end in a word for names. */
const NAMED =
  /(?:name|nom|nombre|nome|naam|namn|navn|nazwa|nazev|nazov|naziv|nume|nev|nimi|adi|ονομα|επωνυμια|название|назва|名|名称|名稱|명)$|^(?:nom|nombre|nome|nazwa|nazev|название|назва) /;

/** Headings of the number of a house where they stand beside the street, and of something else elsewhere. */
const NUMBER = /^(?:n|nr|no|nº|num|number|numero|nummer|numer|cislo|broj|stevilka|house|haus|porta)$/;

/**
 * The column that a heading most likely means, each meaning given once; undefined for headings of other things.
 * `isNamed` says that the client's defaults give every branch its name.
 */
export function guessColumns(headings: readonly string[], isNamed = false): readonly (Column | undefined)[] {
  const taken = new Set<Column>();
  const meant = columnsOfHeadings(headings);
  const guessed = meant.map((known, at) => {
    const isNumber =
      ['address.streetAddress', 'wholeAddress'].includes(meant[at - 1] ?? '') &&
      NUMBER.test(fold(headings[at] ?? ''));
    const column = isNumber ? 'houseNumber' : known;
    if (!column || (taken.has(column) && !isShared(column))) return undefined;
    taken.add(column);
    return column;
  });
  // A number people are reached by is the business's own where there is no other.
  const numbered = taken.has('telephone')
    ? guessed
    : replaced(guessed, guessed.indexOf('mobile'), 'telephone');
  if (taken.has('name') || isNamed) return numbered;
  // Where nothing else names the businesses, the column of the stores' names does, or that of their registered names.
  const at = headings.findIndex(
    (heading, place) =>
      numbered[place] === 'label' && (NAMED.test(fold(heading).normalize('NFC')) || saysName(heading)),
  );
  return replaced(numbered, at < 0 ? numbered.indexOf('legalName') : at, 'name');
}

/** Columns with another at a place; as they are where that is none. */
const replaced = (
  columns: readonly (Column | undefined)[],
  at: number,
  column: Column,
): readonly (Column | undefined)[] => (at < 0 ? columns : columns.with(at, column));

/** A branch as a row of a spreadsheet gives it. */
export interface ImportedBranch {
  readonly label: string;
  readonly record: BusinessRecord;
  /** What is wrong with its facts, the worst first; they are kept as typed all the same. */
  readonly faults: readonly FactFault[];
}

/** Whether the names of a sheet tell its rows apart. */
export function namesTellApart(
  rows: readonly (readonly string[])[],
  columns: readonly (Column | undefined)[],
): boolean {
  const at = columns.indexOf('name');
  const names = at < 0 ? [] : rows.map((row) => fold(row[at] ?? ''));
  return names.length > 0 && names.every(Boolean) && new Set(names).size === names.length;
}

/** The branch of a row. */
export function branchOfRow(
  cells: readonly string[],
  columns: readonly (Column | undefined)[],
  reading: RowReading = {},
): ImportedBranch {
  const { home = '', defaults = emptyRecord, byName = false } = reading;
  const { label, record, doubts } = readRow(cells, columns, reading, emptyRecord);
  return finished(record, label || (byName ? record.name : ''), home, defaults, doubts);
}

/** A branch that is here already, and what a row makes of it. */
export interface UpdatedBranch extends ImportedBranch {
  /** The facts that change, as they are and as they will be. */
  readonly changes: readonly {
    readonly fact: Fact | 'label';
    readonly before: string;
    readonly after: string;
  }[];
}

/**
 * A branch brought up to date by a row: facts that the sheet has no column or a blank cell for stay. `own` is the
 * branch's own record, under which the client's defaults lie.
 */
export function updatedByRow(
  cells: readonly string[],
  columns: readonly (Column | undefined)[],
  existing: { readonly label: string; readonly record: BusinessRecord },
  reading: RowReading = {},
): UpdatedBranch {
  const { home = '', defaults = emptyRecord } = reading;
  const read = readRow(cells, columns, reading, existing.record);
  const next = finished(read.record, read.label || existing.label, home, defaults, read.doubts);
  const changes: UpdatedBranch['changes'][number][] = factRows.flatMap(({ fact, shown }) => {
    // A pin that stays where it is does not change for having come with a sheet.
    if (shown === 'beside') return [];
    const [before, after] = [factText(existing.record, fact), factText(next.record, fact)];
    return before === after ? [] : [{ fact, before, after }];
  });
  if (next.label !== existing.label)
    changes.unshift({ fact: 'label', before: existing.label, after: next.label });
  return { ...next, changes };
}

/** The town with its postal code and region, in the order of its country and without the sign of it: "4600 Olten". */
function townLine({ address }: BusinessRecord): string {
  const line = addressText({ ...address, streetAddress: '' });
  const code = line.indexOf(address.postalCode);
  return /^\p{Lu}{1,2}-$/u.test(line.slice(0, code)) ? line.slice(code) : line;
}

/** What all the days of a run have; '' where they differ. */
function hoursOfRun({ hours }: BusinessRecord, run: RunOfDays): string {
  const [first = '', ...others] = daysOfRun(run).map((day) => hours[day]);
  return others.every((one) => one === first) ? first : '';
}

/** What a row of a spreadsheet says of a branch: so that the sheet can be written again as it was read. */
export const rowOfBranch = (
  label: string,
  record: BusinessRecord,
  columns: readonly (Column | undefined)[],
): readonly string[] =>
  columns.map((column) => {
    if (column === undefined) return '';
    if (column === 'label') return label;
    if (column === 'week') return writeWeek(record.hours);
    // The street has them.
    if (column === 'houseNumber' || column === 'district') return '';
    if (column === 'townLine') return townLine(record);
    if (column === 'closedDays') return days.filter((day) => record.hours[day] === 'closed').join(', ');
    if (isRun(column)) return hoursOfRun(record, column);
    if (column === 'wholeAddress')
      return [addressText(record.address), record.address.addressCountry].filter(Boolean).join(', ');
    if (column === 'coordinates') {
      const { latitude, longitude } = record.pin;
      return latitude && longitude ? `${latitude}, ${longitude}` : '';
    }
    return factText(record, column);
  });

/** The branches that markup of any origin describes: each local business one. Its faults are not told again here. */
export function branchesOfMarkup(
  source: string,
  { home = '', defaults = emptyRecord }: RowReading = {},
): readonly ImportedBranch[] {
  const { items } = readSource(source);
  const branches = businessesIn(items).filter(({ types }) => areOf(types, 'LocalBusiness'));
  return takeInEach(branches, items).map(({ record }) => finished(record, '', home, defaults, []));
}

/** The branch of a record: its country as a code, its label, what is wrong with it. */
function finished(
  read: BusinessRecord,
  label: string,
  home: string,
  defaults: BusinessRecord,
  doubts: readonly FactFault[],
): ImportedBranch {
  // Addresses that visitors may not be led by are told and do not come in.
  const refused = refusedAddresses(read).map(({ fact, address }): FactFault => ({
    fact,
    ...fault('value/url', `“${address.slice(0, 60)}” is no address for visitors and is not taken.`),
    grade: gradeOf('value/url'),
  }));
  let record = withoutRefused(read);
  const country = countryNamed(record.address.addressCountry);
  if (country) record = withFact(record, 'address.addressCountry', country);
  else if (
    home &&
    !record.address.addressCountry &&
    // What the client says of all its branches need not be said again.
    !defaults.address.addressCountry &&
    !isEmptyAddress(record.address)
  )
    record = withFact(record, 'address.addressCountry', home);
  if (record.pin.latitude && !record.pin.origin) record = withFact(record, 'pin.origin', 'imported');
  const { addressLocality, streetAddress } = record.address;
  return {
    label: (label || [addressLocality, streetAddress].filter(Boolean).join(', ') || record.name).slice(
      0,
      200,
    ),
    record,
    // What is required counts, whoever says it: the branch or its client.
    faults: [
      ...refused,
      ...judgeRecord(effectiveRecord(record, defaults)).filter(
        ({ code, grade }) => grade === 'must' || !code.startsWith('guideline/'),
      ),
      ...doubts,
    ].sort((a, b) => gradeOrder[a.grade] - gradeOrder[b.grade]),
  };
}
