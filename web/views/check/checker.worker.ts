/** Checks sources away from the interface's thread. */
import { expose } from 'comlink';
import { check, mendAll } from '#core/checking';

const checker = { check, mendAll };
export type Checker = typeof checker;

expose(checker);
