import type { SheetRow } from './intake.worker.ts';

/** Whether something of a row is to be mended first. */
export const isFaulty = ({ faults, problem }: SheetRow): boolean =>
  problem !== '' || faults.some(({ grade }) => grade === 'must');

/** Whether a row says nothing new of a branch that is here already. */
export const isSame = ({ id, changes }: SheetRow): boolean => id > 0 && changes.length === 0;
