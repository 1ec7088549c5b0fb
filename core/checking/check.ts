import { isPlaceOfBusiness, mentionedIn, readSource, type Reading } from '#core/reading';
import { plainItems, type PlainItem } from '#core/item';
import type { BusinessRecord } from '#core/record';
import type { Towns } from '#core/towns';
import { judgeCountryElsewhere } from './countryElsewhere.ts';
import { withoutConsequences } from './consequences.ts';
import { judgeAgreement } from './disagreement.ts';
import { siteOf } from '#core/link';
import { byGradeAndPlace, summarise, type Finding, type Summary } from '#core/fault';
import { withRecordMend } from '#core/mending';
import { judgeFurtherNumbers } from './furtherNumbers.ts';
import { judgeGuidelines } from './guidelines.ts';
import { judgeIncomplete } from './incomplete.ts';
import { putAside, type Ignore, type Ignored } from './ignore.ts';
import { localBusinessProfile, type Profile } from './profile.ts';
import { judgeStructure } from './structure.ts';
import { judgeSyntax } from './syntax.ts';
import { describedBranch, threeWay, type ThreeWayRow } from '#core/agreement';
import { judgeIdentity } from './identity.ts';
import { judgeOwnWords } from './ownWords.ts';
import { judgeOthers, ofOthers } from './otherBusinesses.ts';
import { judgePast } from './senseOfHours.ts';
import { judgeSharedPages, judgeSharedPins, judgeSharedStreets } from './copied.ts';
import { judgePins } from './pins.ts';
import { judgeSeasons } from './seasons.ts';
import { judgeSections } from './sections.ts';
import { judgeSense } from './sense.ts';
import { judgeOfferedPrices } from './offeredPrices.ts';
import { judgeSequence } from './sequence.ts';
import { judgeOtherTelephones, judgeShown, judgeShownBranches } from './shownAlone.ts';
import { judgeUnsaid } from './unsaid.ts';
import { judgeUnshown } from './unshown.ts';
import { countryOfItem, judgeValues } from './values.ts';
import { VisitorSearch, type SiteBranch } from '#core/agreement';
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
  /** The client's branches: a page may show what is another's, and where it describes no business, shows some of them. */
  readonly branches?: readonly SiteBranch[];
  /** The local business profile where none is named. */
  readonly profile?: Profile;
  readonly ignores?: readonly Ignore[];
  /** What ignores call the page; its address where nothing else is given. */
  readonly page?: string;
  /** The date of the check, ISO 8601; without one nothing is told to be past. */
  readonly today?: string;
  /** Leaves out of the three-way reading what no markup says: findings alone do not need it. */
  readonly onlySaid?: boolean;
  /** Where towns and postal codes are; without them pins are held against countries only. */
  readonly towns?: Towns;
  /** The type that a word of a trade means, in any language; '' for none. */
  readonly typeOf?: (word: string) => string;
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
  const {
    record,
    branches,
    profile = localBusinessProfile,
    ignores = [],
    page = options.url ?? '',
  } = options;
  const described = describedBranch(reading.items, record);
  // A script by itself, or a page that scripts fill, shows nothing to compare with; and what only publishes a page,
  // or is named beside it and has another, need not be named on it.
  const mentioned = mentionedIn(reading);
  const isShown =
    described.some(({ item }) => isPlaceOfBusiness(item) && !mentioned.has(item)) ||
    (record !== undefined && !described.some(({ item }) => mentioned.has(item)));
  const own = described.map(({ item }) => item);
  const others = ofOthers(reading.items, own);
  const search =
    reading.visible?.text && isShown
      ? new VisitorSearch(reading.visible, reading.document, others)
      : undefined;
  const rows = threeWay(reading, record, described, search, options.onlySaid);
  const isElsewhere = isOtherSite(options.url, record?.url);
  const sought = record &&
    search && { record, search, said: saidIn(rows), isItsOwn: true, ...(branches ? { branches } : {}) };
  const all = [
    ...judgeSyntax(reading),
    ...judgeStructure(reading),
    ...judgeVocabulary(reading, options.typeOf),
    ...judgeValues(reading, options.towns),
    ...judgeUnsaid(reading),
    ...judgeIdentity(reading),
    ...judgeCountryElsewhere(reading.items),
    ...judgeSequence(reading.items, options.today ?? ''),
    ...judgeSharedPins(reading.items),
    ...judgeSharedStreets(reading),
    ...judgeSharedPages(reading),
    ...judgeSense(reading, countryOfItem),
    ...judgeOwnWords(reading),
    ...(options.today ? judgePast(reading.items, options.today) : []),
    ...(options.towns ? judgePins(reading.items, options.towns, reading.source) : []),
    ...judgeGuidelines(reading, isElsewhere ? { ...profile, needsBusiness: false } : profile, mentioned),
    ...judgeIncomplete(reading, profile),
    ...(search ? judgeOthers(reading, own, rows, search) : []),
    ...(search ? judgeSections(reading, search) : []),
    ...(search ? judgeFurtherNumbers(reading, own, others, search) : []),
    ...(search ? judgeSeasons(reading, own, others, search) : []),
    ...(search ? judgeOfferedPrices(reading, search) : []),
    ...judgeAgreement(reading, rows, mentioned),
    ...(sought ? [...judgeShown(reading, sought), ...judgeOtherTelephones(reading, sought)] : []),
    ...(search && !isElsewhere
      ? judgeUnshown(reading, { record, search, ...(branches ? { branches } : {}) })
      : []),
    ...(branches && !record ? judgeShownBranches(reading, branches) : []),
  ];
  const told = oncePerCause(withoutConsequences(all, reading).sort(byGradeAndPlace));
  const known = record ? told.map((one) => withRecordMend(one, { reading, record, items: own, rows })) : told;
  const { findings, ignored } = putAside(reading.source, known, ignores, page);
  return {
    items: plainItems(reading.items),
    findings,
    ignored,
    summary: summarise(findings),
    threeWay: rows,
  };
}

/** Whether an address is of another site than a business's page: a directory need not carry the markup of those it lists. */
function isOtherSite(url = '', page = ''): boolean {
  const [one, other] = [siteOf(url), siteOf(page)];
  return one !== '' && other !== '' && !`.${one}`.endsWith(`.${other}`) && !`.${other}`.endsWith(`.${one}`);
}

const saidIn = (rows: readonly ThreeWayRow[]): ReadonlySet<ThreeWayRow['fact']> =>
  new Set(rows.flatMap(({ fact, markup }) => (markup.length > 0 ? [fact] : [])));

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
  return withoutFloods(groups.map((group) => (group.length === 1 ? group[0] : asOne(group))));
}

/** Habits of another language, of a program or of a template: whoever has one has it throughout. */
const HABITS = new Set<Finding['code']>([
  'syntax/unquoted-name',
  'syntax/missing-comma',
  'syntax/missing-colon',
  'syntax/trailing-comma',
  'syntax/comment',
  'syntax/bad-word',
  'structure/misspelt',
  'vocabulary/capitals',
  'vocabulary/unknown-property',
  'syntax/raw-line-break',
  'syntax/keyword-alias',
  'structure/no-itemscope',
  'value/entities',
  'value/escapes',
  'value/date',
]);
/** Habits that have no mend: what should hold them all is not there. */
const HOMELESS = new Set<Finding['code']>(['structure/itemprop-outside', 'structure/no-vocab']);
const FLOOD = 6;
const FEW = 3;

/** As many findings of one habit are one, with all its places; a few may each have slipped in by itself. */
function withoutFloods(all: readonly Finding[]): readonly Finding[] {
  const byHabit = new Map<string, [Finding, ...Finding[]]>();
  for (const one of all) {
    const isHabit = one.mend ? HABITS.has(one.code) && one.mend.certain : HOMELESS.has(one.code);
    if (!isHabit) continue;
    const known = byHabit.get(one.code);
    if (known) known.push(one);
    else byHabit.set(one.code, [one]);
  }
  const floods = [...byHabit.values()].filter(
    ({ length, 0: { code } }) => length >= (HOMELESS.has(code) ? FEW : FLOOD),
  );
  if (floods.length === 0) return all;
  const first = new Map(floods.map((flood) => [flood[0], asOne(flood)]));
  const drowned = new Set(floods.flatMap(([, ...others]) => others));
  return all.filter((one) => !drowned.has(one)).map((one) => first.get(one) ?? one);
}

/** Nobody looks at more places of one cause; its mend is for all. */
const MOST_PLACES = 500;

/** The first of them with the places of the others. A node that several refer to is visited from each. */
function asOne([first, ...others]: readonly [Finding, ...Finding[]]): Finding {
  const starts = new Set([first, ...first.related].map(({ place }) => place.start));
  const related = [...first.related];
  const edits = [...(first.mend?.edits ?? [])];
  let certain = first.mend?.certain ?? false;
  for (const one of others) {
    if (starts.has(one.place.start)) continue;
    starts.add(one.place.start);
    if (related.length < MOST_PLACES)
      related.push({ message: 'The same here', place: one.place }, ...one.related);
    edits.push(...(one.mend?.edits ?? []));
    certain &&= one.mend?.certain ?? false;
  }
  return { ...first, related, mend: first.mend && { edits, certain } };
}
