import { days } from '#core/hours';
import type { BusinessRecord } from './record.ts';

/** The groups of the fact sheet, in their order. */
export const factGroups = ['identity', 'place', 'hours', 'contact', 'offer', 'profiles', 'images'] as const;
export type FactGroup = (typeof factGroups)[number];

/** A fact of the record: a key of it, or of one of its compound facts. */
export type Fact =
  | Exclude<keyof BusinessRecord, 'address' | 'pin' | 'hours'>
  | `address.${keyof BusinessRecord['address']}`
  | `pin.${keyof BusinessRecord['pin']}`
  | `hours.${keyof BusinessRecord['hours']}`;

interface FactRow {
  readonly fact: Fact;
  readonly label: string;
  readonly group: FactGroup;
  /** What the local business guidelines say of it. */
  readonly wanted: 'required' | 'recommended' | 'optional';
}

const row = (
  fact: Fact,
  label: string,
  group: FactGroup,
  wanted: FactRow['wanted'] = 'optional',
): FactRow => ({ fact, label, group, wanted });

/** Every fact with what people call it, where it stands in the sheet and how much it is wanted. */
export const factRows: readonly FactRow[] = [
  row('name', 'Name', 'identity', 'required'),
  row('types', 'Type', 'identity', 'required'),
  row('url', 'Page address', 'identity', 'recommended'),
  row('id', '@id', 'identity'),
  row('description', 'Description', 'identity'),
  row('address.streetAddress', 'Street', 'place', 'required'),
  row('address.addressLocality', 'Town', 'place', 'required'),
  row('address.addressRegion', 'Region', 'place'),
  row('address.postalCode', 'Postal code', 'place', 'required'),
  row('address.addressCountry', 'Country', 'place', 'required'),
  row('pin.latitude', 'Latitude', 'place', 'recommended'),
  row('pin.longitude', 'Longitude', 'place', 'recommended'),
  ...days.map((day) => row(`hours.${day}`, day, 'hours', 'recommended')),
  row('telephone', 'Telephone', 'contact', 'recommended'),
  row('priceRange', 'Price range', 'offer', 'recommended'),
  row('sameAs', 'Profiles', 'profiles'),
  row('image', 'Images', 'images', 'recommended'),
];

const rowsByFact = new Map<string, FactRow>(factRows.map((entry) => [entry.fact, entry]));

/** What people call a fact. */
export const factLabel = (fact: Fact): string => rowsByFact.get(fact)?.label ?? fact;

/** A fact's text as typed; a list with one entry a line. */
export function factText(record: BusinessRecord, fact: Fact): string {
  const [head = '', part = ''] = fact.split('.');
  const value: unknown = Reflect.get(record, head);
  if (Array.isArray(value)) return value.join('\n');
  return String((part && value && typeof value === 'object' ? Reflect.get(value, part) : value) ?? '');
}

/** The record with one fact set from its text. Lists are split at line breaks, blank lines left out. */
export function withFact(record: BusinessRecord, fact: Fact, text: string): BusinessRecord {
  const [head = '', part = ''] = fact.split('.');
  const value: unknown = Reflect.get(record, head);
  if (Array.isArray(value)) {
    const entries = text.split('\n').map((entry) => entry.trim());
    return { ...record, [head]: entries.filter(Boolean) };
  }
  return {
    ...record,
    [head]: part && value && typeof value === 'object' ? { ...value, [part]: text } : text,
  };
}

/** What the guidelines recommend and the record does not say, by label: hours and pin count once. */
export function lackingFacts(record: BusinessRecord): readonly string[] {
  const said = new Set<string>();
  const wanted = new Set<string>();
  for (const { fact, label, group, wanted: weight } of factRows) {
    if (weight !== 'recommended') continue;
    const name = group === 'hours' ? 'Hours' : fact.startsWith('pin.') ? 'Coordinates' : label;
    wanted.add(name);
    if (factText(record, fact).trim()) said.add(name);
  }
  return [...wanted].filter((name) => !said.has(name));
}
