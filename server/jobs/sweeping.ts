import type { Logger } from 'pino';
import type { PhotoStore } from '../gateways/photoStore.ts';
import { emptyTrash, namedKeys } from '../store/trash.ts';

const HOUR_MS = 3_600_000;
/** Bytes that nothing names yet may belong to a request in hand. */
const YOUNGEST_MS = 24 * HOUR_MS;
const CHUNK = 200;

/** Lets go of what was deleted longer ago than it can be brought back, with its bytes; how much it was. */
export async function sweep(store: PhotoStore, now: Date): Promise<{ rows: number; files: number }> {
  const rows = await emptyTrash(now);
  let files = 0;
  let chunk: string[] = [];
  const flush = async (): Promise<void> => {
    const named = await namedKeys(chunk);
    for (const key of chunk) {
      if (named.has(key)) continue;
      await store.remove(key);
      files += 1;
    }
    chunk = [];
  };
  for await (const { key, written } of store.keys()) {
    if (now.getTime() - written.getTime() < YOUNGEST_MS) continue;
    chunk.push(key);
    if (chunk.length >= CHUNK) await flush();
  }
  await flush();
  return { rows, files };
}

/** Sweeps now and then. Two processes that sweep at once do the same twice and no harm. */
export class Sweeper {
  readonly #timer: NodeJS.Timeout;

  constructor(store: PhotoStore, log: Logger) {
    this.#timer = setInterval(() => {
      sweep(store, new Date()).then(
        (swept) => log.info(swept, 'swept'),
        (error: unknown) => log.warn({ err: error }, 'sweeping failed; it is done again in an hour'),
      );
    }, HOUR_MS);
    this.#timer.unref();
  }

  stop(): void {
    clearInterval(this.#timer);
  }
}
