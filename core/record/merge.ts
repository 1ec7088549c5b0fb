import { factLabel, factOf, factText, isFact } from './fact.ts';
import type { BusinessRecord } from './record.ts';

/** What two people set differently. */
export interface Clash {
  /** The record's key, or a part of it: `telephone`, `address.streetAddress`, `pin`. */
  readonly unit: string;
  readonly label: string;
  readonly mine: string;
  readonly theirs: string;
}

export interface Merged {
  /** Everybody's changes; where they clash, mine. */
  readonly record: BusinessRecord;
  readonly clashes: readonly Clash[];
}

/** The units of a record, each with its way into it. */
function unitsOf(record: BusinessRecord): readonly (readonly [key: keyof BusinessRecord, part: string])[] {
  return (Object.keys(record) as (keyof BusinessRecord)[]).flatMap((key) => {
    const value: unknown = record[key];
    return factOf(key)?.changedByPart && value && typeof value === 'object'
      ? Object.keys(value).map((part) => [key, part] as const)
      : [[key, ''] as const];
  });
}

function valueOf(record: BusinessRecord, key: keyof BusinessRecord, part: string): unknown {
  const value: unknown = record[key];
  return part && value && typeof value === 'object' ? Reflect.get(value, part) : value;
}

function withValue(
  record: BusinessRecord,
  key: keyof BusinessRecord,
  part: string,
  value: unknown,
): BusinessRecord {
  const whole: unknown = record[key];
  const next = part && whole && typeof whole === 'object' ? { ...whole, [part]: value } : value;
  return { ...record, [key]: next };
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Brings together what two people made of one record (a three-way merge): of each fact the one who changed it is
 * followed. Where both changed it, and not to the same, it is a clash: mine stands until somebody chooses.
 */
export function mergeRecords(base: BusinessRecord, mine: BusinessRecord, theirs: BusinessRecord): Merged {
  let record = mine;
  const clashes: Clash[] = [];
  for (const [key, part] of unitsOf(theirs)) {
    const [was, my, their] = [base, mine, theirs].map((one) => valueOf(one, key, part));
    if (same(my, their) || same(their, was)) continue;
    if (key === 'withheld') record = { ...record, withheld: mergeLists(base, mine, theirs) };
    else if (same(my, was)) record = withValue(record, key, part, their);
    else clashes.push(clashOf(key, part, mine, theirs));
  }
  return { record, clashes };
}

/** Entries that either added, without those that either took away. */
function mergeLists(base: BusinessRecord, mine: BusinessRecord, theirs: BusinessRecord): string[] {
  const kept = mine.withheld.filter(
    (unit) => theirs.withheld.includes(unit) || !base.withheld.includes(unit),
  );
  const added = theirs.withheld.filter(
    (unit) => !base.withheld.includes(unit) && !mine.withheld.includes(unit),
  );
  return [...kept, ...added];
}

/** The record with their side of the clashes. */
export function takeTheirs(
  record: BusinessRecord,
  theirs: BusinessRecord,
  clashes: readonly Clash[],
): BusinessRecord {
  return clashes.reduce((next, { unit }) => {
    const [key = '', part = ''] = unit.split('.');
    const known = key as keyof BusinessRecord;
    return withValue(next, known, part, valueOf(theirs, known, part));
  }, record);
}

function clashOf(
  key: keyof BusinessRecord,
  part: string,
  mine: BusinessRecord,
  theirs: BusinessRecord,
): Clash {
  const unit = part ? `${key}.${part}` : key;
  const known = factOf(key);
  const text = (record: BusinessRecord): string => {
    if (isFact(unit)) return factText(record, unit);
    return known ? known.show(record) : JSON.stringify(valueOf(record, key, part));
  };
  const label = isFact(unit) ? factLabel(unit) : (known?.label ?? 'How it is told');
  return { unit, label, mine: text(mine), theirs: text(theirs) };
}
