import { describe, expect, test } from '@jest/globals';
import { Lines } from '#core/text';
import { byGradeAndPlace, finding, nearestFinding, shortText, summarise, type Finding } from './index.ts';

const source = 'one two\nthree four\nfive';
const lines = new Lines(source);
const at = (word: string, more = 0) => {
  const start = source.indexOf(word);
  return finding('value/email', word, lines.place(start, start + word.length + more));
};

describe('findings', () => {
  test('nearest to an offset is the smallest round it, or else the first of its line', () => {
    const found = [at('one', 4), at('two'), at('three')];
    expect(nearestFinding(found, source, source.indexOf('two') + 1)).toBe(1);
    expect(nearestFinding(found, source, 1)).toBe(0);
    expect(nearestFinding(found, source, source.indexOf('four') + 2)).toBe(2);
    expect(nearestFinding(found, source, source.indexOf('five'))).toBe(-1);
    expect(nearestFinding([], source, 0)).toBe(-1);
  });

  test('are counted by grade, the worst first, then in the order of the source', () => {
    const graded = (word: string, grade: Finding['grade']): Finding => ({ ...at(word), grade });
    const found = [
      graded('three', 'should'),
      graded('two', 'note'),
      graded('one', 'should'),
      graded('five', 'must'),
    ];
    expect(summarise(found)).toEqual({ must: 1, should: 2, note: 1 });
    expect(found.sort(byGradeAndPlace).map(({ message }) => message)).toEqual([
      'five',
      'one',
      'three',
      'two',
    ]);
  });

  test('have a mend only where there are edits, and it is certain unless it is a guess', () => {
    const edits = [{ start: 0, end: 3, text: '1' }];
    const place = lines.place(0, 3);
    expect(finding('value/email', '', place, null, { edits: [] }).mend).toBeNull();
    expect(finding('value/email', '', place, null, { edits }).mend).toEqual({ edits, certain: true });
    expect(finding('value/email', '', place, null, { edits, guess: true }).mend?.certain).toBe(false);
  });

  test('show a text on one line, cut at 160 characters', () => {
    expect(shortText('a\n  b')).toBe('a b');
    expect(shortText('x'.repeat(160))).toHaveLength(160);
    expect(shortText('x'.repeat(161))).toBe(`${'x'.repeat(159)}…`);
  });
});
