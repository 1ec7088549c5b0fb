import { readSource, type Reading } from '#core/reading';
import { plainItem, type PlainItem } from '#core/item';
import type { BusinessRecord } from '#core/record';
import { judgeAgreement } from './disagreement.ts';
import { byGradeAndPlace, summarise, type Finding, type Summary } from '#core/fault';
import { withRecordMend } from '#core/mending';
import { judgeGuidelines } from './guidelines.ts';
import { putAside, type Ignore, type Ignored } from './ignore.ts';
import { localBusinessProfile, type Profile } from './profile.ts';
import { judgeStructure } from './structure.ts';
import { judgeSyntax } from './syntax.ts';
import { describedBranch, threeWay, type ThreeWayRow } from '#core/agreement';
import { judgeSense } from './sense.ts';
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
  // A script by itself, or a page that scripts fill, shows nothing to compare with.
  const search = reading.visible?.text ? new VisitorSearch(reading.visible, reading.document) : undefined;
  const rows = threeWay(reading, record, described, search);
  const all = [
    ...judgeSyntax(reading),
    ...judgeStructure(reading),
    ...judgeVocabulary(reading),
    ...judgeValues(reading),
    ...judgeSense(reading, countryOfItem),
    ...judgeGuidelines(reading, profile),
    ...judgeAgreement(reading, rows, { record, search, telephones: options.telephones }),
  ].sort(byGradeAndPlace);
  const items = described.map(({ item }) => item);
  const known = record ? all.map((one) => withRecordMend(one, { reading, record, items, rows })) : all;
  const { findings, ignored } = putAside(reading.source, known, ignores, page);
  return {
    items: reading.items.map(plainItem),
    findings,
    ignored,
    summary: summarise(findings),
    threeWay: rows,
  };
}
