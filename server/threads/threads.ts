import { Refusal } from '../problem.ts';
import type { PageWorker } from './pageWork.ts';
import { reasonOf, TimedThreads } from './timed.ts';
import type { Task, TaskName, Tasks } from './work.ts';

/** A task that takes longer than this is given up with its thread. */
const LONGEST_MS = 120_000;
/** A small picture is not waited for as long. */
const LONGEST_DECODING_MS = 30_000;
const DECODER_IDLE_MS = 20_000;
const WORKER = new URL('threads.mjs', import.meta.url);

/** Why a task has no result: it is told of the thing in hand, and everything else goes on. */
export class GivenUp extends Error {}

/**
 * The threads in which pages are read and changed, photos stamped, and what is large is read. The server's own
 * thread only asks and answers.
 */
export class Threads implements PageWorker {
  readonly #threads = new TimedThreads<Task, unknown>(WORKER);
  /** The memory that a large HEIC is decoded in is let go with its thread. */
  readonly #decoder = new TimedThreads<Task, unknown>(WORKER, { threads: 1, idleMs: DECODER_IDLE_MS });
  readonly #longestMs: number;

  constructor(longestMs = LONGEST_MS) {
    this.#longestMs = longestMs;
  }

  readonly #run = <Name extends TaskName>(name: Name, ...words: Parameters<Tasks[Name]>) =>
    this.#runIn(this.#threads, this.#longestMs, name, words);

  /** Does a task; throws `GivenUp` with the reason where it took too long or its thread died. */
  async #runIn<Name extends TaskName>(
    threads: TimedThreads<Task, unknown>,
    longestMs: number,
    name: Name,
    words: Parameters<Tasks[Name]>,
  ): Promise<Awaited<ReturnType<Tasks[Name]>>> {
    try {
      return (await threads.run({ name, words } as Task, longestMs)) as Awaited<ReturnType<Tasks[Name]>>;
    } catch (error) {
      throw new GivenUp(reasonOf(error, longestMs), { cause: error });
    }
  }

  readonly read: PageWorker['read'] = (bytes, placed) => this.#run('read', bytes, placed);
  readonly place: PageWorker['place'] = (...words) => this.#run('place', ...words);
  readonly remove: PageWorker['remove'] = (bytes, form) => this.#run('remove', bytes, form);
  readonly planPage = (...words: Parameters<Tasks['plan']>) => this.#run('plan', ...words);
  readonly matchPages = (...words: Parameters<Tasks['match']>) => this.#run('match', ...words);
  readonly judgeLive = (...words: Parameters<Tasks['live']>) => this.#run('live', ...words);
  readonly readImport = (bytes: Uint8Array) => this.#run('import', bytes);
  readonly readPhoto = (path: string) => this.#run('photo', path);
  readonly stampPhoto = (...words: Parameters<Tasks['stamp']>) => this.#run('stamp', ...words);
  readonly linksOn = (...words: Parameters<Tasks['links']>) => this.#run('links', ...words);
  readonly pictureOnPage = (...words: Parameters<Tasks['shown']>) => this.#run('shown', ...words);
  readonly comparePicture = (...words: Parameters<Tasks['picture']>) => this.#run('picture', ...words);

  readonly heicThumbnail = (...words: Parameters<Tasks['heic']>) =>
    this.#runIn(this.#decoder, Math.min(this.#longestMs, LONGEST_DECODING_MS), 'heic', words);

  readonly text = (bytes: Uint8Array) => this.#run('text', bytes);
  readonly checkedSource = (...words: Parameters<Tasks['source']>) => this.#run('source', ...words);

  async close(): Promise<void> {
    await Promise.all([this.#threads.close(), this.#decoder.close()]);
  }
}

/** What a user is told whose page or photo was given up. */
export const givenUp = (what: string, error: GivenUp): Refusal =>
  new Refusal(422, 'Given up', `${what}: ${error.message} Nothing was changed.`);
