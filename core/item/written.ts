import { plainText } from '#core/text';

/** What is to be said of a thing in the words of schema.org, before any syntax. Nothing in it is blank. */
export interface MarkupItem {
  readonly types: readonly string[];
  readonly id: string;
  readonly properties: readonly MarkupProperty[];
}

export interface MarkupProperty {
  readonly name: string;
  /** Names of the facts it is made from: its lines in the output belong to them. */
  readonly facts: readonly string[];
  readonly values: readonly MarkupValue[];
  /** It says what kind of thing the item is: visitors read that from the label. */
  readonly silent?: boolean;
  /** The order of its values means something (JSON-LD 1.1, 4.3.1). */
  readonly isList?: true;
  /** It is written as it came, not as the record would say it. */
  readonly asItCame?: true;
}

export type MarkupValue =
  | {
      readonly kind: 'text';
      readonly text: string;
      readonly language?: string;
      readonly datatype?: string;
    }
  | { readonly kind: 'link'; readonly text: string }
  | { readonly kind: 'number'; readonly text: string }
  | { readonly kind: 'boolean'; readonly text: string }
  | { readonly kind: 'item'; readonly item: MarkupItem };

export const textValue = (value: string): MarkupValue => ({ kind: 'text', text: plainText(value) });
export const linkValue = (value: string): MarkupValue => ({ kind: 'link', text: plainText(value) });
/** A number where the text is one as JSON writes it, else the text. Trailing zeros are kept: they say how exact a pin is. */
export const numberValue = (value: string): MarkupValue => ({
  kind: /^-?(0|[1-9]\d*)(\.\d+)?$/.test(plainText(value)) ? 'number' : 'text',
  text: plainText(value),
});

/** An item without any property of its own: a reference to another. */
export const reference = (id: string): MarkupValue => ({
  kind: 'item',
  item: { types: [], id, properties: [] },
});

/** A property as it is handed in: values may be blank, and `facts` is left out where it is the item's own. */
export type Said = readonly [name: string, values: readonly MarkupValue[], facts?: readonly string[]];

const saysSomething = (value: MarkupValue): boolean =>
  value.kind === 'item' ? value.item.properties.length > 0 : value.text !== '';

/** The property without blank values; undefined where nothing is left. */
export function property(
  name: string,
  values: readonly MarkupValue[],
  facts: readonly string[],
): MarkupProperty | undefined {
  const [only] = values;
  if (!only) return undefined;
  const kept =
    values.length === 1 ? (saysSomething(only) ? values : []) : values.filter((one) => saysSomething(one));
  return kept.length > 0 ? { name, facts, values: kept } : undefined;
}

/** An item of the properties that say something, as a value. */
export function itemValue(
  types: string | readonly string[],
  said: readonly Said[],
  facts: readonly string[],
  id = '',
): MarkupValue {
  const properties = said.flatMap(([name, values, own = facts]) => property(name, values, own) ?? []);
  return {
    kind: 'item',
    item: { types: typeof types === 'string' ? [types] : types, id: plainText(id), properties },
  };
}

/** The text of a value; '' for an item. */
export const valueText = (value: MarkupValue | undefined): string =>
  value && value.kind !== 'item' ? value.text : '';
