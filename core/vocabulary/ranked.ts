import {
  belongsTo,
  isSubtype,
  membersOf,
  propertyNamed,
  propertyNames,
  typeNamed,
  type VocabularyProperty,
} from './vocabulary.ts';

/** How many steps above a type the nearest type stands that a property belongs to. */
function stepsTo({ domains }: VocabularyProperty, type: string): number {
  let above: readonly string[] = [type];
  for (let steps = 0; above.length > 0; steps += 1) {
    if (above.some((name) => domains.includes(name))) return steps;
    above = above.flatMap((name) => typeNamed(name)?.parents ?? []);
  }
  return Infinity;
}

/**
 * The properties that items of some types may have, the most particular to them first: those of the type itself before
 * those of the types above it, what is still being discussed last. Superseded ones are left out.
 */
export function propertiesOf(types: readonly string[]): readonly string[] {
  const ranked = propertyNames.flatMap((name): [string, number][] => {
    const known = propertyNamed(name);
    if (!known || known.supersededBy || !belongsTo(known, types)) return [];
    const steps = Math.min(...types.map((type) => stepsTo(known, type)));
    return [[name, steps + (known.area === '' ? 0 : 100)]];
  });
  return ranked
    .sort(([one, steps], [other, more]) => steps - more || (one < other ? -1 : 1))
    .map(([name]) => name);
}

/** What a value of a property is, as schema.org expects it: what its field has to offer. */
export interface Expected {
  readonly field: 'yesNo' | 'number' | 'date' | 'url' | 'member' | 'item' | 'text';
  /** Members of the enumerations that may be named. */
  readonly members: readonly string[];
  /** Types of the items that may stand there. */
  readonly types: readonly string[];
}

const DATA: Readonly<Record<string, Expected['field']>> = {
  Boolean: 'yesNo',
  Number: 'number',
  Integer: 'number',
  Float: 'number',
  Date: 'date',
  URL: 'url',
};
const isData = (range: string): boolean =>
  isSubtype(range, 'DataType') || range in DATA || /^(?:Text|DateTime|Time)$/.test(range);

/** What schema.org expects as a value of a property; any text for one it does not have. */
export function expectedOf(property: string): Expected {
  const ranges = propertyNamed(property)?.ranges ?? [];
  const things = ranges.filter((range) => !isData(range));
  const members = things.flatMap((range) => membersOf(range));
  const types = things.filter((range) => membersOf(range).length === 0);
  const fields = ranges.flatMap((range) => DATA[range] ?? []);
  const [only] = fields;
  const takesText = ranges.includes('Text');
  const field =
    members.length > 0 && !takesText
      ? 'member'
      : only !== undefined && !takesText && new Set(fields).size === 1
        ? only
        : types.length > 0 && !takesText && fields.length === 0
          ? 'item'
          : 'text';
  return { field, members, types };
}
