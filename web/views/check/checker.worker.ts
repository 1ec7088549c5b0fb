/** Checks sources away from the interface's thread. */
import { expose } from 'comlink';
import { check, checker as checkerWith, type CheckOptions } from '#core/checking';
import { mendAll, type MendChoices } from '#core/mending';

const today = (): string => new Date().toISOString().slice(0, 10);

const checker = {
  check: (source: string, options: CheckOptions) => check(source, { ...options, today: today() }),
  mendAll: (source: string, options: CheckOptions, choices: MendChoices) =>
    mendAll(source, checkerWith({ ...options, today: today() }), choices),
};
export type Checker = typeof checker;

expose(checker);
