import { escapePattern } from '#core/text';
import { factRows, factText, withFact } from './fact.ts';
import type { Fact } from './facts.ts';
import { effectiveRecord, setOwn, withoutOwn } from './inherit.ts';
import { addressFromPattern, withMadeId } from './pattern.ts';
import { emptyRecord, type BusinessRecord } from './record.ts';

/** One change of many branches. */
export type BulkChange =
  | { readonly kind: 'set'; readonly fact: Fact; readonly text: string }
  /** The branches say nothing of it themselves any more: what their client says holds. */
  | { readonly kind: 'clear'; readonly fact: Fact }
  | {
      readonly kind: 'replace';
      /** '' for every fact. */
      readonly fact: Fact | '';
      readonly find: string;
      readonly by: string;
      readonly matchCase: boolean;
      readonly wholeWords: boolean;
    }
  /** Page addresses of a pattern, and with them `@id`s, for branches that have none. */
  | { readonly kind: 'address'; readonly pattern: string };

/** What a change makes of one fact. */
export interface BulkRow {
  readonly fact: Fact;
  readonly before: string;
  readonly after: string;
}

/** The text with every place replaced; `$` and the like in what comes in mean themselves. */
function replaced(text: string, change: Extract<BulkChange, { kind: 'replace' }>): string {
  const { find, by, matchCase, wholeWords } = change;
  if (find === '') return text;
  const pattern = wholeWords
    ? `(?<![\\p{L}\\p{N}])${escapePattern(find)}(?![\\p{L}\\p{N}])`
    : escapePattern(find);
  return text.replace(new RegExp(pattern, matchCase ? 'gu' : 'giu'), () => by);
}

/** A branch's own record after a change of many; the very same where the change says nothing of it. */
export function withBulk(own: BusinessRecord, defaults: BusinessRecord, change: BulkChange): BusinessRecord {
  if (change.kind === 'set') {
    if (change.text.trim() === '') return own;
    const next = setOwn(own, defaults, change.fact, change.text);
    const isSame = factText(own, change.fact) === change.text && next.withheld === own.withheld;
    return isSame ? own : next;
  }
  if (change.kind === 'clear')
    return factText(own, change.fact) === '' ? own : withoutOwn(own, emptyRecord, change.fact, 'use');
  if (change.kind === 'address') {
    if (own.url.trim()) return own;
    const url = addressFromPattern(change.pattern, effectiveRecord(own, defaults));
    return url ? withMadeId({ ...own, url }) : own;
  }
  return factRows.reduce((next, { fact }) => {
    if (change.fact !== '' && fact !== change.fact) return next;
    const text = factText(next, fact);
    const after = text ? replaced(text, change) : text;
    return after === text ? next : withFact(next, fact, after);
  }, own);
}

/** Every fact that differs between two records of a branch, as text. */
export const bulkRows = (before: BusinessRecord, after: BusinessRecord): readonly BulkRow[] =>
  before === after
    ? []
    : factRows.flatMap(({ fact }) => {
        const [was, is] = [factText(before, fact), factText(after, fact)];
        return was === is ? [] : [{ fact, before: was, after: is }];
      });
