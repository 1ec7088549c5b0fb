import { Transaction, UniqueConstraintError } from 'sequelize';
import { isLockConflict } from '../problem.ts';
import { ClientRow } from './models.ts';

const ATTEMPTS = 5;

/**
 * Does something whole or not at all. Where another transaction was in its way it is done again from its
 * beginning: it must read within the transaction whatever it decides by.
 */
export async function whole<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const { sequelize } = ClientRow;
  if (!sequelize) throw new Error('the models are not tied to a database');
  // Locks on rows, not on the gaps between them, which others would wait for.
  const isolationLevel = Transaction.ISOLATION_LEVELS.READ_COMMITTED;
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await sequelize.transaction({ isolationLevel }, work);
    } catch (error) {
      // Of two that make the same thing at once the second finds it there the next time.
      const isConflict = isLockConflict(error) || error instanceof UniqueConstraintError;
      if (attempt >= ATTEMPTS || !isConflict) throw error;
    }
  }
}

/** Reads a row so that nobody else changes it before the transaction ends. */
export const locked = (transaction: Transaction) => ({ transaction, lock: transaction.LOCK.UPDATE });
