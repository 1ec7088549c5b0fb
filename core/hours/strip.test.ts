import { describe, expect, test } from '@jest/globals';
import { minuteAt, stretchOf, withDrawn, withMoved, type Span } from './index.ts';

const span = (opens: string, closes: string): Span => ({ opens, closes });
const morning = span('09:00', '12:00');
const afternoon = span('14:00', '18:00');

test('a span is a stretch of minutes, past midnight where it closes before it opens', () => {
  expect(stretchOf(morning)).toEqual({ from: 540, until: 720 });
  expect(stretchOf(span('18:00', '02:00'))).toEqual({ from: 1080, until: 1560 });
  expect(stretchOf(span('00:00', '23:59'))).toEqual({ from: 0, until: 1440 });
  expect(stretchOf(span('00:00', '00:00'))).toEqual({ from: 0, until: 1440 });
});

test('a place on the day snaps to half hours and stays within it', () => {
  expect([-0.2, 0, 0.3777, 0.99, 1.4].map(minuteAt)).toEqual([0, 0, 540, 1440, 1440]);
});

describe('a stretch that is drawn', () => {
  test('stands beside the others, in the order of the day', () => {
    expect(withDrawn([afternoon], { from: 540, until: 720 })).toEqual([morning, afternoon]);
  });

  test('takes up what it touches, and leaves what it does not', () => {
    expect(withDrawn([morning, afternoon], { from: 720, until: 840 })).toEqual([span('09:00', '18:00')]);
    expect(withDrawn([morning, afternoon], { from: 660, until: 780 })).toEqual([
      span('09:00', '13:00'),
      afternoon,
    ]);
  });

  test('over all of the day is open around the clock', () => {
    expect(withDrawn([morning], { from: 0, until: 1440 })).toEqual([span('00:00', '23:59')]);
  });
});

describe('an end that is moved', () => {
  test('moves, by either end, and past midnight', () => {
    expect(withMoved([morning, afternoon], 1, { end: 'until', by: 30 })).toEqual([
      morning,
      span('14:00', '18:30'),
    ]);
    expect(withMoved([morning], 0, { end: 'from', by: -60 })).toEqual([span('08:00', '12:00')]);
    expect(withMoved([span('18:00', '23:30')], 0, { end: 'until', by: 90 })).toEqual([
      span('18:00', '01:00'),
    ]);
  });

  test.each([
    ['nothing is left', { end: 'until', by: -180 } as const],
    ['less than a quarter of an hour is left', { end: 'from', by: 170 } as const],
    ['it would be longer than a day', { end: 'until', by: 1500 } as const],
  ])('stays where %s', (_, move) => expect(withMoved([morning], 0, move)).toEqual([morning]));

  test('stops at the beginning of the day', () => {
    expect(withMoved([span('00:15', '12:00')], 0, { end: 'from', by: -30 })).toEqual([
      span('00:00', '12:00'),
    ]);
  });
});
