import type { Fact } from '#core/record';

/** A fact, or facts that belong together, as found somewhere: to be accepted or not. */
export interface Proposal {
  /** What can be set only once of several proposals: the record's key. */
  readonly unit: string;
  readonly label: string;
  readonly values: readonly { readonly fact: Fact; readonly text: string }[];
  /** The values in a line for people. */
  readonly shown: string;
  /** Where it was found: "JSON-LD, line 12", "page title". */
  readonly where: string;
  readonly from: 'markup' | 'page' | 'sheet';
}
