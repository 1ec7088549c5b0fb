import { addressText, countryCode, isEmptyAddress, readAddress, splitAddress } from '#core/address';
import { fault, gradeOf, gradeOrder } from '#core/fault';
import { days, readWeek, writeWeek } from '#core/hours';
import { readCoordinates } from '#core/pin';
import {
  effectiveRecord,
  emptyRecord,
  factHead,
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
import { isSubtype } from '#core/vocabulary';
import type { Column } from './column.ts';
import { columnsOfHeadings } from './headings.ts';

const isDay = (column: Column): boolean =>
  column.startsWith('hours.') && days.some((day) => column.endsWith(day));

/** Headings that end in a word for names. */
const NAMED =
  /(?:name|nom|nombre|nome|naam|namn|navn|nazwa|nazev|nazov|naziv|nume|nev|nimi|adi|ονομα|επωνυμια|название|назва|名|名称|名稱|명)$|^(?:nom|nombre|nome|nazwa|nazev|название|назва) /;

/**
 * The column that a heading most likely means, each meaning given once; undefined for headings of other things.
 * `isNamed` says that the client's defaults give every branch its name.
 */
export function guessColumns(headings: readonly string[], isNamed = false): readonly (Column | undefined)[] {
  const taken = new Set<Column>();
  const guessed = columnsOfHeadings(headings).map((column) => {
    // A day may have a column for its opening and one for its closing time.
    if (!column || (taken.has(column) && !isDay(column))) return undefined;
    taken.add(column);
    return column;
  });
  if (taken.has('name') || isNamed) return guessed;
  // Where nothing else names the businesses, the column of the stores' names does.
  const at = headings.findIndex(
    (heading, place) => guessed[place] === 'label' && NAMED.test(fold(heading).normalize('NFC')),
  );
  return guessed.map((column, place) => (place === at ? 'name' : column));
}

/** A branch as a row of a spreadsheet gives it. */
export interface ImportedBranch {
  readonly label: string;
  readonly record: BusinessRecord;
  /** What is wrong with its facts, the worst first; they are kept as typed all the same. */
  readonly faults: readonly FactFault[];
}

/** What rows are read by. */
export interface RowReading {
  /** The country (alpha-2) of addresses that name none. */
  readonly home?: string;
  /** What the client's branches have in common: a fact that stands there is not missing. */
  readonly defaults?: BusinessRecord;
  /** Whether branches without a label are called by their names: where no two have the same. */
  readonly byName?: boolean;
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
  { home = '', defaults = emptyRecord, byName = false }: RowReading = {},
): ImportedBranch {
  const { label, record, doubts } = readRow(cells, columns, home, emptyRecord);
  return finished(record, label || (byName ? record.name : ''), home, defaults, doubts);
}

/** What a row says, over what is known already. */
function readRow(
  cells: readonly string[],
  columns: readonly (Column | undefined)[],
  home: string,
  known: BusinessRecord,
): { label: string; record: BusinessRecord; doubts: readonly FactFault[] } {
  let record = known;
  let label = '';
  const doubts: FactFault[] = [];
  const texts = textsOf(cells, columns);
  for (const [column, text] of texts) {
    if (column === 'label') label = text;
    else if (column === 'wholeAddress' && isStreetAlone(text, texts))
      record = withFact(record, 'address.streetAddress', text);
    else {
      record = withColumn(record, column, text, home);
      if (column === 'wholeAddress') doubts.push(...doubtsOf(text, home));
    }
  }
  return { label, record, doubts };
}

/**
 * What the cells of a row say by their columns: the country and the whole address first, which what has a column of
 * its own goes before. Opening and closing times in columns of their own are spans.
 */
function textsOf(
  cells: readonly string[],
  columns: readonly (Column | undefined)[],
): ReadonlyMap<Column, string> {
  const texts = new Map<Column, string>();
  const given = columns.flatMap((column, at): [Column, string][] => {
    const text = (cells[at] ?? '').trim();
    return column && text ? [[column, text]] : [];
  });
  const rank = ([column]: readonly [Column, string]): number =>
    column === 'address.addressCountry' ? 0 : column === 'wholeAddress' ? 1 : 2;
  for (const [column, text] of given.toSorted((a, b) => rank(a) - rank(b))) {
    const before = isDay(column) ? texts.get(column) : undefined;
    if (before === undefined) texts.set(column, text);
    else if (before !== text)
      texts.set(column, `${before}${/(?:^|, )(?:[^,]*[-–][^,]*|\D*)$/.test(before) ? ', ' : '-'}${text}`);
  }
  return texts;
}

/** Whether an “address” is the street, since its town or postal code stands in a cell of its own and not in it. */
function isStreetAlone(text: string, texts: ReadonlyMap<Column, string>): boolean {
  const others = [texts.get('address.addressLocality'), texts.get('address.postalCode')].filter(Boolean);
  const whole = ` ${fold(text)} `;
  return others.length > 0 && !others.some((part = '') => whole.includes(` ${fold(part)} `));
}

/** The parts of a whole address that may be others, to be looked at. */
const doubtsOf = (text: string, home: string): readonly FactFault[] =>
  readAddress(text, home).doubts.map(({ part, reason }) => ({
    fact: `address.${part}`,
    ...fault('value/address-part', `The address was taken apart: ${reason}`),
    grade: 'should',
  }));

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
  { home = '', defaults = emptyRecord }: RowReading = {},
): UpdatedBranch {
  const read = readRow(cells, columns, home, existing.record);
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
  const branches = businessesIn(items).filter(({ types }) =>
    types.some((type) => isSubtype(type, 'LocalBusiness')),
  );
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
  const country = countryCode(record.address.addressCountry);
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

/** A record with a cell's text in it. Lists may be written with semicolons in one cell. */
function withColumn(
  record: BusinessRecord,
  column: Exclude<Column, 'label'>,
  text: string,
  home: string,
): BusinessRecord {
  if (column === 'week') {
    const { hours, faults } = readWeek(text);
    // What cannot be read stays where it can be seen and mended.
    return { ...record, hours: faults.length > 0 ? { ...record.hours, Monday: text.slice(0, 200) } : hours };
  }
  if (column === 'wholeAddress')
    return { ...record, address: splitAddress(text, countryCode(record.address.addressCountry) || home) };
  if (column === 'coordinates') {
    const read = readCoordinates(text);
    return {
      ...record,
      pin: { ...record.pin, ...(read ?? { latitude: text.slice(0, 60) }), origin: 'imported' },
    };
  }
  const list = Array.isArray(emptyRecord[factHead(column)]);
  return withFact(record, column, list && !text.includes('\n') ? text.split(/\s*;\s*/).join('\n') : text);
}
