import type { Towns } from './towns.ts';

export type { Beyond, Towns } from './towns.ts';

/** Where the towns of the world are, loaded the first time that a source has a pin to hold against them. */
export const townsFor = async (source: string): Promise<Towns | undefined> =>
  /latitude/i.test(source) ? (await import('./towns.ts')).towns : undefined;
