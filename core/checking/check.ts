import { plainItem, readSource, type PlainItem, type Reading } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { judgeAgreement } from './agreement.ts';
import { byGradeAndPlace, summarise, type Finding, type Summary } from './finding.ts';
import { judgeGuidelines } from './guidelines.ts';
import { judgeStructure } from './structure.ts';
import { judgeSyntax } from './syntax.ts';
import { threeWay, type ThreeWayRow } from './threeWay.ts';
import { judgeValues } from './values.ts';
import { judgeVocabulary } from './vocabulary.ts';

/** A source read and judged. */
export interface Check {
  readonly items: readonly PlainItem[];
  /** The worst first. */
  readonly findings: readonly Finding[];
  readonly summary: Summary;
  readonly threeWay: readonly ThreeWayRow[];
}

export interface CheckOptions {
  /** The address the source came from; relative addresses are read against it. */
  readonly url?: string;
  /** What should be told; undefined to judge the source by itself. */
  readonly record?: BusinessRecord;
}

/** Reads a source (HTML or JSON-LD) and judges it by every family of rules. Never fails. */
export function check(source: string, options: CheckOptions = {}): Check {
  return checkReading(readSource(source, options.url), options.record);
}

/** Judges what was read. */
export function checkReading(reading: Reading, record: BusinessRecord | undefined): Check {
  const rows = threeWay(reading, record);
  const findings = [
    ...judgeSyntax(reading),
    ...judgeStructure(reading),
    ...judgeVocabulary(reading),
    ...judgeValues(reading),
    ...judgeGuidelines(reading),
    ...judgeAgreement(reading, rows),
  ].sort(byGradeAndPlace);
  return { items: reading.items.map(plainItem), findings, summary: summarise(findings), threeWay: rows };
}
