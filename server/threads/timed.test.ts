import { expect, test } from '@jest/globals';
import { tellBegun, type Begun } from './begun.ts';
import { runTimed } from './timed.ts';

test('a task that no thread ever begins is given up as well', async () => {
  const pool = {
    run: (_task: object, { signal }: { signal?: unknown } = {}) =>
      new Promise<never>((_resolve, reject) => {
        if (signal instanceof AbortSignal)
          signal.addEventListener('abort', () => reject(signal.reason as Error));
      }),
  };
  await expect(runTimed(pool, {}, 60_000, 1)).rejects.toMatchObject({ name: 'AbortError' });
});

test('the time of a task is counted from when a thread begins with it', async () => {
  const pool = {
    run: async ({ begun }: Begun<object>, { signal }: { signal?: unknown } = {}) => {
      await new Promise((resolve) => setTimeout(resolve, 300));
      tellBegun({ begun });
      return signal instanceof AbortSignal && signal.aborted ? 'too late' : 'in time';
    },
  };
  expect(await runTimed(pool, {}, 100)).toBe('in time');
});
