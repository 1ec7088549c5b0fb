import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { emptyRecord, type BusinessRecord } from '#core/record';
import { larkspur } from '#sample';
import { useDraft, type DraftInHand, type Subject } from './useDraft.ts';

const theirs = { record: { ...larkspur, name: 'Theirs' }, version: 4 };
const subject: Subject = {
  key: 'draft:7',
  endpoint: 'saveRecord',
  id: 7,
  record: larkspur,
  defaults: emptyRecord,
  version: 3,
  ask: () => Promise.resolve({ ...theirs, version: server.version }),
  onSaved: () => undefined,
};

/** A server of one record: what it was sent, and what it does next. */
class Server {
  readonly saved: { name: string; version: number }[] = [];
  readonly records: BusinessRecord[] = [];
  /** Whether each request was to be sent on without the page. */
  readonly keptAlive: boolean[] = [];
  version = 3;
  down = false;

  refuses = 0;
  asked = 0;

  answer = (_path: unknown, init?: { body?: unknown; keepalive?: boolean }): Promise<unknown> => {
    this.asked += 1;
    if (this.down) return Promise.reject(new Error('no route'));
    if (this.refuses > 0)
      return Promise.resolve(
        response(this.refuses, {
          type: 'about:blank',
          title: 'No',
          status: this.refuses,
          detail: 'Too long.',
        }),
      );
    const { record, version } = JSON.parse(String(init?.body)) as {
      record: BusinessRecord;
      version: number;
    };
    if (version !== this.version)
      return Promise.resolve(
        response(409, {
          type: 'about:blank',
          title: 'Saved elsewhere',
          status: 409,
          detail: 'Nothing was overwritten.',
        }),
      );
    this.version += 1;
    this.saved.push({ name: record.name, version });
    this.records.push(record);
    this.keptAlive.push(init?.keepalive === true);
    return Promise.resolve(response(200, { version: this.version }));
  };
}

const response = (status: number, body: unknown): unknown => ({
  ok: status < 400,
  status,
  statusText: '',
  json: () => Promise.resolve(body),
});

let server: Server;
let queries: QueryClient;

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  server = new Server();
  queries = new QueryClient();
  Reflect.set(globalThis, 'fetch', async (path: unknown, init?: { body?: unknown }) =>
    server.answer(path, init),
  );
});

afterEach(() => {
  jest.useRealTimers();
});

const open = (from: Subject = subject) =>
  renderHook(() => useDraft(from), {
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    ),
  });

const wait = (ms: number): Promise<void> => act(() => jest.advanceTimersByTimeAsync(ms));
const type = (draft: { current: DraftInHand }, text: string): void => {
  act(() => draft.current.set('name', text));
};

describe('a draft', () => {
  test('is saved by itself after a pause, once for many strokes', async () => {
    const { result } = open();
    expect(result.current.state.kind).toBe('saved');
    for (const text of ['L', 'La', 'Lar']) type(result, text);
    expect(result.current.state.kind).toBe('typing');
    expect(result.current.record.name).toBe('Lar');
    await wait(600);
    expect(result.current.state.kind).toBe('saved');
    expect(server.saved).toEqual([{ name: 'Lar', version: 3 }]);
    expect(localStorage.getItem('draft:7')).toBeNull();
  });

  test('goes back and forward, a run of strokes in one fact at a time', async () => {
    const { result } = open();
    for (const text of ['A', 'AB']) type(result, text);
    await wait(2000);
    type(result, 'ABC');
    act(() => result.current.undo());
    expect(result.current.record.name).toBe('AB');
    act(() => result.current.undo());
    expect(result.current.record.name).toBe(larkspur.name);
    expect(result.current.canUndo).toBe(false);
    act(() => result.current.redo());
    expect(result.current.record.name).toBe('AB');
    await wait(600);
    expect(server.saved.at(-1)?.name).toBe('AB');
  });

  test('is kept in the browser while nothing answers, and saved as soon as it does', async () => {
    const { result } = open();
    server.down = true;
    type(result, 'Kept');
    await wait(600);
    expect(result.current.state).toMatchObject({
      kind: 'kept',
      message: expect.stringContaining('kept in this browser') as unknown,
    });
    expect(localStorage.getItem('draft:7')).toContain('Kept');
    server.down = false;
    await wait(5000);
    expect(result.current.state.kind).toBe('saved');
    expect(server.saved).toEqual([{ name: 'Kept', version: 3 }]);
  });

  test('that was not saved when the page was left is there again and saved', async () => {
    localStorage.setItem('draft:7', JSON.stringify({ record: { ...larkspur, name: 'Before' }, version: 3 }));
    const { result } = open();
    expect(result.current.record.name).toBe('Before');
    await wait(600);
    expect(server.saved).toEqual([{ name: 'Before', version: 3 }]);
  });

  test('of an older version of the application is passed over', () => {
    localStorage.setItem('draft:7', '{"record":{"name":5}}');
    expect(open().result.current.record.name).toBe(larkspur.name);
  });

  test('that is typed on while it is being saved is saved again, over the new version', async () => {
    const { result } = open();
    type(result, 'One');
    await act(async () => {
      jest.advanceTimersByTime(500);
      result.current.set('name', 'Two');
      await jest.advanceTimersByTimeAsync(0);
    });
    expect(JSON.parse(localStorage.getItem('draft:7') ?? '{}')).toMatchObject({
      record: { name: 'Two' },
      version: 4,
    });
    await wait(1200);
    expect(server.saved.map(({ name }) => name)).toEqual(['One', 'Two']);
    expect(result.current.state.kind).toBe('saved');
  });

  test('is saved when the view is left before the pause is over', async () => {
    const { result, unmount } = open();
    type(result, 'Leaving');
    unmount();
    await wait(10);
    expect(server.saved).toEqual([{ name: 'Leaving', version: 3 }]);
    expect(server.keptAlive).toEqual([true]);
  });

  test('is sent on when the tab closes just after the last stroke', async () => {
    const { result } = open();
    type(result, 'Closing');
    act(() => void window.dispatchEvent(new Event('pagehide')));
    await wait(0);
    expect(server.saved).toEqual([{ name: 'Closing', version: 3 }]);
    expect(server.keptAlive).toEqual([true]);
  });

  test('is saved although the browser has no room for a backup', async () => {
    const setItem = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    const { result } = open();
    type(result, 'No room');
    await wait(600);
    expect(server.saved).toEqual([{ name: 'No room', version: 3 }]);
    setItem.mockRestore();
  });

  test('that is refused is not sent again until it is changed', async () => {
    const { result } = open();
    server.refuses = 400;
    type(result, 'Refused');
    await wait(60_000);
    expect(server.asked).toBe(1);
    expect(result.current.state).toMatchObject({ kind: 'kept', message: 'Too long.' });
    server.refuses = 0;
    type(result, 'Mended');
    await wait(600);
    expect(server.saved).toEqual([{ name: 'Mended', version: 3 }]);
  });

  test('that is refused for now is sent again', async () => {
    const { result } = open();
    server.refuses = 429;
    type(result, 'Patient');
    await wait(600);
    server.refuses = 0;
    await wait(5000);
    expect(server.saved).toEqual([{ name: 'Patient', version: 3 }]);
  });

  test.each(['{', 'null', '[]', '{"record":null,"version":1}'])(
    'is not hindered by rubbish in the browser: %s',
    (text) => {
      localStorage.setItem('draft:7', text);
      expect(open().result.current).toMatchObject({ record: larkspur, state: { kind: 'saved' } });
    },
  );
});

describe('a record that was saved elsewhere meanwhile', () => {
  test.each([
    ['mine', 'Mine'],
    ['theirs', 'Theirs'],
  ] as const)('is overwritten by nobody until one is chosen: %s', async (choice, name) => {
    const { result } = open();
    server.version = 9;
    type(result, 'Mine');
    await wait(600);
    expect(result.current.state).toMatchObject({
      kind: 'conflict',
      clashes: [{ unit: 'name', mine: 'Mine', theirs: 'Theirs' }],
    });
    expect(server.saved).toEqual([]);
    expect(localStorage.getItem('draft:7')).toContain('Mine');
    await act(async () => {
      result.current.resolve(choice);
      await jest.advanceTimersByTimeAsync(1000);
    });
    expect(server.saved).toEqual([{ name, version: 9 }]);
    expect(result.current.record.name).toBe(name);
    if (choice === 'theirs') {
      act(() => result.current.undo());
      expect(result.current.record.name).toBe('Mine');
    }
  });

  test('in another fact is merged: both changes are saved', async () => {
    const { result } = open();
    server.version = 9;
    act(() => result.current.set('slogan', 'Ours'));
    await wait(1200);
    expect(server.records).toMatchObject([{ name: 'Theirs', slogan: 'Ours' }]);
    expect(result.current.state.kind).toBe('saved');
  });

  test('while this browser held text of another fact is merged too', async () => {
    const backup = { record: { ...larkspur, slogan: 'Kept' }, base: larkspur, version: 1 };
    localStorage.setItem('draft:7', JSON.stringify(backup));
    const { result } = open({ ...subject, ...theirs, version: 3 });
    expect(result.current.record).toMatchObject({ name: 'Theirs', slogan: 'Kept' });
    await wait(600);
    expect(server.records).toMatchObject([{ name: 'Theirs', slogan: 'Kept' }]);
  });

  test('while this browser held text that was not saved is told at once', () => {
    localStorage.setItem(
      'draft:7',
      JSON.stringify({ record: { ...larkspur, name: 'Old draft' }, version: 1 }),
    );
    const { result } = open();
    expect(result.current.state.kind).toBe('conflict');
    expect(result.current.record.name).toBe('Old draft');
  });
});
