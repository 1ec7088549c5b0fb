import { completeness, judgeRecord, type BusinessRecord } from '#core/record';
import type { Step } from './step.ts';

/** What a record lacks. */
export function recordStep(record: BusinessRecord): Step {
  const faults = judgeRecord(record);
  const musts = faults.filter(({ grade }) => grade === 'must').length;
  if (!record.name && musts > 0) return { state: 'missing', detail: 'no facts yet' };
  if (musts > 0) return { state: 'must', detail: `${musts} to mend` };
  const lacking =
    completeness(record).lacking.length + faults.filter(({ grade }) => grade === 'should').length;
  return lacking > 0
    ? { state: 'should', detail: `${lacking} to improve` }
    : { state: 'proved', detail: 'complete' };
}

/** What stands of a branch's placements, by the state of each. */
export function pagesStep(states: readonly string[]): Step {
  if (states.length === 0) return { state: 'missing', detail: 'nothing placed' };
  const stale = states.filter((state) => state !== 'proved').length;
  if (stale > 0) return { state: 'out-of-date', detail: `${stale} of ${states.length} out of date` };
  return { state: 'proved', detail: `${states.length} proved` };
}

/** What is stamped of a branch's photos, by the state of each. */
export function photosStep(states: readonly string[]): Step {
  if (states.length === 0) return { state: 'missing', detail: 'no photos' };
  const count = (state: string): number => states.filter((one) => one === state).length;
  if (count('failed') > 0) return { state: 'must', detail: `${count('failed')} failed` };
  if (count('out-of-date') > 0)
    return { state: 'out-of-date', detail: `${count('out-of-date')} out of date` };
  return {
    state: count('bare') === 0 ? 'proved' : 'unproved',
    detail: `${count('stamped')} of ${states.length} stamped`,
  };
}
