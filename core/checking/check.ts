import { isPlaceOfBusiness, readSource, type Reading } from '#core/reading';
import { eachItem, plainItems, type PlainItem, type ReadItem } from '#core/item';
import type { HtmlElement } from '#core/html';
import type { Place } from '#core/text';
import type { BusinessRecord } from '#core/record';
import type { Towns } from '#core/towns';
import { isSubtype, propertyNamed } from '#core/vocabulary';
import { judgeAgreement } from './disagreement.ts';
import { byGradeAndPlace, summarise, type Finding, type Summary } from '#core/fault';
import { withRecordMend } from '#core/mending';
import { judgeGuidelines } from './guidelines.ts';
import { putAside, type Ignore, type Ignored } from './ignore.ts';
import { localBusinessProfile, type Profile } from './profile.ts';
import { judgeStructure } from './structure.ts';
import { judgeSyntax } from './syntax.ts';
import { describedBranch, threeWay, type ThreeWayRow } from '#core/agreement';
import { judgeIdentity } from './identity.ts';
import { judgeOthers, ofOthers } from './otherBusinesses.ts';
import { judgePast } from './senseOfHours.ts';
import { judgePins, judgeSharedPins } from './pins.ts';
import { judgeSense } from './sense.ts';
import { judgeSequence } from './sequence.ts';
import { countryOfItem, judgeValues } from './values.ts';
import { VisitorSearch } from '#core/agreement';
import { judgeVocabulary } from './vocabulary.ts';

/** A source read and judged. */
export interface Check {
  readonly items: readonly PlainItem[];
  /** The worst first. */
  readonly findings: readonly Finding[];
  /** What somebody chose not to be told. */
  readonly ignored: readonly Ignored[];
  readonly summary: Summary;
  readonly threeWay: readonly ThreeWayRow[];
}

export interface CheckOptions {
  /** The address the source came from; relative addresses are read against it. */
  readonly url?: string;
  /** What should be told; undefined to judge the source by itself. */
  readonly record?: BusinessRecord;
  /** Numbers of the client's other branches, E.164: a page may show them. */
  readonly telephones?: ReadonlySet<string>;
  /** The local business profile where none is named. */
  readonly profile?: Profile;
  readonly ignores?: readonly Ignore[];
  /** What ignores call the page; its address where nothing else is given. */
  readonly page?: string;
  /** The date of the check, ISO 8601; without one nothing is told to be past. */
  readonly today?: string;
  /** Where towns and postal codes are; without them pins are held against countries only. */
  readonly towns?: Towns;
}

/** Reads a source (HTML or JSON-LD) and judges it by every family of rules. Never fails. */
export function check(source: string, options: CheckOptions = {}): Check {
  return checkReading(readSource(source, options.url), options);
}

/** The same for whoever checks one source after another with the same options. */
export const checker =
  (options: CheckOptions = {}) =>
  (source: string): Check =>
    check(source, options);

/** Judges what was read. */
export function checkReading(reading: Reading, options: CheckOptions): Check {
  const { record, profile = localBusinessProfile, ignores = [], page = options.url ?? '' } = options;
  const described = describedBranch(reading.items, record);
  // A script by itself, or a page that scripts fill, shows nothing to compare with; and what only publishes a page
  // need not be named on it.
  const isShown = record !== undefined || described.some(({ item }) => isPlaceOfBusiness(item));
  const own = described.map(({ item }) => item);
  const search =
    reading.visible?.text && isShown
      ? new VisitorSearch(reading.visible, reading.document, ofOthers(reading.items, own))
      : undefined;
  const rows = threeWay(reading, record, described, search);
  const all = [
    ...judgeSyntax(reading),
    ...judgeStructure(reading),
    ...judgeVocabulary(reading),
    ...judgeValues(reading),
    ...judgeIdentity(reading),
    ...judgeSequence(reading.items, options.today ?? ''),
    ...judgeSharedPins(reading.items),
    ...judgeSense(reading, countryOfItem),
    ...(options.today ? judgePast(reading.items, options.today) : []),
    ...(options.towns ? judgePins(reading.items, options.towns) : []),
    ...judgeGuidelines(reading, profile),
    ...(search ? judgeOthers(reading, own, rows, search) : []),
    ...judgeAgreement(reading, rows, { record, search, telephones: options.telephones }),
  ];
  const items = described.map(({ item }) => item);
  const told = oncePerCause(withoutConsequences(all, reading).sort(byGradeAndPlace));
  const known = record ? told.map((one) => withRecordMend(one, { reading, record, items, rows })) : told;
  const { findings, ignored } = putAside(reading.source, known, ignores, page);
  return {
    items: plainItems(reading.items),
    findings,
    ignored,
    summary: summarise(findings),
    threeWay: rows,
  };
}

/** Faults of hours themselves, from which it follows that visitors read others. */
const BAD_HOURS = new Set<Finding['code']>([
  'value/time',
  'value/day',
  'value/hours',
  'value/hours-incomplete',
  'value/hours-backwards',
  'value/hours-contradiction',
]);

/** What is told of values and names that stand in no item of their own. */
const OF_THE_ITEM_AROUND = new Set<Finding['code']>([
  'vocabulary/not-of-type',
  'vocabulary/value-kind',
  'guideline/address-text',
]);

const isHours = (property: string): boolean => property.startsWith('openingHours');

const holdsAt = ({ start, end }: HtmlElement, place: Place): boolean =>
  start <= place.start && place.end <= end;

const holds = (outer: Place, { start, end }: Place): boolean => outer.start <= start && end <= outer.end;

/** Findings without those that only follow from another of the same item or element. */
function withoutConsequences(all: readonly Finding[], reading: Reading): Finding[] {
  const placesOf = (is: (one: Finding) => boolean): readonly Place[] =>
    all.filter(is).map(({ place }) => place);
  const badHours = placesOf(
    ({ code, property }) =>
      BAD_HOURS.has(code) || (code === 'vocabulary/enumeration' && property === 'dayOfWeek'),
  );
  const passedOver = placesOf(({ code }) => code === 'structure/content-ignored');
  const noBusinesses = placesOf(({ code }) => code === 'vocabulary/no-local-business');
  const noTypes = placesOf(({ code }) => code === 'vocabulary/unknown-type');
  const bad = placesOf(({ code, grade }) => grade !== 'note' && code.startsWith('value/'));
  const misformed = placesOf(({ code }) => code === 'value/telephone-form');
  const scopeless = placesOf(
    ({ code }) => code === 'structure/no-itemscope' || code === 'structure/no-typeof',
  );
  if ([badHours, passedOver, noBusinesses, scopeless, bad].every(({ length }) => length === 0))
    return [...all];
  const unscoped = (reading.document?.marked ?? []).filter(({ start }) =>
    scopeless.some((place) => place.start === start),
  );
  const items = eachItem(reading.items).map(({ item }) => item);
  /** The smallest item that a place stands in; undefined in the further parts of a node that is spread. */
  const itemAt = (place: Place, among = items): ReadItem | undefined =>
    among
      .filter((item) => holds(item.place, place))
      .sort((one, other) => one.place.end - one.place.start - (other.place.end - other.place.start))[0];
  const open = items.filter(({ properties }) => properties.some(({ name }) => isHours(name)));
  const ofBusinesses = (property: string): boolean =>
    (propertyNamed(property)?.domains ?? []).some(
      (domain) => isSubtype(domain, 'LocalBusiness') || domain === 'Place',
    );
  return all.filter(({ code, property, place, related }) => {
    // Hours that machines cannot read contradict no visitor: where the markup's own stand, the fault is told.
    if (code === 'agreement/visitor' && isHours(property ?? '')) {
      const places = [place, ...related.map((one) => one.place)];
      const businesses = places.flatMap((one) => itemAt(one, open) ?? []);
      if (businesses.length === 0) return badHours.length === 0;
      const own = businesses.flatMap(({ properties }) => properties.filter(({ name }) => isHours(name)));
      return !badHours.some((bad) => own.some((hours) => holds(hours.place, bad)));
    }
    // What a machine reads beside an attribute that it passes over is told with that.
    if (code.startsWith('value/') && passedOver.some((element) => holds(element, place))) return false;
    // What stands where an item should begin seems to be the item's around it.
    if (OF_THE_ITEM_AROUND.has(code) && unscoped.some((element) => holdsAt(element, place))) return false;
    // A type that nobody knows is no local business either.
    if (code === 'vocabulary/no-local-business' && noTypes.some(({ start }) => start === place.start))
      return false;
    // What a number that nobody can dial has instead of digits is told with its mend.
    if (code === 'value/telephone' && misformed.some(({ start }) => start === place.start)) return false;
    // Nobody shows visitors a value that is written wrong.
    if (code === 'agreement/not-visible' && bad.some(({ start }) => start === place.start)) return false;
    // What only a local business has does not belong to a plain organisation: that it is none is told once.
    if (code !== 'vocabulary/not-of-type' || noBusinesses.length === 0 || !ofBusinesses(property ?? ''))
      return true;
    const item = itemAt(place);
    return !item || !noBusinesses.some((type) => type.start === item.typePlace.start);
  });
}

/** What is missing is missing of each item by itself; a value or a name that is wrong is wrong wherever it is repeated. */
const REPEATED = /^(?:(?:value|vocabulary)\/|syntax\/unexpected-text$)/;

const PASTED = new Set<Finding['code']>(['syntax/single-quotes', 'syntax/curly-quotes']);

/** Findings of one cause as one, with the other places as related ones and a mend for them all. */
function oncePerCause(all: readonly Finding[]): readonly Finding[] {
  const causes = new Map<string, [Finding, ...Finding[]]>();
  const groups: [Finding, ...Finding[]][] = [];
  for (const one of all) {
    const { code, property, message, mend } = one;
    // Whoever pasted code out of a text has other quotes throughout.
    const isPasted = PASTED.has(code);
    const cause = `${code} ${property ?? ''} ${mend === null ? '' : 'mend'} ${isPasted ? '' : message}`;
    const isRepeated = isPasted || (REPEATED.test(code) && code !== 'value/address-part');
    const known = isRepeated ? causes.get(cause) : undefined;
    if (known) known.push(one);
    else {
      const group: [Finding, ...Finding[]] = [one];
      causes.set(cause, group);
      groups.push(group);
    }
  }
  return groups.map((group) => (group.length === 1 ? group[0] : asOne(group)));
}

/** The first of them with the places of the others. A node that several refer to is visited from each. */
function asOne([first, ...others]: readonly [Finding, ...Finding[]]): Finding {
  const starts = new Set([first, ...first.related].map(({ place }) => place.start));
  const related = [...first.related];
  const edits = [...(first.mend?.edits ?? [])];
  let certain = first.mend?.certain ?? false;
  for (const one of others) {
    if (starts.has(one.place.start)) continue;
    starts.add(one.place.start);
    related.push({ message: 'The same here', place: one.place }, ...one.related);
    edits.push(...(one.mend?.edits ?? []));
    certain &&= one.mend?.certain ?? false;
  }
  return { ...first, related, mend: first.mend && { edits, certain } };
}
