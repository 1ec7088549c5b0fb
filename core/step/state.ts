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

/** How a branch stands whose site people write by hand, before its live page was read. */
export const TO_HAND_OVER = 'to hand over';

/** What was last read on a branch’s live page. */
export interface SeenLive {
  readonly state: 'as-intended' | 'out-of-date' | 'altered' | 'absent' | 'unreachable';
  /** Whether the record is still the one that it was compared with. */
  readonly isCurrent: boolean;
}

/**
 * What stands of a branch's placements, by the state of each, and on its live page, where that was read: the more
 * urgent of both. A branch whose site nobody but people writes to has its live page alone.
 */
export function pagesStep(states: readonly string[], live?: SeenLive, byHand = false): Step {
  const placed = placedStep(states);
  if (!live) return byHand && states.length === 0 ? { state: 'missing', detail: TO_HAND_OVER } : placed;
  const seen = liveStep(live);
  if (states.length === 0) return seen;
  if (seen.state === 'proved')
    return placed.state === 'proved' ? { state: 'proved', detail: `${placed.detail}, live too` } : placed;
  return placed.state === 'proved' ? seen : placed;
}

function liveStep({ state, isCurrent }: SeenLive): Step {
  switch (state) {
    case 'as-intended':
      return isCurrent
        ? { state: 'proved', detail: 'live page proved' }
        : { state: 'out-of-date', detail: 'changed since the live page was read' };
    case 'out-of-date':
      return { state: 'out-of-date', detail: 'live page out of date' };
    case 'altered':
      return { state: 'out-of-date', detail: 'live page altered' };
    case 'absent':
      return { state: 'missing', detail: 'not on the live page' };
    case 'unreachable':
      return { state: 'unproved', detail: 'live page not reached' };
  }
}

function placedStep(states: readonly string[]): Step {
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
