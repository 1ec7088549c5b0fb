import type * as z from 'zod';
import type { Fault } from '#core/fault';
import type { MarkupValue, ReadItem } from '#core/item';
import type { Agreement } from './grade.ts';

/** What else the record says, as far as the meaning of a value depends on it. */
export interface Around {
  /** ISO 3166-1 alpha-2; '' where the record does not say. */
  readonly country: string;
  /** The text of another fact, by its name. */
  readonly text: (fact: string) => string;
}

/** A fault of a part of a value; `part` is undefined where the value has none. */
export interface PartFault extends Fault {
  readonly part?: string;
}

/** Gives an address as it should be; '' takes it away. `part` names the part of the value that it stands in. */
export type ChangeLink = (address: string, part: string) => string;

/** The values a kind has in a comparison: what the record tells machines, what was read, and what was typed. */
interface Compared<T> {
  readonly told: T;
  readonly read: T;
  readonly typed: T;
}

/** A field of an entry: what people call it, and the kind of its text. */
export interface EntryField {
  readonly label: string;
  readonly kind: ValueKind<string>;
  /** Why an entry without it is none, in words. */
  readonly needed?: string;
}

/** What values of one sort have in common: how they are typed, kept, judged, said to machines, read again and compared. */
export interface ValueKind<T> {
  /** Names the control that edits it. */
  readonly name: string;
  readonly schema: z.ZodType<T>;
  /** The value as one text, a list with an entry a line: what stands in a sheet's cell. '' is not set. */
  readonly text: (value: T) => string;
  /** The value of such a text. Never fails: what cannot be read is kept as typed. */
  readonly parse: (text: string) => T;
  readonly judge: (value: T, around: Around) => readonly PartFault[];
  /**
   * What people meant by a text that is typed otherwise than the kind wants it ("12.3.1998"); '' for nothing else.
   * `part` names the part of the value that the text is; '' for all of it.
   */
  readonly meant?: (text: string, around: Around, part: string) => string;
  /** The value as markup gives it: what must be read back from any form. */
  readonly told: (value: T, around: Around) => T;
  readonly write: (value: T, around: Around, fact: string) => readonly MarkupValue[];
  readonly read: (item: ReadItem, property: string) => T;
  /** The value as it is set beside another in a comparison. */
  readonly show: (value: T, around: Around) => string;
  readonly grade: (values: Compared<T>, around: Around, read: Around) => Agreement;
  /** The value with every address in it that can become a link changed. */
  readonly links?: (value: T, change: ChangeLink) => T;
  /** The telephone numbers in it, as typed. */
  readonly telephones?: (value: T) => readonly string[];
  /** What becomes of it, in words for the sheet; '' where that is what was typed. */
  readonly becomes?: (value: T, around: Around) => string;
  /** Whether it is a web address, whatever else it says. */
  readonly isAddress?: boolean;
  /** Whether a machine's form of it is nobody's concern but the machine's. */
  readonly isMachineForm?: boolean;
  /** The fields of its entries, where it is a list of such. */
  readonly fields?: Readonly<Record<string, EntryField>>;
  /** How a part of it agrees, where that is more than two texts. */
  readonly gradePart?: (part: string, values: Compared<T>) => Agreement;
  /** Properties of the items that it is written as, with the names of their kinds. */
  readonly inner?: Readonly<Record<string, string>>;
}
