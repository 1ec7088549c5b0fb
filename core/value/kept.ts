import * as z from 'zod';
import { fault } from '#core/fault';
import type { JsonValue } from '#core/item';
import { remember } from '#core/text';
import { memberNamed, nearestName, propertyNamed, propertyNames } from '#core/vocabulary';
import { entries, type Entry } from './entries.ts';
import type { PartFault } from './kind.ts';
import { textKind } from './text.ts';

/**
 * One value of a property as people read and type it; '' for a property that was not said. `was` is what the record
 * itself would have said of the property when it came: as long as it still would, the property stays as it came.
 */
export type Kept = Entry<'property' | 'value' | 'was'>;

/** How deep a value may be nested: nobody describes a place of business deeper, and hostile markup does. */
const MOST_DEEP = 30;
/** Characters of one value, and values of one record. */
const MOST_CHARACTERS = 20_000;
const MOST_VALUES = 500;
/** What nodes beside the business stand under, which are no property of it. */
export const BESIDES = '@graph';

const NUMBERS = new Set(['Number', 'Integer', 'Float']);
const rangesOf = (property: string): readonly string[] => propertyNamed(property)?.ranges ?? [];

/** Whether a text of JSON is not nested deeper than is read. */
function isShallow(text: string): boolean {
  let depth = 0;
  for (const [bracket] of text.replace(/"(?:[^"\\]|\\.)*"/g, '').matchAll(/[[\]{}]/g)) {
    depth += bracket === '{' || bracket === '[' ? 1 : -1;
    if (depth > MOST_DEEP) return false;
  }
  return true;
}

function parsed(text: string): unknown {
  if (!isShallow(text)) return undefined;
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** A value of JSON without nulls, which say nothing; undefined where it is none. */
function jsonValue(value: unknown): JsonValue | undefined {
  if (typeof value === 'string' || typeof value === 'boolean') return value;
  if (typeof value === 'number') return Number.isFinite(value) ? value : undefined;
  if (value === null || typeof value !== 'object' || Array.isArray(value)) return undefined;
  const said = Object.entries(value).flatMap(([name, one]): [string, JsonValue | readonly JsonValue[]][] => {
    if (!Array.isArray(one)) {
      const single = jsonValue(one);
      return single === undefined ? [] : [[name, single]];
    }
    const values = jsonValuesIn(one);
    return values.length > 0 ? [[name, values]] : [];
  });
  return Object.fromEntries(said);
}

const jsonValuesIn = (list: readonly unknown[]): readonly JsonValue[] =>
  list.map(jsonValue).filter((value) => value !== undefined);

/**
 * What a typed text says as a value of a property: a number, a truth or the member of an enumeration where
 * schema.org expects one, an item where it is JSON of one, text otherwise; in double quotes the very text.
 */
export function keptJson({ property, value }: Pick<Kept, 'property' | 'value'>): JsonValue {
  const text = value.trim();
  if (/^["{]/.test(text)) {
    const json = jsonValue(parsed(text));
    const [literal, ...others] = typeof json === 'object' ? Object.entries(json) : [];
    if (literal?.[0] === '@value' && others.length === 0 && typeof literal[1] !== 'object') return literal[1];
    if (json !== undefined) return json;
  }
  const ranges = rangesOf(property);
  if (ranges.some((range) => NUMBERS.has(range)) && /^-?(?:0|[1-9]\d{0,14})(?:\.\d{1,14})?$/.test(text))
    return Number(text);
  if (ranges.includes('Boolean') && /^(?:true|false)$/.test(text)) return text === 'true';
  const member = memberNamed(text);
  if (member?.enumerations.some((enumeration) => ranges.includes(enumeration)))
    return `https://schema.org/${text}`;
  return value;
}

/** What the record said of the property, as values of JSON. */
export function wasJson({ was }: Kept): readonly JsonValue[] {
  const json = was ? parsed(was) : [];
  return Array.isArray(json) ? jsonValuesIn(json) : [];
}

/** A value as text that says the same again: bare where that is enough, else as JSON. */
export function keptText(property: string, json: JsonValue): string {
  const bare =
    typeof json === 'string'
      ? json.replace(/^https:\/\/schema\.org\/(?=[A-Z]\w*$)/, '')
      : typeof json === 'object'
        ? ''
        : String(json);
  for (const text of [bare, typeof json === 'string' ? json : ''])
    if (text !== '' && !text.includes('\n') && keptJson({ property, value: text }) === json) return text;
  // A number or truth where schema.org expects none would be read as text.
  return JSON.stringify(typeof json === 'object' || typeof json === 'string' ? json : { '@value': json });
}

/** The property that is most like a name: the same names are asked for at each letter that is typed among them. */
const nearestProperty = remember((name) => nearestName(name, propertyNames));

function judged({ property, value }: Kept): readonly PartFault[] {
  const name = property.trim();
  if (!name) return [fault('value/empty', 'Name the property that this is a value of.')];
  if (/^\s*\{/.test(value) && typeof keptJson({ property, value }) !== 'object')
    return [
      fault(
        'vocabulary/value-kind',
        isShallow(value)
          ? `The value of ${name} begins as an item, but cannot be read as JSON. It is written as text.`
          : `The value of ${name} is nested too deep to be read. It is written as text.`,
      ),
    ];
  if (name.startsWith('@') || name.includes(':')) return [];
  const known = propertyNamed(name);
  if (!known) {
    const near = nearestProperty(name);
    return [
      fault(
        'vocabulary/unknown-property',
        `schema.org has no property ${name}.${near ? ` Did you mean ${near}?` : ''}`,
      ),
    ];
  }
  return known.supersededBy
    ? [fault('vocabulary/superseded', `${name} has been superseded by ${known.supersededBy}.`)]
    : [];
}

/** Whatever the record has no fact for: values of any property, written as they are. */
export const keptValues = {
  ...entries(
    'kept',
    {
      property: { label: 'Property', kind: textKind('text', {}, 300) },
      value: { label: 'Value', kind: textKind('prose', {}, MOST_CHARACTERS) },
      was: { label: 'Written of itself', kind: textKind('text', {}, MOST_CHARACTERS) },
    },
    {
      judge: (value) => value.flatMap(judged),
      write: () => ({ kind: 'text', text: '' }),
      read: () => [],
      inner: {},
    },
  ),
  // Nothing of it is read back as such: what it says is read as the properties it became.
  told: (): Kept[] => [],
  schema: z
    .array(
      z.object({
        property: z.string().max(300),
        value: z.string().max(MOST_CHARACTERS),
        was: z.string().max(MOST_CHARACTERS).default(''),
      }),
    )
    .max(MOST_VALUES)
    .default([]),
};

/** Values in the bounds of what a record keeps, and the names of the properties that had to be left behind. */
export function withinBounds(values: readonly Kept[]): {
  readonly kept: Kept[];
  readonly beyond: readonly string[];
} {
  const fits = ({ property, value, was }: Kept): boolean =>
    property.length <= 300 &&
    Math.max(value.length, was.length) <= MOST_CHARACTERS &&
    isShallow(value) &&
    isShallow(was);
  const fitting = values.filter(fits);
  const beyond = [...values.filter((one) => !fits(one)), ...fitting.slice(MOST_VALUES)];
  return {
    kept: fitting.slice(0, MOST_VALUES),
    beyond: [...new Set(beyond.map(({ property }) => property))],
  };
}
