import { describe, expect, test } from '@jest/globals';
import { larkspur } from '#sample';
import { emptyRecord, recordSchema } from '#core/record';
import { nextStep } from './next.ts';
import { pagesStep, photosStep, recordStep } from './state.ts';
import { hasState, urgencyOf, type StepState, type Steps } from './step.ts';

const steps = (record: StepState, pages: StepState, photos: StepState): Steps => ({
  record: { state: record, detail: '' },
  pages: { state: pages, detail: '' },
  photos: { state: photos, detail: '' },
});

describe('a step', () => {
  test.each([
    ['nothing', emptyRecord, { state: 'missing', detail: 'no facts yet' }],
    ['a name alone', { ...emptyRecord, name: 'A' }, { state: 'must', detail: '2 to mend' }],
    ['every fact', recordSchema.parse(larkspur), { state: 'proved', detail: 'complete' }],
  ])('of a record with %s', (_, record, step) => expect(recordStep(record)).toEqual(step));

  test.each([
    [[], 'missing', 'nothing placed'],
    [['proved', 'proved'], 'proved', '2 proved'],
    [['proved', 'misread', 'absent'], 'out-of-date', '2 of 3 out of date'],
  ] as const)('of pages that are %j', (states, state, detail) =>
    expect(pagesStep(states)).toEqual({ state, detail }),
  );

  test.each([
    [[], { state: 'as-intended', isCurrent: true }, false, 'proved', 'live page proved'],
    [
      [],
      { state: 'as-intended', isCurrent: false },
      false,
      'out-of-date',
      'changed since the live page was read',
    ],
    [[], { state: 'altered', isCurrent: true }, true, 'out-of-date', 'live page altered'],
    [[], { state: 'absent', isCurrent: true }, true, 'missing', 'not on the live page'],
    [[], { state: 'unreachable', isCurrent: true }, true, 'unproved', 'live page not reached'],
    [['proved'], { state: 'as-intended', isCurrent: true }, false, 'proved', '1 proved, live too'],
    [['proved'], { state: 'out-of-date', isCurrent: true }, false, 'out-of-date', 'live page out of date'],
    [['absent'], { state: 'as-intended', isCurrent: true }, false, 'out-of-date', '1 of 1 out of date'],
    [[], undefined, true, 'missing', 'to hand over'],
    [['proved'], undefined, true, 'proved', '1 proved'],
  ] as const)('of pages that are %j, live %j, by hand %j', (states, live, byHand, state, detail) =>
    expect(pagesStep(states, live, byHand)).toEqual({ state, detail }),
  );

  test.each([
    [[], 'missing', 'no photos'],
    [['stamped', 'bare'], 'unproved', '1 of 2 stamped'],
    [['stamped'], 'proved', '1 of 1 stamped'],
    [['stamped', 'out-of-date', 'bare'], 'out-of-date', '1 out of date'],
    [['failed', 'out-of-date'], 'must', '1 failed'],
  ] as const)('of photos that are %j', (states, state, detail) =>
    expect(photosStep(states)).toEqual({ state, detail }),
  );
});

describe('the steps of a branch', () => {
  test.each([
    [steps('missing', 'missing', 'missing'), 'record', 'Begin the record'],
    [steps('must', 'out-of-date', 'missing'), 'record', 'Mend the record'],
    [steps('should', 'out-of-date', 'missing'), 'pages', 'Place the markup again'],
    [steps('should', 'missing', 'missing'), 'pages', 'Place the markup'],
    [steps('should', 'proved', 'missing'), 'photos', 'Add photos'],
    [steps('should', 'proved', 'unproved'), 'photos', 'Stamp the photos'],
    [steps('should', 'proved', 'proved'), 'record', 'Complete the record'],
  ] as const)('say what comes next %#', (all, view, words) => expect(nextStep(all)).toEqual({ view, words }));

  test('are handed over where people write the site by hand', () =>
    expect(
      nextStep({ ...steps('proved', 'missing', 'proved'), pages: pagesStep([], undefined, true) }),
    ).toEqual({
      view: 'pages',
      words: 'Hand the markup over',
    }));

  test('are done when all are proved', () =>
    expect(nextStep(steps('proved', 'proved', 'proved'))).toBeUndefined());

  test('are as urgent as the most urgent of them', () => {
    const sorted = [
      steps('proved', 'proved', 'proved'),
      steps('proved', 'unproved', 'proved'),
      steps('should', 'proved', 'proved'),
      steps('should', 'missing', 'proved'),
      steps('should', 'missing', 'out-of-date'),
      steps('must', 'proved', 'out-of-date'),
    ];
    expect(sorted.map(urgencyOf)).toEqual([5, 4, 3, 2, 1, 0]);
  });

  test('have a state that one of them has', () => {
    expect(hasState(steps('should', 'missing', 'proved'), 'missing')).toBe(true);
    expect(hasState(steps('should', 'missing', 'proved'), 'must')).toBe(false);
  });
});
