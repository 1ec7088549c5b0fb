/** Checks sources away from the interface's thread. */
import { expose } from 'comlink';
import { check, checker as checkerWith, type CheckOptions } from '#core/checking';
import { mendAll, type MendChoices } from '#core/mending';

const checker = {
  check,
  mendAll: (source: string, options: CheckOptions, choices: MendChoices) =>
    mendAll(source, checkerWith(options), choices),
};
export type Checker = typeof checker;

expose(checker);
