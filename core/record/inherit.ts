import { factHead, isSet, withFact, type Fact } from './fact.ts';
import type { BusinessRecord } from './record.ts';

/** Where the effective value of a fact comes from. `withheld`: the client has one, the branch says none. */
export type Origin = 'own' | 'client' | 'withheld' | 'none';

/** Parts of the record that are inherited as a whole: half a pin or half a week of another is wrong. */
const ADDRESS = 'address';

/** What is inherited together: the record's key, or one part of the address. */
export const inheritedUnit = (fact: Fact): string => (factHead(fact) === ADDRESS ? fact : factHead(fact));

function hasUnit(record: BusinessRecord, unit: string): boolean {
  if (unit.startsWith(`${ADDRESS}.`))
    return String(Reflect.get(record.address, unit.slice(ADDRESS.length + 1)) ?? '').trim() !== '';
  return isSet(record, unit as keyof BusinessRecord);
}

export function originOf(own: BusinessRecord, defaults: BusinessRecord, fact: Fact): Origin {
  const unit = inheritedUnit(fact);
  if (hasUnit(own, unit)) return 'own';
  if (!hasUnit(defaults, unit)) return 'none';
  return own.withheld.includes(unit) ? 'withheld' : 'client';
}

/** A branch's own facts over its client's: what everything is made from. */
export function effectiveRecord(own: BusinessRecord, defaults: BusinessRecord): BusinessRecord {
  const taken = (unit: string): boolean => !hasUnit(own, unit) && !own.withheld.includes(unit);
  const address = Object.fromEntries(
    Object.entries(own.address).map(([part, text]) => [
      part,
      taken(`${ADDRESS}.${part}`) ? Reflect.get(defaults.address, part) : text,
    ]),
  );
  const inherited = Object.entries(defaults).filter(
    ([key]) => key !== ADDRESS && key !== 'withheld' && key !== 'output' && taken(key),
  );
  return {
    ...own,
    ...(Object.fromEntries(inherited) as Partial<BusinessRecord>),
    address: address as BusinessRecord['address'],
    output: own.output ?? defaults.output,
  };
}

/** The branch's own record with a fact given back to the client (`use`), or said by nobody (`withhold`). */
export function withoutOwn(
  own: BusinessRecord,
  empty: BusinessRecord,
  fact: Fact,
  how: 'use' | 'withhold',
): BusinessRecord {
  const unit = inheritedUnit(fact);
  const withheld = own.withheld.filter((one) => one !== unit);
  const cleared: BusinessRecord = unit.startsWith(`${ADDRESS}.`)
    ? { ...own, address: { ...own.address, [unit.slice(ADDRESS.length + 1)]: '' } }
    : { ...own, [unit]: empty[unit as keyof BusinessRecord] };
  return { ...cleared, withheld: how === 'withhold' ? [...withheld, unit] : withheld };
}

/** Facts of several parts that are inherited as one. */
const WHOLES = ['hours', 'pin', 'parentOrganization', 'aggregateRating'] as const;

/**
 * The branch's own record after a change that people made to what they see, its effective record: a part of
 * an inherited whole that is changed takes the rest of the whole with it, the other wholes stay the client's.
 */
export function changeOwn(
  own: BusinessRecord,
  defaults: BusinessRecord,
  change: (record: BusinessRecord) => BusinessRecord,
): BusinessRecord {
  const effective = effectiveRecord(own, defaults);
  const inherited = WHOLES.filter((unit) => !hasUnit(own, unit));
  const seen = { ...own, ...Object.fromEntries(inherited.map((unit) => [unit, effective[unit]])) };
  const next = change(seen);
  const untouched = inherited.filter((unit) => next[unit] === seen[unit]);
  return untouched.length === inherited.length && next === seen
    ? own
    : { ...next, ...Object.fromEntries(untouched.map((unit) => [unit, own[unit]])) };
}

/** Coordinates typed by hand no longer come from where the pin came from, and nobody says what they mark. */
function typedPin(record: BusinessRecord, fact: Fact): BusinessRecord {
  if (fact !== 'pin.latitude' && fact !== 'pin.longitude') return record;
  const { latitude, longitude } = record.pin;
  const origin = latitude.trim() || longitude.trim() ? 'typed' : '';
  return { ...record, pin: { latitude, longitude, origin, exactness: '' } };
}

/**
 * The branch's own record with one fact set as typed. Erasing what the client has a default for means that the
 * branch says nothing, not that the default comes back under the hand.
 */
export function setOwn(
  own: BusinessRecord,
  defaults: BusinessRecord,
  fact: Fact,
  text: string,
): BusinessRecord {
  const next = changeOwn(own, defaults, (record) => typedPin(withFact(record, fact, text), fact));
  const unit = inheritedUnit(fact);
  const others = next.withheld.filter((one) => one !== unit);
  const withholds = hasUnit(defaults, unit) && !hasUnit(next, unit);
  if (!withholds && others.length === next.withheld.length) return next;
  return { ...next, withheld: withholds ? [...others, unit] : others };
}
