import { MessageChannel, type MessagePort } from 'node:worker_threads';
import type { Piscina } from 'piscina';

/** A task that says when a thread begins with it. */
export type Begun<T> = T & { readonly begun: MessagePort };

/** Tells whoever waits that the task has begun. For threads. */
export function tellBegun({ begun }: { readonly begun: MessagePort }): void {
  begun.postMessage('begun');
  begun.close();
}

/** So long a task waits for a thread: for a queue or a slow start, but not for a thread that never comes. */
const LONGEST_WAIT_MS = 300_000;

/**
 * Runs a task in a pool of threads and gives it up, with its thread, when it takes too long. Its time is counted from
 * when a thread begins with it: neither the start of a thread nor the queue is the task's fault.
 */
export async function runTimed<T extends object, R>(
  pool: Pick<Piscina<Begun<T>, R>, 'run'>,
  task: T,
  longestMs: number,
  longestWaitMs = LONGEST_WAIT_MS,
): Promise<R> {
  const { port1, port2 } = new MessageChannel();
  const given = new AbortController();
  let timer = setTimeout(() => given.abort(), longestWaitMs);
  port1.once('message', () => {
    clearTimeout(timer);
    timer = setTimeout(() => given.abort(), longestMs);
  });
  try {
    return await pool.run({ ...task, begun: port2 }, { transferList: [port2], signal: given.signal });
  } finally {
    clearTimeout(timer);
    port1.close();
  }
}

/** Why a thread did not do what it was asked, in words for people. */
export function reasonOf(error: unknown, longestMs: number): string {
  if (error instanceof Error && error.name === 'AbortError')
    return `It took longer than ${String(longestMs / 1000)} seconds and was given up.`;
  if (error instanceof Error && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY')
    return 'It needs more memory than one file may have and was given up.';
  if (error instanceof RangeError) return 'It is nested too deeply to be read.';
  return 'The program failed on it. Everything else goes on.';
}
