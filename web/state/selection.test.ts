import { describe, expect, test } from '@jest/globals';
import { choose, chooseAll, howOf, move, noSelection, type Selection } from './selection.ts';

const sight = [7, 3, 9, 1, 5];
const ids = ({ chosen }: Selection): readonly number[] => [...chosen];

describe('a selection', () => {
  test('is one by click, more with Ctrl, a range with Shift', () => {
    const one = choose(noSelection, sight, 3, 'alone');
    expect(ids(one)).toEqual([3]);
    expect(ids(choose(one, sight, 1, 'range'))).toEqual([3, 9, 1]);
    expect(ids(choose(choose(one, sight, 1, 'range'), sight, 7, 'range'))).toEqual([7, 3]);
    const two = choose(one, sight, 5, 'toggle');
    expect(ids(two)).toEqual([3, 5]);
    expect(ids(choose(two, sight, 3, 'toggle'))).toEqual([5]);
  });

  test('of a range whose beginning is out of sight begins anew', () => {
    expect(ids(choose(choose(noSelection, [4], 4, 'alone'), sight, 9, 'range'))).toEqual([4, 9]);
  });

  test('follows the arrow keys, and stops at the ends', () => {
    const first = move(noSelection, sight, 1, 'alone');
    expect(first.at).toBe(7);
    const third = move(first, sight, 2, 'alone');
    expect([third.at, ids(third)]).toEqual([9, [9]]);
    expect(ids(move(third, sight, 5, 'range'))).toEqual([9, 1, 5]);
    const moved = move(third, sight, -1, 'toggle');
    expect([moved.at, ids(moved)]).toEqual([3, [9]]);
    expect(move(noSelection, [], 1, 'alone')).toBe(noSelection);
  });

  test('is all or nothing', () => {
    const all = chooseAll(noSelection, sight);
    expect(ids(all)).toEqual(sight);
    expect(ids(chooseAll(all, sight))).toEqual([]);
  });

  test('knows the keys that are held', () => {
    const keys = { shiftKey: false, ctrlKey: false, metaKey: false };
    expect([keys, { ...keys, metaKey: true }, { ...keys, ctrlKey: true, shiftKey: true }].map(howOf)).toEqual(
      ['alone', 'toggle', 'range'],
    );
  });
});
