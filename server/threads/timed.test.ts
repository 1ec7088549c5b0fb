import { expect, test } from '@jest/globals';
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
