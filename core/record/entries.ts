import { readEntries as read, writeEntries as write, type Entry } from '#core/value';
import { factOf } from './fact.ts';

/** The fields of a fact that is a list of entries (services with their pages), in their order; undefined for others. */
export function entryFields(
  fact: string,
): readonly { readonly key: string; readonly label: string; readonly kind: string }[] | undefined {
  const fields = factOf(fact)?.kind.fields;
  return fields && Object.entries(fields).map(([key, { label, kind }]) => ({ key, label, kind: kind.name }));
}

const keysOf = (fact: string): readonly string[] => Object.keys(factOf(fact)?.kind.fields ?? {});

/** The entries as text, one a line: the form in spreadsheets and intake sheets. */
export const writeEntries = (fact: string, entries: readonly Entry[]): string => write(keysOf(fact), entries);

/** The entries of such a text. */
export const readEntries = (fact: string, text: string): readonly Entry[] => read(keysOf(fact), text);
