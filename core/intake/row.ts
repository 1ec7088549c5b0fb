import { countryNamed, readAddress, splitAddress } from '#core/address';
import { fault } from '#core/fault';
import { dayMeant, days, daysSaid, readWeek, type Day, type Hours } from '#core/hours';
import { readCoordinates, readDegrees } from '#core/pin';
import {
  aroundOf,
  emptyRecord,
  factHead,
  factOf,
  isFact,
  withFact,
  type BusinessRecord,
  type Fact,
  type FactFault,
} from '#core/record';
import { fold } from '#core/text';
import { typeNamed } from '#core/vocabulary';
import { daysOfRun, isRun, type Column } from './column.ts';

/** What rows are read by. */
export interface RowReading {
  /** The country (alpha-2) of addresses that name none. */
  readonly home?: string;
  /** What the client's branches have in common: a fact that stands there is not missing. */
  readonly defaults?: BusinessRecord;
  /** Whether branches without a label are called by their names: where no two have the same. */
  readonly byName?: boolean;
  /** The type that a word of a trade means; '' for none. */
  readonly typeOf?: (word: string) => string;
}

/** The day whose hours a column holds; undefined for any other. */
const dayOfColumn = (column: Column): Day | undefined => days.find((day) => column === `hours.${day}`);

interface ReadRow {
  readonly label: string;
  readonly record: BusinessRecord;
  /** What was assumed, to be looked at. */
  readonly doubts: readonly FactFault[];
}

/** What a row says, over what is known already. */
export function readRow(
  cells: readonly string[],
  columns: readonly (Column | undefined)[],
  reading: RowReading,
  known: BusinessRecord,
): ReadRow {
  const texts = textsOf(cells, columns);
  const row = new Row(reading, texts, known, isNumberFirst(columns));
  for (const [column, text] of texts) row.take(column, text);
  const isWritten = texts.has('address.streetAddress') && texts.has('extendedAddress');
  const record = isWritten ? withStreetFirst(row.record) : row.record;
  const doubts: readonly FactFault[] =
    record === row.record
      ? row.doubts
      : [
          ...row.doubts,
          { fact: 'address.streetAddress', ...fault('value/address-part', EXCHANGED), grade: 'note' },
        ];
  return { label: row.label, record: withReadPin(record), doubts };
}

const EXCHANGED = 'The street was taken from the second line, and the part of the building from the first.';

/** A house with its number before the street, where that is no floor: "14 Quay Street". */
const HOUSE_AND_STREET =
  /^\d{1,5}\p{L}?(?:[-–/]\d{1,5})? (?!(?:floors?|fl|rooms?|levels?)\b)\p{L}[\p{L}'’.]+ \p{L}/iu;
/** What names a part of a building, or a building without a number of its own. */
const PART_OF_BUILDING =
  /^(?:(?:unit|suite|ste|shop|flat|apt|apartment|level|floor|room|office|kiosk|stall|block|bldg|building|ground floor|first floor)\b|\D+$)/i;

/** The street before the part of its building, which some write above it: "Unit 3, The Wharf" over "14 Quay Street". */
function withStreetFirst(record: BusinessRecord): BusinessRecord {
  const { extendedAddress, address } = record;
  return HOUSE_AND_STREET.test(extendedAddress) && PART_OF_BUILDING.test(address.streetAddress)
    ? {
        ...withFact(record, 'address.streetAddress', extendedAddress),
        extendedAddress: address.streetAddress,
      }
    : record;
}

/** A street to read a line of a town behind. */
const STREET = '1 X Street';

/** That there is no day of rest. */
const NO_REST =
  /^(?:none|keine?r?|aucune?|ninguno|nessuno|geen|nenhum|brak|なし|無し?|無休|年中無休|없음|연중무휴|-|–|—)$/iu;

/** A row while its cells are read into a record, one column after the other. */
class Row {
  label = '';
  record: BusinessRecord;
  readonly doubts: FactFault[] = [];
  readonly #reading: RowReading;
  readonly #texts: ReadonlyMap<Column, string>;
  readonly #numberFirst: boolean;

  constructor(
    reading: RowReading,
    texts: ReadonlyMap<Column, string>,
    known: BusinessRecord,
    numberFirst: boolean,
  ) {
    this.#reading = reading;
    this.#texts = texts;
    this.#numberFirst = numberFirst;
    this.record = known;
  }

  take(column: Column, text: string): void {
    const day = dayOfColumn(column);
    if (column === 'label') this.label = text;
    else if (column === 'wholeAddress') this.#takeAddress(text);
    else if (column === 'townLine') this.#takeTownLine(text);
    else if (column === 'closedDays') this.#takeClosedDays(text);
    else if (isRun(column)) for (const one of daysOfRun(column)) this.#takeHours(text, one);
    else if (column === 'houseNumber')
      this.record = withHouseNumber(this.record, text, this.#country, this.#numberFirst);
    else if (column === 'district') this.record = withDistrict(this.record, text, this.#country);
    else if (column === 'coordinates') this.record = withCoordinates(this.record, text);
    else if (column === 'week' || day) this.#takeHours(text, day);
    else if (column === 'types') this.#takeTypes(text);
    else if (isFact(column)) this.#takeFact(column, text);
  }

  /** The country that the row, the client or whoever takes the sheet in says (alpha-2). */
  get #country(): string {
    const { home = '', defaults = emptyRecord } = this.#reading;
    return (
      countryNamed(this.record.address.addressCountry) ||
      countryNamed(defaults.address.addressCountry) ||
      home
    );
  }

  #doubt(fact: Fact, code: FactFault['code'], message: string, grade: FactFault['grade'] = 'note'): void {
    this.doubts.push({ fact, ...fault(code, message), grade });
  }

  #takeAddress(text: string): void {
    if (isStreetAlone(text, this.#texts)) {
      this.record = withFact(this.record, 'address.streetAddress', text);
      return;
    }
    const country = this.#country;
    const whole = wholeAddress(text, this.#texts, country);
    this.record = { ...this.record, address: splitAddress(whole, country) };
    for (const { part, reason } of readAddress(whole, country).doubts)
      this.#doubt(
        `address.${part}`,
        'value/address-part',
        `The address was taken apart: ${reason}`,
        'should',
      );
  }

  /** "4600 Olten" and "Hamilton, MT 59840", read as behind a street. */
  #takeTownLine(text: string): void {
    const read = splitAddress(`${STREET}, ${text}`, this.#country);
    const [, code = '', town = ''] = /^(\p{Lu}{0,2}-?\d[\d -]{2,7}\d)\s+(\p{L}.*)$/u.exec(text) ?? [];
    const { addressLocality, addressRegion, postalCode } =
      read.addressLocality && read.streetAddress === STREET
        ? read
        : { addressLocality: town || text, addressRegion: '', postalCode: code };
    const known = Object.entries({ addressLocality, addressRegion, postalCode }).filter(([, said]) => said);
    this.record = { ...this.record, address: { ...this.record.address, ...Object.fromEntries(known) } };
  }

  /** Days of rest. What names none is left and told. */
  #takeClosedDays(text: string): void {
    const { days: named } = daysSaid(text);
    if (named.length > 0 && named.length < days.length) {
      const rest = Object.fromEntries(named.map((day) => [day, 'closed']));
      this.record = { ...this.record, hours: { ...this.record.hours, ...rest } };
    } else if (!NO_REST.test(text.trim()))
      this.#doubt('hours.Monday', 'value/hours', `“${text.slice(0, 60)}” was not read as days of rest.`);
  }

  #takeHours(text: string, day: Day | undefined): void {
    const { hours, isAssumed } = hoursOf(text, day);
    this.record = { ...this.record, hours: { ...this.record.hours, ...hours } };
    if (isAssumed)
      this.#doubt(
        `hours.${day ?? 'Monday'}`,
        'value/hours',
        `“${text.slice(0, 60)}” was read as ${(day && hours[day]) || 'hours of the daytime'}.`,
      );
  }

  #takeTypes(text: string): void {
    const { typeOf = () => '' } = this.#reading;
    const words = text.split(/\s*[;\n]\s*/).filter(Boolean);
    const types = words.map((word) => (typeNamed(word) ? word : typeOf(word) || word));
    this.record = withFact(this.record, 'types', types.join('\n'));
    for (const [at, type] of types.entries())
      if (type !== words[at])
        this.#doubt('types', 'vocabulary/unknown-type', `“${words[at] ?? ''}” was read as ${type}.`);
  }

  #takeFact(fact: Fact, text: string): void {
    this.record = withText(this.record, fact, text);
    const known = factOf(fact);
    const country = this.#country;
    // What figures of a date mean depends on the country, wherever it is said.
    const there = country ? withFact(this.record, 'address.addressCountry', country) : this.record;
    const meant = known?.meant(there);
    if (!meant) return;
    const [was] = known?.judge(there, aroundOf(there)) ?? [];
    this.record = withFact(this.record, fact, meant);
    this.#doubt(fact, was?.code ?? 'value/boolean', `“${text.slice(0, 60)}” was read as ${meant}.`);
  }
}

/** Halves of a pin in degrees, minutes and seconds as decimal degrees. */
function withReadPin(record: BusinessRecord): BusinessRecord {
  const { latitude, longitude } = record.pin;
  if (
    !latitude ||
    !longitude ||
    (readDegrees(latitude) !== undefined && readDegrees(longitude) !== undefined)
  )
    return record;
  const read = readCoordinates(`${latitude}, ${longitude}`);
  return read ? { ...record, pin: { ...record.pin, ...read } } : record;
}

/** Whether the number of the house stands before its street. */
function isNumberFirst(columns: readonly (Column | undefined)[]): boolean {
  const [number, street] = [columns.indexOf('houseNumber'), columns.indexOf('address.streetAddress')];
  return number >= 0 && number < street;
}

/** Which columns are read before the others (2), and which behind. */
const RANKS: Readonly<Partial<Record<Column, number>>> = {
  'address.addressCountry': 0,
  wholeAddress: 1,
  houseNumber: 3,
  closedDays: 3,
  district: 4,
};

/** Whether columns may hold one thing together: opening and closing times, a number and what is added to it, lines. */
export const isShared = (column: Column): boolean =>
  column === 'houseNumber' ||
  column === 'extendedAddress' ||
  column === 'week' ||
  isRun(column) ||
  dayOfColumn(column) !== undefined;

/**
 * What the cells of a row say by their columns: the country and the whole address first, which what has a column of
 * its own goes before; the number of a house behind its street. Opening and closing times in columns of their own are
 * spans.
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
  const rank = ([column]: readonly [Column, string]): number => RANKS[column] ?? (isRun(column) ? 1 : 2);
  for (const [column, text] of given.toSorted((a, b) => rank(a) - rank(b))) {
    const before = isShared(column) ? texts.get(column) : undefined;
    if (before === undefined) texts.set(column, text);
    else if (column === 'houseNumber')
      texts.set(column, `${before}${/^\p{L}/u.test(text) ? '' : '-'}${text}`);
    else if (before !== text) {
      const isSpan = column !== 'extendedAddress' && !/(?:^|, )(?:[^,]*[-–][^,]*|\D*)$/.test(before);
      texts.set(column, `${before}${isSpan ? '-' : ', '}${text}`);
    }
  }
  return texts;
}

/** Whether an “address” is the street, since its town stands in a cell of its own and neither it nor its code here. */
function isStreetAlone(text: string, texts: ReadonlyMap<Column, string>): boolean {
  const town = texts.get('address.addressLocality');
  const whole = ` ${fold(text)} `;
  return (
    [town, texts.get('address.postalCode')].every((part) => !part || !whole.includes(` ${fold(part)} `)) &&
    !!town
  );
}

/** An address with its postal code from a cell of its own, on the side where its country has it. */
function wholeAddress(text: string, texts: ReadonlyMap<Column, string>, country: string): string {
  const code = texts.get('address.postalCode') ?? '';
  if (!code || ` ${fold(text)} `.includes(` ${fold(code)} `)) return text;
  const isWhole = (one: string): boolean => splitAddress(one, country).addressLocality !== '';
  return [text, `${text} ${code}`, `${code} ${text}`].find(isWhole) ?? text;
}

/** Countries where the number stands before the street (Universal Postal Union, postal addressing systems). */
const NUMBER_FIRST = new Set(
  'US CA GB IE AU NZ FR MC LU IN PK LK ZA NG KE GH SG MY PH HK MT CY EG MA TN DZ'.split(' '),
);
/** Countries where a comma stands between street and number. */
const COMMA = new Set(['ES', 'BR', 'PT']);

/** The street with the number that stands in a cell of its own: where no country says so, in the order of the columns. */
function withHouseNumber(
  record: BusinessRecord,
  number: string,
  country: string,
  isFirst: boolean,
): BusinessRecord {
  const street = record.address.streetAddress;
  if (` ${fold(street)} `.includes(` ${fold(number)} `)) return record;
  const between = COMMA.has(country) ? ', ' : ' ';
  const whole = (country ? NUMBER_FIRST.has(country) : isFirst)
    ? `${number} ${street}`
    : `${street}${between}${number}`;
  return withFact(record, 'address.streetAddress', whole.trim());
}

/** The street with the district of its town, as its country writes them: "西湖区北山街10号", "12 Lê Lợi, Quận 1". */
function withDistrict(record: BusinessRecord, district: string, country: string): BusinessRecord {
  const street = record.address.streetAddress;
  if (street.includes(district) || record.address.addressLocality.includes(district)) return record;
  const isBefore = country === 'CN' || country === 'TW' || /^\p{sc=Han}/u.test(district);
  const whole = isBefore ? `${district}${street}` : [street, district].filter(Boolean).join(', ');
  return withFact(record, 'address.streetAddress', whole);
}

/** Hours of a cell. What cannot be read stays where it can be seen and mended. */
function hoursOf(text: string, day: Day | undefined): { hours: Partial<Hours>; isAssumed: boolean } {
  if (day) {
    const meant = dayMeant(day, text);
    return { hours: { [day]: meant || text }, isAssumed: meant !== '' };
  }
  const { hours, faults, assumed } = readWeek(text);
  return faults.length > 0
    ? { hours: { Monday: text.slice(0, 200) }, isAssumed: false }
    : { hours, isAssumed: assumed };
}

function withCoordinates(record: BusinessRecord, text: string): BusinessRecord {
  const read = readCoordinates(text) ?? { latitude: text.slice(0, 60) };
  return { ...record, pin: { ...record.pin, ...read, origin: 'imported' } };
}

/** A record with a cell's text in it. Lists may be written with semicolons in one cell, addresses with blanks. */
function withText(record: BusinessRecord, column: Fact, text: string): BusinessRecord {
  if (!Array.isArray(emptyRecord[factHead(column)]) || text.includes('\n'))
    return withFact(record, column, text);
  const addresses = text.split(/[\s,;]+/).filter(Boolean);
  const parts = addresses.every((one) => /^https?:/i.test(one)) ? addresses : text.split(/\s*;\s*/);
  return withFact(record, column, parts.join('\n'));
}
