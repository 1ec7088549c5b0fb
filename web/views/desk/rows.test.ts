import { expect, test } from '@jest/globals';
import { deskRows } from './rows.ts';

test('the desk knows the place of each row without knowing the branches', () => {
  const client = { id: 1, name: 'A', pages: 0, branches: 2 };
  const rows = deskRows([client, { ...client, id: 2, branches: 0 }]);
  expect(rows.map(({ kind }) => kind)).toEqual(['client', 'branch', 'branch', 'client', 'none']);
  expect(rows.flatMap((row) => (row.kind === 'branch' ? [row.at] : []))).toEqual([0, 1]);
});
