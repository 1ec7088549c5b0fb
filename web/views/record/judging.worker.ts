/** Judges what a record becomes away from the interface's thread: the whole check is loaded for it. */
import { expose } from 'comlink';
import { judgeWritten } from '#core/checking';
import type { BusinessRecord } from '#core/record';

const judging = {
  judge: (record: BusinessRecord) => judgeWritten(record, new Date().toISOString().slice(0, 10)),
};
export type Judging = typeof judging;

expose(judging);
