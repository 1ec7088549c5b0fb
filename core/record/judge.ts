import { gradeOf, type Fault, type Grade } from '#core/fault';
import { aroundOf, isFact, knownFacts } from './fact.ts';
import type { Fact } from './facts.ts';
import type { BusinessRecord } from './record.ts';

/** Something wrong with a fact of the record. `grade` is that of its code. */
export interface FactFault extends Fault {
  readonly fact: Fact;
  readonly grade: Grade;
}

/** The faults of all facts that are set, and the facts the guidelines require that are not. */
export function judgeRecord(record: BusinessRecord): readonly FactFault[] {
  const around = aroundOf(record);
  return knownFacts.flatMap(({ key, judge }) =>
    judge(record, around).flatMap(({ part, code, message }) => {
      const fact = part ? `${key}.${part}` : key;
      return isFact(fact) ? [{ fact, code, message, grade: gradeOf(code) }] : [];
    }),
  );
}
