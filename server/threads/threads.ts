import { Refusal } from '../problem.ts';
import type { PageWorker } from './pageWork.ts';
import { reasonOf, TimedThreads } from './timed.ts';
import type { Task, TaskName, Tasks } from './work.ts';

/** A task that takes longer than this is given up with its thread. */
const LONGEST_MS = 120_000;

/** Why a task has no result: it is told of the thing in hand, and everything else goes on. */
export class GivenUp extends Error {}

/**
 * The threads in which pages are read and changed, photos stamped, and what is large is read. The server's own
 * thread only asks and answers.
 */
export class Threads implements PageWorker {
  readonly #threads = new TimedThreads<Task, unknown>(new URL('threads.mjs', import.meta.url));
  readonly #longestMs: number;

  constructor(longestMs = LONGEST_MS) {
    this.#longestMs = longestMs;
  }

  /** Does a task; throws `GivenUp` with the reason where it took too long or its thread died. */
  async #run<Name extends TaskName>(
    name: Name,
    ...words: Parameters<Tasks[Name]>
  ): Promise<Awaited<ReturnType<Tasks[Name]>>> {
    try {
      const task = { name, words } as Task;
      return (await this.#threads.run(task, this.#longestMs)) as Awaited<ReturnType<Tasks[Name]>>;
    } catch (error) {
      throw new GivenUp(reasonOf(error, this.#longestMs), { cause: error });
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

  readonly text = (bytes: Uint8Array) => this.#run('text', bytes);
  readonly checkedSource = (...words: Parameters<Tasks['source']>) => this.#run('source', ...words);

  async close(): Promise<void> {
    await this.#threads.close();
  }
}

/** What a user is told whose page or photo was given up. */
export const givenUp = (what: string, error: GivenUp): Refusal =>
  new Refusal(422, 'Given up', `${what}: ${error.message} Nothing was changed.`);
