import { describe, expect, test } from '@jest/globals';
import { cellsNow, filledDown, pastedFrom, rowOf, wordsIn, type WordRow } from './wordCells.ts';
import type { Photo } from '#contract';

const photo = (id: number, own: Photo['own']): Photo => ({
  id,
  name: `${String(id)}.jpg`,
  size: 1,
  carried: null,
  own,
  state: 'bare',
  message: '',
  proof: [],
  wordings: null,
});
const rows: readonly WordRow[] = [
  rowOf(photo(1, { title: 'One', keywords: ['a', 'b'] })),
  rowOf(photo(2, {})),
  rowOf(photo(3, { title: 'Three' })),
];

describe('the grid of words', () => {
  test('has a row a picture, with keywords in one line', () => {
    expect(rows[0]).toMatchObject({ id: 1, title: 'One', keywords: 'a, b', caption: '' });
  });

  test('fills a cell down to the last row', () => {
    expect(filledDown(rows, 1, 'title')).toEqual([
      { id: 2, column: 'title', text: 'One' },
      { id: 3, column: 'title', text: 'One' },
    ]);
  });

  test('takes a block from a spreadsheet, as far as it has rows and columns', () => {
    expect(pastedFrom(rows, 2, 'alt', 'x\ty, z\ttoo far\r\nu\tv\nno row\t-\n')).toEqual([
      { id: 2, column: 'alt', text: 'x' },
      { id: 2, column: 'keywords', text: 'y, z' },
      { id: 3, column: 'alt', text: 'u' },
      { id: 3, column: 'keywords', text: 'v' },
    ]);
  });

  test('keeps cells picture by picture, and knows what was there before', () => {
    const cells = pastedFrom(rows, 1, 'alt', 'x\ty; z');
    expect(wordsIn(cells)).toEqual([{ id: 1, own: { alt: 'x', keywords: ['y', 'z'] } }]);
    expect(wordsIn(cellsNow(rows, cells))).toEqual([{ id: 1, own: { alt: '', keywords: ['a', 'b'] } }]);
  });
});
