/** Does something with each of many things, so many at a time; the results in the order of the things. */
export async function inLanes<T, R>(
  things: readonly T[],
  lanes: number,
  work: (thing: T) => Promise<R>,
): Promise<readonly R[]> {
  const results: R[] = [];
  let next = 0;
  const lane = async (): Promise<void> => {
    for (let at = next++; at < things.length; at = next++) results[at] = await work(things[at] as T);
  };
  await Promise.all(Array.from({ length: Math.min(lanes, things.length) }, lane));
  return results;
}

/** Lets one after the other do what takes much memory. */
export class Turn {
  #last: Promise<unknown> = Promise.resolve();

  take<T>(work: () => Promise<T>): Promise<T> {
    const result = this.#last.then(work);
    this.#last = result.catch(() => undefined); // whoever asked is told
    return result;
  }
}
