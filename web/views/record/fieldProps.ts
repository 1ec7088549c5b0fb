import type { BusinessRecord, Fact, FactRow } from '#core/record';

export type SetFact = (fact: Fact, text: string) => void;
export type ChangeRecord = (change: (record: BusinessRecord) => BusinessRecord) => void;

/** What every control of a fact's value is given. */
export interface FieldProps {
  readonly row: FactRow;
  readonly label: string;
  readonly text: string;
  readonly onSet: SetFact;
  readonly change: ChangeRecord;
  readonly describedBy: string | undefined;
  /** Whether a machine reads it wrong or not at all. */
  readonly invalid: boolean;
}
