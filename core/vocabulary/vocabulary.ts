import { memberRows, businessRows, propertyRows, typeRows } from './terms.ts';

/** A type (class) of schema.org. `area` is `pending`, `attic`, … or '' for the core vocabulary. */
export interface VocabularyType {
  readonly name: string;
  readonly parents: readonly string[];
  readonly area: string;
  readonly supersededBy: string;
}

/** A property of schema.org with the types it belongs to and the types its values may have. */
export interface VocabularyProperty {
  readonly name: string;
  readonly domains: readonly string[];
  readonly ranges: readonly string[];
  readonly area: string;
  readonly supersededBy: string;
}

/** A member of an enumeration of schema.org, such as `Monday` of `DayOfWeek`. */
export interface VocabularyMember {
  readonly name: string;
  readonly enumerations: readonly string[];
  readonly supersededBy: string;
}

const list = (cell: string | undefined): string[] => (cell ? cell.split(',') : []);

function index<T extends { readonly name: string }>(
  rows: string,
  read: (cells: string[]) => T,
): Map<string, T> {
  return new Map(
    rows.split('\n').map((row) => {
      const term = read(row.split('|'));
      return [term.name, term];
    }),
  );
}

const types = index<VocabularyType>(typeRows, ([name = '', parents, area = '', supersededBy = '']) => ({
  name,
  parents: list(parents),
  area,
  supersededBy,
}));

const properties = index<VocabularyProperty>(
  propertyRows,
  ([name = '', domains, ranges, area = '', supersededBy = '']) => ({
    name,
    domains: list(domains),
    ranges: list(ranges),
    area,
    supersededBy,
  }),
);

const members = index<VocabularyMember>(memberRows, ([name = '', enumerations, supersededBy = '']) => ({
  name,
  enumerations: list(enumerations),
  supersededBy,
}));

const descriptions = index(businessRows, ([name = '', description = '']) => ({ name, description }));

/** The type of this exact name, or undefined where schema.org has none. */
export const typeNamed = (name: string): VocabularyType | undefined => types.get(name);

/** The property of this exact name, or undefined where schema.org has none. */
export const propertyNamed = (name: string): VocabularyProperty | undefined => properties.get(name);

/** The enumeration member of this exact name, or undefined where schema.org has none. */
export const memberNamed = (name: string): VocabularyMember | undefined => members.get(name);

/** What schema.org says of an organisation's or a public place's type; '' for every other name. */
export const describeType = (name: string): string => descriptions.get(name)?.description ?? '';

const memberNames = new Map<string, string[]>();
for (const { name, enumerations } of members.values())
  for (const enumeration of enumerations)
    memberNames.set(enumeration, [...(memberNames.get(enumeration) ?? []), name]);

/** The members of an enumeration, in the order of the alphabet; none for a name that is no enumeration. */
export const membersOf = (enumeration: string): readonly string[] => memberNames.get(enumeration) ?? [];

const ancestry = new Map<string, ReadonlySet<string>>();

/** The type and everything above it, up to Thing. Empty for a name schema.org does not have. */
function typeAndAncestors(name: string): ReadonlySet<string> {
  const known = ancestry.get(name);
  if (known) return known;
  const type = types.get(name);
  const found = new Set<string>();
  if (type) {
    found.add(name);
    for (const parent of type.parents) for (const above of typeAndAncestors(parent)) found.add(above);
  }
  ancestry.set(name, found);
  return found;
}

/** Whether `name` is `ancestor` or one of its subtypes. */
export const isSubtype = (name: string, ancestor: string): boolean => typeAndAncestors(name).has(ancestor);

/** Whether one of an item's types is one of these, or under it: a Dentist is a LocalBusiness. */
export const areOf = (typeNames: readonly string[], ...above: readonly string[]): boolean =>
  typeNames.some((name) => above.some((ancestor) => isSubtype(name, ancestor)));

/** Whether a property belongs to a type or to one of the types above it (schema.org `domainIncludes`). */
export function belongsTo(property: VocabularyProperty, typeNames: readonly string[]): boolean {
  return typeNames.some((name) => {
    const above = typeAndAncestors(name);
    return above.size === 0 || property.domains.some((domain) => above.has(domain));
  });
}

/** The same for a name; false for one that is no property. */
export function isPropertyOf(name: string, typeNames: readonly string[]): boolean {
  const property = propertyNamed(name);
  return property !== undefined && belongsTo(property, typeNames);
}

/** The types of organisations and of public places (churches, museums), in the order of the alphabet. */
export const businessTypes: readonly VocabularyType[] = [...descriptions.keys()].flatMap(
  (name) => types.get(name) ?? [],
);

/** All types and all properties, for looking up the nearest name. */
export const typeNames: readonly string[] = [...types.keys()];
export const propertyNames: readonly string[] = [...properties.keys()];

const below = new Map<string, string[]>();
for (const { name, parents } of types.values())
  for (const parent of parents) below.set(parent, [...(below.get(parent) ?? []), name]);

/** The types directly below a type, in the order of the alphabet. */
export const subtypesOf = (name: string): readonly string[] => below.get(name) ?? [];

/** The ways down from an ancestor to a type, both included; a type with several parents has several. */
export function typePathsTo(ancestor: string, name: string): readonly (readonly string[])[] {
  if (name === ancestor) return [[name]];
  return (types.get(name)?.parents ?? [])
    .filter((parent) => isSubtype(parent, ancestor))
    .flatMap((parent) => typePathsTo(ancestor, parent).map((path) => [...path, name]));
}
