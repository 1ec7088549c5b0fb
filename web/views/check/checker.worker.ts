/** Checks sources away from the interface's thread. */
import { expose } from 'comlink';
import { check, checker as checkerWith, surroundingsOf, type CheckOptions } from '#core/checking';
import { mendAll, type MendChoices } from '#core/mending';

const checker = {
  check: async (source: string, options: CheckOptions) =>
    check(source, { ...options, ...(await surroundingsOf(source)) }),
  mendAll: async (source: string, options: CheckOptions, choices: MendChoices) =>
    mendAll(source, checkerWith({ ...options, ...(await surroundingsOf(source)) }), choices),
};
export type Checker = typeof checker;

expose(checker);
