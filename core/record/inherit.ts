import {
  factHead,
  factOf,
  factPart,
  factText,
  hasParts,
  isFact,
  knownFacts,
  partsOf,
  withFact,
} from './fact.ts';
import type { Fact, FactKey } from './facts.ts';
import type { BusinessRecord } from './record.ts';

/** Where the effective value of a fact comes from. `withheld`: the client has one, the branch says none. */
export type Origin = 'own' | 'client' | 'withheld' | 'none';

/** What is inherited together: the record's key, or one part where parts are inherited one by one. */
const inheritedUnit = (fact: Fact): string =>
  factOf(factHead(fact))?.inheritedByPart ? fact : factHead(fact);

const splitUnit = (unit: string): readonly [key: FactKey, part: string] =>
  isFact(unit) ? [factHead(unit), factPart(unit)] : [factOf(unit)?.key ?? 'name', ''];

function hasUnit(record: BusinessRecord, unit: string): boolean {
  return isFact(unit) ? factText(record, unit).trim() !== '' : (factOf(unit)?.isSet(record) ?? false);
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
  const inherited = knownFacts.flatMap(({ key, inheritedByPart }): [string, unknown][] => {
    if (!inheritedByPart) return taken(key) ? [[key, defaults[key]]] : [];
    const parts = Object.entries(partsOf(own[key])).map(([part, text]): [string, unknown] => [
      part,
      taken(`${key}.${part}`) ? partsOf(defaults[key])[part] : text,
    ]);
    return [[key, Object.fromEntries(parts)]];
  });
  return { ...own, ...Object.fromEntries(inherited), output: own.output ?? defaults.output };
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
  const [key, part] = splitUnit(unit);
  const cleared: BusinessRecord = part
    ? { ...own, [key]: { ...partsOf(own[key]), [part]: '' } }
    : { ...own, [key]: empty[key] };
  return { ...cleared, withheld: how === 'withhold' ? [...withheld, unit] : withheld };
}

/** Facts of several parts that are inherited as one. */
const wholes = knownFacts.filter((one) => hasParts(one) && !one.inheritedByPart).map(({ key }) => key);

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
  const inherited = wholes.filter((unit) => !hasUnit(own, unit));
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
