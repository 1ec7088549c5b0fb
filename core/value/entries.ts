import * as z from 'zod';
import { fault } from '#core/fault';
import { itemValue, type MarkupValue, type ReadItem, type Said } from '#core/item';
import { gradeShown } from './grade.ts';
import type { Around, EntryField, ValueKind } from './kind.ts';
import { entriesOf } from './text.ts';

/** One entry: a text for each field, '' where it is not set. */
export type Entry<Key extends string = string> = Readonly<Record<Key, string>>;

/** A kind whose values are lists of entries with fields. As text an entry is one line, its fields parted by " | ". */
export interface EntryKind<Key extends string = string> extends ValueKind<Entry<Key>[]> {
  readonly fields: Readonly<Record<Key, EntryField>>;
}

const escapeField = (text: string): string =>
  text.replace(/[\\|\n]/g, (character) => (character === '\n' ? '\\n' : `\\${character}`));

const unescapeField = (text: string): string =>
  text.replace(/\\([\\|n])/g, (_, character: string) => (character === 'n' ? '\n' : character));

/** The entries as text, one a line. Fields at the end that are not set are left out. */
export function writeEntries<Key extends string>(
  keys: readonly Key[],
  entries: readonly Entry<Key>[],
): string {
  return entries
    .map((entry) => {
      const cells = keys.map((key) => escapeField(entry[key]));
      while (cells.length > 1 && !cells.at(-1)?.trim()) cells.pop();
      return cells.join(' | ');
    })
    .join('\n');
}

/** An entry with a text for each key. */
const entryOf = <Key extends string>(keys: readonly Key[], text: (key: Key, at: number) => string) =>
  Object.fromEntries(keys.map((key, at) => [key, text(key, at)])) as Record<Key, string>;

/** The entries of a text. Lines without any text are no entries; cells beyond the last field join it. */
export function readEntries<Key extends string>(keys: readonly Key[], text: string): Entry<Key>[] {
  return text
    .split('\n')
    .filter((line) => line.replace(/[|\s]/g, ''))
    .map((line) => {
      const cells = line.split(/ ?(?<!(?:^|[^\\])(?:\\\\)*\\)\| ?/);
      const rest = cells.splice(keys.length - 1).join(' | ');
      return entryOf(keys, (_, at) => unescapeField(cells[at] ?? (at === cells.length ? rest : '')));
    });
}

/** A field of an entry. */
export const field = (label: string, kind: EntryField['kind'], needed?: string): EntryField => ({
  label,
  kind,
  ...(needed ? { needed } : {}),
});

/** What is particular to a kind of entries. */
interface Particulars<Key extends string> {
  /** The item, or text, that an entry is said as. */
  readonly write: (entry: Entry<Key>, around: Around, facts: readonly string[]) => MarkupValue;
  readonly read: (item: ReadItem, property: string) => readonly Entry<Key>[];
  /** Whether an entry in its plain form says enough to be told; any field does where this is left out. */
  readonly tells?: (entry: Entry<Key>) => boolean;
  /** An entry in its plain form as markup gives it. */
  readonly told?: (entry: Entry<Key>, typed: Entry<Key>, around: Around) => readonly Entry<Key>[];
  /** What of an entry must agree, in a line; the first field where this is left out. */
  readonly show?: (entry: Entry<Key>, around: Around) => string;
  readonly judge?: ValueKind<Entry<Key>[]>['judge'];
  readonly schema?: z.ZodType<Entry<Key>>;
  /** Entries without this field are dropped where its address is refused. */
  readonly linkedBy?: NoInfer<Key>;
  readonly inner?: Readonly<Record<string, string>>;
}

/** Entries with the given fields. */
export function entries<Key extends string>(
  name: string,
  fields: Readonly<Record<Key, EntryField>>,
  particulars: Particulars<Key>,
): EntryKind<Key> {
  const keys = Object.keys(fields) as Key[];
  const { write, read, tells, told, show, linkedBy } = particulars;
  const shape = Object.fromEntries(keys.map((key) => [key, fields[key].kind.schema]));
  const one = particulars.schema ?? (z.object(shape) as unknown as z.ZodType<Entry<Key>>);
  const linked = keys.filter((key) => fields[key].kind.links);
  const spoken = keys.filter((key) => fields[key].kind.telephones);
  const say = tells ?? ((entry: Entry<Key>) => Object.values(entry).some(Boolean));
  const shownOf = (list: readonly Entry<Key>[], around: Around): string =>
    show
      ? list.map((entry) => show(entry, around)).join('\n')
      : writeEntries(keys, list)
          .trim()
          .replace(/\s\|.*$/gm, '');
  return {
    name,
    fields,
    // Where a fact was one text once, records that hold it so are read.
    schema: z.preprocess(
      (value) => (typeof value === 'string' ? readEntries(keys, value) : value),
      z.array(one).max(200).default([]),
    ),
    text: (value) => writeEntries(keys, value),
    parse: (text) => readEntries(keys, text),
    judge:
      particulars.judge ??
      ((value, around) =>
        value.flatMap((entry) =>
          keys.flatMap((key) => {
            const { kind, needed } = fields[key];
            return needed && !entry[key].trim()
              ? [fault(kind.isAddress ? 'value/url' : 'value/empty', needed)]
              : kind.judge(entry[key], around);
          }),
        )),
    told: (value, around) =>
      value
        .flatMap((entry) => {
          const simple = entryOf(keys, (key) => fields[key].kind.told(entry[key], around));
          return told ? told(simple, entry, around) : [simple];
        })
        .filter(say),
    write: (value, around, fact) => value.map((entry) => write(entry, around, [fact])),
    read: (item, property) => [...read(item, property)],
    show: shownOf,
    grade: (values, around, readAround) =>
      gradeShown(shownOf(values.told, around), shownOf(values.read, readAround), { isList: true }),
    becomes: (value) => entriesOf(value.length),
    ...(linked.length > 0
      ? {
          links: (value, change) =>
            value
              .map((entry) => ({
                ...entry,
                ...Object.fromEntries(linked.map((key) => [key, change(entry[key], key)])),
              }))
              .filter((entry) => !linkedBy || entry[linkedBy] !== ''),
        }
      : {}),
    ...(spoken.length > 0
      ? { telephones: (value) => value.flatMap((entry) => spoken.map((key) => entry[key])) }
      : {}),
    inner: particulars.inner ?? Object.fromEntries(keys.map((key) => [key, fields[key].kind.name])),
  };
}

/** An item whose properties are called as the fields are. */
export const fieldsItem =
  <Key extends string>(type: string, fields: Readonly<Record<Key, EntryField>>) =>
  (entry: Entry<Key>, around: Around, facts: readonly string[]): MarkupValue =>
    itemValue(
      type,
      (Object.keys(fields) as Key[]).map((key): Said => [
        key,
        fields[key].kind.write(entry[key], around, ''),
      ]),
      facts,
    );
