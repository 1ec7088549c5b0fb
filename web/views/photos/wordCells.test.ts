import { describe, expect, test } from '@jest/globals';
import { stampSchema } from '#core/photo';
import { larkspur } from '#sample';
import { plannedIn } from './planned.ts';
import { cellsNow, filledDown, isReadable, pastedFrom, rowOf, wordsIn, type WordRow } from './wordCells.ts';
import { photo } from './samplePhoto.ts';

const rows: readonly WordRow[] = [
  rowOf(photo(1, { own: { title: 'One', keywords: ['a', 'b'] } })),
  rowOf(photo(2)),
  rowOf(photo(3, { own: { title: 'Three' } })),
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
    expect(pastedFrom(rows, 2, 'alt', 'x\ty, z\t48.5, -122.6\ttoo far\r\nu\tv\nno row\t-\n')).toEqual([
      { id: 2, column: 'alt', text: 'x' },
      { id: 2, column: 'keywords', text: 'y, z' },
      { id: 2, column: 'place', text: '48.5, -122.6' },
      { id: 3, column: 'alt', text: 'u' },
      { id: 3, column: 'keywords', text: 'v' },
    ]);
  });

  test('keeps cells picture by picture, and knows what was there before', () => {
    const cells = pastedFrom(rows, 1, 'alt', 'x\ty; z');
    expect(wordsIn(cells)).toEqual([{ id: 1, own: { alt: 'x', keywords: ['y', 'z'] } }]);
    expect(wordsIn(cellsNow(rows, cells))).toEqual([{ id: 1, own: { alt: '', keywords: ['a', 'b'] } }]);
  });

  test('reads a place, takes it away, and refuses what is none', () => {
    const place = (text: string) => ({ id: 1, column: 'place', text }) as const;
    expect(wordsIn([place('48.51234, -122.61234')])).toEqual([
      { id: 1, own: { point: { latitude: 48.51234, longitude: -122.61234 } } },
    ]);
    expect(wordsIn([place(' ')])).toEqual([{ id: 1, own: { point: null } }]);
    expect([place('48.5, -122.6'), place('the door')].map(isReadable)).toEqual([true, false]);
  });

  test('shows what the stamp makes where nothing was typed', () => {
    const shop = photo(4, { name: 'shop-front.jpg' });
    const planned = plannedIn(
      [shop],
      () => true,
      larkspur,
      stampSchema.parse({ wordings: { title: '{subject} in {town}' } }),
    );
    expect(rowOf(shop, planned.get(4))).toMatchObject({
      title: '',
      planned: { title: 'shop front in Port Ellery', name: 'shop-front.jpg' },
    });
  });
});
