import { beforeEach, expect, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { SnackbarProvider } from 'notistack';
import { MemoryRouter } from 'react-router';
import type { Trashed } from '#contract';
import Trash from './Trash.tsx';

/** What the server has, as this test's stand-in for it answers. */
let things: readonly Trashed[];
let changes: readonly { id: number; title: string; made: string }[];
let kept: readonly string[];
let refuses: string;
let asked: string[];

const answerTo = (method: string, path: string): unknown => {
  if (path === '/api/trash') return { days: 30, things };
  if (path.startsWith('/api/clients/7/changes')) return { changes };
  if (path.startsWith('/api/clients/8/changes')) return { changes: [] };
  if (path.startsWith('/api/clients'))
    return {
      clients: [
        { id: 7, name: 'Larkspur', pages: 2, branches: 3 },
        { id: 8, name: 'Hollins', pages: 0, branches: 1 },
      ],
    };
  asked.push(`${method} ${path}`);
  if (path.includes('/restore')) things = things.filter(({ id }) => !path.includes(`/${String(id)}/`));
  if (path.includes('/undo')) changes = [];
  return path.includes('/undo') ? { undone: 12, kept } : {};
};

beforeEach(() => {
  things = [
    { kind: 'branches', id: 3, name: 'Truro', owner: 'Larkspur', deleted: '2026-11-20T10:00:00Z' },
    { kind: 'photos', id: 4, name: 'door.jpg', owner: 'Truro', deleted: '2026-11-21T10:00:00Z' },
  ];
  changes = [{ id: 5, title: '12 branches added, from branches.csv', made: '2026-11-22T10:00:00Z' }];
  [kept, refuses, asked] = [[], '', []];
  globalThis.fetch = ((url: string, { method = 'GET' }: RequestInit = {}) => {
    const problem = method === 'GET' || !refuses ? undefined : { status: 409, title: 'No', detail: refuses };
    const answer = problem ?? answerTo(method, url);
    return Promise.resolve({
      ok: !problem,
      status: problem?.status ?? 200,
      json: () => Promise.resolve(answer),
      text: () => Promise.resolve(JSON.stringify(answer)),
    });
  }) as unknown as typeof fetch;
});

function open(address = '/trash') {
  render(
    <SnackbarProvider>
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter initialEntries={[address]}>
          <Trash />
        </MemoryRouter>
      </QueryClientProvider>
    </SnackbarProvider>,
  );
}
const rowsOf = (table: HTMLElement): readonly string[] =>
  within(table)
    .getAllByRole('row')
    .slice(1)
    .map((row) => row.textContent);

test('what was deleted is listed with its owner, and brought back', async () => {
  open();
  const table = await screen.findByRole('table', { name: 'Trash' });
  expect(rowsOf(table).map((text) => text.slice(0, 20))).toEqual([
    'BranchTruroLarkspurN',
    'Photodoor.jpgTruroNo',
  ]);
  expect(screen.getByText(/brought back for 30 days/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Bring back Truro' }));
  await screen.findByText('“Truro” is back.');
  expect(asked).toEqual(['POST /api/branches/3/restore']);
  await screen.findByRole('button', { name: 'Bring back door.jpg' });
  expect(screen.queryByRole('button', { name: 'Bring back Truro' })).toBeNull();
});

test('a change is undone as one, and what was changed since is named', async () => {
  kept = ['Truro', 'Saltby'];
  open();
  await userEvent.click(
    await screen.findByRole('button', { name: 'Undo 12 branches added, from branches.csv' }),
  );
  await screen.findByText(/Undone: 12 branches added.*Changed again since and kept: Truro, Saltby\./);
  expect(asked).toEqual(['POST /api/changes/5/undo']);
});

test('why something cannot be brought back is said, and it stays', async () => {
  refuses = 'Its client is in the trash. Bring that back first.';
  open();
  await userEvent.click(await screen.findByRole('button', { name: 'Bring back Truro' }));
  await screen.findByText(refuses);
  expect(screen.getByRole('button', { name: 'Bring back Truro' })).toBeTruthy();
});

test('an empty trash, and a client of whom nothing can be undone, say so', async () => {
  things = [];
  open();
  await screen.findByText('The trash is empty.');
});

test('of one client only its changes are shown', async () => {
  open('/trash?client=8');
  await screen.findByText('Nothing of Hollins can be undone.');
  expect(screen.queryByRole('table', { name: 'Trash' })).toBeNull();
  expect(screen.queryByRole('table', { name: 'Changes of Larkspur' })).toBeNull();
});
