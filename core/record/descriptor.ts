import type { MarkupProperty, ReadItem } from '#core/item';
import type { Around, ValueKind } from '#core/value';
import { isSubtype } from '#core/vocabulary';

/** The groups of the fact sheet, in their order, and what people call them. */
export const groupLabels = {
  identity: 'Identity',
  place: 'Place',
  hours: 'Hours',
  contact: 'Contact',
  offer: 'Offer',
  profiles: 'People and profiles',
  images: 'Images',
  other: 'Other',
} as const;
export type FactGroup = keyof typeof groupLabels;
export const factGroups = Object.keys(groupLabels) as readonly FactGroup[];

/** How much the guideline profile wants a fact. */
export type Wanted = 'required' | 'recommended' | 'optional';

/** How a visitor's page is searched for a fact. */
export type Look =
  | 'words'
  | 'name'
  | 'town'
  | 'region'
  | 'code'
  | 'street'
  | 'country'
  | 'telephone'
  | 'fax'
  | 'vat'
  | 'email'
  | 'hours'
  | 'price'
  | 'arrival'
  | 'departure'
  | 'founded';

/** What people see of a fact, or of one part of it. */
export interface RowSpec {
  readonly label: string;
  /** What it is good for, for those who look for a fact to add. */
  readonly about: string;
  readonly wanted?: Wanted;
  /** What an empty field shows. */
  readonly hint?: string;
  /** Headings of its column in spreadsheets, folded, in the languages that have them, parted by semicolons. */
  readonly headings?: string;
  /** Whether a sheet that is written without a model has its column. */
  readonly usual?: true;
  /** The question of the intake sheet, in words that need no knowledge of the trade, and its place among them. */
  readonly ask?: { readonly at: number; readonly question: string; readonly how: string };
  readonly look?: Look;
  /** Whether it stands in the sheet though nothing is set: always, or never but with another row. */
  readonly shown?: 'always' | 'beside';
  /** Whether what machines are told and what visitors read must be the same words. */
  readonly sameWords?: true;
  /** Whether a business is known again by it: a page that says it must not say another. */
  readonly identifying?: true;
  /** Whether a property put into a page is written for visitors to see. */
  readonly visible?: true;
}

/** Everything that is known of a fact. Whatever concerns facts is derived from these (see `docs/facts.md`). */
export interface Descriptor<T> {
  readonly kind: ValueKind<T>;
  readonly group: FactGroup;
  /** A row for each part; one with the name '' for a fact without parts. */
  readonly rows: Readonly<Record<string, RowSpec>>;
  /** What the parts are called together. */
  readonly whole?: string;
  /** The question of the intake sheet for all parts together. */
  readonly ask?: RowSpec['ask'];
  /** Wanted, and asked for, of this type and its subtypes only. */
  readonly of?: string;
  /** The property of schema.org that says it; '@type' and '@id' as JSON-LD calls them; '' where no markup says it. */
  readonly property: string;
  /** Properties that say the same: read, but not written. */
  readonly alsoRead?: readonly string[];
  /** The property that it is written behind, where that is not the one before it in the sheet. */
  readonly after?: string;
  /** Names of the facts that its lines of markup belong to; its own where this is left out. */
  readonly facts?: readonly string[];
  readonly write?: (value: T, around: Around) => readonly MarkupProperty[];
  /** Its shorter form in JSON-LD. */
  readonly short?: (value: T) => readonly MarkupProperty[];
  readonly read?: (item: ReadItem) => T;
  readonly told?: (value: T, around: Around) => T;
  /** Whether parts come from the client one by one, not only as a whole. */
  readonly inheritedByPart?: true;
  /** Whether two people may change different parts: half of one pin and half of another would be a third place. */
  readonly changedByPart?: true;
  /** The fact that it says nothing without. */
  readonly goesWith?: string;
  /** Whether nobody asks for it of a business whose other facts are these. */
  readonly spared?: (around: Around) => boolean;
  /** What is told where it is not set. */
  readonly required?: string;
  /** Why markup should tell it; how much it is asked for stands in the published lists. */
  readonly guideline?: {
    /** Not asked for more than this, whatever the lists say. */
    readonly atMost?: 'worth-having';
    readonly why: string;
    /** Properties that do as well. */
    readonly also?: readonly string[];
  };
  /** The comparison with markup and page: facts that may never differ (`core`) and the ones that stand `first`. */
  readonly compared?: {
    readonly core?: true;
    readonly first?: number;
    /** Its parts are compared together; or markup is shown as it is typed, not as people see it. */
    readonly as?: 'whole' | 'typed';
    readonly look?: Look;
    readonly identifying?: true;
  };
  readonly block?: {
    /** What stands before the value when the block has labels. */
    readonly label?: string;
    /** Its place; what has none follows in the order of the markup. */
    readonly at?: number;
    /** No visitor reads it. */
    readonly forMachines?: true;
    /** A list of bare names reads best in one line. */
    readonly inLine?: true;
    /** Whether it stands on a contact card. */
    readonly card?: true;
    /** What the link to its place on a map is called. */
    readonly linkText?: string;
    /** A number that nobody rings. */
    readonly undialled?: true;
  };
  /** What a machine makes of it, in plain words; '' where the text says it all. `record` is what it should be. */
  readonly understood?: Readonly<
    Record<
      string,
      (value: T, around: Around, record: { readonly value: T; readonly around: Around } | undefined) => string
    >
  >;
}

type One = Omit<Descriptor<unknown>, 'kind' | 'group' | 'rows' | keyof Typed> & RowSpec;
interface Typed {
  readonly write?: unknown;
  readonly short?: unknown;
  readonly read?: unknown;
  readonly told?: unknown;
  readonly understood?: unknown;
}
type Particular<T> = Pick<Descriptor<T>, 'write' | 'short' | 'read' | 'told' | 'understood'>;

/** Whether a business is of one of these types, or of one below them. */
export const isAmong = ({ text }: Around, ...types: readonly string[]): boolean =>
  text('types')
    .split('\n')
    .some((type) => types.some((one) => isSubtype(type, one)));

/** A fact without parts. */
export const fact = <T>(
  group: FactGroup,
  kind: ValueKind<T>,
  {
    label,
    about,
    wanted,
    hint,
    headings,
    usual,
    ask,
    look,
    shown,
    sameWords,
    identifying,
    visible,
    ...spec
  }: One,
  particular: Particular<T> = {},
): Descriptor<T> => ({
  kind,
  group,
  rows: {
    '': { label, about, wanted, hint, headings, usual, ask, look, shown, sameWords, identifying, visible },
  },
  ...spec,
  ...particular,
});

/** A fact whose parts people see by themselves. */
export const partedFact = <T extends object>(
  group: FactGroup,
  kind: ValueKind<T>,
  rows: Readonly<Record<keyof T & string, RowSpec>>,
  spec: Omit<Descriptor<T>, 'kind' | 'group' | 'rows'>,
): Descriptor<T> => ({ kind, group, rows, ...spec });
