import { fault } from '#core/fault';
import { property, type MarkupProperty, type ReadItem } from '#core/item';
import {
  gradeShown,
  type Agreement,
  type Around,
  type ChangeLink,
  type PartFault,
  type ValueKind,
} from '#core/value';
import { isSubtype } from '#core/vocabulary';
import type { Descriptor, FactGroup, RowSpec, Wanted } from './descriptor.ts';
import { factKeys, facts, type Fact, type FactKey, type FactValues } from './facts.ts';
import { countryOf, emptyRecord, type BusinessRecord } from './record.ts';

/** A fact as people see it: a row of the sheet. */
export interface FactRow extends Omit<RowSpec, 'wanted'> {
  readonly fact: Fact;
  readonly key: FactKey;
  readonly group: FactGroup;
  readonly wanted: Wanted;
  /** Wanted so only of this type and its subtypes. */
  readonly of?: string;
  readonly spared?: KnownFact['spared'];
}

/** A fact, or several parts of one, as it stands in any record. What its values are is its own business. */
export interface KnownFact extends Omit<
  Descriptor<unknown>,
  'kind' | 'write' | 'short' | 'read' | 'told' | 'understood' | 'rows'
> {
  readonly key: FactKey;
  readonly kind: Pick<ValueKind<unknown>, 'name' | 'isAddress' | 'isMachineForm' | 'inner' | 'fields'>;
  readonly rows: readonly FactRow[];
  /** What it is called as a whole. */
  readonly label: string;
  readonly isSet: (record: BusinessRecord) => boolean;
  readonly text: (record: BusinessRecord) => string;
  readonly withText: (record: BusinessRecord, text: string) => BusinessRecord;
  readonly judge: (record: BusinessRecord, around: Around) => readonly PartFault[];
  /** The value as markup tells it. */
  readonly told: (record: BusinessRecord) => unknown;
  readonly write: (
    record: BusinessRecord,
    around: Around,
    form?: 'long' | 'short',
  ) => readonly MarkupProperty[];
  /** The value that an item of markup says, under the fact's key. */
  readonly read: (item: ReadItem) => unknown;
  readonly show: (record: BusinessRecord) => string;
  readonly grade: (told: BusinessRecord, read: BusinessRecord, record: BusinessRecord) => Agreement;
  readonly gradePart: (
    part: string,
    told: BusinessRecord,
    read: BusinessRecord,
    record: BusinessRecord,
  ) => Agreement;
  readonly withLinks: (record: BusinessRecord, change: ChangeLink) => BusinessRecord;
  readonly telephones: (record: BusinessRecord) => readonly string[];
  readonly becomes: (record: BusinessRecord) => string;
  /** What people meant by its text, or by that of a part; '' where that is what stands there, or nobody can tell. */
  readonly meant: (record: BusinessRecord, part?: string) => string;
  /** What a machine makes of it, or of a part of it, beside what it should be. */
  readonly understood: (part: string, read: BusinessRecord, record: BusinessRecord | undefined) => string;
}

/** What of a record the meaning of one of its values depends on. */
export const aroundOf = (record: BusinessRecord): Around => ({
  country: countryOf(record),
  text: (fact) => (isFact(fact) ? factText(record, fact) : ''),
});

function rowsOf(
  key: FactKey,
  { rows, group, of, spared }: Pick<Descriptor<never>, 'rows' | 'group' | 'of' | 'spared'>,
): readonly FactRow[] {
  return Object.entries(rows).map(([part, { wanted = 'optional', ...row }]) => ({
    ...row,
    wanted,
    fact: (part ? `${key}.${part}` : key) as Fact,
    key,
    group,
    ...(of ? { of } : {}),
    ...(spared ? { spared } : {}),
  }));
}

/** The parts of a value that has some, by name; none of one that has none. */
export const partsOf = (value: unknown): Readonly<Record<string, unknown>> =>
  value && typeof value === 'object' && !Array.isArray(value) ? { ...value } : {};

const partOf = (value: unknown, part: string): string => {
  const text = partsOf(value)[part];
  return typeof text === 'string' ? text : '';
};

const isBlank = (value: unknown): boolean =>
  Array.isArray(value)
    ? value.length === 0
    : value && typeof value === 'object'
      ? Object.values(value).every((text) => String(text).trim() === '')
      : String(value).trim() === '';

/** Values of a fact that are remembered: those of the records in hand. */
const FEW = 8;

/**
 * The same question about a value, answered as before while the value did not change: a list that forty branches
 * inherit, or that stands beside the fact somebody types in. What asks for other facts of the record is asked anew.
 */
function rememberedOf<V, T>(ask: (value: V, around: Around) => T): (value: V, around: Around) => T {
  const known = new Map<V, { readonly country: string; readonly answer: T }>();
  return (value, around) => {
    const before = known.get(value);
    if (before?.country === around.country) return before.answer;
    const { country } = around;
    const asked = new Set<string>();
    const text = (fact: string): string => {
      asked.add(fact);
      return around.text(fact);
    };
    const answer = ask(value, { country, text });
    if (known.size >= FEW) known.clear();
    if (asked.size === 0) known.set(value, { country, answer });
    return answer;
  };
}

/** A fact by its key. */
function known<K extends FactKey>(key: K): KnownFact {
  const descriptor: Descriptor<FactValues[K]> = facts[key];
  const { kind, write, short, read, told, understood, ...spec } = descriptor;
  const rows = rowsOf(key, descriptor);
  const valueOf = (values: FactValues): FactValues[K] => values[key];
  const set = (record: BusinessRecord, value: FactValues[K]): BusinessRecord => ({ ...record, [key]: value });
  const lines = spec.facts ?? [key];
  const written = rememberedOf((value: FactValues[K], around): readonly MarkupProperty[] => {
    if (write) return write(value, around);
    if (!spec.property || spec.property.startsWith('@')) return [];
    const one = property(spec.property, kind.write(value, around, key), lines);
    return one ? [one] : [];
  });
  const judged = rememberedOf(kind.judge);
  const empty = valueOf(emptyRecord);
  return {
    ...spec,
    key,
    kind,
    rows,
    label: spec.whole ?? rows[0]?.label ?? key,
    isSet: (record) => !isBlank(valueOf(record)),
    text: (record) => kind.text(valueOf(record)),
    withText: (record, text) => set(record, kind.parse(text)),
    judge: (record, around) => {
      const missing = spec.required && isBlank(valueOf(record)) ? [required(spec.required)] : [];
      return [...missing, ...judged(valueOf(record), around)];
    },
    told: (record) => (told ?? kind.told)(valueOf(record), aroundOf(record)),
    write: (record, around, form = 'long') => {
      const value = valueOf(record);
      if (form === 'short' && short) return short(value);
      return value === empty ? [] : written(value, around);
    },
    read: (item) => (read ? read(item) : kind.read(item, spec.property)),
    show: (record) => kind.show(valueOf(record), aroundOf(record)),
    grade: (toldRecord, readRecord, record) =>
      kind.grade(
        { told: valueOf(toldRecord), read: valueOf(readRecord), typed: valueOf(record) },
        aroundOf(record),
        aroundOf(readRecord),
      ),
    gradePart: (part, toldRecord, readRecord, record) => {
      const values = { told: valueOf(toldRecord), read: valueOf(readRecord), typed: valueOf(record) };
      const text = (value: FactValues[K]): string => partOf(value, part).trim();
      return kind.gradePart?.(part, values) ?? gradeShown(text(values.told), text(values.read));
    },
    withLinks: (record, change) => (kind.links ? set(record, kind.links(valueOf(record), change)) : record),
    telephones: (record) => kind.telephones?.(valueOf(record)) ?? [],
    becomes: (record) => kind.becomes?.(valueOf(record), aroundOf(record)) ?? '',
    meant: (record, part = '') => {
      const value = valueOf(record);
      return kind.meant?.(part ? partOf(value, part) : kind.text(value), aroundOf(record), part) ?? '';
    },
    understood: (part, readRecord, record) =>
      understood?.[part]?.(
        valueOf(readRecord),
        aroundOf(readRecord),
        record && { value: valueOf(record), around: aroundOf(record) },
      ) ?? '',
  };
}

const required = (message: string): PartFault => fault('guideline/required', message);

/** Every fact, in the order of the sheet. */
export const knownFacts: readonly KnownFact[] = factKeys.map((key) => known(key));
const byKey = new Map<string, KnownFact>(knownFacts.map((one) => [one.key, one]));

/** Every fact as people see it, in the order of the sheet. */
export const factRows: readonly FactRow[] = knownFacts.flatMap(({ rows }) => rows);
const rowsByFact = new Map<string, FactRow>(factRows.map((row) => [row.fact, row]));

/** The fact that a key of the record holds, or undefined where it holds none. */
export const factOf = (key: string): KnownFact | undefined => byKey.get(key);

export const isFact = (name: string): name is Fact => rowsByFact.has(name);

/** The row of a fact's name, or undefined where the record has no such fact. */
export const factNamed = (name: string): FactRow | undefined => rowsByFact.get(name);

/** What people call a fact. */
export const factLabel = (fact: Fact): string => rowsByFact.get(fact)?.label ?? fact;

/** What people call everything that a key of the record holds: "Address", "Coordinates". */
export const wholeLabel = (key: string): string => byKey.get(key)?.label ?? key;

/** The part of the record that a fact belongs to: its key, such as `hours` for `hours.Monday`. */
export const factHead = (fact: Fact): FactKey => rowsByFact.get(fact)?.key ?? 'name';

/** The part of its key's value that a fact is; '' for all of it. */
export const factPart = (fact: Fact): string => fact.slice(factHead(fact).length + 1);

/** A fact's text as typed; a list with one entry a line. */
export function factText(record: BusinessRecord, fact: Fact): string {
  const head = factHead(fact);
  const part = factPart(fact);
  if (!part) return byKey.get(head)?.text(record) ?? '';
  return partOf(record[head], part);
}

/** The record with one fact set from its text. Lists are split at line breaks, blank lines left out. */
export function withFact(record: BusinessRecord, fact: Fact, text: string): BusinessRecord {
  const head = factHead(fact);
  const part = factPart(fact);
  if (!part) return byKey.get(head)?.withText(record, text) ?? record;
  return { ...record, [head]: { ...partsOf(record[head]), [part]: text } };
}

/** Whether anything is set of a part of the record. */
export const isSet = (record: BusinessRecord, key: FactKey): boolean =>
  byKey.get(key)?.isSet(record) ?? false;

/** Whether the parts of a fact are seen by themselves. */
export const hasParts = ({ rows }: KnownFact): boolean => rows[0]?.fact.includes('.') ?? false;

/** How much the guidelines want a fact of this record: some are wanted of certain types only, or not of all of them. */
export const wantedOf = (
  { of, wanted, spared }: Pick<FactRow, 'of' | 'wanted' | 'spared'>,
  record: BusinessRecord,
): Wanted =>
  (of && !record.types.some((type) => isSubtype(type, of))) || spared?.(aroundOf(record))
    ? 'optional'
    : wanted;

/** The record with every fact that an item of markup says; what it does not say is not set. */
export const recordOf = (item: ReadItem): BusinessRecord => ({
  ...emptyRecord,
  ...Object.fromEntries(knownFacts.map(({ key, read }) => [key, read(item)])),
});

/** The address alone that an item of markup says, as most judges ask for no more. */
export function addressOf(item: ReadItem): BusinessRecord['address'] {
  const { read, kind, property: name } = facts.address;
  return read ? read(item) : kind.read(item, name);
}

/** Every telephone number of a record, as typed. */
export const telephonesIn = (record: BusinessRecord): readonly string[] =>
  knownFacts.flatMap(({ telephones }) => telephones(record));

/** Properties that several facts are written as. */
const SHARED: ReadonlySet<string> = new Set(['', 'contactPoint', 'potentialAction']);

/** What the properties of schema.org hold that facts are written as, by name: the name of the value kind. */
export const propertyKinds: ReadonlyMap<string, string> = new Map([
  ...knownFacts.flatMap(({ kind }) => Object.entries(kind.inner ?? {})),
  ...knownFacts.flatMap(({ property: name, kind }): [string, string][] =>
    SHARED.has(name) ? [] : [[name, kind.name]],
  ),
]);
