/** Checks sources away from the interface's thread. */
import { expose } from 'comlink';
import { check, checker as checkerWith, type CheckOptions } from '#core/checking';
import { townsFor } from '#core/towns';
import { mendAll, type MendChoices } from '#core/mending';

/** What a check needs besides its options: the date, and the towns that a pin is held against. */
async function surroundings(source: string): Promise<Pick<CheckOptions, 'today' | 'towns'>> {
  const towns = await townsFor(source);
  return { today: new Date().toISOString().slice(0, 10), ...(towns ? { towns } : {}) };
}

const checker = {
  check: async (source: string, options: CheckOptions) =>
    check(source, { ...options, ...(await surroundings(source)) }),
  mendAll: async (source: string, options: CheckOptions, choices: MendChoices) =>
    mendAll(source, checkerWith({ ...options, ...(await surroundings(source)) }), choices),
};
export type Checker = typeof checker;

expose(checker);
