import { MessageChannel } from 'node:worker_threads';
import pLimit from 'p-limit';
import { Piscina } from 'piscina';
import { limits } from '#core/limits';
import type { Begun } from './begun.ts';

/** Threads at work at the same time. */
const THREADS = 2;
const IDLE_MS = 600_000;
/** All that is made of a page lives until it is judged: in a small young generation each page is copied twice. */
const YOUNG_MEGABYTES = 96;

/**
 * Threads in which tasks are given up, with their thread, when they take too long. One that dies of its task takes
 * nothing with it but that task. They outlive a task, because a thread takes seconds to start.
 */
export class TimedThreads<T extends object, R> {
  readonly #pool: Piscina<Begun<T>, R>;
  /** Whoever waits for a thread waits here: the pool starts a new one for a task that comes, not for one it has. */
  readonly #turn: ReturnType<typeof pLimit>;

  /** @param worker the module that each thread runs; `idleMs` is how long one stays that has nothing to do. */
  constructor(worker: URL, { threads = THREADS, idleMs = IDLE_MS } = {}) {
    this.#turn = pLimit(threads);
    this.#pool = new Piscina({
      filename: worker.href,
      minThreads: 0,
      maxThreads: threads,
      idleTimeout: idleMs,
      resourceLimits: {
        maxOldGenerationSizeMb: limits.threadMegabytes,
        maxYoungGenerationSizeMb: YOUNG_MEGABYTES,
      },
    });
  }

  run(task: T, longestMs: number): Promise<R> {
    return this.#turn(() => runTimed(this.#pool, task, longestMs));
  }

  async close(): Promise<void> {
    await this.#pool.destroy();
  }
}

/** So long a task waits for a thread: for a slow start, but not for a thread that never comes. */
const LONGEST_WAIT_MS = 300_000;

/**
 * Runs a task in a pool of threads and gives it up, with its thread, when it takes too long. Its time is counted from
 * when a thread begins with it: the start of a thread is not the task's fault.
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
