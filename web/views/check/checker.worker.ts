/** Checks sources away from the interface's thread. */
import { expose } from 'comlink';
import { check } from '#core/checking';

const checker = { check };
export type Checker = typeof checker;

expose(checker);
