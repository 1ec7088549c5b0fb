import * as z from 'zod';
import { faultTable, type FaultCode } from './table.ts';

/**
 * **must**: a machine reads it wrong or not at all. **should**: poorer than it could be, or against the
 * guidelines. **note**: worth knowing.
 */
export const gradeSchema = z.enum(['must', 'should', 'note']);
export type Grade = z.infer<typeof gradeSchema>;

/** Something wrong with a value, before anyone knows where the value stands. */
export interface Fault {
  readonly code: FaultCode;
  /** For people: what a machine makes of it and what to do. */
  readonly message: string;
}

export const fault = (code: FaultCode, message: string): Fault => ({ code, message });

export const gradeOf = (code: FaultCode): Grade => faultTable[code].grade;

/** The worse of two grades comes first when sorted by this. */
export const gradeOrder: Readonly<Record<Grade, number>> = { must: 0, should: 1, note: 2 };
